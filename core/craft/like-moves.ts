/** Moves that are told and drawn as one: three stitches knit one after the other are `k3`. */

import type { AnyTrace, MoveOf } from '../handling/index.ts';

/** A run of moves of a trace: those after step `since` up to step `to`. */
export interface MoveRun {
	readonly since: number;
	readonly to: number;
}

type WorkMove = MoveOf<'work'>;

/** Whether nothing but its stitch sets this move apart from another. */
const isPlain = (move: WorkMove): boolean =>
	!move.past && !move.keep && !move.wrap && !move.split && !move.again && move.end === undefined;

const isLike = (a: WorkMove, b: WorkMove): boolean =>
	isPlain(a) && isPlain(b) && a.from === b.from && a.stitch === b.stitch && a.leg === b.leg;

/** All moves of a trace, like neighbours in one run; at a loom or a machine each loop is a run of its own. */
export function likeMoves(trace: AnyTrace): readonly MoveRun[] {
	if (trace.tool !== 'needles') return trace.steps.map((_, since) => ({ since, to: since + 1 }));
	const runs: MoveRun[] = [];
	for (const [since, { move }] of trace.steps.entries()) {
		const before = trace.steps[since - 1]?.move;
		const last = runs.at(-1);
		if (last && move.kind === 'work' && before?.kind === 'work' && isLike(before, move))
			runs[runs.length - 1] = { ...last, to: since + 1 };
		else runs.push({ since, to: since + 1 });
	}
	return runs;
}
