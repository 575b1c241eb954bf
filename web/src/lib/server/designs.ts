/** The crossings of each teacher's own. */

import { type Design, DESIGN_LIMITS, DesignSchema } from '@pond-loop/core/schema';
import { database, rows, type Queryable } from './database';
import * as sql from './sql/designs';
import type { Teacher } from './teachers';

/** Those that are stored and cannot be read, by the names under which they are. */
export async function unreadDesigns(teacher: Teacher): Promise<readonly { id: string; name: string }[]> {
	const found = await rows<{ id: string; name: string }>(database(), sql.LIST, [teacher.id]);
	return found.filter((row) => !DesignSchema.safeParse(row).success).map(({ id, name }) => ({ id, name }));
}

/** As they are stored, readable or not. */
export const rawDesigns = (teacher: Teacher, on: Queryable): Promise<Record<string, unknown>[]> =>
	rows(on, sql.LIST, [teacher.id]);

/** By name; those that cannot be read are left to `unreadDesigns`. */
export async function designsOf(teacher: Teacher, on: Queryable = database()): Promise<readonly Design[]> {
	const found = await rows<Record<string, unknown>>(on, sql.LIST, [teacher.id]);
	return found.flatMap((row) => DesignSchema.safeParse(row).data ?? []);
}

const TWICE = '23505';

/** Keeps a design, or changes the one with its id; `taken` when another one has the name, `full` when there is no room. */
export async function saveDesign(teacher: Teacher, design: Design): Promise<'saved' | 'taken' | 'full'> {
	const { id, name, crossing } = design;
	try {
		const [saved] = await rows<{ id: string }>(database(), sql.SAVE, [
			id,
			teacher.id,
			name,
			crossing,
			DESIGN_LIMITS.many,
		]);
		return saved ? 'saved' : 'full';
	} catch (error) {
		if (error instanceof Object && 'code' in error && error.code === TWICE) return 'taken';
		throw error;
	}
}

/** The name of the one that was removed; `undefined` when it is none of this teacher's. */
export async function removeDesign(teacher: Teacher, id: string): Promise<string | undefined> {
	const [gone] = await rows<{ name: string }>(database(), sql.REMOVE, [id, teacher.id]);
	return gone?.name;
}
