import { randomUUID } from 'node:crypto';
import { noteOf } from '@pond-loop/core/schema';
import type { Step } from '@pond-loop/core/step';
import sharp, { type Sharp } from 'sharp';
import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase, database } from './database';
import { createLesson, saveLesson, readLesson } from './lessons';
import { keepPicture, madeSmall, PICTURE_LIMITS, putPicture, readPicture, readSharedPicture } from './pictures';
import { shareLesson, withdrawShare } from './shares';
import { newTeacher } from './test/made';

afterAll(closeDatabase);

const blank = (width: number, height: number): Sharp =>
	sharp({ create: { width, height, channels: 3, background: '#2a7f8e' } });

/** As a camera writes it: lying on its side, with where it was. */
const shot = (width = 2400, height = 1200): Promise<Buffer> =>
	blank(width, height)
		.jpeg()
		.withExif({ IFD0: { Make: 'Camera of somebody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
		.withMetadata({ orientation: 6 })
		.toBuffer();

export const pictureStep = (picture: { id: string; width: number; height: number }): Step => ({
	id: randomUUID(),
	kind: 'picture',
	picture,
	alt: 'A lantern sleeve, pinned out',
	note: noteOf(''),
});

describe('pictures', () => {
	it('are made small and turned upright, and nothing of the camera, the place or the time is left', async () => {
		const sent = await shot();
		expect((await sharp(sent).metadata()).exif).toBeDefined();
		const small = (await madeSmall(sent))!;
		expect([small.width, small.height]).toEqual([800, 1600]);
		const { exif, xmp, iptc, icc, orientation, format } = await sharp(small.jpeg).metadata();
		expect([exif, xmp, iptc, icc, orientation, format]).toEqual([...Array<undefined>(5).fill(undefined), 'jpeg']);
		expect(small.jpeg.includes('Camera of somebody')).toBe(false);
		for (const sharpened of [blank(20, 10).png(), blank(20, 10).webp()])
			expect(await madeSmall(await sharpened.toBuffer())).toMatchObject({ width: 20, height: 10 });
	});

	it('are refused when they are none, of another kind, broken off, or unfold into something huge', async () => {
		const jpeg = await shot();
		const { teacher } = await newTeacher();
		for (const sent of [
			Buffer.from('no picture'),
			Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
			await blank(20, 20).gif().toBuffer(),
			jpeg.subarray(0, jpeg.length / 2),
			await blank(12_000, 9000).png({ compressionLevel: 9 }).toBuffer(),
		])
			expect(await keepPicture(teacher, sent)).toEqual({
				says: 'That file cannot be read as a picture. Choose a JPEG, PNG or WebP file.',
			});
		// The first bytes of what a telephone keeps photographs as.
		expect(await keepPicture(teacher, Buffer.from('\0\0\0\x18ftypheic\0\0\0\0mif1heic', 'latin1'))).toMatchObject({
			says: expect.stringMatching(/HEIC.*Save it as a JPEG/),
		});
	});

	it('are their teacher’s, and a link shows those of its lesson until it is withdrawn', async () => {
		const { teacher } = await newTeacher();
		const other = await newTeacher();
		const send = async (): Promise<{ id: string; width: number; height: number }> => {
			const kept = await keepPicture(teacher, await shot(60, 40));
			if ('says' in kept) throw new Error(kept.says);
			return kept;
		};
		const [shown, apart] = [await send(), await send()];
		expect(await readPicture(teacher, shown.id)).toMatchObject({ width: 40, height: 60 });
		expect(await readPicture(other.teacher, shown.id)).toBeUndefined();
		const lesson = await createLesson(teacher, 'Pinned out', [pictureStep(shown)]);
		expect((await readLesson(teacher, lesson.id))!.lesson.steps).toHaveLength(1);
		const token = (await shareLesson(teacher, lesson.id))!;
		expect((await readSharedPicture(token, shown.id))?.id).toBe(shown.id);
		expect(await readSharedPicture(token, apart.id)).toBeUndefined();
		await withdrawShare(teacher, lesson.id);
		expect(await readSharedPicture(token, shown.id)).toBeUndefined();
	});

	it('fill no more than their room; what no lesson names makes place a day later', async () => {
		const { teacher } = await newTeacher();
		const jpeg = Buffer.alloc(PICTURE_LIMITS.bytes - 1000);
		expect(await putPicture(teacher, { id: randomUUID(), width: 1, height: 1, jpeg })).toBe(true);
		const named = randomUUID();
		expect(await putPicture(teacher, { id: named, width: 1, height: 1, jpeg: Buffer.alloc(1) })).toBe(true);
		const lesson = await createLesson(teacher, 'One', [pictureStep({ id: named, width: 1, height: 1 })]);
		await saveLesson(teacher, lesson.id, 1, { ...lesson.lesson, steps: [] });
		const sent = await shot();
		expect(await keepPicture(teacher, sent)).toHaveProperty('says');
		await database().query(`UPDATE pictures SET created_at = now() - interval '2 days' WHERE teacher_id = $1`, [
			teacher.id,
		]);
		expect(await keepPicture(teacher, sent)).not.toHaveProperty('says');
		// An earlier version of the lesson still shows it.
		expect(await readPicture(teacher, named)).toBeDefined();
	});
});
