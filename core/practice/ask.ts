/** A question as it is asked and judged. */

import { chance } from './chance.ts';
import type { Deck, Drill, Question, Verdict } from './question.ts';

/** One question that is asked: the same for the same drill, deck and seed. */
export interface AskedQuestion {
	readonly drill: Drill;
	readonly question: Question;
	readonly judge: (answer: readonly string[]) => Verdict;
}

/** Undefined where the deck has nothing for such a question. */
export function ask(drill: Drill, deck: Deck, seed: number): AskedQuestion | undefined {
	const about = drill.make(deck, chance(seed));
	if (about === undefined) return undefined;
	const question = drill.question(about);
	const ids = new Set(question.options.map((o) => o.id));
	return {
		drill,
		question,
		judge: (answer) => {
			if (question.byHand) return byHand(() => drill.judge(about, answer));
			const isOne = answer.length === (question.inOrder ? ids.size : 1) && answer.every((id) => ids.has(id));
			const verdict = drill.judge(about, isOne ? answer : []);
			// No answer, or one that was not offered, is never right.
			return isOne ? verdict : { ...verdict, right: false };
		},
	};
}

/** All that can be seen of a question, whatever the order of its options: the same for two that ask the same. */
export const questionKey = ({ drill, question: { asks, shows, options, byHand } }: AskedQuestion): string =>
	JSON.stringify([
		drill.id,
		asks,
		shows,
		options.map((o) => JSON.stringify([o.label, o.picture])).sort(),
		byHand?.made,
	]);

/** Whether two questions ask the same about the same. */
export const isSameQuestion = (a: AskedQuestion, b: AskedQuestion): boolean => questionKey(a) === questionKey(b);

const NOT_DONE: Verdict = { right: false, says: 'These moves are not possible on those stitches.' };

/** Moves come from outside: what cannot be read or done is not right. */
function byHand(judged: () => Verdict): Verdict {
	try {
		return judged();
	} catch {
		return NOT_DONE;
	}
}
