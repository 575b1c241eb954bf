/** What moved is seen to move: loops go from where they lay to where they lie, each row by itself. */

/** Milliseconds on the way. */
const WAY_MS = 450;
/** Loops up to which each picture on the way is soon drawn. */
const MOST_LOOPS = 3000;

const eased = (t: number): number => 1 - (1 - t) ** 3;

/**
 * Gives each picture on the way, and the last one always; at once where there was none before, where it is large, or
 * where somebody wishes for less motion. Returns what ends it early.
 */
export function moveFrom(
	before: readonly Float64Array[] | undefined,
	after: readonly Float64Array[],
	show: (x: readonly Float64Array[]) => void,
): () => void {
	const loops = after.reduce((sum, row) => sum + row.length, 0);
	const isMoved =
		before !== undefined &&
		after.some((row, r) => before[r]?.length === row.length && row.some((x, c) => Math.abs(x - before[r]![c]!) > 0.02));
	if (!isMoved || loops > MOST_LOOPS || matchMedia('(prefers-reduced-motion: reduce)').matches) {
		show(after);
		return () => undefined;
	}
	const at = (k: number): readonly Float64Array[] =>
		after.map((row, r) => {
			const was = before[r];
			return was?.length === row.length ? row.map((x, c) => was[c]! + k * (x - was[c]!)) : row;
		});
	const from = performance.now();
	show(at(0));
	let frame = requestAnimationFrame(function step(now) {
		const t = Math.min(1, Math.max(0, now - from) / WAY_MS);
		show(t === 1 ? after : at(eased(t)));
		if (t < 1) frame = requestAnimationFrame(step);
	});
	return () => cancelAnimationFrame(frame);
}
