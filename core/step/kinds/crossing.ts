import { z } from 'zod';
import type { Block, Line } from '../../block/index.ts';
import { craftOf, PLAIN_CRAFT, whatShows, type Craft, type MistakeAt, type Performance } from '../../craft/index.ts';
import {
	afterwards,
	craftIn,
	lookOf,
	memoryFor,
	loopsIn,
	namesShown,
	sentenceIn,
	shownIn,
	wayOf,
	wordsIn,
} from '../../look/index.ts';
import { holdersOf, isLong, perform, ribbonOf, stageAt } from '../../made/index.ts';
import { stitches, wordsMade } from '../../notation/index.ts';
import { skillOf, type SkillId } from '../../skill/index.ts';
import { Asked, Noted, ViewSchema } from '../any.ts';
import { kind, type StepAudience } from '../kind.ts';
import { ownName } from '../own-name.ts';
import { crossingTitle } from '../title.ts';
import { half } from '../pace.ts';
import { madeAt, placesBeside } from '../places.ts';

export const CrossingStepSchema = z.object({
	...Noted,
	kind: z.literal('crossing'),
	...Asked,
	view: ViewSchema.optional(),
});
export type CrossingStep = z.infer<typeof CrossingStepSchema>;

/** The mistake that a step is made with on purpose. */
export const mistakeOf = ({ view }: Pick<CrossingStep, 'view'>): MistakeAt | undefined =>
	view?.mistake && { id: view.mistake, site: view.site ?? 0 };

/** Minutes for talking a crossing through before anybody works it, assumed. */
const SHOWN = 4;
/** After it is shown each learner works three of the same in one row, and the row back. */
const TIMES_TRIED = 3;
const STITCHES_BESIDE = 8;

/** Whether a way of the hands goes without a holder, which takes learning, and its own time. */
export const isWithoutHolder = ({
	craft,
	crossing: c,
	way,
}: Pick<CrossingStep, 'craft' | 'crossing' | 'way'>): boolean =>
	craftOf(craft).isHanded && holdersOf(craftOf(craft), c, way) === 0;

/** Skills of a crossing, however it is shown. */
export const skillsOf = ({ crossing, craft }: Pick<CrossingStep, 'crossing' | 'craft'>): readonly SkillId[] => [
	skillOf(crossing),
	...craftOf(craft).teaches,
];

/** What it makes the class bring, however it is shown. */
export const kitOf = ({
	craft,
	crossing: c,
	way,
}: Pick<CrossingStep, 'craft' | 'crossing' | 'way'>): {
	isTried: true;
	crafts: { craft: string; columns: number }[];
	holders?: number;
} => ({
	isTried: true,
	crafts: [{ craft, columns: 0 }],
	...(craftOf(craft).isHanded ? { holders: holdersOf(craftOf(craft), c, way) } : {}),
});

/** What shows of a mistake on purpose, and how it is mended. */
function mending(step: CrossingStep, craft: Craft, done: Performance): Block[] {
	const mistake = craft.mistakes.find((m) => m.id === step.view?.mistake);
	if (!mistake) return [];
	const { shows, mend } = whatShows(craft, done);
	return [
		...(shows ? [{ kind: 'text', text: `What shows: ${shows}.` } as const] : []),
		...(mend ? [{ kind: 'text', text: `To mend it: ${mend.what}` } as const] : []),
	];
}

/** Names by school, and what it looks like; how many of the lines are names. */
function factsOf(step: CrossingStep, { style, school }: StepAudience): { facts: readonly Line[]; names: number } {
	const craft = craftIn(style, step.craft);
	const shown = shownIn(style, step.crossing, craft);
	const words = wordsMade(shown);
	const own = ownName(step);
	const taken = isLong(step.crossing, step.way) ? undefined : craft.takes(shown.made, step.way);
	const written = namesShown(shown).flatMap((n) =>
		n.name !== undefined && (!school || n.school.id === school) ? [n.name] : [],
	);
	const names: readonly Line[] = written.length > 0 ? [['Written', [...new Set(written)].join(' · ')]] : [];
	const memory = memoryFor(style, shown, craft);
	const hands = (taken?.ok ? taken.value.does : undefined) ?? words.hands;
	const handed = shown.mirrored
		? `, left-handed; ${style.demonstrates === 'left-same' ? 'the fabric is the same' : 'the fabric is mirrored'}`
		: '';
	return {
		names: names.length + (own === undefined ? 0 : 1),
		facts: [
			...(own === undefined ? [] : [['Its own name', own] as const]),
			...names,
			['Looks', words.look],
			['Hands', `${hands}${handed}`],
			...(memory === undefined ? [] : [['To remember', memory] as const]),
			['Stitches', `${stitches(step.crossing.n)}, ${words.work}`],
		],
	};
}

