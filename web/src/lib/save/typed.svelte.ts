/** What is typed on a page that has no document yet: kept in this browser until it has one, and there again after a reload. */

import { onMount } from 'svelte';
import type { z } from 'zod';
import { keptHere } from '$lib/ui/kept-here';

const REST_MS = 200;

/**
 * Ties what is typed to a key. `read` gives it as it stands, or undefined when there is nothing worth
 * keeping; `put` sets it again. What cannot be read any more is left where it is.
 */
export class Typed<T> {
	/** Something typed earlier was put back. */
	back = $state(false);
	readonly #key: string;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#over = false;

	constructor(key: string, schema: z.ZodType<T>, read: () => T | undefined, put: (typed: T) => void) {
		this.#key = `pond-typed-${key}`;
		let ready = $state(false);
		onMount(() => {
			const text = keptHere.get(this.#key);
			if (text) {
				try {
					const typed = schema.safeParse(JSON.parse(text));
					if (typed.success) {
						put(typed.data);
						this.back = true;
					}
				} catch {
					// Not ours, or from a version that is no more.
				}
			}
			ready = true;
			return () => clearTimeout(this.#timer);
		});
		$effect(() => {
			const typed = read();
			if (!ready || this.#over) return;
			clearTimeout(this.#timer);
			this.#timer = setTimeout(() => {
				if (typed === undefined) keptHere.remove(this.#key);
				else keptHere.set(this.#key, JSON.stringify(typed));
			}, REST_MS);
		});
	}

	/** It has a place of its own now, or is not wanted any more. */
	done(): void {
		clearTimeout(this.#timer);
		this.back = false;
		keptHere.remove(this.#key);
	}
}

/** Puts something where a page looks for what was typed on it: the way from one page to a form of another. */
export const keepTyped = (key: string, typed: unknown): void =>
	void keptHere.set(`pond-typed-${key}`, JSON.stringify(typed));
