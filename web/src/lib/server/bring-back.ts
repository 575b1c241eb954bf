/** Brings an account's file back: all that is new in it and, where asked for, what differs. Wholly, or not at all. */

import { ClassFileSchema, withPieces } from '@pond-loop/core/class';
import { randomUUID } from 'node:crypto';
import { type AccountFile, type FoundDocument, foundIn, type Mine } from '@pond-loop/core/document';
import { DESIGN_LIMITS, DesignSchema } from '@pond-loop/core/schema';
import { rows, transaction, type Queryable } from './database';
import { dropUnnamed, putPicture, readBack, tooMany, type Small } from './pictures';
import type { DocumentTable } from './sql/documents';
import { STANDING } from './sql/pictures';
import { z } from 'zod';
import * as documents from './sql/documents';
import * as sql from './sql/bring-back';
import { erasedOf, putClass, rawClasses } from './classes';
import { rawHouseStyle } from './house-styles';
import { Full, holdQuota, QUOTA } from './quota';
import type { Teacher } from './teachers';

interface StoredRow {
	readonly id: string;
	readonly document: unknown;
	readonly version: number;
}

async function mineOf(
	teacher: Teacher,
	on: Queryable,
): Promise<Mine & { readonly versions: ReadonlyMap<string, StoredRow> }> {
	const lessons = await rows<StoredRow>(on, sql.MINE.lessons, [teacher.id]);
	const swatches = await rows<StoredRow>(on, sql.MINE.swatches, [teacher.id]);
	const designs = await rows<{ id: string; name: string; crossing: unknown }>(on, sql.DESIGNS, [teacher.id]);
	const byId = (all: readonly StoredRow[]): ReadonlyMap<string, unknown> => new Map(all.map((r) => [r.id, r.document]));
	return {
		lessons: byId(lessons),
		swatches: byId(swatches),
		designs: new Map(designs.map((d) => [d.id, d])),
		classes: new Map((await rawClasses(teacher, on)).map((c) => [c.id, c])),
		erased: await erasedOf(teacher, on),
		houseStyle: await rawHouseStyle(teacher, on),
		versions: new Map([...lessons, ...swatches].map((r) => [r.id, r])),
	};
}

/** What bringing it back would do; nothing is changed. */
export const lookInto = (teacher: Teacher, file: AccountFile): Promise<readonly FoundDocument[]> =>
	transaction(async (on) => foundIn(file, await mineOf(teacher, on)));

/** Ids under which the new ones of a file are kept: their own, or another where somebody else has it. */
async function idsFor(on: Queryable, table: DocumentTable | 'designs', ids: readonly string[]) {
	const taken = new Set((await rows<{ id: string }>(on, sql.TAKEN[table], [ids])).map((r) => r.id));
	return new Map(ids.map((id) => [id, taken.has(id) ? randomUUID() : id]));
}

/** Swatches in the steps of a lesson under the ids that they have here. */
function withSwatches(lesson: unknown, ids: ReadonlyMap<string, string>): unknown {
	if (!(lesson instanceof Object) || !('steps' in lesson) || !Array.isArray(lesson.steps)) return lesson;
	const steps = lesson.steps.map((step: unknown): unknown => {
		const from = step instanceof Object && 'from' in step ? step.from : undefined;
		const now = typeof from === 'string' ? ids.get(from) : undefined;
		return now && now !== from ? { ...(step as object), from: now } : step;
	});
	return { ...lesson, steps };
}

/** Pictures in the steps of a lesson under the ids that they have here. */
function withPictures(lesson: unknown, ids: ReadonlyMap<string, string>): unknown {
	const read = WithPictures.safeParse(lesson);
	if (!read.success || ids.size === 0) return lesson;
	const steps = read.data.steps.map((step) => {
		const now = step.picture && ids.get(step.picture.id);
		return now === undefined ? step : { ...step, picture: { ...step.picture, id: now } };
	});
	return { ...read.data, steps };
}
const WithPictures = z.looseObject({
	steps: z.array(z.looseObject({ picture: z.looseObject({ id: z.string() }).optional() })),
});

/** Those that are new here, and the ids of those that somebody else has under theirs. Throws `Full`. */
async function putPictures(
	on: Queryable,
	teacher: Teacher,
	pictures: ReadonlyMap<string, Small>,
): Promise<{ readonly put: readonly string[]; readonly other: ReadonlyMap<string, string> }> {
	const standing = await rows<{ id: string; mine: boolean }>(on, STANDING, [teacher.id, [...pictures.keys()]]);
	const isMine = new Map(standing.map((s) => [s.id, s.mine]));
	const other = new Map<string, string>();
	const put: string[] = [];
	for (const [id, small] of pictures) {
		const mine = isMine.get(id);
		if (mine) continue;
		if (mine === false) other.set(id, randomUUID());
		const own = other.get(id) ?? id;
		if (!(await putPicture(teacher, { id: own, ...small }, on))) throw new Full(tooMany);
		put.push(own);
	}
	return { put, other };
}

