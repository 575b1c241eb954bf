import { teacherOf } from '$lib/server/guard';
import type { PageServerLoad } from './$types';

/** The same page for every evening that was begun without a network: which one stands behind the `#`, and in the browser. */
export const load: PageServerLoad = ({ locals }) => void teacherOf(locals);
