/** A crossing while it is designed: groups that are moved, widened, worked and laid over each other. */

import { type Crossing, type Work } from './crossing.ts';
import { ofGroups } from './of-groups.ts';
import type { Result } from '../result.ts';

export interface Draft {
	/** Stitches of each group, and how they are worked, from the tip. */
	readonly groups: readonly { readonly size: number; readonly work: Work }[];
	/** Group numbers, from 1, in the order in which they are worked. */
	readonly order: readonly number[];
	/** For each pair of groups that changes order: the nearer one, then the other. */
	readonly over: readonly (readonly [upper: number, lower: number])[];
}

export const MOST_GROUPS = 12;

/** Two over two, leaning left. */
export const FIRST_DRAFT: Draft = {
	groups: [
		{ size: 2, work: 'k' },
		{ size: 2, work: 'k' },
	],
	order: [2, 1],
	over: [[1, 2]],
};

/** Pairs of groups whose order is reversed, the one nearer the tip first. */
export function changedPairs(order: readonly number[]): (readonly [number, number])[] {
	return order.flatMap((a, i) =>
		order.slice(i + 1).flatMap((b): (readonly [number, number])[] => (a > b ? [[b, a]] : [])),
	);
}

/** The same with an upper for each pair that changes order, as said before where it was, and for no other pair. */
function settled({ groups, order, over }: Draft): Draft {
	const said = (a: number, b: number): readonly [number, number] =>
		over.find(([u, l]) => (u === a && l === b) || (u === b && l === a)) ?? [a, b];
	return { groups, order, over: changedPairs(order).map(([a, b]) => said(a, b)) };
}

/** A group to another place among those worked. */
export function placed(draft: Draft, group: number, to: number): Draft {
	const rest = draft.order.filter((g) => g !== group);
	const at = Math.max(0, Math.min(rest.length, to));
	return settled({ ...draft, order: [...rest.slice(0, at), group, ...rest.slice(at)] });
}

/** All groups in another order of working. */
export const ordered = (draft: Draft, order: readonly number[]): Draft => settled({ ...draft, order });

/** Who lies over whom, turned round for one pair. */
export const flipped = (draft: Draft, a: number, b: number): Draft => ({
	...draft,
	over: draft.over.map(([u, l]) => ((u === a && l === b) || (u === b && l === a) ? [l, u] : [u, l])),
});

export const changedGroup = (draft: Draft, group: number, change: Partial<Draft['groups'][number]>): Draft => ({
	...draft,
	groups: draft.groups.map((g, i) => (i + 1 === group ? { ...g, ...change } : g)),
});

/** A further group beyond the others, which stays where it is until it is moved. */
export const withGroup = (draft: Draft): Draft => ({
	...draft,
	groups: [...draft.groups, { size: 1, work: 'k' }],
	order: [...draft.order, draft.groups.length + 1],
});

export function withoutGroup(draft: Draft, group: number): Draft {
	const renamed = (g: number): number => (g > group ? g - 1 : g);
	return settled({
		groups: draft.groups.filter((_, i) => i + 1 !== group),
		order: draft.order.filter((g) => g !== group).map(renamed),
		over: draft.over
			.filter(([u, l]) => u !== group && l !== group)
			.map(([u, l]): [number, number] => [renamed(u), renamed(l)]),
	});
}

/** The crossing that a draft is of; refused with the reason when it is none. Problems as in `ofGroups`. */
export const crossingOfDraft = ({ groups, order, over }: Draft): Result<Crossing> =>
	ofGroups({ sizes: groups.map((g) => g.size), order, over, work: groups.map((g) => g.work) });

/** A crossing taken apart into the widest groups whose stitches nothing tells apart. */
export function draftOf(c: Crossing): Draft {
	const place = new Map(c.order.map((s, i) => [s, i]));
	const uppers = new Map(Array.from({ length: c.n }, (_, i) => [i + 1, new Set<number>()]));
	for (const [u, l] of c.over) uppers.get(l)!.add(u);
	const alike = (a: number, b: number): boolean =>
		place.get(b) === place.get(a)! + 1 &&
		c.work[a - 1] === c.work[b - 1] &&
		[...uppers.get(a)!].every((u) => uppers.get(b)!.has(u)) &&
		uppers.get(a)!.size === uppers.get(b)!.size &&
		[...uppers].every(([, over]) => over.has(a) === over.has(b));
	const starts = c.work.flatMap((_, i) => (i > 0 && alike(i, i + 1) ? [] : [i + 1]));
	const groups = starts.map((s, i) => ({ size: (starts[i + 1] ?? c.n + 1) - s, work: c.work[s - 1]! }));
	const groupOf = new Map(starts.map((s, i) => [s, i + 1]));
	const order = c.order.flatMap((s) => groupOf.get(s) ?? []);
	const over = c.over.flatMap(([u, l]): [number, number][] => {
		const [a, b] = [groupOf.get(u), groupOf.get(l)];
		return a !== undefined && b !== undefined ? [[a, b]] : [];
	});
	return settled({ groups, order, over });
}
