/** Work that may wait until the browser has nothing better to do, one piece at a time. */

const waiting = new Set<() => void>();
let asked = false;

function ask(): void {
	if (asked || waiting.size === 0) return;
	asked = true;
	const next = (): void => {
		asked = false;
		const [first] = waiting;
		if (first) {
			waiting.delete(first);
			first();
		}
		ask();
	};
	// Not every browser tells when it is idle.
	if ('requestIdleCallback' in globalThis) requestIdleCallback(next, { timeout: 300 });
	else setTimeout(next, 20);
}

/** Does it when there is time; gives what takes it off the list again. */
export function whenIdle(work: () => void): () => void {
	waiting.add(work);
	ask();
	return () => waiting.delete(work);
}
