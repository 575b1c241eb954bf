/** The page's side of the search: asks, and hears how far it is and the answer to what it asked last. */

import type { Crossing } from '@pond-loop/core/crossing';
import type { Found, Looking, SearchLimits } from '@pond-loop/core/handling';

export interface SearchQuestion {
	readonly crossing: Crossing;
	readonly limits: Partial<SearchLimits>;
}

/** What the worker says: that it is at it still, or what it came to. */
export type SearchMessage = { readonly looking: Looking } | { readonly found: Found };

export class Searcher {
	#worker: Worker | undefined;
	#asked = 0;
	readonly #hear: (said: SearchMessage) => void;

	constructor(hear: (said: SearchMessage) => void) {
		this.#hear = hear;
	}

	/** Answers to anything asked before are not heard any more. */
	ask(question: SearchQuestion): void {
		// One that is still at an older question is stopped, so that answers never queue up.
		if (this.#worker && this.#waiting) this.stop();
		this.#worker ??= this.#started();
		this.#asked += 1;
		this.#waiting = true;
		this.#worker.postMessage({ id: this.#asked, question });
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = undefined;
		this.#waiting = false;
	}

	#waiting = false;

	#started(): Worker {
		const worker = new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' });
		worker.addEventListener('message', ({ data }: MessageEvent<{ id: number; said: SearchMessage }>) => {
			if (data.id !== this.#asked) return;
			if ('found' in data.said) this.#waiting = false;
			this.#hear(data.said);
		});
		return worker;
	}
}
