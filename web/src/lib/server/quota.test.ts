import { emptyLesson, type Lesson } from '@pond-loop/core/lesson';
import { noteOf } from '@pond-loop/core/schema';
import { afterAll, expect, it } from 'vitest';
import { closeDatabase, database, rows } from './database';
import { createLesson, insertLesson, listLessons, saveLesson } from './lessons';
import { Full, QUOTA } from './quota';
import { newTeacher } from './test/made';

afterAll(closeDatabase);

const heavy = (megabytes: number): Lesson => ({
	...emptyLesson('Heavy'),
	steps: Array.from({ length: megabytes * 80 }, () => ({
		id: crypto.randomUUID(),
		kind: 'note' as const,
		// Of such letters each takes three bytes, and four thousand are allowed.
		text: noteOf('縄'.repeat(4000)),
	})),
});

it('as many lessons as are kept, and no more; what stood there is not lost by the refusal', async () => {
	const { teacher } = await newTeacher();
	const { id } = await createLesson(teacher, 'First');
	await database().query(
		`INSERT INTO lessons (id, teacher_id, document)
		SELECT gen_random_uuid(), $1, document FROM lessons, generate_series(1, $2) WHERE id = $3`,
		[teacher.id, QUOTA.lessons - 1, id],
	);
	await expect(createLesson(teacher, 'One more')).rejects.toThrow(Full);
	expect((await listLessons(teacher)).length).toBe(QUOTA.lessons);
	expect((await saveLesson(teacher, id, 1, emptyLesson('Changed all the same'))).kind).toBe('saved');
});

it('as much as is kept, and no more, said in megabytes; another teacher has room of their own', async () => {
	const { teacher } = await newTeacher();
	const other = await newTeacher();
	const { id } = await insertLesson(teacher, heavy(2));
	const [size] = await rows<{ bytes: number }>(database(), 'SELECT bytes FROM lessons WHERE id = $1', [id]);
	const more = Math.floor(QUOTA.bytes / size!.bytes) - 1;
	await database().query(
		`INSERT INTO lessons (id, teacher_id, document)
		SELECT gen_random_uuid(), $1, document FROM lessons, generate_series(1, $2) WHERE id = $3`,
		[teacher.id, more, id],
	);
	const refused = await insertLesson(teacher, heavy(2)).catch((cause: unknown) => cause);
	expect(refused).toBeInstanceOf(Full);
	expect((refused as Full).says).toMatch(/at most 100 MB are kept/);
	// Making something shorter always goes.
	expect((await saveLesson(teacher, id, 1, emptyLesson('Short'))).kind).toBe('saved');
	await insertLesson(other.teacher, heavy(2));
});

it('earlier versions up to their own measure; the oldest go first', async () => {
	const { teacher } = await newTeacher();
	const { id, lesson } = await insertLesson(teacher, heavy(2));
	const [size] = await rows<{ bytes: number }>(database(), 'SELECT bytes FROM lessons WHERE id = $1', [id]);
	const most = Math.floor(QUOTA.versions / size!.bytes);
	await database().query(
		`INSERT INTO versions (document_id, teacher_id, version, document, saved_at)
		SELECT gen_random_uuid(), $1, 1, document, now() - n * interval '1 day'
		FROM lessons, generate_series(1, $2) n WHERE id = $3`,
		[teacher.id, most + 2, id],
	);
	await saveLesson(teacher, id, 1, { ...lesson, title: 'Next' });
	const kept = await rows<{ saved_at: Date }>(database(), 'SELECT saved_at FROM versions WHERE teacher_id = $1', [
		teacher.id,
	]);
	expect(kept.length).toBe(most);
	const oldest = Math.min(...kept.map((v) => v.saved_at.getTime()));
	expect(Date.now() - oldest).toBeLessThan((most + 0.5) * 24 * 60 * 60 * 1000);
});
