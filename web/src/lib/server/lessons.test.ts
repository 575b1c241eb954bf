import { randomUUID } from 'node:crypto';
import { twoGroups } from '@pond-loop/core/crossing';
import { crossingStep, type Step } from '@pond-loop/core/step';
import { emptyLesson, type Lesson, rename } from '@pond-loop/core/lesson';
import { noteOf, textOf } from '@pond-loop/core/schema';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { closeDatabase, database } from './database';
import {
	appendStep,
	createLesson,
	insertLesson,
	lessonTitles,
	listLessons,
	readLesson,
	removeLesson,
	restoreLesson,
	saveLesson,
	type StoredLesson,
} from './lessons';
import { ensureTeacher, type Teacher } from './teachers';

const ours: Teacher = { id: randomUUID(), name: 'Ines Alder' };
const other: Teacher = { id: randomUUID(), name: 'Tobe Marsh' };
const note = (text: string): Step => ({ id: randomUUID(), kind: 'note', text: noteOf(text) });

beforeAll(async () => {
	await ensureTeacher(ours);
	await ensureTeacher(other);
});
afterAll(closeDatabase);

const titled = (lesson: StoredLesson, title: string): Lesson => rename(lesson.lesson, title);

describe('lessons in the database', () => {
	it('keep every character of a lesson, and come back in a new pool', async () => {
		const hostile = `<script>alert(1)</script> ' OR 1=1; -- 🧶 \u202eeveels`;
		const made = await createLesson(ours, hostile, [note('line one\nline two \\u0000 "quoted"')]);
		await closeDatabase();
		const read = await readLesson(ours, made.id);
		expect(read?.lesson).toEqual(made.lesson);
		expect(read?.lesson.title).toBe(hostile);
	});

	it('belong to one teacher: to another they are not there, whatever is tried', async () => {
		const made = await createLesson(ours, 'Ours alone');
		expect(await readLesson(other, made.id)).toBeUndefined();
		expect((await listLessons(other)).map((l) => l.id)).not.toContain(made.id);
		expect(await saveLesson(other, made.id, 1, emptyLesson('Taken'))).toEqual({ kind: 'missing' });
		expect(await appendStep(other, made.id, note('mine'))).toEqual({ kind: 'missing' });
		expect(await removeLesson(other, made.id)).toBeUndefined();
		await removeLesson(ours, made.id);
		expect(await restoreLesson(other, made.id)).toBe(false);
		expect(await restoreLesson(ours, made.id)).toBe(true);
		expect(await readLesson(ours, made.id)).toEqual(made);
	});

	it('refuse a save made from an older version, and hand back what stands there', async () => {
		const made = await createLesson(ours, 'First');
		const first = await saveLesson(ours, made.id, made.version, titled(made, 'Second'));
		expect(first).toMatchObject({ kind: 'saved', saved: { version: 2 } });
		const late = await saveLesson(ours, made.id, made.version, titled(made, 'Too late'));
		expect(late).toMatchObject({ kind: 'stale', current: { version: 2, lesson: { title: 'Second' } } });
		expect((await readLesson(ours, made.id))?.lesson.title).toBe('Second');
	});

	it('let exactly one of many saves from the same version through', async () => {
		const made = await createLesson(ours, 'Race');
		const results = await Promise.all(
			Array.from({ length: 8 }, (_, i) => saveLesson(ours, made.id, 1, titled(made, `Writer ${i}`))),
		);
		const saved = results.filter((r) => r.kind === 'saved');
		expect(saved.length).toBe(1);
		expect((await readLesson(ours, made.id))?.lesson.title).toBe(
			saved[0]?.kind === 'saved' && saved[0].saved.lesson.title,
		);
	});

	it('lose none of many steps added at once', async () => {
		const made = await createLesson(ours, 'Many hands');
		const texts = Array.from({ length: 8 }, (_, i) => `step ${i}`);
		await Promise.all(texts.map((text) => appendStep(ours, made.id, note(text))));
		const read = await readLesson(ours, made.id);
		expect(read?.lesson.steps.map((s) => s.kind === 'note' && textOf(s.text)).sort()).toEqual(texts);
		expect(read?.version).toBe(9);
	});

	it('say when a lesson is full', async () => {
		const full = await insertLesson(ours, {
			...emptyLesson('Full'),
			steps: Array.from({ length: 200 }, () => note('')),
		});
		expect(await appendStep(ours, full.id, note('one more'))).toEqual({ kind: 'full' });
	});

	it('leave removed ones out of the list until they are brought back', async () => {
		const made = await createLesson(ours, 'Gone for now');
		const listed = async (): Promise<boolean> => (await listLessons(ours)).some((l) => l.id === made.id);
		expect(await removeLesson(ours, made.id)).toBe('Gone for now');
		expect([await listed(), await readLesson(ours, made.id)]).toEqual([false, undefined]);
		await restoreLesson(ours, made.id);
		expect(await listed()).toBe(true);
	});

	it('are listed last changed first, as many as asked for, with at most six crossings for a glance', async () => {
		const teacher: Teacher = { id: randomUUID(), name: 'Runa Sedge' };
		await ensureTeacher(teacher);
		const crossing = twoGroups({ front: 2, behind: 1, lean: 'left' });
		const asked = { text: '2/1 LC', school: 'slash' as const };
		const shown = (): Step => crossingStep(randomUUID(), { asked, crossing, way: 'off-holder' });
		const long = await createLesson(teacher, 'Long', [note('first'), ...Array.from({ length: 9 }, shown)]);
		const short = await createLesson(teacher, 'Short', [shown()]);
		const listed = await listLessons(teacher);
		expect(listed.map((l) => [l.title, l.steps, l.crossings.length])).toEqual([
			['Short', 1, 1],
			['Long', 10, 6],
		]);
		expect(listed[0]?.crossings).toEqual([crossing]);
		expect((await listLessons(teacher, 1)).map((l) => l.id)).toEqual([short.id]);
		expect((await lessonTitles(teacher)).map((l) => l.id)).toEqual([short.id, long.id]);
		expect(await lessonTitles(other)).not.toContainEqual({ id: long.id, title: 'Long' });
	});

	it('are checked when they are read: a row that was spoilt by hand is no lesson', async () => {
		const made = await createLesson(ours, 'To be spoilt');
		await database().query(`UPDATE lessons SET document = '{"title": 7}' WHERE id = $1`, [made.id]);
		await expect(readLesson(ours, made.id)).rejects.toThrow();
		await database().query('DELETE FROM lessons WHERE id = $1', [made.id]);
	});
});
