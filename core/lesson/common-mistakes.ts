/** What goes wrong most in the crossings of a lesson, and how it is seen and mended. */

import { hand, perform, PLAIN_CRAFT } from '../craft/index.ts';
import { mendsFor, signsOf, type MistakeId } from '../handling/index.ts';
import { kindOf, type ShownCrossing, type Step } from '../step/index.ts';

export interface CommonMistake {
	readonly id: string;
	readonly title: string;
	/** How it comes about, what shows, and what to do, in a few sentences. */
	readonly says: string;
}

/** Those that learners make most, the first one first. */
const USUAL: readonly MistakeId[] = ['wrong-side', 'yarn-left', 'knitwise', 'wrong-order', 'lost', 'yarn-round'];

/** At most `most` mistakes, each once: those made on purpose in the lesson, then the usual ones. Each is really made, and read off. */
export function commonMistakes(steps: readonly Step[], most = 5): readonly CommonMistake[] {
	const shown = steps.flatMap((s) => kindOf(s).crossings?.(s) ?? []).filter((c) => c.craft === PLAIN_CRAFT);
	const wanted = new Set([...shown.flatMap((c) => c.mistake ?? []), ...USUAL]);
	return [...wanted].flatMap((id) => mistakeIn(shown, id) ?? []).slice(0, most);
}

/** The mistake at the first crossing in which it can be made and leaves a sign. */
function mistakeIn(steps: readonly ShownCrossing[], id: string): CommonMistake | undefined {
	const mistake = hand.mistakes.find((m) => m.id === id);
	if (!mistake) return undefined;
	for (const { crossing, way } of steps) {
		const done = perform(hand, crossing, way, { id, site: 0 });
		if (!done.ok) continue;
		const signs = signsOf(crossing, done.value.trace.outcome);
		const [mend] = mendsFor(crossing, signs, { rows: 0 });
		if (!mend) continue;
		// What shows on the wrong side alone is said with its side.
		const shows = signs.map((s) => s.says.RS ?? `on the wrong side ${s.says.WS}`).join('; ');
		return {
			id: mistake.id,
			title: mistake.title.charAt(0).toUpperCase() + mistake.title.slice(1),
			says: `${mistake.how} What shows: ${shows}. ${mend.what}`,
		};
	}
	return undefined;
}
