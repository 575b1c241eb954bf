/** Questions about what is seen: from behind, what lies over, which stitch comes where. */

import { asTwoGroups, frontAndBehind, mirror, type Crossing } from '../../crossing/index.ts';
import { wordsFor } from '../../notation/index.ts';
import { LEANS, SIDES } from '../answers.ts';
import { forLook, handsOf, heldIn, isLeft, someOf, titleOf, twoGrouped } from '../crossings.ts';
import { drill, type Deck, type Verdict } from '../question.ts';

/** The right answer is the crossing's own; a wrong one would have been its mirror image. */
const seenAs = (crossing: Crossing, right: boolean, says: string): Verdict => ({
	right,
	says,
	asked: crossing,
	...(right ? {} : { given: mirror(crossing) }),
});

export const fromBehind = drill<Crossing>({
	id: 'from-behind',
	title: 'Seen from behind',
	skill: 'sides',
	make: someOf,
	question: (crossing) => ({
		asks: 'This is the wrong side. Which way does it lean on the right side?',
		shows: { kind: 'fabric', crossing, side: 'WS' },
		options: LEANS,
	}),
	judge: (crossing, [given]) =>
		seenAs(
			crossing,
			wordsFor(crossing).lean === given,
			`It is ${titleOf(crossing)}. Front and back swap on the other side.`,
		),
});

export const leanOfPicture = drill<Crossing>({
	id: 'lean-of-picture',
	title: 'Which way does this lean?',
	skill: 'lean',
	make: someOf,
	question: (crossing) => ({
		asks: 'This is the right side. Which way does it lean?',
		shows: { kind: 'fabric', crossing, side: 'RS' },
		options: LEANS,
	}),
	judge: (crossing, [given]) =>
		seenAs(
			crossing,
			wordsFor(crossing).lean === given,
			`It is ${titleOf(crossing)}. It leans the way the front strand goes up.`,
		),
});

/** A crossing, and whose hands are asked about. */
interface Looked {
	readonly crossing: Crossing;
	readonly deck: Deck;
}
export const holdOfPicture = drill<Looked>({
	id: 'hold-of-picture',
	title: 'Where was it held?',
	skill: 'front-back',
	isOfHands: true,
	make: (deck, by) => {
		const crossing = someOf(deck, by);
		return crossing && { crossing, deck };
	},
	question: ({ crossing, deck }) => ({
		asks: `Worked ${isLeft(deck) ? 'left' : 'right'}-handed with a cable needle: where were the first stitches held?`,
		shows: { kind: 'fabric', crossing, side: 'RS' },
		options: SIDES,
	}),
	judge: ({ crossing, deck }, [given]) => {
		const { made } = forLook(crossing, deck);
		return seenAs(crossing, wordsFor(made).hold === given, `${handsOf(made)}: it is ${titleOf(crossing)}.`);
	},
});

interface LookedPlace extends Looked {
	readonly place: number;
}
export const whoComesHere = drill<LookedPlace>({
	id: 'who-comes-here',
	title: 'Which stitch comes here?',
	skill: 'read-needle',
	isOfHands: true,
	make: (deck, by) => {
		const crossing = someOf(deck, by);
		return crossing && { crossing, deck, place: 1 + by.below(crossing.n) };
	},
	question: ({ crossing, deck, place }) => ({
		asks: `Stitches are numbered from the tip of the ${heldIn(deck).workedOff} needle. Which of them is worked ${ORDINALS[place - 1] ?? `as number ${place}`} in ${titleOf(crossing)}?`,
		options: Array.from({ length: crossing.n }, (_, i) => ({ id: String(i + 1), label: String(i + 1) })),
	}),
	judge: ({ crossing, deck, place }, [given = '']) => {
		const { order } = forLook(crossing, deck).made;
		return {
			right: order[place - 1] === Number(given),
			says: `They are worked in the order ${order.join(', ')}.`,
			asked: crossing,
		};
	},
});
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

export const whoIsInFront = drill<Crossing>({
	id: 'who-is-in-front',
	title: 'Which group is in front?',
	skill: 'front-back',
	make: (deck, by) => {
		const all = twoGrouped(deck).filter((c) => asTwoGroups(c)!.tip.length !== asTwoGroups(c)!.far.length);
		return all.length === 0 ? someOf(deck, by) : by.of(all);
	},
	question: (crossing) => ({
		asks: `${titleOf(crossing)}: where were the front stitches before you crossed them?`,
		options: [
			{ id: 'tip', label: 'On the right' },
			{ id: 'far', label: 'On the left' },
		],
	}),
	judge: (crossing, [given = '']) => {
		const groups = asTwoGroups(crossing)!;
		const { front } = frontAndBehind(groups);
		const at = front[0] === groups.tip[0] ? 'tip' : 'far';
		return {
			right: given === at,
			says: `A cable that leans ${groups.lean} came from the ${at === 'tip' ? 'right' : 'left'}.`,
			asked: crossing,
		};
	},
});
