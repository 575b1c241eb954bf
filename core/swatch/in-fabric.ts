/** Fabrics that rows call by their names, stitch by stitch. */

import type { Fabric, RowSide } from '../notation/index.ts';
import type { StitchFace, WorkedStitch } from '../worked/index.ts';

/** What hands do on the WS for a face that shows on the RS, and the other way about. */
export const SHOWN_ON_WS: Readonly<Record<StitchFace, StitchFace>> = { k: 'p', p: 'k' };

/**
 * How each stitch of a fabric is worked, by the face that hands see below it and by its place in the fabric, from 0; nothing
 * for a rib that is neither named nor there yet. Garter is knit in every row when the work is turned, and by turns knit
 * and purled in the round. Seed stitch is the other of what is there; rib is what is there.
 */
export function howIn(
	fabric: Fabric,
	below: readonly WorkedStitch[],
	{ side, turned }: { readonly side: RowSide; readonly turned: boolean },
): ((seen: StitchFace, nth: number) => StitchFace) | undefined {
	const begins = below.some((s) => s.how === 'cast-on');
	const other = (seen: StitchFace): StitchFace => SHOWN_ON_WS[seen];
	switch (fabric.kind) {
		case 'stocking':
			return () => (side === 'RS' ? 'k' : 'p');
		case 'reverse':
			return () => (side === 'RS' ? 'p' : 'k');
		case 'garter': {
			const isOne = !begins && below.every((s) => s.face === below[0]!.face);
			return turned || !isOne ? () => 'k' : other;
		}
		case 'seed': {
			const isSet = !begins && below.every((s, i) => i === 0 || s.face !== below[i - 1]!.face);
			return isSet ? other : (_, nth) => (nth % 2 === 0 ? 'k' : 'p');
		}
		case 'rib': {
			if (!begins && below.some((s) => s.face !== below[0]!.face)) return (seen) => seen;
			if (!fabric.by) return undefined;
			const { knit, purl, begins: first } = fabric.by;
			const one = first === 'k' ? knit : purl;
			return (_, nth) => (nth % (knit + purl) < one === (first === 'k') ? 'k' : 'p');
		}
	}
}
