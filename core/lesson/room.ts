/** Who is in the room, and which sheets they are given. */

import {
	craftOf,
	HANDS_SAID,
	PLACES,
	placeName,
	PLAIN_CRAFT,
	TOOLS,
	type Craft,
	type CraftId,
	type Demonstration,
} from '../craft/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { atTools, type Plan } from './schema.ts';
import { capital } from '../capital.ts';

/** Crafts whose tools are counted: those that stand before the worker. */
export const ROOM_TOOLS: readonly Craft[] = TOOLS.map(craftOf);

/** How many work in a craft; everybody, where nothing is known of the room. */
export function workingIn(plan: Pick<Plan, 'learners' | 'room'>, craft: string): number {
	if (!plan.room) return plan.learners;
	if (craftOf(craft).isHanded) return plan.learners - atTools(plan.room);
	return (plan.room.at as Readonly<Record<string, number | undefined>>)[craft] ?? 0;
}

/** Where people of this class work, the needles first where anybody knits by hand. */
export const placesOf = (plan: Pick<Plan, 'learners' | 'room'>): readonly CraftId[] =>
	plan.room ? PLACES.filter((place) => workingIn(plan, place) > 0) : [PLAIN_CRAFT];

export interface RoomSheet {
	readonly hands: Demonstration;
	readonly large: boolean;
	readonly at: CraftId;
	/** The hand that holds the yarn. */
	readonly yarn: HouseStyle['yarnHand'];
	readonly many: number;
}

/** How left-handed people are shown things: in the way of the style, and the same fabric where it shows right hands. */
export const leftHandsIn = ({ demonstrates }: Pick<HouseStyle, 'demonstrates'>): Demonstration =>
	demonstrates === 'right' ? 'left-same' : demonstrates;

/** The sheets that a room needs, so many of each; left-handed ones in the way of the house style. */
export function sheetsFor(
	plan: Pick<Plan, 'learners' | 'room'>,
	style: Pick<HouseStyle, 'demonstrates' | 'yarnHand'>,
): readonly RoomSheet[] {
	const { left = 0, large = 0, otherYarn = 0 } = plan.room ?? {};
	const usual = { hands: 'right', large: false, at: PLAIN_CRAFT, yarn: style.yarnHand } as const;
	const byHand = workingIn(plan, PLAIN_CRAFT) - left - large - otherYarn;
	return [
		{ ...usual, many: byHand },
		{ ...usual, hands: leftHandsIn(style), many: left },
		{ ...usual, large: true, many: large },
		{ ...usual, yarn: style.yarnHand === 'right' ? ('left' as const) : ('right' as const), many: otherYarn },
		...TOOLS.map((at) => ({ ...usual, at, many: plan.room ? workingIn(plan, at) : 0 })),
	].filter(({ many }) => many > 0);
}

/** The hands and the tool that a crossing is shown in. */
export type RoomView = Pick<RoomSheet, 'hands' | 'at'>;

/** What a room has to be shown a step in, each once: the style's own hands first, then the others that are there. */
export function viewsFor(
	plan: Pick<Plan, 'learners' | 'room'>,
	style: Pick<HouseStyle, 'demonstrates' | 'yarnHand'>,
): readonly RoomView[] {
	const own: RoomView = { hands: style.demonstrates, at: PLAIN_CRAFT };
	if (!plan.room) return [own];
	const there = sheetsFor(plan, style).map(({ hands, at }): RoomView => ({ hands, at }));
	const views = there.length === 0 || there.some(({ at }) => at === PLAIN_CRAFT) ? [own, ...there] : there;
	return views.filter((view, i) => views.findIndex((v) => v.at === view.at && v.hands === view.hands) === i);
}

/** A view by its place, or by its hands where several pairs are there. */
export const viewSaid = ({ hands, at }: RoomView, among: readonly RoomView[]): string => {
	const isOneOfSeveral = among.filter((view) => view.at === at).length > 1;
	const said = isOneOfSeveral ? HANDS_SAID[hands] : craftOf(at).place;
	return capital(said);
};

/** What sets a sheet apart from the usual one of a style: `left-handed`. */
export const sheetKind = ({ hands, large, at, yarn }: RoomSheet, style: Pick<HouseStyle, 'yarnHand'>): string =>
	at !== PLAIN_CRAFT
		? placeName(at)
		: large
			? 'in large print'
			: yarn !== style.yarnHand
				? `with the yarn in the ${yarn} hand`
				: hands === 'right'
					? 'right-handed'
					: 'left-handed';

/** `5 right-handed, 2 left-handed, 1 at the loom`. */
export const sheetsSaid = (sheets: readonly RoomSheet[], style: Pick<HouseStyle, 'yarnHand'>): string =>
	sheets.map((sheet) => `${sheet.many} ${sheetKind(sheet, style)}`).join(', ');
