/** A crossing in plain words: by look, by hold, and as a short title. */

import { listNumbers } from '../crossing/index.ts';
import { asTwoGroups, frontAndBehind, holdSide, type Crossing, type Lean, type Side } from '../crossing/index.ts';

export const stitches = (count: number): string => (count === 1 ? '1 stitch' : `${count} stitches`);

export interface CrossingWords {
	/** Such as "2 over 1, leaning left". */
	readonly title: string;
	readonly lean: Lean;
	readonly hold: Side;
	readonly heldCount: number;
	/** By look: which numbers pass in front of which. */
	readonly look: string;
	/** By hold: what the hands do with the first group. */
	readonly hands: string;
	/** How the stitches are worked. */
	readonly work: string;
}

/** The words for a crossing of two groups; `undefined` for any other. */
export function wordsFor(c: Crossing): CrossingWords | undefined {
	const groups = asTwoGroups(c);
	if (!groups) return undefined;
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
