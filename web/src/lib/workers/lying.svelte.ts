/** How worked rows lie, asked of the worker whenever they or their pull change. To be made while a component is. */

import type { HowItLies, LiesAcross } from '@pond-loop/core/fabric';
import { loopsThatLie, type Checked } from '@pond-loop/core/swatch';
import { onMount, untrack } from 'svelte';
import { Relaxer } from './lie';
import { moveFrom } from './moved';

type Rows = Pick<Checked, 'worked' | 'cords'>;

/** Rows, and how just these lie. */
export interface Lain extends Rows {
	readonly lies: LiesAcross;
}

const sameHow = (a: HowItLies, b: HowItLies): boolean => a.pull === b.pull && a.pinned === b.pinned;

export class Lying {
	#lain = $state.raw<Lain & { readonly how: HowItLies }>();
	/** On its way from how it lay before, with the rows that it is of. */
	#shown = $state.raw<Lain>();
	readonly #rows: () => Rows;
	readonly #how: () => HowItLies;

	constructor(rows: () => Rows, how: () => HowItLies = () => ({})) {
		this.#rows = rows;
		this.#how = how;
		let asked: (Rows & { how: HowItLies }) | undefined;
		let stop: (() => void) | undefined;
		const relaxer = new Relaxer((heard) => {
			const before = this.#shown?.lies;
			const { worked, cords } = asked!;
			this.#lain = { ...asked!, lies: heard };
			stop?.();
			// What is said of it is shown first; its picture takes longer to make, and comes in a later task.
			const timer = setTimeout(() => {
				stop = moveFrom(before?.x, heard.x, (x) => {
					this.#shown = { worked, cords, lies: { ...heard, x } };
				});
			});
			stop = () => clearTimeout(timer);
		});
		onMount(() => () => {
			relaxer.stop();
			stop?.();
		});
		$effect(() => {
			const { worked, cords } = rows();
			const now = how();
			if (asked?.worked === worked && sameHow(asked.how, now)) return;
			asked = { worked, cords, how: now };
			// Rows of the same stitches begin from how they lay; an answer is no reason to ask again.
			const from = untrack(() => this.#lain?.lies.x);
			relaxer.ask({ fabric: loopsThatLie(worked, cords), from, how: now });
		});
	}

	/** Undefined until it is known of these very rows. */
	get now(): LiesAcross | undefined {
		const lain = this.#lain;
		return lain && lain.worked === this.#rows().worked && sameHow(lain.how, this.#how()) ? lain.lies : undefined;
	}

	/** What is seen: the rows that were last heard of, on their way to where they lie. */
	get seen(): Lain | undefined {
		return this.#shown;
	}
}
