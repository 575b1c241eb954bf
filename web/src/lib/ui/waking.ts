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

/** Wakes a part of what stands there, later than the rest. */
export function whileWaking<T>(wake: () => T): T {
	const before = waking;
	waking = true;
	try {
		return wake();
	} finally {
		waking = before;
	}
}

const breaths: (() => void)[] = [];
/** A message to oneself: browsers let timers that follow each other wait for 4 ms each, which adds up over a page. */
const told = typeof document === 'undefined' ? undefined : new MessageChannel();
if (told) told.port1.onmessage = () => breaths.shift()?.();

/** Lets the browser do what waits, such as hearing a press. */
export const aBreath = (): Promise<void> =>
	new Promise((done) => {
		if (!told) {
			setTimeout(done);
			return;
		}
		breaths.push(done);
		told.port2.postMessage(undefined);
	});

/** How long a browser is held at once by what comes in pieces. */
const ENOUGH_MS = 8;

/** Gives what to await between pieces of work: it takes a breath when they have held the browser for long enough. */
export function resting(): () => Promise<void> {
	let since = performance.now();
	return async () => {
		if (performance.now() - since < ENOUGH_MS) return;
		await aBreath();
		since = performance.now();
	};
}

let hurried: Promise<unknown> = Promise.resolve();

/**
 * Does it as soon as what runs now has ended, each piece by itself; what every visitor needs, but not all in one breath.
 * One that fails is reported, and keeps none after it from its turn.
 */
export function soon(piece: () => unknown): void {
	hurried = hurried
		.then(aBreath)
		.then(piece)
		.catch((error: unknown) => reportError(error));
}

/** Kept once all that was to be done soon is done. */
export const hurriedOn = (): Promise<unknown> => hurried;

let tellAwake = (): void => undefined;
const awake = new Promise<void>((done) => (tellAwake = done));

/** Told once, when all that was to be done soon is done. */
export const nowListens = (): void => tellAwake();

/** Kept once the page listens. */
export const whenAwake = (): Promise<void> => awake;

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
