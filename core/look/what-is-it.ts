/** What hands have made so far, and what it will be if the rest is worked as it stands. */

import { demonstrated, hand, signSaid, type Craft, type Demonstrated } from '../craft/index.ts';
import { equal, type Crossing } from '../crossing/index.ts';
import {
	mendsFor,
	signsOf,
	simulate,
	stateAt,
	tally,
	type AnyMove,
	type AnyState,
	type Mend,
	type Tally,
} from '../handling/index.ts';
import { wordsMade, type SchoolName } from '../notation/index.ts';
import { begunIn, type BegunWith } from './begun.ts';
import { crossingIn } from './came-out.ts';
import { namesShown } from './look.ts';

export interface WhatIsIt {
	/** The fabric, by what it looks like; none when strands are wound, lost, or still lie nowhere. */
	readonly title?: string;
	/** What it is, as these hands make it. */
	readonly made?: Crossing;
	/** Whether any strand lies over another. */
	readonly crosses: boolean;
	/** What each school calls it in these hands. */
	readonly names: readonly SchoolName[];
	/** Whether it is exactly what was asked for, with nothing amiss. */
	readonly isAsked: boolean;
	/** What shows that is not as asked, in words; what mends the first of it. */
	readonly differs: readonly string[];
	readonly mend?: Mend;
	/** Moves that finish it as it stands. */
	readonly rest: readonly AnyMove[];
	/** Of what was done so far. */
	readonly counts: Tally;
}

/**
 * `asked` as these hands make it; `moves` that were done on its stitches. Throws when a move cannot be done, or the
 * craft is not tried by hand.
 */
export function whatIsIt(
	{ made: asked, mirrored }: Demonstrated,
	moves: readonly AnyMove[],
	craft: Craft = hand,
	begun: BegunWith = 'loops',
): WhatIsIt {
	const start = begunIn(craft, asked, begun);
	if (!start || !craft.byHand) throw new RangeError('This craft is not tried by hand.');
	const done = simulate(moves, start);
	if (done.stopped) throw new RangeError(`Move ${done.stopped.at + 1} cannot be done.`);
	const rest = craft.byHand.rest(stateAt<AnyState>(done, moves.length), asked.work);
	const whole = simulate([...moves, ...rest], start);
	const { outcome } = whole;
	const made = crossingIn(outcome, asked.n);
	const signs = signsOf(asked, outcome);
	const taken = craft.takes(asked, craft.ways[0]!.id);
	const fault = taken.ok ? craft.fault?.(taken.value, whole) : undefined;
	const [mend] = mendsFor(asked, signs, { rows: 0, hook: craft.hook });
	return {
		...(made ? { made, title: wordsMade({ made, mirrored }).title } : {}),
		crosses: (made?.over.length ?? 0) > 0,
		names: made ? namesShown(demonstrated(made, mirrored)) : [],
		isAsked: made !== undefined && equal(made, asked) && signs.length === 0 && !fault,
		differs: [...signs.map(signSaid), ...(fault ? [fault.says] : [])],
		...(mend ? { mend } : {}),
		rest,
		counts: tally(done),
	};
}
