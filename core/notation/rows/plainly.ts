/**
 * The text of rows with each sign in its place, and what people write in many ways put in the one that the grammar
 * knows. Lines that are no instructions, and sizes behind a row, are read past and listed.
 */

import type { Span } from '../../result.ts';

export interface Plainly {
	readonly text: string;
	readonly past: readonly Span[];
	/** How many stitches there are behind a row, by what the text says. */
	readonly counts: readonly (Span & { readonly stitches: number })[];
	/** Stitches that a line casts on which says more than that. */
	readonly castOn?: Span & { readonly stitches: number };
}

/** Lines about the piece and what it is made with, and not about a row. */
const ABOUT =
	/^[ \t]*(?:multiples? of|panel of|worked over|pattern|materials?|yarn|needles?|gauge|tension|size|sizes|finished|measurements?|notes?|abbreviations?|key|using|with (?:the )?(?:main|contrast|yarn|colou?r))\b/i;

/** Signs changed where they stand: as many as there were. Each line is one way of writing. */
const WAYS: readonly (readonly [RegExp, (...groups: string[]) => string])[] = [
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
		/^([ \t]*(?!next|following)[a-z-]+(?: up)?[ \t]+(?:row|rnd|round)[ \t]*)\((RS|WS)\)(?=[ \t]*:)/gim,
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
	[/\b(rep(?:eat)?) between \*s?/gi, (whole, rep) => `${rep} from *`.padEnd(whole.length)],
	[/\b(rep(?:eat)? from \*) to \*/gi, (whole, rep) => rep.padEnd(whole.length)],
	[/\b([kp]\d*)-tbl\b/gi, (whole, stitch) => `${stitch} tbl`.padEnd(whole.length)],
];

/** How many stitches there are, behind a row: `p3. (14 sts)`, `k3. 14 sts.` */
const COUNT_BEHIND =
	/(?<=[.\])a-z\d])([ \t]{0,9}[.,]?[ \t]{0,9}\([ \t]{0,9}\d{1,4}[ \t]{0,9}(?:sts?|stitches)[ \t]{0,9}\)|[ \t]{0,9}\.[ \t]{0,9}\d{1,4}[ \t]{0,9}(?:sts?|stitches))[ \t]{0,9}\.?[ \t]{0,99}$/i;

export function plainly(whole: string): Plainly {
	const past: Span[] = [];
	const counts: (Span & { stitches: number })[] = [];
	let castOn: Plainly['castOn'];
	let text = whole;
	for (const [from, to] of WAYS)
		text = text.replace(from, (...found) => to(...found.filter((f): f is string => typeof f === 'string')));
	let at = 0;
	const lines = text.split('\n').map((line) => {
		const from = at;
		at += line.length + 1;
		const end = line.endsWith('\r') ? line.length - 1 : line.length;
		const said = line.slice(0, end);
		if (ABOUT.test(said) && !/\b[kp]\d/i.test(said.slice(said.indexOf(':') + 1 || said.length))) {
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
	return { text: lines.join('\n'), past, counts, ...(castOn ? { castOn } : {}) };
}
