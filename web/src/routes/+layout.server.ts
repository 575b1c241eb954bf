import { DEFAULT_HOUSE_STYLE, type HouseStyle } from '@pond-loop/core/schema';
import { isDemo } from '$lib/server/config';
import { shownStyle } from '$lib/server/house-styles';
import { HOUSE_STYLE } from '$lib/style/depends';
import { SCHOOL_COOKIE } from '$lib/choices/address';
import { schoolFrom } from '$lib/choices/choices';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends(HOUSE_STYLE);
	const { session } = locals;
	// A visitor has no house style, but may have chosen a school.
	const visitors = (): HouseStyle => ({ ...DEFAULT_HOUSE_STYLE, school: schoolFrom(cookies.get(SCHOOL_COOKIE)) });
	return {
		light: locals.light,
		isLightChosen: locals.isLightChosen,
		locale: locals.locale,
		style: session ? await shownStyle(session) : visitors(),
		/** Whether they said what their patterns mean by names that are read in two ways. */
		isSchoolChosen: session ? session.style !== undefined : cookies.get(SCHOOL_COOKIE) !== undefined,
		teacher: session?.teacher,
		styleUnread: session?.styleUnread ?? false,
		demo: isDemo(),
	};
};
