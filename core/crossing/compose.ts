/** Crossings on top of each other, and what undoes one. */

import { type Crossing, type Passing, type StitchNumber, type Work, byUpperThenLower } from './crossing.ts';
import { settle, type PassingEvent } from './passings.ts';

export interface Composed {
	readonly n: number;
	/** Start numbers as they stand in the end, from the right. */
	readonly order: readonly StitchNumber[];
	/** Every passing in the order in which they came, by start numbers. */
	readonly passings: readonly PassingEvent[];
	/** Pairs that are wound round each other: then it is no longer one crossing. */
	readonly tangled: readonly (readonly [StitchNumber, StitchNumber])[];
	/** The one crossing that looks the same; `undefined` when pairs are wound round each other. */
	readonly one: Crossing | undefined;
}

/** A single crossing as a composition of one. */
export const composed = (c: Crossing): Composed => ({
	n: c.n,
	order: c.order,
	passings: passingsOf(c),
	tangled: [],
	one: c,
});

/** In the order in which the hands would meet them: by the place of the later stitch, then the earlier. */
const passingsOf = (c: Crossing): readonly PassingEvent[] =>
	c.over.map(([u, l]) => ({ pair: u < l ? ([u, l] as const) : ([l, u] as const), upper: u }));

/**
 * `next` worked on top of what is there, numbered from the right as the stitches stand by then.
 * Stitches are worked twice; what shows is how they were worked last. Associative; a crossing on its
 * own inverse is no crossing at all, and the same crossing twice is a full twist.
 * Throws when the counts differ: rows of one piece have one count. Linear in the passings.
 */
export function compose(first: Composed, next: Crossing): Composed {
	if (first.n !== next.n) throw new RangeError(`A crossing of ${next.n} stitches cannot follow one of ${first.n}.`);
	const start = (stitch: StitchNumber): StitchNumber => first.order[stitch - 1]!;
	const order = next.order.map(start);
	const passings = [
		...first.passings,
		...passingsOf(next).map(({ pair: [a, b], upper }): PassingEvent => ({
			pair: [start(a), start(b)],
			upper: start(upper!),
		})),
	];
	const { over, tangled } = settle(passings);
	const work: Work[] = Array.from({ length: next.n }, () => 'k');
	for (const [i, w] of next.work.entries()) work[start(i + 1) - 1] = w;
	return {
		n: next.n,
		order,
		passings,
		tangled,
		one: tangled.length === 0 ? { n: next.n, order, over, work } : undefined,
	};
}

/**
 * The crossing that undoes `c` when it is worked on top of it: every stitch goes back, and the one
 * that lay above stays above. Inverting twice gives `c` back.
 */
export function invert(c: Crossing): Crossing {
	const place = new Map(c.order.map((stitch, i) => [stitch, i + 1]));
	const at = (stitch: StitchNumber): StitchNumber => place.get(stitch)!;
	return {
		n: c.n,
		order: Array.from({ length: c.n }, (_, i) => at(i + 1)),
		over: c.over.map(([u, l]): Passing => [at(u), at(l)]).sort(byUpperThenLower),
		work: c.order.map((stitch) => c.work[stitch - 1]!),
	};
}
