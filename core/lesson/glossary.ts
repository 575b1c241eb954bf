/** A glossary of what a lesson uses: every name and every stitch that stands in it, once. */

import { craftOf } from '../craft/index.ts';
import { equal, type Crossing } from '../crossing/index.ts';
import { sentenceIn } from '../look/index.ts';
import { namesFor, STITCH_KINDS, wordsFor, type SchoolId } from '../notation/index.ts';
import { kindOf, type Step } from '../step/index.ts';
import { checked } from '../swatch/index.ts';

export interface GlossaryTerm {
	/** As patterns write it. */
	readonly term: string;
	/** What the hands do, in the words of a glossary. */
	readonly says: string;
}

const meaning = (crossing: Crossing, craft: string): string => {
	const words = wordsFor(crossing);
	return `${words.title}, ${words.look}. ${sentenceIn(craft, crossing) ?? ''}`.trim();
};

/**
 * Terms in the order of the alphabet. A crossing is listed by the names of one school, or by the name
 * that was asked for when none is chosen; `glossary` is the teacher's own, which swatches are read by; a name that is used in two senses is listed twice.
 */
export function glossaryOf(steps: readonly Step[], school?: SchoolId, glossary = ''): readonly GlossaryTerm[] {
	const crossings: { name: string; crossing: Crossing; craft: string }[] = [];
	const put = (given: Crossing, asked: string, craft: string): void => {
		// In units and pairs how a stitch is worked is the craft's, not the name's.
		const crossing = craftOf(craft).hasSentence ? given : { ...given, work: given.work.map(() => 'k' as const) };
		const own = school && namesFor(crossing).find((n) => n.school.id === school)?.name;
		const name = own ?? asked;
		if (!crossings.some((c) => c.name === name && equal(c.crossing, crossing)))
			crossings.push({ name, crossing, craft });
	};
	const stitches = new Map<string, string>();
	for (const step of steps) {
		const kind = kindOf(step);
		for (const c of kind.crossings?.(step) ?? []) put(c.crossing, c.asked.text, c.craft);
		const swatch = kind.swatch?.(step);
		if (!swatch) continue;
		const { worked } = checked(swatch, glossary);
		for (const row of worked.rows) {
			for (const c of row.crossings) put(c.crossing, c.name, worked.craft);
			for (const { how } of row.stitches) {
				const stitch = STITCH_KINDS.get(how);
				if (stitch) stitches.set(how.replace(/(?<=.)tbl$/, ' tbl'), stitch.says);
			}
		}
	}
	return [
		...crossings.map(({ name, crossing, craft }) => ({ term: name, says: meaning(crossing, craft) })),
		...[...stitches].map(([term, says]) => ({ term, says })),
	].sort((a, b) => a.term.localeCompare(b.term, 'en', { numeric: true }));
}
