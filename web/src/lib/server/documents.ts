/** What lessons and swatches share in the database. Every function takes the teacher; another's is as good as none. */

import { randomUUID } from 'node:crypto';
import { firstIssue } from '@pond-loop/core/schema';
import type { z } from 'zod';
import { database, rows, transaction, type Queryable } from './database';
import * as sql from './sql/documents';
import { holdQuota, QUOTA } from './quota';
import type { Teacher } from './teachers';

export interface StoredDocument<T> {
	readonly id: string;
	readonly version: number;
	readonly value: T;
	readonly updatedAt: Date;
}

export interface KeptDocument<T> extends StoredDocument<T> {
	readonly createdAt: Date;
	readonly removedAt: Date | null;
}

export interface ListedVersion {
	readonly version: number;
	readonly savedAt: Date;
	readonly title: string;
	/** In a few words, such as “12 steps”. */
	readonly holds: string;
}

/** What is stored and cannot be read as what it should be: written by hand, by a fault, or by a version that is no more. */
export class Unread extends Error {
	readonly of: {
		readonly kind: sql.DocumentTable | 'classes' | 'evenings';
		readonly id: string;
		readonly version: number;
	};
	/** As it is stored. */
	readonly document: unknown;
	/** Why it cannot be read, in words that name what was written: for its teacher, never for a log. */
	readonly why: string;

	constructor(of: Unread['of'], document: unknown, why: string) {
		super('A stored document cannot be read.');
		this.of = of;
		this.document = document;
		this.why = why;
	}
}

export type ChangeResult<T> =
	| { readonly kind: 'saved'; readonly saved: StoredDocument<T> }
	/** Somebody saved in between: nothing was written, and this is what stands there. */
	| { readonly kind: 'stale'; readonly current: StoredDocument<T> }
	| { readonly kind: 'missing' };

interface DocumentRow {
	readonly id: string;
	readonly document: unknown;
	readonly version: number;
	readonly updated_at: Date;
}

/** Of changes within so many seconds one version is kept. */
const VERSION_SECONDS = 120;
const MOST_VERSIONS = 40;

export class Documents<T> {
	readonly #queries: sql.DocumentQueries;
	readonly #schema: z.ZodType<T>;
	readonly #table: sql.DocumentTable;

	constructor(table: sql.DocumentTable, schema: z.ZodType<T>) {
		this.#table = table;
		this.#queries = sql.QUERIES[table];
		this.#schema = schema;
	}

