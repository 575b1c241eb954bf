/**
 * The pull of drawn-through loops, learnt from a piece that was measured: both of their stiffnesses are moved together
 * until the fabric lies as wide as it came out. The more they pull, the narrower it lies.
 */

import { STIFFNESS, type LoopFabric, type Stiffness } from './loops.ts';
import { relax, type RelaxOptions } from './relax.ts';
import { spanAcross } from './span.ts';

/** As many times the assumed pull: what yarn and hands may come to. Assumed. */
export const PULLS = { least: 1 / 8, most: 8 } as const;

/** Stiffnesses with so many times the assumed pull. */
const stiffnessBy = (pull: number): Stiffness => ({
	...STIFFNESS,
	through: STIFFNESS.through * pull,
	crossed: STIFFNESS.crossed * pull,
});

/** What makes a fabric lie otherwise than is assumed. */
export interface HowItLies {
	/** So many times the assumed pull of drawn-through loops. */
	readonly pull?: number;
	/** Its edges are pinned so far apart, in stitch widths from the first to the last loop. */
	readonly pinned?: number;
}

export const relaxedBy = ({ pull, pinned }: HowItLies): Pick<RelaxOptions, 'stiffness' | 'pinned'> => ({
	...(pull === undefined ? {} : { stiffness: stiffnessBy(pull) }),
	...(pinned === undefined ? {} : { pinned }),
});

export type PullFound =
	| { readonly ok: true; readonly pull: number }
	/** It lies no wider and no narrower than so many stitches, whatever the pull. */
	| { readonly ok: false; readonly least: number; readonly most: number };

/** In stitch widths: much less than anybody measures. */
const CLOSE = 0.005;
const MOST_TRIES = 24;

/**
 * `span`: how wide it came out, in stitch widths of the same yarn in plain knitting, in the same state. Bisects on the
 * logarithm of the pull; a dozen relaxations, each begun from the last.
 */
export function pullFor(fabric: LoopFabric, span: number): PullFound {
	let from: readonly Float64Array[] | undefined;
	const at = (pull: number): number => {
		const { x } = relax(fabric, { stiffness: stiffnessBy(pull), ...(from ? { from } : {}) });
		from = x;
		return spanAcross(x);
	};
	let [soft, hard] = [Math.log(PULLS.least), Math.log(PULLS.most)];
	const [most, least] = [at(PULLS.least), at(PULLS.most)];
	if (span > most + CLOSE || span < least - CLOSE) return { ok: false, least, most };
	// Nothing crosses: every pull gives the same width, and none is learnt.
	if (most - least < 2 * CLOSE) return { ok: true, pull: 1 };
	for (let i = 0; i < MOST_TRIES; i++) {
		const middle = (soft + hard) / 2;
		const off = at(Math.exp(middle)) - span;
		if (Math.abs(off) < CLOSE) return { ok: true, pull: Math.exp(middle) };
		if (off > 0) soft = middle;
		else hard = middle;
	}
	return { ok: true, pull: Math.exp((soft + hard) / 2) };
}
