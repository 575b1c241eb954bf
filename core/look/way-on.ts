/** From where hands are now, on to what was asked: by a way that is taught, or by taking moves back first. */

import { hand, perform, type Craft } from '../craft/index.ts';
import type { Crossing } from '../crossing/index.ts';
import { prove, simulate, stateAt, type AnyMove, type AnyState } from '../handling/index.ts';
import { wayByOffers } from './way-by-offers.ts';
import { begunIn, type BegunWith } from './begun.ts';

export interface WayOn {
	/** How many of the moves stand; the others are taken back first. */
	readonly from: number;
	/** The moves that lead on from there, shown by the simulation to make what was asked. */
	readonly moves: readonly AnyMove[];
	/** The way that they are taken from; none where they were found by a search. */
	readonly title?: string;
}

/** The same for the same state, in whatever order its parts were put in, and whatever was knitted before. */
const keyOf = (state: AnyState): string =>
	JSON.stringify({ ...state, isCastOn: undefined }, (_, value: unknown) =>
		value instanceof Object && !Array.isArray(value)
			? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
			: value,
	);

/**
 * A way on from the latest move at which there is one: the shortest of those that are taught, and else what a search
 * finds. Others may be shorter. Undefined when no way makes the crossing. Linear in ways times moves.
 */
export function wayOn(
	asked: Crossing,
	done: readonly AnyMove[],
	craft: Craft = hand,
	begun: BegunWith = 'loops',
): WayOn | undefined {
	const start = begunIn(craft, asked, begun);
	const loops = begunIn(craft, asked);
	if (!start || !loops) return undefined;
	const mine = simulate(done, start);
	const taught = craft.ways.flatMap(({ id, title }) => {
		if (id === 'found') return [];
		const made = perform(craft, asked, id);
		return made.ok && made.value.proof.ok ? [{ title, trace: made.value.trace }] : [];
	});
	// The same place may have been reached by another winding, so each is run from the start.
	const leads = (from: number, moves: readonly AnyMove[]): boolean =>
		prove(asked, simulate([...done.slice(0, from), ...moves], start)).ok;
	/** What hands are offered may lead on from where they are with less ado than taking moves back. */
	const shorterOf = (taught: WayOn): WayOn => {
		const { byHand } = craft;
		if (!byHand || byHand.wayFrom || taught.from === done.length) return taught;
		const moves = wayByOffers(asked, mine, byHand, done.length - taught.from + taught.moves.length);
		return moves ? { from: done.length, moves } : taught;
	};
	for (let from = done.length; from >= 0; from--) {
		const state = stateAt<AnyState>(mine, from);
		const first = craft.byHand?.castOn?.(state) ?? [];
		const here = keyOf(stateAt<AnyState>(simulate(first, state), first.length));
		const on = taught
			.flatMap(({ title, trace }): WayOn[] => {
				const at = [loops, ...trace.steps.map((s) => s.state)].findLastIndex((s) => keyOf(s) === here);
				if (at === -1) return [];
				const moves = [...first, ...trace.steps.slice(at).map((s) => s.move)];
				return leads(from, moves) ? [{ from, moves, title }] : [];
			})
			.sort((a, b) => a.moves.length - b.moves.length);
		if (on[0]) return shorterOf(on[0]);
		const moves = craft.byHand?.wayFrom?.(asked, simulate(done.slice(0, from), start));
		if (moves && leads(from, moves)) return { from, moves };
	}
	return undefined;
}
