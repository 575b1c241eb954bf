/** What a comparison puts side by side. */

import type { Side } from '../block/index.ts';
import { asTwoGroups, mirror, type Crossing } from '../crossing/index.ts';
import { drawChart, type Light } from '../drawing/index.ts';
import { kept } from '../kept/index.ts';
import { perform, ribbonOf, stageAt, waysFor, wordsFor } from '../made/index.ts';
import { readAll, readGlossary, readRows, SCHOOLS, stitches } from '../notation/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { practiceSwatch, workRows } from '../swatch/index.ts';
import { craftIn, loopsIn, lookOf, shownIn, toolsSaid, wayOf } from './look.ts';

/** Both leans, two ways, what schools read differently, or rows between crossings. */
export const COMPARISONS = ['leans', 'ways', 'readings', 'tightness'] as const;

export interface Comparison {
	readonly of: (typeof COMPARISONS)[number];
	readonly craft: string;
	readonly asked: { readonly text: string };
	readonly crossing: Crossing;
	readonly way: string;
	/** The second way, where two ways are compared. */
	readonly other?: string | undefined;
}

/** A crossing as these hands make it; titled by what the fabric shows where nothing else is. */
function ribbon(crossing: Crossing, style: HouseStyle, told: { title?: string; says?: string } = {}): Side {
	const { made, fabric, mirrored } = shownIn(style, crossing);
	const { title = wordsFor(fabric).title, says = wordsFor(made).hands } = told;
	return { title, says, wide: false, draw: (paint) => ribbonOf(made, { ...paint, mirrored }) };
}

function rope(crossing: Crossing, every: number, title: string): Side {
	const group = asTwoGroups(crossing)?.tip.length ?? 2;
	const draw: Side['draw'] = ({ light }) => ropeOf(group, every, light);
	return { title, says: `crossed every ${every} rows`, wide: false, draw };
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

function way({ crossing, craft: craftId }: Comparison, id: string, style: HouseStyle): Side {
	const craft = craftIn(style, craftId);
	const shown = shownIn(style, crossing, craft);
	const { title } = wayOf(id, craft);
	const done = perform(craft, shown.made, id);
	if (!done.ok) return ribbon(crossing, style, { title, says: 'does not make this crossing' });
	const { trace, taken, tally: counts } = done.value;
	const moment = trace.steps.findLastIndex((s) => s.passings.length > 0) + 1;
	return {
		title,
		says: `${counts.moves} moves, ${counts.mostLoose} loose at once, ${toolsSaid(counts.tools, craft)}`,
		wide: true,
		draw: ({ light, textScale = 1.9 }) =>
			stageAt(taken.loops, trace, moment, { ...lookOf(style), ...loopsIn(taken), light, textScale }),
	};
}

/** The second way of a comparison: the one chosen, else the next that makes this crossing. */
export function otherWay({ crossing, craft: id, way: first, other }: Comparison, style: HouseStyle): string {
	const craft = craftIn(style, id);
	const ways = waysFor(craft, shownIn(style, crossing, craft).made);
	return other ?? ways.find((w) => w.id !== first)?.id ?? first;
}

/** Two sides or more; one where schools agree on a name, so that there is nothing to compare. */
export function sidesOf(asked: Comparison, style: HouseStyle): readonly Side[] {
	const { crossing } = asked;
	switch (asked.of) {
		case 'leans':
			return [crossing, mirror(crossing)].map((c) => ribbon(c, style));
		case 'readings':
			return readAll(asked.asked.text).readings.map((r) =>
				ribbon(r.crossing, style, {
					title: SCHOOLS[r.school].title,
					says: `${stitches(r.crossing.n)}: ${wordsFor(shownIn(style, r.crossing).fabric).title}`,
				}),
			);
		case 'ways':
			return [asked.way, otherWay(asked, style)].map((id) => way(asked, id, style));
		case 'tightness': {
			const usual = Math.max(4, crossing.n);
			return [rope(crossing, 2, 'Tight'), rope(crossing, usual, 'Usual'), rope(crossing, 2 * usual, 'Loose')];
		}
	}
}
