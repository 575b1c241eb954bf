import { afterAll, describe, expect, it } from 'vitest';
import { recover, renewCodes, signIn } from './accounts';
import { closeDatabase } from './database';
import { codesLeft } from './recovery';
import { normalCode } from './secrets';
import { readSession, startSession } from './sessions';
import { newTeacher, PASSWORD } from './test/made';

afterAll(closeDatabase);

describe('recovery codes', () => {
	it('set a password once each, whatever else is sent at the same moment', async () => {
		const { teacher, signInName, codes } = await newTeacher();
		const old = await startSession(teacher, 'Old');
		const tries = await Promise.all(
			Array.from({ length: 4 }, (_, i) => recover(signInName, codes[0]!, `new password ${i}`, 'New')),
		);
		const done = tries.filter((t) => t !== undefined);
		expect(done.length).toBe(1);
		expect(done[0]?.codesLeft).toBe(9);
		expect(await readSession(old)).toBeUndefined();
		expect((await readSession(done[0]!.token))?.teacher).toEqual(teacher);
		expect(await signIn(signInName, PASSWORD)).toBeUndefined();
	});

	it('of another teacher open nothing, and old ones go when new ones are made', async () => {
		const ours = await newTeacher();
		const theirs = await newTeacher();
		expect(await recover(ours.signInName, theirs.codes[0]!, 'a new password', 'New')).toBeUndefined();
		expect(await codesLeft(theirs.teacher)).toBe(10);
		const renewed = await renewCodes(ours.teacher);
		expect(await recover(ours.signInName, ours.codes[0]!, 'a new password', 'New')).toBeUndefined();
		expect(await recover(ours.signInName, renewed[9]!, 'a new password', 'New')).toBeDefined();
	});

	it('are read however they were copied', () => {
		for (const typed of [
			'k7qdm-9zt2a-hxw4p-3rcev',
			' K7QDM9ZT2AHXW4P3RCEV ',
			'k7qdm 9zt2a\thxw4p  3rcev',
			'K7QDM–9ZT2A–HXW4P–3RCEV',
		]) {
			expect(normalCode(typed)).toBe('K7QDM-9ZT2A-HXW4P-3RCEV');
		}
	});
});
