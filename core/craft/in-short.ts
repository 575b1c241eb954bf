/** A way in one line, for whoever knows it and has the work in hand. */

import { listNumbers, type Crossing } from '../crossing/index.ts';
import type { Craft, Hands } from './craft.ts';
import { perform } from './perform.ts';

/**
 * The labels of its moves, one after another, stitches worked alike told together: `hold 1, 2 in front; knit 3 and 4;
 * return 1, 2; knit 1 and 2`, as `hands` do it, right ones when left out. `undefined` where the way does not make the crossing.
 */
export function inShort(craft: Craft, c: Crossing, way: string, hands: Partial<Hands> = {}): string | undefined {
	const done = perform(craft, c, way);
	if (!done.ok) return undefined;
	const { trace } = done.value;
	const said: { readonly like: string; readonly numbers: number[] }[] = [];
	for (const [i, { move }] of trace.steps.entries()) {
		const { label } = craft.words(trace, i + 1, hands);
		const [number] = /\d+/.exec(label) ?? [];
		if (move.kind !== 'work' || number === undefined) {
			said.push({ like: label, numbers: [] });
			continue;
		}
		const like = label.replace(number, '#');
		const last = said.at(-1);
		if (last?.like === like) last.numbers.push(Number(number));
		else said.push({ like, numbers: [Number(number)] });
	}
	return said
		.map(({ like, numbers }) => (numbers.length > 0 ? like.replace('#', listNumbers(numbers)) : like))
		.map((words) => words.charAt(0).toLowerCase() + words.slice(1))
		.join('; ');
}
