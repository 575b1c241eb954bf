/** Several questions at once, for a class that answers together or on paper. */

import { ask, questionKey, type AskedQuestion } from './ask.ts';
import { DRILLS } from './drills.ts';
import type { Deck, Drill } from './question.ts';

/** Kinds that are answered by choosing, so that a room can answer aloud and paper can be ticked. */
export const TOGETHER: readonly Drill[] = DRILLS.filter((d) => !d.isAlone);

/** Seeds that are tried before a kind counts as having nothing here. */
const TRIES = 8;
/** Apart enough that no two questions of one sheet share a seed. */
const APART = 1000;

/**
 * As many questions as are wanted, kinds in turn; the same for the same seed. None comes twice while a kind has others,
 * and none twice in turn while there is another kind. Fewer where a deck has nothing for any of them.
 */
export function askedTogether(
	deck: Deck,
	drills: readonly Drill[],
	many: number,
	seed: number,
): readonly AskedQuestion[] {
	const all: AskedQuestion[] = [];
	const keys = new Set<string>();
	let last: string | undefined;
	let able = drills;
	for (let i = 0; all.length < many && able.length > 0; i++) {
		const drill = able[i % able.length]!;
		let next: AskedQuestion | undefined;
		let again: AskedQuestion | undefined;
		for (let tries = 0; tries < TRIES && !next; tries++) {
			const made = ask(drill, deck, seed * APART + i * TRIES + tries);
			if (!made) continue;
			const key = questionKey(made);
			if (!keys.has(key)) next = made;
			else if (key !== last || able.length === 1) again ??= made;
		}
		next ??= again;
		if (next) {
			all.push(next);
			last = questionKey(next);
			keys.add(last);
		} else able = able.filter((d) => d !== drill);
	}
	return all;
}

/** The option that is right as it is asked, by its place; and why. */
export function answerTo({ question, judge }: AskedQuestion): { readonly at: number; readonly says: string } {
	const verdicts = question.options.map((o) => judge([o.id]));
	const at = verdicts.findIndex((v) => v.right && v.elsewhere === undefined);
	return { at, says: verdicts[at]?.says ?? '' };
}
