/** A lesson or a swatch as a handout: what stands on paper, and the process that sets it as a PDF. */

import { setImmediate } from 'node:timers/promises';
import { DEMONSTRATIONS, PLACES } from '@pond-loop/core/craft';
import { type Lesson, type Section, sectionsOf, sheetsFor, type SheetOptions } from '@pond-loop/core/lesson';
import { type English, ENGLISHES, inEnglish } from '@pond-loop/core/english';
import { LANGUAGE_IDS, languageOf } from '@pond-loop/core/language';
import { SCHOOL_IDS, WRITTEN_SCHOOLS } from '@pond-loop/core/notation';
import type { HouseStyle, Swatch } from '@pond-loop/core/schema';
import { swatchBlocks } from '@pond-loop/core/step';
import { isTooMany } from '$lib/handout/copies';
import { z } from 'zod';
import { codeSection, type Code } from './code';
import { paperBlocks, photoPath, type Plain } from './paper';
import { setDocuments } from './setter';
import { settable } from './signs';

/** Pictures of a lesson that its teacher keeps, by id. */
export type Photos = ReadonlyMap<string, { readonly jpeg: Uint8Array }>;
const NONE: Photos = new Map();

/** How it is printed. */
export const PrintSchema = z.object({
	paper: z.enum(['A4', 'LETTER']).catch('A4'),
	large: z.stringbool().catch(false),
	colour: z.stringbool().catch(false),
	hands: z.enum(DEMONSTRATIONS).optional().catch(undefined),
	/** The language in which rows stand once more. */
	beside: z
		.enum(LANGUAGE_IDS)
		.transform((id) => languageOf(id))
		.optional()
		.catch(undefined),
	/** The words of the app on paper; what was written by hand stays as it is. */
	english: z.enum(ENGLISHES).catch('uk'),
});

export const HandoutSchema = PrintSchema.extend({
	school: z
		.enum(SCHOOL_IDS)
		.refine((id) => WRITTEN_SCHOOLS.includes(id))
		.optional()
		.catch(undefined),
	/** Where its readers work; for the whole room when left out. */
	at: z.enum(PLACES).optional().catch(undefined),
	yarn: z.enum(['right', 'left']).optional().catch(undefined),
	/** The numbers of the steps that are wanted, as in `1.3.4`; all when left out. */
	steps: z
		.string()
		.regex(/^\d{1,3}(\.\d{1,3})*$/)
		.transform((text) => new Set(text.split('.').map(Number)))
		.optional()
		.catch(undefined),
	/** Parts at the end: a glossary of what is used, and common mistakes. */
	words: z.stringbool().catch(true),
	mistakes: z.stringbool().catch(true),
	/** As many of each sheet as are in the room; hands and size are then theirs. */
	room: z.stringbool().catch(false),
	/** One page for each cable, instead of all steps one after the other. */
	one: z.stringbool().catch(false),
	/** The class whose people each get one, with their names; only of single pages. */
	class: z.uuid().optional().catch(undefined),
	/** The first of these people, from 0: one file holds `MOST_COPIES`. */
	from: z.coerce.number().int().min(0).max(1000).catch(0),
}) satisfies z.ZodType<SheetOptions>;
export type PrintOptions = z.infer<typeof PrintSchema>;
export type HandoutOptions = z.infer<typeof HandoutSchema>;

/** Called with how many sections are drawn, of how many. */
export type Drawn = (done: number, of: number) => void;

/** All that the setter is told; every text in it is text. */
export interface Document {
	readonly title: string;
	readonly lang: 'en';
	/** Between the number of a page and how many there are. */
	readonly of: string;
	readonly paper: 'a4' | 'us-letter';
	readonly large: boolean;
	readonly sections: readonly { readonly title: string; readonly blocks: readonly Plain[] }[];
}

/** All texts of a value, at any depth, changed; pictures, and what stands under a key or is of a kind of `kept`, are left. */
function mapTexts<T>(value: T, change: (text: string) => string, kept: ReadonlySet<unknown>, key = ''): T {
	if (typeof value === 'string') return (key === 'svg' ? value : change(value)) as T;
	if (Array.isArray(value)) return value.map((one: unknown) => mapTexts(one, change, kept)) as T;
	if (typeof value !== 'object' || value === null || kept.has((value as { kind?: unknown }).kind)) return value;
	return Object.fromEntries(
		Object.entries(value).map(([k, one]) => [k, kept.has(k) ? one : mapTexts(one, change, kept, k)]),
	) as T;
}

