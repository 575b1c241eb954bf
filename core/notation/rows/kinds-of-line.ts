/** What kind of line stands in a text: rows by whatever label, lines that say several rows, titles and notes. */

import { fabricIn } from './fabrics.ts';
import { STITCH_KINDS, stitchWord } from './stitches.ts';

/** `1 (RS): p3`, which has the shape of a glossary line. */
export const BARE_NUMBER = /^\s{0,9}(?:r|row)?\s{0,9}\d{1,9}\s{0,9}(?:(?:\((?:RS|WS)\)|RS|WS)\s{0,9})?[:=]/i;

/** `RS: k8`, `RS rows: k8`: a row by its side alone, which has the shape of a glossary line too. */
export const SIDED = /^\s{0,9}(RS|WS)(\s{1,3}(?:rows|rnds|rounds))?\s{0,9}[:=]/i;
/** Rows that stand before the first, which have no number here. */
export const BEFORE = /^\s{0,9}(?:set[- ]?up|foundation|preparation)\s{1,9}(?:row|rnd|round)\b[^:=]{0,40}[:=]/i;

/** `Cable row: p3, C8F, p3`: a row by what it is, which is the next one. */
export const NAMED =
	/^\s{0,9}(?:cable|cross|crossing|twist|twisting|inc|dec|increase|decrease|pattern|plain|purl|knit|rib|garter|eyelet|turning|edge|border|first|second|third|last|next|following|final|RS|WS)\s{1,3}(?:row|rnd|round)\b[^:=,*]{0,40}[:=]/i;

/** A note that is no note: it changes what hands do in rows. */
export const NOTE = /^\s{0,9}notes?\b[^:=]{0,40}[:=]/i;

/** A label that speaks of rows, in whatever words; no crossing is called so. */
export const ROWISH = /^[^:=]{0,60}\b(?:rows?|rnds?|rounds?)\b[^:=]{0,60}[:=]/i;

export const isRow = (line: string): boolean =>
	NOTE.test(line) ||
	ROWISH.test(line) ||
	BARE_NUMBER.test(line) ||
	SIDED.test(line) ||
	BEFORE.test(line) ||
	NAMED.test(line);

/** `bind off 3 sts`, `BO 3, k11`, `cast off the next two stitches`. */
export const SOME_OFF =
	/^(?:bind|cast|BO)\b[\s-]{0,9}(?:off)?[^.\n]{0,60}?\b(?:\d{1,4}|one|two|three|four|five|six|next\s{1,3}(?:\w{1,9}\s{1,3})?(?:sts?|stitch|stitches))\b/i;
export const BIND_OFF_NEXT = /^[ \t]{0,9}((?:(?:bind|cast)[ \t-]{1,3}off|BO)\b[^\n\r]{0,200})/i;

