import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkCase } from '../../../scripts/lib/vector-cases.ts';
import { asThreeGroups, canonical, type Crossing, equal, twoGroups, WORKS } from '../../crossing/index.ts';
import { prove } from '../../handling/index.ts';
import { anyCrossing, everyThreeGroups, everyTwoGroups } from '../../test/arbitraries.ts';
import { named, turnedRound } from '../../test/made.ts';
import { MAX_SENTENCE_LENGTH, readSentence, SENTENCE_FILLERS, sentenceFor } from './index.ts';

const only = (text: string): Crossing => {
	const read = readSentence(text);
	if (!read.ok) throw new Error(`${text}: ${read.problems[0]!.what}`);
	expect(read.value.length, text).toBe(1);
	return read.value[0]!.crossing;
};
const OPPOSITES: Readonly<Record<string, string>> = {
	front: 'back',
	back: 'front',
	behind: 'in front',
	forward: 'back',
	knit: 'purl',
	purl: 'knit',
	k: 'p',
	p: 'k',
	left: 'right',
	right: 'left',
	first: 'second',
	second: '3rd',
	one: 'two',
	two: 'three',
	three: 'four',
	leftmost: 'rightmost',
	'left-most': 'right-most',
	purlwise: 'knitwise',
	'p-wise': 'k-wise',
	tbl: 'through front loop',
};
const fault = (text: string): { code: string; what: string; at: string | undefined } => {
	const read = readSentence(text);
	if (read.ok) throw new Error(`${text} was read`);
	const { code, what, at } = read.problems[0]!;
	return { code, what, at: at && text.slice(at.from, at.to) };
};

