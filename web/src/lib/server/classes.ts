/** Classes, their evenings and what was pressed at them. Every function takes the teacher; another's is as good as none. */

import { randomUUID } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import {
	calledBy,
	CLASS_LIMITS,
	ClassSchema,
	EVENING_LIMITS,
	EveningSchema,
	learntBy,
	newClass,
	nextFor,
	personIn,
	PressSchema,
	picturesIn,
	nameTaker,
	withoutNames,
	withoutPeople,
	withPieces,
	type Class,
	type ClassFile,
	type Evening,
	type HeldEvening,
	type LearntShown,
	type Press,
	type Proposal,
} from '@pond-loop/core/class';
import type { HardIn } from '@pond-loop/core/practice';
import { firstIssue } from '@pond-loop/core/schema';
import type { z } from 'zod';
import { database, rows, transaction, type Queryable } from './database';
import { Unread } from './documents';
import { eraseSentAs, hardOf, sentTo } from './practice-doors';
import { dropUnnamed, piecesOf, readPictures, standingOf } from './pictures';
import { Full } from './quota';
import * as sql from './sql/classes';
import type { Teacher } from './teachers';

export interface ListedClass {
	readonly id: string;
	/** Undefined where what is stored cannot be read. */
	readonly class: Class | undefined;
	readonly evenings: number;
	readonly lastDay: string | null;
	/** The lesson of its last session, by id. */
	readonly lesson: string | null;
}

export async function listClasses(teacher: Teacher): Promise<ListedClass[]> {
	const found = await rows<{
		id: string;
		document: unknown;
		evenings: number;
		last_day: string | null;
		lesson: string | null;
	}>(database(), sql.LIST, [teacher.id]);
	return found.map(({ id, document, evenings, last_day, lesson }) => ({
		id,
		class: ClassSchema.safeParse(document).data,
		evenings,
		lastDay: last_day,
		lesson,
	}));
}

export interface StoredClass {
	readonly id: string;
	readonly version: number;
	readonly class: Class;
}

/** What is stored, checked like any other input. Throws `Unread`. */
function checked<T>(of: Unread['of'], schema: z.ZodType<T>, document: unknown): T {
	const read = schema.safeParse(document);
	if (read.success) return read.data;
	throw new Unread(of, document, firstIssue(read.error));
}

/** Undefined where there is none of this teacher's. Throws `Unread`. */
export async function readClass(
	teacher: Teacher,
	id: string,
	on: Queryable = database(),
): Promise<StoredClass | undefined> {
	const [row] = await rows<{ version: number; document: unknown }>(on, sql.READ, [teacher.id, id]);
	if (!row) return undefined;
	const { version } = row;
	return { id, version, class: checked({ kind: 'classes', id, version }, ClassSchema, row.document) };
}

/** Undefined when there is no room for one more. */
export async function createClass(teacher: Teacher, title: string): Promise<StoredClass | undefined> {
	const id = randomUUID();
	const made = newClass(title);
	const [row] = await rows<{ version: number }>(database(), sql.CREATE, [teacher.id, id, made, CLASS_LIMITS.many]);
	return row && { id, version: row.version, class: made };
}

export type SaveClassResult =
	| { readonly kind: 'saved'; readonly version: number }
	| { readonly kind: 'stale'; readonly current: StoredClass }
	| { readonly kind: 'missing' };

/** Who was erased stays erased, even where a page that was open meanwhile saves them again. */
export async function saveClass(teacher: Teacher, id: string, version: number, told: Class): Promise<SaveClassResult> {
	const erased = await erasedOf(teacher, database());
	const people = told.people.filter((p) => !erased.has(p.id));
	const [saved] = await rows<{ version: number }>(database(), sql.SAVE, [teacher.id, id, version, { ...told, people }]);
	if (saved) return { kind: 'saved', version: saved.version };
	const current = await readClass(teacher, id);
	return current ? { kind: 'stale', current } : { kind: 'missing' };
}

/** Removes what a query removes, and the pictures of pieces that were known through it alone. */
const removed = (teacher: Teacher, id: string, query: string): Promise<boolean> =>
	transaction(async (on) => {
		const pieces = await piecesOf(teacher, id, on);
		const isGone = (await rows(on, query, [teacher.id, id])).length > 0;
		if (isGone)
			await dropUnnamed(
				teacher,
				pieces.map((p) => p.id),
				on,
			);
		return isGone;
	});

export const removeClass = (teacher: Teacher, id: string): Promise<boolean> => removed(teacher, id, sql.REMOVE);

