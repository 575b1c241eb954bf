/** Rows worked out by hand, beside the laws that are tried elsewhere. */

import { describe, expect, it } from 'vitest';
import { readGlossary, readRows, type StatedSchool } from '../notation/index.ts';
import { cellWords, cordsOf, mirrorWorked, swatchAt, withMistake, type Worked, workRows } from './index.ts';

const work = (text: string, castOn: number, school: StatedSchool = 'slash'): Worked =>
	workRows(readRows(text, { school, glossary: readGlossary('') }), { castOn, shape: 'flat', school });
const faces = (w: Worked): readonly string[] => w.rows.map((r) => r.stitches.map((s) => s.face).join(''));

describe('rows by hand', () => {
	it('takes a line of words for a title, but not one that names a crossing', () => {
		const title = work('My wall pennant\nRow 1: k2', 2);
		expect([title.rows.length, title.problems.map((p) => p.reason)]).toEqual([1, ['read-past']]);
		expect(work('left twist', 2).rows[0]!.crossings).toHaveLength(1);
	});

	it('works a line again on stitches that look otherwise', () => {
		const w = work(
			'Row 1: k2, p2\nAll WS rows: knit the knits and purl the purls\nRow 3: p2, k2\nRow 5: k4\nRow 6: p4',
			4,
		);
		expect(faces(w)).toEqual(['kkpp', 'kkpp', 'ppkk', 'ppkk', 'kkkk', 'kkkk']);
		const slipped = work('Row 1: k2\nAll WS rows: sl 2\nRow 3: ktbl 2\nRow 4: sl 2', 2);
		expect(slipped.rows.map((r) => r.stitches.map((s) => s.twisted === true))).toEqual([
			[false, false],
			[false, false],
			[true, true],
			[true, true],
		]);
	});

	it('takes the side of a first row of any number', () => {
		const sides = (text: string): readonly string[] => work(text, 4).rows.map((r) => r.side);
		expect(sides('Row 2 (WS): k4\nRow 3: k4')).toEqual(['WS', 'RS']);
		expect(sides('Row 2 (RS): k4\nRow 3: k4')).toEqual(['RS', 'WS']);
		expect(sides('Set-up row 1 (WS): k4\nSet-up row 2: k4\nRow 1: k4')).toEqual(['WS', 'RS', 'WS']);
		expect(sides('Set-up row: k4\nRow 1: k4')).toEqual(['WS', 'RS']);
	});

	it('numbers what follows a repeat from its end', () => {
		const w = work('Row 1: k4\nRow 2: p4\nRep these 2 rows 4 more times.\nNext row: 2/2 LC\nRow 12: p4', 4);
		expect(w.rows.map((r) => r.told)).toEqual([1, 2, 1, 2, 1, 2, 1, 2, 1, 2, 11, 12]);
		expect([w.problems, w.rows[10]!.crossings.length, w.repeats[0]!.times]).toEqual([[], 1, 5]);
		const then = work('Row 1: k4\nRow 2: p4\nRow 3: 2/2 LC\nRep rows 1-3 twice more, then rows 1 and 2 once more', 4);
		expect(then.rows.map((r) => r.told)).toEqual([1, 2, 3, 1, 2, 3, 1, 2, 3, 1, 2]);
	});

	it('puts a marker that a crossing covers behind it', () => {
		const w = work('k2, pm, k4\nk4, sm, k2\nk1, 2/2 LC, k1', 6);
		expect([w.rows[1]!.markers, w.rows[2]!.markers]).toEqual([[2], [5]]);
	});

	it('counts a strand that is purled in half of its crossings as background', () => {
		const w = work('1/1 LC\np2\n1/1 LPC', 2);
		// The second stitch is purled in one of two, the first in none.
		expect(cordsOf(w).cords).toHaveLength(1);
		expect(cordsOf(work('1/1 LC\np2\n1/1 LC', 2)).cords).toHaveLength(2);
	});

	it('mirrors where each stitch comes from', () => {
		const w = work('k1, k2tog, k3\np5', 6);
		expect(w.rows[0]!.stitches.map((s) => [s.from, ...(s.also ?? [])])).toEqual([[0], [1, 2], [3], [4], [5]]);
		const mirrored = mirrorWorked(w).rows;
		expect(mirrored[0]!.stitches.map((s) => [s.from, ...(s.also ?? [])])).toEqual([[0], [1], [2], [4, 3], [5]]);
		expect(mirrored[1]!.stitches.map((s) => s.from)).toEqual([0, 1, 2, 3, 4]);
	});

	it('says of a cell in which crossing it is', () => {
		const w = work('k1, 2/2 LC, k1', 6);
		expect(cellWords(w, cordsOf(w), 0, 1)).toMatch(
			/^Row 1 \(RS\), stitch 2 from the right: knit on the right side; strand B; in 2\/2 LC: 2 over 2, leaning left, /,
		);
		expect(cellWords(w, cordsOf(w), 0, 0, true)).toBe('Row 1 (RS), stitch 1 from the left: knit on the right side.');
	});

	it('costs a late crossing its ladder and two rows of the crossing', () => {
		const w = work(
			'Row 1: k8\nRow 2: p8\nRow 3: k2, 2/2 LC, k2\nRow 4: p8\nRow 5: k8\nRow 6: p8\nRow 7: k8\nRow 8: p8',
			8,
		);
		const cost = (id: 'late' | 'forgotten' | 'shifted'): number => {
			const made = withMistake(w, id, { row: 2, crossing: 0 });
			if (!made.ok) throw new Error(made.problems[0]!.what);
			return made.value.cost;
		};
		// Five rows lie above the crossing: four stitches over six rows; undone, six rows of eight.
		expect([cost('forgotten'), cost('late'), cost('shifted')]).toEqual([24, 32, 48]);
	});

	it('writes rounds as rounds at a loom', () => {
		const swatch = (shape: 'flat' | 'round') =>
			swatchAt({ title: 'Tube', castOn: 8, shape, school: 'slash', text: 'Row 1: k8\nRow 2: k8' } as never, 'loom', '');
		expect(swatch('round').text).toMatch(/^Rnds? 1/);
		expect(swatch('flat').text).toMatch(/^Rows? 1/);
	});
});
