import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase, database, rows, transaction } from './database';
import { ensureTeacher, readAccount } from './teachers';

afterAll(closeDatabase);

describe('the database', () => {
	it('takes all of a transaction or nothing', async () => {
		const teacher = { id: randomUUID(), name: 'Half a stitch' };
		await expect(
			transaction(async (on) => {
				await ensureTeacher(teacher, on);
				throw new Error('dropped');
			}),
		).rejects.toThrow('dropped');
		expect(await readAccount(teacher.id)).toBeUndefined();
		await transaction((on) => ensureTeacher(teacher, on));
		expect(await readAccount(teacher.id)).toMatchObject(teacher);
	});

	it('passes values beside the query, never inside it', async () => {
		const [row] = await rows<{ said: string }>(database(), 'SELECT $1::text AS said', [`'; DROP TABLE lessons; --`]);
		expect(row?.said).toBe(`'; DROP TABLE lessons; --`);
	});

	it('goes on when the server cuts its connections', async () => {
		await database().query('SELECT 1');
		const cut = transaction(async (on) => {
			await on.query(
				'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE pid <> pg_backend_pid() AND usename = current_user',
			);
			await on.query('SELECT pg_terminate_backend(pg_backend_pid())');
		});
		await expect(cut).rejects.toThrow();
		const [row] = await rows<{ one: number }>(database(), 'SELECT 1 AS one', []);
		expect(row?.one).toBe(1);
	});

	it('refuses rows that belong to nobody, and takes a teacher’s lessons with the teacher', async () => {
		const insert = 'INSERT INTO lessons (id, teacher_id, document) VALUES ($1, $2, $3)';
		await expect(database().query(insert, [randomUUID(), randomUUID(), {}])).rejects.toThrow(/foreign key/);
		await expect(database().query(insert, [randomUUID(), null, {}])).rejects.toThrow(/null value/);
		const teacher = { id: randomUUID(), name: 'Passing through' };
		await ensureTeacher(teacher);
		const lesson = randomUUID();
		await database().query(insert, [lesson, teacher.id, {}]);
		await database().query('DELETE FROM teachers WHERE id = $1', [teacher.id]);
		expect(await rows(database(), 'SELECT 1 FROM lessons WHERE id = $1', [lesson])).toEqual([]);
	});
});
