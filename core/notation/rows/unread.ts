/** Words of a label, or of a line that repeats rows, that say nothing to whoever reads it: they are listed, never dropped. */

import type { Span } from '../../result.ts';

const WORD = /[\p{L}\p{N}]+(?:['’./-][\p{L}\p{N}]+)*/gu;
const setOf = (words: string): ReadonlySet<string> => new Set(words.split(' '));

const NUMBERS = 'one two three four five six seven eight nine ten eleven twelve once twice thrice';
const ROWS = 'row rows rnd rnds round rounds r ws rs wrong right side sides';
const JOINS = 'and to the a an of for on with in by from as';
/** What a row may be called besides its number, as in `Row 3 (cable row)`: it changes nothing that hands do. */
export const ROW_CALLED =
	'foll cable cables crossing cross twist twisting increase increases inc decrease decreases dec eyelet turning chart pattern setup set-up set up foundation preparation facing facing-side first second third last next following main only begins starts here';
const IN_LABEL = setOf(
	`${ROWS} ${JOINS} ${NUMBERS} ${ROW_CALLED} all every each other alternate even odd through thru sts st stitch stitches colour color yarn b`,
);
const IN_REPEAT = setOf(
	`rep repeat rep. ${ROWS} ${JOINS} ${NUMBERS} these those last times time more again over x all every until till it its piece work fabric strip panel sleeve measures measure is total through thru pattern rep's long in inch inches ins cm mm m yet further another then end ends ending after cast-on edge beginning start bottom hem desired length required reached are have been worked done you ve`,
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

export const unreadInLabel = (label: string, from: number): readonly Span[] => unreadIn(label, from, IN_LABEL);

export const unreadInCastOn = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_CAST_ON);

export const unreadInSetting = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_SETTING);

export const unreadInBindOff = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_BIND_OFF);

export const unreadInRepeat = (line: string, from: number): readonly Span[] => unreadIn(line, from, IN_REPEAT);
