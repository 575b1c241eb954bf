import type { Swatch } from '@pond-loop/core/schema';
import { teacherOf } from '$lib/server/guard';
import { listSwatches } from '$lib/server/swatches';
import { checked, isLongSwatch } from '@pond-loop/core/swatch';
import { memoize } from '@pond-loop/core/memoize';
import type { PageServerLoad } from './$types';

/** Milliseconds of one page for counting rows; swatches after that are listed without. */
const MOST_MS = 60;

interface Facts {
	readonly rows: number;
	readonly troubles: number;
}

const factsOf = memoize(
	2000,
	(swatch: Swatch) => JSON.stringify(swatch),
	(swatch): Facts => {
		const { worked } = checked(swatch, '');
		return { rows: worked.rows.length, troubles: worked.problems.filter((p) => p.weight === 'error').length };
	},
);

export const load: PageServerLoad = async ({ locals }) => {
	const listed = await listSwatches(teacherOf(locals));
	const until = performance.now() + MOST_MS;
	return {
		swatches: listed.map(({ id, version, swatch, title, place, updatedAt }) => ({
			id,
			version,
			title,
			/** Undefined where what is stored cannot be read. */
			swatch: swatch && { castOn: swatch.castOn, shape: swatch.shape },
			facts: swatch && !isLongSwatch(swatch) && performance.now() < until ? factsOf(swatch) : undefined,
			place,
			updatedAt,
		})),
	};
};
