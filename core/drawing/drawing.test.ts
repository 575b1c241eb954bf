import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hand, waysFor } from '../craft/index.ts';
import { type Crossing, isOver, ofGroups, twoGroups } from '../crossing/index.ts';
import { anyCrossing } from '../test/arbitraries.ts';
import { traceOf, turnedRound, valid } from '../test/made.ts';
import { pointAt, upright } from './curve.ts';
import { type CrossPoint, type Drawing, drawRibbon, drawStage, type Light, PALETTES, toSvg } from './index.ts';
import { weave, type StrandPiece } from './weave.ts';

/** Which of two stitches' strands is painted last at a point, going by the pieces in painting order. */
function topAt(pieces: readonly StrandPiece[], at: CrossPoint): number | undefined {
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
	[0.2126, 0.7152, 0.0722].reduce((sum, weight, i) => sum + weight * linear(hex)[i]!, 0);
const contrast = (a: string, b: string): number => {
	const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
	return (light + 0.05) / (dark + 0.05);
};

const linear = (hex: string): readonly number[] =>
	[0, 1, 2].map((i) => {
		const v = Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16) / 255;
		return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
	});
const times =
	(m: readonly (readonly number[])[]) =>
	(v: readonly number[]): readonly number[] =>
		m.map((row) => row.reduce((sum, a, i) => sum + a * v[i]!, 0));
/** Linear RGB as seen without one kind of cones: Machado, Oliveira and Fernandes 2009, severity 1. */
const SEEN_WITHOUT = {
	'long-wave cones': times([
		[0.152286, 1.052583, -0.204868],
		[0.114503, 0.786281, 0.099216],
		[-0.003882, -0.048116, 1.051998],
	]),
	'middle-wave cones': times([
		[0.367322, 0.860646, -0.227968],
		[0.280085, 0.672501, 0.047413],
		[-0.01182, 0.04294, 0.968881],
	]),
	'short-wave cones': times([
		[1.255528, -0.076749, -0.178779],
		[-0.078411, 0.930809, 0.147602],
		[0.004733, 0.691367, 0.3039],
	]),
};
/** CIE L*a*b* under D65, where a distance of 2 to 3 is just seen. */
function lab(rgb: readonly number[]): readonly number[] {
	const [x, y, z] = times([
		[0.4124 / 0.9505, 0.3576 / 0.9505, 0.1805 / 0.9505],
		[0.2126, 0.7152, 0.0722],
		[0.0193 / 1.089, 0.1192 / 1.089, 0.9505 / 1.089],
	])(rgb.map((v) => Math.max(0, Math.min(1, v)))).map((t) =>
		t > 216 / 24389 ? Math.cbrt(t) : (841 / 108) * t + 4 / 29,
	);
	return [116 * y! - 16, 500 * (x! - y!), 200 * (y! - z!)];
}

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

describe('strands in a ring', () => {
	// Three of any sizes, or four alike; each lies over the next one around.
	const size = fc.integer({ min: 1, max: 3 });
	const ring = fc
		.oneof(
			fc.tuple(size, size, size),
			size.map((s) => [s, s, s, s]),
		)
		.map((sizes: readonly number[]) => {
			const many = sizes.length;
			const over = sizes.flatMap((_, i) =>
				sizes.slice(i + 1).map((_, k): [number, number] => {
					const j = i + 1 + k;
					// The last over the first closes the ring.
					return j === many - 1 && i === 0 ? [j + 1, i + 1] : [i + 1, j + 1];
				}),
			);
			const made = ofGroups({ sizes, order: sizes.map((_, i) => many - i), over });
			if (!made.ok) throw new Error(made.problems[0]!.what);
			return { c: made.value, cordOf: sizes.flatMap((size, i) => Array.from({ length: size }, () => i)) };
		});

	it('meet two by two around an opening, never three in one place', () => {
		fc.assert(
			fc.property(ring, ({ c, cordOf }) => {
				const { crossPoints } = drawRibbon(c, { light: 'day' });
				expect(crossPoints.length).toBe(c.over.length);
				const middles = new Map<string, { x: number; y: number }[]>();
				for (const p of crossPoints) {
					const pair = [cordOf[p.upper - 1]!, cordOf[p.lower - 1]!].sort((a, b) => a - b).join();
					middles.set(pair, [...(middles.get(pair) ?? []), p]);
				}
				const at = [...middles.values()].map((ps) => ({
					x: ps.reduce((sum, p) => sum + p.x, 0) / ps.length,
					y: ps.reduce((sum, p) => sum + p.y, 0) / ps.length,
				}));
				const least = Math.min(...at.flatMap((a, i) => at.slice(i + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y))));
				expect(least).toBeGreaterThan(6);
			}),
			{ numRuns: 60 },
		);
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

	it('tell the strands apart to eyes that lack one of the three kinds of cones', () => {
		for (const light of ['day', 'dusk'] as const) {
			const { cords, ground } = PALETTES[light];
			for (const [lacks, seen] of Object.entries(SEEN_WITHOUT)) {
				const bodies = [...cords, ground].map((c) => lab(seen(linear(c.body))));
				for (const [i, a] of bodies.entries()) {
					for (const b of bodies.slice(i + 1)) {
						const far = Math.hypot(...a.map((v, k) => v - b[k]!));
						expect(far, `${light}, without ${lacks}`).toBeGreaterThan(12);
					}
				}
			}
		}
	});

	it('tell the strands apart in grey, and words from the water behind them', () => {
		for (const light of lights) {
			const { cords, ink, quiet, paper, water, risk } = PALETTES[light];
			const grey = cords.map((c) => c.body).sort((a, b) => luminance(a) - luminance(b));
			// Paper has white and black besides, and textures.
			const least = light === 'print' ? 1.25 : 1.6;
			for (let i = 1; i < grey.length; i++) expect(contrast(grey[i]!, grey[i - 1]!)).toBeGreaterThan(least);
			for (const ground of [paper, ...water]) expect(contrast(ink, ground)).toBeGreaterThan(7);
			expect(contrast(quiet, paper)).toBeGreaterThan(4.5);
			expect(contrast(risk, water[0])).toBeGreaterThan(4.5);
		}
	});
});
