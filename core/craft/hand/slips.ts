/** Mistakes of the hands as changes to a procedure. What shows is left to the simulation. */

import type { Move } from '../../handling/index.ts';
import type { Slip } from '../craft.ts';
import { otherSide } from './ways.ts';

export const SLIPS: readonly Slip[] = [
	{ id: 'other-side', title: 'held on the other side' },
	{ id: 'back-loop', title: 'first stitch through the wrong leg' },
];

const flip = (from: 'front' | 'behind'): 'front' | 'behind' => (from === 'front' ? 'behind' : 'front');

export function slipInto(moves: readonly Move[], slip: string): readonly Move[] {
	switch (slip) {
		case 'other-side':
			return moves.map((move): Move => {
				if (move.kind === 'hold') return { ...move, side: otherSide(move.side) };
				if (move.kind === 'enter' || move.kind === 'recapture') return { ...move, from: flip(move.from) };
				return move;
			});
		case 'back-loop':
			return turnFirst(moves);
		default:
			return moves;
	}
}

function turnFirst(moves: readonly Move[]): readonly Move[] {
	const first = moves.findIndex((m) => m.kind === 'work');
	return moves.map((m, i) =>
		i === first && m.kind === 'work' ? { ...m, leg: m.leg === 'front' ? 'back' : 'front' } : m,
	);
}
