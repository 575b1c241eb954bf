/**
 * A procedure for any crossing within limits, and what was proved of it, or the limit to lift when nothing does it.
 * Every move that counts is tried (`counted.ts`).
 */

import type { Crossing } from '../../crossing/index.ts';
import { fromTip } from '../apply/needles.ts';
import type { Move } from '../moves.ts';
import { simulate } from '../simulate.ts';
import type { Trace } from '../trace.ts';
import { loopsOn, type HandState } from '../state.ts';
import { DEFAULT_LIMITS, SEARCH_MOVES, type SearchLimits } from './limits.ts';
import type { Found, Lift } from './found.ts';
import { plainMoves } from './plain.ts';
import { seeking, type Begun, type Progress } from './seeking.ts';
import { unitsOf } from './units.ts';

export { counts } from './counted.ts';
export { unitsOf } from './units.ts';
export type { Claim, Found, Lift } from './found.ts';
export {
	DEFAULT_LIMITS,
	SEARCH_AIMS,
	SEARCH_MOVES,
	type SearchAim,
	type SearchLimits,
	type SearchMove,
} from './limits.ts';

/** How far a search is: the best found so far, and what is proved by now. */
export interface Looking {
	readonly transfers: number | undefined;
	readonly atLeast: number;
	readonly looked: number;
}

/**
 * The best procedure for a crossing under the limits, for hands that start with all stitches on the left needle and
 * the yarn behind. Works for any valid crossing. Stitches worked and yarn shifts are the same in every procedure that
 * makes exactly the crossing, so only transfers and loose loops are searched over.
 */
export function search(c: Crossing, limits: Partial<SearchLimits> = {}): Found {
	return ended(searching(c, limits));
}

/** The same, telling how far it is between times; it may be left at any of them. */
export function* searching(c: Crossing, limits: Partial<SearchLimits> = {}): Generator<Looking, Found> {
	const whole: SearchLimits = { ...DEFAULT_LIMITS, ...limits };
	const found = whole.least === 'tools' ? yield* fewestTools(c, whole) : yield* run(c, whole);
	if (found.ok || !found.proven) return found;
	return { ...found, lift: liftsFor(c, whole) };
}

function ended<T>(steps: Generator<unknown, T>): T {
	for (;;) {
		const step = steps.next();
		if (step.done) return step.value;
	}
}

/** No holder if that goes, else one, else two. */
function* fewestTools(c: Crossing, limits: SearchLimits): Generator<Looking, Found> {
	let looked = 0;
	let last: Found | undefined;
	for (const holders of [0, 1, 2] as const) {
		if (holders > limits.holders) break;
		last = yield* run(c, { ...limits, holders });
		looked += last.looked;
		if (last.ok) return { ...last, looked, holders };
	}
	return { ...last!, looked };
}

function liftsFor(c: Crossing, limits: SearchLimits): Lift[] {
	const lets = (more: Partial<SearchLimits>): boolean => ended(run(c, { ...limits, ...more })).ok;
	const lifts: Lift[] = [];
	for (let holders = limits.holders + 1; holders <= 2; holders++) {
		if (!lets({ holders: holders as 1 | 2 })) continue;
		lifts.push({ what: 'holders', to: holders });
		break;
	}
	for (let loose = limits.loose + 1; loose <= c.n; loose++) {
		if (!lets({ loose })) continue;
		lifts.push({ what: 'loose', to: loose });
		break;
	}
	for (const move of SEARCH_MOVES) {
		if (!limits.allow.includes(move) && lets({ allow: [...limits.allow, move] })) lifts.push({ what: move });
	}
	return lifts;
}

const lookingOf = ({ best, atLeast, looked }: Progress): Looking => ({ transfers: best?.transfers, atLeast, looked });

function* run(c: Crossing, limits: SearchLimits): Generator<Looking, Found> {
	const found = yield* bestOf(c, limits);
	if (found.ok || found.proven) return found;
	const plain = plainMoves(c, unitsOf(c), limits) ?? plainMoves(c, unitsOf(c, true), limits);
	return plain ? { ok: true, moves: plain, claim: 'none', atLeast: found.atLeast, looked: found.looked } : found;
}

/** What was found from the start, or from where hands are. */
function* bestOf(
	c: Crossing,
	limits: SearchLimits,
	begun?: Begun,
	inHaste = false,
): Generator<Looking, Extract<Found, { ok: true }> | (Extract<Found, { ok: false }> & { readonly atLeast: number })> {
	const steps = seeking(c, limits, begun, inHaste);
	for (;;) {
		const step = steps.next();
		if (!step.done) {
			yield lookingOf(step.value);
			continue;
		}
		const { best, atLeast, looked, settled } = step.value;
		if (!best) return { ok: false, proven: settled, looked, lift: [], atLeast };
		if (limits.loose > 0 && limits.least === 'loose')
			return { ok: true, moves: best.moves, claim: settled ? 'best' : 'none', byLoose: true, atLeast: 0, looked };
		const claim = atLeast >= best.transfers ? 'best' : best.bestOnce ? 'once' : 'none';
		return { ok: true, moves: best.moves, claim, atLeast, looked };
	}
}

/**
 * A way on from where hands are after some moves to what was asked: undefined when what was done stands against it, or
 * none was found soon. Loops that hang loose are caught again, and none is let go anew. Not always the shortest: hands
 * wait for it.
 */
export function wayFrom(c: Crossing, trace: Trace): readonly Move[] | undefined {
	const passed = trace.steps.flatMap((s) => s.passings);
	const state = trace.steps.at(-1)?.state ?? trace.start;
	for (const first of beginnings(state)) {
		const begun = simulate(first, state);
		if (begun.stopped) continue;
		const found = ended(
			bestOf(
				c,
				DEFAULT_LIMITS,
				{ state: begun.steps.at(-1)?.state ?? state, passed: [...passed, ...begun.steps.flatMap((s) => s.passings)] },
				true,
			),
		);
		if (found.ok) return [...first, ...found.moves];
	}
	return trace.steps.length === 0 ? plainMoves(c, unitsOf(c), DEFAULT_LIMITS) : undefined;
}

/** What comes before all else: a needle drawn out of loops that the other one has entered, old loops let off. */
function beginnings(state: HandState): readonly (readonly Move[])[] {
	if (state.kept.length > 0 && !state.kept.some(({ after }) => loopsOn(state, 'left').some((l) => l.stitch === after)))
		return [[{ kind: 'release', count: state.kept.length }]];
	if (!state.loops.some((l) => l.entered)) return [[]];
	return (['left', 'right'] as const).flatMap((needle) => {
		const count = fromTip(state, needle).findLastIndex((l) => l.entered) + 1;
		return count > 0 ? [[{ kind: 'withdraw', needle, count }]] : [];
	});
}