/** Texts as the faces can set them. */
export const settableIn = <T>(value: T): T => mapTexts(value, settable, new Set());

/** What is written by hand, is a pattern, or is in another language: it keeps its own words. */
const OWN: ReadonlySet<unknown> = new Set(['note', 'rows', 'beside']);

/** Texts of the app in the English of whoever prints them. */
export const inEnglishAll = <T>(value: T, english: English): T =>
	english === 'uk' ? value : mapTexts(value, (text) => inEnglish(text, english), OWN);

/** Sections one after the other. Between them, whose pictures take a while, others have their turn. */
async function documentOf(
	title: string,
	sections: readonly (Pick<Section, 'blocks'> & Partial<Pick<Section, 'number' | 'title'>>)[],
	{ paper, large, colour, english }: PrintOptions,
	photos: Photos,
	drawn: () => void = () => undefined,
): Promise<Document> {
	const ids = new Set(photos.keys());
	const done: { title: string; blocks: readonly Plain[] }[] = [];
	for (const { number, title: heading, blocks } of sections) {
		done.push({
			title: heading === undefined ? '' : number === undefined ? heading : `${number}. ${heading}`,
			blocks: inEnglishAll(paperBlocks(blocks(), { light: colour ? 'day' : 'print', large, photos: ids }), english),
		});
		drawn();
		await setImmediate();
	}
	return settableIn({ title, lang: 'en', of: 'of', paper: paper === 'A4' ? 'a4' : 'us-letter', large, sections: done });
}

export function handoutOf(
	lesson: Lesson,
	style: HouseStyle,
	options: HandoutOptions,
	photos: Photos = NONE,
	/** Codes to scan, which stand at the end. */
	codes: readonly Code[] = [],
	drawn?: Drawn,
): Promise<Document> {
	const sections = sectionsWith(lesson, style, options, codes);
	return documentOf(lesson.title, sections, options, photos, counting(sections.length, drawn));
}

const sectionsWith = (lesson: Lesson, style: HouseStyle, options: HandoutOptions, codes: readonly Code[]) => [
	...sectionsOf(lesson, style, options),
	...codes.map(codeSection),
];

/** Called for each section that is drawn, says how many are. */
function counting(of: number, drawn: Drawn | undefined): () => void {
	let done = 0;
	return () => drawn?.(++done, of);
}

/** A single swatch: its chart, rows to tick, legend and counter. */
export const swatchHandoutOf = (swatch: Swatch, style: HouseStyle, options: PrintOptions): Promise<Document> => {
	const shown = options.hands ? { ...style, demonstrates: options.hands } : style;
	return documentOf(
		swatch.title,
		[{ blocks: () => swatchBlocks(swatch, { style: shown, beside: options.beside }) }],
		options,
		NONE,
	);
};

/** Pictures as the setter is given them. */
export const photosOf = (photos: Photos): Readonly<Record<string, Uint8Array>> =>
	Object.fromEntries([...photos].map(([id, { jpeg }]) => [photoPath(id), jpeg]));

/** Sets documents as one PDF, tagged, in a process of its own; `copies` says which, for each copy in turn. */
export const setAll = (
	documents: readonly Document[],
	copies: readonly number[],
	photos: Photos = NONE,
): Promise<Uint8Array> =>
	setDocuments({
		documents,
		copies,
		photos: photosOf(photos),
	});

export const setPdf = (document: Document, photos?: Photos): Promise<Uint8Array> => setAll([document], [0], photos);

/** So many of each sheet as are in the room, one after the other; one of each where that is too much for one job. */
export async function roomPdf(
	lesson: Lesson,
	style: HouseStyle,
	options: HandoutOptions,
	photos: Photos = NONE,
	codes: readonly Code[] = [],
	drawn?: Drawn,
): Promise<Uint8Array> {
	const sheets = sheetsFor(lesson.plan, style);
	const printings = sheets.map(({ many: _, ...sheet }) => {
		const own = { ...options, ...sheet };
		return { own, sections: sectionsWith(lesson, style, own, codes) };
	});
	const one = counting(
		printings.reduce((sum, { sections }) => sum + sections.length, 0),
		drawn,
	);
	const documents: Document[] = [];
	for (const { own, sections } of printings) documents.push(await documentOf(lesson.title, sections, own, photos, one));
	const isMuch = isTooMany(sheets);
	return setAll(
		documents,
		sheets.flatMap((sheet, i) => Array<number>(isMuch ? 1 : sheet.many).fill(i)),
		photos,
	);
}
