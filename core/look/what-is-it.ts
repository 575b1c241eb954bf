/** What hands have made so far, and what it will be if the rest is worked as it stands. */

import type { Demonstrated } from '../craft/index.ts';
import { crossing, equal, mirror, type Crossing } from '../crossing/index.ts';
import {
	asItStands,
	mendsFor,
	signsOf,
	simulate,
	startState,
	tally,
	type Mend,
	type Move,
	type Tally,
} from '../handling/index.ts';
import { wordsFor } from '../made/index.ts';
import type { SchoolName } from '../notation/index.ts';
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
	readonly rest: readonly Move[];
	/** Of what was done so far. */
	readonly counts: Tally;
}

/** The crossing that came out; undefined when it is none. */
function madeOf(n: number, outcome: ReturnType<typeof simulate>['outcome']): Crossing | undefined {
	if (outcome.order.length !== n || outcome.tangled.length + outcome.level.length > 0) return undefined;
	const read = crossing({
		order: outcome.order,
		over: outcome.over,
		work: Array.from({ length: n }, (_, i) => outcome.work[i + 1]!),
	});
	return read.ok ? read.value : undefined;
}

/** `asked` as these hands make it; `moves` that were done on its stitches. Throws when a move cannot be done. */
export function whatIsIt({ made: asked, mirrored }: Demonstrated, moves: readonly Move[]): WhatIsIt {
	const start = startState(asked.n);
	const done = simulate(moves, start);
	if (done.stopped) throw new RangeError(`Move ${done.stopped.at + 1} cannot be done.`);
	const rest = asItStands(done.steps.at(-1)?.state ?? start, asked.work);
	const { outcome } = simulate([...moves, ...rest], start);
	const made = madeOf(asked.n, outcome);
	const signs = signsOf(asked, outcome);
	const [mend] = mendsFor(asked, signs, { rows: 0 });
	return {
		...(made ? { made, title: wordsFor(mirrored ? mirror(made) : made).title } : {}),
		crosses: (made?.over.length ?? 0) > 0,
		names: made ? namesShown({ made, fabric: mirrored ? mirror(made) : made, mirrored }) : [],
		isAsked: made !== undefined && equal(made, asked) && signs.length === 0,
		differs: signs.map((s) => s.says.RS ?? `on the wrong side ${s.says.WS}`),
		...(mend ? { mend } : {}),
		rest,
		counts: tally(done),
	};
}
