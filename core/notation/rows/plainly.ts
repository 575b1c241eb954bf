/**
 * The text of rows with each sign in its place, and what people write in many ways put in the one that the grammar
 * knows. Lines that are no instructions, and sizes behind a row, are read past and listed.
 */

import type { Span } from '../../result.ts';
import { SCHOOLS } from '../schools.ts';
import { MAX_SENTENCE_LENGTH, readSentence } from '../sentence/index.ts';
import { NUMBER_WORDS, numberIn } from '../name-words.ts';

export interface PlainRows {
	readonly text: string;
	readonly past: readonly Span[];
	/** How many stitches there are behind a row, by what the text says. */
	readonly counts: readonly (Span & { readonly stitches: number })[];
	/** Where a crossing that is said in a sentence ends, by where it begins; its name stands there instead. */
	readonly sentences: ReadonlyMap<number, number>;
	/** Yarns that rows are worked with, by where they are said: `Row 3: with B, k11`. */
	readonly yarns: readonly (Span & { readonly colour: 'A' | 'B' })[];
	/** Stitches that a line casts on which says more than that. */
	readonly castOn?: Span & { readonly stitches: number };
}

/** Lines about the piece and what it is made with, and not about a row. */
const ABOUT =
	/^[ \t]*(?:multiples? of|panel of|worked over|pattern|materials?|yarn|needles?|gauge|tension|size|sizes|finished|measurements?|notes?|abbreviations?|key|using|with (?:the )?(?:main|contrast|yarn|colou?r))\b/i;

/** `Lantern sleeve, cast on 24 sts`. */
const TITLE_WITH_CAST_ON =
	/^(?!\s{0,9}(?:cast|rows?|rnds?|rounds?|r\d)\b)[^:*[\]\d]{1,60}\bcast(?:ing)?[- ]on\s{1,3}\d{1,4}\b/i;
/** A note that changes what hands do in rows; it is not read past. */
const NOTE_THAT_WORKS = /^\s{0,9}notes?\b.*\b(?:slip|sl\d?|knit|purl|k\d+|p\d+|cross|work)\b/i;

const NUMBER_WORD = `(${NUMBER_WORDS.join('|')})`;
/** A space that fills up the room of longer words; what stands before it reaches as far. */
const PAD = '\u00a0';
/** Where a word that begins before `to` ends in the text as it was typed. */
export function reach(text: string, to: number): number {
	let end = to;
	while (text[end] === PAD) end += 1;
	return end;
}

/** Other words in the same room; what needs more of it stays as it was. */
const inRoom = (whole: string, said: string): string =>
	said.length <= whole.length ? said.padEnd(whole.length, PAD) : whole;

/** `Row 1`, `R1`, `Rnd 3 (RS)`: a label without its colon. */
const LABEL = String.raw`[ \t]{0,9}(?:row|rnd|round|r)\.?[ \t]{0,3}\d{1,3}(?:[ \t\u00a0]{0,9}\((?:RS|WS)\))?`;

