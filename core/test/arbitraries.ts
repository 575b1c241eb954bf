/** Random crossings and moves for the property tests. */

import fc from 'fast-check';
import {
	CENTRES,
	reversedPairs,
	threeGroups,
	twoGroups,
	WORKS,
	type Crossing,
	type ThreeGroupSpec,
	type TwoGroupSpec,
	type Work,
} from '../crossing/index.ts';
import type { Move } from '../handling/index.ts';
import { valid } from './made.ts';

/** Any valid crossing, rings included: a permutation, a coin for each reversed pair, a work for each stitch. */
export const anyCrossing = (most = 9, least = 1): fc.Arbitrary<Crossing> =>
	fc
		.integer({ min: least, max: most })
		.chain((n) =>
			fc.record({
				order: fc.shuffledSubarray(
					Array.from({ length: n }, (_, i) => i + 1),
					{ minLength: n, maxLength: n },
				),
				coins: fc.array(fc.boolean(), { minLength: (n * (n - 1)) / 2, maxLength: (n * (n - 1)) / 2 }),
				work: fc.array(fc.constantFrom<Work>(...WORKS), { minLength: n, maxLength: n }),
			}),
		)
		.map(({ order, coins, work }) => {
			const over = reversedPairs(order).map(([a, b], i): [number, number] => (coins[i] ? [a, b] : [b, a]));
			return valid({ order, over, work });
		});

const orders = (of: readonly number[]): number[][] =>
	of.length === 0 ? [[]] : of.flatMap((s) => orders(of.filter((x) => x !== s)).map((rest) => [s, ...rest]));

/** Every crossing of `n` stitches, all knit: each order with each choice of who lies above. */
export const everyCrossing = (n: number): Crossing[] =>
	orders(Array.from({ length: n }, (_, i) => i + 1)).flatMap((order) => {
		const pairs = reversedPairs(order);
		return Array.from({ length: 2 ** pairs.length }, (_, bits) =>
			valid({ order, over: pairs.map(([a, b], i): [number, number] => ((bits >> i) & 1 ? [a, b] : [b, a])) }),
		);
	});

const namedWorks: readonly (readonly [Work, Work])[] = [
	['k', 'k'],
	['k', 'p'],
	['ktbl', 'ktbl'],
	['ktbl', 'p'],
];

/** Every two-group crossing that names exist for, up to `most` over `most`. */
export function everyTwoGroups(most: number): { readonly spec: TwoGroupSpec; readonly crossing: Crossing }[] {
	const sizes = Array.from({ length: most }, (_, i) => i + 1);
	return sizes.flatMap((front) =>
		sizes.flatMap((behind) =>
			(['right', 'left'] as const).flatMap((lean) =>
				namedWorks.map(([frontWork, behindWork]) => {
					const spec = { front, behind, lean, frontWork, behindWork };
					return { spec, crossing: twoGroups(spec) };
				}),
			),
		),
	);
}

/** Every three-group crossing with up to `most` stitches in each group: leans, places of the centre, and works. */
export function everyThreeGroups(most: number): { readonly spec: ThreeGroupSpec; readonly crossing: Crossing }[] {
	const sizes = Array.from({ length: most }, (_, i) => i + 1);
	return sizes.flatMap((a) =>
		sizes.flatMap((b) =>
			sizes.flatMap((z) =>
				(['right', 'left'] as const).flatMap((lean) =>
					CENTRES.flatMap((lies) =>
						namedWorks.map(([outerWork, centreWork]) => {
							const spec = { sizes: [a, b, z] as const, lean, lies, outerWork, centreWork };
							const made = threeGroups(spec);
							if (!made.ok) throw new Error(made.problems[0]!.what);
							return { spec, crossing: made.value };
						}),
					),
				),
			),
		),
	);
}

const count = fc.integer({ min: 0, max: 4 });
const holder = fc.constantFrom('holder-1' as const, 'holder-2' as const);
const from = fc.constantFrom('front' as const, 'behind' as const);
const needle = fc.constantFrom('left' as const, 'right' as const);
const side = fc.constantFrom('front' as const, 'back' as const);
const depth = fc.constantFrom('inner' as const, 'outer' as const);
const turned = fc.boolean();
/** Leaves out a key half of the time, as moves do. */
const maybe = <T>(value: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(value, { nil: undefined });

/** Any move at all, legal or not. */
export const anyMove: fc.Arbitrary<Move> = fc
	.oneof(
		fc.record({ kind: fc.constant('hold' as const), count, holder, side, depth, turned }),
		fc.record({ kind: fc.constant('swing' as const), holder, side, depth }),
		fc.record({ kind: fc.constant('slip' as const), count, turned }),
		fc.record({
			kind: fc.constant('work' as const),
			from: fc.constantFrom('left' as const, 'holder-1' as const, 'holder-2' as const),
			stitch: fc.constantFrom('k' as const, 'p' as const),
			leg: side,
			past: maybe(from),
			keep: maybe(fc.boolean()),
			wrap: maybe(fc.constant('short' as const)),
			split: maybe(fc.boolean()),
			end: maybe(fc.constant('far' as const)),
		}),
		fc.record({ kind: fc.constant('release' as const), count }),
		fc.record({ kind: fc.constant('yarn' as const), to: from, outside: maybe(fc.boolean()), round: maybe(holder) }),
		fc.record({
			kind: fc.constant('return' as const),
			from: fc.constantFrom('right' as const, 'holder-1' as const, 'holder-2' as const),
			count,
			turned,
		}),
		fc.record({ kind: fc.constant('enter' as const), needle, skip: count, count, from }),
		fc.record({ kind: fc.constant('withdraw' as const), needle, count }),
		fc.record({ kind: fc.constant('recapture' as const), needle, count, from }),
		fc.record({ kind: fc.constant('drop' as const), hang: from }),
		fc.record({ kind: fc.constant('lose' as const), stitch: fc.integer({ min: 1, max: 5 }) }),
	)
	.map((move) => Object.fromEntries(Object.entries(move).filter(([, value]) => value !== undefined)) as Move);
