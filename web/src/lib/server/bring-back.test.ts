import { randomUUID } from 'node:crypto';
import { twoGroups } from '@pond-loop/core/crossing';
import { type AccountFile, readAccountFile } from '@pond-loop/core/document';
import { emptyLesson } from '@pond-loop/core/lesson';
import { DEFAULT_HOUSE_STYLE, DESIGN_LIMITS, newSwatch, noteOf } from '@pond-loop/core/schema';
import type { Step } from '@pond-loop/core/step';
import sharp from 'sharp';
import { afterAll, expect, it } from 'vitest';
import { exportOf } from './accounts';
import { bringBack, lookInto } from './bring-back';
import { closeDatabase, database } from './database';
import { saveDesign, designsOf } from './designs';
import { readHouseStyle, saveHouseStyle } from './house-styles';
import { createLesson, insertLesson, lessonVersions, readLesson, removeLesson, saveLesson } from './lessons';
import { keepPicture, readPicture } from './pictures';
import { Full } from './quota';
import { createSwatch, readSwatch, savePlace, saveSwatch } from './swatches';
import { deleteTeacher, ensureTeacher, type Teacher } from './teachers';

afterAll(closeDatabase);

async function teacher(): Promise<Teacher> {
	const made = { id: randomUUID(), name: 'Tobe Marsh' };
	await ensureTeacher(made);
	return made;
}
async function fileOf(t: Teacher): Promise<AccountFile> {
	let text = '';
	for await (const piece of exportOf(t, new Date('2026-11-24T10:00:00Z'))) text += piece;
	const read = readAccountFile(text);
	if ('says' in read) throw new Error(read.says);
	return read.file;
}
const PICTURE = sharp({ create: { width: 30, height: 20, channels: 3, background: '#2a7f8e' } })
	.png()
	.toBuffer();
const SWATCH = newSwatch({ title: 'Lantern', castOn: 4, shape: 'flat', school: 'slash', text: 'k4' });

/** A teacher with one of everything, some of it changed, removed or spoilt. */
async function full(): Promise<Teacher> {
	const t = await teacher();
	const swatch = await createSwatch(t, SWATCH);
	await saveSwatch(t, swatch.id, 1, { ...SWATCH, title: 'Lantern, again' });
	await savePlace(t, swatch.id, 3);
	const step: Step = { id: randomUUID(), kind: 'swatch', swatch: SWATCH, from: swatch.id, note: noteOf('') };
	const kept = await keepPicture(t, await PICTURE);
	if ('says' in kept) throw new Error(kept.says);
	const shown: Step = { id: randomUUID(), kind: 'picture', picture: kept, alt: 'Pinned out', note: noteOf('') };
	const lesson = await createLesson(t, 'Kept', [step]);
	await saveLesson(t, lesson.id, 1, { ...emptyLesson('Kept, changed'), steps: [step, shown] });
	await removeLesson(t, (await createLesson(t, 'In the drawer')).id);
	const spoilt = await insertLesson(t, emptyLesson('Spoilt'));
	await database().query('UPDATE lessons SET document = $2 WHERE id = $1', [spoilt.id, '{"title":"Spoilt","steps":7}']);
	await saveHouseStyle(t, 0, { ...DEFAULT_HOUSE_STYLE, units: 'in' });
	await saveDesign(t, { id: randomUUID(), name: 'Sedge', crossing: twoGroups({ front: 2, behind: 2, lean: 'right' }) });
	return t;
}
const documentsIn = ({ lessons, swatches, designs, versions, houseStyle, pictures }: AccountFile): unknown => ({
	pictures,
	lessons,
	swatches,
	designs,
	versions,
	houseStyle,
});

