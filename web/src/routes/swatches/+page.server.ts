import { readGlossary, readRows } from '@pond-loop/core/notation';
import { drawChart, type Drawing, type Light } from '@pond-loop/core/drawing';
import type { Swatch } from '@pond-loop/core/schema';
import { workRows } from '@pond-loop/core/swatch';
import { teacherOf } from '$lib/server/guard';
import { listSwatches } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

/** As much of a chart as a glance needs; larger swatches, and those far down the list, are listed without. */
const GLANCE = { rows: 14, columns: 48, swatches: 24, text: 8000 };

function glanceOf(swatch: Swatch, light: Light): { rows: number; troubles: number; picture: Drawing } | undefined {
	if (swatch.castOn > GLANCE.columns || swatch.text.length > GLANCE.text) return undefined;
	const worked = workRows(readRows(swatch.text, { school: swatch.school, glossary: readGlossary('') }), swatch);
	if (worked.widest > GLANCE.columns || worked.rows.length === 0) return undefined;
	// From the first row up to a few rows after the first crossing.
	const first = Math.max(0, worked.rows.findIndex((r) => r.crossings.length > 0) - 3);
	const picture = drawChart({ ...worked, rows: worked.rows.slice(0, first + GLANCE.rows), repeats: [] }, { light });
	const troubles = worked.problems.filter((p) => p.weight === 'error').length;
	return { rows: worked.rows.length, troubles, picture };
}

export const load: PageServerLoad = async ({ locals }) => {
	const listed = await listSwatches(teacherOf(locals));
	return {
		swatches: listed.map(({ id, swatch, place, updatedAt }, i) => ({
			id,
			title: swatch.title,
			castOn: swatch.castOn,
			shape: swatch.shape,
			place,
			updatedAt,
			glance: i < GLANCE.swatches ? glanceOf(swatch, locals.light) : undefined,
		})),
	};
};
