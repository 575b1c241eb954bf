import fc from 'fast-check';
import { expect, it } from 'vitest';
import { check, checked, checking, checkingOnce, CORD_KINDS, practiceSwatch, type SwatchText } from './index.ts';

const swatches = fc
	.record({
		kind: fc.constantFrom(...CORD_KINDS),
		group: fc.integer({ min: 1, max: 4 }),
		ground: fc.integer({ min: 0, max: 4 }),
		repeats: fc.integer({ min: 1, max: 6 }),
		shape: fc.constantFrom('flat' as const, 'round' as const),
		/** Rows that are typed besides, and cannot all be worked. */
		more: fc.constantFrom('', '\nRow 90: k3, C4F, wave', '\nheron = sl 1 st to cn and hold in front, k1, k1 from cn'),
	})
	.map(({ kind, group, ground, repeats, shape, more }): SwatchText => {
		const made = practiceSwatch({ cords: [{ kind, group }], border: 2, ground, repeats, shape, school: 'slash' });
		return { text: made.text + more, castOn: made.castOn, shape, school: 'slash' };
	});

it('worked in pieces side by side, two swatches come out as each does alone', () => {
	fc.assert(
		fc.property(swatches, swatches, (one, other) => {
			const all = [one, other].map((swatch) => checking(swatch, ''));
			const said = all.map((): unknown => undefined);
			const left = new Set(all.keys());
			while (left.size > 0) {
				for (const i of left) {
					const piece = all[i]!.next();
					if (!piece.done) continue;
					said[i] = piece.value;
					left.delete(i);
				}
			}
			expect(said).toEqual([check(one, ''), check(other, '')]);
		}),
		{ numRuns: 60 },
	);
});

it('a swatch of four times the rows comes in at least so many more pieces, and none is the whole', () => {
	const lines = (count: number): string =>
		Array.from({ length: count }, (_, i) => (i % 4 === 2 ? 'p2, 2/2 LC, p2' : 'p2, k4, p2')).join('\n');
	const pieces = (count: number): number =>
		[...checking({ text: lines(count), castOn: 8, shape: 'round', school: 'slash' }, '')].length;
	expect(pieces(20)).toBeGreaterThan(40);
	expect(pieces(80) - pieces(20)).toBeGreaterThanOrEqual(120);
});

it('what was worked in pieces is not worked again', () => {
	const swatch: SwatchText = { text: 'Row 1: p2, 2/2 LC, p2', castOn: 8, shape: 'flat', school: 'slash' };
	const pieces = checkingOnce(swatch, '');
	let made;
	for (let piece = pieces.next(); ; piece = pieces.next()) {
		if (!piece.done) continue;
		made = piece.value;
		break;
	}
	expect(checked({ ...swatch }, '')).toBe(made);
	expect(checkingOnce(swatch, '').next()).toEqual({ done: true, value: made });
	// Another glossary is another reading.
	expect(checked(swatch, '2/2 LC: sl 2 sts to cn and hold at back, k2, k2 from cn')).not.toBe(made);
});
