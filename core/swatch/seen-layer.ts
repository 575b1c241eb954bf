/** What one face of a swatch shows: in some crafts each side is a fabric of its own. */

import { craftOf } from '../craft/index.ts';
import { cordsOf } from './cords.ts';
import type { Cords, Worked } from '../worked/index.ts';

export interface Seen {
	readonly worked: Worked;
	readonly cords: Cords;
}

const known = new WeakMap<Worked, Partial<Record<'RS' | 'WS', Seen>>>();

/** The fabric that is seen from a side, told as everything is by its look on the right side. */
export function seenFrom(worked: Worked, side: 'RS' | 'WS', cords?: Cords): Seen {
	const { seen } = craftOf(worked.craft).inSwatch;
	if (!seen) return { worked, cords: cords ?? cordsOf(worked) };
	const sides = known.get(worked) ?? {};
	known.set(worked, sides);
	const shown = seen(worked, side);
	return (sides[side] ??= { worked: shown, cords: cordsOf(shown) });
}
