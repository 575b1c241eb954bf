/** Questions that are answered with hands, and about hands at other tools. */

import { CRAFTS, demonstrated, hand, perform, type Craft, type Demonstrated } from '../../craft/index.ts';
import { canonical, equal, twoGroups, type Crossing } from '../../crossing/index.ts';
import { prove, type AnyMove } from '../../handling/index.ts';
import { memoize } from '../../memoize/index.ts';
import { whatIsIt } from '../../look/index.ts';
import type { Chance } from '../chance.ts';
import { asNamed, groupsIn, handsAsked, inStrands, someNamed, titleOf, twoGrouped, type Named } from '../crossings.ts';
import { drill, type Deck } from '../question.ts';

/** As many stitches as stand on the needles in a picture on a phone. */
const MOST_BY_HAND = 8;

interface DoneDrill {
	readonly named: Named;
	readonly shown: Demonstrated;
	readonly deck: Deck;
}
export const doIt = drill<DoneDrill>({
	id: 'do-it',
	title: 'Do it',
	skill: 'holder',
	isAlone: true,
	make: (deck, by) => {
		const named = someNamed({ ...deck, crossings: deck.crossings.filter((c) => c.n <= MOST_BY_HAND) }, by);
		return named && { named, deck, shown: asNamed(named.crossing, deck) };
	},
	question: ({ named: { name }, shown, deck }) => ({
		asks: `Do it${handsAsked(deck)}: ${name}. However you like; the rest is worked as it is.`,
		options: [],
		byHand: shown,
	}),
	judge: ({ shown }, moves) => {
		const now = whatIsIt(
			shown,
			moves.map((m) => JSON.parse(m) as AnyMove),
			hand,
		);
		const came = now.title === undefined ? 'as no crossing that has a shape' : `as ${now.title}`;
		const [differs] = now.differs;
		return {
			right: now.isAsked,
			says: now.isAsked ? 'Exactly that.' : `It comes out ${came}. ${differs ?? ''}`.trim(),
			asked: shown.fabric,
			...(now.made && !now.isAsked ? { given: demonstrated(now.made, shown.mirrored).fabric } : {}),
		};
	},
});

interface AtTool {
	readonly craft: Craft;
	readonly crossing: Crossing;
	readonly among: readonly Crossing[];
}
/** Tools at which nothing hangs on which hand is used. */
const TOOLS = CRAFTS.filter((c) => !c.isHanded);
const HANDS = { workedOff: 'left', yarnHand: 'right' } as const;
/** Stitches, so that the moves are read in one look; and moves that tell the crossing. */
const MOST = { stitches: 4, moves: 6 } as const;

const at = memoize(
	60,
	(craft: Craft, c: Crossing) => `${craft.id} ${canonical(c)}`,
	(craft, crossing) => {
		const done = perform(craft, crossing, craft.ways[0]!.id);
		return { made: done.ok && done.value.proof.ok && !done.value.deviation ? done.value : undefined };
	},
);
/** All of so many stitches that cross in two groups, worked alike. */
function alike(c: Crossing): readonly Crossing[] {
	const { tip, far } = groupsIn(c);
	const isPurled = c.work.includes('p');
	return Array.from({ length: tip.length + far.length - 1 }, (_, i) => i + 1).flatMap((front) =>
		(['left', 'right'] as const).map((lean) =>
			twoGroups({ front, behind: c.n - front, lean, ...(isPurled ? { behindWork: 'p' as const } : {}) }),
		),
	);
}

export const madeAtTool = drill<AtTool>({
	id: 'made-at-tool',
	title: 'At the pegs or the bed: what will this make?',
	skill: 'sides',
	make: (deck: Deck, by: Chance) => {
		const craft = by.of(TOOLS);
		const all = twoGrouped(deck).filter(
			(c) => c.n <= MOST.stitches && at(craft, c).made && alike(c).some((a) => equal(a, c)),
		);
		if (all.length === 0) return undefined;
		const crossing = by.of(all);
		const others = by.mixed(alike(crossing).filter((c) => !equal(c, crossing) && at(craft, c).made));
		return others.length < 2 ? undefined : { craft, crossing, among: by.mixed([crossing, ...others.slice(0, 3)]) };
	},
	question: ({ craft, crossing, among }) => {
		const { trace } = at(craft, crossing).made!;
		return {
			asks: `${craft.title}: seen on the right side, what will this make?`,
			shows: {
				kind: 'lines',
				lines: Array.from(
					{ length: Math.min(MOST.moves, trace.steps.length) },
					(_, i) => craft.words(trace, i + 1, HANDS).caption,
				),
			},
			options: among.map((c, i) => ({ id: String(i), label: inStrands(c, 'RS'), picture: c })),
		};
	},
	judge: ({ craft, crossing, among }, [given = '']) => {
		const { trace } = at(craft, crossing).made!;
		const chosen = among[Number(given)];
		const taken = chosen && craft.takes(chosen, craft.ways[0]!.id);
		const right = taken?.ok === true && prove(taken.value.loops, trace).ok;
		return {
			right,
			says: `It makes ${titleOf(crossing)}.`,
			asked: crossing,
			...(chosen && !right ? { given: chosen } : {}),
		};
	},
});
