import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ASSUMED_GAUGE } from '../fabric/index.ts';
import { drawChart } from '../drawing/index.ts';
import { equal } from '../crossing/index.ts';
import { readGlossary, readRows, SCHOOL_IDS, SCHOOLS, type StatedSchool } from '../notation/index.ts';
import { DEFAULT_HOUSE_STYLE, type Swatch } from '../schema/index.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { named } from '../test/made.ts';
import { unitsOf } from './units.ts';
import {
	applied,
	cellWords,
	chartTable,
	checksOf,
	copyBox,
	CORD_KINDS,
	cordsOf,
	aroundCrossing,
	curedIn,
	gapsOf,
	grouped,
	insertColumn,
	insertRows,
	legendOf,
	loopsWhenSeamed,
	assumedOf,
	mainRepeat,
	markerPlaces,
	markersSaid,
	notCounted,
	strainsIn,
	nextCrossing,
	placeInRepeat,
	placeCrossing,
	practiceSwatch,
	type PracticeWanted,
	removeColumn,
	removeRow,
	type Result,
	rowParts,
	type RowsFor,
	setFaces,
	strandsOf,
	type SwatchEdit,
	whereAmI,
	cablesOf,
	type Cable,
	withMistake,
	type Worked,
	workRows,
} from './index.ts';
import { writeUnits } from './write.ts';

const work = (text: string, castOn: number, more: { shape?: 'flat' | 'round'; school?: StatedSchool } = {}): Worked => {
	const { shape = 'flat', school = 'total-front-back' } = more;
	return workRows(readRows(text, { school, glossary: readGlossary('') }), { castOn, shape, school });
};
const errors = (w: Worked): string[] =>
	w.problems.filter((p) => p.weight === 'error').map((p) => `${p.row} ${p.reason}`);
const faces = (w: Worked, i: number): string => w.rows[i]!.stitches.map((s) => s.face).join('');
const reasons = (w: Worked): string[] => checksOf(w, cordsOf(w)).map((p) => `${p.row} ${p.reason}`);
const given = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.problems[0]!.what);
	return result.value;
};

const ROPE = `# The rope
Row 1 (RS): p3, k8, p3
Row 2 and all WS rows: knit the knits and purl the purls
Row 3: p3, C8F, p3 # here it crosses
Rows 5, 7 and 9: p3, k8, p3
rep rows 1-10 twice`;

const wanted: fc.Arbitrary<PracticeWanted> = fc.record({
	cords: fc.array(
		fc.record({
			kind: fc.constantFrom(...CORD_KINDS),
			group: fc.integer({ min: 1, max: 4 }),
			lean: fc.constantFrom('left' as const, 'right' as const),
			every: fc.integer({ min: 2, max: 12 }),
			steps: fc.integer({ min: 1, max: 5 }),
		}),
		{ minLength: 1, maxLength: 4 },
	),
	border: fc.integer({ min: 0, max: 4 }),
	ground: fc.integer({ min: 0, max: 4 }),
	repeats: fc.integer({ min: 1, max: 3 }),
	shape: fc.constantFrom('flat' as const, 'round' as const),
	school: fc.constantFrom(...SCHOOL_IDS),
});

describe('rows at work', () => {
	it('are numbered, repeated and turned as the text says', () => {
		const w = work(ROPE, 14);
		expect([w.rows.length, errors(w)]).toEqual([30, []]);
		expect(w.rows.map((r) => r.side).slice(0, 4)).toEqual(['RS', 'WS', 'RS', 'WS']);
		expect(w.rows.flatMap((r) => (r.crossings.length > 0 ? [r.number] : []))).toEqual([3, 13, 23]);
		expect(w.repeats).toMatchObject([{ first: 0, last: 9, times: 3, line: { first: 1, last: 10, again: 2 } }]);
		// A first row on the wrong side turns all of them.
		expect(work('Row 1 (WS): k4\nRow 2: k4', 4).rows.map((r) => r.side)).toEqual(['WS', 'RS']);
		expect(work('k4\nk4', 4, { shape: 'round' }).rows.map((r) => r.side)).toEqual(['RS', 'RS']);
	});

	it('fill rows between a repeat and the next that is told', () => {
		const w = work('Row 1: k4\nRow 2: p4\nrep rows 1-2\nRow 7: p4', 4);
		expect([w.rows.map((r) => r.told), w.repeats[0]?.times, errors(w)]).toEqual([[1, 2, 1, 2, 1, 2, 7], 3, []]);
	});

	it('say in which row, where, and how many', () => {
		const told = (text: string, castOn: number): string => {
			const [p] = work(text, castOn).problems;
			return `${p!.row} ${p!.reason} ${text.slice(p!.from, p!.to)}`;
		};
		expect(told('p3, k8, p3\np3, C8F, p4', 14)).toBe('2 too-few-stitches p4');
		expect(told('p3, C4F, p3', 12)).toBe('1 stitches-left p3, C4F, p3');
		expect(told('*p2, k2; rep from * to last st, k1', 12)).toBe('1 repeat-does-not-fit *p2, k2; rep from * to last st');
		expect(told('k2, sm, k2', 4)).toBe('1 no-marker sm');
		expect(told('Row 1: k4\nRow 4: k4', 4)).toBe('2 missing-row Row 4:');
		expect(told('Row 1: k4\nRow 1: p4', 4)).toBe('1 told-twice Row 1:');
		expect(told('Row 1: k4\nRow 2 (RS): p4', 4)).toBe('2 side Row 2 (RS):');
		expect(told('Row 1: k4\nrep rows 1-9', 4)).toBe('0 repeat rep rows 1-9');
		expect(told('yo, k to end, [yo] 500 times', 399)).toContain('1 too-many-stitches');
		expect(work('k4\nk5\nk4', 4).rows.map((r) => r.ok)).toEqual([true, false, true]);
	});

	it('carry markers along, whichever side is worked', () => {
		const w = work('k2, pm, k4, pm, k2\np to marker, sm, p4, sm, p2\nk2, sm, m1, k4, sm, k2', 8);
		expect([errors(w), w.rows.map((r) => r.markers.join())]).toEqual([[], ['2,6', '2,6', '2,7']]);
		expect(work('k2, pm, k4\nk4, sm, k2\nk1, C4F, k1', 6).problems.map((p) => p.reason)).toEqual(['marker-inside']);
	});

	it('show a crossing made on the wrong side as it looks on the right one', () => {
		const w = work('k4\np1, 2/1 RC', 4, { school: 'slash' });
		expect(w.rows[1]!.crossings[0]).toMatchObject({ at: 0, crossing: { n: 3, order: [3, 1, 2] } });
		expect(faces(w, 1)).toBe('pppk');
	});
});