/** Signs changed where they stand: as many as there were. Each line is one way of writing. */
const WAYS: readonly (readonly [RegExp, (...groups: string[]) => string])[] = [
	// A line that ends with a comma goes on in the next one, as texts from a PDF do.
	[
		new RegExp(
			String.raw`(?<=,[ \t]{0,9})\r?\n(?![ \t]{0,9}(?:\r?\n|#|$)|[^\n:]{1,60}:|[ \t]{0,9}(?:rep|cast|bind)\b|${LABEL})`,
			'gi',
		),
		(whole) => ' '.repeat(whole.length),
	],
	// “Row 1: p3. Row 2: k3.”: all rows on one line.
	[/(?<=[.;])[ \t](?=[ \t]{0,9}(?:rows?|rnds?|rounds?)\.?[ \t]{0,3}\d{1,3}[^:\n.]{0,40}:)/gi, () => '\n'],
	[
		/(?<=[.;])[ \t](?=[ \t]{0,9}rep(?:eat)?[ \t]{1,3}(?:from[ \t]{1,3}|the[ \t]{1,3}|last[ \t]{1,3}|these[ \t]{1,3}){0,2}(?:\d{1,3}[ \t]{1,3})?(?:rows?|rnds?|rounds?)\b)/gi,
		() => '\n',
	],
	// “Chart row 1 (RS), read right to left:”.
	[/^([ \t]{0,9})chart(?=[ \t]{1,3}(?:row|rnd|round)[ \t]{0,3}\d)/gim, (_, space) => `${space}     `],
	[
		/^([^:\n]{1,40}?)(,?[ \t]{0,3}read(?:ing)?[ \t]{1,3}(?:from[ \t]{1,3})?(right to left|left to right))(?=[ \t]{0,3}:)/gim,
		(whole, label, said, way) =>
			(way.toLowerCase() === 'left to right') === /\bWS\b/.test(label) ? label + ' '.repeat(said.length) : whole,
	],
	// “k1, p1 rib”, “2x2 rib”: one word.
	[
		/\bk[ \t]?(\d{0,2})[ \t]{0,3}[,/x×]?[ \t]{0,3}p[ \t]?(\d{0,2})[ \t]{1,3}rib(?:bing)?\b/gi,
		(whole, knit, purl) => inRoom(whole, `k${knit || 1}p${purl || 1}-rib`),
	],
	[
		/\bp[ \t]?(\d{0,2})[ \t]{0,3}[,/x×]?[ \t]{0,3}k[ \t]?(\d{0,2})[ \t]{1,3}rib(?:bing)?\b/gi,
		(whole, purl, knit) => inRoom(whole, `p${purl || 1}k${knit || 1}-rib`),
	],
	[
		/\b(\d{1,2})[ \t]{0,3}[/x×][ \t]{0,3}(\d{1,2})[ \t]{1,3}rib(?:bing)?\b/gi,
		(whole, knit, purl) => inRoom(whole, `${knit}x${purl}-rib`),
	],
	// “*p2, k2*, repeat to end”.
	[/,(?=[ \t]{0,9}rep(?:eat)?[ \t]{1,3}(?:to|until|across|around|\d|once|twice|three)\b)/gi, () => ';'],
	// “k1 (edge st)”: where it stands says so as well.
	[/\((?:edge|selvedge|selvage) (?:sts?|stitch(?:es)?)\)/gi, (whole) => ' '.repeat(whole.length)],
	// “*p2, k2* 4 times”.
	[
		/\*(?=[^*\n]{0,200}\d)(?![^*\n]{0,200}\brep)([^*\n;[\]]{1,200})\*(?=[ \t]{0,3}(?:\d{1,3}|two|three|four|five|six|seven|eight)[ \t]{1,3}times\b|[ \t]{0,3}(?:once|twice|thrice)\b)/gi,
		(_, inner) => `[${inner}]`,
	],
	// Words of single stitches.
	[/\b([kp])f&b\b/gi, (_, stitch) => `${stitch}fb `],
	[/(?<=^|[\s,:;*([])(\d{1,2})([kp])(?=$|[\s,;.*)\]])/gim, (_, many, stitch) => `${stitch}${many}`],
	[/\bsl[ \t]{0,3}1,?[ \t]{0,3}k[ \t]{0,3}1,?[ \t]{0,3}psso\b/gi, (whole) => 'skp'.padEnd(whole.length, PAD)],
	[/\bsl[ \t]{0,3}1,?[ \t]{0,3}k2tog,?[ \t]{0,3}psso\b/gi, (whole) => 'sk2p'.padEnd(whole.length, PAD)],
	[/\b(?:sl|slip)[ \t]{1,3}m\b(?!\d)/gi, (whole) => 'sm'.padEnd(whole.length, PAD)],
	// “Row one:”, “purl three”.
	[
		new RegExp(String.raw`\b((?:rows?|rnds?|rounds?|knit|purl|k|p)[ \t]{1,3})${NUMBER_WORD}\b`, 'gi'),
		(whole, before, word) => inRoom(whole, `${before}${numberIn(word)}`),
	],
	// “• Row 1:”, “- 1st row:”: a list.
	[
		/^([ \t]{0,9})[•·‣▪◦●○–*-](?=[ \t]{1,9}(?:(?:rows?|rnds?|rounds?|r)\.?[ \t]{0,9}\d|\d{1,3}(?:st|nd|rd|th)\b))/gim,
		(_, space) => `${space} `,
	],
	// “1st and 3rd rows:”, “2nd and every alt row:”.
	[
		/^([ \t]{0,9})(\d{1,3}(?:st|nd|rd|th)(?:(?:,| and| &| to|[-–])[ \t]{0,3}\d{1,3}(?:st|nd|rd|th)){0,20})((?: and)? every (?:foll(?:owing|\.)? )?(?:alt(?:ernate|\.)?|other|foll(?:owing|\.)?))?[ \t]{1,3}(rows?|rnds?|rounds?)(?=[ \t]{0,3}(?:\([^()\n]{0,40}\)[ \t]{0,3})?(?::|[-–—→][ \t]))/gim,
		(whole, space, numbers, every, row) =>
			inRoom(whole, `${space}${row} ${numbers.replaceAll(/(\d)(?:st|nd|rd|th)/gi, '$1')}${every}`),
	],
	// “1st row: (right side) p3”.
	[
		/^([^:\n]{1,40}?)[ \t]{0,3}:[ \t]{0,3}\((?:(right)|wrong) side\)/gim,
		(whole, label, right) => inRoom(whole, `${label} (${right ? 'RS' : 'WS'}):`),
	],
	// “Row 1 - p3”, “Row 1 p3”, “Row 1. p3”.
	[
		new RegExp(String.raw`^(${LABEL})[ \t\u00a0]{1,9}[-–—→](?=[ \t]{1,3}[a-z*([])`, 'gim'),
		(whole, label) => inRoom(whole, `${label}:`),
	],
	[
		new RegExp(
			String.raw`^(${LABEL})[ \t.](?=[ \t]{0,3}(?:[kp]\d|[*[(]|sl\b|sl\d|[kp][ \t]|knit\b|purl\b|as\b|[ct]\d))(?![^\n]{0,999}:)`,
			'gim',
		),
		(_, label) => `${label}:`,
	],
	// “rep from * until 2 sts remain”.
	[
		/\buntil[ \t]{1,3}(\d{1,3}|one|two|three)[ \t]{1,3}(sts?|stitch(?:es)?)[ \t]{1,3}(?:remains?|(?:is|are)[ \t]{1,3}left)\b/gi,
		(whole, many, what) => inRoom(whole, `to last ${many} ${what}`),
	],
	// “Repeat 1st-4th rows”, “repeat these two rows”.
	[
		/^([ \t]{0,9}rep(?:eat)?[ \t]{1,3}(?:the[ \t]{1,3})?)(\d{1,3})(?:st|nd|rd|th)([ \t]{0,3}(?:-|–|to|and|&)[ \t]{0,3})(\d{1,3})(?:st|nd|rd|th)[ \t]{1,3}(rows|rnds|rounds)\b/gim,
		(whole, rep, first, to, last, rows) => inRoom(whole, `${rep}${rows} ${first}${to}${last}`),
	],
	[
		new RegExp(String.raw`\b((?:these|last|the)[ \t]{1,3})${NUMBER_WORD}(?=[ \t]{1,3}(?:rows|rnds|rounds)\b)`, 'gi'),
		(whole, before, word) => inRoom(whole, `${before}${numberIn(word)}`),
	],
	[/^([ \t]{0,9})bo(?=[ \t]{1,3}(?:all|rem|in|loosely)\b)/gm, (_, space) => `${space}BO`],
	// “Rows 3-4: rep rows 1-2”: as those.
	[
		/^([ \t]{0,9}(?:rows?|rnds?|rounds?)\b[^:\n]{1,40}:[ \t]{0,9})(rep(?:eat)?)(?=[ \t]{1,3}(?:rows?|rnds?|rounds?)\b)/gim,
		(_, label, rep) => `${label}${'as'.padEnd(rep.length, PAD)}`,
	],
	// “These 6 rows form the pattern.”
	[
		/^([ \t]{0,9})these([ \t]{1,3}\d{1,3}[ \t]{1,3}(?:rows|rnds|rounds))[ \t]{1,3}(?:form|make|set)s?(?: up)?(?: the)? patt(?:ern|\.)?[ \t.]*$/gim,
		(whole, space, rows) => inRoom(whole, `${space}rep these${rows}`),
	],
	// “Knit the knits, purl the purls”: one thing to do, not two.
	[
		/\b(k(?:nit)?s? (?:the )?k(?:nit)?s?(?: sts| stitches)?)(\s{0,9}),(?=\s{0,9}(?:and )?p(?:url)?s? (?:the )?p(?:url)?s?)/gi,
		(_, said, space) => `${said}${space} `,
	],
	// “C6B - sl 3 to cn …”: a glossary line.
	[
		/^([ \t]*[A-Za-z0-9/]{1,12}(?: [A-Z]{1,3})?[ \t]+)[-–—](?=[ \t]+(?:sl|slip|place|move|take|hold|with|k|knit)\b)/gm,
		(_, name) => `${name}:`,
	],
	// “Set-up row (WS):”: the side needs no brackets.
	[
		/^([ \t]*(?:(?!next|following)[a-z-]+(?: up)?[ \t]+(?:row|rnd|round)[ \t]*|(?:set[- ]?up|foundation|preparation)[ \t]+(?:row|rnd|round)[ \t]*\d{1,2}[ \t]*))\((RS|WS)\)(?=[ \t]*:)/gim,
		(_, head, side) => `${head} ${side} `,
	],
	// “Row 1 [RS]:”: brackets of another kind.
	[
		/^([ \t]*(?:rows?|rnds?|rounds?)\.?[ \t]{0,9}[\d ,&-]{1,60})\[(RS|WS)\](?=[ \t]*:)/gim,
		(_, head, side) => `${head}(${side})`,
	],
	// “1. p3”, “1) p3”: rows by their number.
	[/^([ \t]*\d{1,3})[.)](?=[ \t]+\S)/gm, (_, number) => `${number}:`],
	// “*k6, p2*; rep from * to *”, “rep between *s”: the second star says no more than the first.
	[/\*(?=\s{0,9}[;,.]?\s{0,9}rep)/gi, () => ' '],
	[/\b(rep(?:eat)?) between \*s?/gi, (whole, rep) => `${rep} from *`.padEnd(whole.length, PAD)],
	[/\b(rep(?:eat)? from \*) to \*/gi, (whole, rep) => rep.padEnd(whole.length, PAD)],
	[/\b([kp]\d*)-tbl\b/gi, (whole, stitch) => `${stitch} tbl`.padEnd(whole.length, PAD)],
];

