/** A lesson as single pages to take home: one for each cable, with its moves, the rows of one repeat and one mend. */

import type { Draw, Line } from '../block/index.ts';
import { capital } from '../capital.ts';
import { craftId, craftOf, HANDS_SAID, likeMoves, placeName, PLAIN_CRAFT, type Craft } from '../craft/index.ts';
import { canonical, type Crossing } from '../crossing/index.ts';
import { craftIn, loopsIn, lookOf, nameInHands, sentenceIn, shownIn, wayIn, wayOf, wordsIn } from '../look/index.ts';
import type { Language } from '../language/index.ts';
import { perform, ribbonOf, stageAt } from '../made/index.ts';
import { explained, stitches, wordsMade } from '../notation/index.ts';
import { isBlank, type HouseStyle, type Note } from '../schema/index.ts';
import { isFor, kindOf, noteOn, patternName, stepAt, stepTitle, type CrossingStep, type Step } from '../step/index.ts';
import { crossingInLanguage, mainRepeat, rowInLanguage, swatchShown, type SwatchShown } from '../swatch/index.ts';
import { causesOf, isAround, looksIn, SEEN, type Piece } from '../wrong/index.ts';
import type { Lesson } from './schema.ts';
import { styleFor, type SheetOptions } from './sections.ts';

/** Like moves that are shown as one, with the picture after the last of them. */
export interface MovePicture {
	readonly says: string;
	readonly draw: Draw;
}

/** A row of the repeat. */
export interface PageRow {
	readonly number: number;
	readonly side: string;
	readonly text: string;
	/** Once more in the language that is asked for; none where that has no wording for it. */
	readonly beside: string | undefined;
	/** Whether stitches cross in it. */
	readonly isCrossed: boolean;
}

export interface PageRows {
	/** The swatch that they are of. */
	readonly title: string;
	/** What to cast on, and how often they are worked. */
	readonly says: string;
	/** Times that the rows are worked, for boxes to tick: 1 where they are not repeated. */
	readonly times: number;
	readonly rows: readonly PageRow[];
}

export interface OnePage {
	/** Whom it is for, in a word or two: `left-handed, the same fabric`, `at the pegs`. */
	readonly who: string;
	/** As the pattern names it, where it has a name: `C4F`. */
	readonly name: string | undefined;
	/** What these hands do, where that goes by another name: `C4B in your hands`. */
	readonly inHands: string | undefined;
	/** How it is named or worked in the language that is asked for. */
	readonly beside: string | undefined;
	/** Such as "2 over 2, leaning left". */
	readonly title: string;
	/** What passes in front, what is held, and how it is worked. */
	readonly says: readonly string[];
	readonly sentence: string | undefined;
	readonly ribbon: Draw;
	/** How it is made: `Straight off the cable needle`. */
	readonly way: string;
	/** None where this way cannot make it; `refused` says why. */
	readonly moves: readonly MovePicture[];
	readonly refused: string | undefined;
	/** None where the lesson has none; `rowsOn` where another page of the lesson has them, from 1. */
	readonly rows: PageRows | undefined;
	readonly rowsOn: number | undefined;
	/** What is true of it, to be ticked off. */
	readonly checks: readonly string[];
	/** What goes wrong most, and what to do, step by step. */
	readonly fault: { readonly title: string; readonly how: string; readonly fix: readonly string[] } | undefined;
	/** What the teacher wrote on the step. */
	readonly note: Note | undefined;
	/** Abbreviations that stand on this page. */
	readonly words: readonly Line[];
}

/** Rows of a pattern without a repeat that a page has room for. */
const MOST_ROWS = 16;
/** How often boxes are printed for a repeat. */
const MOST_TIMES = 6;

/** A swatch of the lesson as these hands work it. */
interface TitledSwatch {
	readonly title: string;
	readonly shown: SwatchShown;
}

type CableShown = Pick<CrossingStep, 'asked' | 'crossing' | 'craft' | 'way'>;

/** The pages of a lesson: one for each cable in its steps, each cable once; of the rows' cables where no step shows one. */
export function onePagesOf(
	{ steps }: Pick<Lesson, 'steps'>,
	house: HouseStyle,
	options: Omit<SheetOptions, 'words' | 'mistakes'>,
): readonly OnePage[] {
	const style = styleFor(house, options);
	const at = options.at ?? PLAIN_CRAFT;
	const chosen = steps.flatMap((step, i) => {
		const isWanted = (options.steps?.has(i + 1) ?? true) && isFor(step, at);
		const done = isWanted ? stepAt(step, at, style) : undefined;
		return done ? [done] : [];
	});
	const swatches = chosen.flatMap((step) => {
		const swatch = kindOf(step).swatch?.(step);
		return swatch ? [{ title: swatch.title, shown: swatchShown(swatch, style, options.school) }] : [];
	});
	const cables = cablesIn(chosen, swatches, style);
	/** Whether some cable of the lesson is crossed in its rows; if none is, they go with the first. */
	const areUsed = cables.some(({ shown }) => swatches.some((s) => crossesIn(s, shown.crossing)));
	const printed = new Map<TitledSwatch, number>();
	return cables.map(({ step, shown }, i): OnePage => {
		const own = swatches.find((s) => crossesIn(s, shown.crossing)) ?? (i === 0 && !areUsed ? swatches[0] : undefined);
		const rowsOn = own && printed.get(own);
		if (own && rowsOn === undefined) printed.set(own, i + 1);
		return pageOf(shown, step, { style, house, beside: options.beside }, own, rowsOn);
	});
}

