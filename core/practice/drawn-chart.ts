/** The chart of a question: apart, as it takes all that reads and works rows. */

import { drawChart, type Drawing, type Light } from '../drawing/index.ts';
import { checked } from '../swatch/index.ts';
import type { QuestionPicture } from './question.ts';

export function drawnChart(
	{ swatch, mirrored, says }: Extract<QuestionPicture, { kind: 'chart' }>,
	light: Light,
): Drawing {
	const { worked, cords } = checked(swatch, '');
	return { ...drawChart(worked, { light, numbers: true, cords, mirrored }), label: says };
}
