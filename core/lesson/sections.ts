/** A lesson as it stands on paper, on a page to read, and in files: sections of blocks, one source for all of them. */

import type { Block } from '../block/index.ts';
import { craftOf, placeName, PLAIN_CRAFT, type CraftId, type Demonstration } from '../craft/index.ts';
import { TAIL_CM } from '../look/index.ts';
import { lengthName, needleName } from '../measure/index.ts';
import type { SchoolId } from '../notation/index.ts';
import type { Language } from '../language/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { blocksOf, craftsOf, isFor, isLongStep, kindOf, stepAt, stepsAt, stepTitle, type Step } from '../step/index.ts';
import { commonMistakes } from './common-mistakes.ts';
import { glossaryOf } from './glossary.ts';
import { placesOf } from './room.ts';
import type { Lesson } from './schema.ts';

/** What a reader chooses of a lesson, and how it is shown to them. */
export interface SheetOptions {
	/** The hands that it is for; those of the house style when left out. */
	readonly hands?: Demonstration | undefined;
	/** The hand that holds the yarn; that of the house style when left out. */
	readonly yarn?: HouseStyle['yarnHand'] | undefined;
	/** Where its readers work; for the whole room when left out. */
	readonly at?: CraftId | undefined;
	/** Places at which others in the room do the same; those of the lesson's plan when left out. */
	readonly also?: readonly CraftId[] | undefined;
	/** The names of one school; of all when left out. */
	readonly school?: SchoolId | undefined;
	/** The language in which rows stand once more, beside the English ones. */
	readonly beside?: Language | undefined;
	/** The numbers of the steps that are wanted, from 1; all when left out. */
	readonly steps?: ReadonlySet<number> | undefined;
	/** Parts at the end: what is used, and common mistakes. */
	readonly words: boolean;
	readonly mistakes: boolean;
}

export interface Section {
	readonly id: string;
	/** Where it stands in the lesson, from 1; none for what stands at its end. */
	readonly number?: number;
	/** None for a note, which is what is written in it. */
	readonly title?: string;
	readonly step?: Step;
	/** Worked out when it is shown. */
	readonly blocks: () => readonly Block[];
	/** Whether that takes long. */
	readonly isLong: boolean;
}

/** Steps up to which a server reckons a whole lesson. */
const SERVED = 24;

/** Whether reckoning all of a lesson takes long, so that no page of a server waits for it. */
export const isLongLesson = ({ steps }: Pick<Lesson, 'steps'>): boolean =>
	steps.length > SERVED || steps.some(isLongStep);

/** The style with the hands that a sheet is for. */
export const styleFor = (style: HouseStyle, { hands, yarn }: Pick<SheetOptions, 'hands' | 'yarn'>): HouseStyle => ({
	...style,
	...(hands ? { demonstrates: hands } : {}),
	...(yarn ? { yarnHand: yarn } : {}),
});

export function sectionsOf(
	lesson: Pick<Lesson, 'steps'> & { readonly plan?: Lesson['plan'] },
	house: HouseStyle,
	options: SheetOptions,
): readonly Section[] {
	const style = styleFor(house, options);
	const { school, at, beside } = options;
	const also = options.also ?? (lesson.plan ? placesOf(lesson.plan) : []);
	const places: readonly CraftId[] = at === undefined ? (also.length > 0 ? also : [PLAIN_CRAFT]) : [at];
	const wanted = lesson.steps.flatMap((step, i) =>
		(options.steps?.has(i + 1) ?? true) && (at === undefined || isFor(step, at)) ? [{ step, number: i + 1 }] : [],
	);
	const steps = wanted.map((w) => w.step);
	const end = (id: string, blocks: Section['blocks']): Section => ({ id, blocks, isLong: isLongLesson({ steps }) });
	const firstAt = (step: Step): Step =>
		stepAt(
			step,
			places.find((place) => isFor(step, place)),
			style,
		) ?? step;
	const done = (of: readonly CraftId[] = places): readonly Step[] => stepsAt(steps, of, style);
	return [
		...wanted.map(({ step, number }): Section => ({
			id: step.id,
			number,
			step,
			...(kindOf(step).isUntitled ? {} : { title: stepTitle(firstAt(step), style) }),
			blocks: () => blocksOf(step, { style, school, at, also, beside }),
			isLong: isLongStep(step),
		})),
		...(options.mistakes
			? [
					end('mistakes', () =>
						places.flatMap((place, i) => wentWrong(done([place]), style, i === 0 ? undefined : place)),
					),
				]
			: []),
		...(options.words ? [end('words', () => wordsUsed(done(), school, style))] : []),
		...(steps.length > 0 ? [{ id: 'closing', blocks: () => closing(done(), places, style), isLong: false }] : []),
	];
}

/** Mistakes of those who work at a place; it is named where others of the room have had theirs before. */
function wentWrong(steps: readonly Step[], style: HouseStyle, place?: CraftId): readonly Block[] {
	const lines = commonMistakes(steps, style).map((m) => [m.title, m.says] as const);
	const where = place === undefined ? '' : `, ${placeName(place)}`;
	return lines.length === 0 ? [] : [{ kind: 'table', title: `When something went wrong${where}`, lines, names: false }];
}

function wordsUsed(steps: readonly Step[], school: SchoolId | undefined, style: HouseStyle): readonly Block[] {
	const lines = glossaryOf(steps, style, school).map((t) => [t.term, t.says] as const);
	return lines.length === 0 ? [] : [{ kind: 'table', title: 'Words used', lines, names: true }];
}

/** What is true of all of it, and what hands and tools ask of everybody. */
function closing(steps: readonly Step[], places: readonly CraftId[], style: HouseStyle): readonly Block[] {
	const crafts = new Set(steps.flatMap((step) => craftsOf(step, style.glossary)));
	const byHand = [...crafts].some((c) => craftOf(c).isHanded);
	const shape = style.holderShape === 'hook' ? 'a hook' : style.holderShape;
	const needles = `Needles ${needleName(style.needle, style.needleSystem)}; the cable needle is ${shape} and not thicker than they are. Leave tails of ${lengthName(TAIL_CM, style.units)} for weaving in. Everything is seen from the ${style.sides.right}${style.demonstrates === 'right' ? '' : ', worked left-handed'}.`;
	return [
		...(byHand ? [{ kind: 'text', text: needles, tone: 'quiet' } as const] : []),
		{
			kind: 'caution',
			text: `Rest hands and neck every 20 to 30 minutes. Stop at pain or numbness, and see a clinician if it lasts. ${byHand || places.includes(PLAIN_CRAFT) ? 'Needle tips, cable needles, pins and hooks are sharp.' : 'Tools, pins and hooks are sharp.'}`,
		},
	];
}
