import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawChart } from '../drawing/index.ts';
import { readGlossary, readRows } from '../notation/index.ts';
import { named } from '../test/made.ts';
import {
	applied,
	checksOf,
	cordsOf,
	placeCrossing,
	rowParts,
	seenFrom,
	type SwatchStart,
	toolPlan,
	type Worked,
	workRows,
} from './index.ts';
import { bedNeedleName } from '../craft/index.ts';

const worked = (text: string, start: Omit<SwatchStart, 'school'>): Worked =>
	workRows(readRows(text, { school: 'slash', glossary: readGlossary('') }), { ...start, school: 'slash' });
const reasons = (w: Worked): string[] => [...w.problems, ...checksOf(w, cordsOf(w))].map((p) => p.reason);
const rope = (between: number, group = 2): string => {
	const n = 2 * group;
	const plain = `k2, p1, k${n}, p1, k2`;
	return `Rows 1-2: ${plain}\nRow 3: k2, p1, ${group}/${group} RC, p1, k2\nRows 4-${3 + between}: ${plain}\nrep rows 3-${3 + between} twice more`;
};
const bed = (text: string, castOn = 10): Worked => worked(text, { castOn, shape: 'flat', craft: 'machine' });

describe('a swatch at the machine', () => {
	it('counts needles from the middle, all with a name of their own, left ones first', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 200 }), (n) => {
				const names = Array.from({ length: n }, (_, i) => bedNeedleName(i, n));
				expect(new Set(names).size).toBe(n);
				expect(names.filter((x) => x.startsWith('L'))).toHaveLength(Math.ceil(n / 2));
				expect(names.indexOf('L1')).toBe(Math.ceil(n / 2) - 1);
			}),
		);
	});

	it('is never turned: each row is a right-side row, and only a line that says otherwise is told of', () => {
		expect(bed(rope(5)).rows.every((r) => r.side === 'RS')).toBe(true);
		expect(reasons(bed(rope(5)))).toEqual([]);
		const said = bed('Row 1 (RS): k10\nRow 2 (WS): k10').problems;
		expect(said.map((p) => p.what)).toEqual([
			'Row 2 is worked on the RS, as the work is not turned, but its line says WS.',
		]);
	});

	it('is planned in order: numbers, tools, who goes down first, rows, and purl columns let down in the end', () => {
		const plan = toolPlan(bed(rope(5, 3), 12), { number: 4 })!;
		expect(plan.setup.join(' ')).toMatch(/12 needles into work, L6 to R6.*Number 4.*up to 3 prongs/);
		const said = plan.rows.map((r) => `${r.rows}: ${r.says}`);
		expect(said[0]).toBe('Rows 1 to 2: 2 rows with the carriage, to counter 2.');
		expect(said[1]).toBe(
			'Row 3: Set the number to 5. 3/3 RC: lift L3, L2, L1 with a tool of 3 and R1, R2, R3 with a tool of 3; put the loops of R1, R2, R3 down first, on L3, L2, L1, then those of L3, L2, L1 on R1, R2, R3; push L3 to R3 forward, holding off. Carriage slowly to the left, counter 3.',
		);
		// It stays looser for the row that lets the crossing rest.
		expect(said[3]).toBe('Row 5: Set the number back to 4. Carriage to the left, counter 5.');
		expect(said.find((s) => s.startsWith('Row 9'))).toBe('Row 9: As row 3; carriage to the left, counter 9.');
		expect(said.at(-1)).toContain(
			'Let L4, R4 down one by one, each over 20 rows, pinched there, and latch up the other way.',
		);
		expect(plan.cautions.join(' ')).toContain('maker’s manual');
	});

	it('says what each row handles, all of its stitches', () => {
		const w = bed(rope(5));
		for (const [i] of w.rows.entries()) {
			expect(rowParts(w, i).reduce((sum, p) => sum + p.takes, 0)).toBe(10);
		}
	});

	it.each([
		['a rope crossed too soon', bed(rope(2)), 'rest-rows'],
		['crossings side by side', bed('Row 1: k4, 1/1 RC, 1/1 RC, k2'), 'needles-between'],
		['wider than the tools', bed('Row 1: k1, 4/4 RC, k1'), 'craft'],
		['three groups', bed('Row 1: k2, 2/2/2 RC, k2'), 'craft'],
		['more than the bed has', bed('Row 1: knit', 201), 'bed'],
	])('checks %s', (_, w, reason) => {
		expect(reasons(w)).toContain(reason);
	});
});

