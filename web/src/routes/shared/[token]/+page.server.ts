import { DEMONSTRATIONS, PLACES } from '@pond-loop/core/craft';
import { placesOf } from '@pond-loop/core/lesson';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { notFound } from '$lib/server/requests';
import { placeUnder, UNLISTED } from '$lib/server/secrets';
import { readShared } from '$lib/server/shares';
import type { PageServerLoad } from './$types';

const Hands = z.enum(DEMONSTRATIONS).optional().catch(undefined);
const Place = z.enum(PLACES).optional().catch(undefined);
/** The rows to be followed, or all steps to be read. */
const View = z.enum(['rows', 'steps']).catch('steps');

export const load: PageServerLoad = async ({ params, url, setHeaders }) => {
	setHeaders(UNLISTED);
	const shared = await readShared(params.token);
	if (!shared) return notFound('This link leads nowhere. It may have been withdrawn: ask whoever gave it to you.');
	if (shared === 'unread') error(409, 'This lesson cannot be shown just now. Tell whoever gave you the link.');
	const hands = Hands.parse(url.searchParams.get('hands') ?? undefined);
	const at = Place.parse(url.searchParams.get('at') ?? undefined);
	const { lesson, style, by } = shared;
	// Only what the page shows: no plan, no dates.
	return {
		lesson: { title: lesson.title, steps: lesson.steps },
		style: hands ? { ...style, demonstrates: hands } : style,
		by,
		view: View.parse(url.searchParams.get('view') ?? undefined),
		/** The step whose rows are followed; the first that has any when left out. */
		of: url.searchParams.get('of') ?? undefined,
		/** Where the reader works; for the whole room until it is chosen. */
		at,
		/** Where people of this class work, so that each sees the crossing as it is made there. */
		places: placesOf(lesson.plan),
		/** How far they have come is kept there. */
		token: placeUnder(params.token),
	};
};