/** Titles and days of a class's evenings, the last one first. */
export const listEvenings = (teacher: Teacher, id: string): Promise<{ id: string; day: string; title: string }[]> =>
	rows(database(), sql.LIST_EVENINGS, [teacher.id, id]);

interface PressRow {
	readonly id: string;
	readonly at: Date;
	readonly did: unknown;
}
const readPress = ({ id, at, did }: PressRow) => PressSchema.safeParse({ id, at: at.toISOString(), did });
/** None where it cannot be read. */
const pressOf = (row: PressRow): Press[] => {
	const read = readPress(row);
	return read.success ? [read.data] : [];
};

/** Something in a class's log that is stored and cannot be read: as it is, with the reason. */
export interface UnreadInLog {
	readonly what: 'evening' | 'entry';
	/** Of the evening. */
	readonly id: string;
	readonly why: string;
	readonly text: string;
}

/** A class's evenings by day with all that was pressed at them, and what of them cannot be read. */
async function logOf(
	teacher: Teacher,
	id: string,
): Promise<{ readonly held: readonly HeldEvening[]; readonly unread: readonly UnreadInLog[] }> {
	const [evenings, pressed] = await Promise.all([
		rows<{ id: string; document: unknown }>(database(), sql.EVENINGS, [teacher.id, id]),
		rows<PressRow & { evening_id: string }>(database(), sql.PRESSES_OF_CLASS, [teacher.id, id]),
	]);
	const unread: UnreadInLog[] = [];
	const readOr = <T>(what: UnreadInLog['what'], of: string, stored: unknown, read: z.ZodSafeParseResult<T>): T[] => {
		if (read.success) return [read.data];
		unread.push({ what, id: of, why: firstIssue(read.error), text: JSON.stringify(stored) });
		return [];
	};
	const held = new Map<string, { id: string; evening: Evening; presses: Press[] }>();
	for (const { id: of, document } of evenings)
		for (const evening of readOr('evening', of, document, EveningSchema.safeParse(document)))
			held.set(of, { id: of, evening, presses: [] });
	for (const row of pressed) {
		const presses = readOr('entry', row.evening_id, row.did, readPress(row));
		held.get(row.evening_id)?.presses.push(...presses);
	}
	return { held: [...held.values()], unread };
}

/** Evenings with all that was pressed at them, without what cannot be read. */
export const heldOf = async (teacher: Teacher, id: string): Promise<readonly HeldEvening[]> =>
	(await logOf(teacher, id)).held;

/** Begins an evening under an id of its page's own: begun again, it is the same one. */
export async function beginEvening(
	teacher: Teacher,
	classId: string,
	id: string,
	evening: Evening,
): Promise<'begun' | 'full' | 'missing'> {
	const values = [teacher.id, classId, id, evening.day, evening, CLASS_LIMITS.evenings];
	if ((await rows(database(), sql.BEGIN, values)).length > 0) return 'begun';
	if (await readEvening(teacher, id)) return 'begun';
	return (await readClass(teacher, classId)) ? 'full' : 'missing';
}

export interface StoredEvening {
	readonly id: string;
	readonly classId: string;
	readonly class: Class;
	readonly evening: Evening;
}

/** Undefined where there is none of this teacher's. Throws `Unread`. */
export async function readEvening(teacher: Teacher, id: string): Promise<StoredEvening | undefined> {
	const [row] = await rows<{ document: unknown; class_id: string; class: unknown }>(database(), sql.EVENING, [
		teacher.id,
		id,
	]);
	if (!row) return undefined;
	return {
		id,
		classId: row.class_id,
		class: checked({ kind: 'classes', id: row.class_id, version: 1 }, ClassSchema, row.class),
		evening: checked({ kind: 'evenings', id, version: 1 }, EveningSchema, row.document),
	};
}

export const removeEvening = (teacher: Teacher, id: string): Promise<boolean> =>
	removed(teacher, id, sql.REMOVE_EVENING);

/** How far a device's clock may be ahead before what it says is taken for wrong, in milliseconds. */
const AHEAD = 86_400_000;

/**
 * A press as it is stored: whom it is about stands beside it, so that all of one person goes at once. It is never of a day
 * to come: an entry from a device whose clock is wrong would always be the last one of the log.
 */
const asRow = ({ id, at, did }: Press): object => ({
	id,
	at: Date.parse(at) > Date.now() + AHEAD ? new Date().toISOString() : at,
	person_id: personIn(did) ?? null,
	did,
});

export interface News {
	/** The last press that is known now. */
	readonly seq: number;
	/** What came in after `since`, from whichever device. */
	readonly presses: readonly Press[];
}

