import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readGlossary } from '../glossary.ts';
import { readRows, type Item, type RowsText, type Until } from './index.ts';

const read = (text: string, glossary = ''): RowsText =>
	readRows(text, { school: 'total-front-back', glossary: readGlossary(glossary) });

const far = (until: Until): string => {
	switch (until.kind) {
		case 'times':
			return String(until.times);
		case 'last':
			return `→${until.left}`;
		case 'end':
			return '→';
		case 'marker':
			return '→m';
	}
};

/** Items in a short writing of their own. */
const short = (items: readonly Item[]): string =>
	items
		.map((i) => {
			switch (i.kind) {
				case 'stitch':
					return i.stitch.id + far(i.until);
				case 'crossing':
					return `<${i.name} ${i.crossing.n}>`;
				case 'as-they-stand':
					return `stand${far(i.until)}`;
				case 'marker':
					return i.does;
				case 'group':
					return `(${short(i.items)})${i.times}`;
				case 'star':
					return `*${short(i.items)}${far(i.until)}`;
				case 'unknown':
					return `?${i.text}`;
			}
		})
		.join(' ');
const one = (text: string): string => short(read(text).rows[0]?.items ?? []);

describe('instructions', () => {
	it('are read as people write them', () => {
		const cases: readonly (readonly [string, string])[] = [
			['p3, k8, p3', 'p3 k8 p3'],
			['P3 K8 C4B k 2', 'p3 k8 <C4B 4> k2'],
			['knit 3 sts, purl to last 2 stitches, k2', 'k3 p→2 k2'],
			['k to end', 'k→'],
			['Knit.', 'k→'],
			['purl across', 'p→'],
			['k1 tbl, p1tbl, ktbl', 'ktbl1 ptbl1 ktbl1'],
			['[k2, p2] 3 times, (k1, p1) x2, {p1} twice', '(k2 p2)3 (k1 p1)2 (p1)2'],
			['*p2, C4B; rep from * to last 2 sts, p2', '*p2 <C4B 4>→2 p2'],
			['*C4F, p2; repeat from * around', '*<C4F 4> p2→'],
			['*k2, p2, rep from * 3 times more', '*k2 p24'],
			['k2tog ssk p2tog m1 kfb yo sl1 pm sm', 'k2tog1 ssk1 p2tog1 m11 kfb1 yo1 sl1 place slip'],
			['sl 1 wyif, place marker, k to marker', 'sl1 place k→m'],
			['knit the knits and purl the purls', 'stand→'],
			['k3, work sts as they appear to last 3 sts, k3', 'k3 stand→3 k3'],
			['2/1 LPC, 2 over 2 right cross, 1/1 LC tbl', '<2/1 LPC 3> <2 over 2 right cross 4> <1/1 LC tbl 2>'],
			['p2, Q4Z, p2', 'p2 ?Q4Z p2'],
			['k2 # and breathe', 'k2'],
		];
		for (const [text, items] of cases) expect([text, one(text)]).toEqual([text, items]);
	});

	it('say where brackets and stars are left open, and go on with the next line', () => {
		const text = 'Row 1: k2, (p2, k2\nRow 2: *k2, p2\nRow 3: k4, rep from * to end\nRow 4: k4';
		const { problems, rows } = read(text);
		expect(problems.map((p) => [p.code, text.slice(0, p.at.from).split('\n').length])).toEqual([
			['unclosed', 1],
			['star', 2],
			['star', 3],
		]);
		expect(rows.map((r) => r.numbers)).toEqual([[1], [2], [3], [4]]);
	});

	it('offer what an unread name may mean', () => {
		const { problems } = readRows('k2, C4F, k2', { school: 'slash', glossary: readGlossary('') });
		expect(problems[0]).toMatchObject({ code: 'other-school', at: { from: 4, to: 7 } });
		expect(problems[0]?.fixes?.map((f) => f.text)).toEqual(['2/2 LC', '4/4 LC']);
		expect(read('C4G').problems[0]?.fixes?.map((f) => f.text)).toContain('C4F');
	});
});

