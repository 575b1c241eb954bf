import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hand, waysFor } from '../craft/index.ts';
import { isOver, twoGroups, type Crossing } from '../crossing/index.ts';
import { anyCrossing } from '../test/arbitraries.ts';
import { traceOf, turnedRound, valid } from '../test/made.ts';
import { pointAt, upright } from './curve.ts';
import { drawRibbon, drawStage, PALETTES, toSvg, type CrossPoint, type Drawing, type Light } from './index.ts';
import { weave, type Piece } from './weave.ts';

/** Which of two stitches' strands is painted last at a point, going by the pieces in painting order. */
function topAt(pieces: readonly Piece[], at: CrossPoint): number | undefined {
	const near = pieces.filter(({ stitch, curve }) => {
		if (stitch !== at.upper && stitch !== at.lower) return false;
		const points = Array.from({ length: 301 }, (_, i) => pointAt(curve, i / 300));
		return points.some((p) => Math.hypot(p.x - at.x, p.y - at.y) < 2);
	});
	return near.at(-1)?.stitch;
}

function wovenOf(c: Crossing): ReturnType<typeof weave> {
	const strands = c.order.map((stitch, place) => ({
		stitch,
		curve: upright({ x: -stitch * 40, y: 200 }, { x: -(place + 1) * 40, y: 0 }),
	}));
	return weave(strands, (a, b) => isOver(c, a, b) ?? false);
}

const luminance = (hex: string): number =>
	[0.2126, 0.7152, 0.0722].reduce((sum, weight, i) => {
		const v = Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16) / 255;
		return sum + weight * (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
	}, 0);
const contrast = (a: string, b: string): number => {
	const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
	return (light + 0.05) / (dark + 0.05);
};

describe('weaving', () => {
	it('paints the upper strand last wherever two meet, rings included', () => {
		fc.assert(
			fc.property(anyCrossing(6), (c) => {
				const { pieces, crossPoints } = wovenOf(c);
				expect(crossPoints.length).toBe(c.over.length);
				for (const p of crossPoints) {
					expect(isOver(c, p.upper, p.lower)).toBe(true);
					// Where several meetings of a ring fall almost on one point, nothing can be told there.
					const alone = crossPoints.every((q) => q === p || Math.hypot(q.x - p.x, q.y - p.y) > 12);
					if (alone) expect(topAt(pieces, p)).toBe(p.upper);
				}
			}),
			{ numRuns: 200 },
		);
	});

	it('cuts strands only where they lie in a ring', () => {
		const ring = valid({
			order: [3, 2, 1],
			over: [
				[1, 2],
				[2, 3],
				[3, 1],
			],
		});
		const stack = valid({
			order: [3, 2, 1],
			over: [
				[1, 2],
				[1, 3],
				[2, 3],
			],
		});
		const under = valid({
			order: [4, 3, 2, 1],
			over: [...ring.over.map(([u, l]): [number, number] => [u + 1, l + 1]), [1, 2], [1, 3], [1, 4]],
		});
		const pieces = [ring, stack, under].map((c) => wovenOf(c).pieces.length);
		// What lies over a whole ring stays whole, and on top of it.
		expect(pieces).toEqual([6, 3, 7]);
		expect(wovenOf(under).pieces.at(-1)?.stitch).toBe(1);
	});
});

describe('drawings', () => {
	const lights: Light[] = ['day', 'dusk', 'print'];
	const drawings = lights.flatMap((light) =>
		[twoGroups({ front: 3, behind: 2, lean: 'right', behindWork: 'p' }), turnedRound].flatMap((c) =>
			waysFor(hand, c).flatMap((way): Drawing[] => {
				const trace = traceOf(c, way.id);
				return [
					drawRibbon(c, { light, numbers: true }),
					...trace.steps.map((_, i) => drawStage(c, trace, i + 1, { light })),
				];
			}),
		),
	);

	it('are flat lists in order of depth, in concrete colours and finite numbers', () => {
		for (const { shapes } of drawings) {
			expect(shapes.map((s) => s.depth)).toEqual(shapes.map((s) => s.depth).sort((a, b) => a - b));
			const text = JSON.stringify(shapes);
			expect(text).not.toMatch(/NaN|null|Infinity|var\(|oklch|url\(/);
			for (const s of shapes) {
				for (const colour of [s.kind === 'text' ? s.halo : s.stroke, s.fill]) {
					if (colour !== undefined && colour !== 'none') expect(colour).toMatch(/^#[0-9a-f]{6}$/);
				}
			}
		}
	});

	it('show strands crossing on the stage exactly where the trace has passings', () => {
		const c = twoGroups({ front: 2, behind: 2, lean: 'left' });
		const trace = traceOf(c, 'off-holder');
		const pairs = (step: number): string[] =>
			[...new Set(drawStage(c, trace, step, { light: 'day' }).crossPoints.map((p) => `${p.upper}>${p.lower}`))].sort();
		expect(pairs(1)).toEqual([]);
		expect(pairs(2)).toEqual(['1>3', '2>3']);
		expect(pairs(5)).toEqual(['1>3', '1>4', '2>3', '2>4']);
	});

	it('put back-held loops behind the strands that pass in front of them', () => {
		const c = twoGroups({ front: 2, behind: 2, lean: 'right' });
		const { shapes } = drawStage(c, traceOf(c, 'off-holder'), 2, { light: 'day' });
		const deepest = (role: string, stitch?: number): number =>
			Math.min(
				...shapes.filter((s) => s.role === role && (stitch === undefined || s.stitch === stitch)).map((s) => s.depth),
			);
		expect(deepest('holder')).toBeLessThan(deepest('strand', 3));
		expect(deepest('strand', 1)).toBeLessThan(deepest('strand', 3));
	});

	it('grow in shapes no faster than the stitches', () => {
		const shapes = (n: number): number => {
			const c = twoGroups({ front: n / 2, behind: n / 2, lean: 'left' });
			return drawStage(c, traceOf(c, 'off-holder'), n, { light: 'day' }).shapes.length / n;
		};
		expect(shapes(60)).toBeLessThan(shapes(8));
	});

	it('become SVG that cannot carry markup from outside', () => {
		const drawing: Drawing = {
			width: 10,
			height: 10,
			label: '"><script>1</script>',
			crossPoints: [],
			shapes: [
				{
					kind: 'text',
					depth: 0,
					role: 'note',
					x: 0,
					y: 0,
					text: '<b>&',
					size: 9,
					fill: '#000000',
					anchor: 'start',
					face: 'sans',
				},
			],
		};
		expect(toSvg(drawing)).not.toMatch(/<script|<b>/);
		expect(toSvg(drawing)).toContain('&lt;b&gt;&amp;');
	});

	it('tell the cords apart in grey, and words from the water behind them', () => {
		for (const light of lights) {
			const { cords, ink, quiet, paper, water, risk } = PALETTES[light];
			const grey = cords.map((c) => c.body).sort((a, b) => luminance(a) - luminance(b));
			for (let i = 1; i < grey.length; i++) expect(contrast(grey[i]!, grey[i - 1]!)).toBeGreaterThan(1.25);
			for (const ground of [paper, ...water]) expect(contrast(ink, ground)).toBeGreaterThan(7);
			expect(contrast(quiet, paper)).toBeGreaterThan(4.5);
			expect(contrast(risk, water[0])).toBeGreaterThan(4.5);
		}
	});
});
