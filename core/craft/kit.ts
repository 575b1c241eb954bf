/** What a craft brings to a class, and what it is told of the tools there. */

import type { Crossing } from '../crossing/index.ts';
import type { LoomSet, Move } from '../handling/index.ts';
import type { Fibre } from '../fabric/index.ts';

/** One thing to bring: so many for each learner, or so many for all. */
export type KitNeed = {
	readonly what: string;
	readonly unit?: string;
	/** Where the number comes from, or what to mind. */
	readonly because?: string;
} & ({ readonly each: number } | { readonly shared: number });

/** A way that a teacher made by hand. */
export interface OwnWay {
	readonly id: string;
	readonly name: string;
	/** What its moves make, as the hands made it. */
	readonly crossing: Crossing;
	readonly moves: readonly Move[];
}

/** The tools of a class, as the house style keeps them. */
export interface ClassTools {
	readonly loomShape: NonNullable<LoomSet['shape']>;
	readonly wrapWay: NonNullable<LoomSet['direction']>;
	readonly pegGauge: number;
	readonly bedNumber: number;
	readonly bedYarn: Fibre;
	readonly bedLever: 'off' | 'on';
	/** Ways of the teacher's own. */
	readonly ownWays: readonly OwnWay[];
}
