/** Words of a label, or of a line that repeats rows, that say nothing to whoever reads it: they are listed, never dropped. */

import type { Span } from '../../result.ts';

const WORD = /[\p{L}\p{N}]+(?:['’./-][\p{L}\p{N}]+)*/gu;
const setOf = (words: string): ReadonlySet<string> => new Set(words.split(' '));

const NUMBERS = 'one two three four five six seven eight nine ten eleven twelve';
const ROWS = 'row rows rnd rnds round rounds r ws rs wrong right side sides';
const JOINS = 'and to the a an of for on with in by from as';
/** What a row may be called besides its number, as in `Row 3 (cable row)`: it changes nothing that hands do. */
export const ROW_CALLED =
	'foll alt cable cables crossing cross twist twisting eyelet turning chart pattern setup set-up set up foundation preparation facing facing-side first second third last next following main only begins starts here';
const IN_BRACKETS = setOf(
	`${ROWS} ${JOINS} ${NUMBERS} ${ROW_CALLED} all every each other alternate even odd through thru sts st stitch stitches colour color yarn b mc cc`,
);
/** In a label, outside its brackets. */
const IN_LABEL = setOf(
	`${ROWS} and to the of foll alt cable crossing chart pattern setup set-up set up foundation preparation facing following next all every each other alternate even odd even-numbered odd-numbered numbered through thru`,
);
/** Words of a label that stand where they say nothing: `Row 1 round`, `Row 1 other`, `Rows 7 and each 8`. */
const ASTRAY =
	/(?<=\d\s{1,3})(?:rows?|rnds?|rounds?)\b(?!\s{0,3}(?:$|:|\())|(?<!\b(?:every|each|all)\s{1,3}(?:foll(?:owing|\.)?\s{1,3})?)\b(?:other|alternate|alt)\b|\b(?:each|every|all)\b(?!\s{1,3}(?:foll|other|alt|even|odd|\d{1,3}(?:st|nd|rd|th)|rows?\b|rnds?\b|rounds?\b|RS|WS|right|wrong|the\b|of\b))/gi;
const BRACKETS = /\([^()]*\)|\[[^[\]]*\]/g;
const IN_REPEAT = setOf(
	`rep repeat rep. ${ROWS} ${JOINS} ${NUMBERS} once twice thrice these those last times time more again x all every until till it its piece work fabric strip panel sleeve measures measure is total through thru pattern rep's long in inch inches ins cm mm m yet further another then end ends ending after cast-on edge beginning start bottom hem desired length required reached are have been worked done you ve`,
);
const IN_CAST_ON = setOf('cast cast-on co on st sts stitch stitches total altogether in all and');
const IN_SETTING = setOf(
	`worked work join joined joining ${ROWS} ${JOINS} flat back forth turning turn being careful take care taking not twist twisting it them sts stitches st is are`,
);
const IN_BIND_OFF = setOf(
	'bind cast bo off bind-off cast-off all remaining rem st sts stitch stitches loosely in pattern patt rib on the next row rnd round ws rs wrong right side knitwise purlwise kwise pwise as you go to and k knit p purl it them',
);
/** `1st`, `22nd`, `4`, `3-8`, `12cm`: a number however it ends. */
const NUMBER = /^\d+(?:[.,/-]\d+)*(?:st|nd|rd|th|cm|mm|m|in|ins|x)?$/;

/** Runs of words that are in no such place, as spans of the whole text; `from`: where the part begins. */
function unreadIn(part: string, from: number, known: ReadonlySet<string>): readonly Span[] {
	const spans: { from: number; to: number }[] = [];
	for (const m of part.matchAll(WORD)) {
		const word = m[0].toLowerCase();
		if (known.has(word) || NUMBER.test(word)) continue;
		const last = spans.at(-1);
		const at = { from: from + m.index, to: from + m.index + m[0].length };
		if (last && part.slice(last.to - from, m.index).trim() === '') last.to = at.to;
		else spans.push(at);
	}
	return spans;
}

/** `inc row`, `decrease rnd`: what a row is for, which its stitches say themselves. */
const SHAPING_ROW =
	/\b(?:inc|dec|increases?|decreases?|inc\.|dec\.)(?=[ \t-]{1,3}(?:row|rnd|round)\b)|(?<=\(\s{0,3})(?:inc|dec)\.?(?=\s{0,3}\))/gi;

/** As much room without words. */
export const blank = (said: string): string => ' '.repeat(said.length);

export function unreadInLabel(whole: string, from: number): readonly Span[] {
	const label = whole.replace(SHAPING_ROW, blank);
	const outside = label.replace(BRACKETS, blank);
	const inside = [...label.matchAll(BRACKETS)].flatMap((m) => unreadIn(m[0], from + m.index, IN_BRACKETS));
	const astray = [...outside.matchAll(ASTRAY)].map((m) => ({ from: from + m.index, to: from + m.index + m[0].length }));
	return [...inside, ...unreadIn(outside, from, IN_LABEL), ...astray];
}

export const unreadInCastOn = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_CAST_ON);

export const unreadInSetting = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_SETTING);

export const unreadInBindOff = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_BIND_OFF);

export const unreadInRepeat = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_REPEAT);
