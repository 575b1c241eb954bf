/** The addresses of swatches. */

import { type Swatch, SwatchSchema } from '@pond-loop/core/schema';
import { z } from 'zod';
import type { Stored } from '$lib/save/autosave.svelte';
import { send, type Answer } from '$lib/save/send';
import { versionsAt } from '$lib/save/versions';

const Made = z.object({ id: z.string(), version: z.number(), title: z.string() });
const Saved = z.object({ version: z.number() });
const Current = z
	.object({ version: z.number(), swatch: SwatchSchema })
	.transform(({ version, swatch }): Stored<Swatch> => ({ version, value: swatch }));
const Removed = z.object({ title: z.string() });

export const createSwatch = (swatch: Swatch): Promise<Answer<z.infer<typeof Made>>> =>
	send('POST', '/api/swatches', { swatch }, Made);

export const saveSwatch = (
	id: string,
	version: number,
	swatch: Swatch,
): Promise<Answer<z.infer<typeof Saved>, Stored<Swatch>>> =>
	send('PUT', `/api/swatches/${id}`, { version, swatch }, Saved, Current);

export const removeSwatch = (id: string): Promise<Answer<z.infer<typeof Removed>>> =>
	send('DELETE', `/api/swatches/${id}`, undefined, Removed);

export const restoreSwatch = (id: string): Promise<Answer<object>> =>
	send('POST', `/api/swatches/${id}`, {}, z.object({}));

export const savePlace = (id: string, place: number): Promise<Answer<object>> =>
	send('PUT', `/api/swatches/${id}/place`, { place }, z.object({}));

export const versionsOf = (id: string): ReturnType<typeof versionsAt<Swatch>> =>
	versionsAt(`/api/swatches/${id}`, SwatchSchema);
