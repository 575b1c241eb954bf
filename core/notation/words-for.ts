/** A crossing in plain words: by look, by hold, and as a short title. */

import {
	asThreeGroups,
	asTwoGroups,
	frontAndBehind,
	groupsOf,
	holdSide,
	listNumbers,
	mirror,
	type Crossing,
	type Lean,
	type Side,
	type ThreeGroups,
} from '../crossing/index.ts';

export const stitches = (count: number): string => (count === 1 ? '1 stitch' : `${count} stitches`);

export interface CrossingWords {
	/** Such as "2 over 1, leaning left". */
	readonly title: string;
	/** Which way it leans, and what is done with the first group: only where there is one answer. */
	readonly lean?: Lean;
	readonly hold?: Side;
	readonly heldCount?: number;
	/** Which stitches lie on top: their numbers from the tip of the needle that they are worked off. */
	readonly look: string;
	/** By hold: what the hands do with the first group. */
	readonly hands: string;
	/** How the stitches are worked. */
	readonly work: string;
}

/** The words for a crossing; with a lean and a hold where it has two or three groups that everyday words are made for. */
export function wordsFor(c: Crossing): CrossingWords {
	const groups = asTwoGroups(c);
	if (!groups) {
		const three = asThreeGroups(c);
		return three ? wordsForThree(c, three) : wordsForAny(c);
	}
	const { front, behind } = frontAndBehind(groups);
	const hold = holdSide(groups.lean);
	const held = groups.tip.length;
	const purled = behind.every((s) => c.work[s - 1]!.startsWith('p'));
	return {
		title: `${front.length} over ${behind.length}, leaning ${groups.lean}${purled ? ', purled behind' : ''}`,
		lean: groups.lean,
		hold,
		heldCount: held,
		look: `${listNumbers(front)} ${front.length === 1 ? 'passes' : 'pass'} in front of ${listNumbers(behind)}`,
		hands: `hold the first ${held === 1 ? 'stitch' : held} ${hold === 'front' ? 'in front' : 'at the back'}`,
		work: workWords(c),
	};
}

/**
 * The words for a crossing in the hands that make it. `made` is numbered from the tip of the needle that it is worked
 * off; `mirrored` says that left hands make it, so that the fabric shows its mirror image. Title and lean tell what the
 * fabric shows; the stitch numbers, what is held and how stitches are worked are those of these hands and of their
 * drawings. Every output takes its words from here.
 */
export function wordsMade({ made, mirrored }: { readonly made: Crossing; readonly mirrored: boolean }): CrossingWords {
	const words = wordsFor(made);
	if (!mirrored) return words;
	const { title, lean } = wordsFor(mirror(made));
	return { ...words, title, ...(lean ? { lean } : {}) };
}

function wordsForAny(c: Crossing): CrossingWords {
	// Stitches that lie over the same others are told together.
	const lowers = new Map<number, number[]>();
	for (const [u, l] of c.over) lowers.set(u, [...(lowers.get(u) ?? []), l]);
	const told = new Map<string, { uppers: number[]; under: readonly number[] }>();
	for (const [upper, under] of lowers) {
		const key = under.join();
		const one = told.get(key) ?? { uppers: [], under };
		one.uppers.push(upper);
		told.set(key, one);
	}
	const look = [...told.values()].map(
		({ uppers, under }) =>
			`${listNumbers(uppers)} ${uppers.length === 1 ? 'passes' : 'pass'} in front of ${listNumbers(under)}`,
	);
	const groups = groupsOf(c).length;
	return {
		title: c.over.length === 0 ? `${stitches(c.n)} in their order` : `${stitches(c.n)} in ${groups} groups, rearranged`,
		look: look.join('; ') || 'nothing crosses',
		hands: 'more than one group waits: follow the moves',
		work: workWords(c),
	};
}

function wordsForThree(c: Crossing, { tip, centre, far, lean, lies }: ThreeGroups): CrossingWords {
	const hold = holdSide(lean);
	const [front, other] = lean === 'left' ? [tip, far] : [far, tip];
	const purled = centre.every((s) => c.work[s - 1]!.startsWith('p'));
	const where = hold === 'front' ? 'in front' : 'at the back';
	// Behind both, leaning left, the centre hangs on the other side from the start.
	const apart = lies === 'behind' && lean === 'left';
	const held = apart ? tip.length : tip.length + centre.length;
	const first = `hold the first ${held === 1 ? 'stitch' : held} ${where}`;
	const pass = (a: readonly number[]): string => (a.length === 1 ? 'passes' : 'pass');
	return {
		title: `${front.length} over ${other.length}, ${centre.length} ${lies === 'between' ? 'between' : 'behind both'}, leaning ${lean}${purled ? ', centre purled' : ''}`,
		lean,
		hold,
		heldCount: held,
		look:
			lies === 'between'
				? `${listNumbers(front)} ${pass(front)} in front of ${listNumbers(centre)}, and those in front of ${listNumbers(other)}`
				: `${listNumbers(front)} ${pass(front)} in front of ${listNumbers(other)}, both in front of ${listNumbers(centre)}`,
		hands: apart
			? `${first}, the next ${centre.length === 1 ? 'stitch' : centre.length} at the back`
			: `${first}, put the centre ${centre.length} back before it is worked`,
		work: workWords(c),
	};
}

function workWords(c: Crossing): string {
	const kinds = new Set(c.work);
	if (kinds.size === 1) {
		return {
			k: 'all knit',
			p: 'all purled',
			ktbl: 'all knit through the back loop',
			ptbl: 'all purled through the back loop',
		}[c.work[0]!];
	}
	const numbers = (kind: string): number[] => c.work.flatMap((w, i) => (w === kind ? [i + 1] : []));
	const said: Record<string, string> = { k: 'knit', p: 'purl', ktbl: 'knit tbl', ptbl: 'purl tbl' };
	return [...kinds].map((kind) => `${said[kind]!} ${listNumbers(numbers(kind))}`).join(', ');
}
