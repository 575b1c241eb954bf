/** Swatches in the database. Every function takes the teacher; another's swatch is as good as none. */

import { type Swatch, SwatchSchema } from '@pond-loop/core/schema';
import { SWATCH_LIMITS } from '@pond-loop/core/swatch';
import { database, rows, type Queryable } from './database';
import { Documents, type ChangeResult, type ListedVersion, type KeptDocument, type StoredDocument } from './documents';
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
	readonly version: number;
	/** Undefined where what is stored cannot be read; the others are listed all the same. */
	readonly swatch: Swatch | undefined;
	/** What it is called, as far as that can be told. */
	readonly title: string;
	/** Rows finished at the needles. */
	readonly place: number;
	readonly updatedAt: Date;
}

/** The title of what cannot be read otherwise. */
export const titleIn = (document: unknown): string => {
	const title = document instanceof Object && 'title' in document ? document.title : undefined;
	return typeof title === 'string' && title.trim() !== '' ? title.slice(0, SWATCH_LIMITS.title) : 'Without a title';
};

/** Last changed first. */
export async function listSwatches(teacher: Teacher): Promise<ListedSwatch[]> {
	const found = await rows<{ id: string; version: number; document: unknown; place: number; updated_at: Date }>(
		database(),
		sql.LIST,
		[teacher.id],
	);
	return found.map(({ id, version, document, place, updated_at }) => {
		const swatch = SwatchSchema.safeParse(document).data;
		return { id, version, swatch, title: swatch?.title ?? titleIn(document), place, updatedAt: updated_at };
	});
}

/** Titles, last changed first. */
export const swatchTitles = (teacher: Teacher): Promise<{ id: string; title: string }[]> =>
	rows(database(), sql.TITLES, [teacher.id]);

/** Writes a swatch over one that could not be read. */
export const mendSwatch = (teacher: Teacher, id: string, version: number, swatch: Swatch): Promise<boolean> =>
	documents.mend(teacher, id, version, swatch);

/** Every swatch of a teacher, those off the lists included, oldest first, as it is stored. */
export const swatchesOneByOne = (teacher: Teacher, on: Queryable): AsyncGenerator<KeptDocument<unknown>> =>
	documents.oneByOne(teacher, on);

/** Rows finished at the needles, by the id of the swatch. */
export async function placesOf(teacher: Teacher, on: Queryable = database()): Promise<ReadonlyMap<string, number>> {
	const places = await rows<{ id: string; place: number }>(on, sql.PLACES, [teacher.id]);
	return new Map(places.map((p) => [p.id, p.place]));
}

/** Throws `Unread`. */
export async function readSwatch(teacher: Teacher, id: string): Promise<StoredSwatch | undefined> {
	const found = await documents.read(teacher, id);
	return found && asSwatch(found);
}

/** Stores a whole swatch as a new one. Throws `Full` when there is no room for more. */
export async function createSwatch(teacher: Teacher, swatch: Swatch, on?: Queryable): Promise<StoredSwatch> {
	return asSwatch(await documents.insert(teacher, swatch, on));
}

/** Writes a swatch made from `version`. Refused, with what stands there now, when that is not the newest. */
export const saveSwatch = (
	teacher: Teacher,
	id: string,
	version: number,
	swatch: Swatch,
): Promise<ChangeResult<Swatch>> => documents.save(teacher, id, version, swatch);

export const swatchVersions = (teacher: Teacher, id: string): Promise<ListedVersion[]> =>
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

/** One of its earlier versions, whole. Throws `Unread`. */
export const swatchAt = (teacher: Teacher, id: string, version: number): Promise<Swatch | undefined> =>
	documents.versionAt(teacher, id, version);
