/** The steps of a search as moves of the hands: where each holder hangs is settled, and the yarn brought. */

import type { Move } from '../moves.ts';
import type { HolderId } from '../state.ts';
import type { Works } from './works.ts';
import { agreeOn, combinationsOf, placeOf, type Places } from './places.ts';
import type { ActStep } from './fewest.ts';
import { FIRST, LEFT, LOOSE, RIGHT, SECOND, type SearchRow } from './row.ts';

const HOLDERS: readonly HolderId[] = ['holder-1', 'holder-2'];
const needleOf = (on: number): 'left' | 'right' => (on === LEFT ? 'left' : 'right');

/** For each step the combination of places after it: chosen from the last one back, so that each led to the next. */
function placesAfter(steps: readonly ActStep[]): readonly Places[] {
	const after: Places[] = [];
	for (let i = steps.length - 1; i >= 0; i--) {
		const next = after[0];
		const step = steps[i]!;
		const until = steps[i + 1];
		const may = combinationsOf(until ? until.after.part : step.after.places);
		const fits = (places: Places): boolean => {
			if (!until || next === undefined) return true;
			const { act } = until;
			return ([0, 1] as const).every((holder) => {
				if ((act.kind === 'hold' && act.holder === holder && !act.adds) || !until.after.carries(FIRST + holder))
					return true;
				if (act.kind === 'swing' && act.holder === holder) return !agreeOn(places, next, holder);
				return agreeOn(places, next, holder);
			});
		};
		after.unshift(may.find(fits)!);
	}
	return after;
}

export interface WrittenUnits {
	/** Stitches of each unit. */
	readonly sizes: readonly number[];
	readonly stitches: readonly (readonly number[])[];
	readonly order: readonly number[];
}

/** Moves for these steps. */
export function movesOf(
	{ sizes, stitches, order }: WrittenUnits,
	steps: readonly ActStep[],
	works: Works,
): readonly Move[] {
	const places = placesAfter(steps);
	const moves: Move[] = [...works.first];
	/** Stitches of the first `count` units that `counted` finds from `from` on, in steps of `by`. */
	const sizeOf = (b: SearchRow, counted: (at: number) => boolean, count: number, from: number, by: 1 | -1): number => {
		let sum = 0;
		for (let at = from, left = count; left > 0; at += by) {
			if (!counted(at)) continue;
			sum += sizes[b.unit[at]!]!;
			left -= 1;
		}
		return sum;
	};
	for (const [i, { act, on }] of steps.entries()) {
		const { left } = on;
		switch (act.kind) {
			case 'hold':
			case 'swing': {
				const where = { holder: HOLDERS[act.holder]!, ...placeOf(places[i]!, act.holder) };
				if (act.kind === 'swing') moves.push({ kind: 'swing', ...where });
				else {
					const count = sizeOf(on, () => true, act.count, left, 1);
					moves.push({ kind: 'hold', count, ...where, ...(act.adds ? { adds: true } : {}) });
				}
				break;
			}
			case 'return': {
				const count = sizeOf(on, (at) => on.on[at] === act.from, act.count, left - 1, -1);
				moves.push({ kind: 'return', from: act.from === RIGHT ? 'right' : HOLDERS[act.from - FIRST]!, count });
				break;
			}
			case 'slip':
				moves.push({ kind: 'slip', count: sizeOf(on, () => true, act.count, left, 1) });
				break;
			case 'enter': {
				const isLeft = act.needle === RIGHT;
				const from = (skip: number, count: number): number =>
					sizeOf(on, () => true, count, isLeft ? left + skip : on.right - 1 - skip, isLeft ? 1 : -1);
				const skip = from(0, act.skip);
				const count = from(act.skip, act.count);
				moves.push(
					{ kind: 'enter', needle: needleOf(act.needle), skip, count, from: act.from },
					{
						kind: 'withdraw',
						needle: isLeft ? 'left' : 'right',
						count: skip + count + from(act.skip + act.count, act.beyond),
					},
				);
				break;
			}
			case 'withdraw': {
				const isLeft = act.needle === LEFT;
				const count = sizeOf(on, () => true, act.count, isLeft ? left : on.right - 1, isLeft ? 1 : -1);
				moves.push({ kind: 'withdraw', needle: needleOf(act.needle), count });
				break;
			}
			case 'drop':
				for (const _ of stitches[on.unit[left]!]!) moves.push({ kind: 'drop', hang: act.hang });
				break;
			case 'recapture': {
				const isLeft = act.needle === LEFT;
				const count = sizeOf(on, (at) => on.on[at] === LOOSE, act.count, isLeft ? left - 1 : 0, isLeft ? -1 : 1);
				moves.push({ kind: 'recapture', needle: needleOf(act.needle), count, from: act.from });
				break;
			}
			case 'work': {
				const unit = order[on.done]!;
				const carrier = on.on[[...on.unit].indexOf(unit)]!;
				const keeps = on.kept && carrier === LEFT;
				const from = carrier === FIRST || carrier === SECOND ? HOLDERS[carrier - FIRST]! : 'left';
				for (const stitch of stitches[unit]!) moves.push(...works.of(stitch, from, keeps ? { keep: true } : {}));
				if (keeps) moves.push({ kind: 'release', count: 2 });
				break;
			}
			case 'past':
				moves.push(...works.of(stitches[order[on.done]!]![0]!, 'left', { past: act.past, keep: true }));
				break;
		}
	}
	return moves;
}
