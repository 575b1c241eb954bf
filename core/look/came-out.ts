/** What hands made, mistakes and all, where it is a crossing. */

import type { Craft, Demonstrated } from '../craft/index.ts';
import { crossing, mirror, type Crossing, type Work } from '../crossing/index.ts';
import type { AnyTrace } from '../handling/index.ts';

/**
 * The crossing that a procedure ends in, as these hands make it and as the fabric shows it; undefined where a stitch is
 * lost or left, where strands are wound round each other, or where a craft counts in units or pairs.
 */
export function cameOut(
	{ outcome }: AnyTrace,
	{ mirrored }: Pick<Demonstrated, 'mirrored'>,
	craft: Craft,
): Demonstrated | undefined {
	if (craft.isHanded && !craft.hasSentence) return undefined;
	const { order, over, work, lost, unworked, tangled, level } = outcome;
	if (lost.length + unworked.length + tangled.length + level.length > 0) return undefined;
	const done = order.map((_, i) => work[i + 1] as Work | undefined);
	if (done.some((w) => w === undefined)) return undefined;
	const made = crossing({ order, over, work: done as Work[] });
	return made.ok ? { made: made.value, fabric: mirrored ? mirror(made.value) : made.value, mirrored } : undefined;
}

/** The same with every stitch open: a stitch that came out twisted is a fault of the work, and no name tells it. */
export function untwisted({ made, fabric, mirrored }: Demonstrated): Demonstrated {
	const open = (c: Crossing): Crossing => ({ ...c, work: c.work.map((w) => (w.startsWith('p') ? 'p' : 'k')) });
	return { made: open(made), fabric: open(fabric), mirrored };
}

/** What has to be asked for, so that these hands make it: the fabric where they are after that, else what they make. */
export const askedFor = ({ made, fabric }: Demonstrated, isSameFabric: boolean): Crossing =>
	isSameFabric ? fabric : made;
