/** What the label of a row says: `Rows 3, 7 and 11 (RS, B; 14 sts):`. */

import { ROWS_LIMITS } from './limits.ts';
import type { RowColour, RowLine, RowSide } from './rows-text.ts';

const MOST_NUMBER = ROWS_LIMITS.number;

/** `(14 sts)` in a label. */
export const COUNTED = /\(\s{0,9}(\d{1,4})\s{0,9}(?:sts?|stitch|stitches)\s{0,9}\)/i;

function countIn(label: string, from: number): RowLine['count'] {
	const found = COUNTED.exec(label);
	return found
		? { stitches: Number(found[1]), from: from + found.index, to: from + found.index + found[0].length }
		: undefined;
}

/** “Row 3 and every following 4th row”. */
const EVERY_NTH = /\b(?:every|each)\s{1,9}(?:following\s{1,9}|foll\.?\s{1,9})?(\d{1,3})(?:st|nd|rd|th)\b/i;

/** Every so many rows further on; nothing when the label says no such thing. */
const eachIn = (label: string): number | undefined => {
	const [, each] = EVERY_NTH.exec(label) ?? [];
	return each === undefined ? undefined : Number(each);
};

/** `3, 7 and 11`, `1-4`; “and all WS rows” has no numbers. */
export function numbersIn(whole: string): number[] {
	const numbers: number[] = [];
	// "(14 sts)" tells how many stitches, and no row.
	const label = whole.replaceAll(/\([^()]{0,60}\b(?:sts?|stitch|stitches|rows?|rnds?|rounds?)\b[^()]{0,40}\)/gi, '');
	for (const [, from, to] of label.replace(EVERY_NTH, '').matchAll(/(\d+)(?:\s*(?:-|–|—|to)\s*(\d+))?/g)) {
		// One more than the highest stands for everything beyond, which is refused.
		const first = Math.min(Number(from), MOST_NUMBER + 1);
		const last = to === undefined ? first : Math.min(Number(to), MOST_NUMBER + 1);
		for (let n = first; n <= last; n++) numbers.push(n);
		if (numbers.length > 2 * MOST_NUMBER) break;
	}
	return [...new Set(numbers)];
}

export const sideIn = (label: string): RowSide | undefined =>
	/\bWS\b|wrong/i.test(label) ? 'WS' : /\bRS\b|right/i.test(label) ? 'RS' : undefined;

/** In brackets, alone or behind the side; a bare letter elsewhere may be anything. */
function colourIn(label: string): RowColour | undefined {
	const [, letter] =
		/\(\s{0,9}(?:(?:RS|WS)\s{0,9}(?:,\s{0,9})?)?(?:(?:colou?r|yarn)\s{1,9})?(a|b|mc|cc)\s{0,9}\)/i.exec(label) ?? [];
	return letter === undefined ? undefined : /^(?:a|mc)$/i.test(letter) ? 'A' : 'B';
}

function everyIn(label: string): RowLine['every'] {
	if (!/\b(all|every|even|odd)\b/i.test(label)) return undefined;
	if (/\bWS\b|wrong|\beven\b/i.test(label)) return 'WS';
	if (/\bRS\b|right|\bodd\b/i.test(label)) return 'RS';
	// “Row 2 and every other row” means the rows of that row's side.
	if (/other|alternate|\balt\b|following|\bfoll\b/i.test(label))
		return (numbersIn(label)[0] ?? 2) % 2 === 0 ? 'WS' : 'RS';
	return 'any';
}

/** All that a label says; `from` is where it begins in the text. */
export function labelIn(
	said: string,
	from: number,
): Pick<RowLine, 'numbers' | 'each' | 'every' | 'side' | 'colour' | 'count'> {
	const each = eachIn(said);
	const every = each === undefined ? everyIn(said) : undefined;
	const side = sideIn(said);
	const colour = colourIn(said);
	const count = countIn(said, from);
	return {
		numbers: numbersIn(said),
		...(every ? { every } : {}),
		...(each ? { each } : {}),
		...(side ? { side } : {}),
		...(colour ? { colour } : {}),
		...(count ? { count } : {}),
	};
}

/** `Next row:`, which has no number of its own. */
export const isNext = (label: string): boolean => /^\s{0,9}(?:next|following)\b/i.test(label);
/** `Rnd 3:`, `Round 3:`. */
export const isRoundLabel = (label: string): boolean => /^\s{0,9}(?:rnd|round)/i.test(label);
