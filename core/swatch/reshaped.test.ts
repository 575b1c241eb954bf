/** A pattern written for another shape keeps its fabric. */

import { describe, expect, it } from 'vitest';
import { demoSwatches } from '../test/demo.ts';
import { BAND, MANNERS } from '../test/manners.ts';
import { check, reshaped, type Checked, type Reshaped } from './index.ts';

const ROUND: Reshaped = { shape: 'round', craft: 'hand' };
const FLAT: Reshaped = { shape: 'flat', craft: 'hand' };
const MACHINE: Reshaped = { shape: 'flat', craft: 'machine' };
const seen = (text: string, castOn: number, to: Reshaped): Checked =>
	check({ text, castOn, school: 'slash', ...to }, '');
const written = (checked: Checked, to: Reshaped): string => {
	const made = reshaped(checked, to);
	return made.ok ? made.value : made.problems[0]!.what;
};
const fabric = ({ worked }: Checked) =>
	worked.rows.map((r) => [
		r.stitches.map((s) => s.face).join(''),
		r.crossings.map(({ at, crossing }) => [at, crossing]),
	]);

describe('a flat band in the round', () => {
	it('has its WS rows read back and changed', () => {
		expect(written(seen('Row 1 (RS): k2, p1\nRow 2 (WS): k1, p2', 3, FLAT), ROUND)).toBe(
			'Rnd 1: k2, p1\nRnd 2: k2, p1',
		);
		expect(written(seen('Row 1: k1, k2tog, k2\nRow 2: p3, ptbl', 5, FLAT), ROUND)).toBe(
			'Rnd 1: k1, k2tog, k2\nRnd 2: k1 tbl, k3',
		);
	});

	it('is the other way about as well, and on the machine', () => {
		expect(written(seen('Rnd 1: k2, p1\nRnd 2: k2, p1', 3, ROUND), FLAT)).toBe('Row 1: k2, p1\nRow 2: k1, p2');
		expect(written(seen('Row 1: k2, p1\nRow 2: k1, p2', 3, FLAT), MACHINE)).toBe('Row 1: k2, p1\nRow 2: k2, p1');
	});

	it('writes a crossing that comes to the WS in a line of its own', () => {
		const made = written(seen('Rnd 1: k4\nRnd 2: 2/2 LC', 4, ROUND), FLAT);
		expect(made.split('\n')).toEqual([
			'2/2 LC ws: sl 2 sts to cn and hold in front, p2, p2 from cn',
			'Row 1: k4',
			'Row 2: 2/2 LC ws',
		]);
	});

	it.each(MANNERS)('is the same fabric, written with %s', (_, text) => {
		const flat = seen(text, BAND.castOn, FLAT);
		const round = seen(written(flat, ROUND), BAND.castOn, ROUND);
		expect(round.problems.filter((p) => p.weight !== 'note')).toEqual([]);
		expect(fabric(round)).toEqual(fabric(flat));
		expect(fabric(seen(written(round, FLAT), BAND.castOn, FLAT))).toEqual(fabric(flat));
	});

	it.each(demoSwatches.map((s) => [s.title, s] as const))('works out in the demo: %s', (_, swatch) => {
		expect(check(swatch, '').problems.filter((p) => p.weight === 'error')).toEqual([]);
	});

	it.each(demoSwatches.filter((s) => (s.craft ?? 'hand') === 'hand').map((s) => [s.title, s] as const))(
		'stays the swatch of the demo: %s',
		(_, swatch) => {
			const now = check(swatch, '');
			const to = swatch.shape === 'flat' ? ROUND : FLAT;
			const made = reshaped(now, to);
			if (!made.ok) throw new Error(made.problems[0]!.what);
			expect(fabric(check({ ...swatch, ...to, text: made.value }, ''))).toEqual(fabric(now));
		},
	);

	it('is refused where a row is not read, or cannot be written from the other side', () => {
		expect(written(seen('Row 1: k2, zz', 3, FLAT), ROUND)).toBe('Row 1 is not read.');
		expect(written(seen('Row 1: k3\nRow 2: kfb, k2', 3, FLAT), ROUND)).toBe(
			'Row 2 has kfb, which is not written from the other side here.',
		);
	});
});
