/** A way of a teacher's own as it is stored: moves of the hands that make its crossing, or it is refused. */

import { z } from 'zod';
import { prove, simulate, startState, type Move } from '../handling/index.ts';
import { CrossingSchema } from './crossing.ts';

export const OWN_WAY_LIMITS = { many: 30, name: 60, moves: 160 } as const;

const count = z.number().int().min(1).max(60);
const side = z.enum(['front', 'back']);
const depth = z.enum(['inner', 'outer']).optional();
const from = z.enum(['front', 'behind']);
const needle = z.enum(['left', 'right']);
const holder = z.enum(['holder-1', 'holder-2']);
const yes = z.literal(true).optional();

/** Every move of the hands but mishaps, which are nobody's way. */
const MoveSchema = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('hold'), count, holder, side, depth, turned: yes, adds: yes }),
	z.object({ kind: z.literal('swing'), holder, side, depth }),
	z.object({ kind: z.literal('slip'), count, turned: yes }),
	z.object({
		kind: z.literal('work'),
		from: z.enum(['left', 'holder-1', 'holder-2']),
		stitch: z.enum(['k', 'p']),
		leg: z.enum(['front', 'back']),
		past: from.optional(),
		keep: yes,
		wrap: z.literal('short').optional(),
		end: z.literal('far').optional(),
	}),
	z.object({ kind: z.literal('release'), count }),
	z.object({ kind: z.literal('yarn'), to: from, outside: z.boolean().optional(), round: holder.optional() }),
	z.object({ kind: z.literal('return'), from: z.enum(['right', 'holder-1', 'holder-2']), count, turned: yes }),
	z.object({ kind: z.literal('enter'), needle, skip: z.number().int().min(0).max(60), count, from }),
	z.object({ kind: z.literal('withdraw'), needle, count }),
	z.object({ kind: z.literal('recapture'), needle, count, from }),
	z.object({ kind: z.literal('drop'), hang: from }),
]) as unknown as z.ZodType<Move>;

export const OwnWaySchema = z
	.object({
		id: z.uuid(),
		name: z
			.string()
			.trim()
			.min(1, 'A way needs a name. Type at least one letter.')
			.max(OWN_WAY_LIMITS.name, `The name of a way has at most ${OWN_WAY_LIMITS.name} characters. Shorten it.`),
		crossing: CrossingSchema,
		moves: z
			.array(MoveSchema)
			.min(1, 'A way has at least one move.')
			.max(OWN_WAY_LIMITS.moves, `A way has at most ${OWN_WAY_LIMITS.moves} moves. Make it shorter.`),
	})
	.refine(
		({ crossing, moves }) => prove(crossing, simulate(moves, startState(crossing.n))).ok,
		'These moves do not make their crossing. Make it again by hand.',
	);
export type StoredWay = z.infer<typeof OwnWaySchema>;

/** A new one: its id comes with being kept. */
export const NewOwnWaySchema = z.object({
	name: OwnWaySchema.shape.name,
	crossing: OwnWaySchema.shape.crossing,
	moves: OwnWaySchema.shape.moves,
});
