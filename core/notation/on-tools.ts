/** Sentences for tools that stand before the worker: loops that are parked and moved on pegs, groups lifted with prongs. */

import { crossing, mirror, twoGroups, type Crossing, type Passing } from '../crossing/index.ts';
import type { Problem } from '../result.ts';
import { readPegName } from './pegs.ts';
import type { Meaning } from './schools.ts';

const LIST = String.raw`\d{1,2}(?:\s*(?:,|and|&|-|–|to)\s*\d{1,2}){0,5}`;
const LOOPS = String.raw`(?:(?:the\s+)?(?:loops?|sts?|stitch(?:es)?)\s+(?:of|from|on)\s+)?(?:(?:the\s+)?pegs?\s+)?`;
const ON = String.raw`\s+(?:back\s+)?(?:on\s?to|to|on)\s+(?:pegs?\s+)?`;
const PEGS = new RegExp(
	String.raw`^(?:hold|park|lift|take)\s+(?=.*\bpegs?\b)${LOOPS}(?<held>${LIST})(?:['’]?s?['’]?)(?:\s+loops?)?\s+(?<where>(?:in|to)\s+(?:the\s+)?(?:front|back)|at\s+the\s+(?:front|back)|inside|outside|behind)\s*[,;]\s*(?:then\s+|and\s+)?(?:move|put|place|bring)\s+${LOOPS}(?<moved>${LIST})(?:['’]?s?['’]?)(?:\s+loops?)?${ON}(?<first>${LIST})\s*[,;]\s*(?:then\s+|and\s+)?(?:put|place|seat|return)\s+the\s+(?:held|parked)\s+(?:loops?|ones?|sts?|stitch(?:es)?)${ON}(?<second>${LIST})\s*\.?$`,
	'i',
);
const PRONGS =
	/^(?:with\s+|use\s+)?(?:two\s+(?<both>\d)-prong(?:\s+(?:transfer\s+)?tools)?|an?\s+(?<one>\d)-prong(?:\s+(?:transfer\s+)?tool)?\s+and\s+an?\s+(?<other>\d)-prong(?:\s+(?:transfer\s+)?tool)?)\s*[,;:]?\s*(?:put\s+)?(?:the\s+)?(?<side>left|right)\s+(?:group|one|tool)\s+(?:goes\s+)?down\s+first\s*\.?$/i;

/** `1 and 2`, `1, 2`, `1-3` as numbers. */
function numbersOf(list: string): readonly number[] {
	const [, from, to] = /^(\d+)\s*(?:-|–|to)\s*(\d+)$/.exec(list) ?? [];
	if (from === undefined || to === undefined) return [...list.matchAll(/\d+/g)].map(([n]) => Number(n));
	return Array.from({ length: Math.max(0, Number(to) - Number(from) + 1) }, (_, i) => Number(from) + i);
}

/** On top, on the knit side, is what was nearer the worker as they passed. `undefined` where loops or pegs do not come out. */
function onPegs(groups: Readonly<Record<string, string | undefined>>): Crossing | undefined {
	const [held, moved, first, second] = ['held', 'moved', 'first', 'second'].map((g) => numbersOf(groups[g] ?? '')) as [
		readonly number[],
		readonly number[],
		readonly number[],
		readonly number[],
	];
	if (moved.length !== first.length || held.length !== second.length) return undefined;
	const n = held.length + moved.length;
	const order = Array<number>(n).fill(0);
	for (const [from, to] of [...moved.map((m, i) => [m, first[i]!]), ...held.map((h, i) => [h, second[i]!])] as [
		number,
		number,
	][])
		if (to >= 1 && to <= n) order[to - 1] = from;
	const isOutside = /front|outside/i.test(groups['where'] ?? '');
	const over = held.flatMap((h) => moved.map((m): Passing => (isOutside ? [h, m] : [m, h])));
	const made = crossing({ order, over, work: order.map(() => 'k' as const) });
	return made.ok && made.value.over.length > 0 ? made.value : undefined;
}

/**
 * What such a sentence makes. Pegs are counted from either end; which tool is the left one is told only by the side
 * that goes down first. `undefined` when the text is none of them.
 */
export function readOnTools(text: string): readonly Meaning[] | undefined {
	const plain = text.trim();
	const named = readPegName(plain);
	if (named) return named;
	const pegs = PEGS.exec(plain)?.groups;
	const made = pegs && onPegs(pegs);
	if (made)
		return [
			{ crossing: made, differs: 'pegs counted from the right' },
			{ crossing: mirror(made), differs: 'pegs counted from the left' },
		];
	const prongs = PRONGS.exec(plain)?.groups;
	if (!prongs) return undefined;
	const { both, one, other, side } = prongs;
	const sizes = [Number(both ?? one), Number(both ?? other)] as const;
	if (sizes.some((s) => !(s >= 1))) return undefined;
	const lean = side!.toLowerCase() as 'left' | 'right';
	const [a, b] = sizes;
	const first = { crossing: twoGroups({ front: a, behind: b, lean }), differs: `the ${lean} group is of ${a}` };
	return a === b
		? [{ ...first, differs: '' }]
		: [first, { crossing: twoGroups({ front: b, behind: a, lean }), differs: `the ${lean} group is of ${b}` }];
}

/** Why a text that speaks of pegs or prongs is not read. */
export const notOnTools = (text: string): readonly Problem[] =>
	/\b(?:pegs?|prongs?)\b/i.test(text)
		? [
				{
					code: 'on-tools',
					what: 'What is lifted, held and moved does not come out here.',
					todo: 'Say it as: hold peg 1’s loop in front, move 2 to 1, put the held loop on 2; or: two 2-prong tools, right group down first.',
				},
			]
		: [];
