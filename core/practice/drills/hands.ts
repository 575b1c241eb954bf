/** Questions about what hands do: what comes of a sentence, of moves in an order, of a mistake, and what mends it. */

import {
	HAND_MISTAKE_IDS,
	MISTAKES,
	mendsFor,
	prove,
	signsOf,
	simulate,
	siteAt,
	startState,
	type HandMistakeId,
	type Move,
	type Sign,
	type Trace,
} from '../../handling/index.ts';
import { hand, planIn } from '../../craft/index.ts';
import { canonical, equal, type Crossing } from '../../crossing/index.ts';
import { memoize } from '../../memoize/index.ts';
import { readSentence, sentenceFor, wordsFor } from '../../notation/index.ts';
import { LEANS } from '../answers.ts';
import type { Chance } from '../chance.ts';
import { asItStands, forLook, handsOf, heldIn, inStrands, isLeft, someOf, takenFor, titleOf } from '../crossings.ts';
import { drill, type Deck, type Option } from '../question.ts';
import { capital } from '../../capital.ts';

const HOLDER = 'off-holder';
const movesOf = memoize(200, canonical, (c): readonly Move[] => {
	const planned = planIn(hand, c, HOLDER);
	return planned.ok ? (planned.value as readonly Move[]) : [];
});

interface HandsDrill {
	readonly crossing: Crossing;
	readonly sentence: string;
	readonly deck: Deck;
	readonly among: readonly Crossing[];
}
const handled = (deck: Deck, by: Chance): HandsDrill | undefined => {
	const crossing = someOf(deck, by);
	const sentence = crossing && sentenceFor(crossing);
	if (!crossing || !sentence) return undefined;
	const { fabric } = asItStands(crossing, deck);
	return { crossing, sentence, deck, among: by.mixed([fabric, ...by.mixed(takenFor(fabric)).slice(0, 3)]) };
};

const read = memoize(200, (sentence: string) => sentence, readSentence);
/** What the hands make by a sentence: worked on the simulator. */
const madeOf = ({ sentence, crossing, deck }: HandsDrill): Crossing => {
	const run = read(sentence);
	// Read in one way only, or it says nothing for sure.
	return asItStands(run.ok && run.value.length === 1 ? run.value[0]!.crossing : crossing, deck).fabric;
};
const asksOf = ({ deck }: HandsDrill, what: string): string =>
	isLeft(deck) ? `Worked left-handed as written: ${what}?` : `${capital(what)}?`;

export const leanOfHands = drill<HandsDrill>({
	id: 'lean-of-hands',
	title: 'From the hands: which way?',
	skill: 'lean',
	isOfHands: true,
	make: handled,
	question: (about) => ({
		asks: asksOf(about, 'which way will it lean'),
		shows: { kind: 'lines', lines: [about.sentence] },
		options: LEANS,
	}),
	judge: (about, [given = '']) => {
		const asked = madeOf(about);
		const other = takenFor(asked)[0]!;
		const right = wordsFor(asked).lean === given;
		return { right, says: `It is ${titleOf(asked)}.`, asked, ...(right ? {} : { given: other }) };
	},
});

export const madeOfSentence = drill<HandsDrill>({
	id: 'made-of-sentence',
	title: 'What will this make?',
	skill: 'glossary',
	isOfHands: true,
	make: handled,
	question: (about) => ({
		asks: asksOf(about, 'what will this make'),
		shows: { kind: 'lines', lines: [about.sentence] },
		options: about.among.map((c, i) => ({ id: String(i), label: inStrands(c, 'RS'), picture: c })),
	}),
	judge: (about, [given = '']) => {
		const asked = madeOf(about);
		const chosen = about.among[Number(given)];
		const right = chosen !== undefined && equal(chosen, asked);
		return { right, says: `It makes ${titleOf(asked)}.`, asked, ...(chosen && !right ? { given: chosen } : {}) };
	},
});

interface Ordered {
	readonly crossing: Crossing;
	readonly deck: Deck;
	readonly moves: readonly Move[];
	/** The moves mixed, by their places. */
	readonly mixed: readonly number[];
}
/** More are no question any more, but work. */
const MOST_MOVES = 7;

export const orderOfMoves = drill<Ordered>({
	id: 'order-of-moves',
	title: 'Put the moves in order',
	skill: 'holder',
	isOfHands: true,
	isAlone: true,
	make: (deck, by) => {
		const crossing = someOf(deck, by);
		const moves = crossing ? movesOf(forLook(crossing, deck).made) : [];
		if (!crossing || moves.length < 3 || moves.length > MOST_MOVES) return undefined;
		return { crossing, deck, moves, mixed: by.mixed(moves.map((_, i) => i)) };
	},
	question: ({ crossing, deck, moves, mixed }) => {
		const trace = simulate(moves, startState(crossing.n));
		return {
			asks: `In which order, to make ${titleOf(crossing)}${isLeft(deck) ? ', left-handed' : ''}?`,
			// Stitches are not numbered, or the numbers would say the order.
			options: mixed.map((i): Option => ({
				id: String(i),
				label: hand
					.words(trace, i + 1, heldIn(deck))
					.label.replace(/ \d+(?:(?:, | and |-)\d+)*/g, '')
					.replace(/\s+/g, ' ')
					.trim(),
			})),
			inOrder: true,
		};
	},
	judge: ({ crossing, deck, moves }, answer) => {
		const { made } = forLook(crossing, deck);
		const order = answer.flatMap((id) => moves[Number(id)] ?? []);
		const trace = simulate(order, startState(crossing.n)) as Trace;
		const proof = prove(made, trace);
		const all = new Set(answer).size === moves.length;
		return {
			right: all && proof.ok,
			says:
				all && proof.ok
					? 'That order makes it.'
					: trace.stopped
						? `Move ${trace.stopped.at + 1} cannot be done then. ${trace.stopped.problem.what}`
						: `That makes something else. ${handsOf(made)} first.`,
			asked: crossing,
		};
	},
});

