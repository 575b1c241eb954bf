import { simulate, startState } from '../../handling/index.ts';
import type { Craft } from '../craft.ts';
import { slipInto, SLIPS } from './slips.ts';
import { planByHand, WAYS } from './ways.ts';
import { wordsAt } from './words.ts';

/** Knitting by hand on two needles, with or without a holder. */
export const hand: Craft = {
	id: 'hand',
	title: 'Hand knitting',
	ways: WAYS.map(({ moves: _, ...way }) => way),
	start: (c) => startState(c.n),
	plan: planByHand,
	simulate,
	words: wordsAt,
	slips: SLIPS,
	slipInto,
};
