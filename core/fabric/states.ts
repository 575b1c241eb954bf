/** States in which fabric is measured, and what one becomes in another. */

import { median } from './median.ts';

export const FABRIC_STATES = ['off', 'pinned', 'dry'] as const;
/** Off the needles and rested; washed and pinned out; dry and without pins. */
export type FabricState = (typeof FABRIC_STATES)[number];

export const STATE_WORDS: Readonly<Record<FabricState, string>> = {
	off: 'unwashed',
	pinned: 'blocked',
	dry: 'dried flat',
};

/** A width and a length, in centimetres. */
export interface Size {
	readonly widthCm: number;
	readonly lengthCm: number;
}

/** One piece in several states: a square that was measured again and again. */
export type Square = { readonly [S in FabricState]?: Size | undefined };

/** By how much the first state is multiplied across and along to give the second. */
export interface Ratio {
	readonly across: number;
	readonly along: number;
	/** From so many squares; 0 where it is assumed. */
	readonly squares: number;
	/** The least and the most that was measured, across and along. */
	readonly spread?: { readonly across: readonly [number, number]; readonly along: readonly [number, number] };
}

/** Wool off the needles grows a little when it is washed and pinned, and draws in again when it dries. Assumed. */
const ASSUMED: Readonly<Record<FabricState, { readonly across: number; readonly along: number }>> = {
	off: { across: 1, along: 1 },
	pinned: { across: 1.05, along: 1.03 },
	dry: { across: 1.02, along: 1.0 },
};

/**
 * What a state becomes in another, by measured squares where there are any that were measured in both: measured
 * after ÷ measured before, across and along apart, the median of them. Else by house ratios, said to be assumed.
 */
export function ratioOf(from: FabricState, to: FabricState, squares: readonly Square[] = []): Ratio {
	if (from === to) return { across: 1, along: 1, squares: squares.length };
	const both = squares.flatMap((s): { across: number; along: number }[] => {
		const [a, b] = [s[from], s[to]];
		return a && b ? [{ across: b.widthCm / a.widthCm, along: b.lengthCm / a.lengthCm }] : [];
	});
	if (both.length === 0) {
		const [a, b] = [ASSUMED[from], ASSUMED[to]];
		return { across: b.across / a.across, along: b.along / a.along, squares: 0 };
	}
	const across = both.map((r) => r.across).sort((a, b) => a - b);
	const along = both.map((r) => r.along).sort((a, b) => a - b);
	return {
		across: median(across),
		along: median(along),
		squares: both.length,
		spread: { across: [across[0]!, across.at(-1)!], along: [along[0]!, along.at(-1)!] },
	};
}

/** What a size becomes by a ratio. */
export const sizeBy = ({ widthCm, lengthCm }: Size, { across, along }: Pick<Ratio, 'across' | 'along'>): Size => ({
	widthCm: widthCm * across,
	lengthCm: lengthCm * along,
});

/** A square went from one state to another: how large a piece has to be before, to be as wanted after. */
export const sizeBefore = (square: { readonly before: Size; readonly after: Size }, wanted: Size): Size => ({
	widthCm: (wanted.widthCm * square.before.widthCm) / square.after.widthCm,
	lengthCm: (wanted.lengthCm * square.before.lengthCm) / square.after.lengthCm,
});
