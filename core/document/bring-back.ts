/** An account's file read again: what in it is new, the same, or differs from what is there. */

import { ClassFileSchema, withoutPeople } from '../class/index.ts';
import { LessonSchema } from '../lesson/index.ts';
import { DesignSchema, firstIssue, HouseStyleSchema, SwatchSchema, uncleanIn, uncleanWords } from '../schema/index.ts';
import type { z } from 'zod';
import { AccountFileSchema, type AccountFile } from './account-file.ts';

/** New here, the same as here, other than here, or given out as it was stored because it could not be read. */
export type RestoreStatus = 'new' | 'same' | 'differs';

export interface FoundDocument {
	readonly kind: 'lesson' | 'swatch' | 'class' | 'crossing' | 'house style';
	/** Its id in the file; none for the house style. */
	readonly id?: string;
	readonly title: string;
	readonly standing: RestoreStatus;
	/** Earlier versions of it in the file. */
	readonly versions: number;
	/** It cannot be read as what it should be, and comes back as it is. */
	readonly unread?: true;
}

/** What the teacher has, as it is stored, by id. */
export interface Mine {
	readonly lessons: ReadonlyMap<string, unknown>;
	readonly swatches: ReadonlyMap<string, unknown>;
	readonly designs: ReadonlyMap<string, unknown>;
	/** Classes with their evenings, as a file has them. */
	readonly classes: ReadonlyMap<string, unknown>;
	/** People who were erased here: they do not come back. */
	readonly erased: ReadonlySet<string>;
	readonly houseStyle: unknown;
}

/** The text of a file, read whole or not at all. */
export function readAccountFile(text: string): { readonly file: AccountFile } | { readonly says: string } {
	let data: unknown;
	try {
		data = JSON.parse(text);
	} catch {
		return { says: 'That file is not JSON, so it was not saved here. Nothing was changed.' };
	}
	const unclean = uncleanIn(data);
	if (unclean) return { says: `${uncleanWords(unclean)} Nothing was changed.` };
	if (!(data instanceof Object) || !('format' in data) || data.format !== 'pond-loop/export') {
		const lesson = data instanceof Object && 'format' in data && data.format === 'pond-loop/lesson';
		const swatch = data instanceof Object && 'format' in data && data.format === 'pond-loop/swatch';
		const what = lesson ? 'That is one lesson. Open a lesson and read it there, under Files.' : '';
		const other = swatch ? 'That is one swatch. Open a swatch and read it there, under Files.' : '';
		return { says: `${what || other || 'That is not an account file.'} Nothing was changed.` };
	}
	const checked = AccountFileSchema.safeParse(data);
	return checked.success
		? { file: checked.data }
		: { says: `That account file cannot be read: ${firstIssue(checked.error)} Nothing was changed.` };
}

/** A value of JSON with the keys of all objects in one order. */
function ordered(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(ordered);
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(
		Object.entries(value)
			.sort(([a], [b]) => (a < b ? -1 : 1))
			.map(([key, one]) => [key, ordered(one)]),
	);
}

const alike = (a: unknown, b: unknown): boolean => JSON.stringify(ordered(a)) === JSON.stringify(ordered(b));

const textAt = (document: unknown, key: string): string => {
	const text = document instanceof Object && key in document ? (document as Record<string, unknown>)[key] : undefined;
	return typeof text === 'string' && text.trim() !== '' ? text.slice(0, 120) : 'Without a title';
};

/** A document as today writes it, where it can be read; as it is where it cannot. */
const asRead = (schema: z.ZodType, document: unknown): { readonly value: unknown; readonly unread?: true } => {
	const read = schema.safeParse(document);
	return read.success ? { value: read.data } : { value: document, unread: true };
};

function standing(schema: z.ZodType, document: unknown, mine: unknown): Pick<FoundDocument, 'standing' | 'unread'> {
	const { value, unread } = asRead(schema, document);
	const now: RestoreStatus = mine === undefined ? 'new' : alike(value, asRead(schema, mine).value) ? 'same' : 'differs';
	return { standing: now, ...(unread ? { unread } : {}) };
}

/** Everything in a file and how it stands to what is there, in the order of the file. */
export function foundIn(file: AccountFile, mine: Mine): readonly FoundDocument[] {
	const versions = new Map<string, number>();
	for (const { of } of file.versions) versions.set(of, (versions.get(of) ?? 0) + 1);
	const before = (id: string): number => versions.get(id) ?? 0;
	return [
		...file.lessons.map(({ id, lesson }): FoundDocument => ({
			kind: 'lesson',
			id,
			title: textAt(lesson, 'title'),
			versions: before(id),
			...standing(LessonSchema, lesson, mine.lessons.get(id)),
		})),
		...file.swatches.map(({ id, swatch }): FoundDocument => ({
			kind: 'swatch',
			id,
			title: textAt(swatch, 'title'),
			versions: before(id),
			...standing(SwatchSchema, swatch, mine.swatches.get(id)),
		})),
		...file.classes.map((told): FoundDocument => {
			const read = ClassFileSchema.safeParse(told);
			// Who was erased is as good as not in the file.
			const value = read.success ? withoutPeople(read.data, mine.erased) : told;
			return {
				kind: 'class',
				id: told.id,
				title: textAt('class' in told ? told['class'] : undefined, 'title'),
				versions: 0,
				...standing(ClassFileSchema, value, mine.classes.get(told.id)),
			};
		}),
		...file.designs.map((design): FoundDocument => {
			const id = textAt(design, 'id');
			return {
				kind: 'crossing',
				id,
				title: textAt(design, 'name'),
				versions: 0,
				...standing(DesignSchema, design, mine.designs.get(id)),
			};
		}),
		...(file.houseStyle === null
			? []
			: [
					{
						kind: 'house style',
						title: 'Settings',
						versions: 0,
						...standing(HouseStyleSchema, file.houseStyle, mine.houseStyle ?? undefined),
					} as const,
				]),
	];
}
