import { type HouseStyle, HouseStyleSchema } from '@pond-loop/core/schema';
import { z } from 'zod';
import { send, type SendAnswer } from '$lib/save/send';
import type { Stored } from '$lib/save/autosave.svelte';

const Saved = z.object({ version: z.number() });
const Current = z
	.object({ version: z.number(), style: HouseStyleSchema })
	.transform(({ version, style }): Stored<HouseStyle> => ({ version, value: style }));

export const saveStyle = (
	version: number,
	style: HouseStyle,
): Promise<SendAnswer<z.infer<typeof Saved>, Stored<HouseStyle>>> =>
	send('PUT', '/api/house-style', { version, style }, Saved, Current);
