import { describe, expect, it } from 'vitest';
import { readTextWith } from '../notation/index.ts';
import { DEFAULT_HOUSE_STYLE as style, newSwatch, noteOf } from '../schema/index.ts';
import { crossingStep, type Step } from '../step/index.ts';
import { emptyLesson, lessonWords, swatchCrossings, type Lesson } from './index.ts';

const text = [
	'Wave: sl 1 st to cn and hold in front, k2, k1 from cn',
	'Row 1: Wave, 2/2 LC, p1',
	'Row 2: k1, p7',
	'Row 3: Wave, 2/2 RC, p1',
].join('\n');
const swatch: Step = {
	id: '00000000-0000-4000-8000-000000000001',
	kind: 'swatch',
	swatch: newSwatch({ title: 'Wave band', castOn: 8, shape: 'flat', school: 'slash', text }),
	note: noteOf(''),
};
const lesson: Lesson = { ...emptyLesson('Waves'), steps: [swatch] };

describe('a lesson with a swatch', () => {
	it('offers the crossings of its rows, each once, until a step shows them', () => {
		const offered = swatchCrossings(lesson, style);
		expect(offered.map((c) => c.asked.text)).toEqual(['Wave', '2/2 LC', '2/2 RC']);
		const added: Lesson = {
			...lesson,
			steps: [swatch, crossingStep('00000000-0000-4000-8000-000000000002', offered[0]!)],
		};
		expect(swatchCrossings(added, style).map((c) => c.asked.text)).toEqual(['2/2 LC', '2/2 RC']);
	});

	it('knows the words of its pattern', () => {
		const read = readTextWith(lessonWords(lesson, style), 'wave', 'slash');
		expect(read.ok && read.crossing.order).toEqual([2, 3, 1]);
		expect(readTextWith(lessonWords(emptyLesson('Waves'), style), 'wave', 'slash').ok).toBe(false);
	});
});
