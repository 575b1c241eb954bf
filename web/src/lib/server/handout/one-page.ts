/** Handouts of one page for each cable: what is on them, and the copies that people get, as a PDF or as a picture. */

import { setImmediate } from 'node:timers/promises';
import type { Class } from '@pond-loop/core/class';
import { PLAIN_CRAFT } from '@pond-loop/core/craft';
import { languageOf } from '@pond-loop/core/language';
import { leftHandsIn, type Lesson, onePagesOf, type OnePage, sheetsFor } from '@pond-loop/core/lesson';
import type { HouseStyle } from '@pond-loop/core/schema';
import { isTooMany, MOST_COPIES } from '$lib/handout/copies';
import { codeDrawing } from '$lib/picture/code';
import type { Code } from './code';
import { type Drawn, type HandoutOptions, inEnglishAll, type Photos, photosOf, settableIn } from './handout';
import { noteOf, photoPath, pictureOf } from './paper';
import type { SetTask } from './setter';

/** Whose pages they are. */
interface Copy {
	readonly name: string;
	readonly options: HandoutOptions;
}

/** As much larger as the words of pictures are drawn, so that four of them stand beside each other. */
const TEXT_SCALE = { ordinary: 2.3, large: 2.05 } as const;

/** A copy for each person of a class who still comes, with their name, hands, tool and print. */
const forPeople = ({ people }: Class, style: HouseStyle, options: HandoutOptions): readonly Copy[] =>
	people
		.filter((person) => !person.left)
		.map((person) => ({
			name: person.name,
			options: {
				...options,
				hands: person.at === PLAIN_CRAFT && person.hands === 'left' ? leftHandsIn(style) : 'right',
				at: person.at,
				large: person.large ?? false,
				yarn: person.yarnHand,
				beside: person.language ? languageOf(person.language) : options.beside,
			},
		}));

/** As many as the lesson's room needs, without names; one of each where that is too much for one file. */
function forRoom(lesson: Lesson, style: HouseStyle, options: HandoutOptions): readonly Copy[] {
	const sheets = sheetsFor(lesson.plan, style);
	const isMuch = isTooMany(sheets);
	return sheets.flatMap(({ many, ...sheet }) =>
		Array.from({ length: isMuch ? 1 : many }, () => ({ name: '', options: { ...options, ...sheet } })),
	);
}

/** Copies that are drawn on screen: more of them would be tens of megabytes. */
export const MOST_DRAWN = 12;

/**
 * What is set: with `of` for each person of a class who still comes, from the one at `options.from` on,
 * `MOST_COPIES` at most; with `options.room` for everybody in the room; else once.
 */
export async function onePageTask(
	lesson: Lesson,
	style: HouseStyle,
	options: HandoutOptions,
	codes: readonly Code[],
	{ of, photos = new Map(), drawn }: { of?: Class | undefined; photos?: Photos; drawn?: Drawn | undefined } = {},
): Promise<SetTask & { readonly isEmpty: boolean }> {
	const copies = of
		? forPeople(of, style, options).slice(options.from, options.from + MOST_COPIES)
		: options.room
			? forRoom(lesson, style, options)
			: [{ name: '', options }];
	// People with the same hands, tool, print and language get the same pages: they are drawn once.
	const kinds = new Map<string, { readonly at: number; readonly options: HandoutOptions }>();
	const kindOf = ({ options: { hands, at, large, yarn, beside } }: Copy): string =>
		[hands, at, large, yarn, beside?.id].join();
	for (const copy of copies)
		if (!kinds.has(kindOf(copy))) kinds.set(kindOf(copy), { at: kinds.size, options: copy.options });
	const documents = [];
	for (const [, { options: own }] of kinds) {
		documents.push(await documentOf(lesson, style, own, codes, photos));
		drawn?.(documents.length, kinds.size);
	}
	return {
		template: 'one-page',
		documents,
		copies: copies.map((copy) => ({ of: kinds.get(kindOf(copy))!.at, name: settableIn(copy.name) })),
		photos: photosOf(photos),
		isEmpty: documents.every(({ pages }) => pages.length === 0),
	};
}

async function documentOf(
	lesson: Lesson,
	style: HouseStyle,
	options: HandoutOptions,
	codes: readonly Code[],
	photos: Photos,
) {
	const { large, colour, paper } = options;
	const paint = {
		light: colour ? ('day' as const) : ('print' as const),
		around: '#ffffff',
		textScale: large ? TEXT_SCALE.large : TEXT_SCALE.ordinary,
	};
	const pages = [];
	for (const page of onePagesOf(lesson, style, options)) {
		pages.push(inEnglishAll(settableIn(pageOf(page, paint, options)), options.english));
		await setImmediate();
	}
	const [code] = codes;
	return {
		title: settableIn(lesson.title),
		lang: 'en',
		paper: paper === 'A4' ? 'a4' : 'us-letter',
		large,
		logo: style.logo && photos.has(style.logo.id) ? photoPath(style.logo.id) : null,
		pages,
		code: code ? { says: code.title, picture: pictureOf(codeDrawing(code.address), large) } : null,
	};
}

/** A page as plain data; what it has not is null, as the template knows no missing keys. */
const pageOf = (page: OnePage, paint: Parameters<OnePage['ribbon']>[0], { large, beside }: HandoutOptions) => ({
	/** Of what stands in another language. */
	lang: beside?.id ?? 'en',
	who: page.who,
	name: page.name ?? null,
	inHands: page.inHands ?? null,
	beside: page.beside ?? null,
	title: page.title,
	says: page.says,
	sentence: page.sentence ?? null,
	ribbon: pictureOf(page.ribbon(paint), large),
	way: page.way,
	moves: page.moves.map(({ says, draw }) => ({ says, picture: pictureOf(draw(paint), large) })),
	refused: page.refused ?? null,
	rows: page.rows
		? { ...page.rows, rows: page.rows.rows.map((row) => ({ ...row, beside: row.beside ?? null })) }
		: null,
	rowsOn: page.rowsOn ?? null,
	checks: page.checks,
	fault: page.fault ?? null,
	note: page.note ? noteOf(page.note) : null,
	words: page.words,
});

/** How many pages a picture of them has. */
export const pagesIn = (svg: string): number => svg.split('class="typst-page"').length - 1;