describe('every word of a pattern', () => {
	const R = 'Row 1 (RS): p3, k8, p3\nRow 2: k3, p8, k3\n';

	it('counts: with a word of no meaning in its place, something else is made, or that word is told', () => {
		const cases = JSON.parse(
			readFileSync(new URL('../test/vectors/written-patterns.json', import.meta.url), 'utf8'),
		) as { text: string; castOn: number; shape: 'flat' | 'round'; dialect: StatedSchool }[];
		const seen = (text: string, { castOn, shape, dialect: school }: (typeof cases)[number]): string => {
			const read = readRows(text, { school, glossary: readGlossary('') });
			const { rows, repeats, problems } = workRows(read, { castOn, shape, school });
			return JSON.stringify([
				rows.map(({ ok, number, side, colour, stitches, crossings, markers }) => [
					[ok, number, side, colour, markers],
					stitches.map((s) => [s.face, s.how, s.twisted]),
					crossings.map((c) => [c.at, c.crossing]),
				]),
				[repeats, problems.map((p) => p.what), read.castOn?.stitches, read.shape?.shape, read.past.length],
				read.glossary.entries.length,
			]);
		};
		let looked = 0;
		const idle: string[] = [];
		for (const c of cases) {
			// Two sizes in brackets are refused as they stand.
			if (/\(4, 5\)/.test(c.text)) continue;
			const { past } = readRows(c.text, { school: c.dialect, glossary: readGlossary('') });
			const as = seen(c.text, c);
			for (const m of c.text.matchAll(/[\p{L}\p{N}'/-]+/gu)) {
				if (past.some((p) => m.index >= p.from && m.index < p.to)) continue;
				looked += 1;
				const other = `${c.text.slice(0, m.index)}xyzzy${c.text.slice(m.index + m[0].length)}`;
				if (seen(other, c) === as) idle.push(m[0]);
			}
		}
		// What a glossary line calls itself is its own affair.
		expect(idle).toEqual(['C6B']);
		expect(looked).toBeGreaterThan(1000);
	});

	it.each([
		['Row 3 (12 sts): p3, k8, p3', 'Row 3 says 12 stitches; as it is written there are 14.'],
		['Row 3: p3, k8, p3. (12 sts)', 'Row 3 says 12 stitches; as it is written there are 14.'],
		[
			'Rep rows 1-2 twice, ending with row 1',
			'The line ends with row 1; here the last repeat ends with row 2, on the WS.',
		],
		[
			'Rep rows 1-2 once more, end on a RS row',
			'The line ends with a RS row; here the last repeat ends with row 2, on the WS.',
		],
		['Rep rows 1-2 twice except row 2', '“except” is not understood in a line that repeats rows'],
		['Row 3 (upside down): k14', '“upside down” is not understood in the label of a row'],
		['Row 3 dec 1: k14', '“dec” is not understood in the label of a row'],
		['Row 3 twice: k14', '“twice” is not understood in the label of a row'],
		['Rep rows 1-2 4 (5, 6) times', 'The pattern is for 3 sizes: “4 (5, 6)”.'],
		['Row 3: p3, k8, p3, repeat row 1 twice', '“repeat row 1 twice” is not understood'],
		['Row 3: p3, k8 ] p3', '“]” is no stitch and no crossing.'],
		['Omit row 2: k14', '“Omit row 2” is not a label of a row that we know'],
		['Row 3: p3, work to last 12 sts, k12', 'This needs 12 stitches, and 11 are left. 12 are to be left.'],
		['Row 3: p3, work 14 sts', 'This needs 14 stitches, and 11 are left.'],
		['Row 3: p3, turn, k8, p3', '“turn” is no stitch and no crossing.'],
		['Rows 3-8: rep rows 1 and 2 twice', '6 rows cannot be worked as rows 1 to 2, 2 times.'],
		['Note: slip the first stitch of every row', 'changes what hands do in rows.'],
		['Bind off 3 sts at the beginning of the next row', 'binds off some stitches only'],
		['Row 3: bind off 3 sts, k to end', 'binds off some stitches only'],
		['BO 3, k11', 'binds off some stitches only'],
	])('is told where it is not followed: %s', (line, what) => {
		const { problems } = work(R + line, 14);
		expect(problems).toHaveLength(1);
		expect(problems[0]!.what).toContain(what);
	});

	it.each([
		'Row 3 (14 sts): p3, k8, p3',
		'Rep rows 1-2 until piece measures 64 cm from cast-on edge, ending with a WS row',
		'Rep rows 1-2 twice more, ending with row 2.',
		'Row 3 [RS]: k14',
		'Row 3 (right side facing, cable row): k14',
		'Row 3: bind off all sts in pattern.',
		'Row 3 (dec row): k14',
		'Row 3 - k14',
		'Row 3 k14',
		'3rd row: (right side) p3, k8, p3. [14 sts]',
		'• Row three: Purl three, knit eight, purl three.',
		'Chart row 3 (RS), read right to left: 3p, 8k, 3p (edge st)',
		'Rows 3-8: repeat rows 1 and 2 three times',
		'Rows 3 and 4: as 1st and 2nd',
		'Row 3: p3, pm, k8, pm, p3',
		'Row 3: work to end.\nRow 4: work even.',
		'These 2 rows form the pattern.',
	])('is followed, and nothing is said: %s', (line) => {
		expect(work(R + line, 14).problems).toEqual([]);
	});
});

describe('a practice swatch', () => {
	it('always works out, in every school, shape and mix of strands; its rows read back equal', () => {
		fc.assert(
			fc.property(wanted, (want) => {
				const made = practiceSwatch(want);
				const w = work(made.text, made.castOn, want);
				expect(w.problems).toEqual([]);
				expect(w.rows.length).toBeGreaterThan(made.period);
				expect(w.rows.every((r) => r.stitches.length === made.castOn)).toBe(true);
				// Crossings never change the ground they were set up on.
				expect(reasons(w).filter((r) => r.endsWith('ground'))).toEqual([]);
				for (const row of w.rows) {
					const again = work(writeUnits(unitsOf(row)), made.castOn, { ...want, shape: 'round' });
					if (row.side === 'RS' && again.problems.length === 0) {
						expect(again.rows[0]!.stitches.map((s) => s.face)).toEqual(row.stitches.map((s) => s.face));
					}
				}
			}),
			{ numRuns: 60 },
		);
	});
});

describe('a swatch about one crossing', () => {
	it('works out for every crossing of two groups that a school names, and crosses as asked', () => {
		for (const { crossing: c } of everyTwoGroups(5)) {
			const name = SCHOOLS.slash.write(c);
			if (name === undefined) continue;
			const { castOn, text } = aroundCrossing(name, c);
			const w = work(text, castOn, { school: 'slash' });
			expect([name, w.problems.filter((p) => p.weight === 'error')]).toEqual([name, []]);
			const crossed = w.rows.flatMap((r) => r.crossings.map((x) => x.crossing));
			expect([1, 3]).toContain(crossed.length);
			expect([name, equal(crossed[0]!, c)]).toEqual([name, true]);
		}
	});
});

describe('strands and strands', () => {
	it('come home, and are closed loops in a ring, as their order says', () => {
		const w = work('C4B, k2\nk6\nk2, C4F\nk6', 6, { shape: 'round' });
		const strands = strandsOf(w, 0, 3)!;
		expect([strands.after, strands.repeatsToReturn]).toEqual([[3, 4, 5, 6, 1, 2], 3]);
		expect([1, 2, 3].map((r) => loopsWhenSeamed(strands, r))).toEqual([2, 2, 6]);
		expect(strandsOf(work('k2, m1, k2', 4), 0, 0)).toBeUndefined();
	});

	it('are told apart by what always stays side by side, and purl behind is background', () => {
		const letters = (w: Worked): string[] => cordsOf(w).cords.map((c) => `${c.letter}${c.strands.length}`);
		expect(letters(work(ROPE, 14))).toEqual(['A4', 'B4']);
		expect(letters(work('p2, k2, p3\nk3, p2, k2\np2, T3F, p2', 7))).toEqual(['A2']);
		expect(markerPlaces(work(ROPE, 14), cordsOf(work(ROPE, 14)))).toEqual([3, 11]);
	});

	it('leave gaps behind them, each with the row in which its cure is finished', () => {
		const w = work('p2, C4F, p2\nknit the knits and purl the purls\nRow 3: p2, k4, p2', 8);
		expect(gapsOf(w, cordsOf(w))).toEqual([
			{ row: 0, column: 6, partner: 1 },
			{ row: 2, column: 6, partner: undefined },
		]);
		const said = (i: number, more: RowsFor): string =>
			rowParts(w, i, more)
				.map((p) => p.says)
				.slice(i === 1 ? 0 : -1)
				.join('; ');
		const short = curedIn(w, cordsOf(w), { firstPurl: 'short', turnedPurl: 'untwist' });
		expect([said(0, { gaps: short }), said(1, { gaps: short })]).toEqual([
			'purl 1',
			'knit 1; knit 1 through the back loop; purl 4; knit 2',
		]);
		expect(rowParts(w, 0, { gaps: short }).map((p) => p.says)).toContain('purl 1, the yarn the short way');
		expect(said(1, { gaps: short, untwists: false })).toBe('knit 2; purl 4; knit 2');
		// On the WS the first purl is met from the other edge, and lands in the cord.
		const both = curedIn(w, cordsOf(w), { firstPurl: 'short-both', turnedPurl: 'untwist' });
		expect(both.map((g) => [g.row, g.column])).toEqual([
			[0, 6],
			[1, 5],
			[2, 6],
		]);
		expect(said(1, { gaps: both })).toContain('purl 1, the yarn the short way; purl 3');
		expect(curedIn(w, cordsOf(w), { firstPurl: 'usual', turnedPurl: 'leave' })).toEqual([]);
	});
});

describe('checks', () => {
	it('look at the background, the rows between, names in two senses and strands that lose a stitch', () => {
		expect(reasons(work('k2, p6, k2\np2, k6, p2\nk2, C6F, k2', 10))).toEqual(['3 ground']);
		expect(reasons(work('k4\nk4\n2/2 LC\n2/2 LC', 4, { shape: 'round', school: 'slash' }))).toEqual([
			'4 neighbour-rows',
		]);
		const far = Array.from({ length: 20 }, () => 'k4').join('\n');
		expect(reasons(work(`2/2 LC\n${far}\n2/2 LC`, 4, { shape: 'round', school: 'slash' }))).toEqual([
			'22 rows-between',
		]);
		expect(reasons(work('2/2 LC\nk2tog, k2', 4, { shape: 'round', school: 'slash' }))).toEqual(['2 cord-loses']);
		// The count of its rows settles what C8F means; a row that goes on to its end leaves it open, once for all names.
		expect(reasons(work(ROPE, 14))).toEqual([]);
		const open = work('k8, C4F, k to end\nk to end\nk8, C4B, k to end', 24);
		expect(checksOf(open, cordsOf(open)).filter((p) => p.reason === 'two-senses')).toMatchObject([
			{
				row: 1,
				what: 'C4F crosses 4 stitches here, 8 stitches where patterns write C2F / C2B; C4B crosses 4 stitches here, 8 stitches where patterns write C2F / C2B. The rows work out either way.',
			},
		]);
		expect(reasons(work('k8, C4F, k to end\nk24\nk8, C4F, k12', 24))).not.toContain('1 two-senses');
	});
});

describe('what is said of strands', () => {
	const flat = { school: 'slash' } as const;
	/** Two strands that travel apart over purl, turn, and come back: a diamond. */
	const DIAMOND = [
		'Rows 1 and 3: p4, k4, p4',
		'Row 2 and all WS rows: knit the knits and purl the purls',
		'Row 5: p4, k4, p4',
		'Row 7: p4, 2/2 LC, p4',
		'Row 9: p3, 2/1 RPC, 2/1 LPC, p3',
		'Row 11: p2, 2/1 RPC, p2, 2/1 LPC, p2',
		'Row 13: p2, 2/1 LPC, p2, 2/1 RPC, p2',
		'Row 15: p3, 2/1 LPC, 2/1 RPC, p3',
		'rep rows 7-16 twice',
	].join('\n');

	it('says nothing of twist where a strand travels: a diamond is easy, at its turn too', () => {
		const w = work(DIAMOND, 12, flat);
		expect(errors(w)).toEqual([]);
		expect(reasons(w)).toEqual([]);
		const all = strainsIn(w, cordsOf(w), ASSUMED_GAUGE).flatMap((s) => s.crossings);
		expect(new Set(all.map((c) => c.verdict))).toEqual(new Set(['easy']));
		// At the turn, in row 13, the cord stepped 2 rows before: √(5² + 3.571²) ÷ (3.571 · 1.5).
		expect(all.find((c) => c.number === 13)!.strain).toBeCloseTo(1.147, 3);
		// 2/2 in row 17 after 10 rows of small steps, which count as plain: √(10² + 3.571²) ÷ (3.571 · 3.5).
		expect(all.find((c) => c.number === 17)).toMatchObject({ travel: 2, since: 10 });
		expect(all.find((c) => c.number === 17)!.strain).toBeCloseTo(0.85, 2);
	});

	it('counts the rows below a first crossing, and those since a strand went as far', () => {
		const w = work('Rows 1-6: k8\nRow 7: 2/2 LC, k4\nRows 8-10: k8\nRow 11: k2, 2/2 LC, k2', 8, {
			shape: 'round',
			...flat,
		});
		const [first, second] = strainsIn(w, cordsOf(w), ASSUMED_GAUGE).flatMap((s) => s.crossings);
		expect([first!.since, second!.since]).toEqual([7, 4]);
	});

	it('puts ring markers where no crossing reaches over them', () => {
		const places = (text: string, castOn: number): readonly number[] => {
			const w = work(text, castOn, { shape: 'round', ...flat });
			expect(errors(w)).toEqual([]);
			return markerPlaces(w, cordsOf(w));
		};
		// The purled centre of three groups is inside their crossing.
		expect(places('Rnd 1: p3, k2, p1, k2, p3\nRnd 2: p3, 2/1/2 RPC, p3', 11)).toEqual([3, 8]);
		expect(places('Rnd 1: p2, 2/2 LC, p2, 2/2 RC', 12)).toEqual([2, 6, 8, 12]);
		// A travelling cord keeps its way clear: the background it passes over is inside.
		expect(places('Rnd 1: p2, 2/1 LPC, p3\nRnd 2: p3, 2/1 LPC, p2', 8)).toEqual([2, 6]);
		fc.assert(
			fc.property(wanted, (want) => {
				const { text, castOn } = practiceSwatch(want);
				const w = work(text, castOn, want);
				const markers = markerPlaces(w, cordsOf(w));
				for (const { crossings } of w.rows)
					for (const { at, crossing } of crossings)
						expect(markers.filter((m) => m > at && m < at + crossing.n)).toEqual([]);
			}),
		);
	});

	it('names many markers by their rule', () => {
		expect(markersSaid([3, 11])).toBe('3, 11');
		const many = Array.from({ length: 16 }, (_, i) => 4 + 6 * i);
		expect(markersSaid(many)).toBe('4 and so on, every 6 stitches to 94 (16 in all)');
		expect(markersSaid(many.map((m, i) => (i % 2 === 0 ? m : m - 2)))).toBe(
			'4, 8 and so on, every 12 stitches to 92 (16 in all)',
		);
		const odd = [...many.slice(0, 12), 90];
		expect(markersSaid(odd)).toBe(`${odd.join(', ')} (13 in all)`);
	});

	it('is about the repeat of the pattern, not about plain rows that are repeated inside it', () => {
		const w = work('Row 1: k4\nRow 2: p4\nrep rows 1-2 twice\nRow 7: 2/2 LC\nRow 8: p4\nrep rows 1-8 3 times', 4, flat);
		expect(mainRepeat(w)).toMatchObject({ first: 0, last: 7 });
		expect(mainRepeat(work('Rows 1-2: k4\nrep rows 1-2 twice', 4, flat))).toMatchObject({ first: 0, last: 1 });
		expect(mainRepeat(work('k4', 4, flat))).toBeUndefined();
	});

	it('says what size and yarn take for plain knitting, and which rows are in no figure', () => {
		const said = (text: string, castOn: number, shape: 'flat' | 'round' = 'flat'): string =>
			assumedOf(work(text, castOn, { shape, ...flat })).join(' ');
		expect(said('Row 1: k\nRow 2: p\nRow 3: k\nRow 4: p', 8)).toBe('');
		expect(said('Rows 1-6: k', 8)).toMatch(/^Counted as plain knitting: garter and moss/);
		expect(said('Rnds 1-6: *k2, p2; rep from * to end', 16, 'round')).toMatch(/ribs.*laid open/);
		expect(said('Rnd 1: 2/2 LC', 4, 'round')).toMatch(/laid open.*as much yarn as plain/);
		expect(notCounted(work('Row 1: k8\nRow 2: k9', 8, flat))).toBe(
			'Row 2 could not be worked and is not counted here.',
		);
		expect(notCounted(work('Row 1: k8', 8, flat))).toBeUndefined();
	});
});

describe('changes of the chart', () => {
	const redone = (text: string, castOn: number, edit: Result<SwatchEdit>): { text: string; w: Worked } => {
		const value = given(edit);
		const next = applied(text, value);
		return { text: next, w: work(next, value.castOn ?? castOn) };
	};

	it('touch only the lines whose rows change, and leave remarks and every other line', () => {
		const w = work(ROPE, 14);
		const { text } = redone(ROPE, 14, setFaces(w, { firstRow: 2, lastRow: 2, firstColumn: 0, lastColumn: 0 }, 'k'));
		expect(text).toBe(ROPE.replace('p3, C8F, p3 #', 'k1, p2, C8F, p3 #'));
		// One of several rows that a line tells gets a line of its own.
		const seven = redone(ROPE, 14, setFaces(w, { firstRow: 6, lastRow: 6, firstColumn: 13, lastColumn: 13 }, 'k'));
		expect(seven.text).toBe(
			ROPE.replace('Rows 5, 7 and 9: p3, k8, p3', 'Rows 5 and 9: p3, k8, p3\nRow 7: p3, k8, p2, k1'),
		);
		const every = redone(ROPE, 14, setFaces(w, { firstRow: 1, lastRow: 1, firstColumn: 0, lastColumn: 0 }, 'k'));
		expect(every.text).toContain('All WS rows: knit the knits and purl the purls\nRow 2: k3, p8, k2, p1\n');
		expect(errors(every.w)).toEqual([]);
	});

	it('lay, move, copy and take out, and the rows still work out', () => {
		const base = 'Row 1: p2, k4, p6\nRow 2: k6, p4, k2\nRow 3: p2, k4, p6\nRow 4: k6, p4, k2';
		const w = work(base, 12);
		const laid = redone(base, 12, placeCrossing(w, 2, 2, '2/2 RC', named('2/2 RC')));
		expect(laid.text).toContain('Row 3: p2, 2/2 RC, p6');
		const box = { firstRow: 0, lastRow: 3, firstColumn: 2, lastColumn: 5 };
		const copied = redone(laid.text, 12, copyBox(laid.w, box, 0, 7));
		expect(copied.w.rows[2]!.crossings.map((c) => c.at)).toEqual([2, 7]);
		const moved = redone(laid.text, 12, copyBox(laid.w, box, 0, 7, true));
		expect([errors(moved.w), moved.w.rows[2]!.crossings.map((c) => c.at)]).toEqual([[], [7]]);
		expect(faces(moved.w, 1)).toBe('pppppppkkkkp');
		for (const refused of [
			copyBox(laid.w, { ...box, firstColumn: 3 }, 0, 7),
			copyBox(laid.w, box, 1, 7),
			copyBox(laid.w, box, 0, 9),
			placeCrossing(laid.w, 2, 10, '2/2 RC', named('2/2 RC')),
		]) {
			expect(refused.ok).toBe(false);
		}
	});

	it('add and take rows and columns, counting on all that is told after them', () => {
		const w = work(ROPE, 14);
		const more = redone(ROPE, 14, insertRows(w, ROPE, 2, 2));
		expect(more.text).toContain(
			'Row 4: k3, p8, k3\nRow 5: p3, k8, p3\nRows 7, 9 and 11: p3, k8, p3\nrep rows 1-12 twice',
		);
		expect([errors(more.w), more.w.rows.length]).toEqual([[], 36]);
		const back = given(removeRow(more.w, more.text, 4));
		expect(applied(more.text, back)).toContain('Rows 6, 8 and 10: p3, k8, p3\nrep rows 1-11 twice');
		const wider = redone(ROPE, 14, insertColumn(w, 0));
		expect([errors(wider.w), wider.w.castOn, faces(wider.w, 0)]).toEqual([[], 15, 'ppppkkkkkkkkppp']);
		expect(redone(wider.text, 15, removeColumn(wider.w, 0)).text).toBe(ROPE);
		expect(removeColumn(w, 5).ok).toBe(false);
	});

	it('never lose the count, whatever is set where', () => {
		const place = fc.nat(1000);
		fc.assert(
			fc.property(
				wanted,
				place,
				place,
				place,
				place,
				fc.constantFrom('k' as const, 'p' as const),
				(want, a, b, c, d, face) => {
					const made = practiceSwatch(want);
					const w = work(made.text, made.castOn, want);
					const [r1, r2] = [a % w.rows.length, b % w.rows.length].sort((x, y) => x - y) as [number, number];
					const [c1, c2] = [c % made.castOn, d % made.castOn].sort((x, y) => x - y) as [number, number];
					const box = { firstRow: r1, lastRow: Math.min(r2, r1 + 5), firstColumn: c1, lastColumn: c2 };
					const next = applied(made.text, given(setFaces(w, box, face)));
					const again = work(next, made.castOn, want);
					expect([errors(again), again.rows.length]).toEqual([[], w.rows.length]);
					for (let k = c1; k <= c2; k++) expect(again.rows[r1]!.stitches[k]!.face).toBe(face);
				},
			),
			{ numRuns: 60 },
		);
	});
});

describe('mistakes across rows', () => {
	const w = work(ROPE, 14);
	const site = { row: 12, crossing: 0 };

	it('show in the fabric that comes out, from both sides, with what mending costs', () => {
		const forgotten = given(withMistake(w, 'forgotten', site));
		expect(forgotten.worked.rows.flatMap((r) => (r.crossings.length > 0 ? [r.number] : []))).toEqual([3, 23]);
		expect(forgotten.signs.RS).toEqual(['a straight stretch of 20 rows around row 13, where 10 are usual']);
		expect(forgotten.cost).toBe(8 * 18);
		const wrong = given(withMistake(w, 'wrong-lean', site));
		expect(wrong.signs.RS).toEqual(['in row 13 the cable leans right, the others left']);
		expect(wrong.differs.map((d) => d.row)).toEqual(Array(8).fill(12));
		const late = given(withMistake(w, 'late', site));
		expect(late.worked.rows.flatMap((r) => (r.crossings.length > 0 ? [r.number] : []))).toEqual([3, 15, 23]);
		const shifted = given(withMistake(w, 'shifted', site));
		expect(shifted.signs.RS[0]).toBe('purl bumps in the cable: 2 stitches');
		expect(withMistake(w, 'early', { row: 2, crossing: 0 }).ok).toBe(true);
		expect(withMistake(w, 'late', { row: 0, crossing: 0 }).ok).toBe(false);
	});
});

describe('at the needles', () => {
	it('counts on the cable that is named where two cross at different times', () => {
		const text = [
			'Row 1: p2, k4, p2, k4, p2',
			'Row 2 and all WS rows: knit the knits and purl the purls',
			'Row 3: p2, C4F, p2, C4B, p2',
			'Row 5: p2, k4, p2, k4, p2',
			'Row 7: p2, k4, p2, C4B, p2',
			'Row 9: p2, C4F, p2, k4, p2',
			'Row 11: p2, k4, p2, C4B, p2',
		].join('\n');
		const w = work(text, 14);
		const [right, left] = cablesOf(w, cordsOf(w)) as [Cable, Cable];
		expect([right, left]).toEqual([
			{ name: 'C4F', rows: [2, 8] },
			{ name: 'C4B', rows: [2, 6, 10] },
		]);
		expect([whereAmI(w, 3), whereAmI(w, 4)]).toEqual([[5], []]);
		expect(whereAmI(w, 3, left.rows)).toEqual([5, 9]);
		expect(whereAmI(w, 3, right.rows)).toEqual([5]);
		expect(whereAmI(w, 1, right.rows)).toEqual([3, 9]);
		// A plait is one cable: its crossings share stitches by turns, and so are two that meet later.
		const plait = work('Row 1: C4F, k2\nRow 2: p6\nRow 3: k2, C4B', 6);
		expect(cablesOf(plait, cordsOf(plait))).toEqual([{ name: 'C4F', rows: [0, 2] }]);
		const met = work('Row 1: C4F, C4F\nRow 2: p8\nRow 3: k2, C4B, k2', 8);
		expect(cablesOf(met, cordsOf(met))).toEqual([{ name: 'C4F', rows: [0, 2] }]);
	});

	it('says where one is, what comes, and every stitch of the row', () => {
		const w = work(ROPE, 14);
		expect(whereAmI(w, 3).map((i) => w.rows[i]!.number)).toEqual([6, 16, 26]);
		expect(whereAmI(w, 10)).toEqual([]);
		expect([nextCrossing(w, 0), nextCrossing(w, 3), nextCrossing(w, 25)]).toEqual([2, 9, undefined]);
		expect(rowParts(w, 2).map((p) => [p.takes, p.crossing])).toEqual([
			[3, false],
			[8, true],
			[3, false],
		]);
		expect(rowParts(w, 2)[0]!.says).toBe('purl 3');
		expect([0, 9, 10, 29].map((i) => placeInRepeat(w, i))).toEqual([
			{ time: 1, times: 3, row: 1, rows: 10 },
			{ time: 1, times: 3, row: 10, rows: 10 },
			{ time: 2, times: 3, row: 1, rows: 10 },
			{ time: 3, times: 3, row: 10, rows: 10 },
		]);
	});

	it('groups what comes again, keeps markers, and makes a crossing the way of Settings', () => {
		const w = work(
			'Row 1: [k2, p1] 7 times, k4, pm, k1\nRow 2: p1, k4, p to end\nRow 3: k2, sl1, k18, 2/2 LC, rm, k1',
			26,
		);
		const said = (i: number, taste?: RowsFor['taste']): string[] =>
			grouped(rowParts(w, i, taste ? { taste } : {})).map(
				({ body, times }) => `${body.map((p) => p.says).join(', ')}${times > 1 ? `, ${times} times` : ''}`,
			);
		expect(said(0)).toEqual(['knit 2, purl 1, 7 times', 'knit 4', 'place a marker', 'knit 1']);
		expect(said(1).slice(0, 3)).toEqual(['purl 1', 'slip the marker', 'knit 4']);
		const [, slips, , crossing, off] = said(2);
		expect([slips, off]).toEqual(['slip 1 purlwise', 'take the marker off']);
		expect(crossing).toBe('2/2 LC: sl 2 sts to cn and hold in front, k2, k2 from cn');
		const taste = { ...DEFAULT_HOUSE_STYLE, way: 'pinch', withoutHolderUpTo: 4, holderWork: 'returned' } as const;
		expect(said(2, taste)[3]).toBe(
			'2/2 LC: enter 3, 4 from behind; pinch, draw out; recapture 1, 2; return 3, 4; knit 3, 4, 1 and 2',
		);
		expect(said(2, { ...taste, withoutHolderUpTo: 3 })[3]).toBe(
			'2/2 LC: hold 1, 2 in front; knit 3 and 4; return 1, 2; knit 1 and 2',
		);
	});

	it('counts the stitches of every row in words', () => {
		fc.assert(
			fc.property(wanted, (want) => {
				const made = practiceSwatch(want);
				const w = work(made.text, made.castOn, want);
				for (let i = 0; i < w.rows.length; i++) {
					expect(rowParts(w, i).reduce((sum, p) => sum + p.takes, 0)).toBe(made.castOn);
				}
			}),
			{ numRuns: 30 },
		);
	});
});

describe('the chart', () => {
	const long = (rows: number): Worked =>
		work(
			Array.from({ length: rows }, (_, i) => (i % 4 === 2 ? '[p2, C8F] 10 times' : '[p2, k8] 10 times')).join('\n'),
			100,
			{ shape: 'round' },
		);
	const window = { firstRow: 10, lastRow: 30, firstColumn: 5, lastColumn: 40 };

	it('draws no more for a larger swatch, and each crossing as its strands', () => {
		const shapes = [60, 240].map((rows) => drawChart(long(rows), { light: 'day', window }).shapes.length);
		expect(shapes[0]).toBe(shapes[1]);
		const w = work(ROPE, 14);
		const drawn = (side: 'RS' | 'WS'): ReturnType<typeof drawChart>['crossPoints'] =>
			drawChart(w, { light: 'day', side }).crossPoints;
		expect(drawn('RS').length).toBe(3 * 16);
		expect(drawn('RS').every((p) => p.upper <= 4)).toBe(true);
		expect(drawn('WS').every((p) => p.upper > 4)).toBe(true);
	});

	it('is a table and a legend of what it contains', () => {
		const w = work(ROPE, 14);
		const table = chartTable(w, cordsOf(w));
		expect(table.length).toBe(31);
		expect(table.at(-3)!.join(' ')).toBe('3 RS p p p C8F A < A < A < A < B < B < B < B p p p');
		expect(legendOf(w, cordsOf(w)).map((e) => e.name)).toEqual(['A', 'B', 'C8F', 'purl']);
	});
});

describe('a swatch of another craft', () => {
	const checked = (craft: 'twisted' | 'slipped' | 'brioche' | 'double-knit', castOn: number, text: string): unknown => {
		const worked = workRows(readRows(text, { school: 'slash', glossary: readGlossary('') }), {
			castOn,
			shape: 'flat',
			school: 'slash',
			craft,
		});
		return [...worked.problems, ...checksOf(worked, cordsOf(worked))].map((p) => [p.row, p.reason]);
	};

	it('tells strands that are not twisted, stitches not slipped or pulled too far, and what the craft does not take', () => {
		const twisted = (row: string): string => `Row 1: k6\nRow 2: p6\nRow 3: k1, 2/2 LC, k1\nRow 4: ${row}`;
		expect(checked('twisted', 6, twisted('p1, p4 tbl, p1'))).toEqual([]);
		expect(checked('twisted', 6, twisted('p6'))).toEqual([[4, 'not-twisted']]);
		expect(checked('twisted', 10, 'Row 1: k10\nRow 2: p10\nRow 3: k1, 4/4 LC, k1')).toEqual([[3, 'craft']]);
		const slipped = (rows: number, name: string): string =>
			`Row 1: k4\n${Array.from({ length: rows }, (_, i) => `Row ${i + 2}: ${i % 2 ? 'sl1, k3' : 'p3, sl1'}`).join('\n')}\nRow ${rows + 2}: ${name}, k${name === '1/2 LC' ? 1 : 2}`;
		expect(checked('slipped', 4, slipped(1, '1/2 LC'))).toEqual([]);
		expect(checked('slipped', 4, 'Row 1: k4\nRow 2: p4\nRow 3: 1/1 LC, k2')).toEqual([[3, 'not-slipped']]);
		expect(checked('slipped', 4, slipped(7, '1/2 LC'))).toEqual([[9, 'stretched']]);
		expect(checked('double-knit', 12, 'Row 1: k12\nRow 2: p12\nRow 3: k1, 5/5 RC, k1')).toEqual([[3, 'craft']]);
	});

	it('keep the yarn of each stitch: rows name it, slipped stitches carry it on', () => {
		const text = 'Row 1 (A): k4\nRow 2: p4\nRow 3 (RS, B): sl1, k3\nRow 4: p3, sl1\nRow 5 (A): 1/1 LC, k2\nRow 6: p4';
		const worked = workRows(readRows(text, { school: 'slash', glossary: readGlossary('') }), {
			castOn: 4,
			shape: 'flat',
			school: 'slash',
			craft: 'slipped',
		});
		expect(worked.rows.map((r) => r.stitches.map((s) => s.colour).join(''))).toEqual([
			'AAAA',
			'AAAA',
			'ABBB',
			'ABBB',
			'AAAA',
			'AAAA',
		]);
		expect(worked.rows.map((r) => r.colour).join('')).toBe('AABBAA');
		expect(checked('slipped', 4, text)).toEqual([]);
		expect(checked('slipped', 4, text.replace('(RS, B)', '(A)'))).toEqual([[5, 'same-yarn']]);
		const cords = cordsOf(worked);
		expect(cellWords(worked, cords, 2, 0)).toContain('yarn A');
		expect(legendOf(worked, cords).map((e) => e.name)).toContain('A, B');
		const dark = (of: typeof worked): number =>
			drawChart(of, { light: 'day', cords: cordsOf(of) }).shapes.flatMap((s) =>
				s.kind === 'path' && s.role === 'yarn-b' && s.d ? (s.d.match(/M/g) ?? []) : [],
			).length;
		expect(dark(worked)).toBe(6);
	});

	it('slides back for a second yarn: brioche in two colours has its knit columns in one, its purl columns in the other', () => {
		const swatch = JSON.parse(readFileSync('db/demo/swatches/9e-brioche-two-colours.json', 'utf8')) as Swatch;
		const worked = workRows(readRows(swatch.text, { school: 'slash', glossary: readGlossary('') }), swatch);
		expect([...worked.problems, ...checksOf(worked, cordsOf(worked))]).toEqual([]);
		expect(worked.rows.slice(0, 6).map((r) => `${r.side} ${r.colour}`)).toEqual([
			'RS A',
			'RS B',
			'WS A',
			'WS B',
			'RS A',
			'RS B',
		]);
		for (const row of worked.rows.slice(3)) {
			const inside = row.stitches.slice(1, -1);
			expect(inside.map((s) => `${s.face}${s.colour}`).join(' ')).toBe(
				inside.map((_, i) => (i % 2 === 0 ? 'pB' : 'kA')).join(' '),
			);
		}
	});

	it('keeps the columns of brioche, in the crossing and after it, and refuses an odd shift', () => {
		const rows = (cross: string): string =>
			`Row 1: k1, *k1, p1; rep from * to last st, k1\nRow 2: k1, *brk1, sl1yo; rep from * to last st, k1\nRow 3: k1, ${cross}, k1`;
		const worked = workRows(readRows(rows('2/2 LC, brk1, sl1yo'), { school: 'slash', glossary: readGlossary('') }), {
			castOn: 8,
			shape: 'flat',
			school: 'slash',
			craft: 'brioche',
		});
		expect(worked.rows.map((r) => r.stitches.map((s) => s.face).join(''))).toEqual([
			'kkpkpkpk',
			'pkpkpkpp',
			'kkpkpkpk',
		]);
		expect(checked('brioche', 8, rows('2/2 LC, brk1, sl1yo'))).toEqual([]);
		expect(checked('brioche', 8, rows('3/3 LC'))).toEqual([[3, 'craft']]);
		expect(checked('brioche', 8, rows('brk1, 2/2 LC, sl1yo'))).toEqual([[3, 'purl-column']]);
	});
});
