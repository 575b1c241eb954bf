import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type CraftId, craftOf, perform, type Performance, waysFor } from '../../craft/index.ts';
import type { MistakeId } from '../../handling/index.ts';
import { named } from '../../test/made.ts';
import { drawAbove, type Drawing, drawStage, type Shape, type StageOptions, toSvg } from '../index.ts';

const made = (id: CraftId, name: string, way: string, mistake?: MistakeId): Performance => {
	const done = perform(craftOf(id), named(name), way, mistake && { id: mistake, site: 0 });
	if (!done.ok) throw new Error(done.problems[0]!.what);
	return done.value;
};
const at = (done: Performance, step: number, more: Partial<StageOptions> = {}): Drawing =>
	drawStage(done.taken.loops, done.trace, step, { light: 'day', ...more });
const roles = (drawing: Drawing, role: string): Shape[] => drawing.shapes.filter((s) => s.role === role);
const texts = (drawing: Drawing, role: string): string[] =>
	drawing.shapes.flatMap((s) => (s.kind === 'text' && s.role === role ? [s.text] : []));
/** Stitch numbers from the left of the picture. */
const tags = (drawing: Drawing): string[] =>
	drawing.shapes
		.flatMap((s) => (s.kind === 'text' && s.role === 'tag' ? [s] : []))
		.sort((a, b) => a.x - b.x)
		.map((s) => s.text);
const passed = (drawing: Drawing): string[] => [...new Set(drawing.crossPoints.map((p) => `${p.upper}>${p.lower}`))];

describe('a loom as a picture', () => {
	const inside = made('loom', '2/2 RC', 'parked-inside');
	const outside = made('loom', '2/2 LC', 'held-outside');

	it('stands as the worker sees it: stitch 1 at the right, the knit side towards them', () => {
		const start = at(inside, 0);
		expect(tags(start)).toEqual(['4', '3', '2', '1']);
		expect(tags(at(inside, 0, { from: 'behind' }))).toEqual(['1', '2', '3', '4']);
		expect(texts(start, 'side')).toEqual(['knit side towards you']);
		expect(texts(at(inside, 0, { from: 'behind' }), 'side')).toEqual(['other side towards you']);
		expect(start.label).toBe('Loops 1 to 4 on pegs. The row is wrapped leftwards.');
	});

	it('draws what is parked inside behind what is led past, and what is held outside before it', () => {
		expect(passed(at(inside, 13)).sort()).toEqual(['3>1', '3>2', '4>1', '4>2']);
		expect(passed(at(outside, 13)).sort()).toEqual(['1>3', '1>4', '2>3', '2>4']);
		expect(texts(at(inside, 2), 'note')).toContain('inside, on a pin');
		expect(texts(at(outside, 2), 'note')).toContain('outside, on a stitch holder');
		// Words are large where the picture is small, and say less.
		expect(texts(at(outside, 2, { textScale: 1.9 }), 'note')).toContain('outside');
		const depths = (done: Performance): number => Math.max(...roles(at(done, 2), 'holder').map((s) => s.depth));
		const strands = Math.max(...roles(at(inside, 2), 'strand').map((s) => s.depth));
		expect(depths(inside)).toBeLessThan(strands);
		expect(depths(outside)).toBeGreaterThan(strands);
	});

	it('has far pegs only where it is closed, and rings what is pulled large or hangs up', () => {
		expect(roles(at(inside, 0), 'far-peg').length).toBeGreaterThan(0);
		const { trace, taken } = inside;
		if (trace.tool !== 'loom') throw new Error('no loom');
		const rake = { ...trace, start: { ...trace.start, shape: 'rake' as const } };
		expect(roles(drawStage(taken.loops, rake, 0, { light: 'day' }), 'far-peg')).toEqual([]);
		expect(roles(at(inside, 4), 'risk')).toHaveLength(2);
		expect(texts(at(inside, 4), 'note')).toContain('pulled large');
		expect(roles(at(inside, 13), 'risk')).toEqual([]);
		const hung = made('loom', '2/2 RC', 'parked-inside', 'hung-up');
		expect(texts(at(hung, 13), 'note')).toContain('hangs up');
	});
});

