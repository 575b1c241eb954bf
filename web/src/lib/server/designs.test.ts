import { randomUUID } from 'node:crypto';
import { twoGroups } from '@pond-loop/core/crossing';
import { DESIGN_LIMITS } from '@pond-loop/core/schema';
import type { Export } from '@pond-loop/core/document';
import { afterAll, describe, expect, it } from 'vitest';
import { exportOf } from './accounts';
import { closeDatabase } from './database';
import { designsOf, removeDesign, saveDesign } from './designs';
import { newTeacher, whole } from './test/made';

afterAll(closeDatabase);

const crossing = twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' });
const named = (name: string, id = randomUUID()): Parameters<typeof saveDesign>[1] => ({ id, name, crossing });

describe('crossings of one’s own', () => {
	it('are their teacher’s alone: nobody else sees, changes, takes or removes them', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		const reed = named('Reed braid');
		expect(await saveDesign(teacher, reed)).toBe('saved');
		expect(await designsOf(other.teacher)).toEqual([]);
		expect(await saveDesign(other.teacher, { ...reed, name: 'mine now' })).not.toBe('saved');
		expect(await removeDesign(other.teacher, reed.id)).toBeUndefined();
		expect(await designsOf(teacher)).toEqual([reed]);
		// The same name is free for somebody else.
		expect(await saveDesign(other.teacher, named('Reed braid'))).toBe('saved');
	});

	it('have one name each, are changed under their id, brought back after removal, and go into the export', async () => {
		const { teacher } = await newTeacher();
		const first = named('Reed braid');
		await saveDesign(teacher, first);
		expect(await saveDesign(teacher, named('REED braid'))).toBe('taken');
		expect(await saveDesign(teacher, { ...first, name: 'Sedge' })).toBe('saved');
		expect(await removeDesign(teacher, first.id)).toBe('Sedge');
		expect(await saveDesign(teacher, first)).toBe('saved');
		expect((JSON.parse(await whole(exportOf(teacher, new Date()))) as Export).designs).toEqual([first]);
	});

	it('are kept up to a stated number', async () => {
		const { teacher } = await newTeacher();
		for (let i = 0; i < DESIGN_LIMITS.many; i++) await saveDesign(teacher, named(`design ${i}`));
		expect(await saveDesign(teacher, named('one more'))).toBe('full');
		expect((await designsOf(teacher)).length).toBe(DESIGN_LIMITS.many);
	});
});