/** Each cable that the steps of a lesson show, by its name in the pattern, and in which steps, from 1. */
export function cablesShown(
	{ steps }: Pick<Lesson, 'steps'>,
	style: HouseStyle,
): readonly { readonly title: string; readonly steps: readonly number[] }[] {
	const found = new Map<string, { title: string; steps: number[] }>();
	for (const [i, step] of steps.entries()) {
		if (!isShowing(step)) continue;
		const key = keyOf(step);
		const cable = found.get(key) ?? { title: patternName(step) ?? stepTitle(step, style), steps: [] };
		cable.steps.push(i + 1);
		found.set(key, cable);
	}
	return [...found.values()];
}

/** Whether a step shows how a cable is worked, and not a mistake in it. */
const isShowing = (step: Step): step is CrossingStep => step.kind === 'crossing' && !step.view?.mistake;

const keyOf = ({ craft, crossing }: CableShown): string => `${craft} ${canonical(crossing)}`;

/** Crossings that get a page, each once, with the step that shows it. */
function cablesIn(
	steps: readonly Step[],
	swatches: readonly TitledSwatch[],
	style: HouseStyle,
): readonly { readonly step: Step | undefined; readonly shown: CableShown }[] {
	const found = new Map<string, { step: Step | undefined; shown: CableShown }>();
	const put = (step: Step | undefined, shown: CableShown): void => {
		const key = keyOf(shown);
		if (!found.has(key)) found.set(key, { step, shown });
	};
	for (const step of steps) if (isShowing(step)) put(step, step);
	if (found.size === 0) for (const step of steps) if (step.kind === 'compare') put(step, step);
	if (found.size > 0) return [...found.values()];
	for (const {
		shown: { checked },
	} of swatches)
		for (const row of checked.worked.rows)
			for (const { asWorked: crossing, name, by } of row.crossings) {
				const craft = craftIn(style, craftId(craftOf(checked.worked.craft)));
				put(undefined, {
					asked: { text: name, school: by === 'glossary' ? style.school : by },
					crossing,
					craft: craftId(craft),
					way: wayIn(style, shownIn(style, crossing, craft).made, undefined, craft),
				});
			}
	return [...found.values()];
}

const crossesIn = ({ shown: { checked } }: TitledSwatch, crossing: Crossing): boolean => {
	const wanted = canonical(crossing);
	return checked.worked.rows.some((row) => row.crossings.some((c) => canonical(c.crossing) === wanted));
};

function pageOf(
	shown: CableShown,
	step: Step | undefined,
	{
		style,
		house,
		beside,
	}: { readonly style: HouseStyle; readonly house: HouseStyle; readonly beside?: Language | undefined },
	swatch: TitledSwatch | undefined,
	rowsOn: number | undefined,
): OnePage {
	const rows = swatch && rowsOn === undefined ? rowsOf(swatch, style, beside) : undefined;
	const craft = craftIn(style, shown.craft);
	const asMade = shownIn(style, shown.crossing, craft);
	const { made, mirrored } = asMade;
	const words = wordsMade(asMade);
	const done = perform(craft, made, shown.way);
	const taken = done.ok ? done.value.taken : undefined;
	const sentence = sentenceIn(shown.craft, asMade) || undefined;
	const other = nameInHands(style, shown.asked.school, shown.crossing, asMade);
	const says = [
		`${capital(words.look)}.`,
		`${capital(taken?.does ?? words.hands)}.`,
		`${capital(stitches(shown.crossing.n))}, ${words.work}.`,
	];
	const moves = done.ok ? movesShown(done.value, craft, made, style) : [];
	const note = step && noteOn(step);
	const otherYarn = style.yarnHand === house.yarnHand ? '' : `, yarn in the ${style.yarnHand} hand`;
	return {
		who: craft.isHanded ? `${HANDS_SAID[style.demonstrates]}${otherYarn}` : placeName(shown.craft),
		name: patternName(shown),
		inHands: other === undefined ? undefined : `${other} in your hands`,
		beside: beside && craft.hasSentence ? crossingInLanguage(made, { language: beside, mirrored }) : undefined,
		title: words.title,
		says,
		sentence,
		ribbon: (paint) => ribbonOf(made, { ...paint, numbers: true, mirrored }),
		way: wayOf(shown.way, craft).title,
		moves,
		refused: done.ok ? undefined : `${done.problems[0]!.what} ${done.problems[0]!.todo}`,
		rows,
		rowsOn,
		checks: [...(words.lean ? [`It leans ${words.lean}`] : []), ...(swatch ? countsOf(swatch.shown.worked) : [])],
		fault: done.ok ? faultOf({ craft, made, way: shown.way, right: done.value }) : undefined,
		note: note && !isBlank(note) ? note : undefined,
		words: explained(
			[
				sentence ?? '',
				...says,
				...moves.map((m) => m.says),
				...(rows?.rows.map((r) => `${r.side} ${r.text}`) ?? []),
			].join('\n'),
		),
	};
}

