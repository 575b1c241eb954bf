/** The crossing that a lesson was about last, to be shown again otherwise. */

import { craftOf, craftId } from '../craft/index.ts';
import { craftIn, wayIn } from '../look/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { kindOf, type CrossingStep } from '../step/index.ts';
import { checked } from '../swatch/index.ts';
import type { Lesson } from './schema.ts';

/** From the last step that shows one, or else from the rows of a swatch; `undefined` where nothing crosses. */
export function lastCrossing(
	{ steps }: Pick<Lesson, 'steps'>,
	style: HouseStyle,
): Pick<CrossingStep, 'asked' | 'crossing' | 'craft' | 'way'> | undefined {
	for (const step of [...steps].reverse()) {
		if (step.kind === 'crossing' || step.kind === 'compare') {
			const { asked, crossing, craft, way } = step;
			return { asked, crossing, craft, way };
		}
		const swatch = kindOf(step).swatch?.(step);
		const worked = swatch && checked(swatch, style.glossary).worked;
		const found = worked?.rows.flatMap((row) => (row.side === 'RS' ? row.crossings : []))[0];
		if (!worked || !found) continue;
		const craft = craftId(craftOf(worked.craft));
		const school = found.by === 'glossary' ? style.school : found.by;
		const way = wayIn(style, found.crossing, undefined, craftIn(style, craft));
		return { asked: { text: found.name, school }, crossing: found.crossing, craft, way };
	}
	return undefined;
}
