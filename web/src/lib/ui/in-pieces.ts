import { yieldRegularly } from './hydration';

/** What came of work in pieces, and how long the pieces took in all. */
export interface Timed<T> {
	readonly value: T;
	readonly ms: number;
}

/** Has work done a piece after the other, with rests between: however long it is, whoever presses something is heard. */
export async function inPieces<T>(pieces: Iterator<undefined, T, undefined>): Promise<Timed<T>> {
	const rest = yieldRegularly();
	let ms = 0;
	for (;;) {
		const from = performance.now();
		const piece = pieces.next();
		ms += performance.now() - from;
		if (piece.done) return { value: piece.value, ms };
		await rest();
	}
}