	/** What was stored by an older version, or by hand, is checked like any other input. Throws `Unread`. */
	#checked(id: string, version: number, document: unknown): T {
		const checked = this.#schema.safeParse(document);
		if (checked.success) return checked.data;
		throw new Unread({ kind: this.#table, id, version }, document, firstIssue(checked.error));
	}

	#stored({ id, version, document, updated_at }: DocumentRow): StoredDocument<T> {
		return { id, version, value: this.#checked(id, version, document), updatedAt: updated_at };
	}

	/** Those off the lists included, oldest first, as they are stored and one at a time: what cannot be read is given out all the same. */
	async *oneByOne(teacher: Teacher, on: Queryable): AsyncGenerator<KeptDocument<unknown>> {
		const ids = await rows<{ id: string }>(on, this.#queries.IDS, [teacher.id]);
		for (const { id } of ids) {
			const [row] = await rows<DocumentRow & { created_at: Date; removed_at: Date | null }>(on, this.#queries.WHOLE, [
				teacher.id,
				id,
			]);
			if (!row) continue;
			yield {
				id,
				version: row.version,
				value: this.#schema.safeParse(row.document).data ?? row.document,
				updatedAt: row.updated_at,
				createdAt: row.created_at,
				removedAt: row.removed_at,
			};
		}
	}

	/** Writes over what stands there, readable or not, if that is still of this version. */
	async mend(teacher: Teacher, id: string, version: number, value: T): Promise<boolean> {
		return transaction(async (on) => {
			const [row] = await rows<DocumentRow>(on, this.#queries.READ_FOR_UPDATE, [teacher.id, id]);
			if (row?.version !== version) return false;
			await rows(on, sql.KEEP_VERSION, [teacher.id, id, row.version, JSON.stringify(row.document), row.updated_at, 0]);
			await rows(on, this.#queries.SAVE, [teacher.id, id, value]);
			return true;
		});
	}

	async read(teacher: Teacher, id: string): Promise<StoredDocument<T> | undefined> {
		const [row] = await rows<DocumentRow>(database(), this.#queries.READ, [teacher.id, id]);
		return row && this.#stored(row);
	}

	/** Throws `Full` when there is no room for it. */
	async insert(teacher: Teacher, value: T, within?: Queryable): Promise<StoredDocument<T>> {
		if (!within) return transaction((on) => this.insert(teacher, value, on));
		const on = within;
		const [row] = await rows<DocumentRow>(on, this.#queries.INSERT, [teacher.id, randomUUID(), value]);
		await holdQuota(teacher, this.#table, on);
		return this.#stored(row!);
	}

	/** One locked read and write. `next` gives the new value, or `undefined` to leave things as they are. */
	change(teacher: Teacher, id: string, next: (current: StoredDocument<T>) => T | undefined): Promise<ChangeResult<T>> {
		return transaction(async (on): Promise<ChangeResult<T>> => {
			const [row] = await rows<DocumentRow>(on, this.#queries.READ_FOR_UPDATE, [teacher.id, id]);
			if (!row) return { kind: 'missing' };
			const current = this.#stored(row);
			const value = next(current);
			if (!value) return { kind: 'stale', current };
			const old = [teacher.id, id, row.version, JSON.stringify(row.document), row.updated_at, VERSION_SECONDS];
			const kept = await rows(on, sql.KEEP_VERSION, old);
			if (kept.length > 0) {
				await rows(on, sql.DROP_VERSIONS, [teacher.id, id, MOST_VERSIONS]);
				await rows(on, sql.DROP_OLDEST, [teacher.id, QUOTA.versions]);
			}
			const [saved] = await rows<DocumentRow>(on, this.#queries.SAVE, [teacher.id, id, value]);
			await holdQuota(teacher, this.#table, on);
			return { kind: 'saved', saved: this.#stored(saved!) };
		});
	}

	/** Writes what was made from `version`. Refused, with what stands there now, when that is not the newest. */
	save(teacher: Teacher, id: string, version: number, value: T): Promise<ChangeResult<T>> {
		return this.change(teacher, id, (current) => (current.version === version ? value : undefined));
	}

	/** Takes it off the lists; `restore` brings it back. Gives its title. */
	async remove(teacher: Teacher, id: string, on: Queryable = database()): Promise<string | undefined> {
		const [gone] = await rows<{ title: string | null }>(on, this.#queries.REMOVE, [teacher.id, id]);
		return gone && (gone.title ?? 'Without a title');
	}

	async restore(teacher: Teacher, id: string): Promise<boolean> {
		return (await rows(database(), this.#queries.RESTORE, [teacher.id, id])).length > 0;
	}

	/** What it was before, newest first, without the documents themselves. */
	async versions(teacher: Teacher, id: string): Promise<ListedVersion[]> {
		const found = await rows<{
			version: number;
			saved_at: Date;
			title: string | null;
			cast_on: string | null;
			steps: number | null;
		}>(database(), sql.VERSIONS, [teacher.id, id]);
		return found.map(({ version, saved_at, title, cast_on, steps }) => ({
			version,
			savedAt: saved_at,
			title: title ?? '',
			holds:
				steps !== null ? `${steps} ${steps === 1 ? 'step' : 'steps'}` : cast_on === null ? '' : `${cast_on} cast on`,
		}));
	}

	/** One of them, whole. Throws `Unread`. */
	async versionAt(teacher: Teacher, id: string, version: number): Promise<T | undefined> {
		const [row] = await rows<{ document: unknown }>(database(), sql.VERSION, [teacher.id, id, version]);
		return row && this.#checked(id, version, row.document);
	}
}

/** Every earlier version of everything of a teacher's, one at a time. */
export async function* versionsOneByOne(
	teacher: Teacher,
	on: Queryable,
): AsyncGenerator<{ of: string; version: number; savedAt: Date; document: unknown }> {
	const all = await rows<{ document_id: string; version: number; saved_at: Date }>(on, sql.ALL_VERSIONS, [teacher.id]);
	for (const { document_id, version, saved_at } of all) {
		const [row] = await rows<{ document: unknown }>(on, sql.VERSION, [teacher.id, document_id, version]);
		if (row) yield { of: document_id, version, savedAt: saved_at, document: row.document };
	}
}

export interface RemovedDocument {
	readonly kind: sql.DocumentTable;
	readonly id: string;
	readonly title: string;
	readonly removedAt: Date;
	readonly bytes: number;
}

/** Everything that a teacher took off the lists, last removed first. */
export async function removedOf(teacher: Teacher): Promise<RemovedDocument[]> {
	const found = await rows<{
		kind: sql.DocumentTable;
		id: string;
		title: string | null;
		removed_at: Date;
		bytes: number;
	}>(database(), sql.REMOVED, [teacher.id]);
	return found.map(({ kind, id, title, removed_at, bytes }) => ({
		kind,
		id,
		title: title ?? 'Without a title',
		removedAt: removed_at,
		bytes,
	}));
}

/** Erases what was removed before, one or all of a kind, with its earlier versions. Gives how many. */
export const erase = (teacher: Teacher, kind: sql.DocumentTable, id?: string): Promise<number> =>
	transaction(async (on) => {
		const gone = await rows<{ id: string }>(on, sql.ERASE[kind], [teacher.id, id ?? null]);
		await on.query(sql.FORGET_VERSIONS, [teacher.id, gone.map((g) => g.id)]);
		return gone.length;
	});
