/** What hands made, mistakes and all, where it is a crossing. */

import { demonstrated, type Craft, type Demonstrated } from '../craft/index.ts';
import { crossing, type Crossing } from '../crossing/index.ts';
import type { AnyTrace } from '../handling/index.ts';

/** The crossing of `n` stitches that an outcome is; undefined where a stitch is missing, not worked, or wound round another. */
export function crossingIn(
	{ order, over, work, tangled, level }: AnyTrace['outcome'],
	n: number,
): Crossing | undefined {
	if (order.length !== n || tangled.length + level.length > 0) return undefined;
	const done = order.flatMap((_, i) => work[i + 1] ?? []);
	const read = crossing({ order, over, work: done });
	return read.ok ? read.value : undefined;
}

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
	if (outcome.lost.length + outcome.unworked.length > 0) return undefined;
	const made = crossingIn(outcome, outcome.order.length);
	return made && demonstrated(made, mirrored);
}

/** The same with every stitch open: a stitch that came out twisted is a fault of the work, and no name tells it. */
export function untwisted({ made, fabric, mirrored }: Demonstrated): Demonstrated {
	const open = (c: Crossing): Crossing => ({ ...c, work: c.work.map((w) => (w.startsWith('p') ? 'p' : 'k')) });
	return { made: open(made), fabric: open(fabric), mirrored };
}

/** What has to be asked for, so that these hands make it: the fabric where they are after that, else what they make. */
export const askedFor = ({ made, fabric }: Demonstrated, isSameFabric: boolean): Crossing =>
	isSameFabric ? fabric : made;