/** How many stitches there are, behind a row: `p3. (14 sts)`, `k3. 14 sts.` */
const COUNT_BEHIND =
	/(?<=[.\])a-z\d])([ \t]{0,9}[.,]?[ \t]{0,9}[([][ \t]{0,9}\d{1,4}[ \t]{0,9}(?:sts?|stitches)[ \t]{0,9}[)\]]|[ \t]{0,9}[-–—][ \t]{0,9}\d{1,4}[ \t]{0,9}(?:sts?|stitches)|[ \t]{0,9}\.[ \t]{0,9}\d{1,4}[ \t]{0,9}(?:sts?|stitches))[ \t]{0,9}\.?[ \t]{0,99}$/i;

const HOLDER = String.raw`(?:cn\b|c\.n\.|cable needle\b|(?:spare|extra|aux(?:iliary)?) needle\b|dpn\b|stitch holder\b)`;
const SENTENCE_BEGINS = new RegExp(
	String.raw`\b(?:slip|sl|place|put|transfer)\s{0,3}(?:the\s{1,3})?(?:next\s{1,3})?(?:\d{1,2}|${NUMBER_WORDS.join('|')})\s{1,3}(?:sts?\s{1,3}|stitch(?:es)?\s{1,3})?(?:on|onto|to)\s{1,3}(?:an?\s{1,3}|the\s{1,3})?${HOLDER}`,
	'gi',
);
const SENTENCE_ENDS = new RegExp(String.raw`\bfrom\s{1,3}(?:the\s{1,3})?${HOLDER}`, 'gi');
/** A glossary line is a sentence of its own: `C4F: sl 2 sts to cn …`. */
const GLOSSARY_LINE =
	/^[ \t]{0,9}(?!(?:rows?|rnds?|rounds?|r|next|all|every|set[- ]?up)\b|r?\d{1,3}\s{0,3}[:=(])[^:=\n]{1,40}[:=]/i;

/** Crossings that a row says in a sentence, by their names: `p3, sl 2 sts to cn and hold in front, k2, k2 from cn, p3`. */
function bySentence(line: string, at: number, sentences: Map<number, number>): string {
	if (!/\bfrom\b/i.test(line) || GLOSSARY_LINE.test(line)) return line;
	const begins = [...line.matchAll(SENTENCE_BEGINS)].map((m) => m.index);
	let said = line;
	for (const [i, from] of begins.entries()) {
		const part = line.slice(from, begins[i + 1] ?? line.length);
		const end = [...part.matchAll(SENTENCE_ENDS)].at(-1);
		if (!end) continue;
		const sentence = part.slice(0, end.index + end[0].length);
		const { length } = sentence;
		const read = length <= MAX_SENTENCE_LENGTH ? readSentence(sentence) : undefined;
		const [only, ...more] = read?.ok ? read.value : [];
		const name = only && more.length === 0 ? SCHOOLS.slash.write(only.crossing) : undefined;
		if (!name || name.length + 4 > length) continue;
		sentences.set(at + from, at + from + length);
		// A word that says nothing keeps the end of the sentence in the row.
		said = `${said.slice(0, from)}${name.padEnd(length - 3)}now${said.slice(from + length)}`;
	}
	return said;
}

/** `Row 3: with B, k11`, `Row 3 with B: k11`, `With A, cast on 11 sts`: a row has one yarn, which is said before its
 * stitches. The letter of a yarn is a capital, or it is “a”. */
const WITH_YARN =
	/^([^:\n]{0,60}?(?::[ \t]{0,9}|[ \t]))?((?:[Ww]ith|[Uu]sing|[Ii]n|[Cc]hange to|[Jj]oin)[ \t]{1,3}(?:the[ \t]{1,3})?(?:yarn[ \t]{1,3}|colou?r[ \t]{1,3})?(A|B|MC|CC)\b(?:[ \t]{0,3},|(?=[ \t]{0,3}:)|(?=[ \t]{1,3}(?:cast|knit|purl|k|p|sl|work)\b)))/;

/** As long a text with the yarns taken out of its rows, and where each of them was said. */
function withoutYarns(text: string): Pick<PlainRows, 'text' | 'yarns'> {
	if (!/\b(?:with|using|in|change to|join)\b/i.test(text)) return { text, yarns: [] };
	const yarns: (Span & { colour: 'A' | 'B' })[] = [];
	let at = 0;
	const lines = text.split('\n').map((line) => {
		const start = at;
		at += line.length + 1;
		const [whole, before = '', said = '', yarn = ''] = WITH_YARN.exec(line) ?? [];
		if (whole === undefined) return line;
		const from = start + before.length;
		yarns.push({ from, to: from + said.length, colour: yarn === 'A' || yarn === 'MC' ? 'A' : 'B' });
		return before + ' '.repeat(said.length) + line.slice(whole.length);
	});
	return { text: lines.join('\n'), yarns };
}

export function plainly(whole: string): PlainRows {
	const past: Span[] = [];
	const counts: (Span & { stitches: number })[] = [];
	let castOn: PlainRows['castOn'];
	const sentences = new Map<number, number>();
	const { text: plain, yarns } = withoutYarns(whole);
	let text = plain;
	for (const [from, to] of WAYS)
		text = text.replace(from, (...found) =>
			to(...found.slice(0, -2).map((f: unknown) => (typeof f === 'string' ? f : ''))),
		);
	let at = 0;
	const lines = text.split('\n').map((typed) => {
		const from = at;
		at += typed.length + 1;
		const line = bySentence(typed, from, sentences);
		const end = line.endsWith('\r') ? line.length - 1 : line.length;
		const said = line.slice(0, end);
		if (
			(ABOUT.test(said) || TITLE_WITH_CAST_ON.test(said)) &&
			!NOTE_THAT_WORKS.test(said) &&
			!/\b[kp]\d/i.test(said.slice(said.indexOf(':') + 1 || said.length))
		) {
			past.push({ from, to: from + end });
			const on = /\bcast(?:ing)?[- ]on\s+(\d{1,4})\b/i.exec(said);
			if (on) castOn = { stitches: Number(on[1]), from, to: from + end };
			return `#${line.slice(1, end).replaceAll(/\S/g, ' ')}${line.slice(end)}`.padEnd(line.length);
		}
		const count = /[:,]|^\s*(?:k|p)/i.test(said) ? COUNT_BEHIND.exec(said) : null;
		if (!count) return line;
		counts.push({ stitches: Number(/\d+/.exec(count[0])?.[0]), from: from + count.index, to: from + end });
		return said.slice(0, count.index).padEnd(end) + line.slice(end);
	});
	return { text: lines.join('\n'), past, counts, sentences, yarns, ...(castOn ? { castOn } : {}) };
}
