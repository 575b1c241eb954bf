/** What washing does to the squares of a class, from what was measured at its evenings; and the squares for a yarn. */

import { FABRIC_STATES, ratioOf, STATE_WORDS, type FabricState, type Ratio, type Square } from '../fabric/index.ts';
import { YARN_LIMITS, type Yarn, type YarnSquare } from '../schema/index.ts';
import type { Went } from './evening.ts';

export interface Washing {
	readonly to: Exclude<FabricState, 'off'>;
	/** From off the needles, across and along; of how many squares, and how far apart they are. */
	readonly ratio: Ratio;
}

/** A square that somebody knitted; nothing tells whose. */
export interface ClassSquare {
	/** Of its first measure: the same square has the same one. */
	readonly press: string;
	/** The day on which it was first measured. */
	readonly day: string;
	readonly sizes: Square;
}

export interface WashMeasures {
	readonly day: string;
	readonly measures: Went['measures'];
}

const STATES = new Map(FABRIC_STATES.map((state) => [STATE_WORDS[state], state]));

/**
 * Squares that were measured again and again: those of one person follow each other, and one that is measured off the
 * needles, or in a state that it was in already, is another one. Nobody's are left out, as nothing tells them
 * apart. `nights` in their order; the squares are in that of their first measures.
 */
export function squaresIn(nights: readonly WashMeasures[]): readonly ClassSquare[] {
	const done: { press: string; day: string; sizes: { [S in FabricState]?: { widthCm: number; lengthCm: number } } }[] =
		[];
	const open = new Map<string, (typeof done)[number]>();
	for (const { day, measures } of nights) {
		for (const { person, what, widthCm, lengthCm, press } of measures) {
			const state = STATES.get(what);
			if (person === undefined || state === undefined) continue;
			const square = open.get(person);
			if (square && state !== 'off' && square.sizes[state] === undefined) square.sizes[state] = { widthCm, lengthCm };
			else {
				const fresh = { press, day, sizes: { [state]: { widthCm, lengthCm } } };
				open.set(person, fresh);
				done.push(fresh);
			}
		}
	}
	return done;
}

/** Only what was measured; assumed ratios are nothing that was learnt. */
export const washingIn = (squares: readonly ClassSquare[]): readonly Washing[] =>
	(['pinned', 'dry'] as const).flatMap((to) => {
		const ratio = ratioOf(
			'off',
			to,
			squares.map((s) => s.sizes),
		);
		return ratio.squares > 0 ? [{ to, ratio }] : [];
	});

/**
 * A yarn with the squares of a class in it, all of so many stitches and rows. One that is there already is measured as
 * it is now, and stays aside if it was; of more than a yarn keeps, the latest go in. `left`: how many do not.
 */
export function withSquares(
	yarn: Yarn,
	squares: readonly ClassSquare[],
	of: Pick<YarnSquare, 'of' | 'stitches' | 'rows'>,
): { readonly yarn: Yarn; readonly left: number } {
	const ids = new Set(squares.map((s) => s.press));
	const others = yarn.squares.filter((s) => !ids.has(s.id));
	const room = Math.max(0, YARN_LIMITS.squares - others.length);
	const taken = room === 0 ? [] : squares.slice(-room);
	const fresh = taken.map(({ press, day, sizes }): YarnSquare => {
		const before = yarn.squares.find((s) => s.id === press);
		return {
			id: press,
			on: day,
			...of,
			sizes: { off: sizes.off, pinned: sizes.pinned, dry: sizes.dry },
			...(before?.aside ? { aside: true } : {}),
		};
	});
	return { yarn: { ...yarn, squares: [...others, ...fresh] }, left: squares.length - taken.length };
}
