/** Where a room is among questions that it answers together. */

import type { QuestionShown } from '@pond-loop/core/block';

/** By the presses so far: each question is asked, and then its answer told. */
export function placeIn(
	questions: readonly QuestionShown[],
	presses: number,
): { readonly at: number; readonly isTold: boolean } {
	const most = Math.max(0, 2 * questions.length - 1);
	const now = Math.max(0, Math.min(most, presses));
	return { at: Math.floor(now / 2), isTold: now % 2 === 1 };
}

/** For whoever asks: the question that is shown, and its answer before the room is told. */
export function questionSaid(questions: readonly QuestionShown[], presses: number): readonly string[] {
	const { at, isTold } = placeIn(questions, presses);
	const now = questions[at];
	if (!now) return [];
	return [
		`${at + 1} of ${questions.length}: ${now.asks}`,
		`${isTold ? 'Told' : 'Not told yet'}: ${now.answer}. ${now.says}`,
	];
}
