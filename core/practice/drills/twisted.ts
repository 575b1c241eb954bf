/** Which stitch comes out twisted: by how it was slipped, and through which leg it was worked. */

import { hand, planIn } from '../../craft/index.ts';
import { listNumbers, type StitchNumber } from '../../crossing/index.ts';
import { simulate, startState, type Move, type Trace } from '../../handling/index.ts';
import type { Chance } from '../chance.ts';
import { forLook, handsAsked, heldIn, titleOf, twoGrouped } from '../crossings.ts';
import { drill, type Deck } from '../question.ts';
import { naturally } from '../../natural.ts';

/** So that the moves are read in one look. */
const MOST_STITCHES = 4;
/** One stitch in so many is worked through the back loop. */
const BACK_ONE_IN = 3;

interface TwistedDrill {
	readonly title: string;
	readonly n: number;
	readonly deck: Deck;
	readonly moves: readonly Move[];
	readonly among: readonly (readonly StitchNumber[])[];
}
const traceOf = ({ n, moves }: Pick<TwistedDrill, 'n' | 'moves'>): Trace => simulate(moves, startState(n)) as Trace;
/** Worked on the simulator: a stitch is twisted where leg and mount do not agree. */
const twistedIn = (about: Pick<TwistedDrill, 'n' | 'moves'>): readonly StitchNumber[] =>
	Object.entries(traceOf(about).outcome.work)
		.filter(([, work]) => work.endsWith('tbl'))
		.map(([stitch]) => Number(stitch))
		.sort((a, b) => a - b);
const idOf = (stitches: readonly StitchNumber[]): string => stitches.join(' ') || 'none';

function make(deck: Deck, by: Chance): TwistedDrill | undefined {
	const all = twoGrouped(deck).filter((c) => c.n <= MOST_STITCHES);
	if (all.length === 0) return undefined;
	const crossing = by.of(all);
	const planned = planIn(hand, forLook(crossing, deck).made, 'off-holder');
	if (!planned.ok) return undefined;
	const isTurned = by.below(2) === 0;
	const moves = (planned.value as readonly Move[]).map((m): Move => {
		if (m.kind === 'hold' && isTurned) return { ...m, turned: true };
		return m.kind === 'work' && by.below(BACK_ONE_IN) === 0 ? { ...m, leg: 'back' } : m;
	});
	const { n } = crossing;
	const right = twistedIn({ n, moves });
	const stitches = Array.from({ length: n }, (_, i) => i + 1);
	const held = stitches.slice(0, (moves.find((m) => m.kind === 'hold') as { count: number } | undefined)?.count ?? 1);
	const others = new Map<string, readonly StitchNumber[]>();
	for (const set of [
		[],
		held,
		stitches.filter((s) => !right.includes(s)),
		...by
			.mixed(stitches)
			.map((s) => (right.includes(s) ? right.filter((r) => r !== s) : [...right, s].sort((a, b) => a - b))),
	])
		if (idOf(set) !== idOf(right)) others.set(idOf(set), set);
	const among = [right, ...by.mixed([...others.values()]).slice(0, 3)];
	return {
		title: titleOf(crossing),
		n,
		deck,
		moves,
		among: among.sort((a, b) => a.length - b.length || naturally(idOf(a), idOf(b))),
	};
}

export const whichIsTwisted = drill<TwistedDrill>({
	id: 'which-is-twisted',
	title: 'Which stitch is twisted?',
	skill: 'tbl',
	make,
	question: (about) => {
		const trace = traceOf(about);
		return {
			asks: `Worked like this${handsAsked(about.deck)}: which of the stitches come out twisted?`,
			shows: {
				kind: 'lines',
				lines: about.moves.map((_, i) => hand.words(trace, i + 1, heldIn(about.deck)).caption),
			},
			options: about.among.map((set) => ({
				id: idOf(set),
				label: set.length === 0 ? 'None' : set.length === about.n ? 'All of them' : listNumbers(set),
			})),
		};
	},
	judge: (about, [given = '']) => {
		const twisted = twistedIn(about);
		const isTurned = about.moves.some((m) => m.kind === 'hold' && m.turned === true);
		return {
			right: given === idOf(twisted),
			says: `${twisted.length === 0 ? 'None' : listNumbers(twisted)}. ${
				isTurned
					? 'Slipped knitwise a stitch sits turned: then the front loop twists it, and the back loop opens it. One that was not slipped is twisted by the back loop.'
					: 'Slipped purlwise a stitch sits as it sat: the back loop twists it.'
			}`,
		};
	},
});
