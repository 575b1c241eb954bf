/** The acts of a search as moves of the hands. */

import type { Crossing, StitchNumber } from '../../../crossing/index.ts';
import type { Move } from '../../moves.ts';
import type { HolderId } from '../../state.ts';
import { FIRST, LEFT, LOOSE, RIGHT, type Act, type Board, type HolderAt } from './board.ts';
import type { Units } from '../units.ts';
import { worksOf } from '../works.ts';

const holderId = (on: number): HolderId => (on === FIRST ? 'holder-1' : 'holder-2');

const needleOf = (on: number): 'left' | 'right' => (on === LEFT ? 'left' : 'right');

/** An act, and the board that it is done on. */
export interface ActOn {
	readonly act: Act;
	readonly on: Board;
}

/** The moves of these acts, with the yarn brought where each stitch needs it. */
export function movesOf(c: Crossing, units: Units, path: readonly ActOn[]): readonly Move[] {
	const moves: Move[] = [];
	const acts = path.map((p) => p.act);
	/** Stitches of `count` units from a place in the row. */
	const stitches = (on: Board, from: number, count: number): number =>
		[...on.row.slice(from, from + count)].reduce((sum, u) => sum + units.stitches[u]!.length, 0);
	/** The same for the last `count` units of a carrier. */
	const lastOf = (on: Board, carrier: number, count: number): number => {
		let at = on.length - 1;
		while (on.on[at] !== carrier) at -= 1;
		return stitches(on, at - count + 1, count);
	};
	const works = worksOf(c);
	const work = (
		stitch: StitchNumber,
		from: 'left' | HolderId,
		more: Partial<Extract<Move, { kind: 'work' }>> = {},
	): void => void moves.push(...works.of(stitch, from, more));
	moves.push(...works.first);

	for (const [i, { act, on }] of path.entries()) {
		const { left, right } = on;
		switch (act.kind) {
			case 'hold':
			case 'swing': {
				const place = { side: act.at > 0 ? 'front' : 'back', depth: depthAt(acts, i) } as const;
				moves.push(
					act.kind === 'hold'
						? { kind: 'hold', count: stitches(on, left, act.count), holder: holderId(act.holder), ...place }
						: { kind: 'swing', holder: holderId(act.holder), ...place },
				);
				break;
			}
			case 'return':
				moves.push({
					kind: 'return',
					from: act.from === RIGHT ? 'right' : holderId(act.from),
					count: lastOf(on, act.from, act.count),
				});
				break;
			case 'slip':
				moves.push({ kind: 'slip', count: stitches(on, left, act.count) });
				break;
			case 'enter': {
				const into = act.needle === RIGHT ? LEFT : RIGHT;
				const skip = into === LEFT ? stitches(on, left, act.skip) : stitches(on, right - act.skip, act.skip);
				const taken =
					into === LEFT
						? stitches(on, left + act.skip, act.count)
						: stitches(on, right - act.skip - act.count, act.count);
				const beyond =
					into === LEFT
						? stitches(on, left + act.skip + act.count, act.beyond)
						: stitches(on, right - act.skip - act.count - act.beyond, act.beyond);
				moves.push(
					{ kind: 'enter', needle: needleOf(act.needle), skip, count: taken, from: act.from },
					{ kind: 'withdraw', needle: needleOf(into), count: skip + taken + beyond },
				);
				break;
			}
			case 'withdraw': {
				const from = act.needle === LEFT ? left : right - act.count;
				moves.push({ kind: 'withdraw', needle: needleOf(act.needle), count: stitches(on, from, act.count) });
				break;
			}
			case 'recapture': {
				const first = on.on.indexOf(LOOSE);
				const count = act.needle === LEFT ? lastOf(on, LOOSE, act.count) : stitches(on, first, act.count);
				moves.push({ kind: 'recapture', needle: needleOf(act.needle), count, from: act.from });
				break;
			}
			case 'drop':
				for (const _ of units.stitches[on.row[left]!]!) moves.push({ kind: 'drop', hang: act.hang });
				break;
			case 'work': {
				const unit = units.order[on.done]!;
				const carrier = on.on[on.row.indexOf(unit)]!;
				const keeps = on.kept && carrier === LEFT;
				for (const stitch of units.stitches[unit]!) {
					work(stitch, carrier >= FIRST ? holderId(carrier) : 'left', keeps ? { keep: true } : {});
				}
				if (keeps) moves.push({ kind: 'release', count: 2 });
				break;
			}
			case 'past':
				work(units.stitches[on.row[left + 1]!]![0]!, 'left', { past: act.past, keep: true });
				break;
		}
	}
	return moves;
}

/** How deep a holder hangs from this act on: said at once, or by the next holder that comes to its side. */
function depthAt(acts: readonly Act[], at: number): 'inner' | 'outer' {
	const here = acts[at] as Extract<Act, { kind: 'hold' | 'swing' }>;
	const depth = (place: HolderAt): 'inner' | 'outer' => (Math.abs(place) === 4 ? 'outer' : 'inner');
	if (Math.abs(here.at) !== 1) return depth(here.at);
	for (const later of acts.slice(at + 1)) {
		if (later.kind !== 'hold' && later.kind !== 'swing') continue;
		// The same holder again, on its other side or filled anew: until then nothing told how deep.
		if (later.holder === here.holder) return 'inner';
		if (Math.sign(later.at) === Math.sign(here.at) && Math.abs(later.at) !== 1) {
			return depth(later.at) === 'outer' ? 'inner' : 'outer';
		}
	}
	return 'inner';
}
