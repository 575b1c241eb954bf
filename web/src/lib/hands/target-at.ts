import type { Zone } from '@pond-loop/core/craft';
import type { StitchNumber } from '@pond-loop/core/crossing';
import type { HandsModel } from './hands-model.svelte';
import type { LoopTag } from './tags-in';

interface Carried {
	readonly model: Pick<HandsModel, 'byHand' | 'zones' | 'workedOff' | 'chosen'>;
	/** Where single places for loops stand, such as pegs. */
	readonly places: readonly LoopTag[];
	/** The loop under the finger. */
	readonly held: StitchNumber | undefined;
}

/**
 * Where a loop that is let go would be taken, by the point in hundredths of the picture: below what carries the loops
 * is nearer, above it further away. Undefined where nothing takes it.
 */
export function targetAt(
	{ x, y }: { readonly x: number; readonly y: number },
	{ model: { byHand, zones, workedOff, chosen }, places, held }: Carried,
): string | undefined {
	const at = (...wheres: Zone['where'][]): string | undefined =>
		zones.find(({ where }) => wheres.includes(where))?.target;
	if (y > 62) return at('bottom', x < 50 ? 'bottom-left' : 'bottom-right');
	if (y < 14) return at('top');
	const [nearest] = [...places].sort((a, b) => Math.abs(a.x - x) - Math.abs(b.x - x));
	if (nearest) {
		// The loop under the finger goes to the place under the finger, and its mates beside it.
		const before = held === undefined ? 0 : Math.max(0, [...chosen].sort((a, b) => a - b).indexOf(held));
		return byHand.placeTarget?.(nearest.stitch - before);
	}
	const aside = workedOff === 'left' ? x : 100 - x;
	return aside > 62 ? at('tip') : aside < 38 ? at('far') : y > 38 ? at('bottom') : at('top');
}
