import { listNumbers } from '../../crossing/index.ts';
import {
	bareBed,
	bedAsItStands,
	bedOffers,
	bedRun,
	castOnBed,
	needleTarget,
	onTool,
	type BedMove,
	type BedState,
} from '../../handling/index.ts';
import type { ByHand } from '../by-hand.ts';

/** What is tried at the bed, in a few words. */
function says(moves: readonly BedMove[], state: BedState): string {
	const [move] = moves;
	const last = state.needles.length - 1;
	const column = (needle: number): string =>
		needle === 0 ? 'the column at the left' : needle === last ? 'the column at the right' : `needle ${needle}`;
	switch (move?.kind) {
		case 'cast-on':
			return moves.length === 1 ? `Cast on needle ${move.needle}` : 'Cast on all that are bare';
		case 'pick-up':
			return `Lift with the tool of ${move.prongs} ${move.prongs === 1 ? 'prong' : 'prongs'}`;
		case 'put-down': {
			const on = onTool(state, move.tool).map((_, i) => move.needle + i);
			return `Down on ${on.length === 1 ? 'needle' : 'needles'} ${listNumbers(on)}`;
		}
		case 'place': {
			const which = move.count === last - 1 ? 'All needles' : 'These needles';
			return move.to === 'forward' ? `${which} fully forward` : `${which} back into work`;
		}
		case 'holding':
			return `Holding ${move.on ? 'on' : 'off'}`;
		case 'tension':
			return `Number ${move.number}, ${move.number > state.tension ? 'looser' : 'tighter'}`;
		case 'weights':
			return move.on ? 'Hang the weight' : 'Take the weight off';
		case 'row':
			return 'Carriage across, slowly';
		case 'ladder':
			return `Let down ${column(move.needle)}${move.pinched ? ', pinched' : ' without a pinch'}`;
		case 'latch-up':
			return `Latch up at ${column(move.needle)}`;
		case 'fall':
			return `Loop ${move.stitch} falls off and runs down`;
		case undefined:
			return 'Nothing';
	}
}

/** A single bed in one's own hands. Mind the carriage and the needle butts. */
export const BED_BY_HAND: ByHand = {
	title: 'Your bed',
	begins: 'Press a loop, and its neighbours to lift them together; then draw them, or say where.',
	besides: 'The carriage, its lever and number, the weight',
	zones: () => [
		{ target: 'tool', key: 'u', title: 'On a transfer tool', where: 'bottom-left' },
		{ target: 'forward', key: 'o', title: 'Forward', where: 'bottom-right' },
	],
	placeTarget: needleTarget,
	runWith: (state: BedState, stitch) => {
		const on = state.loops.find((l) => l.stitch === stitch)?.on;
		if (on === undefined) return [];
		return on === 'tool-1' || on === 'tool-2' ? onTool(state, on).map((l) => l.stitch) : [stitch];
	},
	numbered: (state: BedState, number) => state.loops.find((l) => l.stitch === number)?.stitch,
	isRun: (state: BedState, chosen) => bedRun(state, chosen),
	offers: (state: BedState, chosen) => bedOffers(state, chosen),
	says: (moves: readonly BedMove[], state: BedState) => says(moves, state),
	castOn: (state: BedState) => castOnBed(state),
	bare: (state: BedState) => bareBed(state),
	rest: (state: BedState, work) => bedAsItStands(state, work),
};