describe('a swatch at the loom', () => {
	const loom = (text: string, shape: 'flat' | 'round' = 'round'): Worked =>
		worked(text, { castOn: 8, shape, craft: 'loom' });

	it('counts pegs from the right, and parks in one order all through', () => {
		const w = loom('Rnd 1: k8\nRnd 2: k2, 2/1 RC, k3\nRnd 3: k8');
		const says = (order: 'inside' | 'outside'): string => toolPlan(w, { order })!.rows[1]!.says;
		expect(says('inside')).toBe(
			'Knit 2. 2/1 RC: park peg 3 inside, bring 4, 5 to 3, 4, seat the others on 5, tug level and knit off. Knit 3.',
		);
		expect(says('outside')).toContain('hold pegs 4, 5 outside, bring 3 to 5, seat the others on 3, 4');
		expect(toolPlan(w)!.rows.map((r) => r.rows)).toEqual(['Row 1', 'Row 2', 'Row 3']);
	});

	it('asks for a stitch beyond each crossing on a rake, and for two groups of three at most', () => {
		expect(reasons(loom('Row 1: 2/2 RC, k4', 'flat'))).toEqual(['no-stitch-beyond']);
		expect(reasons(loom('Row 1: k1, 2/2 RC, k3', 'flat'))).toEqual([]);
		expect(reasons(loom('Rnd 1: 4/4 RC'))).toContain('craft');
	});

	it('has no plan by needles in the hands', () => {
		expect(toolPlan(worked('Row 1: k8', { castOn: 8, shape: 'flat' }))).toBeUndefined();
	});
});

describe('settings of a craft', () => {
	it('twists on right-side rows only where that is asked for', () => {
		const text = 'Row 1: k2 tbl, k2 tbl\nRow 2: p4\nRow 3: 2/2 RC\nRow 4: p4\nRow 5: k4 tbl';
		const start = { castOn: 4, shape: 'flat', craft: 'twisted' } as const;
		expect(reasons(worked(text, start))).toContain('not-twisted');
		expect(reasons(worked(text, { ...start, twist: 'right-side' }))).not.toContain('not-twisted');
	});

	it('crosses both layers of double-knitting, or one while the other lies straight, each knit on its own face', () => {
		const text = 'Row 1: k4, 2/2 RC, k4\nRow 2: p12';
		const seen = (layers: 'pairs' | 'facing' | 'back', side: 'RS' | 'WS') => {
			const w = worked(text, { castOn: 12, shape: 'flat', craft: 'double-knit', layers });
			const fabric = seenFrom(w, side).worked.rows[0]!;
			const chart = drawChart(w, { light: 'day', side });
			// Seen from behind, purl of the right side is knit.
			const knit = fabric.stitches.every((s) => s.face === (side === 'RS' ? 'k' : 'p'));
			return [fabric.crossings.length, chart.crossPoints.length > 0, knit];
		};
		expect(seen('pairs', 'RS')).toEqual([1, true, true]);
		expect(seen('pairs', 'WS')).toEqual([1, true, true]);
		expect(seen('facing', 'RS')).toEqual([1, true, true]);
		expect(seen('facing', 'WS')).toEqual([0, false, true]);
		expect(seen('back', 'RS')).toEqual([0, false, true]);
		expect(seen('back', 'WS')).toEqual([1, true, true]);
	});

	it('keeps the yarn in the label when a chart edit splits a line of several rows', () => {
		const text = 'Row 1 (RS, A): k8\nRows 2, 3 and 4 (WS, B): k8';
		const w = worked(text, { castOn: 8, shape: 'round' });
		const edit = placeCrossing(w, 2, 2, '2/2 RC', named('2/2 RC'));
		const after = edit.ok ? applied(text, edit.value) : '';
		expect(after).toMatch(/Rnd 3 \(WS, B\): k2, 2\/2 RC, k2/);
	});
});
