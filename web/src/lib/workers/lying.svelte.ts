/** How worked rows lie, asked of the worker whenever they change. To be made while a component is. */

import type { LiesAcross } from '@pond-loop/core/fabric';
import { loopsThatLie, type Checked } from '@pond-loop/core/swatch';
import { onMount, untrack } from 'svelte';
import { Relaxer } from './lie';

export class Lying {
	#lies = $state.raw<LiesAcross>();
	#of = $state.raw<unknown>();
	readonly #rows: () => Pick<Checked, 'worked' | 'cords'>;

	constructor(rows: () => Pick<Checked, 'worked' | 'cords'>) {
		this.#rows = rows;
		let asked: unknown;
		const relaxer = new Relaxer((heard) => {
			this.#lies = heard;
			this.#of = asked;
		});
		onMount(() => () => relaxer.stop());
		$effect(() => {
			const { worked, cords } = rows();
			asked = worked;
			// Rows of the same stitches begin from how they lay; an answer is no reason to ask again.
			const from = untrack(() => this.#lies?.x);
			relaxer.ask({ fabric: loopsThatLie(worked, cords), from });
		});
	}

	/** Undefined until it is known of these very rows. */
	get now(): LiesAcross | undefined {
		return this.#of === this.#rows().worked ? this.#lies : undefined;
	}
}
