/** Pictures of pieces that this browser keeps until the server has them. */

import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

export interface PieceHere {
	/** The id of the press that tells of it, so that it is told once. */
	readonly id: string;
	readonly evening: string;
	readonly person: string | undefined;
	readonly what: string;
	readonly picture: Blob;
}

interface PiecesShelf extends DBSchema {
	pieces: { key: string; value: PieceHere; indexes: { evening: string } };
}

let opened: Promise<IDBPDatabase<PiecesShelf>> | undefined;
const shelf = (): Promise<IDBPDatabase<PiecesShelf>> =>
	(opened ??= openDB<PiecesShelf>('pond-loop-pieces', 1, {
		upgrade(db) {
			db.createObjectStore('pieces', { keyPath: 'id' }).createIndex('evening', 'evening');
		},
	}));

/** Rejects where a browser keeps nothing; then a picture lives as long as its page. */
export const keepPieceHere = async (piece: PieceHere): Promise<void> =>
	void (await (await shelf()).put('pieces', piece));

export const piecesHere = async (evening: string): Promise<PieceHere[]> =>
	(await shelf()).getAllFromIndex('pieces', 'evening', evening);

export const dropPieceHere = async (id: string): Promise<void> => (await shelf()).delete('pieces', id);

/** Nothing is left of an evening that is removed. */
export const forgetPiecesHere = async (evening: string): Promise<void> =>
	void (await Promise.all((await piecesHere(evening)).map(({ id }) => dropPieceHere(id))));

/** Points of the longer side: enough to see each loop of a piece on a tablet. */
const LONGEST = 1200;
const QUALITY = 0.82;

/** As it comes from a camera, made small, so that many can wait; as it is where the browser cannot read it. */
export async function madeSmaller(picture: Blob): Promise<Blob> {
	try {
		const read = await createImageBitmap(picture);
		const scale = Math.min(1, LONGEST / Math.max(read.width, read.height));
		const canvas = document.createElement('canvas');
		canvas.width = Math.max(1, Math.round(read.width * scale));
		canvas.height = Math.max(1, Math.round(read.height * scale));
		canvas.getContext('2d')!.drawImage(read, 0, 0, canvas.width, canvas.height);
		read.close();
		const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
		return small ?? picture;
	} catch {
		return picture;
	}
}
