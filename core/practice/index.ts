/** Practice: questions made from crossings, and judged by the model. */

import { leanOfHands, madeOfSentence, orderOfMoves, whatMends, whatWentWrong } from './drills/hands.ts';
import { fromBehind, holdOfPicture, leanOfPicture, whoComesHere, whoIsInFront } from './drills/looks.ts';
import {
	countOfName,
	holdOfName,
	leanOfName,
	leftHanded,
	nameOfPicture,
	pictureOfName,
	sameOrNot,
	workOfName,
} from './drills/names.ts';
import { comesRound, isDue, rowsSince, rowsUntil } from './drills/rows.ts';
import { chance } from './chance.ts';
import type { Deck, Drill, Question, Verdict } from './question.ts';

export { inStrands } from './crossings.ts';
export type { Deck, Drill, Option, Question, Shown, Verdict } from './question.ts';

export const DRILLS: readonly Drill[] = [
	leanOfName,
	holdOfName,
	countOfName,
	workOfName,
	pictureOfName,
	nameOfPicture,
	sameOrNot,
	leftHanded,
	leanOfHands,
	madeOfSentence,
	orderOfMoves,
	whatWentWrong,
	whatMends,
	leanOfPicture,
	fromBehind,
	holdOfPicture,
	whoComesHere,
	whoIsInFront,
	rowsSince,
	rowsUntil,
	isDue,
	comesRound,
];

/** One question that is asked: the same for the same drill, deck and seed. */
export interface Asked {
	readonly drill: Drill;
	readonly question: Question;
	readonly judge: (answer: readonly string[]) => Verdict;
}

/** Undefined where the deck has nothing for such a question. */
export function ask(drill: Drill, deck: Deck, seed: number): Asked | undefined {
	const about = drill.make(deck, chance(seed));
	if (about === undefined) return undefined;
	const question = drill.question(about);
	const ids = new Set(question.options.map((o) => o.id));
	return {
		drill,
		question,
		judge: (answer) => {
			const isOne = answer.length === (question.inOrder ? ids.size : 1) && answer.every((id) => ids.has(id));
			const verdict = drill.judge(about, isOne ? answer : []);
			// No answer, or one that was not offered, is never right.
			return isOne ? verdict : { ...verdict, right: false };
		},
	};
}
