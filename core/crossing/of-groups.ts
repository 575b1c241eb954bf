/**
 * Crossings of any number of groups: neighbouring stitches that go the same way together. Groups are
 * numbered from the tip of the left needle, like stitches.
 */

import { crossing, isOver, type Crossing, type Passing, type StitchNumber, type Work } from './crossing.ts';
import { fail, type Result } from '../result.ts';

export interface GroupsSpec {
	/** Stitches in each group, from the tip. */
	readonly sizes: readonly number[];
	/** Group numbers in the order in which they are worked. */
	readonly order: readonly number[];
	/** For each pair of groups that changes order, the nearer one first. */
	readonly over: readonly (readonly [upper: number, lower: number])[];
	/** How each group is worked; all knit when left out. */
	readonly work?: readonly Work[];
}

/** Start numbers of each group. */
function stitchesOf(sizes: readonly number[]): StitchNumber[][] {
	let next = 1;
	return sizes.map((size) => Array.from({ length: size }, () => next++));
}

/**
 * The crossing of these groups. Problems: `group` (a group without stitches, or not named once in the
 * order), and those of `crossing`.
 */
export function ofGroups({ sizes, order, over, work }: GroupsSpec): Result<Crossing> {
	const names = new Set(order);
	const whole = sizes.every((size) => Number.isInteger(size) && size >= 1);
	if (!whole || names.size !== sizes.length || order.length !== sizes.length || order.some((g) => !sizes[g - 1])) {
		return fail({
			code: 'group',
			what: 'Each group needs at least one stitch and its own place.',
			todo: `Name each group from 1 to ${sizes.length} once.`,
		});
	}
	const groups = stitchesOf(sizes);
	return crossing({
		order: order.flatMap((g) => groups[g - 1]!),
		over: over.flatMap(([u, l]) =>
			(groups[u - 1] ?? []).flatMap((a) => (groups[l - 1] ?? []).map((b): Passing => [a, b])),
		),
		work: groups.flatMap((stitches, i) => stitches.map((): Work => work?.[i] ?? 'k')),
	});
}

/** The longest runs of neighbours that stay neighbours, in the same order, from the tip: [1, 2], [3] for 3 1 2. */
export function groupsOf(c: Crossing): readonly (readonly StitchNumber[])[] {
	const place = new Map(c.order.map((stitch, i) => [stitch, i]));
	const groups: StitchNumber[][] = [];
	for (let stitch = 1; stitch <= c.n; stitch++) {
		const last = groups.at(-1);
		if (last && place.get(stitch) === place.get(stitch - 1)! + 1) last.push(stitch);
		else groups.push([stitch]);
	}
	return groups;
}

/** Where the centre of three groups lies. */
export const CENTRES = ['between', 'behind'] as const;
export type Centre = (typeof CENTRES)[number];

export interface ThreeGroups {
	/** From the tip: one outer group, the centre, the other outer group. */
	readonly tip: readonly StitchNumber[];
	readonly centre: readonly StitchNumber[];
	readonly far: readonly StitchNumber[];
	readonly lean: 'right' | 'left';
	readonly lies: Centre;
}

export interface ThreeGroupSpec {
	/** Stitches at the tip, in the centre and beyond it. */
	readonly sizes: readonly [number, number, number];
	readonly lean: 'right' | 'left';
	readonly lies: Centre;
	readonly outerWork?: Work;
	readonly centreWork?: Work;
}

/**
 * Three groups: the outer two change places and the centre stays the centre, between them or behind
 * both. Left: the group at the tip passes in front of the far one. Problems as in `ofGroups`.
 */
export function threeGroups({
	sizes,
	lean,
	lies,
	outerWork = 'k',
	centreWork = 'k',
}: ThreeGroupSpec): Result<Crossing> {
	const [upper, lower] = lean === 'left' ? ([1, 3] as const) : ([3, 1] as const);
	return ofGroups({
		sizes,
		order: [3, 2, 1],
		over: [[upper, lower], [upper, 2], lies === 'between' ? [2, lower] : [lower, 2]],
		work: [outerWork, centreWork, outerWork],
	});
}

/** The three groups of a crossing whose outer ones change places over or around the centre; `undefined` for any other. */
export function asThreeGroups(c: Crossing): ThreeGroups | undefined {
	const [tip, centre, far, more] = groupsOf(c);
	if (!tip || !centre || !far || more) return undefined;
	if (c.order[0] !== far[0] || c.order[far.length] !== centre[0]) return undefined;
	const above = (a: readonly number[], b: readonly number[]): boolean | undefined => {
		const said = a.flatMap((x) => b.map((y) => isOver(c, x, y)));
		return said.every((s) => s === said[0]) ? said[0] : undefined;
	};
	const tipOverFar = above(tip, far);
	const tipOverCentre = above(tip, centre);
	const farOverCentre = above(far, centre);
	if (tipOverFar === undefined || tipOverCentre === undefined || farOverCentre === undefined) return undefined;
	const lean = tipOverFar ? 'left' : 'right';
	if (tipOverCentre && farOverCentre) return { tip, centre, far, lean, lies: 'behind' };
	const between = tipOverFar ? tipOverCentre && !farOverCentre : farOverCentre && !tipOverCentre;
	return between ? { tip, centre, far, lean, lies: 'between' } : undefined;
}
