/** A step in words: what kind it is, and what it is called. */

import { wordsFor } from '../notation/index.ts';
import {
	isText,
	textOf,
	type CHECKS,
	type COMPARISONS,
	type FINISHES,
	type Note,
	type Step,
	type StepKind,
} from '../schema/index.ts';

export const KIND_TITLES: Readonly<Record<StepKind, string>> = {
	opening: 'Opening and goal',
	materials: 'Materials',
	crossing: 'Show a crossing',
	compare: 'Compare',
	swatch: 'Swatch',
	check: 'Check',
	discussion: 'Discussion',
	rest: 'Rest for the hands',
	finish: 'Finish',
	homework: 'Homework',
	note: 'Note',
};

export const COMPARISON_TITLES: Readonly<Record<(typeof COMPARISONS)[number], string>> = {
	leans: 'both leans',
	ways: 'two ways to do it',
	readings: 'what the name may mean',
	tightness: 'tight and loose',
};

/** What a learner asks of their own piece. */
export const CHECK_WORDS: Readonly<Record<(typeof CHECKS)[number], string>> = {
	count: 'Count: is every stitch still there?',
	lean: 'Lean: does the cord lean the way it should?',
	mount: 'Mount: does every stitch sit with its leading leg in front?',
	gap: 'Gap: is the purl beside the cord snug?',
};

export const FINISH_WORDS: Readonly<Record<(typeof FINISHES)[number], string>> = {
	'bind-off': 'Bind off in pattern; the last stitch as even as the others. Leave the tails in.',
	wash: 'Soak 15 to 30 minutes without wringing, then roll in a towel. If it is steamed: steam burns.',
	pin: 'Pin out to size. Pins are sharp: count them out and back.',
	dry: 'Let it dry where it lies.',
	seam: 'Seam from the front, knit to knit and purl to purl: every stitch at the ends, every other between. Weave in the tails.',
};

/** What a step is called in a list. */
export function stepTitle(step: Step): string {
	switch (step.kind) {
		case 'crossing':
			return step.view?.mistake
				? `A mistake on purpose: ${wordsFor(step.crossing).title}`
				: wordsFor(step.crossing).title;
		case 'compare':
			return `${wordsFor(step.crossing).title}: ${COMPARISON_TITLES[step.of]}`;
		case 'swatch':
			return step.swatch.title;
		default:
			return KIND_TITLES[step.kind];
	}
}

/** What is written on a step by hand. */
export const noteOn = (step: Step): Note => (isText(step) ? step.text : step.note);

/** The same as plain text. */
export const writtenOn = (step: Step): string => textOf(noteOn(step));
