/** What a comparison puts side by side. */

import type { Paint, ComparedSide } from '../block/index.ts';
import { CRAFT_IDS, type Craft } from '../craft/index.ts';
import { asTwoGroups, mirror, type Crossing } from '../crossing/index.ts';
import { drawChart, type Drawing, type Light } from '../drawing/index.ts';
import { memoize } from '../memoize/index.ts';
import { perform, ribbonOf, stageAt, waysFor, wordsFor } from '../made/index.ts';
import { readAll, readGlossary, readRows, SCHOOLS, stitches, wordsMade } from '../notation/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { practiceSwatch, workRows } from '../swatch/index.ts';
import { craftIn } from './craft-in.ts';
import { loopsIn, lookOf, shownIn, toolsSaid, wayIn, wayOf, wordsIn } from './look.ts';

/** What may be put side by side. */
export const COMPARISONS = ['leans', 'ways', 'hands', 'yarn', 'readings', 'tightness', 'crafts'] as const;

export interface Comparison {
	readonly of: (typeof COMPARISONS)[number];
	readonly craft: string;
	readonly asked: { readonly text: string };
	readonly crossing: Crossing;
	readonly way: string;
	/** The second way, where ways are compared, and up to two more. */
	readonly other?: string | undefined;
	readonly more?: readonly string[] | undefined;
	/** The second craft, where crafts are compared. */
	readonly inCraft?: string | undefined;
}

/** A crossing as these hands make it; titled by what the fabric shows where nothing else is. */
function ribbon(
	crossing: Crossing,
	style: HouseStyle,
	craft: Craft,
	told: { title?: string; says?: string } = {},
): ComparedSide {
	const { made, mirrored } = shownIn(style, crossing, craft);
	const words = wordsMade({ made, mirrored });
	const taken = craft.takes(made, craft.ways[0]!.id);
	const { title = words.title, says = (taken.ok ? taken.value.does : undefined) ?? words.hands } = told;
	return { title, says, wide: false, draw: (paint) => ribbonOf(made, { ...paint, mirrored }) };
}

function rope(crossing: Crossing, every: number, title: string): ComparedSide {
	const group = asTwoGroups(crossing)?.tip.length ?? 2;
	const draw: ComparedSide['draw'] = ({ light }) => ropeOf(group, every, light);
	return { title, says: `crossed every ${every} rows`, wide: false, draw };
}

const ropeOf = memoize(
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

/** A crossing made one way, to be walked through. */
function made(
	craftId: string,
	crossing: Crossing,
	id: string,
	style: HouseStyle,
	told: { title: string; says?: string },
): ComparedSide {
	const craft = craftIn(style, craftId);
	const shown = shownIn(style, crossing, craft);
	const done = perform(craft, shown.made, id);
	if (!done.ok) return ribbon(crossing, style, craft, { title: told.title, says: 'does not make this crossing' });
	const { trace, taken, tally: counts } = done.value;
	const moment = trace.steps.findLastIndex((s) => s.passings.length > 0) + 1;
	const draw = (at: number, { light, textScale = 1.9 }: Paint): Drawing =>
		stageAt(taken.loops, trace, at, { ...lookOf(style), ...loopsIn(taken), light, textScale });
	return {
		title: told.title,
		says:
			told.says ??
			`${counts.moves} moves, ${counts.mostLoose === 0 ? 'nothing hangs loose' : `${counts.mostLoose} loose at once`}, ${toolsSaid(counts.tools, craft)}`,
		wide: true,
		draw: (paint) => draw(moment, paint),
		moves: {
			frames: trace.steps.length + 1,
			says: (at) => wordsIn(style, trace, Math.min(at, trace.steps.length), craft),
			draw,
		},
	};
}

/** The second way of a comparison: the one chosen, else the next that makes this crossing. */
export function otherWay({ crossing, craft: id, way: first, other }: Comparison, style: HouseStyle): string {
	const craft = craftIn(style, id);
	const ways = waysFor(craft, shownIn(style, crossing, craft).made);
	return other ?? ways.find((w) => w.id !== first)?.id ?? first;
}

/** The ways that are compared, two to four of them. */
export const waysCompared = (asked: Comparison, style: HouseStyle): readonly string[] => [
	...new Set([asked.way, otherWay(asked, style), ...(asked.more ?? [])]),
];

/** The second craft of a comparison: the one chosen, else the next that takes this crossing. */
export function otherCraft({ crossing, craft, inCraft }: Comparison, style: HouseStyle): string {
	if (inCraft !== undefined) return inCraft;
	const takes = (id: string): boolean => waysFor(craftIn(style, id), crossing).length > 0;
	return CRAFT_IDS.find((id) => id !== craft && id !== TWIN && takes(id)) ?? CRAFT_IDS.find((id) => id !== craft)!;
}
/** The nearest relative of plain knitting shows least beside it. */
const TWIN = CRAFT_IDS[1];

/** Two sides or more; one where schools agree on a name, so that there is nothing to compare. */
export function sidesOf(asked: Comparison, style: HouseStyle): readonly ComparedSide[] {
	const { crossing, craft } = asked;
	const by = (id: string, more: Partial<HouseStyle>): string =>
		wayIn(
			{ ...style, ...more },
			shownIn({ ...style, ...more }, crossing, craftIn(style, id)).made,
			asked.way,
			craftIn(style, id),
		);
	switch (asked.of) {
		case 'leans':
			return [crossing, mirror(crossing)].map((c) => {
				const { moves } = made(craft, c, by(craft, {}), style, { title: '' });
				return { ...ribbon(c, style, craftIn(style, craft)), ...(moves ? { moves } : {}) };
			});
		case 'readings':
			return readAll(asked.asked.text).readings.map((r) =>
				ribbon(r.crossing, style, craftIn(style, craft), {
					title: SCHOOLS[r.school].title,
					says: `${stitches(r.crossing.n)}: ${wordsFor(shownIn(style, r.crossing, craftIn(style, craft)).fabric).title}`,
				}),
			);
		case 'ways':
			return waysCompared(asked, style).map((id) =>
				made(craft, crossing, id, style, { title: wayOf(id, craftIn(style, craft)).title }),
			);
		case 'hands': {
			const left = style.demonstrates === 'right' ? 'left-same' : style.demonstrates;
			return (['right', left] as const).map((demonstrates) => {
				const title = demonstrates === 'right' ? 'Right-handed' : 'Left-handed';
				const says =
					demonstrates === 'left-same' ? 'the same fabric' : demonstrates === 'right' ? '' : 'the mirrored fabric';
				return made(craft, crossing, by(craft, { demonstrates }), { ...style, demonstrates }, { title, says });
			});
		}
		case 'yarn':
			return (['right', 'left'] as const).map((yarnHand) =>
				made(
					craft,
					crossing,
					by(craft, {}),
					{ ...style, yarnHand },
					{ title: `Yarn in the ${yarnHand} hand`, says: '' },
				),
			);
		case 'crafts':
			return [craft, otherCraft(asked, style)].map((id) => {
				const { title, says } = craftIn(style, id);
				return made(id, crossing, by(id, {}), style, { title, says });
			});
		case 'tightness': {
			const usual = Math.max(4, crossing.n);
			return [rope(crossing, 2, 'Tight'), rope(crossing, usual, 'Usual'), rope(crossing, 2 * usual, 'Loose')];
		}
	}
}