/** What is shown of it where it is made. */
function blocksAt(step: CrossingStep, shown: StepAudience): readonly Block[] {
	const { style } = shown;
	const craft = craftIn(style, step.craft);
	const { made, mirrored } = shownIn(style, step.crossing, craft);
	const done = perform(craft, made, step.way, mistakeOf(step));
	const mistake = craft.mistakes.find((m) => m.id === step.view?.mistake);
	const sentence = sentenceIn(step.craft, { made, mirrored });
	const way = wayOf(step.way, craft);
	const blocks: Block[] = [
		{
			kind: 'picture',
			...factsOf(step, shown),
			draw: (paint) => ribbonOf(made, { ...paint, numbers: true, mirrored }),
			paper: true,
		},
	];
	if (craft.id !== PLAIN_CRAFT) blocks.push({ kind: 'text', text: `${craft.title}: ${craft.says}`, paper: true });
	if (sentence) blocks.push({ kind: 'text', text: sentence, tone: 'sentence', paper: true });
	if (mistake) blocks.push({ kind: 'text', text: `On purpose: ${mistake.title}. ${mistake.how}`, tone: 'strong' });
	if (!done.ok) {
		const { what, todo } = done.problems[0]!;
		return [...blocks, { kind: 'text', text: `${what} ${todo}` }];
	}
	const { trace, taken, deviation } = done.value;
	blocks.push({
		kind: 'moves',
		title: way.title,
		craft,
		made,
		taken,
		trace,
		key: trace.steps.findLastIndex((s) => s.passings.length > 0) + 1,
		frames: trace.steps.length + 1,
		says: (at) => wordsIn(style, trace, at, craft),
		draw: (at, { light, textScale = 1.9 }) =>
			stageAt(taken.loops, trace, at, { ...lookOf(style), ...loopsIn(taken), light, textScale }),
	});
	blocks.push(...mending(step, craft, done.value));
	const normal = mistake ? undefined : afterwards(craft, style);
	if (normal !== undefined) blocks.push({ kind: 'text', text: normal, paper: true });
	for (const text of taken.changes) blocks.push({ kind: 'text', text, paper: true });
	if (deviation) blocks.push({ kind: 'text', text: deviation.says, tone: 'strong' });
	if (way.caution) blocks.push({ kind: 'caution', text: way.caution, paper: true });
	return blocks;
}

export const crossing = kind<CrossingStep>({
	kind: 'crossing',
	title: 'Show a crossing',
	schema: CrossingStepSchema,
	asks: 'What to say, what to watch for',
	titleOf: (step, style) => {
		const title = crossingTitle(step, style);
		return step.view?.mistake ? `A mistake on purpose: ${title}` : title;
	},
	minutes: (step, pace) => {
		const factor = isWithoutHolder(step) ? pace.withoutHolder : 1;
		const crossings = (TIMES_TRIED * pace.crossing * factor) / 60;
		return half(SHOWN + crossings + (2 * (TIMES_TRIED * step.crossing.n + STITCHES_BESIDE)) / pace.stitches);
	},
	hands: 'work',
	teaches: (step) => [
		// Nothing is slipped to a holder where loops hang on pegs or on a bed.
		...(craftOf(step.craft).isHanded ? (['holder', 'front-back'] as const) : []),
		'lean',
		...skillsOf(step),
		...(isWithoutHolder(step) ? (['loose', 'no-holder'] as const) : []),
		...(step.way === 'two-holders' ? (['two-holders'] as const) : []),
		...(step.view?.mistake ? (['mount', 'ladder', 'mend'] as const) : []),
	],
	practises: (step) => [
		...skillsOf(step),
		...(isWithoutHolder(step) && step.crossing.n > 2 ? (['no-holder'] as const) : []),
	],
	crossings: ({ asked, crossing: c, craft, way, view }) => [{ asked, crossing: c, craft, way, mistake: view?.mistake }],
	kit: (step) => ({
		...kitOf(step),
		...(step.view?.mistake
			? {
					things: (learners) => [
						{ what: 'Latch hooks', shared: Math.ceil(learners / 2), because: 'for working up dropped stitches; sharp' },
					],
				}
			: {}),
	}),
	isLong: ({ crossing: c, way }) => isLong(c, way),
	glance: (step, { style, also }) => {
		const craft = craftIn(style, step.craft);
		const { made, mirrored } = shownIn(style, step.crossing, craft);
		const { facts, names } = factsOf(step, { style });
		const mistake = craft.mistakes.find((m) => m.id === step.view?.mistake);
		return [
			{ kind: 'picture', facts: [], names: 0, draw: (paint) => ribbonOf(made, { ...paint, mirrored }) },
			{
				kind: 'text',
				tone: 'quiet',
				text: [...facts.slice(0, names).map(([, name]) => name), facts[names + 1]![1]].join(' · '),
			},
			...(mistake
				? [{ kind: 'text', tone: 'strong', text: `With a mistake on purpose: ${mistake.title}.` } as const]
				: []),
			...placesBeside(step, also).map((place) => {
				const there = craftIn(style, place);
				const taken = there.takes(shownIn(style, step.crossing, there).made, (madeAt(step, place, style) ?? step).way);
				const says = taken.ok ? (taken.value.does ?? 'made there too') : `not made there. ${taken.problems[0]!.what}`;
				return { kind: 'text', tone: 'quiet', text: `${there.place}: ${says}` } as const;
			}),
		];
	},
	doneAt: madeAt,
	body: blocksAt,
});
