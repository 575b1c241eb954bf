import { readGlossary, readRows } from '@pond-loop/core/notation';
import { drawChart } from '@pond-loop/core/drawing';
import { workRows } from '@pond-loop/core/swatch';
import { teacherOf } from '$lib/server/guard';
import { listSwatches } from '$lib/server/swatches';
import type { PageServerLoad } from './$types';

/** As much of a chart as a glance needs. */
const GLANCE = { rows: 14, columns: 48, swatches: 24 };

export const load: PageServerLoad = async ({ locals }) => {
	const listed = await listSwatches(teacherOf(locals));
	const light = locals.light;
	return {
		swatches: listed.map(({ id, swatch, place, updatedAt }, i) => {
			const rows = readRows(swatch.text, { school: swatch.school, glossary: readGlossary('') });
			const worked = workRows(rows, swatch);
			// A few rows around the first crossing, cut out of the middle.
			const first = Math.max(0, worked.rows.findIndex((r) => r.crossings.length > 0) - 3);
			const glance = { ...worked, rows: worked.rows.slice(0, first + GLANCE.rows), repeats: [] };
			return {
				id,
				title: swatch.title,
				castOn: swatch.castOn,
				shape: swatch.shape,
				rows: worked.rows.length,
				place,
				updatedAt,
				troubles: worked.problems.filter((p) => p.weight === 'error').length,
				picture:
					i < GLANCE.swatches && worked.widest <= GLANCE.columns && glance.rows.length > 0
						? drawChart(glance, { light })
						: undefined,
			};
		}),
	};
};