describe('lines', () => {
	it('tell rows, sides, repeats, and what a pattern says besides', () => {
		const all = read(`Cast on 14 sts
Join in the round
# a remark
Row 1 (RS): p3
Rows 3, 7 and 11: k3
Rnds 4-6: k3
Row 2 and all WS rows: p3
Row 12 and every other row: p3
k5
2: p5
Rep rows 1-8 twice more.
Repeat the last 4 rows once
C9X: sl 1 to cn and hold in front, k1, k1 from cn
Bind off.`);
		expect(all.problems).toEqual([]);
		expect(all.rows.map((r) => [r.numbers.join(), r.side ?? '', r.every ?? '', short(r.items)])).toEqual([
			['1', 'RS', '', 'p3'],
			['3,7,11', '', '', 'k3'],
			['4,5,6', '', '', 'k3'],
			['2', 'WS', 'WS', 'p3'],
			['12', '', 'WS', 'p3'],
			['13', '', '', 'k5'],
			['2', '', '', 'p5'],
		]);
		expect(all.repeats.map(({ first, last, again }) => [first, last, again])).toEqual([
			[1, 8, 2],
			[10, 13, 1],
		]);
		expect([all.castOn?.stitches, all.shape?.shape, all.bindOff !== undefined]).toEqual([14, 'round', true]);
		expect(all.glossary.entries.map((e) => e.name)).toEqual(['C9X']);
	});

	it('take rows by other words, and tell which they cannot place; none becomes a glossary line in silence', () => {
		const all = read('RS: k8\nWS: p8\n3rd row: k8\nNext row (WS): p8\nRow 5 (RS) (8 sts): k8');
		expect([all.problems, all.glossary.entries]).toEqual([[], []]);
		expect(all.rows.map((r) => [r.numbers.join(), r.side ?? '', short(r.items)])).toEqual([
			['1', 'RS', 'k8'],
			['2', 'WS', 'p8'],
			['3', '', 'k8'],
			['4', 'WS', 'p8'],
			['5', 'RS', 'k8'],
		]);
		const told = (text: string): unknown => [read(text).rows.length, read(text).problems.map((p) => p.code)];
		expect(told('Set-up row: k8')).toEqual([1, []]);
		expect(told('Row 1: k8\nSet-up row: k8')).toEqual([1, ['unnumbered']]);
		expect(read('Row 3 and every following 4th row: k8').rows).toMatchObject([{ numbers: [3], each: 4 }]);
		expect(told('Row 2 and every other row: k8')).toEqual([1, []]);
	});

	it('are read past where they are no instructions, and say so; how many stitches there are stands with its row', () => {
		const text =
			'Materials: a ball of wool\nMultiple of 8 sts\nUsing 4 mm needles, cast on 14 sts.\nRow 1: p3, k8, p3. (14 sts)';
		const all = read(text);
		expect(all.problems).toEqual([]);
		expect(all.past.map((p) => text.slice(p.from, p.to).trim())).toEqual([
			'Materials: a ball of wool',
			'Multiple of 8 sts',
			'Using 4 mm needles, cast on 14 sts.',
		]);
		expect(all.rows.map((r) => r.count?.stitches)).toEqual([14]);
		expect([all.castOn?.stitches, all.rows.map((r) => short(r.items))]).toEqual([14, ['p3 k8 p3']]);
		// A row is never read past, whatever it begins with.
		expect(read('Pattern row 1: k8').rows.length + read('Pattern row 1: k8').problems.length).toBeGreaterThan(0);
	});

	it('are as earlier ones, each as its own, or say that those are not told', () => {
		const all = read('Row 1: p3, k8\nRow 2: k3, p8\nRows 3 and 4: as rows 1 and 2\nRow 5: same as row 1');
		expect(all.rows.map((r) => [r.numbers.join(), short(r.items)])).toEqual([
			['1', 'p3 k8'],
			['2', 'k3 p8'],
			['3', 'p3 k8'],
			['4', 'k3 p8'],
			['5', 'p3 k8'],
		]);
		expect(read('Row 1: as row 7').problems.map((p) => p.code)).toEqual(['as-row']);
		expect(read('Row 1: k3\nRows 2 to 4: as rows 1 and 2').problems.map((p) => p.code)).toEqual(['as-row']);
	});

	it('take a length for a length, a number of rows for the rows in all, and words for numbers', () => {
		const again = (line: string): (number | undefined)[] => read(`Rows 1-4: k3\n${line}`).repeats.map((r) => r.again);
		for (const open of ['until piece measures 64 cm', 'for 10 cm', 'until it is 25 inches long', 'to 6"', '']) {
			expect([open, again(`rep rows 1-4 ${open}`)]).toEqual([open, [undefined]]);
		}
		expect(again('rep rows 1-4 until 24 rows')).toEqual([5]);
		expect(again('rep rows 1-4 for a total of 12 rows')).toEqual([2]);
		expect(again('rep rows 1-4 ten times')).toEqual([10]);
		expect(again('rep rows 1-4 twice more')).toEqual([2]);
		const odd = read('Rows 1-4: k3\nrep rows 1-4 until 26 rows');
		expect([odd.repeats, odd.problems[0]?.what]).toEqual([
			[],
			'Rows 1 to 4, worked again and again, do not come to 26 rows.',
		]);
	});

	it('let the text’s own glossary decide before the teacher’s, and that before any school', () => {
		const lines = 'C4F: sl 1 to cn and hold in front, k1, k1 from cn';
		expect(one(`C4F\n${lines}`)).toBe('<C4F 2>');
		expect(short(read('C4F', lines).rows[0]!.items)).toBe('<C4F 2>');
		expect(short(read(`C4F\nC4F: sl 3 to cn and hold in back, k1, k3 from cn`, lines).rows[0]!.items)).toBe('<C4F 4>');
	});

	it('never throw, and put every complaint inside the text', () => {
		const word = fc.constantFrom(
			'k2',
			'p',
			'*',
			'[',
			')',
			'rep from *',
			'C4F',
			'3 times',
			'\n',
			'Row 1:',
			'Rows 2-',
			';',
			'to last',
			'x',
			'#',
			':',
			'all',
			'Cast on',
			'2/1 LPC',
			'(',
			'Ω',
			'sm',
		);
		const soup = fc.array(fc.oneof(word, fc.string({ maxLength: 6 })), { maxLength: 40 }).map((w) => w.join(' '));
		fc.assert(
			fc.property(soup, (text) => {
				for (const { at } of read(text).problems) {
					expect(at.from).toBeGreaterThanOrEqual(0);
					expect(at.to).toBeLessThanOrEqual(text.length);
				}
			}),
			{ numRuns: 400 },
		);
	});
});