it('takes an account along and brings it back equal: lessons, swatches, crossings, style and earlier versions', async () => {
	const first = await full();
	const file = await fileOf(first);
	expect([file.lessons.length, file.swatches.length, file.versions.length, file.designs.length]).toEqual([3, 1, 2, 1]);
	await deleteTeacher(first);
	const second = await teacher();
	expect((await lookInto(second, file)).map((f) => f.standing)).toEqual(Array(6).fill('new'));
	expect((await lookInto(second, file)).filter((f) => f.unread).map((f) => f.title)).toEqual(['Spoilt']);
	await bringBack(second, file, 'mine');
	expect(documentsIn(await fileOf(second))).toEqual(documentsIn(file));
	// Once more changes nothing.
	expect((await bringBack(second, file, 'file')).map((f) => f.standing)).toEqual(Array(6).fill('same'));
	expect(documentsIn(await fileOf(second))).toEqual(documentsIn(file));
});

it('never touches another account, and keeps what belongs together together', async () => {
	const first = await full();
	const file = await fileOf(first);
	const second = await teacher();
	await bringBack(second, file, 'file');
	expect(documentsIn(await fileOf(first))).toEqual(documentsIn(file));
	const copy = await fileOf(second);
	const ids = (f: AccountFile): Set<string> => new Set([...f.lessons, ...f.swatches].map((d) => d.id));
	expect([...ids(copy)].filter((id) => ids(file).has(id))).toEqual([]);
	const kept = copy.lessons.find((l) => (l.lesson as { title: string }).title === 'Kept, changed')!;
	expect(kept.lesson).toMatchObject({
		steps: [{ from: copy.swatches[0]!.id }, { picture: { id: copy.pictures[0]!.id } }],
	});
	expect(await readPicture(second, copy.pictures[0]!.id)).toMatchObject({ width: 30, height: 20 });
	expect(copy.pictures[0]!.id).not.toBe(file.pictures[0]!.id);
	expect(new Set(copy.versions.map((v) => v.of))).toEqual(new Set([kept.id, copy.swatches[0]!.id]));
});

it('leaves what differs, or takes it from the file with what was here among its versions', async () => {
	const t = await full();
	const file = await fileOf(t);
	const [lesson, swatch] = [file.lessons[0]!, file.swatches[0]!];
	await saveLesson(t, lesson.id, lesson.version, emptyLesson('Since then'));
	await saveHouseStyle(t, 1, DEFAULT_HOUSE_STYLE);
	const standing = (await bringBack(t, file, 'mine')).filter((f) => f.standing === 'differs');
	expect(standing.map((f) => f.kind)).toEqual(['lesson', 'house style']);
	expect((await readLesson(t, lesson.id))?.lesson.title).toBe('Since then');
	await bringBack(t, file, 'file');
	expect((await readLesson(t, lesson.id))?.lesson.title).toBe('Kept, changed');
	expect((await lessonVersions(t, lesson.id)).map((v) => v.title)).toContain('Since then');
	expect((await readHouseStyle(t))?.style.units).toBe('in');
	expect((await readSwatch(t, swatch.id))?.version).toBe(swatch.version);
});

it('brings back all of it or nothing', async () => {
	const file = await fileOf(await full());
	const crossing = twoGroups({ front: 1, behind: 1, lean: 'left' });
	const designs = Array.from({ length: DESIGN_LIMITS.many + 1 }, (_, i) => ({
		id: randomUUID(),
		name: `Reed ${i}`,
		crossing,
	}));
	const t = await teacher();
	await expect(bringBack(t, { ...file, designs }, 'file')).rejects.toBeInstanceOf(Full);
	expect(documentsIn(await fileOf(t))).toEqual({
		lessons: [],
		swatches: [],
		designs: [],
		versions: [],
		houseStyle: null,
		pictures: [],
	});
	// Two of one name are told apart.
	const twice = [designs[0]!, { ...designs[1]!, name: 'REED 0' }];
	await bringBack(t, { ...file, designs: twice }, 'file');
	expect((await designsOf(t)).map((d) => d.name)).toEqual(['Reed 0', 'REED 0 2']);
});
