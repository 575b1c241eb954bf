/** A glossary of what a lesson uses: every name and every stitch that stands in it, once. */

import { craftOf, type CraftId } from '../craft/index.ts';
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

/** The glossary sentence of a crossing as a craft makes it; `undefined` where the craft or the crossing has none. */
export function sentenceIn(id: CraftId, crossing: Crossing): string | undefined {
	const craft = craftOf(id);
	const taken = craft.hasSentence ? craft.takes(crossing, craft.ways[0]!.id) : undefined;
	return taken?.ok ? sentenceFor(taken.value.loops) : undefined;
}

const meaning = (crossing: Crossing, craft: CraftId): string => {
	const words = wordsFor(crossing);
	return `${words.title}, ${words.look}. ${sentenceIn(craft, crossing) ?? ''}`.trim();
};

/**
 * Terms in the order of the alphabet. A crossing is listed by the names of one school, or by the name
 * that was asked for when none is chosen; a name that is used in two senses is listed twice.
 */
export function glossaryOf(steps: readonly Step[], school?: SchoolId): readonly GlossaryTerm[] {
	const crossings: { name: string; crossing: Crossing; craft: CraftId }[] = [];
	const put = (given: Crossing, asked: string, craft: CraftId): void => {
		// In units and pairs how a stitch is worked is the craft's, not the name's.
		const crossing = craftOf(craft).hasSentence ? given : { ...given, work: given.work.map(() => 'k' as const) };
		const own = school && namesFor(crossing).find((n) => n.school.id === school)?.name;
		const name = own ?? asked;
		if (!crossings.some((c) => c.name === name && equal(c.crossing, crossing)))
			crossings.push({ name, crossing, craft });
	};
	const stitches = new Map<string, string>();
	for (const step of steps) {
		if (step.kind === 'crossing' || step.kind === 'compare') put(step.crossing, step.asked.text, step.craft);
		if (step.kind !== 'swatch') continue;
		const worked = workedOf(step);
		for (const row of worked.rows) {
			for (const c of row.crossings) put(c.crossing, c.name, worked.craft);
			for (const { how } of row.stitches) {
				const kind = STITCH_KINDS.get(how);
				if (kind) stitches.set(how.replace(/(?<=.)tbl$/, ' tbl'), kind.says);
			}
		}
	}
	return [
		...crossings.map(({ name, crossing, craft }) => ({ term: name, says: meaning(crossing, craft) })),
		...[...stitches].map(([term, says]) => ({ term, says })),
	].sort((a, b) => a.term.localeCompare(b.term, 'en', { numeric: true }));
}
