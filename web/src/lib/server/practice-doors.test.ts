import { randomUUID } from 'node:crypto';
import { eveningFor } from '@pond-loop/core/class';
import { emptyLesson, type Lesson } from '@pond-loop/core/lesson';
import { readName } from '@pond-loop/core/notation';
import { DOOR_LIMITS, newDoor, summaryOf, type PracticeSummary } from '@pond-loop/core/practice';
import { crossingStep } from '@pond-loop/core/step';
import { afterAll, describe, expect, it } from 'vitest';
import { beginEvening, createClass, erasePerson, factsOf, learntOf, readClass, saveClass } from './classes';
import { closeDatabase } from './database';
import { insertLesson, removeLesson } from './lessons';
import {
	closeDoor,
	doorAddress,
	doorOf,
	eraseAllSent,
	eraseSent,
	hasSent,
	openDoor,
	readDoor,
	renewDoor,
	sendSummary,
	sentTo,
	takeBack,
	type Behind,
} from './practice-doors';
import type { Teacher } from './teachers';
import { newTeacher } from './test/made';

afterAll(closeDatabase);

function lessonOf(title: string, ...names: string[]): Lesson {
	const steps = names.map((name) => {
		const read = readName(name, 'slash');
		if (!read.ok) throw new Error(name);
		return crossingStep(randomUUID(), {
			asked: { text: name, school: 'slash' },
			crossing: read.crossing,
			way: 'off-holder',
		});
	});
	return { ...emptyLesson(title), steps };
}
const shown = (name: string, right: number): PracticeSummary =>
	summaryOf(
		Array.from({ length: 4 }, (_, i) => ({ at: 1000 + i, kind: 'from-behind', right: i < right, crossing: '2/2 LC' })),
		name,
		2000,
	);
const behind = async (token: string): Promise<Behind> => {
	const read = await readDoor(token);
	if (typeof read !== 'object') throw new Error(String(read));
	return read;
};
async function classWith(teacher: Teacher, ...names: string[]) {
	const made = (await createClass(teacher, 'Thursday'))!;
	const people = names.map((name) => ({ id: randomUUID(), name, hands: 'right', at: 'hand' }) as const);
	await saveClass(teacher, made.id, 1, { ...made.class, people });
	return (await readClass(teacher, made.id))!;
}

