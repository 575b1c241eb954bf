/** The light that the drawings on the page are painted in. */

import { getContext, setContext } from 'svelte';
import type { PageLight } from './light';

const KEY = Symbol('light');

class LightState {
	#chosen = $state<PageLight>();
	readonly #first: () => PageLight;
	constructor(first: () => PageLight) {
		this.#first = first;
	}
	get now(): PageLight {
		return this.#chosen ?? this.#first();
	}
	set now(light: PageLight) {
		this.#chosen = light;
	}
}

export const setLight = (first: () => PageLight): LightState => setContext(KEY, new LightState(first));

export const useLight = (): LightState => getContext<LightState>(KEY);
