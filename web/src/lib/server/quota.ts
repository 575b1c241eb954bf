/** How much one teacher may keep: enough for years of classes, and not enough to fill the house for everybody else. */

import { rows, type Queryable } from './database';
import * as sql from './sql/documents';
import type { Teacher } from './teachers';

const MB = 1024 * 1024;

export const QUOTA = {
	/** Lessons, and swatches, those off the lists included. */
	lessons: 500,
	swatches: 500,
	/** Bytes of all of them together. */
	bytes: 100 * MB,
	/** Bytes of their earlier versions; beyond that the oldest go. */
	versions: 100 * MB,
} as const;

/** There is no room for more. Its words are for the teacher. */
export class Full extends Error {
	readonly says: string;
	constructor(says: string) {
		super('A teacher keeps as much as is kept.');
		this.says = says;
	}
}

/** Throws `Full` when a teacher has as many, or as much, as is kept. To be asked after the write, inside its transaction. */
export async function holdQuota(teacher: Teacher, table: sql.DocumentTable, on: Queryable): Promise<void> {
	const [now] = await rows<{ many: number; bytes: number }>(on, sql.SIZE[table], [teacher.id]);
	if (!now) return;
	if (now.many > QUOTA[table]) {
		throw new Full(
			`At most ${QUOTA[table]} ${table} are kept, those that were removed included. Erase some for good first.`,
		);
	}
	if (now.bytes > QUOTA.bytes) {
		throw new Full(
			`Your lessons and swatches take ${Math.ceil(now.bytes / MB)} MB; at most ${QUOTA.bytes / MB} MB are kept. Shorten the largest, or remove some for good.`,
		);
	}
}

/** What was written, or why there is no room for it. */
export async function kept<T extends object>(writing: Promise<T>): Promise<T | { readonly says: string }> {
	try {
		return await writing;
	} catch (cause) {
		if (cause instanceof Full) return { says: cause.says };
		throw cause;
	}
}
