/** How a house style shows things. */

import {
	craftOf,
	demonstrate,
	hand,
	limitsOf,
	loomLike,
	machineLike,
	planIn,
	preferredWay,
	waysFor,
	type Craft,
	type CraftId,
	type Demonstrated,
	type Taken,
	type Way,
} from '@pond-loop/core/craft';
import { kept } from '@pond-loop/core/kept';
import type { Crossing } from '@pond-loop/core/crossing';
import type { StageOptions } from '@pond-loop/core/drawing';
import type { HouseStyle } from '@pond-loop/core/schema';

export type StageLook = Required<Pick<StageOptions, 'mirrored' | 'yarnHand' | 'holderShape' | 'side'>>;

export const isLeftHanded = (style: HouseStyle): boolean => style.demonstrates !== 'right';

/** What the stage looks like in this style. */
export const lookOf = (style: HouseStyle): StageLook => ({
	mirrored: isLeftHanded(style),
	yarnHand: style.yarnHand,
	holderShape: style.holderShape,
	side: style.sides.right,
});

const loomIn = kept(
	40,
	(...told: Parameters<typeof loomLike>) => JSON.stringify(told),
	(...told) => loomLike(...told),
);
const machineIn = kept(
	40,
	(...told: Parameters<typeof machineLike>) => JSON.stringify(told),
	(...told) => machineLike(...told),
);

/** A craft on the tools of this style's class; the same object for the same tools. */
export function craftIn(style: HouseStyle, id: CraftId): Craft {
	switch (id) {
		case 'loom':
			return loomIn({ shape: style.loomShape, direction: style.wrapWay, gauge: style.pegGauge });
		case 'machine':
			return machineIn({ tension: style.bedNumber, fibre: style.bedYarn, holding: style.bedLever === 'on' });
		default:
			return craftOf(id);
	}
}

/** A crossing in the hands of this style; tools that stand by themselves have none to mirror. */
export const shownIn = (style: HouseStyle, asked: Crossing, craft: Craft = hand): Demonstrated =>
	demonstrate(asked, craft.isHanded ? style.demonstrates : 'right');

/** The way that is meant: the chosen one where it makes this crossing, else the one that the style prefers. */
export function wayIn(style: HouseStyle, c: Crossing, chosen?: string, craft: Craft = hand): string {
	if (chosen !== undefined && planIn(craft, c, chosen).ok) return chosen;
	const preferred = preferredWay(c, style);
	return planIn(craft, c, preferred).ok ? preferred : (waysFor(craft, c)[0]?.id ?? craft.ways[0]!.id);
}

/** Whether a chart is turned left to right: for left hands that make the mirrored fabric, and never at a loom or a bed. */
export const isChartMirrored = (style: HouseStyle, craft: Craft): boolean =>
	craft.isHanded && isLeftHanded(style) && style.demonstrates !== 'left-same';

/** What a drawing of the stage is told of the loops of a craft. */
export const loopsIn = ({
	names,
	cords,
	fabric,
	yarns,
}: Taken): Pick<StageOptions, 'names' | 'cords' | 'fabric' | 'yarns'> => ({
	...(names ? { names } : {}),
	...(cords ? { cords } : {}),
	...(fabric ? { fabric } : {}),
	...(yarns ? { yarns } : {}),
});

/** Words for the hands, with the needles called as these hands hold them. */
export const wordsIn = (
	style: HouseStyle,
	trace: Parameters<typeof hand.words>[0],
	step: number,
	craft: Craft = hand,
): ReturnType<typeof hand.words> =>
	craft.words(trace, step, { workedOff: isLeftHanded(style) ? 'right' : 'left', yarnHand: style.yarnHand });

/** What is said of a way; one that was found keeps its limits in its id. */
export const wayOf = (id: string, craft: Craft = hand): Way =>
	craft.ways.find((w) => w.id === (limitsOf(id) ? 'found' : id)) ?? craft.ways[0]!;

/** The tools of a way, counted: holders for hands and pegs, transfer tools for a bed. */
export function toolsSaid(tools: number, craft: Craft): string {
	const one = craft.id === 'machine' ? 'transfer tool' : 'holder';
	return tools === 0 ? `no ${one}` : tools === 1 ? `one ${one}` : `two ${one}s`;
}

/** Whether a way without a holder is wider than this teacher goes without one. */
export function isTooWide(style: HouseStyle, c: Crossing, way: string): boolean {
	return hand.ways.some((w) => w.id === way && w.holders === 0) && c.n > style.withoutHolderUpTo;
}
