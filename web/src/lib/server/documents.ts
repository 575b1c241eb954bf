/** What lessons and swatches share in the database. Every function takes the teacher; another's is as good as none. */

import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import { database, rows, transaction, type Queryable } from './database';
import * as sql from './sql/documents';
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

export interface DocumentVersion<T> {
	readonly version: number;
	readonly value: T;
	readonly savedAt: Date;
}

export type ChangeResult<T> =
	| { readonly kind: 'saved'; readonly saved: StoredDocument<T> }
	/** Somebody saved in between: nothing was written, and this is what stands there. */
	| { readonly kind: 'stale'; readonly current: StoredDocument<T> }
	| { readonly kind: 'missing' };

interface Row {
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

	constructor(table: sql.DocumentTable, schema: z.ZodType<T>) {
		this.#queries = sql.QUERIES[table];
		this.#schema = schema;
	}

	// What was stored by an older version, or by hand, is checked like any other input.
	#stored(row: Row): StoredDocument<T> {
		const { id, version, updated_at } = row;
		return { id, version, value: this.#schema.parse(row.document), updatedAt: updated_at };
	}

	/** Those off the lists included, oldest first. */
	async all(teacher: Teacher, on: Queryable = database()): Promise<KeptDocument<T>[]> {
		const found = await rows<Row & { created_at: Date; removed_at: Date | null }>(on, this.#queries.ALL, [teacher.id]);
		return found.map((row) => ({ ...this.#stored(row), createdAt: row.created_at, removedAt: row.removed_at }));
	}

	async read(teacher: Teacher, id: string): Promise<StoredDocument<T> | undefined> {
		const [row] = await rows<Row>(database(), this.#queries.READ, [teacher.id, id]);
		return row && this.#stored(row);
	}

	async insert(teacher: Teacher, value: T, on: Queryable = database()): Promise<StoredDocument<T>> {
		const [row] = await rows<Row>(on, this.#queries.INSERT, [teacher.id, randomUUID(), value]);
		return this.#stored(row!);
	}

	/** One locked read and write. `next` gives the new value, or `undefined` to leave things as they are. */
	change(teacher: Teacher, id: string, next: (current: StoredDocument<T>) => T | undefined): Promise<ChangeResult<T>> {
		return transaction(async (on): Promise<ChangeResult<T>> => {
			const [row] = await rows<Row>(on, this.#queries.READ_FOR_UPDATE, [teacher.id, id]);
			if (!row) return { kind: 'missing' };
			const current = this.#stored(row);
			const value = next(current);
			if (!value) return { kind: 'stale', current };
			const old = [teacher.id, id, row.version, JSON.stringify(row.document), row.updated_at, VERSION_SECONDS];
			await rows(on, sql.KEEP_VERSION, old);
			await rows(on, sql.DROP_VERSIONS, [teacher.id, id, MOST_VERSIONS]);
			const [saved] = await rows<Row>(on, this.#queries.SAVE, [teacher.id, id, value]);
			return { kind: 'saved', saved: this.#stored(saved!) };
		});
	}

	/** Writes what was made from `version`. Refused, with what stands there now, when that is not the newest. */
	save(teacher: Teacher, id: string, version: number, value: T): Promise<ChangeResult<T>> {
		return this.change(teacher, id, (current) => (current.version === version ? value : undefined));
	}

	/** Takes it off the lists; `restore` brings it back. Gives its title. */
	async remove(teacher: Teacher, id: string): Promise<string | undefined> {
		return (await rows<{ title: string }>(database(), this.#queries.REMOVE, [teacher.id, id]))[0]?.title;
	}

	async restore(teacher: Teacher, id: string): Promise<boolean> {
		return (await rows(database(), this.#queries.RESTORE, [teacher.id, id])).length > 0;
	}

	/** What it was before, newest first; those that an older version wrote and this one cannot read are left out. */
	async versions(teacher: Teacher, id: string): Promise<DocumentVersion<T>[]> {
		const found = await rows<{ version: number; document: unknown; saved_at: Date }>(database(), sql.VERSIONS, [
			teacher.id,
			id,
		]);
		return found.flatMap(({ version, document, saved_at }) => {
			const value = this.#schema.safeParse(document);
			return value.success ? [{ version, value: value.data, savedAt: saved_at }] : [];
		});
	}
}

/** Every earlier version of everything of a teacher's. */
export async function allVersions(
	teacher: Teacher,
	on: Queryable,
): Promise<{ of: string; version: number; savedAt: Date; document: unknown }[]> {
	const found = await rows<{ document_id: string; version: number; document: unknown; saved_at: Date }>(
		on,
		sql.ALL_VERSIONS,
		[teacher.id],
	);
	return found.map(({ document_id, version, document, saved_at }) => ({
		of: document_id,
		version,
		savedAt: saved_at,
		document,
	}));
}
