/** A procedure that always works, where the search for a good one would take too long: one stitch home after the other. */

import type { Crossing } from '../../crossing/index.ts';
import type { Move } from '../moves.ts';
import type { SearchLimits } from './limits.ts';
import type { Units } from './units.ts';
import { worksOf } from './works.ts';

/**
 * Brings each unit, in the order of working, past those that still stand before it: run by run they
 * wait on one holder, or loose for a moment, while it goes by on its side; then it is worked. `undefined`
 * when the limits allow neither. Quadratic in units.
 */
export function plainMoves(c: Crossing, units: Units, limits: SearchLimits): readonly Move[] | undefined {
	const may = (...moves: SearchLimits['allow']): boolean => moves.every((m) => limits.allow.includes(m));
	const { over } = units;
	const sizeOf = (of: readonly number[]): number => of.reduce((sum, u) => sum + units.stitches[u]!.length, 0);
	const byHolder = limits.holders > 0 && may('hold', 'return', 'slip');
	const widest = Math.max(...units.stitches.map((u) => u.length));
	if (!byHolder && !(limits.loose >= widest && may('enter', 'return', 'slip'))) return undefined;

	const works = worksOf(c);
	const moves: Move[] = [...works.first];
	let left = units.stitches.map((_, i) => i);
	for (const next of units.order) {
		const place = left.indexOf(next);
		const runs = runsBefore(left.slice(0, place), (u) => over[next]![u]!, byHolder ? Infinity : limits.loose, sizeOf);
		const mine = sizeOf([next]);
		const further = sizeOf(runs.slice(1).flat());
		if (further > 0) moves.push({ kind: 'slip', count: further });
		for (const [i, run] of runs.entries()) {
			const count = sizeOf(run);
			if (i > 0) moves.push({ kind: 'return', from: 'right', count: count + mine });
			const nextIsOver = over[next]![run[0]!] === 1;
			moves.push(
				...(byHolder
					? ([
							{ kind: 'hold', count, holder: 'holder-1', side: nextIsOver ? 'back' : 'front', depth: 'inner' },
							{ kind: 'slip', count: mine },
							{ kind: 'return', from: 'holder-1', count },
						] as const)
					: ([
							{ kind: 'enter', needle: 'right', skip: count, count: mine, from: nextIsOver ? 'front' : 'behind' },
							{ kind: 'withdraw', needle: 'left', count: count + mine },
							{ kind: 'recapture', needle: 'left', count, from: 'front' },
						] as const)),
			);
		}
		if (runs.length > 0) moves.push({ kind: 'return', from: 'right', count: mine });
		for (const stitch of units.stitches[next]!) moves.push(...works.of(stitch));
		left = left.filter((u) => u !== next);
	}
	return moves;
}

/** Units before one that it passes on the same side, nearest first, each run of no more stitches than `most`. */
function runsBefore(
	before: readonly number[],
	sideOf: (unit: number) => number,
	most: number,
	sizeOf: (units: readonly number[]) => number,
): number[][] {
	const runs: number[][] = [];
	for (const unit of [...before].reverse()) {
		const run = runs.at(-1);
		if (run && sideOf(run[0]!) === sideOf(unit) && sizeOf([...run, unit]) <= most) run.unshift(unit);
		else runs.push([unit]);
	}
	return runs;
}
