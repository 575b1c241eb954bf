/** A clause of a sentence: one verb, with how many, where from, where to. */

import type { Side } from '../../crossing/index.ts';
import type { Span } from '../../result.ts';

export type Verb = 'slip' | 'hold' | 'knit' | 'purl' | 'return' | 'bring';

/** A holder as the sentence calls it; `undefined` for just "the cn". */
export type HolderName = 'first' | 'second' | 'other' | undefined;

export type LoopSource = { readonly kind: 'left' | 'right' } | { readonly kind: 'holder'; readonly which: HolderName };

export interface Clause {
	/** Where it stands in the text. */
	readonly at: Span;
	readonly verb: Verb;
	readonly text: string;
	readonly count?: number | 'all';
	/** More than one is spoken of, without saying how many: "the sts", "them". */
	readonly several: boolean;
	/** One is spoken of, without a number: "the st". */
	readonly single: boolean;
	/** Where stitches are taken from, and where they are put. */
	readonly source?: LoopSource;
	readonly target?: LoopSource;
	/** A holder that is itself held or moved. */
	readonly holder?: { readonly which: HolderName };
	readonly side?: Side;
	/** "in front of the first cn", "behind the second cn". */
	readonly beside?: { readonly where: 'nearer' | 'further'; readonly which: HolderName };
	/** Of the stitches on a holder, those in its middle or next to the left needle are meant. */
	readonly inner: boolean;
	/** Of the stitches on a holder, the one at the other end, or the one of this number from the right. */
	readonly rightmost: boolean;
	readonly nth?: number;
	/** Something is worked into a stitch, as when two are made of one. */
	readonly into: boolean;
	readonly tbl: boolean;
	/** How the needle goes in, where it is said. */
	readonly wise?: 'knit' | 'purl';
	/** Where the yarn is meanwhile, where it is said. */
	readonly yarn?: Side;
	/** The first word that says nothing here, or a second time something else. */
	readonly idle?: Span;
	/** After "then", a bracket or a full stop: what follows up to "from cn" may all come from there. */
	readonly opens: boolean;
	/** A bracket was closed right before it. */
	readonly closed: boolean;
}

export interface Token extends Span {
	readonly term: string;
	readonly text: string;
}

export const isWork = ({ verb }: Clause): boolean => verb === 'knit' || verb === 'purl';
