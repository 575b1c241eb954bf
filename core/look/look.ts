/** How a house style shows things: which hands, which tools, and which words. */

import {
	demonstrate,
	limitsOf,
	planIn,
	preferredWay,
	taughtByHand,
	type Craft,
	type Demonstrated,
	type Taken,
	type StepWords,
	type Way,
} from '../craft/index.ts';
import { asTwoGroups, type Crossing } from '../crossing/index.ts';
import type { StageOptions } from '../drawing/index.ts';
import type { AnyTrace } from '../handling/index.ts';
import { waysFor } from '../made/index.ts';
import { nameIn, SCHOOL_IDS, SCHOOLS, type SchoolId, type SchoolName } from '../notation/index.ts';
import type { HouseStyle } from '../schema/index.ts';

export type StageLook = Required<Pick<StageOptions, 'mirrored' | 'yarnHand' | 'holderShape' | 'side'>>;

export const isLeftHanded = (style: HouseStyle): boolean => style.demonstrates !== 'right';

/** What the stage looks like in this style. */
export const lookOf = (style: HouseStyle): StageLook => ({
	mirrored: isLeftHanded(style),
	yarnHand: style.yarnHand,
	holderShape: style.holderShape,
	side: style.sides.right,
});

/** A craft on the tools of this style's class; the same object for the same tools. */
export const withTools = (style: HouseStyle, craft: Craft): Craft => craft.withTools?.(style) ?? craft;

/** The way that is meant: the chosen one where it makes this crossing, else the one that the style prefers. */
export function wayIn(style: HouseStyle, c: Crossing, chosen: string | undefined, craft: Craft): string {
	if (chosen !== undefined && planIn(craft, c, chosen).ok) return chosen;
	const preferred = preferredWay(c, style);
	return planIn(craft, c, preferred).ok ? preferred : (waysFor(craft, c)[0]?.id ?? craft.ways[0]!.id);
}

/** A crossing in the hands of this style; tools that stand by themselves have none to mirror. */
export const shownIn = (style: HouseStyle, asked: Crossing, craft: Craft = taughtByHand): Demonstrated =>
	demonstrate(asked, craft.isHanded ? style.demonstrates : 'right');

/** What each school calls a crossing in these hands: by look what the fabric shows, by hold what the hands do. */
export const namesShown = ({ made, mirrored }: Demonstrated): readonly SchoolName[] =>
	SCHOOL_IDS.map((id) => ({ school: SCHOOLS[id], name: nameIn(id, made, mirrored) }));

/** What left hands do for the same fabric by its name in a school, where that is another name than the pattern's. */
export function nameInHands(
	style: HouseStyle,
	school: SchoolId,
	asked: Crossing,
	{ made, mirrored }: Demonstrated,
): string | undefined {
	if (!mirrored || style.demonstrates !== 'left-same') return undefined;
	const named = SCHOOLS[school].write(asked);
	const name = nameIn(school, made, mirrored);
	return named === undefined || name === named ? undefined : name;
}

/** What a drawing of the stage is told of the loops of a craft. */
export const loopsIn = ({
	names,
	cords,
	below,
	yarns,
}: Taken): Pick<StageOptions, 'names' | 'cords' | 'below' | 'yarns'> => ({
	...(names ? { names } : {}),
	...(cords ? { cords } : {}),
	...(below ? { below } : {}),
	...(yarns ? { yarns } : {}),
});

/** Words for the hands, with the needles called as these hands hold them. */
export const wordsIn = (
	style: HouseStyle,
	trace: AnyTrace,
	step: number,
	craft: Craft = taughtByHand,
	since?: number,
): StepWords =>
	craft.words(
		trace,
		step,
		{
			workedOff: isLeftHanded(style) ? 'right' : 'left',
			yarnHand: style.yarnHand,
			holder: style.holderShape,
		},
		since,
	);

/** What is said of a way; one that was found keeps its limits in its id. */
export const wayOf = (id: string, craft: Craft = taughtByHand): Way =>
	craft.ways.find((w) => w.id === (limitsOf(id) ? 'found' : id)) ?? craft.ways[0]!;

/** Words by which front and back are told from left and right in these hands; none for a tool, or where the teacher wants none. */
export function memoryFor(
	style: HouseStyle,
	{ made, mirrored }: Demonstrated,
	craft: Craft = taughtByHand,
): string | undefined {
	if (!craft.isHanded || !asTwoGroups(made)) return undefined;
	return (mirrored ? style.memory.left : style.memory.right) || undefined;
}

/** What is normal right after a crossing by hand, so that nobody undoes it. */
export const afterwards = (craft: Craft, style: HouseStyle): string | undefined =>
	craft.isHanded
		? `Right after it there is a gap beside it, and the ${style.sides.wrong} looks rough: both are normal, and the gap closes in the next row.`
		: undefined;

/** The tools of a way, counted: `one holder`, `two transfer tools`. */
export function toolsSaid(tools: number, craft: Craft): string {
	const [one, several] = craft.tool;
	return tools === 0 ? `no ${one}` : tools === 1 ? `one ${one}` : `two ${several}`;
}

/** Whether a way without a holder is wider than this teacher goes without one. */
export function isTooWide(style: HouseStyle, c: Crossing, way: string): boolean {
	return taughtByHand.ways.some((w) => w.id === way && w.holders === 0) && c.n > style.withoutHolderUpTo;
}
