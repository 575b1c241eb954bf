/**
 * A page comes with its content written; then the browser wakes it up. What is costly to make and stands there already
 * is not made meanwhile, but afterwards, a piece at a time while nobody waits.
 */

let waking = typeof document !== 'undefined';

/** Whether the page that the server wrote is being woken up: what stands in it is what would be made. */
export const isWaking = (): boolean => waking;

/** Told once, when the outermost part has woken up. */
export function woke(): void {
	waking = false;
}

const queue: (() => void)[] = [];
/** Nobody waits longer than this for a piece, however busy the page is. */
const MOST_MS = 1500;
const whenIdle: (piece: () => void) => void =
	typeof requestIdleCallback === 'function'
		? (piece) => void requestIdleCallback(piece, { timeout: MOST_MS })
		: (piece) => void setTimeout(piece, 50);

function next(): void {
	queue.shift()?.();
	if (queue.length > 0) whenIdle(next);
}

/** Does it when there is time, after what was asked before; gives how to call it off. */
export function later(piece: () => void): () => void {
	queue.push(piece);
	if (queue.length === 1) whenIdle(next);
	return () => {
		const at = queue.indexOf(piece);
		if (at > 0) queue.splice(at, 1);
		// The first of them is waited for already.
		else if (at === 0) queue[0] = () => undefined;
	};
}
