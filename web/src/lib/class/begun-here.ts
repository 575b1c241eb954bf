/** Evenings that are begun where there is no network: what they can begin with is kept beforehand, and they until they are sent. */

import { ClassSchema, EveningSchema, type Class, type Evening } from '@pond-loop/core/class';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What the evenings of a class can begin with, as it was when the class was last seen with a network. */
export interface MeantHere {
	readonly classId: string;
	readonly class: Class;
	/** The last one is without a lesson. */
	readonly evenings: readonly Evening[];
}
export interface BegunHere {
	readonly id: string;
	readonly classId: string;
	readonly class: Class;
	readonly evening: Evening;
	/** What the server is told of it. */
	readonly told: { readonly day: string; readonly lesson?: string };
}

interface BegunShelf extends DBSchema {
	meant: { key: string; value: { classId: string; class: unknown; evenings: unknown[] } };
	begun: { key: string; value: BegunHere; indexes: { classId: string } };
}

let opened: Promise<IDBPDatabase<BegunShelf>> | undefined;
const shelf = (): Promise<IDBPDatabase<BegunShelf>> =>
	(opened ??= openDB<BegunShelf>('pond-loop-begun', 1, {
		upgrade(db) {
			db.createObjectStore('meant', { keyPath: 'classId' });
			db.createObjectStore('begun', { keyPath: 'id' }).createIndex('classId', 'classId');
		},
	}));

export async function keepMeant({ classId, class: of, evenings }: MeantHere): Promise<void> {
	await (await shelf()).put('meant', { classId, class: of, evenings: [...evenings] });
}

/** What evenings could begin with, of all classes. */
export const forgetMeant = async (): Promise<void> => (await shelf()).clear('meant');

/** Begins an evening here. Undefined where nothing is kept to begin it with. */
export async function beginHere(classId: string, told: BegunHere['told']): Promise<string | undefined> {
	const kept = await (await shelf()).get('meant', classId);
	const of = ClassSchema.safeParse(kept?.class);
	const evening = kept?.evenings
		.flatMap((e) => EveningSchema.safeParse(e).data ?? [])
		.find((e) => e.lesson === told.lesson);
	if (!of.success || !evening) return undefined;
	const id = crypto.randomUUID();
	await (await shelf()).put('begun', { id, classId, class: of.data, evening: { ...evening, day: told.day }, told });
	return id;
}

export const begunHere = async (id: string): Promise<BegunHere | undefined> => (await shelf()).get('begun', id);

export const begunOf = async (classId: string): Promise<BegunHere[]> =>
	(await shelf()).getAllFromIndex('begun', 'classId', classId);

export const forgetBegun = async (id: string): Promise<void> => (await shelf()).delete('begun', id);
