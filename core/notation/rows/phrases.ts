/** Words and short phrases of rows, in small letters, and what they ask for. */

/** Words that say nothing of their own between items. */
export const ROW_FILLERS: ReadonlySet<string> = new Set(
	'then and work next turn the st sts stitch stitches now row only'.split(' '),
);
/** Behind a slipped stitch: how it is slipped anyway. */
export const SLIPPED_HOW: ReadonlySet<string> = new Set('wyif wyib purlwise pwise knitwise kwise tbl'.split(' '));
/** Single words for markers. */
export const MARKERS: Readonly<Record<string, 'place' | 'slip' | 'remove'>> = {
	pm: 'place',
	sm: 'slip',
	slm: 'slip',
	rm: 'remove',
};

/** Words that are looked at together as one way of saying `knit the knits and purl the purls`. */
export const MOST_PHRASE = 12;
const AS_THEY_STAND = [
	/^knits? (the )?knits?( sts| stitches)?( and| &|,)? purls? (the )?purls?( sts| stitches)?$/,
	/^k (all )?(the )?(ks?|knits?)( sts| stitches)?( and| &|,)? p (all )?(the )?(ps?|purls?)( sts| stitches)?$/,
	/^(work )?(all )?((the )?(sts|stitches) )?as (they|it) (stands?|appears?|presents? themselves|presents?|faces? you|faces?|comes?)$/,
	/^(work )?(all )?(sts |stitches )?as (set|established|they appear)$/,
	/^(rib|work) as set$/,
];
/** Whether a phrase asks for the stitches as they stand, and whether it says that they are set already. */
export function asTheyStand(phrase: string): { readonly isSet: boolean } | undefined {
	if (!AS_THEY_STAND.some((pattern) => pattern.test(phrase))) return undefined;
	return { isSet: /\b(?:set|established)\b/.test(phrase) };
}

/** `sts`, `stitch`. */
export const isStitches = (word: string): boolean => /^(?:sts?|stitch|stitches)$/.test(word);
/** `knit` or `p`, which alone in a row go on to its end. */
export const isPlainStitch = (word: string): boolean => /^(?:knit|purl|k|p)$/i.test(word);
/** Before a number of stitches: `over next 5 sts`. */
export const leadsToCount = (word: string): boolean => /^(?:over|for|the|next|across)$/.test(word);
/** Behind the name of a fabric. */
export const isPattern = (word: string): boolean => /^(?:pattern|patt)$/.test(word);
/** Behind “as”. */
export const isSet = (word: string): boolean => /^(?:set|established)$/.test(word);
/** Behind “rep from *”: `end with p2`. */
export const isEnd = (word: string): boolean => /^end(?:s|ing)?$/i.test(word);
/** `(4 sts)` behind a name; its number is how many the name takes. */
export const SIZE_IN_BRACKETS = /^[([{]\s*(\d{1,4})\s*(?:sts?|stitch|stitches)\s*[)\]}]$/i;

/** Words by which patterns mean one of several stitches. */
const EITHER: readonly (readonly [said: RegExp, stitches: readonly string[]])[] = [
	[/^inc(?:\.|rease)?\s?1?$/i, ['kfb', 'm1']],
	[/^dec(?:\.|rease)?\s?1?$/i, ['k2tog', 'ssk']],
];
/** The stitches that a text may mean, such as `kfb` and `m1` for `inc 1`. */
export const eitherOf = (text: string): readonly string[] | undefined => EITHER.find(([said]) => said.test(text))?.[1];