/** The lean that is not as wanted, or else the commonest fault that has a mend. */
function faultOf(piece: Piece): OnePage['fault'] {
	for (const seen of looksIn(piece.craft, piece.right.taken, piece.right.trace)) {
		if (isAround(seen)) continue;
		const cause = causesOf(seen, piece).find(({ fix }) => fix.length > 0);
		const [, title] = SEEN.find(([id]) => id === seen)!;
		if (cause)
			return {
				title: seen === 'leans-wrong' ? `If it ${title}` : `If you see ${title}`,
				how: `${cause.title}.`,
				fix: cause.fix,
			};
	}
	return undefined;
}

/** The moves, like neighbours as one, each with the picture after it. */
function movesShown(
	{ trace, taken }: Extract<ReturnType<typeof perform>, { ok: true }>['value'],
	craft: Craft,
	made: Crossing,
	style: HouseStyle,
): readonly MovePicture[] {
	const look = { ...lookOf(style), ...loopsIn(taken), ...(craft.isHanded ? {} : { mirrored: false }) };
	return likeMoves(trace).map(({ since, to }) => ({
		says: wordsIn(style, trace, to, craft, since).caption,
		draw: ({ light, textScale = 1.9 }) => stageAt(taken.loops, trace, to, { ...look, light, textScale }),
	}));
}

/** The rows of one repeat with their count; all rows where few are not repeated. */
function rowsOf({ title, shown }: TitledSwatch, style: HouseStyle, beside: Language | undefined): PageRows | undefined {
	const { worked, mirrored } = shown;
	const { repeat, first, last, rows } = repeatOf(worked);
	if (rows.length === 0) return undefined;
	const word = worked.shape === 'round' ? 'rounds' : 'rows';
	const numbers = `${word} ${rows[0]!.number} to ${rows.at(-1)!.number}`;
	const times = repeat?.times;
	const worn =
		repeat === undefined
			? last + 1 < worked.rows.length
				? `${numbers} of ${worked.rows.length}`
				: numbers
			: times === undefined
				? `repeat ${numbers}`
				: `work ${numbers}, ${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`} in all`;
	const texts = rows.map((_, i) => shown.rowText(first + i));
	return {
		title,
		says: `Cast on ${worked.castOn}, ${worked.shape === 'flat' ? 'flat' : 'in the round'}; ${worn}.`,
		times: Math.min(MOST_TIMES, times ?? 1),
		rows: rows.map((row, i): PageRow => {
			const same = texts.indexOf(texts[i]!);
			const isShort = texts[i]!.length <= 24;
			const once = beside ? rowInLanguage(worked, row, { language: beside, mirrored }) : undefined;
			return {
				number: row.number,
				side: row.side === 'RS' ? style.sides.right : style.sides.wrong,
				text: same < i && !isShort ? `as row ${rows[same]!.number}` : texts[i]!,
				beside: once?.ok ? once.value : undefined,
				isCrossed: row.crossings.length > 0,
			};
		}),
	};
}

/** The rows that a page shows, with their places from 0. */
function repeatOf(worked: SwatchShown['worked']) {
	const repeat = mainRepeat(worked);
	const first = repeat?.first ?? 0;
	const last = repeat?.last ?? Math.min(worked.rows.length, MOST_ROWS) - 1;
	return { repeat, first, last, rows: worked.rows.slice(first, last + 1) };
}

/** `4th `, and nothing before a row that is crossed each time. */
const nth = (n: number): string => (n === 1 ? '' : n === 2 ? 'second ' : n === 3 ? 'third ' : `${n}th `);

/** What can be counted: the stitches after each row, and the rows between crossings. */
function countsOf(worked: SwatchShown['worked']): readonly string[] {
	const { rows, repeat } = repeatOf(worked);
	const counts = new Set(rows.map((row) => row.stitches.length));
	const crossed = rows.filter((row) => row.crossings.length > 0);
	/** Rows from each crossing to the next, in a repeat from its last one to its first one again. */
	const apart = crossed.slice(1).map((row, i) => row.number - crossed[i]!.number);
	if (repeat && crossed.length > 0) apart.push(crossed[0]!.number + rows.length - crossed.at(-1)!.number);
	const gaps = new Set(apart);
	const [count] = counts;
	const [gap] = gaps;
	return [
		...(counts.size === 1 ? [`${stitches(count!)} after every row`] : []),
		...(crossed.length === 1
			? [`Cross once in ${rows.length} rows`]
			: gaps.size === 1
				? [`Cross every ${nth(gap!)}row`]
				: []),
	];
}
