import { listNumbers } from '../../crossing/index.ts';
import {
	bareLoom,
	castOnLoom,
	loomAsItStands,
	loomOffers,
	loomRun,
	pegTarget,
	type LoomMove,
	type LoomState,
} from '../../handling/index.ts';
import type { ByHand } from '../by-hand.ts';

const ON = { pin: 'on a pin', holder: 'on a stitch holder', fingers: 'in the fingers', peg: 'on a far peg' } as const;

/** What is tried at the loom, in a few words. */
function says(moves: readonly LoomMove[], { beyond }: LoomState): string {
	const [move] = moves;
	const pegs = (of: readonly number[]): string =>
		`${of.length === 1 ? 'peg' : 'pegs'} ${listNumbers([...of].sort((a, b) => a - b))}`;
	const hook = move && 'hooked' in move && move.hooked ? ', hooked over one side only' : '';
	switch (move?.kind) {
		case 'cast-on':
			return moves.length === 1 ? `Cast on peg ${move.peg}` : 'Cast on all that are bare';
		case 'park':
			return move.side === 'across'
				? 'Park across the gap'
				: `${move.side === 'outside' ? 'Hold outside' : 'Park inside'}, ${ON[move.by]}`;
		case 'shift':
		case 'seat':
			return `To ${pegs(moves.flatMap((m) => (m.kind === 'shift' || m.kind === 'seat' ? [m.to] : [])))}${hook}`;
		case 'tug':
			return 'Tug all level';
		case 'wrap':
			if (moves.length > 1) return `Knit off peg ${move.peg}`;
			return move.count === 1 ? `Wrap peg ${move.peg}` : 'Wrap two pegs at once';
		case 'lift-over':
			return `Lift over at peg ${move.peg}`;
		case 'draw-up':
			return `Purl peg ${move.peg}`;
		case 'beyond':
			return beyond ? 'The stitch beyond is knitted' : 'Knit off the stitch beyond';
		case 'slip-off':
			return `Loop ${move.stitch} slips off and runs down`;
		case undefined:
			return 'Nothing';
	}
}

/** A loom in one's own hands: loops go one by one, or neighbours together. */
export const LOOM_BY_HAND: ByHand = {
	title: 'Your loom',
	begins: 'Press a loop, and its neighbours to take them along; then draw them, or say where.',
	besides: 'The row, and what is pulled large',
	zones: () => [
		{ target: 'across', key: 'a', title: 'Across the gap', where: 'top' },
		{ target: 'outside', key: 'f', title: 'Held outside, nearer you', where: 'bottom-left' },
		{ target: 'inside', key: 'b', title: 'Parked inside', where: 'bottom-right' },
	],
	placeTarget: pegTarget,
	runWith: (state: LoomState, stitch) => {
		const loop = state.loops.find((l) => l.stitch === stitch);
		return loop?.parked ? state.loops.filter((l) => l.parked).map((l) => l.stitch) : loop ? [stitch] : [];
	},
	numbered: (state: LoomState, number) => state.loops.find((l) => l.stitch === number)?.stitch,
	isRun: (state: LoomState, chosen) => loomRun(state, chosen),
	offers: (state: LoomState, chosen) => loomOffers(state, chosen),
	says: (moves: readonly LoomMove[], state: LoomState) => says(moves, state),
	castOn: (state: LoomState) => castOnLoom(state),
	bare: (state: LoomState) => bareLoom(state),
	rest: (state: LoomState, work) => loomAsItStands(state, work),
};
