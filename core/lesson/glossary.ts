/** A glossary of what a lesson uses: every name and every stitch that stands in it, once, as the hands of a style make it. */

import { craftOf } from '../craft/index.ts';
import { equal, type Crossing } from '../crossing/index.ts';
import { craftIn, sentenceIn, shownIn } from '../look/index.ts';
import { nameIn, readName, STITCH_KINDS, wordsMade, type SchoolId } from '../notation/index.ts';
import type { HouseStyle } from '../schema/index.ts';
import { kindOf, type Step } from '../step/index.ts';
import { swatchShown } from '../swatch/index.ts';
import { naturally } from '../natural.ts';

export interface GlossaryTerm {
	/** As patterns write it. */
	readonly term: string;
	/** What it looks like, and what the hands do, in the words of a glossary. */
	readonly says: string;
}

interface MadeName {
	readonly name: string;
	/** What the hands make, told as to right hands. */
	readonly made: Crossing;
	/** Left hands make it, so that the fabric shows its mirror image. */
	readonly mirrored: boolean;
	readonly craft: string;
}

function meaning({ made, mirrored, craft }: MadeName): string {
	const words = wordsMade({ made, mirrored });
	return `${words.title}, ${words.look}. ${sentenceIn(craft, { made, mirrored }) ?? ''}`.trim();
}

/**
 * Terms in the order of the alphabet. A crossing is listed by the names of one school, or by the name that was asked
 * for when none is chosen; a name that is used in two senses is listed twice.
 */
export function glossaryOf(steps: readonly Step[], style: HouseStyle, school?: SchoolId): readonly GlossaryTerm[] {
	const crossings: MadeName[] = [];
	const put = ({ made: given, ...more }: MadeName): void => {
		// In units and pairs how a stitch is worked is the craft's, not the name's.
		const made = craftOf(more.craft).hasSentence ? given : { ...given, work: given.work.map(() => 'k' as const) };
		if (!crossings.some((c) => c.name === more.name && equal(c.made, made))) crossings.push({ ...more, made });
	};
	const stitches = new Map<string, string>();
	for (const step of steps) {
		const kind = kindOf(step);
		for (const { asked, crossing, craft } of kind.crossings?.(step) ?? []) {
			const { made, mirrored } = shownIn(style, crossing, craftIn(style, craft));
			const typed = readName(asked.text, asked.school);
			// What was typed is a name that tells the look, or the hands, or neither.
			const by = school ?? (mirrored && typed.ok && equal(typed.crossing, crossing) ? asked.school : undefined);
			// What the school has no name for goes by its look; a sentence for the other hands would be another one.
			const isSaid = asked.text.includes(' ') && !typed.ok && style.demonstrates === 'left-same' && mirrored;
			const named = by && (nameIn(by, made, mirrored) ?? nameIn('slash', made, mirrored));
			const name = named ?? (isSaid ? wordsMade({ made, mirrored }).title : asked.text);
			put({ name, made, mirrored, craft });
		}
		const swatch = kind.swatch?.(step);
		if (!swatch) continue;
		const { worked, mirrored } = swatchShown(swatch, style, school);
		for (const row of worked.rows) {
			for (const c of row.crossings) put({ name: c.name, made: c.asWorked, mirrored, craft: worked.craft });
			for (const { how } of row.stitches) {
				const stitch = STITCH_KINDS.get(how);
				if (stitch) stitches.set(how.replace(/(?<=.)tbl$/, ' tbl'), stitch.says);
			}
		}
	}
	return [
		...crossings.map((c) => ({ term: c.name, says: meaning(c) })),
		...[...stitches].map(([term, says]) => ({ term, says })),
	].sort((a, b) => naturally(a.term, b.term));
}
