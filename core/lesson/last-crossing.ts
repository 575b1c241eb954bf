/** The crossing that a lesson was about last, to be shown again otherwise. */

import type { HouseStyle } from '../schema/index.ts';
import { kindOf } from '../step/index.ts';
import { checked } from '../swatch/index.ts';
import type { Lesson } from './schema.ts';
import { crossingShown, type CrossingShown } from './swatch-crossings.ts';

/** From the last step that shows one, or else from the rows of a swatch; `undefined` where nothing crosses. */
export function lastCrossing({ steps }: Pick<Lesson, 'steps'>, style: HouseStyle): CrossingShown | undefined {
	for (const step of [...steps].reverse()) {
		if (step.kind === 'crossing' || step.kind === 'compare') {
			const { asked, crossing, craft, way } = step;
			return { asked, crossing, craft, way };
		}
		const swatch = kindOf(step).swatch?.(step);
		const told = swatch && checked(swatch, style.glossary);
		const found = told?.worked.rows.flatMap((row) => (row.side === 'RS' ? row.crossings : []))[0];
		if (told && found) return crossingShown(told, found, style);
	}
	return undefined;
}
