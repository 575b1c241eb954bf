import { type Swatch, SwatchSchema } from '@pond-loop/core/schema';
import { Autosave } from '$lib/save/autosave.svelte';
import { saveSwatch } from './api';

export interface OpenedSwatch {
	readonly id: string;
	readonly version: number;
	readonly swatch: Swatch;
}

/** One open swatch on its way to the server. */
export const keepSwatch = ({ id, version, swatch }: OpenedSwatch): Autosave<Swatch> =>
	new Autosave(
		{ key: id, schema: SwatchSchema, send: (v, value) => saveSwatch(id, v, value) },
		{ version, value: swatch },
	);
