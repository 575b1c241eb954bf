import { z } from 'zod';
import { craftOf, PLAIN_CRAFT, type CraftId } from '../../craft/index.ts';
import { noteOf } from '../../schema/index.ts';
import type { SkillId } from '../../skill/index.ts';
import { Noted } from '../any.ts';
import { kind } from '../kind.ts';

/** What a learner looks at on their own piece: the question, and the skill that looking at it is. */
const TABLE = {
	count: ['Count: is every stitch still there?', 'count-rows'],
	lean: ['Lean: does the cable lean the way it should?', 'lean'],
	mount: ['Sit: does every stitch sit on the needle as the others do, none turned round?', 'mount'],
	gap: ['Gap: is the purl beside the cable snug?', 'gap'],
} as const satisfies Record<string, readonly [string, SkillId]>;

export type Check = keyof typeof TABLE;
export const CHECKS = Object.keys(TABLE) as [Check, ...Check[]];
export const checkWords = (c: Check): string => TABLE[c][0];

/** The same where loops hang on a tool. */
const wordsAt = (c: Check, place: CraftId): string =>
	c === 'mount' && !craftOf(place).isHanded
		? 'Sit: does every loop hang as the others do, none turned round?'
		: checkWords(c);

const CheckStepSchema = z.object({
	...Noted,
	kind: z.literal('check'),
	checks: z.array(z.enum(CHECKS)).min(1, 'Choose at least one thing to check.'),
});
export type CheckStep = z.infer<typeof CheckStepSchema>;

export const check = kind<CheckStep>({
	kind: 'check',
	title: 'Check',
	schema: CheckStepSchema,
	empty: (id) => ({ id, kind: 'check', checks: ['count', 'lean'], note: noteOf('') }),
	asks: 'What else to look at',
	minutes: () => 4,
	hands: 'between',
	teaches: ({ checks }) => checks.map((c) => TABLE[c][1]),
	body: ({ checks }, { at = PLAIN_CRAFT }) => [{ kind: 'list', items: checks.map((c) => wordsAt(c, at)), ticks: true }],
});
