/** What goes wrong most in the crossings of a lesson, and how it is seen and mended. */

import { craftOf, perform, PLAIN_CRAFT, whatShows } from '../craft/index.ts';
import type { MistakeId } from '../handling/index.ts';
import { craftIn, shownIn } from '../look/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { kindOf, type ShownCrossing, type Step } from '../step/index.ts';
import { capital } from '../capital.ts';

export interface CommonMistake {
	readonly id: string;
	readonly title: string;
	/** How it comes about, what shows, and what to do, in a few sentences. */
	readonly says: string;
}

/** Those that learners make most by hand, the first one first; at a tool they come in the craft's own order. */
const USUAL: readonly MistakeId[] = ['wrong-side', 'yarn-left', 'knitwise', 'wrong-order', 'lost', 'yarn-round'];

/**
 * At most `most` mistakes, each once: those made on purpose in the lesson, then the usual ones of its crafts.
 * Each is really made, in the hands of the style, and read off.
 */
export function commonMistakes(steps: readonly Step[], style: HouseStyle, most = 5): readonly CommonMistake[] {
	const shown = steps.flatMap((s) => kindOf(s).crossings?.(s) ?? []);
	const crafts = [...new Set(shown.map((c) => c.craft))].map(craftOf);
	const usual = crafts.flatMap((craft): readonly string[] =>
		craft.isHanded ? (craft.id === PLAIN_CRAFT ? USUAL : []) : craft.mistakes.map((m) => m.id),
	);
	const wanted = new Set([...shown.flatMap((c) => c.mistake ?? []), ...usual]);
	return [...wanted].flatMap((id) => mistakeIn(shown, id, style) ?? []).slice(0, most);
}

/** The mistake at the first crossing in which it can be made and leaves a sign. */
function mistakeIn(shown: readonly ShownCrossing[], id: string, style: HouseStyle): CommonMistake | undefined {
	for (const { craft: of, crossing, way } of shown) {
		const craft = craftIn(style, of);
		const mistake = craft.mistakes.find((m) => m.id === id);
		const done = mistake && perform(craft, shownIn(style, crossing, craft).made, way, { id, site: 0 });
		if (!mistake || !done?.ok) continue;
		const { shows, mend } = whatShows(craft, done.value);
		if (!mend) continue;
		return {
			id: mistake.id,
			title: capital(mistake.title),
			says: `${mistake.how} What shows: ${shows}. ${mend.what}`,
		};
	}
	return undefined;
}
