import { describe, expect, it } from 'vitest';
import { hand, waysFor } from '../../craft/index.ts';
import { MISTAKES, simulate, sitesOf, stateAt } from '../../handling/index.ts';
import { named, traceOf } from '../../test/made.ts';
import {
	demonstrationPage,
	drawAbove,
	type Drawing,
	drawResult,
	drawStage,
	type Shape,
	stripSvg,
	toSvg,
} from '../index.ts';
import { seenFromBehind } from './behind.ts';
import { layoutStage } from './layout.ts';
import { layoutBetween } from './motion.ts';

const c = named('2/1 LPC');
const trace = traceOf(c, 'off-holder');
const last = trace.steps.length;
const words = (d: Drawing, role: string): string[] =>
	d.shapes.flatMap((s) => (s.kind === 'text' && s.role === role ? [s.text] : []));
const roles = (d: Drawing): Set<string> => new Set(d.shapes.map((s) => s.role));

describe('seen from behind', () => {
	it('twice is the trace itself', () => {
		for (const way of waysFor(hand, c)) {
			const t = traceOf(c, way.id);
			expect(seenFromBehind(seenFromBehind(t))).toEqual(t);
		}
	});

	it('shows who is under as over, in the mirrored place, and calls sides as the worker does', () => {
		const front = drawStage(c, trace, last, { light: 'day' });
		const behind = drawStage(c, trace, last, { light: 'day', from: 'behind', side: 'WS' });
		expect(behind.crossPoints.length).toBe(front.crossPoints.length);
		for (const p of front.crossPoints) {
			const same = behind.crossPoints.find((q) => q.upper === p.lower && q.lower === p.upper);
			expect(same).toBeDefined();
		}
		const held = drawStage(c, trace, 2, { light: 'day', from: 'behind' });
		expect(words(held, 'note')).toEqual(['yarn in front', 'in front']);
		expect(held.label).toMatch(
			/^Seen from behind\. Stitches 3 on the left needle; 1 and 2 on the cable needle in front/,
		);
	});
});

describe('on the way from one move to the next', () => {
	it('begins and ends as the moves do, and never jumps', () => {
		for (const way of waysFor(hand, c)) {
			const t = traceOf(c, way.id);
			for (let step = 0; step < t.steps.length; step++) {
				const [a, b] = [layoutStage(stateAt(t, step)), layoutStage(stateAt(t, step + 1))];
				expect(layoutBetween(a, b, 0)).toBe(a);
				expect(layoutBetween(a, b, 1)).toBe(b);
				const places = Array.from({ length: 21 }, (_, i) => {
					const at = layoutBetween(a, b, i / 20);
					return new Map(at.heads.flatMap((h) => (h.stitch === undefined || h.old ? [] : [[h.stitch, h] as const])));
				});
				for (let i = 1; i < places.length; i++) {
					for (const [stitch, head] of places[i]!) {
						const before = places[i - 1]!.get(stitch)!;
						// A twentieth of the way is at most some of the longest path on the stage.
						expect(Math.hypot(head.x - before.x, head.y - before.y)).toBeLessThan(60);
					}
				}
			}
		}
	});

	it('draws a place between two moves', () => {
		const svg = (step: number): string => toSvg(drawStage(c, trace, step, { light: 'day' }));
		expect(new Set([2, 2.25, 2.5, 2.75, 3].map(svg)).size).toBe(5);
		expect(svg(last + 0.5)).toBe(svg(last));
	});
});

describe('from above', () => {
	it('puts each loop into the plane that it hangs in', () => {
		const heights = (step: number, way = 'two-holders'): Map<number, number> => {
			const three = named('2/1/2 LC, centre behind');
			const drawing = drawAbove(three, traceOf(three, way), step, { light: 'day' });
			return new Map(
				drawing.shapes.flatMap((s: Shape) =>
					s.kind === 'circle' && s.role === 'loop' && s.stitch ? [[s.stitch, s.cy] as const] : [],
				),
			);
		};
		const held = heights(2);
		// Nearer the worker is further down: tip group in front, far group on the needles, centre at the back.
		expect(held.get(1)!).toBeGreaterThan(held.get(4)!);
		expect(held.get(4)!).toBeGreaterThan(held.get(3)!);
		expect(new Set([...heights(0).values()]).size).toBe(1);
	});
});

describe('the fabric that results', () => {
	const wrong = (id: keyof typeof MISTAKES): ReturnType<typeof simulate> => {
		const site = sitesOf(MISTAKES[id], trace)[0]!;
		return simulate(site.moves, trace.start);
	};

	it('shows each mistake on the face where it is seen, and nothing where all is right', () => {
		const drawn = (of: ReturnType<typeof simulate>, face: 'RS' | 'WS'): Drawing =>
			drawResult(c, of.outcome, { light: 'day', face });
		expect(drawn(trace, 'RS').label).toBe('The fabric on the RS: as it should be.');
		expect([...roles(drawn(trace, 'RS'))]).not.toEqual(expect.arrayContaining(['bar']));
		expect([
			roles(drawn(wrong('yarn-outside'), 'RS')).has('bar'),
			roles(drawn(wrong('yarn-outside'), 'WS')).has('bar'),
		]).toEqual([true, false]);
		expect(roles(drawn(wrong('lost'), 'RS')).has('rung')).toBe(true);
		expect(roles(drawn(wrong('yarn-left'), 'WS')).has('extra')).toBe(true);
		expect(roles(drawn(wrong('knitwise'), 'RS')).has('twist')).toBe(true);
	});

	it('has the upper strand of the outcome on top, the other one from behind', () => {
		for (const [of, upper] of [
			[trace, 1],
			[wrong('wrong-side'), 3],
		] as const) {
			const uppers = (face: 'RS' | 'WS'): number[] =>
				drawResult(c, of.outcome, { light: 'day', face }).crossPoints.map((p) => p.upper);
			expect(uppers('RS')[0] === 3).toBe(upper === 3);
			expect(uppers('WS')[0] === 3).toBe(upper !== 3);
		}
	});
});

describe('files', () => {
	const frames = Array.from({ length: last + 1 }, (_, i) => ({
		drawing: drawStage(c, trace, i, { light: 'day' }),
		caption: hand.words(trace, i).caption,
	}));

	it('hold every move, with its words, and nothing that could run', () => {
		const strip = stripSvg(frames, { title: 'A <b>strip</b>', ink: '#000', paper: '#fff' });
		expect(strip.match(/<svg /g)?.length).toBe(frames.length + 1);
		expect(strip).toContain('A &lt;b&gt;strip&lt;/b&gt;');
		const html = demonstrationPage(frames, {
			title: '<script>x',
			lines: ['T3F'],
			ink: '#000',
			paper: '#fff',
			quiet: '#888',
		});
		expect(html.match(/<figure>/g)?.length).toBe(frames.length);
		for (const { caption } of frames) expect(html).toContain(caption);
		expect(html.match(/<script>/g)?.length).toBe(1);
		expect(html).not.toMatch(/(?:src|href)=|https?:\/\/(?!www\.w3\.org\/2000\/svg)/);
	});
});
