/** The rule of even shifts: knit and purl columns alternate, so a group that moves by an odd number lands on the wrong ones. */

import {
	asThreeGroups,
	asTwoGroups,
	threeGroups,
	twoGroups,
	type Crossing,
	type StitchNumber,
} from '../../crossing/index.ts';

/** How many columns each unit moves, to the left when positive, by start number. */
export const shiftsOf = (c: Crossing): readonly number[] =>
	Array.from({ length: c.n }, (_, i) => c.order.indexOf(i + 1) - i);

/** Whether each column shows the same face after the crossing as before. */
export const keepsFaces = (c: Crossing): boolean => shiftsOf(c).every((shift) => shift % 2 === 0);

/** The first unit that would land on a column of the other kind. */
export const firstOdd = (c: Crossing): StitchNumber | undefined => {
	const at = shiftsOf(c).findIndex((shift) => shift % 2 !== 0);
	return at === -1 ? undefined : at + 1;
};

/**
 * The crossing with the same lean that fits and is nearest in its counts: each unit more, fewer or newly in
 * the centre counts one. `undefined` when it has neither two groups nor three.
 */
export function nearestThatFits(c: Crossing): Crossing | undefined {
	const two = asTwoGroups(c);
	const three = two ? undefined : asThreeGroups(c);
	const groups = two ?? three;
	if (!groups) return undefined;
	const wanted = [groups.tip.length, three?.centre.length ?? 0, groups.far.length] as const;
	const near = (count: number): number[] => [0, 1, -1, 2].map((d) => count + d).filter((n) => n >= 0);
	const found = near(wanted[0]).flatMap((tip) =>
		near(wanted[1]).flatMap((centre) =>
			near(wanted[2]).flatMap((far) => {
				if (tip < 1 || far < 1 || (three && centre < 1)) return [];
				const made = withSizes([tip, centre, far], groups.lean, three?.lies ?? 'between');
				const distance = Math.abs(tip - wanted[0]) + Math.abs(centre - wanted[1]) + Math.abs(far - wanted[2]);
				return made && keepsFaces(made) ? [{ made, distance }] : [];
			}),
		),
	);
	return found.sort((a, b) => a.distance - b.distance || a.made.n - b.made.n)[0]?.made;
}

function withSizes(
	[tip, centre, far]: readonly [number, number, number],
	lean: 'left' | 'right',
	lies: 'between' | 'behind',
): Crossing | undefined {
	if (centre === 0) {
		const [front, behind] = lean === 'left' ? [tip, far] : [far, tip];
		return twoGroups({ front, behind, lean });
	}
	const made = threeGroups({ sizes: [tip, centre, far], lean, lies });
	return made.ok ? made.value : undefined;
}
