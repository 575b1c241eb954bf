/** What a comparison puts side by side, as pictures with their words: for the page and for paper. */

import { asTwoGroups, mirror, type Crossing } from '@pond-loop/core/crossing';
import { drawChart, type Drawing, type Light } from '@pond-loop/core/drawing';
import { readAll, readGlossary, readRows, SCHOOLS, stitches } from '@pond-loop/core/notation';
import type { CompareStep, HouseStyle } from '@pond-loop/core/schema';
import { practiceSwatch, workRows } from '@pond-loop/core/swatch';
import { kept } from '@pond-loop/core/kept';
import { perform, ribbonOf, stageAt, waysFor, wordsFor } from '$lib/made';
import { craftIn, loopsIn, lookOf, shownIn, toolsSaid, wayOf } from '$lib/style/look';

export interface Side {
	readonly title: string;
	readonly says: string;
	readonly drawing: Drawing;
}

interface Shown {
	readonly light: Light;
	readonly style: HouseStyle;
	/** Colour around the picture, where it is not the page's own. */
	readonly around?: string;
}

function ribbon(crossing: Crossing, title: string, says: string, { light, style, around }: Shown): Side {
	const shown = shownIn(style, crossing);
	const options = { light, mirrored: shown.mirrored, ...(around ? { around } : {}) };
	return { title, says, drawing: ribbonOf(shown.made, options) };
}

function rope(crossing: Crossing, every: number, title: string, { light }: Shown): Side {
	const group = asTwoGroups(crossing)?.tip.length ?? 2;
	return { title, says: `crossed every ${every} rows`, drawing: ropeOf(group, every, light) };
}

const ropeOf = kept(
	60,
	(...asked: [group: number, every: number, light: Light]) => asked.join(' '),
	(group, every, light) => {
		const made = practiceSwatch({
			cords: [{ kind: 'rope', group, every }],
			border: 0,
			ground: 1,
			repeats: 3,
			shape: 'flat',
			school: 'slash',
		});
		const rows = readRows(made.text, { school: 'slash', glossary: readGlossary('') });
		const worked = workRows(rows, { castOn: made.castOn, shape: 'flat', school: 'slash' });
		return drawChart(worked, { light });
	},
);

function way({ crossing, craft: craftId }: CompareStep, id: string, shownAs: Shown): Side {
	const { light, style } = shownAs;
	const craft = craftIn(style, craftId);
	const shown = shownIn(style, crossing, craft);
	const { title } = wayOf(id, craft);
	const done = perform(craft, shown.made, id);
	if (!done.ok) return ribbon(crossing, title, 'does not make this crossing', shownAs);
	const { trace, taken, tally: counts } = done.value;
	const moment = trace.steps.findLastIndex((s) => s.passings.length > 0) + 1;
	return {
		title,
		says: `${counts.moves} moves, ${counts.mostLoose} loose at once, ${toolsSaid(counts.tools, craft)}`,
		drawing: stageAt(taken.loops, trace, moment, { ...lookOf(style), ...loopsIn(taken), light, textScale: 1.9 }),
	};
}

/** The second way of a comparison: the one chosen, else the next that makes this crossing. */
export function otherWay({ crossing, craft: id, way: first, other }: CompareStep, style: HouseStyle): string {
	const craft = craftIn(style, id);
	const ways = waysFor(craft, shownIn(style, crossing, craft).made);
	return other ?? ways.find((w) => w.id !== first)?.id ?? first;
}

/** Two sides or more; one where schools agree on a name, so that there is nothing to compare. */
export function sidesOf(step: CompareStep, shown: Shown): readonly Side[] {
	const { crossing } = step;
	switch (step.of) {
		case 'leans':
			return [crossing, mirror(crossing)].map((c) => ribbon(c, wordsFor(c).title, wordsFor(c).hands, shown));
		case 'readings':
			return readAll(step.asked.text).readings.map((r) =>
				ribbon(r.crossing, SCHOOLS[r.school].title, `${stitches(r.crossing.n)}: ${wordsFor(r.crossing).title}`, shown),
			);
		case 'ways':
			return [step.way, otherWay(step, shown.style)].map((id) => way(step, id, shown));
		case 'tightness': {
			const usual = Math.max(4, crossing.n);
			return [
				rope(crossing, 2, 'Tight', shown),
				rope(crossing, usual, 'Usual', shown),
				rope(crossing, 2 * usual, 'Loose', shown),
			];
		}
	}
}
