/** What hands may try, in a few words: said before it is done, and whether or not it can be. */

import type { HandState, HolderId, Move } from '../../handling/index.ts';
import type { WorkedOff } from '../craft.ts';

const sideOf = (side: 'front' | 'back' | 'behind'): string => (side === 'front' ? 'in front' : 'at the back');

/** `workedOff`: the needle that stitches wait on; the model's left needle is that one, whichever hand holds it. */
export function offerWords(move: Move, state: HandState, workedOff: WorkedOff): string {
	const other = workedOff === 'left' ? 'right' : 'left';
	const needle = (which: 'left' | 'right'): string => (which === 'left' ? workedOff : other);
	const holder = (id: HolderId): string => {
		const hangs = state.holders[id];
		return hangs ? `the cable needle ${sideOf(hangs.side)}` : 'the cable needle';
	};
	const depth = (side: 'front' | 'back', at: 'inner' | 'outer' | undefined): string =>
		at === 'outer' ? (side === 'front' ? ', nearer you' : ', further away') : '';
	switch (move.kind) {
		case 'hold':
			return move.adds
				? `Onto ${holder(move.holder)} as well`
				: `To a cable needle, ${sideOf(move.side)}${depth(move.side, move.depth)}`;
		case 'swing':
			return `Bring the cable needle ${move.side === 'front' ? 'to the front' : 'to the back'}${depth(move.side, move.depth)}`;
		case 'slip':
			return `Slip to the ${other} needle${move.turned ? ', knitwise' : ''}`;
		case 'work': {
			const verb = move.stitch === 'k' ? 'Knit' : 'Purl';
			const tbl = move.leg === 'back' ? ', back loop' : '';
			if (move.past)
				return `Reach ${move.past === 'front' ? 'past in front' : 'past behind'}: knit the second, keep it on`;
			if (move.again) return `${verb} into the old loop once more`;
			if (move.from === 'left')
				return `${verb} the next${tbl}${move.split ? ', through half of its yarn' : ''}${move.keep ? ', keep the old loop on' : ''}`;
			return `${verb} off ${holder(move.from)}${tbl}${move.end === 'far' ? ', from its wrong end' : ''}`;
		}
		case 'release':
			return move.count > 1 ? 'Let the old loops off' : 'Let the old loop off';
		case 'yarn':
			return move.round
				? `Yarn round ${holder(move.round)}`
				: `Yarn to the ${move.to === 'front' ? 'front' : 'back'}${move.outside ? ', outside' : ''}`;
		case 'return':
			return `Back to the ${workedOff} needle${move.turned ? ', turned' : ''}`;
		case 'enter':
			return `The ${needle(move.needle)} needle in, ${move.from === 'front' ? 'from the front' : 'from behind'}`;
		case 'withdraw':
			return `Pinch, and draw the ${needle(move.needle)} needle out of ${move.count}`;
		case 'recapture':
			return `Catch with the ${needle(move.needle)} needle, ${move.from === 'front' ? 'in front' : 'from behind'}`;
		case 'drop':
			return `Let it fall ${move.hang === 'front' ? 'in front' : 'behind'}`;
		case 'lose':
			return `Loop ${move.stitch} slips away`;
	}
}
