import { error } from '@sveltejs/kit';
import { readDoor } from '$lib/server/practice-doors';
import { notFound } from '$lib/server/requests';
import { placeUnder, UNLISTED } from '$lib/server/secrets';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, setHeaders }) => {
	setHeaders(UNLISTED);
	const behind = await readDoor(params.token);
	if (!behind) return notFound('This leads to no practice. Look at the address, or ask whoever gave it to you.');
	if (behind === 'closed')
		error(403, 'This practice is closed just now. Your teacher can open it again; what you know stays on this phone.');
	if (behind === 'unread') error(409, 'This practice cannot be shown just now. Tell whoever gave you the link.');
	return { ...behind, place: placeUnder(params.token) };
};
