/** What a learner's own browser keeps of practice, and nobody else: cards, answers, and what was shown to a teacher. */

import type { Answer } from '@pond-loop/core/practice';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Card } from 'ts-fsrs';
import type { Cards } from './schedule';

/** What was told to the teacher behind one door. */
export interface SentSummary {
	/** Known to this browser alone: what was sent is replaced and erased by it. */
	readonly learner: string;
	readonly name: string;
	/** Shown again after each sitting. */
	readonly goesOn: boolean;
	/** Not sent yet, as there was no network. */
	readonly waits?: true;
	/** When it was sent the last time, in milliseconds since 1970; never, when undefined. */
	readonly sentAt?: number;
}

interface PracticeShelf extends DBSchema {
	cards: { key: string; value: { id: string; card: Card } };
	answers: { key: number; value: Answer & { place: string }; indexes: { at: number } };
	told: { key: string; value: SentSummary & { place: string } };
}
/** Answers that are kept at most as long: what is shown looks back on four weeks. */
const KEPT_MS = 35 * 24 * 3600_000;

let opened: Promise<IDBPDatabase<PracticeShelf>> | undefined;
const shelf = (): Promise<IDBPDatabase<PracticeShelf>> => (opened ??= open());
const open = (): Promise<IDBPDatabase<PracticeShelf>> =>
	new Promise((done, refused) => {
		const opening = openDB<PracticeShelf>('pond-loop-practice', 2, {
			upgrade(db, from) {
				if (from < 1) db.createObjectStore('cards', { keyPath: 'id' });
				db.createObjectStore('answers', { autoIncrement: true }).createIndex('at', 'at');
				db.createObjectStore('told', { keyPath: 'place' });
			},
			// Another window has an older shelf open: this one does without until it is closed.
			blocked: () => refused(new Error('An older page holds what is kept.')),
			// A newer window wants another shelf: it is not to wait for this one.
			blocking: () => void opening.then((db) => db.close()),
		});
		opening.then(done, refused);
	});

/** `otherwise` where a browser keeps nothing: then it is practised for as long as the page is open. */
async function on<T>(otherwise: T, does: (db: IDBPDatabase<PracticeShelf>) => Promise<T>): Promise<T> {
	try {
		return await does(await shelf());
	} catch {
		return otherwise;
	}
}

export const cardsHere = (): Promise<Cards> =>
	on({}, async (db) => Object.fromEntries((await db.getAll('cards')).map(({ id, card }) => [id, card])));

/** An answer and its card, both or neither. `place`: the door that it was answered behind. */
export const keepAnswer = (place: string, answer: Answer, card: Card): Promise<void> =>
	on(undefined, async (db) => {
		const both = db.transaction(['cards', 'answers'], 'readwrite', { durability: 'strict' });
		await Promise.all([
			both.objectStore('cards').put({ id: answer.kind, card }),
			both.objectStore('answers').add({ ...answer, place }),
			both.done,
		]);
		// A browser that runs out of room throws this away last. Never awaited: some ask the person first.
		void navigator.storage?.persist?.().catch(() => false);
	});

export const keepCards = (cards: Cards): Promise<void> =>
	on(undefined, async (db) => {
		const all = db.transaction('cards', 'readwrite');
		await Promise.all([...Object.entries(cards).map(([id, card]) => all.store.put({ id, card })), all.done]);
	});

/** Those given behind one door, the first one first. Old ones are thrown away. */
export const answersAt = (place: string, now: number): Promise<readonly Answer[]> =>
	on([], async (db) => {
		const old = IDBKeyRange.upperBound(now - KEPT_MS);
		const away = db.transaction('answers', 'readwrite');
		for (let at = await away.store.index('at').openCursor(old); at; at = await at.continue()) await at.delete();
		await away.done;
		return (await db.getAllFromIndex('answers', 'at')).filter((a) => a.place === place);
	});

export const toldAt = (place: string): Promise<SentSummary | undefined> => on(undefined, (db) => db.get('told', place));

export const keepTold = (place: string, told: SentSummary | undefined): Promise<void> =>
	on(undefined, async (db) => {
		if (told) await db.put('told', { ...told, place });
		else await db.delete('told', place);
	});

/** Cards and answers; what was sent to a teacher is erased there by itself. */
export const forgetAll = (): Promise<void> =>
	on(undefined, async (db) => {
		const all = db.transaction(['cards', 'answers'], 'readwrite');
		await Promise.all([all.objectStore('cards').clear(), all.objectStore('answers').clear(), all.done]);
	});
