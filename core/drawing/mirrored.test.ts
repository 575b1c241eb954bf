import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HOLDER_SHAPES } from '../handling/index.ts';
import { anyCrossing } from '../test/arbitraries.ts';
import { named, traceOf } from '../test/made.ts';
import { type Drawing, drawRibbon, drawStage, toSvg } from './index.ts';
import { mirrored } from './mirrored.ts';

const HELD = 1;
const c = named('2/1 LPC');
const trace = traceOf(c, 'off-holder');
const stage = (more: Partial<Parameters<typeof drawStage>[3]> = {}): Drawing =>
	drawStage(c, trace, HELD + 1, { light: 'day', ...more });
const text = (drawing: Drawing, role: string): readonly (readonly [string, number, string])[] =>
	drawing.shapes.flatMap((s) => (s.kind === 'text' && s.role === role ? [[s.text, Math.round(s.x), s.anchor]] : []));

describe('a drawing turned left to right', () => {
	it('twice is the drawing itself', () => {
		fc.assert(
			fc.property(anyCrossing(5), (crossing) => {
				const drawing = drawRibbon(crossing, { light: 'day', numbers: true });
				const back = mirrored(mirrored(drawing)).crossPoints;
				for (const [i, point] of drawing.crossPoints.entries()) expect(back[i]!.x).toBeCloseTo(point.x, 9);
				expect(toSvg(mirrored(mirrored(drawing)))).toBe(toSvg(drawing));
			}),
			{ numRuns: 30 },
		);
	});

	it('turns strands and points but leaves letters legible', () => {
		const drawing = drawRibbon(c, { light: 'day', numbers: true });
		const turned = mirrored(drawing);
		const svg = toSvg(turned);
		expect(svg.match(/<path[^>]*transform="matrix\(-1 0 0 1 \d+ 0\)"/g)?.length).toBe(svg.match(/<path/g)?.length);
		expect(svg).not.toMatch(/<text[^>]*transform/);
		for (const [i, point] of drawing.crossPoints.entries())
			expect(turned.crossPoints[i]!.x).toBe(drawing.width - point.x);
	});

	it('says in words what is then seen', () => {
		const label = drawRibbon(c, { light: 'day', mirrored: true }).label;
		expect(label).toBe(
			'2 over 1, leaning right, purled behind. 1 and 2 pass in front of 3. Order before 1 2 3, after 3 1 2, left to right.',
		);
		expect(stage({ mirrored: true }).label).toMatch(
			/^Stitches 3 on the right needle; 1 and 2 on the cable needle in front\./,
		);
	});
});

describe('the stage in a settings', () => {
	it('brings the yarn from the hand that holds it, in either pair of hands', () => {
		const noteAt = (yarnHand: 'right' | 'left', turned: boolean): string =>
			stage({ yarnHand, mirrored: turned })
				.shapes.flatMap((s) => (s.kind === 'text' && s.text.startsWith('yarn') ? [s.anchor] : []))
				.join();
		expect([noteAt('right', false), noteAt('left', false), noteAt('right', true), noteAt('left', true)]).toEqual([
			'end',
			'start',
			'end',
			'start',
		]);
	});

	it('draws each shape of cable needle differently, hanging at the same place', () => {
		const outlines = HOLDER_SHAPES.map((holderShape) =>
			stage({ holderShape }).shapes.flatMap((s) => (s.kind === 'path' && s.role === 'holder' && s.fill ? [s.d] : [])),
		);
		expect(outlines.map((o) => o.length)).toEqual([1, 1, 1]);
		expect(new Set(outlines.flat()).size).toBe(3);
		const loops = HOLDER_SHAPES.map((holderShape) => text(stage({ holderShape }), 'tag'));
		expect(loops[1]).toEqual(loops[0]);
		expect(loops[2]).toEqual(loops[0]);
	});

	it('names the side that is seen in the teacher’s own word', () => {
		expect(text(stage({ side: 'show side' }), 'side')).toEqual([['show side towards you', 28, 'start']]);
		expect(text(stage(), 'side')).toEqual([]);
	});
});
