/** Presses that this browser keeps until the server has them, so that nothing hangs on the network or on the page. */

import { PressSchema, type Did, type Press } from '@pond-loop/core/class';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

interface PressesShelf extends DBSchema {
	presses: {
		key: [string, string];
		value: { evening: string; id: string; press: Press };
		indexes: { evening: string };
	};
}

let opened: Promise<IDBPDatabase<PressesShelf>> | undefined;
const shelf = (): Promise<IDBPDatabase<PressesShelf>> =>
	(opened ??= openDB<PressesShelf>('pond-loop-evenings', 1, {
		upgrade(db) {
			db.createObjectStore('presses', { keyPath: ['evening', 'id'] }).createIndex('evening', 'evening');
		},
	}));

/** Rejects where a browser keeps nothing; then presses live as long as their page. */
export async function keepHere(evening: string, press: Press): Promise<void> {
	await (await shelf()).put('presses', { evening, id: press.id, press });
}

/** Those that can be read, and how many cannot: these stay here, as a later version may read them. */
export async function keptHere(
	evening: string,
): Promise<{ readonly presses: readonly Press[]; readonly unread: number }> {
	const all = await (await shelf()).getAllFromIndex('presses', 'evening', evening);
	const presses = all.flatMap(({ press }) => PressSchema.safeParse(press).data ?? []);
	return { presses, unread: all.length - presses.length };
}

export async function dropHere(evening: string, presses: readonly Press[]): Promise<void> {
	const change = (await shelf()).transaction('presses', 'readwrite');
	await Promise.all([...presses.map(({ id }) => change.store.delete([evening, id])), change.done]);
}

/** Nothing is left of an evening that is removed. */
export async function forgetPressesHere(evening: string): Promise<void> {
	const change = (await shelf()).transaction('presses', 'readwrite');
	const keys = await change.store.index('evening').getAllKeys(evening);
	await Promise.all([...keys.map((key) => change.store.delete(key)), change.done]);
}

/** What was pressed now, by the clock of this device; after what it pressed before, however fast. */
export function newPress(did: Did, before: string | undefined, id: string = crypto.randomUUID()): Press {
	const least = before === undefined ? 0 : Date.parse(before) + 1;
	return { id, at: new Date(Math.max(Date.now(), least)).toISOString(), did };
}
