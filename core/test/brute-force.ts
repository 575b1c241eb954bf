/** The plainest search there is, to hold the clever one against: every move that counts, on the simulator, breadth first. */

import { isOver, pairKey, type Crossing, type Passing } from '../crossing/index.ts';
import { applyMove, counts, isTransfer, loopsOn, startState, type HandState, type Move } from '../handling/index.ts';
import { valid } from './made.ts';

interface BruteLimits {
	readonly holders: number;
	readonly loose: number;
}

/** Every move of a state that is worth a try, all stitches knit. */
function tries(state: HandState, { holders, loose }: BruteLimits): Move[] {
	const n = state.loops.length;
	const few = Array.from({ length: n }, (_, i) => i + 1);
	const moves: Move[] = [];
	const ids = (['holder-1', 'holder-2'] as const).slice(0, holders);
	const places = (['front', 'back'] as const).flatMap((side) =>
		(['inner', 'outer'] as const).slice(0, holders).map((depth) => ({ side, depth })),
	);
	for (const from of ['left', ...ids] as const) moves.push({ kind: 'work', from, stitch: 'k', leg: 'front' });
	moves.push({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', keep: true });
	moves.push({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', past: 'front', keep: true });
	for (const count of few) {
		for (const holder of ids) {
			const hangs = state.holders[holder];
			for (const place of hangs ? [] : places) moves.push({ kind: 'hold', count, holder, ...place });
			if (hangs) moves.push({ kind: 'hold', count, holder, ...hangs, adds: true });
		}
		for (const from of ['right', ...ids] as const) moves.push({ kind: 'return', from, count });
		moves.push({ kind: 'slip', count }, { kind: 'release', count });
	}
	for (const holder of ids) for (const place of places) moves.push({ kind: 'swing', holder, ...place });
	if (loose === 0) return moves.filter(counts);
	for (const count of few) {
		for (const needle of ['left', 'right'] as const) {
			moves.push({ kind: 'withdraw', needle, count });
			for (const from of ['front', 'behind'] as const) {
				moves.push({ kind: 'recapture', needle, count, from });
				for (let skip = 0; skip + count <= n; skip++) moves.push({ kind: 'enter', needle, skip, count, from });
			}
		}
	}
	for (const hang of ['front', 'behind'] as const) moves.push({ kind: 'drop', hang });
	return moves.filter(counts);
}

/**
 * For each crossing of `n` stitches, all knit, as a line for `crossingOf`: the fewest transfers within the limits, up
 * to `most`. With a target, only for that one: what is worked otherwise than it asks leads nowhere. Pairs may be wound
 * up to `windings` times and unwound again.
 */
export function bruteForce(
	n: number,
	limits: BruteLimits,
	most: number,
	{ target, windings = Infinity }: { readonly target?: Crossing; readonly windings?: number } = {},
): Map<string, number> {
	interface Node {
		readonly state: HandState;
		/** Of each pair, the upper ones of the passings that are left when those that cancel are taken out. */
		readonly over: ReadonlyMap<string, readonly number[]>;
	}
	const over = ({ over }: Node): string =>
		[...over]
			.map(([pair, uppers]) => `${pair}:${uppers.join('+')}`)
			.sort()
			.join(' ');
	const keyOf = (node: Node): string => {
		const { loops, holders, kept } = node.state;
		const told = loops.map((l) => `${l.stitch}${l.on}${l.plane}${l.entered ? l.entered.from : ''}${l.done ? '!' : ''}`);
		return `${told.join()} ${JSON.stringify(holders)} ${JSON.stringify(kept)} ${over(node)}`;
	};
	/** Whether a stitch just worked is for good as it is to be. */
	const settled = (node: Node, stitch: number): boolean => {
		if (target && target.order[node.state.loops.filter((l) => l.done).length - 1] !== stitch) return false;
		return Array.from({ length: n }, (_, i) => i + 1).every((other) => {
			const uppers = node.over.get(pairKey(stitch, other)) ?? [];
			if (!target) return uppers.length < 2;
			const upper = isOver(target, stitch, other);
			const wanted = upper === undefined ? [] : [upper ? stitch : other];
			return other === stitch || uppers.join() === wanted.join();
		});
	};
	const found = new Map<string, number>();
	const met = new Set<string>();
	let layer: Node[] = [{ state: startState(n), over: new Map() }];
	for (let transfers = 0; transfers <= most && layer.length > 0; transfers++) {
		const next: Node[] = [];
		// Working a stitch is no transfer, so what it leads to belongs to the same layer.
		for (let i = 0; i < layer.length; i++) {
			const node = layer[i]!;
			const key = keyOf(node);
			if (met.has(key)) continue;
			met.add(key);
			const { state } = node;
			if (state.kept.length === 0 && state.loops.every((l) => l.done)) {
				const made = `${state.loops.map((l) => l.stitch).join(' ')}|${over(node)}`;
				if (!found.has(made)) found.set(made, transfers);
				if (target) return found;
				continue;
			}
			for (const move of tries(state, limits)) {
				const applied = applyMove(state, move);
				if (!applied.ok || loopsOn(applied.value.state, 'loose').length > limits.loose) continue;
				const wound = new Map(node.over);
				const { passings } = applied.value;
				let leadsNowhere = passings.some(({ upper }) => upper === undefined);
				for (const { pair, upper } of passings) {
					if (upper === undefined) continue;
					const key = pairKey(...pair);
					const uppers = wound.get(key) ?? [];
					const rest = uppers.at(-1) === upper ? uppers.slice(0, -1) : [...uppers, upper];
					if (rest.length > 0) wound.set(key, rest);
					else wound.delete(key);
					leadsNowhere ||= rest.length > windings;
				}
				const after: Node = { state: applied.value.state, over: wound };
				if (leadsNowhere || (move.kind === 'work' && !settled(after, applied.value.stitches[0]!))) continue;
				(isTransfer(move) ? next : layer).push(after);
			}
		}
		layer = next;
	}
	return found;
}

/** The crossing that a line of `bruteForce` stands for. */
export function crossingOf(made: string): Crossing {
	const [order, pairs] = made.split('|') as [string, string];
	const over = pairs
		.split(' ')
		.filter(Boolean)
		.map((one): Passing => {
			const [a, b, upper] = one.split(/[,:]/).map(Number) as [number, number, number];
			return [upper, upper === a ? b : a];
		});
	return valid({ order: order.split(' ').map(Number), over });
}
