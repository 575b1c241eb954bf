import { DEFAULT_HOUSE_STYLE, type HouseStyle } from '@pond-loop/core/schema';
import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase } from './database';
import { changeHouseStyle, readHouseStyle, saveHouseStyle } from './house-styles';
import { readSession, startSession } from './sessions';
import { newTeacher } from './test/made';

afterAll(closeDatabase);

describe('a settings in the database', () => {
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

	it('is changed in one part while others are kept, whoever saves meanwhile', async () => {
		const { teacher } = await newTeacher();
		const yarns: HouseStyle['yarns'] = [{ id: 'y', name: 'Marsh wool', fibre: 'wool', squares: [] }];
		await saveHouseStyle(teacher, 0, { ...DEFAULT_HOUSE_STYLE, yarns });
		const both = await Promise.all([
			changeHouseStyle(teacher, (style) => ({ ...style, school: 'slash' })),
			changeHouseStyle(teacher, (style) => ({ ...style, units: 'in' })),
			changeHouseStyle(teacher, () => undefined),
		]);
		expect(both).toEqual([true, true, false]);
		expect((await readHouseStyle(teacher))?.style).toEqual({
			...DEFAULT_HOUSE_STYLE,
			yarns,
			school: 'slash',
			units: 'in',
		});
	});

	it('comes with the session, so that every page knows it', async () => {
		const { teacher } = await newTeacher();
		const token = await startSession(teacher, 'Here');
		expect(await readSession(token)).toMatchObject({ style: undefined, styleVersion: 0 });
		await saveHouseStyle(teacher, 0, hooked);
		expect(await readSession(token)).toMatchObject({ style: hooked, styleVersion: 1 });
	});
});
