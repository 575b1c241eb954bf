import { DEFAULT_HOUSE_STYLE } from '@pond-loop/core/schema';
import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase } from './database';
import { readHouseStyle, saveHouseStyle } from './house-styles';
import { readSession, startSession } from './sessions';
import { newTeacher } from './test/made';

afterAll(closeDatabase);

describe('a house style in the database', () => {
	const hooked = { ...DEFAULT_HOUSE_STYLE, holderShape: 'hook' } as const;

	it('is its teacher’s alone, and a stale write is refused with what stands there', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		expect(await saveHouseStyle(teacher, 0, hooked)).toEqual({ kind: 'saved', version: 1 });
		expect(await readHouseStyle(other.teacher)).toBeUndefined();
		expect(await saveHouseStyle(other.teacher, 1, DEFAULT_HOUSE_STYLE)).toMatchObject({
			kind: 'stale',
			current: { version: 0 },
		});
		for (const version of [0, 2, 99]) {
			expect(await saveHouseStyle(teacher, version, DEFAULT_HOUSE_STYLE)).toEqual({
				kind: 'stale',
				current: { version: 1, style: hooked },
			});
		}
		const race = await Promise.all(Array.from({ length: 6 }, () => saveHouseStyle(teacher, 1, DEFAULT_HOUSE_STYLE)));
		expect(race.filter((r) => r.kind === 'saved').length).toBe(1);
	});

	it('comes with the session, so that every page knows it', async () => {
		const { teacher } = await newTeacher();
		const token = await startSession(teacher, 'Here');
		expect(await readSession(token)).toMatchObject({ style: undefined, styleVersion: 0 });
		await saveHouseStyle(teacher, 0, hooked);
		expect(await readSession(token)).toMatchObject({ style: hooked, styleVersion: 1 });
	});
});