describe('a glossary sentence', () => {
	it('agrees with every known answer', () => {
		const cases: unknown[] = JSON.parse(
			readFileSync(new URL('../../test/vectors/glossary.json', import.meta.url), 'utf8'),
		);
		expect(cases.length).toBe(14);
		expect(cases.map((c, i) => checkCase(c, i)).filter((v) => v.why !== undefined)).toEqual([]);
	});

	it('uses every word that it reads: without it, or with its opposite, it means something else or is not read', () => {
		const written = JSON.parse(
			readFileSync(new URL('../../test/vectors/written-sentences.json', import.meta.url), 'utf8'),
		) as { text: string }[];
		const meant = (text: string): string => {
			const read = readSentence(text);
			return read.ok ? read.value.map((r) => canonical(r.crossing)).join() : '';
		};
		const opposite = (word: string): string =>
			OPPOSITES[word.toLowerCase()] ?? word.replace(/\d+/, (n) => String(Number(n) + 1));
		let looked = 0;
		const idle: string[] = [];
		for (const { text } of written) {
			const read = readSentence(text);
			const past = read.ok ? (read.value[0]!.past ?? []) : [];
			for (const m of read.ok ? text.matchAll(/[\p{L}\p{N}'/-]+/gu) : []) {
				const isPast = past.some((p) => m.index >= p.from && m.index < p.to);
				if (isPast || SENTENCE_FILLERS.includes(m[0].toLowerCase())) continue;
				looked += 1;
				const put = (word: string): string => text.slice(0, m.index) + word + text.slice(m.index + m[0].length);
				if ([put(''), put(opposite(m[0]))].every((other) => meant(other) === meant(text)))
					idle.push(`${m[0]}: ${text}`);
			}
		}
		expect(idle).toEqual([]);
		expect(looked).toBeGreaterThan(500);
	});

	it.each([
		['sl 2 from right needle to cn, hold in front, k2, k2 from cn', 'Only the next stitches of the left needle'],
		['sl the second 2 sts to cn, hold in front, k2, k2 from cn', 'Only the next stitches of the left needle'],
		['sl 2 to cn, hold in front, k2, return held sts to right needle, k2', 'go back to the left needle'],
		['sl 2 to cn, hold in front, k2, k second st from cn, k1 from cn', 'Stitch 2 is not the next one'],
		['sl 2 to cn, hold in front, k the 2nd st, k2 from cn', 'Stitch 2 is not the next one'],
		['sl 2 to cn, hold in front, k2, k2 from back cn', 'The cable needle is in front.'],
		['sl 2 to cn, hold in front of right needle, k2, k2 from cn', 'The held stitches are at the left needle.'],
	])('does not read past a word that says where: %s', (text, what) => {
		expect(fault(text).what).toContain(what);
	});

	it.each([
		['2/1 LPC', 'sl 2 sts to cn and hold in front, p1, k2 from cn'],
		[
			'2/1 LPC',
			'Slip the next two stitches onto a cable needle and leave at front of work. Purl 1, then knit the stitches from the cable needle.',
		],
		['2/1 LPC', 'place 2 on holder, hold in front of work; p the next st; k2 off holder'],
		['2/1 LPC', 'sl next 2 sts purlwise to cn held in front, p1 from left-hand needle, from the cn k2'],
		['2/1 LPC', 'SL2 TO CN HOLD IN FRONT P1 K2 FROM CN'],
		['2/1 LPC', 'sl 2 to cn, hold front; p1 & k them from cn'],
		['2/1 RPC', 'sl 1 st to cn, hold behind work, k2, p the st from cn'],
		['2/1 RPC', 'with cn held in back, sl 1 to cn, k2, p1 from cn'],
		['2/2 RC', 'transfer 2 sts to a cable needle at the back, knit two, return the sts from cn to LN and knit them'],
		['2/2 RC', 'put 2 sts on cn in back, k2, slip the stitches from the cn back to the left hand needle, k2'],
		['1/1 LPC tbl', 'sl 1 to cn, hold in front, p1, k1 through the back loop from cn'],
		['2/2 RC', 'sl 2 wyib to cn, hold in back, k2, knit the sts on cn'],
		['2/2 LC', 'with cn held in front slip 2, k2, then k1, k1 from cn'],
		['2/1 LPC', 'sl 2 to cn and hold in front; then p1, k2 from cn'],
		['2/2 RC', 'sl 2 to cn, in back, k2, k2 from cn'],
		// "back on" says where it hangs; "back onto the left needle" says where stitches go.
		['2/2 RC', 'hold 2 sts in back on cn, k2, k2 from cn'],
		['2/2 LC', 'hold 2 sts in front on cn, k2, k2 from cn'],
		['2/2 RC', 'sl 2 to cn, hold in back, k2, slip the sts from cn back onto the left needle, k2'],
		['2/2 LC', 'slip 2 onto cn as to purl, hold in front, k2, k2 from cn'],
		['2/2 LC', 'slip 2 onto cn as if to purl, hold in front, k2, k2 from cn'],
		['1/1 LC', 'sl 1 to cn, hold in front, k1 through front leg, k1 from cn through the front loop'],
		['1/1 LPC tbl', 'sl 1 to cn, hold in front, p1, k1 from cn into the back loop'],
		[
			'2/2/2 RC, centre behind',
			'sl 2 to first cn and hold in back, sl 2 to second cn and hold in back, behind the first, k2, k2 from second cn, k2 from first cn',
		],
		['2/1 RPC', 'sl 1 to cn, hold in back, (k1, k1), p1 from cn'],
		['1/2 LC', 'sl 1 to cn, hold in front, [k1, k1] then (k1) from cn'],
		['2/2 RPC', 'sl 2 to cn, hold in back, k2, (p1, p1) from cn'],
		[
			'2/1/2 LPC, centre behind',
			'sl 2 to cn1 and hold in front, sl 1 to cn2 and hold in back, k2, p1 from cn2, k2 from cn1',
		],
		[
			'2/1/2 RPC, centre between',
			'sl 3 to cn, hold at back, k2, sl purl st from cn back to left needle, p1, k2 from cn',
		],
		[
			'2/2/2 LC, centre between',
			'sl 4 to cn, hold in front, k2, slip last 2 sts from cn back to left needle, k2, k2 from cn',
		],
		[
			'2/1/2 LPC, centre between',
			'sl 3 sts to cn and hold in front, k2, return the purl st from cn to left needle, p1, k2 from cn',
		],
		[
			'2/1/2 RPC, centre behind',
			'sl 3 to cn, hold in back, k2, sl the left-most st back to left needle, move cn to front, p1, k2 from cn',
		],
		[
			'2/2/2 LC, centre behind',
			'sl 2 to 1st cn, hold in front, sl 2 to 2nd cn, hold in back, k2, k2 from 2nd cn, k2 from 1st cn',
		],
	])('for %s is read as it is usually put: %s', (name, text) => {
		expect(canonical(only(text))).toBe(canonical(named(name)));
	});

	it('turned knitwise on its way comes out twisted', () => {
		const turned = only('sl 2 sts knitwise to cn, hold in front, k2, k2 from cn');
		expect(turned).toEqual(twoGroups({ front: 2, behind: 2, lean: 'left', frontWork: 'ktbl' }));
	});

	it('that two cable needles on one side can be meant by gives both crossings, and says what decides', () => {
		const open = readSentence(
			'sl 1 to first cn, hold in back, sl 1 to second cn, hold in back, k1, k1 from second cn, k1 from first cn',
		);
		expect(open.ok && open.value.map((r) => [asThreeGroups(r.crossing)?.lies, r.differs])).toEqual([
			['behind', 'the second cable needle is behind the first'],
			['between', 'the second cable needle is nearer you than the first'],
		]);
		for (const [where, lies] of [
			['in front of', 'between'],
			['behind', 'behind'],
		] as const) {
			const said = only(
				`sl 1 to first cn, hold in back, sl 1 to second cn, hold ${where} the first cn, k1, k1 from second cn, k1 from first cn`,
			);
			expect(asThreeGroups(said)?.lies).toBe(lies);
		}
	});

	it('without a side for its cable needle may lean either way', () => {
		const open = readSentence('sl 2 sts to cn, k2, k2 from cn');
		expect(open.ok && open.value.map((r) => [canonical(r.crossing), r.differs])).toEqual([
			[canonical(named('2/2 LC')), 'the cable needle is in front'],
			[canonical(named('2/2 RC')), 'the cable needle is at the back'],
		]);
	});

	it.each([
		['sl 2 to cn and hold in back, k2', 'sentence', '2 stitches are left on the cable needle.'],
		['sl 3 to cn, hold in back, k2, k2 from cn', 'sentence', '1 stitch is left on the cable needle.'],
		['k2 from cn', 'sentence', 'No stitches are on a cable needle here.'],
		[
			'sl 2 to cn, hold in front, k2, k3 from cn',
			'sentence',
			'The cable needle has 2 stitches, and you work 3 stitches from it.',
		],
		[
			'sl 2 to cn, hold in front, k2, return sts from cn to left needle, p1',
			'sentence',
			'1 stitch is put back on the left needle and not worked.',
		],
		[
			'sl 2 to cn, hold in front, k2, k2 from second cn',
			'sentence',
			'There is nothing on the second cable needle here.',
		],
		[
			'sl 2 to first cn, hold in front, sl 2 to second cn, hold in back, k2, k2 from cn',
			'sentence',
			'There are two cable needles, and this does not say which one.',
		],
		['sl sts to cn, hold in front, k2, k2 from cn', 'sentence', 'There are'],
		['k2, p2', 'nothing-crosses', 'Every stitch keeps its place, so nothing crosses.'],
		[
			'sl 40 to cn, hold in front, k40, k40 from cn',
			'sentence',
			'That is 80 stitches, more than the 60 that can be run.',
		],
		['sl 2 to cn, wiggle it, k2, k2 from cn', 'unknown-word', '“wiggle” is not a word we know in a sentence.'],
		['', 'empty', 'The sentence has no moves.'],
		['cn cn front', 'empty', 'The sentence has no moves.'],
	])('that cannot be done says what is wrong: %s', (text, code, what) => {
		if (what === 'There are') {
			// One stitch is meant when no number is said; then the counts do not come out.
			expect(readSentence(text).ok).toBe(false);
			return;
		}
		expect(fault(text)).toMatchObject({ code, what });
	});

	it('marks the place of the fault', () => {
		expect(fault('sl 2 to cn, hold in front, k2, k3 from cn').at).toBe('k3 from cn');
		expect(fault('sl 2 to cn, wiggle it, k2').at).toBe('wiggle');
		expect(fault('sl 2 to cn 🧶, k2').at).toBe('🧶');
	});

	it('is proved: its moves make exactly the crossing that is given for it', () => {
		for (const { crossing } of everyThreeGroups(2)) {
			const read = readSentence(sentenceFor(crossing)!);
			expect(read.ok && prove(crossing, read.value[0]!.trace).ok).toBe(true);
		}
	});

	it('never throws and never gives an invalid crossing, whatever is pasted', () => {
		const words =
			'sl 2 sts to cn and hold in front back , ; . k2 p1 k p from the first second left needle return bring it them all tbl 0 99 999999999999 of behind most - ( ) wool \u0000 🧶'.split(
				' ',
			);
		const texts = fc.oneof(
			fc.array(fc.constantFrom(...words), { maxLength: 30 }).map((w) => w.join(' ')),
			fc.string({ unit: 'binary', maxLength: 200 }),
		);
		fc.assert(
			fc.property(texts, (text) => {
				const read = readSentence(text);
				if (!read.ok) expect(read.problems.length).toBeGreaterThan(0);
				for (const r of read.ok ? read.value : []) expect(prove(r.crossing, r.trace).ok).toBe(true);
			}),
			{ numRuns: 3000 },
		);
		expect(fault('k2 '.repeat(MAX_SENTENCE_LENGTH)).code).toBe('length');
	});
});

describe('a crossing as a sentence', () => {
	it('reads back exactly, for two groups to 6 over 6 and three to 3/3/3, however they are worked', () => {
		for (const { crossing } of [...everyTwoGroups(6), ...everyThreeGroups(3)]) {
			expect(equal(only(sentenceFor(crossing)!), crossing), sentenceFor(crossing)).toBe(true);
		}
		fc.assert(
			fc.property(fc.array(fc.constantFrom(...WORKS), { minLength: 5, maxLength: 5 }), (work) => {
				const crossing = { ...twoGroups({ front: 3, behind: 2, lean: 'right' }), work };
				expect(equal(only(sentenceFor(crossing)!), crossing)).toBe(true);
			}),
		);
	});

	it('reads like one', () => {
		expect(sentenceFor(named('2/1 LPC'))).toBe('sl 2 sts to cn and hold in front, p1, k2 from cn');
		expect(sentenceFor(turnedRound)).toBe(
			'sl 2 sts to cn and hold in back, k1, return the left-most st from cn to left needle, k1, k1 from cn',
		);
	});

	it('is there or not for any crossing at all, and right when it is', () => {
		fc.assert(
			fc.property(anyCrossing(6), (c) => {
				const sentence = sentenceFor(c);
				if (sentence !== undefined) expect(equal(only(sentence), c)).toBe(true);
			}),
		);
	});
});
