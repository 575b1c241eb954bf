/** How a house style shows things. */

import { demonstrate, hand, limitsOf, preferredWay, type Demonstrated, type Way } from '@pond-loop/core/craft';
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

export const shownIn = (style: HouseStyle, asked: Crossing): Demonstrated => demonstrate(asked, style.demonstrates);

/** The way that is meant: the chosen one where it makes this crossing, else the one that the style prefers. */
export const wayIn = (style: HouseStyle, c: Crossing, chosen?: string): string =>
	chosen !== undefined && hand.plan(c, chosen).ok ? chosen : preferredWay(c, style);

/** Words for the hands, with the needles called as these hands hold them. */
export const wordsIn = (
	style: HouseStyle,
	trace: Parameters<typeof hand.words>[0],
	step: number,
): ReturnType<typeof hand.words> =>
	hand.words(trace, step, { workedOff: isLeftHanded(style) ? 'right' : 'left', yarnHand: style.yarnHand });

/** What is said of a way; one that was found keeps its limits in its id. */
export const wayOf = (id: string): Way =>
	hand.ways.find((w) => w.id === (limitsOf(id) ? 'found' : id)) ?? hand.ways[0]!;

/** Whether a way without a holder is wider than this teacher goes without one. */
export function isTooWide(style: HouseStyle, c: Crossing, way: string): boolean {
	return hand.ways.some((w) => w.id === way && w.holders === 0) && c.n > style.withoutHolderUpTo;
}
