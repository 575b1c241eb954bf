/** One band, written down in thirty manners, is one fabric. */

import { describe, expect, it } from 'vitest';
import { readGlossary, readRows, ROW_FILLERS, type RowsText } from '../notation/index.ts';
import { BAND, MANNERS } from '../test/manners.ts';
import { workRows, type SwatchShape, type Worked } from './index.ts';

const readText = (text: string): RowsText => readRows(text, { school: 'any', glossary: readGlossary('') });
const work = (text: string, castOn: number, shape: SwatchShape = 'flat'): Worked =>
	workRows(readText(text), { castOn, shape, school: 'any' });
const facesOf = ({ rows }: Worked): readonly string[] => rows.map((r) => r.stitches.map((s) => s.face).join(''));
const fabricOf = ({ rows }: Worked) =>
	rows.map((r) => [
		r.side,
		r.stitches.map((s) => s.face).join(''),
		r.crossings.map(({ at, crossing }) => [at, crossing]),
	]);

describe('a band', () => {
	const band = work(BAND.text, BAND.castOn);

	it('has eight rows', () => {
		expect(facesOf(band)).toEqual(Array(8).fill('pppkkkkkkkkppp'));
		expect(band.rows.map((r) => r.crossings.length)).toEqual([0, 0, 1, 0, 0, 0, 1, 0]);
	});

	it.each(MANNERS)('is the same fabric with %s', (_, text) => {
		const worked = work(text, BAND.castOn);
		expect(worked.problems.filter((p) => p.weight !== 'note')).toEqual([]);
		expect(fabricOf(worked)).toEqual(fabricOf(band));
	});
});

describe('a fabric by its name', () => {
	it.each([
		['garter, flat', 'Rows 1-3: garter st over 4', 'flat', ['kkkk', 'pppp', 'kkkk']],
		['garter, in the round', 'Rnds 1-3: garter st', 'round', ['kkkk', 'pppp', 'kkkk']],
		['moss stitch', 'Rows 1-3: moss st', 'flat', ['kpkp', 'pkpk', 'kpkp']],
		['moss stitch over an odd number', 'Row 1: moss over 3, k1\nRow 2: p1, moss over 3', 'flat', ['kpkk', 'pkpk']],
		['k2, p2 rib', 'Row 1: k2, p2 rib\nRow 2: rib', 'flat', ['kkpp', 'kkpp']],
		['1x1 rib, then in St st', 'Row 1: 1x1 rib\nRow 2: work in St st', 'flat', ['kpkp', 'kkkk']],
		['p1, k1 rib', 'Row 1: p1, k1 rib to end', 'flat', ['pkpk']],
		['several rows', 'Work 2 rows in garter st.\nWork 2 rows even.', 'flat', ['kkkk', 'pppp', 'pppp', 'pppp']],
	] as const)('is worked: %s', (_, text, shape, faces) => {
		const worked = work(text, 4, shape);
		expect(worked.problems).toEqual([]);
		expect(facesOf(worked)).toEqual(faces);
	});

	it.each([
		['Row 1: rib', 'This does not say which rib.'],
		['Row 1: as set', 'Nothing is set yet: this is the first row.'],
		['Row 1: moss over 5', 'This needs 5 stitches, and 4 are left.'],
	])('is told where it cannot be: %s', (text, what) => {
		expect(work(text, 4).problems.map((p) => p.what)).toEqual([what]);
	});
});

describe('what a text leaves open', () => {
	const counts = (text: string, castOn: number): readonly number[] =>
		work(text, castOn).rows.map((r) => r.stitches.length);

	it('is the size, which is asked once, and kept by one press', () => {
		const text = 'Cast on 14 (18, 22) sts\nRow 1: p3 (5, 7), k8, p3 (5, 7)';
		const [problem, ...more] = readText(text).problems;
		expect(more).toEqual([]);
		expect(problem!.what).toBe('The pattern is for 3 sizes: “14 (18, 22)”. The first one is worked here.');
		expect(problem!.fixes!.map((f) => f.title)).toEqual([
			'Keep the first size',
			'Keep the second size',
			'Keep the third size',
		]);
		expect(problem!.fixes![1]!.text).toBe('Cast on 18 sts\nRow 1: p5, k8, p5');
		expect(counts(text, 14)).toEqual([14]);
		expect(readText('Cast on 20 (24) sts\nRow 1: k20 (24)').problems[0]!.fixes![1]!.text).toBe(
			'Cast on 24 sts\nRow 1: k24',
		);
		expect(readText('Cast on 14 (18, 22) sts\nRow 1: k14 (18)').problems[0]!.fixes).toHaveLength(3);
		expect(readText('Row 1: k3 (14 sts)').problems).toEqual([]);
	});

	it('is how often: three more, or three in all where only that comes out', () => {
		const row = 'Row 1: p3, *k2, p2; rep from * 3 times';
		expect(counts(row, 19)).toEqual([19]);
		expect(work(row, 19).problems).toEqual([]);
		expect(work(row, 15).problems.map((p) => [p.reason, p.weight])).toEqual([['times-in-all', 'note']]);
		expect(work(`${row} more`, 15).problems.map((p) => p.reason)).toEqual(['too-few-stitches']);
		expect(work(row, 17).problems.map((p) => p.weight)).toEqual(['error']);
	});

	it('is the stitch: an increase or a decrease may be one of two', () => {
		const fixes = (text: string) => readText(`Row 1: k2, ${text}, k2`).problems.map((p) => p.fixes?.map((f) => f.text));
		expect(fixes('inc 1')).toEqual([['kfb', 'm1']]);
		expect(fixes('dec 1')).toEqual([['k2tog', 'ssk']]);
	});

	it('is no side where a label says even rows: in the round they are RS rows', () => {
		const { problems, rows } = work(
			'Rnd 1: k4\nRnd 2 and all even rnds: k4\nRnd 3: 2/2 LC\nRnd 5 and every other rnd: k4',
			4,
			'round',
		);
		expect(problems).toEqual([]);
		expect(rows).toHaveLength(5);
	});

	it('is the crossing, whatever stands behind its name', () => {
		for (const text of ['C4B twice', 'C4F p3']) {
			const [problem] = readText(`Row 1: ${text}`).problems;
			expect(problem!.code, text).toBe('other-school');
		}
	});
});

describe('a word that says nothing between stitches', () => {
	const plain = work('Row 1: p3, k8, p3', 14);
	it.each([...ROW_FILLERS].filter((word) => word !== 'turn'))('changes nothing: %s', (word) => {
		const worked = work(`Row 1: p3, ${word} k8, p3`, 14);
		expect(worked.problems).toEqual([]);
		expect(facesOf(worked)).toEqual(facesOf(plain));
	});

	it('is “turn” at the end of a row alone', () => {
		expect(work('Row 1: p3, k8, p3, turn', 14).problems).toEqual([]);
		expect(work('Row 1: p3, turn, k8, p3', 14).problems).toHaveLength(1);
	});
});

describe('two yarns', () => {
	it('are said in the label or before the stitches', () => {
		const text = [
			'Rows 1-2: with A, knit',
			'Row 3 (B): k2, sl1, k1',
			'Row 4: with B, k4',
			'Row 5 with MC: k4',
			'Row 6 (CC): k4',
		];
		const { rows, problems } = work(text.join('\n'), 4);
		expect(problems).toEqual([]);
		expect(rows.map((r) => r.stitches.map((s) => s.colour).join(''))).toEqual([
			'AAAA',
			'AAAA',
			'BBAB',
			'BBBB',
			'AAAA',
			'BBBB',
		]);
	});
});
