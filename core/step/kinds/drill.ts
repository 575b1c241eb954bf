import { z } from 'zod';
import type { Block } from '../../block/index.ts';
import { craftOf, PLAIN_CRAFT, type CraftId } from '../../craft/index.ts';
import { memoize } from '../../memoize/index.ts';
import { SCHOOL_IDS } from '../../notation/index.ts';
import {
	answerTo,
	askedTogether,
	chosenAmong,
	drawnChart,
	drawnCrossing,
	FIRST_CROSSINGS,
	shownSaid,
	TOGETHER,
	type AskedQuestion,
} from '../../practice/index.ts';
import { CrossingSchema, noteOf } from '../../schema/index.ts';
import { Noted } from '../any.ts';
import { kind } from '../kind.ts';

export const DRILL_LIMITS = { crossings: 12, many: 12, kinds: 100 } as const;

const DrillStepSchema = z.object({
	...Noted,
	kind: z.literal('drill'),
	school: z.enum(SCHOOL_IDS),
	/** All that a room can answer, when empty. */
	kinds: z.array(z.string().max(40)).max(DRILL_LIMITS.kinds),
	/** Those that are taught first, when empty. */
	crossings: z.array(CrossingSchema).max(DRILL_LIMITS.crossings),
	many: z
		.number()
		.int()
		.min(1, 'At least one question is asked.')
		.max(DRILL_LIMITS.many, `At most ${DRILL_LIMITS.many} questions are asked at once. Add a second step.`),
	/** Other questions come from another one. */
	seed: z.number().int().min(0).max(1_000_000),
});
export type DrillStep = z.infer<typeof DrillStepSchema>;

/** Minutes of one question that a class answers together, assumed. */
const EACH = 1;

const questionsOf = memoize(
	40,
	({ school, kinds, crossings, many, seed }: DrillStep) => JSON.stringify([school, kinds, crossings, many, seed]),
	({ school, kinds, crossings, many, seed }): readonly AskedQuestion[] => {
		const chosen = chosenAmong(TOGETHER, kinds);
		const deck = { school, crossings: crossings.length > 0 ? crossings : FIRST_CROSSINGS };
		return askedTogether(deck, chosen.length > 0 ? chosen : TOGETHER, many, seed);
	},
);

const LETTERS = 'ABCDEFGH';

/** Questions as blocks are told them. */
function questionsBlock(step: DrillStep, at: CraftId): Block<'questions'> {
	const isByHand = craftOf(at).isHanded;
	return {
		kind: 'questions',
		questions: questionsOf(step)
			.filter(({ drill }) => isByHand || !drill.isOfHands)
			.map((asked) => {
				const { asks, shows, options } = asked.question;
				const { at, says } = answerTo(asked);
				return {
					asks,
					lines: shows?.kind === 'lines' ? shows.lines : [],
					...(shows === undefined || shows.kind === 'lines'
						? {}
						: {
								seen: {
									says: shownSaid(shows)[0]!,
									draw: ({ light }) =>
										shows.kind === 'chart'
											? drawnChart(shows, light)
											: drawnCrossing(shows.crossing, shows.side, light),
								},
							}),
					options: options.map(({ label, picture }, i) => ({
						letter: LETTERS[i]!,
						label,
						...(picture ? { draw: ({ light }) => drawnCrossing(picture, 'RS', light) } : {}),
					})),
					answer: LETTERS[at]!,
					says,
				};
			}),
	};
}

export const drill = kind<DrillStep>({
	kind: 'drill',
	title: 'Practice together',
	schema: DrillStepSchema,
	empty: (id) => ({ id, kind: 'drill', school: 'slash', kinds: [], crossings: [], many: 5, seed: 1, note: noteOf('') }),
	begun: (step, { crossings, school }) => ({ ...step, school, crossings: crossings.slice(-DRILL_LIMITS.crossings) }),
	titleOf: () => 'Questions to answer together',
	asks: 'How they answer: aloud, with hands up, on paper',
	minutes: ({ many }) => many * EACH,
	hands: 'rest',
	glance: (step) => [{ kind: 'list', ticks: false, items: questionsOf(step).map((q) => q.question.asks) }],
	body: (step, { at = PLAIN_CRAFT }) => [questionsBlock(step, at)],
});
