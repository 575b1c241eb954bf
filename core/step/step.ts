/** A step of a lesson: one of the kinds, asked through its kind. */

import type { HouseStyle } from '../schema/index.ts';
import { z } from 'zod';
import type { Block } from '../block/index.ts';
import { canonical, type Crossing } from '../crossing/index.ts';
import { craftOf, placeName, PLAIN_CRAFT, type CraftId } from '../craft/index.ts';
import { isBlank, textOf, type Note } from '../schema/index.ts';
import { neededFor, type SkillId } from '../skill/index.ts';
import type { Kind, StepAudience } from './kind.ts';
import { ALL } from './kinds.ts';
import type { Pace } from './pace.ts';
import { isFor, whomSaid } from './places.ts';

type Every = (typeof ALL)[number];
export type Step = z.infer<Every['schema']>;
export type StepKind = Step['kind'];
export type StepOf<K extends StepKind> = Extract<Step, { kind: K }>;
/** Steps that are what is written in them. */
export type TextStep = Extract<Step, { text: Note }>;

/** Every kind, asked about any step: it is only asked about its own. */
export const KINDS = ALL as unknown as readonly Kind<Step>[];
const BY_NAME = new Map(KINDS.map((k) => [k.kind, k]));

export const kindOf = (step: Pick<Step, 'kind'>): Kind<Step> => BY_NAME.get(step.kind)!;

export const StepSchema = z.discriminatedUnion(
	'kind',
	ALL.map((k) => k.schema) as unknown as [z.ZodObject<{ kind: z.ZodLiteral<string> }>],
) as unknown as z.ZodType<Step>;

export const isText = (step: Step): step is TextStep => 'text' in step;

/** What is written on a step by hand. */
export const noteOn = (step: Step): Note => (isText(step) ? step.text : step.note);

/** The same as plain text. */
export const writtenOn = (step: Step): string => textOf(noteOn(step));

/** What a step is called in a list; as the hands of a style make it where one is given. */
export function stepTitle(step: Step, style?: HouseStyle): string {
	const { titleOf, title } = kindOf(step);
	return titleOf?.(step, style) ?? title;
}

/** A step as it is done where somebody works; undefined where it is only done by hand, at the needles. */
export function stepAt(step: Step, place: CraftId | undefined, style: HouseStyle): Step | undefined {
	if (place === undefined || place === PLAIN_CRAFT) return step;
	const { doneAt } = kindOf(step);
	return doneAt ? doneAt(step, place, style) : step;
}

/** The steps of a room as they are done at each of its places, each once. */
export const stepsAt = (steps: readonly Step[], places: readonly CraftId[], style: HouseStyle): readonly Step[] =>
	places.flatMap((place, i) =>
		steps.flatMap((step) => {
			const done = isFor(step, place) ? stepAt(step, place, style) : undefined;
			return done && (i === 0 || done !== step) ? [done] : [];
		}),
	);

/** What is said of a step to somebody who works where it cannot be done. */
const elsewhere = (step: Step, { style }: StepAudience): Block => {
	const where = [...new Set(craftsOf(step, style.glossary).map((craft) => placeName(craft)))].join(' and ');
	return { kind: 'text', tone: 'quiet', text: `This is worked ${where}. Watch it, and go on with the next step.` };
};
/** What is not shown again for a second place, where it shows the same fabric. */
const SEEN_ALREADY: ReadonlySet<Block['kind']> = new Set(['picture', 'chart']);

/** The places of a room at which a step is done, the first one where nothing is known of the room. */
const placesFor = (step: Step, room: readonly CraftId[]): readonly [CraftId, ...CraftId[]] => {
	const [first = PLAIN_CRAFT, ...others] = room.filter((place) => isFor(step, place));
	return [first, ...others];
};

/** All of a step but its title: what it shows where its readers work, then at each other place, and what is written on it. */
export function blocksOf(step: Step, shown: StepAudience): readonly Block[] {
	const { style, at, also = [] } = shown;
	const { body, isWritten } = kindOf(step);
	const note = noteOn(step);
	const [first, ...others] = at === undefined ? placesFor(step, also) : [at];
	const done = stepAt(step, first, style);
	const whom: Block[] =
		step.only && at === undefined ? [{ kind: 'text', text: whomSaid(step.only), tone: 'quiet' }] : [];
	const blocks = [
		...whom,
		...(done ? body(done, { ...shown, at: first }) : [elsewhere(step, shown)]),
		...others.flatMap((place): readonly Block[] => {
			const there = stepAt(step, place, style);
			if (there === step) return [];
			// A tool has no hands to be mirrored: its fabric leans as it is written.
			const isOther = there !== undefined && style.demonstrates === 'left-mirrored';
			const { place: where } = craftOf(place);
			return [
				{ kind: 'heading', text: isOther ? `${where}: ${stepTitle(there, style)}` : where },
				...(there
					? body(there, { ...shown, at: place }).filter((b) => isOther || !SEEN_ALREADY.has(b.kind))
					: [elsewhere(step, shown)]),
			];
		}),
	];
	return isBlank(note) ? blocks : [...blocks, { kind: 'note', note, aside: !isWritten }];
}

/** What is seen of it among the steps of a lesson, besides what is written. */
export const glanceOf = (step: Step, shown: StepAudience): readonly Block[] => kindOf(step).glance?.(step, shown) ?? [];

/** Crossings of steps, each once. */
export function crossingsOf(steps: readonly Step[]): readonly Crossing[] {
	const all = steps.flatMap((step) => kindOf(step).crossings?.(step) ?? []);
	return [...new Map(all.map(({ crossing }) => [canonical(crossing), crossing])).values()];
}

export const isLongStep = (step: Step): boolean => kindOf(step).isLong?.(step) ?? false;

/** Minutes reckoned for a step, to the half minute. */
export const reckoned = (step: Step, pace: Pace, glossary: string): number =>
	kindOf(step).minutes(step, pace, glossary);

/** Skills that a step shows, so that later ones may stand on them. */
export const taughtBy = (step: Step, glossary: string): readonly SkillId[] =>
	kindOf(step).teaches?.(step, glossary) ?? [];

/** The crafts that a step is worked in; none where nothing is worked. */
export const craftsOf = (step: Step, glossary: string): readonly string[] =>
	kindOf(step)
		.kit?.(step, glossary)
		.crafts?.map((c) => c.craft) ?? [];

/** Skills that a step cannot do without, those that it teaches itself left out. */
export function askedBy(step: Step, glossary: string): readonly SkillId[] {
	// Nothing is slipped to a holder where no craft of it is of the hands.
	const crafts = craftsOf(step, glossary);
	const handless = crafts.length > 0 && !crafts.some((c) => craftOf(c).isHanded);
	const own: readonly SkillId[] = handless ? ['holder', 'front-back'] : [];
	return neededFor(kindOf(step).practises?.(step, glossary) ?? [], new Set([...taughtBy(step, glossary), ...own]));
}
