import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstIssue, isBlank, NOTE_LIMITS, noteOf, NoteSchema, textOf } from '../schema/index.ts';
import {
	addStep,
	changeStep,
	emptyLesson,
	type Lesson,
	lessonCalendar,
	LESSON_LIMITS,
	LessonSchema,
	moveStep,
	removeStep,
	writeNote,
} from './index.ts';
import { type CrossingStep, crossingStep, type Step, writtenOn } from '../step/index.ts';
import { named } from '../test/made.ts';
import { change, redo, startHistory, undo } from '../document/index.ts';

const id = (i: number): string => `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`;
const note = (i: number): Step => ({ id: id(i), kind: 'note', text: noteOf(`note ${i}`) });
const shown = (i: number): CrossingStep =>
	crossingStep(id(i), { asked: { text: '2/1 LPC', school: 'slash' }, crossing: named('2/1 LPC'), way: 'off-holder' });
const lessonOf = (...steps: Step[]): Lesson => ({ ...emptyLesson('First rope'), steps });

describe('editing a lesson', () => {
	it('moves a step and keeps all the others in their order', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 8 }), fc.nat(7), fc.integer({ min: -9, max: 9 }), (n, at, by) => {
				const lesson = lessonOf(...Array.from({ length: n }, (_, i) => note(i)));
				const which = id(at % n);
				const moved = moveStep(lesson, which, by);
				const others = (l: Lesson): string[] => l.steps.map((s) => s.id).filter((s) => s !== which);
				expect(others(moved)).toEqual(others(lesson));
				expect(moved.steps.findIndex((s) => s.id === which)).toBe(Math.max(0, Math.min(n - 1, (at % n) + by)));
			}),
		);
	});

	it('writes notes and ways only on the step that is meant, and leaves the old lesson whole', () => {
		const before = lessonOf(note(1), shown(2));
		const after = changeStep(
			writeNote(writeNote(before, id(1), noteOf('bring wool')), id(2), noteOf('slowly')),
			id(2),
			'crossing',
			{ way: 'pinch' },
		);
		expect(after.steps.map(writtenOn)).toEqual(['bring wool', 'slowly']);
		expect(after.steps[1]).toMatchObject({ way: 'pinch' });
		expect(before.steps.map(writtenOn)).toEqual(['note 1', '']);
		expect(before.steps[1]).toMatchObject({ way: 'off-holder' });
	});

	it('undoes and does again, with the typing in one field as one change', () => {
		const start = lessonOf(note(1));
		let h = startHistory(start);
		for (const text of ['b', 'br', 'bri']) h = change(h, writeNote(h.now, id(1), noteOf(text)), 'note 1');
		h = change(h, removeStep(h.now, id(1)));
		expect(undo(h).now.steps.map(writtenOn)).toEqual(['bri']);
		expect(undo(undo(h)).now).toBe(start);
		expect(redo(redo(undo(undo(h)))).now).toBe(h.now);
		expect(undo(undo(undo(h))).now).toBe(start);
	});
});

describe('the stored lesson', () => {
	const issue = (lesson: unknown): string | undefined => {
		const checked = LessonSchema.safeParse(lesson);
		return checked.success ? undefined : firstIssue(checked.error);
	};

	it('comes back equal from JSON', () => {
		const lesson = addStep(lessonOf(note(1)), shown(2));
		expect(LessonSchema.parse(JSON.parse(JSON.stringify(lesson)))).toEqual(lesson);
	});

	it('refuses what is out of bounds, and says what and where', () => {
		const bad = shown(2);
		const twisted = { ...bad, crossing: { ...bad.crossing, over: [] } };
		expect(issue({ ...lessonOf(), title: ' ' })).toMatch(/needs a title/);
		expect(issue({ ...lessonOf(), title: 'x'.repeat(1_000_000) })).toMatch(/at most 120/);
		expect(
			issue(lessonOf(note(1), { ...note(2), kind: 'note', text: noteOf('x'.repeat(NOTE_LIMITS.text + 1)) })),
		).toMatch(/^Step 2: .*4,000/);
		expect(issue(lessonOf(note(1), twisted))).toMatch(/^Step 2: Stitches 1 and 3 change places/);
		expect(issue(lessonOf(note(1), note(1)))).toMatch(/same id/);
		expect(issue(lessonOf(...Array.from({ length: LESSON_LIMITS.steps + 1 }, (_, i) => note(i))))).toMatch(
			/at most 200 steps/,
		);
	});
});

describe('the dates of a lesson', () => {
	it('are events of the calendar, and a title with a line break begins no line of its own', () => {
		const lesson = lessonOf(note(1));
		const plan = { ...lesson.plan, dates: ['2026-12-03T19:00'], minutes: 90 };
		const lines = lessonCalendar({ ...lesson, title: 'Ropes\r\nATTENDEE:x', plan }, id(9), new Date(0)).split('\r\n');
		expect(lines).toContain('SUMMARY:Ropes ATTENDEE:x');
		expect(lines).toContain('DTSTART:20261203T190000');
		expect(lines).toContain('DTEND:20261203T203000');
		expect(lines.filter((line) => line.startsWith('ATTENDEE'))).toEqual([]);
	});
});

describe('a note', () => {
	it('of plain text, as earlier files have it, is read line by line and loses nothing', () => {
		fc.assert(
			fc.property(fc.string({ unit: fc.constantFrom('a', ' ', '\n', '\t', '<', '🧶'), maxLength: 60 }), (text) => {
				const note = NoteSchema.parse(text);
				expect(textOf(note)).toBe(text);
				expect(isBlank(note)).toBe(text.trim() === '');
				expect(NoteSchema.parse(JSON.parse(JSON.stringify(note)))).toEqual(note);
			}),
		);
	});

	it('has paragraphs, lists and marks, and nothing else', () => {
		const run = (text: string, ...marks: string[]): unknown => ({
			type: 'text',
			text,
			...(marks.length > 0 ? { marks: marks.map((type) => ({ type })) } : {}),
		});
		const paragraph = (...content: unknown[]): unknown => ({ type: 'paragraph', content });
		const list = (type: string, ...items: string[]): unknown => ({
			type,
			content: items.map((t) => ({ type: 'listItem', content: [paragraph(run(t))] })),
		});
		const doc = (...content: unknown[]): unknown => ({ type: 'doc', content });
		const whole = doc(
			paragraph(run('Hold '), run('firmly', 'bold', 'italic'), { type: 'hardBreak' }, run('now')),
			list('bulletList', 'wool', 'holder'),
			list('orderedList', 'slip'),
		);
		expect(textOf(NoteSchema.parse(whole))).toBe('Hold firmly\nnow\n- wool\n- holder\n1. slip');
		for (const alien of [
			doc({ type: 'image', attrs: { src: 'x' } }),
			doc(paragraph(run('x', 'link'))),
			doc(list('bulletList')),
			{ type: 'doc' },
			7,
		])
			expect(NoteSchema.safeParse(alien).success).toBe(false);
		// What is not known of a known part is left out, whatever it is.
		expect(NoteSchema.parse(doc({ type: 'paragraph', attrs: { onclick: 'x' } }))).toEqual(doc({ type: 'paragraph' }));
		expect(NoteSchema.safeParse(noteOf('\n'.repeat(NOTE_LIMITS.parts))).success).toBe(false);
	});
});
