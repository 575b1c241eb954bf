import {
	asItStands,
	isRun,
	loopsOn,
	offersFor,
	runWith,
	wayFrom,
	type HandState,
	type Move,
	type Trace,
} from '../../handling/index.ts';
import type { ByHand } from '../by-hand.ts';
import { offerWords } from './offer-words.ts';

/** Two needles in one's own hands. */
export const NEEDLES_BY_HAND: ByHand = {
	title: 'Your needles',
	begins: 'Press or draw a loop; those before it come along.',
	besides: 'The next stitch, the yarn, the needles',
	zones: (workedOff) => [
		{ target: 'back', key: 'b', title: 'At the back', where: 'top' },
		{ target: 'front', key: 'f', title: 'In front', where: 'bottom' },
		{ target: 'left', key: 'r', title: `${workedOff === 'left' ? 'Left' : 'Right'} needle`, where: 'far' },
		{ target: 'right', key: 's', title: `${workedOff === 'left' ? 'Right' : 'Left'} needle`, where: 'tip' },
	],
	runWith: (state: HandState, stitch) => runWith(state, stitch),
	numbered: (state: HandState, number) => {
		const left = loopsOn(state, 'left');
		return left[Math.min(number, left.length) - 1]?.stitch;
	},
	isRun: (state: HandState, chosen) => isRun(state, chosen),
	offers: (state: HandState, chosen) => offersFor(state, chosen),
	says: ([move]: readonly Move[], state: HandState, workedOff) => offerWords(move!, state, workedOff),
	rest: (state: HandState, work) => asItStands(state, work),
	wayFrom: (asked, trace: Trace) => wayFrom(asked, trace),
};
