import { randomUUID } from 'node:crypto';
import { newSwatch, type Swatch } from '@pond-loop/core/schema';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { closeDatabase, database } from './database';
import {
	createSwatch,
	listSwatches,
	placeOf,
	readSwatch,
	removeSwatch,
	restoreSwatch,
	savePlace,
	saveSwatch,
	swatchAt,
	swatchVersions,
} from './swatches';
import { ensureTeacher, type Teacher } from './teachers';

const ours: Teacher = { id: randomUUID(), name: 'Ines Alder' };
const other: Teacher = { id: randomUUID(), name: 'Tobe Marsh' };
const titled = (title: string): Swatch =>
	newSwatch({
		title,
		castOn: 14,
		shape: 'flat',
		school: 'slash',
		text: `Row 1: p3, k8, p3\n# '; DROP TABLE swatches; -- <b>🧶 \u202e`,
	});
const made = async (title: string): ReturnType<typeof readSwatch> => createSwatch(ours, titled(title));

beforeAll(async () => {
	await ensureTeacher(ours);
	await ensureTeacher(other);
});
afterAll(closeDatabase);

describe('swatches in the database', () => {
	it('keep every character, and belong to one teacher: to another they are not there', async () => {
		const { id, swatch } = (await made('Ours'))!;
		expect(swatch).toEqual(titled('Ours'));
		await savePlace(ours, id, 7);
		expect(await readSwatch(other, id)).toBeUndefined();
		expect(await saveSwatch(other, id, 1, titled('Taken'))).toEqual({ kind: 'missing' });
		expect([await savePlace(other, id, 3), await placeOf(other, id), await removeSwatch(other, id)]).toEqual([
			false,
			undefined,
			undefined,
		]);
		expect(await swatchVersions(other, id)).toEqual([]);
		await removeSwatch(ours, id);
		expect([await restoreSwatch(other, id), await restoreSwatch(ours, id)]).toEqual([false, true]);
		expect([(await readSwatch(ours, id))?.swatch, await placeOf(ours, id)]).toEqual([titled('Ours'), 7]);
		expect((await listSwatches(other)).length).toBe(0);
	});

	it('refuse a stale save, and keep one earlier version of every few minutes', async () => {
		const { id } = (await made('One'))!;
		expect((await saveSwatch(ours, id, 1, titled('Two'))).kind).toBe('saved');
		expect((await saveSwatch(ours, id, 2, titled('Three'))).kind).toBe('saved');
		expect(await saveSwatch(ours, id, 2, titled('Late'))).toMatchObject({ kind: 'stale', current: { version: 3 } });
		const titles = async (): Promise<string[]> => (await swatchVersions(ours, id)).map((v) => v.title);
		expect(await titles()).toEqual(['One']);
		// As if what stands there now had been saved a while after that.
		await database().query(`UPDATE swatches SET updated_at = now() + interval '5 minutes' WHERE id = $1`, [id]);
		await saveSwatch(ours, id, 3, titled('Four'));
		expect(await titles()).toEqual(['Three', 'One']);
		expect(await swatchAt(ours, id, 1)).toEqual(titled('One'));
		expect([await swatchAt(other, id, 1), await swatchAt(ours, id, 99)]).toEqual([undefined, undefined]);
	});

	it('keep no more than so many versions of each', async () => {
		const { id } = (await made('Many'))!;
		for (let version = 1; version <= 45; version++) {
			await database().query(`UPDATE swatches SET updated_at = now() + $2 * interval '1 hour' WHERE id = $1`, [
				id,
				version,
			]);
			await saveSwatch(ours, id, version, titled(`Version ${version}`));
		}
		const kept = await swatchVersions(ours, id);
		expect([kept.length, kept[0]?.version, kept.at(-1)?.version]).toEqual([40, 45, 6]);
	});
});
