import { z } from 'zod';
import { CRAFT_IDS, craftOf } from '../../craft/index.ts';
import { COMPARISONS, sidesOf } from '../../look/index.ts';
import { isLong } from '../../made/index.ts';
import { skillOf, type SkillId } from '../../skill/index.ts';
import { Asked, Noted } from '../any.ts';
import { kind, type StepAudience } from '../kind.ts';
import { madeAt } from '../places.ts';
import type { Block } from '../../block/index.ts';
import { crossingTitle } from '../title.ts';
import { kitOf, skillsOf } from './crossing.ts';

const CompareStepSchema = z.object({
	...Noted,
	kind: z.literal('compare'),
	...Asked,
	of: z.enum(COMPARISONS),
	/** The second way, where two ways are compared. */
	other: z.string().min(1).max(40).optional(),
	/** A third and a fourth way. */
	more: z.array(z.string().min(1).max(40)).max(2).optional(),
	/** The second craft, where two crafts are compared. */
	inCraft: z.enum(CRAFT_IDS).optional(),
});
export type CompareStep = z.infer<typeof CompareStepSchema>;

/** What is put side by side, and the skills that seeing it so teaches. */
const TABLE = {
	leans: ['both leans', ['both-leans']],
	ways: ['ways to do it', ['loose']],
	hands: ['right-handed and left-handed', []],
	yarn: ['yarn in the right and in the left hand', []],
	readings: ['what the name may mean', ['names', 'glossary']],
	tightness: ['tight and loose', ['tight']],
	crafts: ['in two crafts', []],
} as const satisfies Record<CompareStep['of'], readonly [string, readonly SkillId[]]>;

export const comparisonTitle = (of: CompareStep['of']): string => TABLE[of][0];

/** The crafts that it is made in, each with its way. */
const craftsIn = (step: CompareStep): readonly { craft: CompareStep['craft']; way: string }[] =>
	step.of === 'crafts' && step.inCraft
		? [step, { craft: step.inCraft, way: craftOf(step.inCraft).ways[0]!.id }]
		: [step];

function blocks(step: CompareStep, { style }: StepAudience): readonly Block[] {
	const sides = sidesOf(step, style);
	return [
		{ kind: 'comparison', sides },
		...(sides.length < 2
			? [
					{
						kind: 'text',
						tone: 'quiet',
						text:
							step.of === 'readings'
								? 'This name has one meaning, so there is nothing to compare. Choose another comparison.'
								: 'Only one way makes this crossing here, so there is nothing to compare. Choose another comparison.',
					} as const,
				]
			: []),
	];
}

export const compare = kind<CompareStep>({
	kind: 'compare',
	title: 'Compare',
	schema: CompareStepSchema,
	asks: 'What to say, what to watch for',
	titleOf: (step, style) => `${crossingTitle(step, style)}: ${comparisonTitle(step.of)}`,
	minutes: () => 6,
	hands: 'work',
	teaches: ({ crossing, of }) => ['front-back', 'lean', skillOf(crossing), ...TABLE[of][1]],
	practises: skillsOf,
	crossings: (step) =>
		craftsIn(step).map(({ craft, way }) => ({ asked: step.asked, crossing: step.crossing, craft, way })),
	kit: (step) => {
		const [first, ...others] = craftsIn(step).map((made) => kitOf({ ...made, crossing: step.crossing }));
		return { ...first!, crafts: [first!, ...others].flatMap((kit) => kit.crafts) };
	},
	doneAt: (step, place, style) => {
		if (step.of === 'crafts') return step;
		// Hands are compared by those who knit with them.
		if (step.of === 'hands' || step.of === 'yarn') return undefined;
		const { other: _, more: __, ...own } = step;
		return step.craft === place ? step : madeAt(own, place, style);
	},
	isLong: ({ crossing, way }) => isLong(crossing, way),
	glance: blocks,
	body: blocks,
});
