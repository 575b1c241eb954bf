/** One-time codes for a forgotten password: shown once, kept on paper, stored as hashes. */

import { database, rows, type Queryable } from './database';
import { hashed, newCode, normalCode } from './secrets';
import * as sql from './sql/recovery';
import type { Teacher } from './teachers';

export const CODES = 10;

/** Makes new codes; the old ones stop working. This is the only moment at which anybody sees them. */
export async function newCodes(teacher: Teacher, on: Queryable): Promise<string[]> {
	const codes = Array.from({ length: CODES }, newCode);
	await on.query(sql.CLEAR, [teacher.id]);
	await on.query(sql.INSERT, [teacher.id, codes.map(hashed)]);
	return codes;
}

/** Uses a code up; says whether it was one. */
export async function useCode(teacher: Teacher, typed: string, on: Queryable): Promise<boolean> {
	return (await rows(on, sql.USE, [teacher.id, hashed(normalCode(typed))])).length > 0;
}

export async function codesLeft(teacher: Teacher, on: Queryable = database()): Promise<number> {
	return (await rows<{ left: number }>(on, sql.LEFT, [teacher.id]))[0]!.left;
}
