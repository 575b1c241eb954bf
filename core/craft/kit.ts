/** What a craft brings to a class, and what it is told of the tools there. */

import type { LoomSet } from '../handling/index.ts';
import type { OwnWay } from './hand/own-way.ts';
import type { Fibre } from './fibres.ts';

/** One thing to bring: so many for each learner, or so many for all. */
export type KitNeed = {
	readonly what: string;
	readonly unit?: string;
	/** Where the number comes from, or what to mind. */
	readonly because?: string;
} & ({ readonly each: number } | { readonly shared: number });

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
