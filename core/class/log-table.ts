/** An evening's log as a table for a spreadsheet: a line for each press that stands, in the order in which they were made. */

import type { Class } from './class.ts';
import { joinedAbout, OUTCOME_WORDS, personIn, type Did, type Evening, type Press } from './evening.ts';
import { MISTAKE_TITLES } from './mistakes.ts';

const HEAD = ['at', 'who', 'what', 'of', 'how'] as const;

/** What was pressed, what of, and how it was. Ids of steps and goals are told by their titles. */
function said(did: Did, { steps, goals }: Pick<Evening, 'steps' | 'goals'>): readonly [string, string, string] {
	switch (did.kind) {
		case 'here':
			return ['here', '', did.here ? 'yes' : 'no'];
		case 'step':
			return ['step', steps.find((s) => s.id === did.step)?.title ?? '', did.does];
		case 'goal':
			return [
				'goal',
				goals.find((g) => g.id === did.goal)?.title ?? did.goal,
				did.outcome === 'unseen' ? 'not seen' : OUTCOME_WORDS[did.outcome],
			];
		case 'wrong':
			return ['went wrong', MISTAKE_TITLES.get(did.mistake) ?? did.mistake, did.mended ?? ''];
		case 'lap':
			return ['time', `${did.many} ${did.of === 'crossing' ? 'crossings' : 'stitches'}`, `${did.seconds} s`];
		case 'measure':
			return ['square', did.what, `${did.widthCm} × ${did.lengthCm} cm`];
		case 'piece':
			return ['picture', '', did.what];
		case 'note':
			return ['note', '', did.text];
		case 'undo':
			return ['taken back', '', ''];
	}
}

/** Presses about somebody who is not in the class any more are left out. Linear in presses, but for their order. */
export function logTable(
	{ people }: Pick<Class, 'people'>,
	evening: Pick<Evening, 'steps' | 'goals'>,
	presses: readonly Press[],
): readonly (readonly string[])[] {
	const names = new Map(people.map((p) => [p.id, p.name]));
	return [
		HEAD,
		...joinedAbout(presses, new Set(names.keys())).map(({ at, did }) => [
			at,
			names.get(personIn(did) ?? '') ?? 'everybody here',
			...said(did, evening),
		]),
	];
}
