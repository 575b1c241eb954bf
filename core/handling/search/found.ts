/** What a search came to, and what was proved of it. */

import type { Move } from '../moves.ts';
import type { SearchMove } from './limits.ts';

/** What has to be allowed for a procedure to exist. */
export type Lift = { readonly what: 'holders' | 'loose'; readonly to: number } | { readonly what: SearchMove };

/**
 * What was proved of a procedure: `best`, nothing that counts as a move of hands does better; `once`, nothing that
 * passes each pair at most once, and only as asked, does; `none`. It is said of transfers, or with `byLoose` of loose loops.
 */
export type Claim = 'best' | 'once' | 'none';

export type Found =
	| {
			readonly ok: true;
			readonly moves: readonly Move[];
			readonly claim: Claim;
			/** Loose loops, added up over all moves, were kept small before transfers. */
			readonly byLoose?: boolean;
			/** At least so many transfers are needed within the limits; 0 where nothing was proved of that. */
			readonly atLeast: number;
			/** Positions looked at. */
			readonly looked: number;
			/** The holders that what was proved is about, where fewer of them do not do it and more were not looked at. */
			readonly holders?: 0 | 1 | 2;
	  }
	| {
			readonly ok: false;
			/** All positions within the limits were looked at; false when the budget ran out first. */
			readonly proven: boolean;
			readonly looked: number;
			/** Limits of which each alone, lifted, lets a procedure exist. */
			readonly lift: readonly Lift[];
	  };
