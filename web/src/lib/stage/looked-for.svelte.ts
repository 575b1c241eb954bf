/** Searches that would hold the page: a worker does them, and what it finds is then at hand at once. */

import { findWay, type FoundLimits, mayTakeLong } from '@pond-loop/core/craft';
import type { Crossing } from '@pond-loop/core/crossing';
import { Searcher } from '$lib/workers/search';

export interface WantedWay {
	readonly crossing: Crossing;
	readonly limits: FoundLimits;
}

export class LookedFor {
	/** Grows with each answer, so that what reads `waitsFor` is asked again. */
	#answers = $state(0);
	#asked: WantedWay | undefined;
	readonly #searcher = new Searcher((said) => {
		if (!('found' in said) || !this.#asked) return;
		findWay.keep(said.found, this.#asked.crossing, this.#asked.limits);
		this.#asked = undefined;
		this.#answers += 1;
	});

	/** Whether a search has to be waited for; never on the server, whose pages have threads of their own. */
	waitsFor({ crossing, limits }: WantedWay): boolean {
		void this.#answers;
		return typeof Worker !== 'undefined' && mayTakeLong(crossing, limits);
	}

	/** Looks for it; what was asked before and not answered yet is given up. */
	ask(wanted: WantedWay): void {
		this.#asked = wanted;
		this.#searcher.ask(wanted);
	}

	stop(): void {
		this.#searcher.stop();
	}
}