/** Appends presses and tells what is new; the same press again is nothing new. Undefined where there is no such evening. */
export const pressed = (
	teacher: Teacher,
	id: string,
	presses: readonly Press[],
	since: number,
): Promise<News | 'full' | undefined> =>
	transaction(async (on) => {
		if ((await rows(on, sql.HOLD_EVENING, [teacher.id, id])).length === 0) return undefined;
		if (presses.length > 0) {
			const [now] = await rows<{ many: number }>(on, sql.COUNT_PRESSES, [teacher.id, id]);
			if (now!.many + presses.length > EVENING_LIMITS.presses) return 'full';
			await rows(on, sql.APPEND, [teacher.id, id, JSON.stringify(presses.map(asRow))]);
		}
		const news = await rows<PressRow & { seq: string }>(on, sql.PRESSES_SINCE, [teacher.id, id, since]);
		return { seq: Number(news.at(-1)?.seq ?? since), presses: news.flatMap(pressOf) };
	});

/** Everything stored about one person, to be given to them. */
export async function factsOf(teacher: Teacher, classId: string, personId: string): Promise<object | undefined> {
	const person = (await readClass(teacher, classId))?.class.people.find((p) => p.id === personId);
	if (!person) return undefined;
	const seen = await rows<{ day: string; evening: string; at: Date; did: unknown }>(database(), sql.PRESSES_OF_PERSON, [
		teacher.id,
		personId,
	]);
	const sent = await sentTo(teacher, 'classes', classId);
	const pieces = await piecesOf(teacher, personId);
	const pictures = await readPictures(
		teacher,
		pieces.map((p) => p.id),
	);
	return {
		person,
		/** Of what they made, as they are kept: JPEG in base64. */
		pieces: pieces.flatMap(({ id, what }) => {
			const picture = pictures.get(id);
			return picture ? [{ what, jpeg: picture.jpeg.toString('base64') }] : [];
		}),
		evenings: seen.map((s) => ({ ...s, at: s.at.toISOString() })),
		/** What came to the practice of this class under the same name. */
		practice: sent
			.filter((s) => s.summary.name.toLowerCase() === person.name.toLowerCase())
			.map(({ at, summary }) => ({ at: at.toISOString(), ...summary })),
	};
}

/**
 * Erases one person from the class, from all its evenings with their pictures and the name in what was written, from
 * what was sent to its practice under the same name, and from what will be brought back.
 */
export const erasePerson = (teacher: Teacher, classId: string, personId: string): Promise<boolean> =>
	transaction(async (on) => {
		const stored = await readClass(teacher, classId, on);
		const person = stored?.class.people.find((p) => p.id === personId);
		if (!stored || !person) return false;
		await rows(on, sql.MARK_ERASED, [teacher.id, personId]);
		const pieces = await piecesOf(teacher, personId, on);
		await rows(on, sql.ERASE_PRESSES, [teacher.id, personId]);
		await dropUnnamed(
			teacher,
			pieces.map((p) => p.id),
			on,
		);
		const people = stored.class.people.filter((p) => p.id !== personId);
		const names = calledBy(
			person.name,
			people.map((p) => p.name),
		);
		await eraseSentAs(teacher, classId, names, on);
		await eraseNames(teacher, classId, names, on);
		const without = nameTaker(names);
		const { title, place } = stored.class;
		const saved = await rows(on, sql.SAVE, [
			teacher.id,
			classId,
			stored.version,
			{ ...stored.class, title: without(title), place: without(place), people },
		]);
		if (saved.length === 0) throw new Error('A class was saved while somebody was erased from it.');
		return true;
	});

/** Names go from what was written at the evenings of a class, and from their titles. */
async function eraseNames(teacher: Teacher, classId: string, names: readonly string[], on: Queryable): Promise<void> {
	const written = await rows<PressRow & { evening_id: string }>(on, sql.WRITTEN_WITH, [teacher.id, classId, names]);
	const nameless = withoutNames(names);
	const without = nameTaker(names);
	const evenings = await rows<{ id: string; document: { title?: unknown } }>(on, sql.EVENINGS_OF, [
		teacher.id,
		classId,
	]);
	for (const { id, document } of evenings)
		if (typeof document.title === 'string' && without(document.title) !== document.title)
			await on.query(sql.RENAME_EVENING, [teacher.id, id, without(document.title)]);
	for (const row of written)
		for (const { did } of pressOf(row)) {
			const now = nameless(did);
			if (now !== did) await on.query(sql.WRITE_ANEW, [teacher.id, row.evening_id, row.id, now]);
		}
}

