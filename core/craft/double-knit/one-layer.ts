/**
 * Crossing one layer only. The layers are parted loop by loop: the stitches of the layer that
 * crosses, as far as they have to wait, to one holder, those of the layer that stays to the other.
 */

import { asTwoGroups, holdSide, turn, type Crossing, type Side } from '../../crossing/index.ts';
import type { Depth, HolderId, Move } from '../../handling/index.ts';
import { isFacing, loopsOf } from './layers.ts';

interface LayerHolder {
	readonly side: Side;
	readonly depth: Depth;
}

/** Where the waiting group and the layer that stays hang: a facing stitch never behind a back one. */
function places(
	scope: 'facing' | 'back',
	hangs: Side,
): { readonly waiting: LayerHolder; readonly staying: LayerHolder } {
	if (scope === 'facing') {
		return hangs === 'front'
			? { waiting: { side: 'front', depth: 'inner' }, staying: { side: 'back', depth: 'inner' } }
			: // Between the layers: behind the facing stitches that pass, before the back ones.
				{ waiting: { side: 'back', depth: 'inner' }, staying: { side: 'back', depth: 'outer' } };
	}
	return hangs === 'back'
		? { waiting: { side: 'back', depth: 'inner' }, staying: { side: 'front', depth: 'inner' } }
		: { waiting: { side: 'front', depth: 'inner' }, staying: { side: 'front', depth: 'outer' } };
}

const WAITING: HolderId = 'holder-1';
const STAYING: HolderId = 'holder-2';

/** The moves; `undefined` when it is not a crossing of two groups. */
export function crossOneLayer(columns: Crossing, scope: 'facing' | 'back'): readonly Move[] | undefined {
	const groups = asTwoGroups(scope === 'back' ? turn(columns) : columns);
	if (!groups) return undefined;
	const { waiting, staying } = places(scope, holdSide(groups.lean));
	const inCrossing = (loop: number): boolean => isFacing(loop) === (scope === 'facing');
	const moves: Move[] = [];
	const on = new Map<number, HolderId>();
	const hold = (loop: number): void => {
		const holder = inCrossing(loop) ? WAITING : STAYING;
		const place = inCrossing(loop) ? waiting : staying;
		const adds = [...on.values()].includes(holder);
		moves.push({ kind: 'hold', count: 1, holder, ...place, ...(adds ? { adds } : {}) });
		on.set(loop, holder);
	};
	const waitingOnNeedle = Array.from({ length: 2 * columns.n }, (_, i) => i + 1);
	let yarn: 'front' | 'behind' = 'behind';
	for (const loop of loopsOf(columns, scope).order) {
		// What stands before it on the needle has to wait.
		while (!on.has(loop) && waitingOnNeedle[0] !== loop) hold(waitingOnNeedle.shift()!);
		const from = on.get(loop) ?? 'left';
		if (from === 'left') waitingOnNeedle.shift();
		on.delete(loop);
		const to = isFacing(loop) ? 'behind' : 'front';
		if (to !== yarn) moves.push({ kind: 'yarn', to });
		yarn = to;
		moves.push({ kind: 'work', from, stitch: isFacing(loop) ? 'k' : 'p', leg: 'front' });
	}
	return moves;
}
