import { z } from 'zod';
import type { KitNeed } from '../../craft/index.ts';
import { noteOf } from '../../schema/index.ts';
import { Noted } from '../any.ts';
import { kind } from '../kind.ts';

interface FinishPart {
	readonly name: string;
	readonly says: string;
	/** Assumed. */
	readonly minutes: number;
	readonly kit?: (learners: number) => KitNeed;
}

const NEEDLE: FinishPart['kit'] = () => ({ what: 'Darning needle, blunt', each: 1 });

const TABLE = {
	edge: {
		name: 'edge stitch',
		says: 'The first and the last stitch of each row stay plain: the seam takes them in. Look along both edges before binding off.',
		minutes: 1,
	},
	'bind-off': {
		name: 'bind off',
		says: 'Bind off in pattern; the last stitch as even as the others. Leave the tails in.',
		minutes: 8,
		kit: NEEDLE,
	},
	wash: {
		name: 'wash',
		says: 'Soak 15 to 30 minutes without wringing, then roll in a towel. If it is steamed: steam burns.',
		minutes: 5,
		kit: (learners) => ({ what: 'Basins and towels', shared: Math.ceil(learners / 4) }),
	},
	pin: {
		name: 'pin',
		says: 'Pin out to size. Pins are sharp: count them out and back.',
		minutes: 10,
		kit: () => ({ what: 'Pins', each: 20, because: 'sharp: counted out and counted back' }),
	},
	dry: { name: 'dry', says: 'Let it dry before you seam it.', minutes: 0 },
	seam: {
		name: 'seam',
		says: 'Seam from the front once it is dry, the edge stitch inside, knit to knit and purl to purl: every stitch at both ends and where strands meet, every other between. Then weave in the tails.',
		minutes: 12,
		kit: NEEDLE,
	},
} as const satisfies Record<string, FinishPart>;

export type Finish = keyof typeof TABLE;
export const FINISHES = Object.keys(TABLE) as [Finish, ...Finish[]];
export const finishOf = (part: Finish): FinishPart => TABLE[part];

const FinishStepSchema = z.object({
	...Noted,
	kind: z.literal('finish'),
	parts: z.array(z.enum(FINISHES)).min(1, 'Finishing has at least one part. Choose one.'),
});
export type FinishStep = z.infer<typeof FinishStepSchema>;

export const finish = kind<FinishStep>({
	kind: 'finish',
	title: 'Finish',
	schema: FinishStepSchema,
	empty: (id) => ({ id, kind: 'finish', parts: FINISHES, note: noteOf('') }),
	asks: 'What to watch for',
	minutes: ({ parts }) => parts.reduce((sum, part) => sum + finishOf(part).minutes, 0),
	hands: 'rest',
	teaches: () => ['finish'],
	kit: ({ parts }) => ({ things: (learners) => parts.flatMap((p) => finishOf(p).kit?.(learners) ?? []) }),
	body: ({ parts }) => [{ kind: 'list', items: parts.map((p) => finishOf(p).says), ticks: true }],
});
