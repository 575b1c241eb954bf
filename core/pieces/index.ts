/**
 * Work that can rest between its pieces. Whoever has it done decides whether it does: a server does it at once, a page
 * hears in between who presses something. Each piece is short, however long the whole.
 */
export type Pieces<T> = Generator<undefined, T, undefined>;

/** All of it, without a rest. */
export function atOnce<T>(pieces: Pieces<T>): T {
	for (;;) {
		const piece = pieces.next();
		if (piece.done) return piece.value;
	}
}
