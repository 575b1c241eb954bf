/** Saving a swatch, and what it was before. */

import { type Swatch, SwatchSchema } from '@pond-loop/core/schema';
import { z } from 'zod';
import type { Stored } from '$lib/save/autosave.svelte';
import { send, type SendAnswer } from '$lib/save/send';
import { versionsAt } from '$lib/save/versions';

const Saved = z.object({ version: z.number() });
const Current = z
	.object({ version: z.number(), swatch: SwatchSchema })
	.transform(({ version, swatch }): Stored<Swatch> => ({ version, value: swatch }));

export const saveSwatch = (
	id: string,
	version: number,
	swatch: Swatch,
): Promise<SendAnswer<z.infer<typeof Saved>, Stored<Swatch>>> =>
	send('PUT', `/api/swatches/${id}`, { version, swatch }, Saved, Current);

export const versionsOf = (id: string): ReturnType<typeof versionsAt<Swatch>> =>
	versionsAt(`/api/swatches/${id}`, SwatchSchema);
