/** Questions about rows: how many since, how many until, is one due, does it come round. */

import type { Crossing } from '../../crossing/index.ts';
import type { Chance } from '../chance.ts';
import { cyclesOf } from '../../swatch/index.ts';
import { someOf, titleOf } from '../crossings.ts';
import { drill, type Deck, type Option } from '../question.ts';

/** Crossed first in one row, and then every so many rows; so many rows are finished. */
interface CountedRows {
	readonly first: number;
	readonly every: number;
	readonly done: number;
}
const counted = (_: Deck, by: Chance): CountedRows => {
	const every = 2 * (2 + by.below(4));
	const first = 1 + 2 * (1 + by.below(3));
	return { first, every, done: first + by.below(4 * every) };
};
const told = ({ first, every }: CountedRows): string[] => {
	const rows = [first, first + every, first + 2 * every];
	return [`Crossing rows: ${rows.join(', ')}, and so on, every ${every}th row.`];
};
const since = ({ first, every, done }: CountedRows): number => (done - first) % every;
const until = (c: CountedRows): number => c.every - since(c);
const numbers = (right: number, near: readonly number[]): Option[] => {
	const all = new Set([right, ...near.filter((n) => n >= 0)]);
	for (let n = 0; all.size < 4; n++) all.add(n);
	return [...all]
		.slice(0, 4)
		.sort((a, b) => a - b)
		.map((n) => ({ id: String(n), label: String(n) }));
};

export const rowsSince = drill<CountedRows>({
	id: 'rows-since',
	title: 'How many rows since?',
	skill: 'count-rows',
	make: counted,
	question: (c) => ({
		asks: `Row ${c.done} is finished. How many rows were worked since the last crossing row?`,
		shows: { kind: 'lines', lines: told(c) },
		options: numbers(since(c), [since(c) + 1, since(c) - 1, until(c)]),
	}),
	judge: (c, [given = '']) => ({
		right: Number(given) === since(c) && given !== '',
		says: `The last crossing row was row ${c.done - since(c)}, so ${since(c)}.`,
	}),
});

export const rowsUntil = drill<CountedRows>({
	id: 'rows-until',
	title: 'When is the next crossing?',
	skill: 'where-am-i',
	make: counted,
	question: (c) => ({
		asks: `Row ${c.done} is finished. Which row is the next crossing row?`,
		shows: { kind: 'lines', lines: told(c) },
		options: numbers(c.done + until(c), [c.done + until(c) - c.every, c.done + c.every, c.done + until(c) - 1]),
	}),
	judge: (c, [given = '']) => ({
		right: Number(given) === c.done + until(c),
		says: `Row ${c.done + until(c)}: ${until(c)} from here.`,
	}),
});

export const isDue = drill<CountedRows>({
	id: 'is-due',
	title: 'Is a crossing due?',
	skill: 'where-am-i',
	make: counted,
	question: (c) => ({
		asks: `Row ${c.done} is finished. Is a crossing due in the row that comes now?`,
		shows: { kind: 'lines', lines: told(c) },
		options: [
			{ id: 'yes', label: 'Yes, now' },
			{ id: 'no', label: 'Not yet' },
		],
	}),
	judge: (c, [given = '']) => ({
		right: (until(c) === 1) === (given === 'yes') && given !== '',
		says: `The next one is row ${c.done + until(c)}${until(c) === 1 ? ': the row that comes now' : ''}.`,
	}),
});

/** Crossings of one kind until every stitch is back where it began. */
const home = ({ order }: Crossing): number => cyclesOf(order).repeatsToReturn;

export const comesRound = drill<Crossing>({
	id: 'comes-round',
	title: 'When does it come round?',
	skill: 'rope',
	make: someOf,
	question: (crossing) => ({
		asks: `${titleOf(crossing)}, again and again over the same stitches. After how many crossings is each stitch back where it began?`,
		options: numbers(
			home(crossing),
			[2, 3, 4, 5].filter((n) => n !== home(crossing)),
		),
	}),
	judge: (crossing, [given = '']) => ({
		right: Number(given) === home(crossing),
		says: `After ${home(crossing)}.`,
		asked: crossing,
	}),
});