/** `as row 2`, `same as rows 3 and 4 six times`, `rep row 2`, `as 1st and 2nd`, `as 2nd row`. */
export const LIKE_ROWS =
	/^\s{0,9}(?:work(?:ed)?\s{1,3})?(?:(?:the\s{1,3})?same\s{1,3})?(?:as|like|rep(?:eat)?)\s{1,9}(?:the\s{1,3})?(?:(?:rows?|rnds?|rounds?|r)\.?\s{0,3}|(?=\d{1,4}(?:st|nd|rd|th)\b))(\d{1,4})(?:st|nd|rd|th)?(?:\s{0,3}(?:-|–|to|and|&|,)\s{0,3}(\d{1,4})(?:st|nd|rd|th)?)?(?:\s{1,3}(?:rows?|rnds?|rounds?))?(?:\s{1,3}(?:(once|twice|thrice)|(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\s{1,3}times))?\s{0,3}\.?\s{0,9}$/i;
/** `Knit 6 rows.` */
const MANY_ROWS = /^\s{0,9}(knit|purl|k|p)\s{1,3}(\d{1,3})\s{1,3}(?:rows?|rnds?|rounds?)\s{0,3}\.?\s{0,9}$/i;
export const ROW_ONE = /^[ \t]{0,9}(?:row|rnd|round|r)s?\.?[ \t]{0,3}1\b/im;
/** `Continue in pattern until it measures 10 cm.` */
export const GOES_ON =
	/^\s{0,9}(?:cont(?:inue|\.)?|work|keep)\s{1,3}(?:working\s{1,3})?(?:(?:in|as)\s{1,3})?(?:(?:cable\s{1,3})?patt(?:ern|\.)?|set|established|this way|this manner)(?:\s{1,3}as\s{1,3}(?:set|established))?(?:\s{1,3}(?:until|till|for)\b[^\n]{0,80})?\s{0,3}\.?\s{0,9}$/i;
/** `Work 6 rows even.` */
const EVEN_ROWS =
	/^\s{0,9}(?:work\s{1,3})?(\d{1,3})\s{1,3}(?:rows?|rnds?|rounds?)\s{1,3}(?:even|straight|plain|as\s{1,3}(?:set|established)|in\s{1,3}patt(?:ern|\.)?(?:\s{1,3}as\s{1,3}(?:set|established))?)\s{0,3}\.?\s{0,9}$/i;
/** `Work 4 rows in garter st.` */
const FABRIC_ROWS =
	/^\s{0,9}(?:work\s{1,3})?(\d{1,3})\s{1,3}(?:rows?|rnds?|rounds?)\s{1,3}(?:in|of)\s{1,3}([a-z0-9][a-z0-9 -]{2,30}?)\s{0,3}\.?\s{0,9}$/i;

/** A line that says several rows at once, each worked alike to its end. */
export function manyRows(text: string) {
	const until = { kind: 'end' } as const;
	const [, how, many] = MANY_ROWS.exec(text) ?? [];
	const stitch = how === undefined ? undefined : STITCH_KINDS.get(how.toLowerCase().startsWith('k') ? 'k' : 'p');
	if (stitch) return { rows: Number(many), item: { kind: 'stitch', stitch, until } as const };
	const [, even] = EVEN_ROWS.exec(text) ?? [];
	if (even !== undefined) return { rows: Number(even), item: { kind: 'as-they-stand', until } as const };
	const [, rows, name = ''] = FABRIC_ROWS.exec(text) ?? [];
	const words = name.toLowerCase().split(/\s+/);
	const said = rows === undefined ? undefined : fabricIn(words);
	return said?.words === words.length
		? { rows: Number(rows), item: { kind: 'fabric', fabric: said.fabric, until } as const }
		: undefined;
}

/** `Cast on 24 sts and join in the round`. */
export const JOINED = /\bjoin\b[^.\n]{0,40}?\bround\b/i;
/** A word that asks hands for something, so that a line with it is no title. */
const WORKS =
	/^(?:knits?|purls?|work|works|slip|rep|repeat|cast|bind|turn|rows?|rnds?|rounds?|as|inc|dec|increase|decrease|make|place|remove|to|end|from|pm|sm|rm|yarn|tog|together|hold|held|drop|co|bo|mb|rib|moss|seed|garter|st|sts|stitch|stitches)$/i;

/** `Classic rope cable`: words alone, none of which asks for anything. */
export const isTitle = (line: string): boolean => {
	// “Rope panel (worked over 14 sts)”.
	const title = line.replace(/\((?:(?:worked )?over|multiple of|panel of)? ?\d{1,4} (?:sts|stitches)\)\s*$/i, '');
	if (!/^[\p{L}\s’'&,.!–-]{3,80}$/u.test(title)) return false;
	const words = title.match(/\p{L}+/gu) ?? [];
	return (
		words.length > 1 &&
		words.every(
			(word) =>
				(word.length > 2 || /^(?:an?|by|my|of|in|on|no)$/i.test(word)) && !WORKS.test(word) && !stitchWord(word),
		)
	);
};

/** `Worked flat`, `Join in the round`: what a line says of the shape. */
export const shapeSaid = (text: string): 'round' | 'flat' | undefined =>
	/\bround\b/i.test(text) ? 'round' : /\bflat\b|back and forth/i.test(text) ? 'flat' : undefined;
