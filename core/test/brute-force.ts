/** The plainest search there is, to hold the clever one against: every legal move on the simulator, breadth first. */

import { pairKey, type Crossing, type Passing } from '../crossing/index.ts';
import { applyMove, isTransfer, loopsOn, startState, type HandState, type Move } from '../handling/index.ts';
import { valid } from './made.ts';

/** Every move that is worth a try in a state, without turned, split or lost loops, all stitches knit. */
function tries(state: HandState, { holders, loose }: { holders: number; loose: number }): Move[] {
	const n = state.loops.length;
	const counts = Array.from({ length: n }, (_, i) => i + 1);
	const moves: Move[] = [];
	const ids = (['holder-1', 'holder-2'] as const).slice(0, holders);
	const places = (['front', 'back'] as const).flatMap((side) =>
		(['inner', 'outer'] as const).slice(0, holders).map((depth) => ({ side, depth })),
	);
	for (const from of ['left', ...ids] as const) moves.push({ kind: 'work', from, stitch: 'k', leg: 'front' });
	moves.push({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', keep: true });
	moves.push({ kind: 'work', from: 'left', stitch: 'k', leg: 'front', past: 'front', keep: true });
	for (const count of counts) {
		for (const holder of ids) for (const place of places) moves.push({ kind: 'hold', count, holder, ...place });
		for (const from of ['right', ...ids] as const) moves.push({ kind: 'return', from, count });
		moves.push({ kind: 'slip', count }, { kind: 'release', count });
		for (const needle of loose > 0 ? (['left', 'right'] as const) : []) {
			moves.push({ kind: 'withdraw', needle, count });
			for (const from of ['front', 'behind'] as const) {
				moves.push({ kind: 'recapture', needle, count, from });
				for (let skip = 0; skip + count <= n; skip++) moves.push({ kind: 'enter', needle, skip, count, from });
			}
		}
	}
	for (const holder of ids) for (const place of places) moves.push({ kind: 'swing', holder, ...place });
	for (const hang of ['front', 'behind'] as const) moves.push({ kind: 'drop', hang });
	return moves;
}

/** For each crossing of `n` stitches, all knit, as a line for `crossingOf`: the fewest transfers within the limits, up to `most`. */
export function bruteForce(n: number, limits: { holders: number; loose: number }, most: number): Map<string, number> {
	interface Node {
		readonly state: HandState;
		/** Pairs that changed order, each with the one above. */
		readonly over: ReadonlyMap<string, number>;
	}
	const keyOf = ({ state, over }: Node): string => {
		const loops = state.loops.map(
			(l) => `${l.stitch}${l.on}${l.plane}${l.entered ? l.entered.from : ''}${l.done ? '!' : ''}`,
		);
		const pairs = [...over].map(([pair, upper]) => `${pair}:${upper}`).sort();
		return `${loops.join()} ${JSON.stringify(state.holders)} ${JSON.stringify(state.kept)} ${pairs.join()}`;
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
				const over = [...node.over].map(([pair, upper]) => `${pair}:${upper}`).sort();
				const made = `${state.loops.map((l) => l.stitch).join(' ')}|${over.join(' ')}`;
				if (!found.has(made)) found.set(made, transfers);
				continue;
			}
			for (const move of tries(state, limits)) {
				const applied = applyMove(state, move);
				if (!applied.ok || loopsOn(applied.value.state, 'loose').length > limits.loose) continue;
				const over = new Map(node.over);
				const fits = applied.value.passings.every(({ pair, upper }) => {
					const key = pairKey(...pair);
					if (upper === undefined || (over.has(key) && over.get(key) !== upper)) return false;
					if (!over.delete(key)) over.set(key, upper);
					return true;
				});
				if (!fits) continue;
				(isTransfer(move) ? next : layer).push({ state: applied.value.state, over });
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
