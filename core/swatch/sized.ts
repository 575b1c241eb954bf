/** A swatch let lie by all that was told of its size, for its line of words and for its picture on paper. */

import { gaugeIn, relax, relaxedBy, type FabricState, type Gauge, type LiesAcross } from '../fabric/index.ts';
import { memoize, numbered } from '../memoize/index.ts';
import type { SwatchSizeTold } from '../schema/index.ts';
import { howItLies } from './how-it-lies.ts';
import { loopsThatLie } from './lie.ts';
import { materialOf, type Material } from './material.ts';
import { seenFrom, type Seen } from './seen-layer.ts';
import { swatchSize, type SwatchSize } from './size.ts';
import type { PulledBy } from './strains.ts';

export interface Sized extends Seen {
	readonly material: Material;
	/** In the state that it is looked at. */
	readonly gauge: Gauge;
	readonly pulled: PulledBy;
	readonly lies: LiesAcross;
	readonly size: SwatchSize;
}

/** What a material says of how far its crossings are pulled. */
export const pulledIn = ({ fibre, tension }: Pick<Material, 'fibre' | 'tension'>): PulledBy => ({
	...(fibre ? { fibre } : {}),
	...(tension ? { tension } : {}),
});

const numberOf = numbered();

/** Of two layers the one on the right side. Linear in stitches, some milliseconds for a thousand; once for the same rows. */
export const sizedIn = memoize(
	30,
	({ worked }: Seen, told: SwatchSizeTold | undefined, state: FabricState) =>
		`${numberOf(worked)} ${state} ${JSON.stringify(told)}`,
	sized,
);

function sized(rows: Seen, told: SwatchSizeTold | undefined, state: FabricState): Sized {
	const seen = seenFrom(rows.worked, 'RS', rows.cords);
	const material = materialOf(told);
	const gauge = gaugeIn(material.gauge, state, material.sizes);
	const pulled = pulledIn(material);
	const lies = relax(loopsThatLie(seen.worked, seen.cords), relaxedBy(howItLies(told, material, state, seen.worked)));
	return { ...seen, material, gauge, pulled, lies, size: swatchSize(seen.worked, seen.cords, lies, gauge, pulled) };
}
