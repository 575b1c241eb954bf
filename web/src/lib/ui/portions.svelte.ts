/** A long list that stands in the page in portions: the first with the page, the others as soon as the browser has time. */

import { onMount } from 'svelte';

/** As many as a server makes for one page. */
const FIRST = 12;
const EACH = 6;

export class Portions {
	#many = $state(FIRST);

	constructor(total: () => number) {
		onMount(() => {
			let timer: ReturnType<typeof setTimeout>;
			const more = (): void => {
				this.#many += EACH;
				if (this.#many < total()) timer = setTimeout(more, 16);
				else this.#many = Infinity;
			};
			timer = setTimeout(more, 16);
			const all = (): void => void (this.#many = Infinity);
			addEventListener('beforeprint', all);
			return () => {
				clearTimeout(timer);
				removeEventListener('beforeprint', all);
			};
		});
	}

	/** Whether the one at this place stands there already. */
	has(place: number): boolean {
		return place < this.#many;
	}
}