describe('a door to practice', () => {
	it('lets in whoever has its link while it is open, keeps its address, and is its teacher’s alone', async () => {
		const [{ teacher }, { teacher: other }] = [await newTeacher(), await newTeacher()];
		const { id } = await insertLesson(teacher, lessonOf('Ropes', '2/2 LC', '2/2 LC', '3/3 RC'));
		const door = newDoor('slash');
		expect(await openDoor(other, 'lessons', id, door)).toBeUndefined();
		expect(await openDoor(teacher, 'classes', id, door)).toBeUndefined();
		const token = (await openDoor(teacher, 'lessons', id, door))!;
		expect(await behind(token)).toMatchObject({ title: 'Ropes', by: teacher.name, door });
		expect((await behind(token)).crossings).toHaveLength(2);
		expect(await doorAddress(teacher, id, 'https://pond.example')).toBe(`https://pond.example/practice/${token}`);
		const learner = randomUUID();
		expect(await sendSummary(token, learner, shown('heron', 2))).toBe('sent');
		for (const done of [closeDoor(other, 'lessons', id), eraseSent(other, 'lessons', id, learner)])
			expect(await done).toBe(false);
		expect([await doorOf(other, 'lessons', id), await sentTo(other, 'lessons', id)]).toEqual([undefined, []]);

		expect(await closeDoor(teacher, 'lessons', id)).toBe(true);
		expect(await readDoor(token)).toBe('closed');
		expect(await sendSummary(token, randomUUID(), shown('late', 1))).toBe('closed');
		expect(await doorAddress(teacher, id, 'https://pond.example')).toBeUndefined();
		// What was shown stays with the teacher, and is erased by who sent it, closed or not.
		expect((await sentTo(teacher, 'lessons', id)).map((s) => s.summary.name)).toEqual(['heron']);
		await takeBack(token, randomUUID());
		expect(await sentTo(teacher, 'lessons', id)).toHaveLength(1);
		await takeBack(token, learner);
		expect(await sentTo(teacher, 'lessons', id)).toEqual([]);
		expect(await openDoor(teacher, 'lessons', id, { ...door, kinds: ['from-behind'] })).toBe(token);
		expect((await behind(token)).door.kinds).toEqual(['from-behind']);
		await removeLesson(teacher, id);
		for (const nothing of [token, 'x'.repeat(43), '../../etc']) expect(await readDoor(nothing)).toBeUndefined();
		expect(await sendSummary('x'.repeat(43), learner, shown('', 1))).toBe('none');
	});

	it('takes only what its lesson can ask, erases all of it at once, and changes its address', async () => {
		const [{ teacher }, { teacher: other }] = [await newTeacher(), await newTeacher()];
		const { id } = await insertLesson(teacher, lessonOf('Ropes', '2/2 LC'));
		const token = (await openDoor(teacher, 'lessons', id, { ...newDoor('slash'), kinds: ['from-behind'] }))!;
		const learner = randomUUID();
		const counts = { asked: 3, right: 1 };
		const odd: PracticeSummary = {
			...shown('heron', 2),
			kinds: [
				{ kind: 'from-behind', ...counts },
				{ kind: 'lean-of-name', ...counts },
				{ kind: 'spam', ...counts },
			],
			crossings: [
				{ name: '2/2 LC', ...counts },
				{ name: '2/2 RC', ...counts },
				{ name: 'buy this', ...counts },
			],
		};
		expect(await sendSummary(token, learner, odd)).toBe('sent');
		const [kept] = await sentTo(teacher, 'lessons', id);
		expect(kept!.summary.kinds.map((k) => k.kind)).toEqual(['from-behind']);
		expect(kept!.summary.crossings.map((c) => c.name)).toEqual(['2/2 LC', '2/2 RC']);
		expect([await hasSent(token, learner), await hasSent(token, randomUUID())]).toEqual([true, false]);
		await eraseAllSent(other, 'lessons', id);
		expect(await sentTo(teacher, 'lessons', id)).toHaveLength(1);
		await eraseAllSent(teacher, 'lessons', id);
		expect(await sentTo(teacher, 'lessons', id)).toEqual([]);
		expect(await renewDoor(other, 'lessons', id)).toBeUndefined();
		const next = (await renewDoor(teacher, 'lessons', id))!;
		expect(await readDoor(token)).toBeUndefined();
		expect(await behind(next)).toMatchObject({ title: 'Ropes' });
	});

	it('keeps the last that each learner showed, and no more learners than it says', async () => {
		const { teacher } = await newTeacher();
		const { id } = await insertLesson(teacher, lessonOf('Ropes', '2/2 LC'));
		const token = (await openDoor(teacher, 'lessons', id, newDoor('slash')))!;
		const learners = Array.from({ length: DOOR_LIMITS.sent }, () => randomUUID());
		for (const learner of learners) expect(await sendSummary(token, learner, shown('', 1))).toBe('sent');
		expect(await sendSummary(token, randomUUID(), shown('', 1))).toBe('full');
		expect(await sendSummary(token, learners[0]!, shown('anew', 4))).toBe('sent');
		const sent = await sentTo(teacher, 'lessons', id);
		expect([sent.length, sent[0]!.summary.name]).toEqual([DOOR_LIMITS.sent, 'anew']);
	});

	it('of a class has the crossings of its last lessons, those of the last one apart', async () => {
		const { teacher } = await newTeacher();
		const of = await classWith(teacher);
		const lessons = [lessonOf('Old', '1/1 LC'), lessonOf('New', '2/2 LC', '3/3 RC')];
		const ids: string[] = [];
		for (const lesson of lessons) ids.push((await insertLesson(teacher, lesson)).id);
		for (const [i, day] of ['2026-11-05', '2026-11-12'].entries())
			await beginEvening(
				teacher,
				of.id,
				randomUUID(),
				eveningFor(of.class, day, '', { id: ids[i]!, lesson: lessons[i]! }),
			);
		await beginEvening(teacher, of.id, randomUUID(), eveningFor(of.class, '2026-11-19', ''));
		const read = await behind((await openDoor(teacher, 'classes', of.id, newDoor('slash')))!);
		expect([read.title, read.crossings.length, read.latest.length]).toEqual(['Thursday', 3, 2]);
	});

	it('of a class says what is hard: it is proposed for the next lesson, until whoever sent it is erased', async () => {
		const { teacher } = await newTeacher();
		const of = await classWith(teacher, 'Oda', 'Rike');
		await beginEvening(teacher, of.id, randomUUID(), eveningFor(of.class, '2026-11-05', ''));
		const token = (await openDoor(teacher, 'classes', of.id, newDoor('slash')))!;
		await sendSummary(token, randomUUID(), shown('oda', 1));
		await sendSummary(token, randomUUID(), shown('heron', 2));
		const { hard, proposals } = await learntOf(teacher, of);
		expect(hard.kinds[0]).toMatchObject({
			kind: 'from-behind',
			hardFor: 2,
			people: 2,
			isHard: true,
			right: 3,
			asked: 8,
		});
		expect(proposals[0]).toMatchObject({ kind: 'again', skill: 'sides' });
		const [oda] = of.class.people;
		expect(await factsOf(teacher, of.id, oda!.id)).toMatchObject({ practice: [{ name: 'oda' }] });
		await erasePerson(teacher, of.id, oda!.id);
		expect((await sentTo(teacher, 'classes', of.id)).map((s) => s.summary.name)).toEqual(['heron']);
		expect((await learntOf(teacher, (await readClass(teacher, of.id))!)).proposals).toEqual([]);
	});
});
