/** A way on from where hands are, found by trying what they are offered: for tools that no search of their own knows. */

import type { ByHand } from '../craft/by-hand.ts';
import type { Crossing, PassingEvent } from '../crossing/index.ts';
import { prove, simulate, stateAt, type AnyMove, type AnyState, type AnyTrace } from '../handling/index.ts';

/** Places of the loops that are looked at before it gives up, times the loops: hands wait for it. */
const MOST_LOOKED = 240;
/** Places from which it is tried to finish. */
const MOST_FINISHED = 6;
/** Loops taken elsewhere, one run after the other. */
const MOST_TAKEN = 4;

const pair = (upper: number, lower: number): string => `${upper} ${lower}`;

/** The pairs that have passed with these, each once and only as asked; undefined where one passed otherwise. */
function passedOnce(
	before: ReadonlySet<string>,
	passings: readonly PassingEvent[],
	asked: ReadonlySet<string>,
): ReadonlySet<string> | undefined {
	const passed = new Set(before);
	for (const { pair: both, upper } of passings) {
		if (upper === undefined) return undefined;
		const key = pair(upper, both[0] === upper ? both[1] : both[0]);
		if (!asked.has(key) || passed.has(key)) return undefined;
		passed.add(key);
	}
	return passed;
}

/**
 * The fewest runs of loops taken elsewhere, such that each pair passes at most once and only as asked; then the rest as
 * it stands, proved. Undefined where a pair passed otherwise already, or none of fewer moves than `below` was found
 * soon. Breadth first; linear in the places looked at times the offers of each.
 */
export function wayByOffers(
	asked: Crossing,
	done: AnyTrace,
	byHand: ByHand,
	below: number,
): readonly AnyMove[] | undefined {
	const wanted = new Set(asked.over.map(([upper, lower]) => pair(upper, lower)));
	const begun = passedOnce(
		new Set(),
		done.steps.flatMap((s) => s.passings),
		wanted,
	);
	const start = stateAt<AnyState>(done, done.steps.length);
	if (!begun || start.lost.length > 0) return undefined;
	const before = done.steps.map((s) => s.move);
	const proved = (moves: readonly AnyMove[]): boolean =>
		prove(asked, simulate([...before, ...moves], stateAt<AnyState>(done, 0))).ok;
	/** Finished as it stands, at once or after one thing that is done besides. */
	const finished = (moves: readonly AnyMove[], state: AnyState): readonly AnyMove[] | undefined => {
		const besides = byHand.offers(state, []).filter((o) => o.target === undefined && !o.isRare && !o.refused);
		for (const first of [[], ...besides.map((o) => o.moves)]) {
			const after = stateAt<AnyState>(simulate(first, state), first.length);
			const whole = [...moves, ...first, ...byHand.rest(after, asked.work)];
			if (whole.length < below && proved(whole)) return whole;
		}
		return undefined;
	};
	interface OfferNode {
		readonly state: AnyState;
		readonly moves: readonly AnyMove[];
		readonly passed: ReadonlySet<string>;
		readonly taken: number;
	}
	const queue: OfferNode[] = [{ state: start, moves: [], passed: begun, taken: 0 }];
	const met = new Set<string>();
	let tried = 0;
	for (let at = 0; at < queue.length && at * asked.n < MOST_LOOKED; at++) {
		const { state, moves, passed, taken } = queue[at]!;
		if (passed.size === wanted.size) {
			if (++tried > MOST_FINISHED) return undefined;
			const whole = finished(moves, state);
			if (whole) return whole;
		}
		if (taken === MOST_TAKEN) continue;
		for (let from = 0; from < state.loops.length; from++) {
			for (let to = from + 1; to <= state.loops.length; to++) {
				const run = state.loops.slice(from, to).map((l) => l.stitch);
				if (!byHand.isRun(state, run)) continue;
				for (const offer of byHand.offers(state, run)) {
					if (offer.target === undefined || offer.isRare || offer.refused) continue;
					if (moves.length + offer.moves.length >= below) continue;
					const trace = simulate(offer.moves, state);
					const more = passedOnce(
						passed,
						trace.steps.flatMap((s) => s.passings),
						wanted,
					);
					const next = trace.steps.at(-1)?.state;
					if (!more || !next) continue;
					const key = `${JSON.stringify(next)} ${[...more].sort().join()}`;
					if (met.has(key)) continue;
					met.add(key);
					queue.push({ state: next, moves: [...moves, ...offer.moves], passed: more, taken: taken + 1 });
				}
			}
		}
	}
	return undefined;
}
