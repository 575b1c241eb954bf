/** What a line that repeats rows says: which rows, how often or how long, and what it ends with. */

import { sideIn } from './label.ts';
import type { RepeatLine } from './rows-text.ts';
import { numberOf } from './until.ts';

/** `total`: it says how many rows there are in all. */
type RepeatRead = Pick<RepeatLine, 'first' | 'last' | 'again' | 'endsWith'> & { readonly total?: true };

/** Reads a line of at most a few hundred characters; `highest` is the last row before it. */
export function repeatIn(
	text: string,
	highest: number,
): RepeatRead | { readonly idle: string } | { readonly wrong: string; readonly todo: string } {
	const rows = rowsIn(text, highest);
	if (!rows)
		return {
			wrong: 'Which rows are repeated cannot be read here.',
			todo: 'Write it as: rep rows 1-8, or: rep rows 1-8 twice.',
		};
	const { first, last, before, behind } = rows;
	const [ending = '', row, side] = ENDING.exec(behind) ?? [];
	const endsWith = row !== undefined ? Number(row) : side === undefined ? undefined : sideIn(side);
	const counted = behind.replace(ending, '');
	const idle = OFTEN.exec(before)?.[0] ?? idleIn(counted);
	if (idle) return { idle };
	const line = { first, last, ...(endsWith === undefined ? {} : { endsWith }) };
	// A length is no count: how many rows it takes depends on the gauge, so the line leaves it open.
	if (LENGTH.test(counted)) return { ...line, again: undefined };
	const total = TOTAL.exec(counted)?.[1];
	if (total === undefined) return { ...line, again: timesIn(counted) };
	// "until 24 rows": as often as it takes to come to so many, those that were worked before included.
	const again = (Number(total) - last) / (last - first + 1);
	if (Number.isInteger(again) && again >= 0) return { ...line, again, total: true };
	return {
		wrong: `Rows ${first} to ${last}, worked again and again, do not come to ${total} rows.`,
		todo: 'Say how many times, or correct the number of rows.',
	};
}

/** Which rows a line names, and what it says before and behind them. */
function rowsIn(text: string, highest: number) {
	const between = (first: number, last: number, before: string, behind: string) =>
		first >= 1 && last >= first ? { first, last, before, behind } : undefined;
	// “these 8 rows” and “last 4 rows” count back from here.
	const back = /\b(?:these|last|the)\s+(\d+)\s*(?:rows|rnds|rounds)/i.exec(text);
	if (back) return between(highest - Number(back[1]) + 1, highest, '', text.slice(back.index + back[0].length));
	const range = /(\d+)\s*(?:-|–|—|to|through|and|&)\s*(\d+)/i.exec(text) ?? /(\d+)/.exec(text);
	if (!range) return /all|every/i.test(text) ? between(1, highest, '', text) : undefined;
	const [said, first, last] = range;
	// “from row 3” goes on to the last one.
	const isOn = last === undefined && /^\S+\s{1,9}from\b/i.test(text);
	return between(
		Number(first),
		isOn ? highest : Number(last ?? first),
		text.slice(0, range.index),
		text.slice(range.index + said.length),
	);
}

/** Until it is so long, in any unit. */
const LENGTH = /\d\s{0,3}(?:cm|mm|m\b|in\b|ins\b|inch|inches|["”″])|\bmeasures\b|\blong\b/i;
/** Until there are so many rows in all. */
const TOTAL = /\b(?:until|till|for a total of|total of|to)\s{1,3}(\d{1,4})\s{1,3}(?:rows|rnds|rounds)\b/i;

/** `ending with row 3`, `ending with a WS row`. */
const ENDING =
	/\bend(?:s|ing)?\s{1,3}(?:with|on|after)\s{1,3}(?:an?\s{1,3})?(?:(?:row|rnd|round)\s{0,3}(\d{1,4})|(RS|WS|right|wrong)(?:[\s-]{1,3}side)?(?:\s{1,3}(?:row|rnd|round))?)/i;

function timesIn(text: string): number | undefined {
	const [, word] = /\b(once|twice|thrice)\b/i.exec(text) ?? [];
	if (word) return numberOf(word.toLowerCase());
	const [, many] =
		/(?:x|×)?\s*\b(\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b\s*(?:more\s+)?(?:times?|x)?/i.exec(
			text,
		) ?? [];
	return many === undefined ? undefined : numberOf(many.toLowerCase());
}

const OFTEN = /\b(?:once|twice|thrice|until|till)\b/i;

/** A second number of a line that says how often already, or an “until” that nothing follows. */
function idleIn(said: string): string | undefined {
	const [, second] = said.match(/\b(?:until|till)\b/gi) ?? [];
	if (second !== undefined) return second;
	const open = /\b(?:until|till)(?=\s{1,3}(?:for|once|twice|thrice)\b|[\s.]*$)/i.exec(said)?.[0];
	if (open !== undefined) return open;
	if (LENGTH.test(said) || TOTAL.test(said)) return undefined;
	if (/\b(?:until|till)\b/i.test(said) && !/\b(?:required|desired|end|top|reached|total)\b/i.test(said))
		return /until|till/i.exec(said)?.[0];
	const many = [
		...said.matchAll(
			/\b(?:once|twice|thrice|\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/gi,
		),
	];
	return many[1]?.[0];
}

/** Between two repeats of one line: “twice more, then rows 1 and 2 once more”. */
export const THEN_REPEAT =
	/[,;.]?\s{1,3}then\s{1,3}(?:work\s{1,3}|rep(?:eat)?\s{1,3})?(?=(?:rows?|rnds?|rounds?)\s{1,3}\d)/i;
