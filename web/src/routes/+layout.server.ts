import { schoolFrom, SCHOOL_COOKIE } from '$lib/ui/choices';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, cookies }) => ({
	light: locals.light,
	school: schoolFrom(cookies.get(SCHOOL_COOKIE)),
	teacher: { name: locals.teacher.name },
});