/** All classes as they are stored, readable or not, for the account's file. */
export async function rawClasses(teacher: Teacher, on: Queryable): Promise<{ readonly id: string }[]> {
	// One after the other: they share one connection.
	const classes = await rows<{ id: string; document: unknown }>(on, sql.ALL_OF_TEACHER.classes, [teacher.id]);
	const evenings = await rows<{ id: string; class_id: string; document: unknown }>(on, sql.ALL_OF_TEACHER.evenings, [
		teacher.id,
	]);
	const presses = await rows<PressRow & { evening_id: string }>(on, sql.ALL_OF_TEACHER.presses, [teacher.id]);
	const byEvening = new Map<string, object[]>(evenings.map((e) => [e.id, []]));
	for (const { evening_id, id, at, did } of presses) byEvening.get(evening_id)?.push({ id, at: at.toISOString(), did });
	return classes.map(({ id, document }) => ({
		id,
		class: document,
		evenings: evenings
			.filter((e) => e.class_id === id)
			.map((e) => ({ id: e.id, evening: e.document, presses: byEvening.get(e.id) ?? [] })),
	}));
}

/** People who were erased: they come back by no file. */
export const erasedOf = async (teacher: Teacher, on: Queryable): Promise<ReadonlySet<string>> =>
	new Set((await rows<{ person_id: string }>(on, sql.ERASED, [teacher.id])).map((g) => g.person_id));

/**
 * Puts a class in with all its evenings, under its own id where that is free. One that is there becomes as it is in the
 * file, and its evenings are joined: no press is lost. Nobody who was erased comes along. Throws where there is no room.
 */
export async function putClass(teacher: Teacher, file: ClassFile, on: Queryable): Promise<string> {
	const kept = await standingOf(teacher, picturesIn(file), on);
	const { class: of, evenings } = withPieces(withoutPeople(file, await erasedOf(teacher, on)), (id) =>
		kept.has(id) ? id : undefined,
	);
	let id = file.id ?? randomUUID();
	const mine = (await rows<{ version: number }>(on, sql.READ, [teacher.id, id]))[0];
	if (mine) await rows(on, sql.SAVE, [teacher.id, id, mine.version, of]);
	else {
		if ((await rows(on, sql.TAKEN, [id])).length > 0) id = randomUUID();
		const made = await rows(on, sql.CREATE, [teacher.id, id, of, CLASS_LIMITS.many]);
		if (made.length === 0) throw new Full(`At most ${CLASS_LIMITS.many} classes are kept. Remove some first.`);
	}
	for (const { id: asked, evening, presses } of evenings) {
		const begin = async (own: string): Promise<string | undefined> => {
			await rows(on, sql.BEGIN, [teacher.id, id, own, evening.day, evening, CLASS_LIMITS.evenings]);
			// Taken by somebody else, or by another class.
			const [there] = await rows<{ class_id: string }>(on, sql.EVENING, [teacher.id, own]);
			return there?.class_id === id ? own : undefined;
		};
		const own = (await begin(asked)) ?? (await begin(randomUUID()));
		if (!own) throw new Full(`At most ${CLASS_LIMITS.evenings} sessions of a class are kept. Remove some first.`);
		await rows(on, sql.APPEND, [teacher.id, own, JSON.stringify(presses.map(asRow))]);
	}
	return id;
}

/** What was learnt of classes that were asked about lately, by the state of their logs. */
const lately = new LRUCache<string, LearntAndNext>({ max: 60 });

export interface LearntAndNext {
	readonly learnt: LearntShown;
	readonly proposals: readonly Proposal[];
	/** What is hard in practice, by what was sent. */
	readonly hard: HardIn;
	/** What of the log cannot be read, and is in none of this. */
	readonly unread: readonly UnreadInLog[];
}

/** What a class's evenings say, and what next; worked out once for each state of its log. */
export async function learntOf(teacher: Teacher, { id, version, class: of }: StoredClass): Promise<LearntAndNext> {
	const [state] = await rows(database(), sql.LOG_STATE, [teacher.id, id]);
	const key = `${id} ${version} ${JSON.stringify(state)}`;
	const known = lately.get(key);
	if (known) return known;
	const [{ held, unread }, hard] = await Promise.all([logOf(teacher, id), hardOf(teacher, id)]);
	const { went: _, evenings, ...rest } = learntBy(of, held, new Set(of.aside));
	// What was pressed stays here: the page shows what follows from it.
	const learnt = { ...rest, evenings: evenings.map(({ evening }) => ({ day: evening.day })) };
	const now = { learnt, proposals: nextFor(of, { ...rest, evenings: learnt.evenings }, hard.kinds), hard, unread };
	lately.set(key, now);
	return now;
}
