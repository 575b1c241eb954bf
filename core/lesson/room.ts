/** Who is in the room, and which sheets they are given. */

import { craftOf, type Craft, type Demonstration } from '../craft/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { atTools, TOOLS, type Plan } from './schema.ts';

/** Crafts whose tools are counted: those that stand before the worker. */
export const ROOM_TOOLS: readonly Craft[] = TOOLS.map(craftOf);

/** How many work in a craft; everybody, where nothing is known of the room. */
export function workingIn(plan: Pick<Plan, 'learners' | 'room'>, craft: string): number {
	if (!plan.room) return plan.learners;
	if (craftOf(craft).isHanded) return plan.learners - atTools(plan.room);
	return (plan.room.at as Readonly<Record<string, number | undefined>>)[craft] ?? 0;
}

export interface RoomSheet {
	readonly hands: Demonstration;
	readonly large: boolean;
	readonly many: number;
}

/** The sheets that a room needs, so many of each; left-handed ones in the way of the house style. */
export function sheetsFor(
	plan: Pick<Plan, 'learners' | 'room'>,
	style: Pick<HouseStyle, 'demonstrates'>,
): readonly RoomSheet[] {
	const { left = 0, large = 0 } = plan.room ?? {};
	const leftHanded = style.demonstrates === 'right' ? 'left-same' : style.demonstrates;
	return [
		{ hands: 'right' as const, large: false, many: plan.learners - left - large },
		{ hands: leftHanded, large: false, many: left },
		{ hands: 'right' as const, large: true, many: large },
	].filter(({ many }) => many > 0);
}

/** What sets a sheet apart: `left-handed`. */
export const sheetKind = ({ hands, large }: RoomSheet): string =>
	large ? 'in large print' : hands === 'right' ? 'right-handed' : 'left-handed';

/** `5 right-handed, 2 left-handed, 1 in large print`. */
export const sheetsSaid = (sheets: readonly RoomSheet[]): string =>
	sheets.map((sheet) => `${sheet.many} ${sheetKind(sheet)}`).join(', ');
