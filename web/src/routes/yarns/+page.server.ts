import { DEFAULT_HOUSE_STYLE } from '@pond-loop/core/schema';
import { teacherOf } from '$lib/server/guard';
import { readHouseStyle } from '$lib/server/house-styles';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const teacher = teacherOf(locals);
	const stored = await readHouseStyle(teacher);
	return { owner: teacher.id, opened: stored ?? { version: 0, style: DEFAULT_HOUSE_STYLE } };
};
