/** A glossary of what a lesson uses: every name and every stitch that stands in it, once. */

import { equal, type Crossing } from '../crossing/index.ts';
import { namesFor, sentenceFor, STITCH_KINDS, wordsFor, type SchoolId } from '../notation/index.ts';
import type { Step } from '../schema/index.ts';
import { workedOf } from './skills.ts';

export interface GlossaryTerm {
	/** As patterns write it. */
	readonly term: string;
	/** What the hands do, in the words of a glossary. */
	readonly says: string;
}

const meaning = (crossing: Crossing): string => {
	const words = wordsFor(crossing);
	return `${words.title}, ${words.look}. ${sentenceFor(crossing) ?? ''}`.trim();
};

/**
 * Terms in the order of the alphabet. A crossing is listed by the names of one school, or by the name
 * that was asked for when none is chosen; a name that is used in two senses is listed twice.
 */
export function glossaryOf(steps: readonly Step[], school?: SchoolId): readonly GlossaryTerm[] {
	const crossings: { name: string; crossing: Crossing }[] = [];
	const put = (crossing: Crossing, asked: string): void => {
		const own = school && namesFor(crossing).find((n) => n.school.id === school)?.name;
		const name = own ?? asked;
		if (!crossings.some((c) => c.name === name && equal(c.crossing, crossing))) crossings.push({ name, crossing });
	};
	const stitches = new Map<string, string>();
	for (const step of steps) {
		if (step.kind === 'crossing' || step.kind === 'compare') put(step.crossing, step.asked.text);
		if (step.kind !== 'swatch') continue;
		for (const row of workedOf(step).rows) {
			for (const c of row.crossings) put(c.crossing, c.name);
			for (const { how } of row.stitches) {
				const kind = STITCH_KINDS.get(how);
				if (kind) stitches.set(how.replace(/(?<=.)tbl$/, ' tbl'), kind.says);
			}
		}
	}
	return [
		...crossings.map(({ name, crossing }) => ({ term: name, says: meaning(crossing) })),
		...[...stitches].map(([term, says]) => ({ term, says })),
	].sort((a, b) => a.term.localeCompare(b.term, 'en', { numeric: true }));
}