describe('a bed as a picture', () => {
	const two = made('machine', '2/2 RC', 'two-tools');
	const raised = made('machine', '2/2 RC', 'raised');

	it('stands as the worker sees it: stitch 1 at the left, the purl side towards them', () => {
		expect(tags(at(two, 0))).toEqual(['1', '2', '3', '4']);
		expect(tags(at(two, 0, { from: 'behind' }))).toEqual(['4', '3', '2', '1']);
		expect(texts(at(two, 0), 'side')).toEqual(['purl side towards you']);
		expect(texts(at(two, 0, { from: 'behind' }), 'side')).toEqual(['knit side towards you']);
		expect(at(two, 3).label).toContain('3 and 4 on needles; 1 and 2 on a transfer tool');
	});

	it('shows on the knit side what was put down first on top, and on the purl side below', () => {
		const last = two.trace.steps.length;
		expect(passed(at(two, last, { from: 'behind' })).sort()).toEqual(['3>1', '3>2', '4>1', '4>2']);
		expect(passed(at(two, last)).sort()).toEqual(['1>3', '1>4', '2>3', '2>4']);
	});

	it('moves its carriage, its needles and its weight with the procedure', () => {
		const tip = (drawing: Drawing): number =>
			Math.max(
				...roles(drawing, 'needle').flatMap((s) =>
					s.kind === 'path' ? [...s.d.matchAll(/V([\d.]+)/g)].map((m) => Number(m[1])) : [],
				),
			);
		const forward = two.trace.steps.findIndex((s) => s.move.kind === 'place') + 1;
		expect(tip(at(two, forward))).toBeGreaterThan(tip(at(two, forward - 1)));
		expect(tip(at(two, forward + 1))).toBe(tip(at(two, 0)));
		const carriage = (drawing: Drawing): string => {
			const [s] = roles(drawing, 'carriage');
			return s?.kind === 'path' ? s.d : '';
		};
		const row = two.trace.steps.findIndex((s) => s.move.kind === 'row');
		expect(new Set([row, row + 0.5, row + 1].map((step) => carriage(at(two, step)))).size).toBe(3);
		const eased = made('machine', '2/2 RC', 'loosened');
		const off = eased.trace.steps.findIndex((s) => s.move.kind === 'weights') + 1;
		expect([roles(at(eased, 0), 'weight').length > 0, roles(at(eased, off), 'weight').length]).toEqual([true, 0]);
		expect(texts(at(two, 0), 'note')).toEqual(expect.arrayContaining(['6', 'holding off']));
	});

	it('lets columns down and shows them purl on the knit side once they are latched up', () => {
		const down = raised.trace.steps.findIndex((s) => s.move.kind === 'ladder') + 1;
		expect(roles(at(raised, down), 'rung').length).toBeGreaterThan(0);
		const end = at(raised, raised.trace.steps.length, { from: 'behind' });
		expect(roles(end, 'rung')).toEqual([]);
		const before = at(raised, down - 1, { from: 'behind' });
		// A bump is one strand where a knit stitch has two halves.
		expect(roles(end, 'fabric').length).toBeLessThan(roles(before, 'fabric').length);
	});
});

describe('any moment of either', () => {
	const all = (['loom', 'machine'] as const).flatMap((id) =>
		['1/1 RC', '2/1 LPC', '3/3 LC'].flatMap((name) =>
			waysFor(craftOf(id), named(name)).map((way) => made(id, name, way.id)),
		),
	);

	it('is whole, between moves too, in every light, from every side, with every loop in it once', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...all),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.constantFrom('day' as const, 'dusk' as const, 'print' as const),
				fc.constantFrom('front' as const, 'behind' as const, 'above' as const),
				(done, way, light, from) => {
					const step = way * done.trace.steps.length;
					const drawing =
						from === 'above'
							? drawAbove(done.taken.loops, done.trace, step, { light })
							: at(done, step, { light, from });
					const svg = toSvg(drawing);
					expect(svg).not.toMatch(/NaN|undefined|Infinity/);
					const numbers = tags(drawing)
						.map(Number)
						.sort((a, b) => a - b);
					expect(numbers).toEqual(Array.from({ length: done.taken.loops.n }, (_, i) => i + 1));
				},
			),
			{ numRuns: 150 },
		);
	});
});
