/**
 * Crossings of two groups: the everyday ones, which names are made for.
 *
 * The tip group is the run of stitches at the tip of the left needle, the far
 * group the run beyond it. They change places; one of them passes in front.
 */

import { crossing, type Crossing, type Passing, type StitchNumber, type Work } from './crossing.ts';

/** Which way the front group slants, as seen on the right side. */
export type Lean = 'right' | 'left';

/** Where a group hangs while it waits, as the worker sees it. */
export type Side = 'front' | 'back';

export interface TwoGroups {
	/** Start numbers of the group at the tip of the left needle. */
	readonly tip: readonly StitchNumber[];
	/** Start numbers of the group beyond it. */
	readonly far: readonly StitchNumber[];
	readonly lean: Lean;
}

export interface TwoGroupSpec {
	/** Stitches that pass in front, at least 1. */
	readonly front: number;
	/** Stitches that pass behind, at least 1. */
	readonly behind: number;
	readonly lean: Lean;
	readonly frontWork?: Work;
	readonly behindWork?: Work;
}

const run = (from: number, count: number): number[] => Array.from({ length: count }, (_, i) => from + i);

/**
 * The crossing of two groups, `front` over `behind`.
 *
 * Right: the far group passes in front; left: the group at the tip does.
 * Throws on counts that no valid crossing has: callers check what people type.
 */
export function twoGroups({ front, behind, lean, frontWork = 'k', behindWork = 'k' }: TwoGroupSpec): Crossing {
	const tipCount = lean === 'left' ? front : behind;
	const n = front + behind;
	const tip = run(1, tipCount);
	const far = run(tipCount + 1, n - tipCount);
	const [uppers, lowers] = lean === 'left' ? [tip, far] : [far, tip];
	const over = uppers.flatMap((u) => lowers.map((l): Passing => [u, l]));
	const isFront = (s: StitchNumber): boolean => (lean === 'left' ? s <= tipCount : s > tipCount);
	const work = run(1, n).map((s) => (isFront(s) ? frontWork : behindWork));
	const made = crossing({ order: [...far, ...tip], over, work });
	if (!made.ok) throw new RangeError(made.problems[0]!.what);
	return made.value;
}

/** The two groups of a crossing, or `undefined` when it is not one whole group over another. */
export function asTwoGroups(c: Crossing): TwoGroups | undefined {
	// The far group is worked first, up to stitch 1, where the tip group begins.
	const tipCount = c.n - c.order.indexOf(1);
	if (tipCount === c.n) return undefined;
	const tip = run(1, tipCount);
	const far = run(tipCount + 1, c.n - tipCount);
	if (![...far, ...tip].every((s, i) => s === c.order[i])) return undefined;
	const lean: Lean = c.over[0]![0] > tipCount ? 'right' : 'left';
	const whole = c.over.every(([u]) => (lean === 'right' ? u > tipCount : u <= tipCount));
	return whole ? { tip, far, lean } : undefined;
}

/** The group that passes in front and the one behind it. */
export function frontAndBehind(g: TwoGroups): {
	readonly front: readonly StitchNumber[];
	readonly behind: readonly StitchNumber[];
} {
	return g.lean === 'left' ? { front: g.tip, behind: g.far } : { front: g.far, behind: g.tip };
}

/**
 * Where the first group is held to make the lean: held in front it leans left,
 * held to the back it leans right, on whichever side it is worked.
 */
export const holdSide = (lean: Lean): Side => (lean === 'left' ? 'front' : 'back');
