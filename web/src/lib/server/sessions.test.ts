import { changePassword, signIn } from './accounts';
import { closeDatabase, database, rows } from './database';
import { endOtherSessions, endSession, listSessions, readSession, startSession } from './sessions';
import type { Teacher } from './teachers';
import { newTeacher } from './test/made';
import { afterAll, describe, expect, it } from 'vitest';

afterAll(closeDatabase);

describe('sessions', () => {
	const change = (teacher: Teacher, sql: string): Promise<unknown> =>
		database().query(`UPDATE sessions SET ${sql} WHERE teacher_id = $1`, [teacher.id]);

	it('end when they are not used, live on while they are, and end for good after three months', async () => {
		const { teacher } = await newTeacher();
		const token = await startSession(teacher, 'Firefox on Linux');
		const left = async (): Promise<number> => {
			const [row] = await rows<{ days: number }>(
				database(),
				`SELECT round(extract(epoch FROM expires_at - now()) / 86400)::int AS days FROM sessions WHERE teacher_id = $1`,
				[teacher.id],
			);
			return row!.days;
		};
		await change(teacher, `expires_at = now() + interval '1 day', seen_at = now() - interval '13 days'`);
		expect((await readSession(token))?.teacher).toEqual(teacher);
		expect(await left()).toBe(14);
		await change(teacher, `started_at = now() - interval '85 days', seen_at = now() - interval '1 day'`);
		await readSession(token);
		expect(await left()).toBe(5);
		await change(teacher, `expires_at = now() - interval '1 second'`);
		expect(await readSession(token)).toBeUndefined();
		expect(await listSessions(teacher)).toEqual([]);
	});

	it('are not written each time they are used', async () => {
		const { teacher } = await newTeacher();
		const token = await startSession(teacher, 'Firefox on Linux');
		await change(teacher, `seen_at = now() - interval '5 minutes'`);
		const before = await listSessions(teacher);
		await readSession(token);
		expect(await listSessions(teacher)).toEqual(before);
	});

	it('are new at each sign-in, listed, and ended by their own teacher only', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		const tokens = [await startSession(teacher, 'Kitchen'), await startSession(teacher, 'Studio')];
		expect(new Set(tokens).size).toBe(2);
		const listed = await listSessions(teacher);
		expect(listed.map((s) => s.browser).sort()).toEqual(['Kitchen', 'Studio']);
		expect(await endSession(other.teacher, listed[0]!.id)).toBe(false);
		expect((await listSessions(teacher)).length).toBe(2);
		const studio = (await readSession(tokens[1]!))!;
		await endOtherSessions(teacher, studio.id);
		expect([await readSession(tokens[0]!), (await readSession(tokens[1]!))?.id]).toEqual([undefined, studio.id]);
	});

	it('of every browser end when the password is changed, but for a new one here', async () => {
		const { teacher, signInName } = await newTeacher();
		const old = await startSession(teacher, 'Old');
		const token = await changePassword(teacher, 'eight dry mittens', 'Here');
		expect([await readSession(old), (await readSession(token))?.teacher]).toEqual([undefined, teacher]);
		expect(await signIn(signInName, 'eight dry mittens')).toEqual(teacher);
	});
});
