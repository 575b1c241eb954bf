import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, it } from 'vitest';
import { exportOf } from './accounts';
import { closeDatabase, database } from './database';
import { erase, removedOf, Unread } from './documents';
import { saveDesign, designsOf, unreadDesigns } from './designs';
import { createLesson, listLessons, readLesson, removeLesson, restoreLesson, saveLesson } from './lessons';
import { startSession, readSession } from './sessions';
import { readShared, shareLesson, shareOf } from './shares';
import { createSwatch, listSwatches, readSwatch, savePlace } from './swatches';
import { newTeacher, whole } from './test/made';
import { mendRaw, readRaw, removeRaw } from './unread';
import { twoGroups } from '@pond-loop/core/crossing';
import { DEFAULT_HOUSE_STYLE, newSwatch, type Swatch } from '@pond-loop/core/schema';
import { saveHouseStyle } from './house-styles';

afterAll(closeDatabase);

const swatch = (title: string): Swatch =>
	newSwatch({
		title,
		castOn: 8,
		shape: 'flat',
		school: 'slash',
		text: 'Row 1: k8',
	});

const spoil = (table: string, id: string, document: unknown): Promise<unknown> =>
	database().query(`UPDATE ${table} SET document = $2 WHERE ${table === 'house_styles' ? 'teacher_id' : 'id'} = $1`, [
		id,
		JSON.stringify(document),
	]);

describe('a document that is stored and cannot be read', () => {
	it('hides no other: lists show them all, and it by its title', async () => {
		const { teacher } = await newTeacher();
		const spoilt = await createSwatch(teacher, swatch('Spoilt'));
		await createSwatch(teacher, swatch('Whole'));
		await spoil('swatches', spoilt.id, { ...swatch('Spoilt'), castOn: -7 });
		const listed = await listSwatches(teacher);
		expect(listed.map((s) => [s.title, s.swatch !== undefined]).sort()).toEqual([
			['Spoilt', false],
			['Whole', true],
		]);
		const lesson = await createLesson(teacher, 'A lesson');
		await spoil('lessons', lesson.id, { title: 'A lesson', steps: 'none' });
		await createLesson(teacher, 'Another');
		expect((await listLessons(teacher)).map((l) => l.title).sort()).toEqual(['A lesson', 'Another']);
	});

	it('is shown as it is with the reason, to its teacher alone, and can be mended, taken along and removed', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		const { id } = await createSwatch(teacher, swatch('Spoilt'));
		await spoil('swatches', id, { ...swatch('Spoilt'), castOn: -7 });
		await expect(readSwatch(teacher, id)).rejects.toThrow(Unread);
		expect(await readRaw(other.teacher, 'swatches', id)).toBeUndefined();
		const raw = (await readRaw(teacher, 'swatches', id))!;
		expect(raw).toMatchObject({ noun: 'swatch', why: expect.stringContaining('between 1 and 400 stitches') });
		expect(JSON.parse(raw.text)).toMatchObject({ castOn: -7 });
		expect(await whole(exportOf(teacher, new Date()))).toContain('"castOn":-7');
		expect(await mendRaw(teacher, 'swatches', id, raw.version, '{')).toContain('no JSON');
		expect(await mendRaw(teacher, 'swatches', id, raw.version, raw.text)).toContain('between 1 and 400');
		const mended = raw.text.replace('-7', '8');
		expect(await mendRaw(other.teacher, 'swatches', id, raw.version, mended)).toBeDefined();
		expect(await mendRaw(teacher, 'swatches', id, raw.version, mended)).toBeUndefined();
		expect((await readSwatch(teacher, id))?.swatch).toEqual(swatch('Spoilt'));
		await spoil('swatches', id, 'nothing at all');
		expect(await removeRaw(other.teacher, 'swatches', id)).toBe(false);
		expect(await removeRaw(teacher, 'swatches', id)).toBe(true);
		expect(await listSwatches(teacher)).toEqual([]);
	});

	it('is never written over by a save that took it for something else', async () => {
		const { teacher } = await newTeacher();
		const lesson = await createLesson(teacher, 'Before');
		await spoil('lessons', lesson.id, { title: 'By hand' });
		await expect(saveLesson(teacher, lesson.id, 1, lesson.lesson)).rejects.toThrow(Unread);
		expect(await readRaw(teacher, 'lessons', lesson.id)).toMatchObject({ text: expect.stringContaining('By hand') });
	});

	it('closes neither the house nor the collection when it is Settings or a crossing', async () => {
		const { teacher } = await newTeacher();
		await saveHouseStyle(teacher, 0, DEFAULT_HOUSE_STYLE);
		await spoil('house_styles', teacher.id, { school: 'of another age' });
		const session = await readSession(await startSession(teacher, 'Here'));
		expect(session).toMatchObject({ style: undefined, styleUnread: true });
		expect((await readRaw(teacher, 'house-style', teacher.id))?.why).toBeDefined();
		expect(await removeRaw(teacher, 'house-style', teacher.id)).toBe(true);
		const design = { id: randomUUID(), name: 'Sedge', crossing: twoGroups({ front: 1, behind: 1, lean: 'left' }) };
		await saveDesign(teacher, design);
		await saveDesign(teacher, { ...design, id: randomUUID(), name: 'Reed' });
		await database().query(`UPDATE designs SET crossing = '{"n": 2}' WHERE id = $1`, [design.id]);
		expect((await designsOf(teacher)).map((d) => d.name)).toEqual(['Reed']);
		expect(await unreadDesigns(teacher)).toEqual([{ id: design.id, name: 'Sedge' }]);
		expect(await removeRaw(teacher, 'designs', design.id)).toBe(true);
	});

	it('is said to be so by its link, and tells nothing of itself', async () => {
		const { teacher } = await newTeacher();
		const { id } = await createLesson(teacher, 'Shared');
		const token = (await shareLesson(teacher, id))!;
		await spoil('lessons', id, { title: 'Spoilt' });
		expect(await readShared(token)).toBe('unread');
	});
});

describe('what was removed', () => {
	it('takes its link with it, which does not come back with the lesson', async () => {
		const { teacher } = await newTeacher();
		const { id } = await createLesson(teacher, 'Shared');
		const token = (await shareLesson(teacher, id))!;
		await removeLesson(teacher, id);
		expect(await readShared(token)).toBeUndefined();
		await restoreLesson(teacher, id);
		expect([await readShared(token), await shareOf(teacher, id)]).toEqual([undefined, undefined]);
		expect(await shareLesson(teacher, id)).not.toBe(token);
	});

	it('is listed until it is erased for good, by its teacher alone', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		const { id } = await createLesson(teacher, 'In the drawer');
		await removeLesson(teacher, id);
		expect(await removedOf(other.teacher)).toEqual([]);
		expect(await removedOf(teacher)).toMatchObject([{ kind: 'lessons', id, title: 'In the drawer' }]);
		expect([await erase(other.teacher, 'lessons', id), await erase(teacher, 'lessons', id)]).toEqual([0, 1]);
		expect([await removedOf(teacher), await restoreLesson(teacher, id)]).toEqual([[], false]);
		// What is on the lists is not erased in passing.
		const kept = await createLesson(teacher, 'Kept');
		expect(await erase(teacher, 'lessons', kept.id)).toBe(0);
		expect((await readLesson(teacher, kept.id))?.lesson.title).toBe('Kept');
		await savePlace(teacher, id, 1);
	});
});
