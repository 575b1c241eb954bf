/** What is to be done from a state of the hands on, in whole units: stitches that nothing tells apart go as one. */

import { isOver, pairKey, type Crossing, type PassingEvent, type StitchNumber } from '../../crossing/index.ts';
import { startState, type HandState } from '../state.ts';
import type { Task } from './acts.ts';
import { combinationOf } from './places.ts';
import { FIRST, LEFT, LOOSE, RIGHT, SearchRow, SECOND } from './row.ts';

export interface RowTask extends Task {
	readonly stitches: readonly (readonly StitchNumber[])[];
	readonly start: SearchRow;
}

/** Half turns of each pair so far: +1 when the one on the right passed in front. Undefined where a pair passed in one plane. */
function turnsOf(n: number, events: readonly PassingEvent[]): Int8Array | undefined {
	const turns = new Int8Array((n + 1) * (n + 1));
	const changed = new Set<string>();
	for (const { pair, upper } of events) {
		if (upper === undefined) return undefined;
		const low = Math.min(...pair);
		const high = Math.max(...pair);
		const key = pairKey(low, high);
		const onRight = changed.has(key) ? high : low;
		if (!changed.delete(key)) changed.add(key);
		turns[low * (n + 1) + high]! += upper === onRight ? 1 : -1;
	}
	return turns;
}

const CARRIERS = { left: LEFT, right: RIGHT, loose: LOOSE, 'holder-1': FIRST, 'holder-2': SECOND } as const;

/**
 * Neighbours on one carrier that are worked one after another, and are wound and to be wound alike with all
 * others, go as one: what a way does with one of them it can do with all, in no more transfers. With `single` every stitch
 * goes by itself, as where fewer may hang loose than go as one. Undefined when what was done already is not as asked.
 */
export function taskOf(
	c: Crossing,
	from: HandState = startState(c.n),
	passed: readonly PassingEvent[] = [],
	single = false,
): RowTask | undefined {
	const { n } = c;
	const done = from.loops.filter((l) => l.done);
	const asDone = done.every((l, i) => {
		const work = c.work[l.stitch - 1]!;
		const { stitch, twisted, split } = l.done!;
		return c.order[i] === l.stitch && !split && l.mount === 'front' && work === (twisted ? `${stitch}tbl` : stitch);
	});
	const whole = from.lost.length === 0 && from.extraLoops === 0 && from.bars.length === 0;
	const turns = turnsOf(n, passed);
	if (!asDone || !whole || !turns || from.loops.some((l) => l.entered)) return undefined;
	const is = (a: number, b: number): number => turns[Math.min(a, b) * (n + 1) + Math.max(a, b)]!;
	const wants = (a: number, b: number): number => {
		const upper = isOver(c, Math.min(a, b), Math.max(a, b));
		return upper === undefined ? 0 : upper ? 1 : -1;
	};
	const everyone = Array.from({ length: n }, (_, i) => i + 1);
	if (done.some((l) => everyone.some((s) => s !== l.stitch && is(s, l.stitch) !== wants(s, l.stitch))))
		return undefined;

	const loops = from.loops.filter((l) => !l.done);
	const stands = new Map(c.order.map((s, i) => [s, i]));
	const runs: StitchNumber[][] = [];
	for (const [i, l] of loops.entries()) {
		const last = loops[i - 1];
		const before = last?.stitch;
		const joins =
			!single &&
			last !== undefined &&
			before !== undefined &&
			last.on === l.on &&
			last.plane === l.plane &&
			before === l.stitch - 1 &&
			stands.get(before)! === stands.get(l.stitch)! - 1 &&
			is(before, l.stitch) === 0 &&
			loops.every(
				({ stitch: s }) =>
					s === before ||
					s === l.stitch ||
					(is(s, before) === is(s, l.stitch) && wants(s, before) === wants(s, l.stitch)),
			);
		if (joins) runs.at(-1)!.push(l.stitch);
		else runs.push([l.stitch]);
	}
	// Units are numbered as they stood at first, so that the order of two tells whether their turns are odd.
	const stitches = [...runs].sort((a, b) => a[0]! - b[0]!);
	const units = stitches.length;
	const start = new SearchRow(units);
	start.length = units;
	start.kept = from.kept.length > 0;
	start.places = combinationOf([from.holders['holder-1'], from.holders['holder-2']]);
	start.part = start.places;
	const wanted = new Int8Array(units * units);
	for (const [i, run] of runs.entries()) {
		const loop = loops.find((l) => l.stitch === run[0])!;
		start.unit[i] = stitches.indexOf(run);
		start.on[i] = CARRIERS[loop.on];
		start.plane[i] = start.on[i]! < FIRST ? Math.sign(loop.plane) : 0;
	}
	for (const [a, [first]] of stitches.entries()) {
		for (const [b, [second]] of stitches.entries()) {
			if (a >= b) continue;
			start.turns[a * units + b] = is(first!, second!);
			wanted[a * units + b] = wants(first!, second!);
		}
	}
	const order = stitches.map((_, u) => u).sort((a, b) => stands.get(stitches[a]![0]!)! - stands.get(stitches[b]![0]!)!);
	const sits = new Map(loops.map((l) => [l.stitch, l.mount]));
	return {
		units,
		stitches,
		sizes: stitches.map((u) => u.length),
		order,
		place: stitches.map((_, u) => order.indexOf(u)),
		wanted,
		// Only a knit is reached past another stitch: in front through its front leg, behind through its back one.
		reach: stitches.map(([s]) => {
			const work = c.work[s! - 1]!;
			const back = work.endsWith('tbl') !== (sits.get(s!) === 'behind');
			return { front: work.startsWith('k') && !back, behind: work.startsWith('k') && back };
		}),
		start,
	};
}
