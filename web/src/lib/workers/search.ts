/** The page's side of the search: asks, and hears the answer to what it asked last. */

import type { Crossing } from '@pond-loop/core/crossing';
import type { Tally } from '@pond-loop/core/handling';

/** What a search came to. */
export type FoundPlan = ({ readonly found: true; readonly proven: boolean } & Tally) | { readonly found: false };

export class Searcher {
	#worker: Worker | undefined;
	#asked = 0;
	readonly #hear: (plan: FoundPlan) => void;

	constructor(hear: (plan: FoundPlan) => void) {
		this.#hear = hear;
	}

	/** Answers to anything asked before are not heard any more. */
	ask(crossing: Crossing): void {
		// One that is still at an older question is stopped, so that answers never queue up.
		if (this.#worker && this.#waiting) this.stop();
		this.#worker ??= this.#started();
		this.#asked += 1;
		this.#waiting = true;
		this.#worker.postMessage({ id: this.#asked, crossing });
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = undefined;
		this.#waiting = false;
	}

	#waiting = false;

	#started(): Worker {
		const worker = new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' });
		worker.addEventListener('message', ({ data }: MessageEvent<{ id: number; plan: FoundPlan }>) => {
			if (data.id !== this.#asked) return;
			this.#waiting = false;
			this.#hear(data.plan);
		});
		return worker;
	}
}
