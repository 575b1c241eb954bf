import { describe, expect, it } from 'vitest';
import { DEFAULT_HOUSE_STYLE, noteOf } from '../schema/index.ts';
import { emptyLesson, lessonMarkdown, lessonPage, type Lesson } from './index.ts';
import { writeLesson, type LessonFormat } from './write-lesson.ts';

const empty = emptyLesson('Wall pennant');
const lesson: Lesson = {
	...empty,
	plan: { ...empty.plan, minutes: 90, learners: 6, level: 'beginner' },
	steps: [{ id: 'a1', kind: 'note', text: noteOf('Bring *wool*') }],
};

describe('a lesson in a format', () => {
	/** In lines, as another way to mark up text would write them. */
	const LINES: LessonFormat<string> = {
		head: (title, says) => [title, '='.repeat(title.length), says],
		materials: (items) => items.map(([what, howMuch]) => `* ${what}, ${howMuch}`),
		section: (blocks, step) => [
			step ? `${step.number} ${step.title ?? step.kind} (${step.minutes})` : 'end',
			...blocks.map((b) => b.kind),
		],
	};

	it('is walked once, its head first, then what to bring, its steps and its end', () => {
		const lines = writeLesson(lesson, DEFAULT_HOUSE_STYLE, LINES);
		expect(lines.slice(0, 3)).toEqual([
			'Wall pennant',
			'============',
			expect.stringMatching(/^About \d+ of 90 minutes, 6 learners, beginner\.$/),
		]);
		const at = lines.findIndex((line) => line.startsWith('1 '));
		expect(lines.slice(3, at).every((line) => /^\* .+, \d.* in all$/.test(line))).toBe(true);
		expect(at).toBeGreaterThan(3);
		expect(lines[at]).toMatch(/^1 Note \(\d+\)$/);
		expect(lines[at + 1]).toBe('note');
		expect(lines.slice(at + 2)).toEqual(['end', 'end', 'end', 'caution']);
	});

	it('says the same for whom it is, and what to bring, in every file', () => {
		const [about] = /About .*beginner\./.exec(lessonMarkdown(lesson, DEFAULT_HOUSE_STYLE))!;
		const page = lessonPage(lesson, DEFAULT_HOUSE_STYLE);
		expect(page).toContain(`<h1>Wall pennant</h1>`);
		expect(page).toContain(`<span class="line">${about}</span>`);
		expect(page).toContain('<h2>To bring</h2>\n<ul><li>');
		// A note is what is written in it, and has no heading there.
		expect(page).not.toContain('<h2>1. ');
	});
});