/** `differing`: what differs keep mine, or becomes as it is in the file, with what was here among its versions. */
export async function bringBack(
	teacher: Teacher,
	file: AccountFile,
	differing: 'mine' | 'file',
): Promise<readonly FoundDocument[]> {
	// Made anew like any that is sent, so that nothing comes in that is no picture.
	const pictures = new Map<string, Small>();
	for (const { id, jpeg } of file.pictures) {
		const small = await readBack(Buffer.from(jpeg, 'base64'));
		if (small) pictures.set(id, small);
	}
	return transaction(async (on) => {
		const mine = await mineOf(teacher, on);
		const found = foundIn(file, mine);
		const told = new Map(found.map((f) => [`${f.kind} ${f.id ?? ''}`, f.standing]));
		const isNew = (kind: FoundDocument['kind'], id: string): boolean => told.get(`${kind} ${id}`) === 'new';
		const swatchIds = await idsFor(
			on,
			'swatches',
			file.swatches.flatMap((s) => (isNew('swatch', s.id) ? [s.id] : [])),
		);
		const lessonIds = await idsFor(
			on,
			'lessons',
			file.lessons.flatMap((l) => (isNew('lesson', l.id) ? [l.id] : [])),
		);
		const put = async (
			table: DocumentTable,
			one: Pick<AccountFile['lessons'][number], 'id' | 'version' | 'createdAt' | 'updatedAt' | 'removedAt'>,
			document: unknown,
			standing: FoundDocument['standing'] | undefined,
		): Promise<void> => {
			const text = JSON.stringify(document);
			if (standing === 'new') {
				const id = (table === 'lessons' ? lessonIds : swatchIds).get(one.id)!;
				const { version, createdAt, updatedAt, removedAt } = one;
				await on.query(sql.INSERT[table], [teacher.id, id, text, version, createdAt, updatedAt, removedAt]);
			} else if (standing === 'differs' && differing === 'file') {
				const was = mine.versions.get(one.id)!;
				const old = [teacher.id, was.id, was.version, JSON.stringify(was.document), new Date(), 0];
				await on.query(documents.KEEP_VERSION, old);
				await on.query(sql.OVERWRITE[table], [teacher.id, one.id, text]);
			}
		};
		for (const one of file.swatches) {
			const standing = told.get(`swatch ${one.id}`);
			await put('swatches', one, one.swatch, standing);
			if (standing === 'new') await on.query(sql.PLACE, [teacher.id, swatchIds.get(one.id), one.place]);
		}
		const { put: picturesPut, other: pictureIds } = await putPictures(on, teacher, pictures);
		for (const one of file.lessons)
			await put(
				'lessons',
				one,
				withPictures(withSwatches(one.lesson, swatchIds), pictureIds),
				told.get(`lesson ${one.id}`),
			);
		for (const { of, version, savedAt, document } of file.versions) {
			const id = lessonIds.get(of) ?? swatchIds.get(of) ?? (mine.versions.has(of) ? of : undefined);
			// Of something that is in neither the file nor the account nothing is left to go back to.
			if (id) await on.query(sql.VERSION, [teacher.id, id, version, savedAt, JSON.stringify(document)]);
		}
		await putDesigns(on, teacher, file, told, differing);
		for (const one of file.classes) {
			const standing = told.get(`class ${one.id}`);
			const read = ClassFileSchema.safeParse(one);
			// A class that cannot be read has nothing that an evening could go on from.
			if (!read.success) continue;
			if (standing === 'new' || (standing === 'differs' && differing === 'file'))
				await putClass(
					teacher,
					withPieces(read.data, (id) => pictureIds.get(id) ?? id),
					on,
				);
		}
		// Such as of somebody who was erased since the file was written.
		await dropUnnamed(teacher, picturesPut, on);
		const style = told.get('house style ');
		if (style === 'new' || (style === 'differs' && differing === 'file'))
			await on.query(sql.STYLE, [teacher.id, JSON.stringify(file.houseStyle)]);
		await holdQuota(teacher, 'lessons', on);
		await holdQuota(teacher, 'swatches', on);
		await on.query(documents.DROP_OLDEST, [teacher.id, QUOTA.versions]);
		return found;
	});
}

async function putDesigns(
	on: Queryable,
	teacher: Teacher,
	file: AccountFile,
	told: ReadonlyMap<string, FoundDocument['standing']>,
	differing: 'mine' | 'file',
): Promise<void> {
	const designs = file.designs.flatMap((d) => DesignSchema.safeParse(d).data ?? []);
	const fresh = designs.filter((d) => told.get(`crossing ${d.id}`) === 'new');
	const ids = await idsFor(
		on,
		'designs',
		fresh.map((d) => d.id),
	);
	const named = new Set((await rows<{ name: string }>(on, sql.DESIGNS, [teacher.id])).map((d) => d.name.toLowerCase()));
	for (const { id, name, crossing } of designs) {
		const standing = told.get(`crossing ${id}`);
		if (standing === 'new') {
			// Two crossings of one teacher never have one name.
			let own = name;
			for (let n = 2; named.has(own.toLowerCase()); n++) own = `${name.slice(0, DESIGN_LIMITS.name - 5)} ${n}`;
			named.add(own.toLowerCase());
			await on.query(sql.INSERT_DESIGN, [teacher.id, ids.get(id), own, JSON.stringify(crossing)]);
		} else if (standing === 'differs' && differing === 'file') {
			await on.query(sql.OVERWRITE_DESIGN, [teacher.id, id, name, JSON.stringify(crossing)]);
		}
	}
	const [count] = await rows<{ many: number }>(on, sql.COUNT_DESIGNS, [teacher.id]);
	if ((count?.many ?? 0) > DESIGN_LIMITS.many)
		throw new Full(`At most ${DESIGN_LIMITS.many} crossings of your own are kept. Remove some first.`);
}