/** What somebody's crossing looks like that went wrong. */
interface Wrong {
	readonly crossing: Crossing;
	readonly mistake: HandMistakeId;
	readonly among: readonly HandMistakeId[];
	/** Said of what is told as right hands do it, to left ones. */
	readonly told: string;
}
/** Asked for again and again, by the same few. */
const signsAfter = memoize(
	1000,
	(crossing: Crossing, mistake: HandMistakeId) => `${canonical(crossing)} ${mistake}`,
	(crossing, mistake): readonly Sign[] => {
		const right = simulate(movesOf(crossing), startState(crossing.n)) as Trace;
		const site = siteAt(MISTAKES[mistake], right, 0);
		if (!site) return [];
		const trace = simulate(site.moves as readonly Move[], startState(crossing.n)) as Trace;
		return signsOf(crossing, trace.outcome);
	},
);
const seen = (signs: readonly Sign[]): string => signs.flatMap((s) => s.says.RS ?? s.says.WS ?? []).join(' | ');

const wrong = (deck: Deck, by: Chance): Wrong | undefined => {
	const crossing = someOf(deck, by);
	if (!crossing || movesOf(crossing).length === 0) return undefined;
	const can = HAND_MISTAKE_IDS.filter((id) => signsAfter(crossing, id).length > 0);
	if (can.length < 3) return undefined;
	const mistake = by.of(can);
	const others = can.filter((id) => seen(signsAfter(crossing, id)) !== seen(signsAfter(crossing, mistake)));
	if (others.length < 2) return undefined;
	return {
		crossing,
		mistake,
		among: by.mixed([mistake, ...by.mixed(others).slice(0, 3)]),
		told: isLeft(deck) ? 'Somebody works right-handed. ' : '',
	};
};

export const whatWentWrong = drill<Wrong>({
	id: 'what-went-wrong',
	title: 'What went wrong?',
	skill: 'mend',
	isOfHands: true,
	make: wrong,
	question: ({ crossing, mistake, among, told }) => ({
		asks: `${told}It was to be ${titleOf(crossing)}. What went wrong?`,
		shows: { kind: 'lines', lines: seen(signsAfter(crossing, mistake)).split(' | ') },
		options: among.map((id) => ({ id, label: MISTAKES[id].title })),
	}),
	judge: ({ crossing, mistake }, [given = '']) => {
		const chosen = HAND_MISTAKE_IDS.find((id) => id === given);
		const right = chosen !== undefined && seen(signsAfter(crossing, chosen)) === seen(signsAfter(crossing, mistake));
		const would = chosen ? seen(signsAfter(crossing, chosen)).split(' | ')[0] : undefined;
		return {
			right,
			says: right
				? MISTAKES[mistake].how
				: `It was ${MISTAKES[mistake].title}. ${MISTAKES[mistake].how}${would ? ` Of the other it would be: ${would}` : ''}`,
			asked: crossing,
		};
	},
});

interface Mending {
	readonly crossing: Crossing;
	readonly mistake: HandMistakeId;
	readonly among: readonly string[];
}
const mendOf = (crossing: Crossing, mistake: HandMistakeId): string | undefined =>
	mendsFor(crossing, signsAfter(crossing, mistake).slice(0, 1), { rows: 2 })[0]?.what;

export const whatMends = drill<Mending>({
	id: 'what-mends',
	title: 'What mends it?',
	skill: 'mend',
	isOfHands: true,
	make: (deck, by) => {
		const found = wrong(deck, by);
		const right = found && mendOf(found.crossing, found.mistake);
		if (!found || right === undefined) return undefined;
		const others = new Set(
			HAND_MISTAKE_IDS.flatMap((id) => mendOf(found.crossing, id) ?? []).filter((what) => what !== right),
		);
		if (others.size < 2) return undefined;
		const { crossing, mistake } = found;
		return { crossing, mistake, among: by.mixed([right, ...by.mixed([...others]).slice(0, 3)]) };
	},
	question: ({ crossing, mistake, among }) => ({
		asks: 'Two rows later you see this. What mends it?',
		shows: {
			kind: 'lines',
			lines: signsAfter(crossing, mistake)
				.slice(0, 1)
				.flatMap((s) => s.says.RS ?? s.says.WS ?? []),
		},
		options: among.map((what, i) => ({ id: String(i), label: what })),
	}),
	judge: ({ crossing, mistake, among }, [given = '']) => {
		const right = mendOf(crossing, mistake);
		return { right: among[Number(given)] === right, says: right ?? '', asked: crossing };
	},
});
