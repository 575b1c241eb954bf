/**
 * Double-knitting: the needle carries f1 b1 f2 b2 …, a facing and a back stitch in turn. Loops are
 * numbered along the needle, so column i has its facing stitch at 2i − 1 and its back stitch at 2i.
 */

import type { HandlingOutcome } from '../../handling/index.ts';
import { byUpperThenLower, crossing, isOver, turn, type Crossing, type Passing } from '../../crossing/index.ts';
import type { Scope } from '../../worked/index.ts';

const facingOf = (column: number): number => 2 * column - 1;
const backOf = (column: number): number => 2 * column;
export const isFacing = (loop: number): boolean => loop % 2 === 1;
export const columnOf = (loop: number): number => Math.ceil(loop / 2);
export const nameOfLoop = (loop: number): string => `${isFacing(loop) ? 'f' : 'b'}${columnOf(loop)}`;

/**
 * The crossing of all loops that crosses these columns. A crossing of the back layer is given as it is
 * seen on the back, where its lean is the same.
 */
export function loopsOf(columns: Crossing, scope: Scope): Crossing {
	const c = scope === 'back' ? turn(columns) : columns;
	const order = Array.from({ length: c.n }, (_, i) => {
		const moved = c.order[i]!;
		return [facingOf(scope === 'back' ? i + 1 : moved), backOf(scope === 'facing' ? i + 1 : moved)];
	}).flat();
	const made = crossing({
		order,
		over: overOf(c, order, scope),
		work: order.map((_, i) => (isFacing(i + 1) ? 'k' : 'p')),
	});
	if (!made.ok) throw new RangeError(made.problems[0]!.what);
	return made.value;
}

/** Inside a layer the columns decide; pairs pass as one; and a facing stitch that passes a back one stays in front of it. */
function overOf(c: Crossing, order: readonly number[], scope: Scope): Passing[] {
	const over: Passing[] = [];
	for (const [i, later] of order.entries()) {
		for (const first of order.slice(i + 1)) {
			if (first > later) continue;
			const sameLayer = isFacing(first) === isFacing(later);
			const asColumns = scope === 'pairs' || sameLayer;
			const upper = asColumns ? isOver(c, columnOf(first), columnOf(later)) : isFacing(first);
			over.push(upper ? [first, later] : [later, first]);
		}
	}
	return over.sort(byUpperThenLower);
}

/** The columns of one layer as they came out, seen from the front: who went where and over whom. */
export function layerOf(loops: Crossing, facing: boolean): Crossing {
	const inLayer = (loop: number): boolean => isFacing(loop) === facing;
	const made = crossing({
		order: loops.order.filter(inLayer).map(columnOf),
		over: loops.over.filter(([u, l]) => inLayer(u) && inLayer(l)).map(([u, l]): Passing => [columnOf(u), columnOf(l)]),
		work: Array.from({ length: loops.n / 2 }, () => (facing ? 'k' : 'p')),
	});
	if (!made.ok) throw new RangeError(made.problems[0]!.what);
	return made.value;
}

/** What came out of one layer, by its columns. */
export function layerOutcome(outcome: HandlingOutcome, facing: boolean): HandlingOutcome {
	const columns = (loops: readonly number[]): number[] => loops.filter((l) => isFacing(l) === facing).map(columnOf);
	type Pair = readonly [number, number];
	const pairs = (all: readonly Pair[]): Pair[] =>
		all
			.filter(([a, b]) => isFacing(a) === facing && isFacing(b) === facing)
			.map(([a, b]): Pair => [columnOf(a), columnOf(b)]);
	const work = Object.entries(outcome.work)
		.filter(([loop]) => isFacing(Number(loop)) === facing)
		.map(([loop, made]) => [columnOf(Number(loop)), made] as const);
	return {
		order: columns(outcome.order),
		over: pairs(outcome.over),
		tangled: pairs(outcome.tangled),
		level: pairs(outcome.level),
		work: Object.fromEntries(work),
		unworked: columns(outcome.unworked),
		loose: columns(outcome.loose),
		lost: columns(outcome.lost),
		// A loop too many lies between the layers; it is told with the facing one.
		extraLoops: facing ? outcome.extraLoops : 0,
		split: columns(outcome.split),
		turned: columns(outcome.turned),
		bars: outcome.bars.map((bar) => ({ ...bar, across: columns(bar.across) })).filter((bar) => bar.across.length > 0),
		kept: columns(outcome.kept),
		hung: columns(outcome.hung),
	};
}

/** Back stitches that lie over facing ones of another column where only one layer was to cross: there the layers are locked together. */
export const lockedIn = (over: readonly Passing[], scope: Scope): readonly Passing[] =>
	scope === 'pairs' ? [] : over.filter(([u, l]) => !isFacing(u) && isFacing(l));
