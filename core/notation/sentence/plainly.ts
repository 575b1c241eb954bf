/**
 * A sentence in the words that the grammar knows. What people write in many ways is put in one of them here,
 * each way one line of a table; what is read past, such as a name before the sentence or a remark behind it,
 * is listed and not dropped. Every sign keeps its place in what was typed.
 */

import type { Span } from '../../result.ts';

export interface PlainSentence {
	readonly text: string;
	/** Where each sign of it stands in what was typed; one more than there are signs. */
	readonly at: readonly number[];
	/** Parts that say nothing to do: names, sizes, remarks. */
	readonly past: readonly Span[];
	/** Every stitch is worked through its back loop, as the end of the sentence says. */
	readonly isTwisted: boolean;
}

type Rewriting = readonly [from: RegExp, to: string | ((...groups: string[]) => string)];

/** Longer ways first: what one line makes, a later one may read. */
const WAYS: readonly Rewriting[] = [
	// Names of the holder.
	[/\bc\.\s*n\.?/gi, 'cn'],
	[/\bcn\s+#?([ab12])\b(?!\s*st)/gi, (_, which) => (/[a1]/i.test(which) ? 'cn1' : 'cn2')],
	[
		/\b(?:aux|auxiliary|extra|spare|short|double[- ]pointed)\s+(?:double[- ]pointed\s+)?(?:needle|ndl|dpn|prong|tool)\b/gi,
		'cn',
	],
	[/\b(?:safety|cable|stitch)\s+(?:pin|holder)\b|\bpin\b/gi, 'cn'],
	[/\bndls?\b/gi, 'needle'],
	[/\b(front|back) cn\b/gi, (_, side) => `cn in ${side}`],
	// How the needle goes in.
	[/\b([pk])-?\s?wise\b/gi, (_, how) => `${how}wise`],
	[/\b(?:in|into|through) (?:the )?back of (?:the )?(?:loop|st|stitch|sts|stitches)\b/gi, 'tbl'],
	[/(?<=\b(?:k|p|knit|purl)\s?\d*\s+)(?:in|into|through) (?:the )?back of (?=(?:the )?next\b)/gi, 'tbl '],
	// “The 3rd and 4th sts”: two of them, from the 3rd on.
	[
		/\b(?:the )?(\d)(?:st|nd|rd|th)(?:\s*(?:and|&|,)\s*(?:the )?(\d)(?:st|nd|rd|th))+(?=\s+(?:sts|stitches)\b)/gi,
		(whole, first, last) => {
			const named = [...whole.matchAll(/\d/g)].map(Number);
			const inTurn = named.every((n, i) => n === Number(first) + i);
			return inTurn ? `${Number(last) - Number(first) + 1} ${first}th` : whole;
		},
	],
	[
		/\b(?:in|into) (?:the )?back\b(?=\s*(?:,|;|\.|$|and\b|then\b))(?<=\b[kp]\s?\d*\s+(?:in|into)\s+(?:the\s+)?back)/gi,
		'tbl',
	],
	[
		/\bback loops?\b(?<!into the back loops?|in the back loops?|through the back loops?|through back loops?|into back loops?)/gi,
		'tbl',
	],
	// Where it hangs.
	[/\bbetween the first cn and (?:the )?(?:work|needles?)\b/gi, 'in front of first cn'],
	[/\b(to|in) the (front|back) between (?:the )?needles\b/gi, (_, to, side) => `${to} the ${side}`],
	[/\bof (?:the |your )?(?:fabric|knitting)\b/gi, 'of work'],
	[/^(\s*)with (?:the )?cn (?:in|at) (?:the )?(front|back)\b/gi, (_, space, side) => `${space}hold cn in ${side}`],
	[/(?<=\bcn\b.*)\bto it\b/gi, 'to cn'],
	[
		/\bplace\s+(\d+|\w+)\s+(sts?|stitch(?:es)?)\s+on hold\b/gi,
		(_, many, what) => `slip ${many} ${what} to cn and hold`,
	],
	// Units of brioche, a stitch with its yarn-over, and pairs of two layers: each is one column, and is worked as one.
	[/\b(?:br[kp]\s?1)\s*,?\s*(?:and\s+)?sl\s?1\s?yof?(?=\s+from\b)/gi, '[k1, k1]'],
	[/\bbr[kp]\s?(\d+)\b/gi, (_, many) => `k${many}`],
	[/\b(?:yf\s?)?sl\s?1\s?yof?\b/gi, 'k1'],
	[/\bwork (\d+) (pairs?|units?)\b/gi, (_, many, what) => `k${many} ${what}`],
	// What is taken to the holder, and from it.
	[/\b(?:take|pass|remove)\s+(?=(?:the |next )*(?:\d+|one|two|three|four|five|six)\b)/gi, 'slip '],
	[/^(\s*)(?=\d+ sts?\b[^,;.]*\bcn\b)/i, (_, space) => `${space}slip `],
	[/^(\s*)cn (\d+) sts? (front|back)\b/i, (_, space, many, side) => `${space}slip ${many} to cn and hold in ${side}`],
	[/\b([kp])\s?(\d+) cn\b/gi, (_, verb, many) => `${verb}${many} from cn`],
	[/\b(?:the )?(\d+ )?held (sts|stitches)\b(?! from)/gi, (_, many, what) => `${many}${what} from cn`],
	[/\bheld (sts|stitches)\b(?= from)/gi, (_, what) => what],
	[/\breturn (\d* ?)(sts|stitches) from cn\b/gi, (_, many, what) => `return ${many}${what}`],
	[/\bfrom (?:the )?other end of (?:the )?cn\b/gi, 'leftmost from cn'],
	[/\bright-?\s?most\b/gi, 'rightmost'],
	// "from cn: k1, p1", "(from cn) k1, p1", "k1 then p1 from cn": where the list comes from, said of all of it.
	[
		/[(,;]?\s*from (?:the )?cn\s*[:)]\s*([kp]\s?\d+)((?:\s*,?\s*[kp]\s?\d+)*)/gi,
		(_, first, rest) => `, [${first}${rest}] from cn`,
	],
	[
		/(?<=[,;.]\s*)([kp]\s?\d+)\s+(?:then |and )?([kp]\s?\d+) from (?:the )?cn\b/gi,
		(_, one, two) => `[${one}, ${two}] from cn`,
	],
	// The yarn is brought by itself where each stitch needs it.
	[
		/\b(?:bring|move|take|with) (?:the )?yarn (?:to|in|at) (?:the )?(?:front|back|fwd)(?: of (?:the )?work)?\s*,?/gi,
		'',
	],
	// Words that only lead on.
	[/\b(?:the )?following\b/gi, 'next'],
	[/\bnow\b/gi, ''],
	[/\bthat (?:are|is) on\b/gi, 'from'],
	[/\busing (?:two|2) cns?\s*,?/gi, ''],
];

const OFF = String.raw`\s*,?\s*(?:and\s+)?(?:sl|slip|drop|let)\s+(?:both|all)(?:\s+(?:sts|stitches))?(?:\s+off)?(?:\s+(?:the\s+)?(?:left\s+|LH\s+)?needle)?(?:\s+together)?\s*\.?\s*$`;
const ST = String.raw`(?:\s+(?:st|stitch)\b)?`;
/** A stitch further on is worked before those next to the tip, and all old loops go off together. */
const FURTHER = new RegExp(
	String.raw`^\s*(?:skip\s+(?:the\s+)?(?<skip>\d+|one|two|three|first|1st)(?:\s+(?:sts?|stitch(?:es)?))?\s*(?:,|and|then)?\s*)?(?:k|knit)(?:\s+into)?(?:\s+(?:the\s+)?(?<leg>front|back)\s+of)?(?:\s+the)?\s+(?<nth>2nd|second|3rd|third|next)${ST}(?:\s+on\s+(?:the\s+)?(?:(?:LH|left)(?:[- ]hand)?\s+)?needle)?(?:\s+(?:in\s+front\s+of|(?<past>behind))\s+(?:the\s+)?(?:first|1st|skipped)${ST})?(?<how>\s+(?:through\s+(?:the\s+)?(?:front|back)(?:\s+(?:loop|leg))?|tbl))?(?<behind>\s+from\s+behind)?(?:\s*,?\s*(?:and\s+)?(?:leave|keep)\s+(?:it\s+)?on\s+(?:the\s+)?(?:left\s+)?needle)?\s*(?:,\s*(?:and\s+)?(?:then\s+)?|(?:and\s+)?then\s+)(?:(?:k|knit)\s+)?(?:(?:into\s+)?(?:the\s+)?(?:front\s+of\s+)?)(?:the\s+)?(?:first|1st|skipped)${ST}(?:s|\s+and\s+(?:2nd|second)${ST}|\s+sts)?(?:${OFF}|\s*\.?\s*$)`,
	'i',
);

/**
 * Sentences without a needle, said with one: what hangs loose, or waits on the needle, is what a holder would
 * hold on that side. The moves that are run make the same fabric.
 */
function withoutNeedle(text: string): string | undefined {
	const further = FURTHER.exec(text)?.groups;
	if (further) {
		const { skip, leg, nth = '', how = '', behind, past } = further;
		const third = /3rd|third/i.test(nth) ? 2 : 1;
		const waits = skip ? (NUMBERS[skip.toLowerCase()] ?? Number.parseInt(skip, 10)) : third;
		if (skip && /\d|second|third/i.test(nth) && waits !== third) return undefined;
		const isBehind =
			leg?.toLowerCase() === 'back' || /back|tbl/i.test(how) || behind !== undefined || past !== undefined;
		// From behind the needle goes in at the back loop, unless the front one is named.
		const isTwisted = isBehind && leg?.toLowerCase() !== 'front' && !/front/i.test(how);
		return `sl ${waits} to cn, hold in ${isBehind ? 'front' : 'back'}, k1${isTwisted ? ' tbl' : ''}, k${waits} from cn`;
	}
	const dropped =
		/^\s*(?:drop|let|slip|sl)\s+(?:the\s+)?(next|\d+)\s+sts?(?:\s+off(?:\s+(?:the\s+)?(?:left(?:[- ]hand)?\s+)?needle)?)?\s+(?:to|(?:and\s+)?(?:leave|let)\s+(?:(?:it|them)\s+)?hang(?:ing)?\s+(?:in|at))\s+(?:the\s+)?(front|back)(?:\s+of\s+(?:the\s+)?work)?\s*,\s*(.*)$/i.exec(
			text,
		);
	if (dropped) {
		const [, count, side, rest = ''] = dropped;
		const many = count === 'next' ? 1 : Number(count);
		const hold = `sl ${many} to cn, hold in ${side}`;
		const placed =
			/^(.*?),?\s*(?:and\s+)?pick\s+(?:it|them)\s+up\s*(?:,|and|,\s*and)\s*(k|knit|p|purl)\s+(?:it|them)\s*\.?\s*$/i.exec(
				rest,
			) ??
			/^(.*?),?\s*(?:and\s+)?(?:place|replace|put|pick up|return)\s+(?:the\s+)?(?:\d+\s+)?dropped\s+sts?\s+(?:back\s+)?(?:on|onto|to)\s+(?:the\s+)?left(?:[- ]hand)?\s+needle\s*,?\s*(?:and\s+)?(k|knit|p|purl)\s+(?:it|them)\s*\.?\s*$/i.exec(
				rest,
			);
		if (placed) return `${hold}, ${placed[1]}, ${placed[2]![0]}${many} from cn`;
		const picked =
			/^(?:sl|slip)\s+(\d+)(?:\s+sts)?\s+to\s+(?:the\s+)?(?:RH|right)(?:[- ]hand)?\s+needle\s*,\s*pick\s+up\s+(?:the\s+)?dropped\s+sts?\s+with\s+(?:the\s+)?left(?:[- ]hand)?\s+needle\s*,\s*return\s+(\d+)\s+sts\s+to\s+(?:the\s+)?left(?:[- ]hand)?\s+needle\s*,\s*(?:k|knit)\s?(\d+)\s*\.?\s*$/i.exec(
				rest,
			);
		if (picked && picked[1] === picked[2] && Number(picked[3]) === Number(picked[1]) + many)
			return `${hold}, k${picked[1]}, k${many} from cn`;
		return undefined;
	}
	const swapped =
		/^\s*(?:sl|slip)\s+(\d+)\s+sts\s+to\s+(?:the\s+)?right\s+needle\s*,\s*insert\s+(?:the\s+)?left\s+needle\s+into\s+(?:the\s+)?(front|back)\s+of\s+(?:the\s+)?first\s+(\d+)\s+slipped\s+sts\s*,\s*pull\s+out\s+(?:the\s+)?right\s+needle\s+and\s+catch\s+(?:the\s+)?loose\s+sts\s*,\s*return\s+to\s+(?:the\s+)?left\s+needle\s*,\s*k\s?(\d+)\s*\.?\s*$/i.exec(
			text,
		);
	if (swapped && swapped[1] === swapped[4] && Number(swapped[3]) < Number(swapped[1])) {
		const rest = Number(swapped[1]) - Number(swapped[3]);
		return `sl ${swapped[3]} to cn, hold in ${swapped[2]}, k${rest}, k${swapped[3]} from cn`;
	}
	return undefined;
}

const NUMBERS: Readonly<Record<string, number>> = {
	one: 1,
	first: 1,
	twice: 2,
	thrice: 3,
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
};
/** A list in brackets that is worked so many times; more than that no crossing needs. */
const REPEATED =
	/[([]([^()[\]]{1,80})[)\]]\s*(?:(twice|thrice)|[x×]\s?(\d{1,2})\b|(\d{1,2}|two|three|four|five|six)\s*(?:times|x)\b)/gi;
const MOST_TIMES = 20;

/** Verbs and holders: a part with one of these is something to do. */
const DOES =
	/\b(?:sl|slip\w*|slid\w+|place|put|transfer|move|hold\w*|held|keep|let|leave|hang|k|p|k\d+|p\d+|knit\w*|purl\w*|return|replace|bring|swing|take|pass|drop\w*|skip\w*|work (?!ed)|cn\d?)\b/i;

/** Words of a remark that changes nothing that hands do. What has any other word is no remark, and is not read past. */
const REMARK =
	/^(?:[\s.,;\u2013-]|\d+|sts?\b|stitch(?:es)?\b|cables?\b|cross(?:es|ing|ed)?\b|twist\b|rope\b|leans?\b|leaning\b|slants?\b|to\b|the\b|right\b|left\b|[rl]p?[ct]\b|over\b|is\b|this\b|it\b|made\b|done\b|in\b|all\b)*$/i;

/** Words that a crossing is called by, in front of its sentence. */
const CALLED = new Set(
	'cable cables cross crosses crossed crossing twist twisted right left front back purl knit over slant slanting lean leaning leans worked st sts stitch stitches rope braid plait center centre middle travelling traveling forward backward background bg single double tbl and or the of with row rows'.split(
		' ',
	),
);
/** Whether what stands before a sentence only calls it something: `Cr3R`, `Left cross (LC)`, `Cable 6 back`. */
const isHead = (head: string): boolean =>
	(!/\bover\b/i.test(head) || /^(?:worked )?over (?:the )?(?:next )?\d+ \S+$|^[^a-z]*\d+ over/i.test(head)) &&
	[...head.matchAll(/[\p{L}\p{N}]+/gu)].every(
		([w]) =>
			CALLED.has(w.toLowerCase()) ||
			(/\d/.test(w) && !/tog$/i.test(w)) ||
			(/^(?!MB$)[A-Z][A-Za-z]{0,4}$/.test(w) && /[A-Z].*[A-Z]|^[A-Z]$/.test(w)) ||
			/^(?!kfb|pfb)[rlcfbtpk]{1,3}$/i.test(w),
	);

class Text {
	text: string;
	at: number[];

	constructor(text: string) {
		this.text = text;
		this.at = [];
		for (let i = 0; i <= text.length; i += 1) this.at.push(i);
	}

	/** Puts other words in a place; all of them stand where the old ones stood. */
	put(from: number, to: number, words: string): void {
		const start = this.at[from]!;
		const places = Array.from({ length: words.length }, (_, i) => Math.min(start + i, this.at[to] ?? start));
		this.text = this.text.slice(0, from) + words + this.text.slice(to);
		this.at = [...this.at.slice(0, from), ...places, ...this.at.slice(to)];
	}

	replace(from: RegExp, to: Rewriting[1]): void {
		if (this.text.search(from) === -1) return;
		// From the end, so that the places of what comes before stay.
		for (const m of [...this.text.matchAll(global(from))].reverse()) {
			const words = typeof to === 'string' ? to : to(m[0], ...m.slice(1).map((g) => g ?? ''));
			this.put(m.index, m.index + m[0].length, words);
		}
	}
}

const global = (from: RegExp): RegExp => (from.flags.includes('g') ? from : new RegExp(from.source, `${from.flags}g`));

export function plainly(typed: string): PlainSentence {
	const now = new Text(typed);
	const past: Span[] = [];
	const leave = (from: number, to: number): void => {
		past.push({ from: now.at[from]!, to: now.at[to]! });
		now.put(from, to, ' '.repeat(to - from));
	};
	// A name, or for how many it is, before the sentence.
	const head =
		/^\s*([^:=]{1,60}?)\s*[:=]\s*(?=\S)/.exec(now.text) ??
		/^\s*([A-Za-z]{0,4}\d\S*(?:\s+[A-Z]{1,4})?)\s+[-–—]\s+(?=\S)/.exec(now.text);
	if (head && !DOES.test(head[1]!) && isHead(head[1]!)) leave(0, head[0].length);
	const over = /^\s*(?:worked )?over (?:the )?(?:next )?\d+ (?:sts?|stitch(?:es)?)\s*[,:]/i.exec(now.text);
	if (over) leave(0, over[0].length);
	// Remarks in brackets, and sentences behind it in which nothing is done.
	for (const m of [...now.text.matchAll(/[([]([^()[\]]*)[)\]]/g)].reverse()) {
		if (/[a-z]{2}/i.test(m[1]!) && REMARK.test(m[1]!)) leave(m.index, m.index + m[0].length);
	}
	const tail = /(?<=[a-z)]\s*[.;]\s+)[A-Za-z][^.;]*\.?\s*$/.exec(now.text);
	if (tail && REMARK.test(tail[0])) leave(tail.index, now.text.length);
	// “…, both through the back loops”: said of all that was worked.
	const twisted = /,?\s*\b(?:all|both)(?:\s+(?:sts|stitches))?\s+through\s+(?:the\s+)?back\s+loops?\s*\.?\s*$/i.exec(
		now.text,
	);
	if (twisted) now.put(twisted.index, now.text.length, '');
	for (const m of [...now.text.matchAll(REPEATED)].reverse()) {
		const times = NUMBERS[(m[2] ?? m[4] ?? '').toLowerCase()] ?? Number(m[3] ?? m[4]);
		if (times >= 1 && times <= MOST_TIMES)
			now.put(m.index, m.index + m[0].length, `[${Array(times).fill(m[1]!).join(', ')}]`);
	}
	const said = withoutNeedle(now.text);
	if (said !== undefined) now.put(0, now.text.length, said);
	// A pair of two layers is knit and purled, and is one column.
	if (/\bpairs?\b/i.test(now.text)) now.replace(/\bk\s?1\s*,\s*p\s?1\b/gi, 'k1');
	for (const [from, to] of WAYS) now.replace(from, to);
	return { text: now.text, at: now.at, past, isTwisted: twisted !== null };
}
