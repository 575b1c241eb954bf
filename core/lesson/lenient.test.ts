import { describe, expect, it } from 'vitest';
import { DEFAULT_HOUSE_STYLE, HouseStyleSchema, lenient, newSwatch, noteOf, SwatchSchema } from '../schema/index.ts';
import { emptyLesson, LessonSchema } from './index.ts';

const id = '11111111-1111-4111-8111-111111111111';

describe('a lenient schema', () => {
	const lesson = {
		...emptyLesson('x'),
		title: '  a title being typed ',
		plan: { ...emptyLesson('x').plan, minutes: 5000, learners: -3, dates: ['tomorrow'] },
		steps: [
			{ id, kind: 'check' as const, checks: [], minutes: 300, note: noteOf('n'.repeat(9000)) },
			{ id, kind: 'rest' as const, minutes: NaN, note: noteOf('') },
		],
	};

	it('reads back what is typed, as it stands, whatever limits it breaks', () => {
		expect(LessonSchema.safeParse(lesson).success).toBe(false);
		expect(lenient(LessonSchema).parse(JSON.parse(JSON.stringify(lesson)))).toEqual(lesson);
		const swatch = newSwatch({
			title: '',
			castOn: 0,
			shape: 'flat',
			school: 'any',
			text: '',
		});
		expect(lenient(SwatchSchema).parse(swatch)).toEqual(swatch);
		const style = { ...DEFAULT_HOUSE_STYLE, glossary: 'x'.repeat(50_000), sides: { right: 'RS', wrong: 'RS' } };
		expect(lenient(HouseStyleSchema).parse(style)).toEqual(style);
	});

	it('takes nothing of another shape', () => {
		for (const other of [null, 'text', {}, { ...lesson, steps: [{ id, kind: 'dance' }] }, { ...lesson, title: 3 }]) {
			expect(lenient(LessonSchema).safeParse(other).success).toBe(false);
		}
	});
});
