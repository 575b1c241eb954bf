/** Swatches in the database. Every function takes the teacher; another's swatch is as good as none. */

import { SwatchSchema, type Swatch } from '@pond-loop/core/schema';
import { SWATCH_LIMITS } from '@pond-loop/core/swatch';
import { database, rows, type Queryable } from './database';
import {
	Documents,
	type ChangeResult,
	type DocumentVersion,
	type KeptDocument,
	type StoredDocument,
} from './documents';
import * as sql from './sql/swatches';
import type { Teacher } from './teachers';

export interface StoredSwatch {
	readonly id: string;
	readonly version: number;
	readonly swatch: Swatch;
	readonly updatedAt: Date;
}

const documents = new Documents('swatches', SwatchSchema);

const asSwatch = ({ value, ...rest }: StoredDocument<Swatch>): StoredSwatch => ({ ...rest, swatch: value });

export interface ListedSwatch {
	readonly id: string;
	readonly swatch: Swatch;
	/** Rows finished at the needles. */
	readonly place: number;
	readonly updatedAt: Date;
}

/** Last changed first. */
export async function listSwatches(teacher: Teacher): Promise<ListedSwatch[]> {
	const found = await rows<{ id: string; document: unknown; place: number; updated_at: Date }>(database(), sql.LIST, [
		teacher.id,
	]);
	return found.map(({ id, document, place, updated_at }) => ({
		id,
		swatch: SwatchSchema.parse(document),
		place,
		updatedAt: updated_at,
	}));
}

export type KeptSwatch = Omit<KeptDocument<Swatch>, 'value'> & { readonly swatch: Swatch; readonly place: number };

/** Every swatch of a teacher, those off the lists included, oldest first. */
export async function allSwatches(teacher: Teacher, on: Queryable = database()): Promise<KeptSwatch[]> {
	const places = await rows<{ id: string; place: number }>(on, sql.PLACES, [teacher.id]);
	const placeOf = new Map(places.map((p) => [p.id, p.place]));
	const all = await documents.all(teacher, on);
	return all.map(({ value, ...rest }) => ({ ...rest, swatch: value, place: placeOf.get(rest.id) ?? 0 }));
}

export async function readSwatch(teacher: Teacher, id: string): Promise<StoredSwatch | undefined> {
	const found = await documents.read(teacher, id);
	return found && asSwatch(found);
}

/** Stores a whole swatch as a new one; `undefined` when there is no room for more. */
export async function createSwatch(teacher: Teacher, swatch: Swatch): Promise<StoredSwatch | undefined> {
	const [count] = await rows<{ many: number }>(database(), sql.COUNT, [teacher.id]);
	return (count?.many ?? 0) >= SWATCH_LIMITS.many ? undefined : insertSwatch(teacher, swatch);
}

export async function insertSwatch(teacher: Teacher, swatch: Swatch, on?: Queryable): Promise<StoredSwatch> {
	return asSwatch(await documents.insert(teacher, swatch, on));
}

/** Writes a swatch made from `version`. Refused, with what stands there now, when that is not the newest. */
export const saveSwatch = (
	teacher: Teacher,
	id: string,
	version: number,
	swatch: Swatch,
): Promise<ChangeResult<Swatch>> => documents.save(teacher, id, version, swatch);

export const swatchVersions = (teacher: Teacher, id: string): Promise<DocumentVersion<Swatch>[]> =>
	documents.versions(teacher, id);

/** Takes a swatch off the lists; `restoreSwatch` brings it back. Gives its title. */
export const removeSwatch = (teacher: Teacher, id: string): Promise<string | undefined> =>
	documents.remove(teacher, id);

export const restoreSwatch = (teacher: Teacher, id: string): Promise<boolean> => documents.restore(teacher, id);

/** Rows finished at the needles; `undefined` when it is none of this teacher's. */
export async function placeOf(teacher: Teacher, id: string): Promise<number | undefined> {
	return (await rows<{ place: number }>(database(), sql.READ_PLACE, [teacher.id, id]))[0]?.place;
}

export async function savePlace(teacher: Teacher, id: string, place: number): Promise<boolean> {
	return (await rows(database(), sql.SAVE_PLACE, [teacher.id, id, place])).length > 0;
}
