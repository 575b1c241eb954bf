import { type HouseStyle, HouseStyleSchema } from '@pond-loop/core/schema';
import { invalidate } from '$app/navigation';
import { Autosave } from '$lib/save/autosave.svelte';
import { saveStyle } from './api';
import { HOUSE_STYLE } from './depends';

export interface OpenedStyle {
	readonly version: number;
	readonly style: HouseStyle;
}

/** The house style on its way to the server; pages opened from then on follow it. */
export const keepStyle = (owner: string, { version, style }: OpenedStyle): Autosave<HouseStyle> =>
	new Autosave<HouseStyle>(
		{
			key: `house-style-${owner}`,
			schema: HouseStyleSchema,
			send: async (v, value) => {
				const answer = await saveStyle(v, value);
				if (answer.kind === 'ok') void invalidate(HOUSE_STYLE);
				return answer;
			},
		},
		{ version, value: style },
	);
