/**
 * When work of a page runs. The server sends pages as HTML; Svelte then hydrates them. What is costly and stands in the
 * HTML already is left for later, in tasks of its own, so that a press in between is answered.
 */

let hydrating = typeof document !== 'undefined';

/** Whether the page that the server sent is being hydrated: its HTML is what would be rendered. */
export const isHydrating = (): boolean => hydrating;

/** Called once, when the root layout is mounted. */
export function markHydrated(): void {
	hydrating = false;
}

/** Runs the hydration of a part that is hydrated after its page. */
export function whileHydrating<T>(hydrate: () => T): T {
	const before = hydrating;
	hydrating = true;
	try {
		return hydrate();
	} finally {
		hydrating = before;
	}
}

const yielded: (() => void)[] = [];
/** Nested timers wait for 4 ms each; a message to oneself does not. */
const channel = typeof document === 'undefined' ? undefined : new MessageChannel();
if (channel) channel.port1.onmessage = () => yielded.shift()?.();

/** Resolves in a new task, so that the browser can handle input and paint before. */
export const yieldToMain = (): Promise<void> =>
	new Promise((resolve) => {
		if (!channel) {
			setTimeout(resolve);
			return;
		}
		yielded.push(resolve);
		channel.port2.postMessage(undefined);
	});

/** How long work in pieces may run before it yields. */
const SLICE_MS = 8;

/** A function to await between pieces of work: it yields once they have run for longer than a slice. */
export function yieldRegularly(): () => Promise<void> {
	let since = performance.now();
	return async () => {
		if (performance.now() - since < SLICE_MS) return;
		await yieldToMain();
		since = performance.now();
	};
}

let tasks: Promise<unknown> = Promise.resolve();

/** Runs it after the current task, in one of its own, in the order of the calls. One that throws is reported, and the next runs. */
export function runSoon(task: () => unknown): void {
	tasks = tasks
		.then(yieldToMain)
		.then(task)
		.catch((error: unknown) => reportError(error));
}

/** Resolves when the tasks of `runSoon` so far have run. */
export const whenTasksDone = (): Promise<unknown> => tasks;

let resolveInteractive = (): void => undefined;
const interactive = new Promise<void>((resolve) => (resolveInteractive = resolve));

/** Called once, when the page answers presses and input. */
export const markInteractive = (): void => resolveInteractive();

/** Resolves when the page answers presses and input. */
export const whenInteractive = (): Promise<void> => interactive;

const queue: (() => void)[] = [];
/** A task runs after this time even if the browser is never idle. */
const MOST_MS = 1500;
const requestIdle: (task: () => void) => void =
	typeof requestIdleCallback === 'function'
		? (task) => void requestIdleCallback(task, { timeout: MOST_MS })
		: (task) => void setTimeout(task, 50);

function next(): void {
	queue.shift()?.();
	if (queue.length > 0) requestIdle(next);
}

/** Runs it when the browser is idle, one task at a time, in the order of the calls. Returns a function that cancels it. */
export function runWhenIdle(task: () => void): () => void {
	queue.push(task);
	if (queue.length === 1) requestIdle(next);
	return () => {
		const at = queue.indexOf(task);
		if (at > 0) queue.splice(at, 1);
		// An idle callback for the first one is requested already.
		else if (at === 0) queue[0] = () => undefined;
	};
}
