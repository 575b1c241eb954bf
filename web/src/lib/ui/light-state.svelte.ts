/** The light that the drawings on the page are painted in. */

import { getContext, setContext } from 'svelte';
import type { Light } from './light';

const KEY = Symbol('light');

class LightState {
	#chosen = $state<Light>();
	readonly #first: () => Light;
	constructor(first: () => Light) {
		this.#first = first;
	}
	get now(): Light {
		return this.#chosen ?? this.#first();
	}
	set now(light: Light) {
		this.#chosen = light;
	}
}

export const setLight = (first: () => Light): LightState => setContext(KEY, new LightState(first));

export const useLight = (): LightState => getContext<LightState>(KEY);
