/** Patterns for several sizes: `Cast on 14 (18, 22) sts`. One size is worked, and the text is kept for that one by a press. */

import type { Fix, RowProblem } from './items.ts';

/** `14 (18, 22)`, `5 [6: 7]`: a number and those of further sizes. */
const SIZES = /(\d{1,4})[ \t]{0,3}[([][ \t]{0,3}(\d{1,4}(?:[ \t]{0,3}[,:;/–-][ \t]{0,3}\d{1,4}){1,12})[ \t]{0,3}[)\]]/g;
/** `Cast on 20 (24) sts`: two sizes. Elsewhere one number in brackets may be a count. */
const TWO_SIZES = /\bcast[ \t-]{1,3}on[ \t]{1,3}\d{1,4}[ \t]{0,3}[([]\d{1,4}[)\]]/i;
const NUMBER_OF_TWO = /(\d{1,4})[ \t]{0,3}[([][ \t]{0,3}(\d{1,4})[ \t]{0,3}[)\]]/g;
const NTH = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

interface SizedText {
	/** As long a text for the first size. */
	readonly first: string;
	readonly problem: RowProblem;
}

/** The numbers of all sizes, the first one first. */
const numbersOf = (first = '', more = ''): readonly string[] => [first, ...more.split(/[,:;/–-]/).map((n) => n.trim())];

/** What a text says for several sizes; `undefined` when it is for one. Linear in its length. */
export function sizesIn(text: string): SizedText | undefined {
	const sized = TWO_SIZES.test(text) ? NUMBER_OF_TWO : SIZES;
	const found = [...text.matchAll(sized)];
	const [one] = found;
	if (!one) return undefined;
	const many = numbersOf(one[1], one[2]).length;
	const at = { from: one.index, to: one.index + one[0].length };
	const other = found.find((m) => numbersOf(m[1], m[2]).length !== many);
	const problem = (what: string, todo: string, fixes: readonly Fix[] = []): RowProblem => ({
		code: 'sizes',
		what,
		todo,
		at,
		fixes,
	});
	const forSize = (nth: number, inRoom: boolean): string =>
		text.replaceAll(sized, (whole, one: string, more: string) => {
			const number = numbersOf(one, more)[nth] ?? '';
			return inRoom ? number.padEnd(whole.length) : number;
		});
	if (other) {
		const what = `“${one[0]}” is for ${many} sizes and “${other[0]}” for ${numbersOf(other[1], other[2]).length}.`;
		return { first: forSize(0, true), problem: problem(what, 'Keep the numbers of your size.') };
	}
	const fixes = Array.from({ length: Math.min(many, NTH.length) }, (_, nth): Fix => ({
		from: 0,
		to: text.length,
		title: `Keep the ${NTH[nth]!} size`,
		text: forSize(nth, false),
	}));
	const what = `The pattern is for ${many} sizes: “${one[0]}”. The first one is worked here.`;
	return { first: forSize(0, true), problem: problem(what, 'Choose your size.', fixes) };
}
