/** The crossings of a lesson's swatches, and the words that their patterns define by sentences. */

import { craftId, craftOf } from '../craft/index.ts';
import { canonical } from '../crossing/index.ts';
import { craftIn, wayIn } from '../look/index.ts';
import { readGlossary, type Glossary } from '../notation/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { kindOf, type CrossingStep, type Step } from '../step/index.ts';
import { checked, type Checked, type WorkedCrossing } from '../swatch/index.ts';
import type { Lesson } from './schema.ts';

/** A crossing as a step would show it. */
export type CrossingShown = Pick<CrossingStep, 'asked' | 'crossing' | 'craft' | 'way'>;

const swatchesOf = (steps: readonly Step[], style: HouseStyle): readonly Checked[] =>
	steps.flatMap((step) => {
		const swatch = kindOf(step).swatch?.(step);
		return swatch ? [checked(swatch, style.glossary)] : [];
	});

/** A crossing of a swatch, by the name that its rows have for it. */
export function crossingShown(
	{ worked }: Checked,
	{ name, by, crossing }: WorkedCrossing,
	style: HouseStyle,
): CrossingShown {
	const craft = craftId(craftOf(worked.craft));
	const school = by === 'glossary' ? style.school : by;
	return {
		asked: { text: name, school },
		crossing,
		craft,
		way: wayIn(style, crossing, undefined, craftIn(style, craft)),
	};
}

/** RS crossings of a lesson's swatches that no step shows yet, each once, in the order of the rows. */
export function swatchCrossings({ steps }: Pick<Lesson, 'steps'>, style: HouseStyle): readonly CrossingShown[] {
	const seen = new Set(
		steps.flatMap((step) => (kindOf(step).crossings?.(step) ?? []).map(({ crossing }) => canonical(crossing))),
	);
	return swatchesOf(steps, style).flatMap((swatch) =>
		swatch.worked.rows.flatMap((row) =>
			(row.side === 'RS' ? row.crossings : []).flatMap((found) => {
				const key = canonical(found.crossing);
				if (seen.has(key)) return [];
				seen.add(key);
				return [crossingShown(swatch, found, style)];
			}),
		),
	);
}

/** The teacher's own lines, and those that stand among the rows of a lesson's swatches, which go first. */
export function lessonWords({ steps }: Pick<Lesson, 'steps'>, style: HouseStyle): Glossary {
	const own = readGlossary(style.glossary);
	const told = swatchesOf(steps, style).flatMap(({ rows }) => rows.glossary.entries.filter((e) => e.told));
	return { ...own, entries: [...told, ...own.entries] };
}
