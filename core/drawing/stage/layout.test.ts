import { describe, expect, it } from 'vitest';
import { hand, waysFor } from '../../craft/index.ts';
import { twoGroups, type TwoGroupSpec } from '../../crossing/index.ts';
import { stateAt, type Trace } from '../../handling/index.ts';
import { traceOf } from '../../test/made.ts';
import { HEIGHT, layoutStage, WIDTH, type StageLayout } from './layout.ts';

const traceBy = (spec: TwoGroupSpec, way: string): Trace => traceOf(twoGroups(spec), way);
const specs: TwoGroupSpec[] = [
	{ front: 1, behind: 1, lean: 'left' },
	{ front: 2, behind: 3, lean: 'right', behindWork: 'p' },
	{ front: 6, behind: 6, lean: 'left' },
	{ front: 30, behind: 30, lean: 'right' },
];
const everyLayout = (): StageLayout[] =>
	specs.flatMap((spec) =>
		waysFor(hand, twoGroups(spec)).flatMap((way) => {
			const trace = traceBy(spec, way.id);
			return Array.from({ length: trace.steps.length + 1 }, (_, i) => layoutStage(stateAt(trace, i)));
		}),
	);

describe('the stage', () => {
	it('keeps every loop, tool and column inside the picture, at every move of every way', () => {
		for (const { heads, left, right, holders } of everyLayout()) {
			for (const { x, y, baseX } of heads) {
				expect(x).toBeGreaterThan(0);
				expect(x).toBeLessThan(WIDTH);
				expect(baseX).toBeGreaterThan(0);
				expect(baseX).toBeLessThan(WIDTH);
				expect(y).toBeGreaterThan(40);
				expect(y).toBeLessThan(HEIGHT / 1.8);
			}
			for (const tip of [left.tip, right.tip]) expect(tip.x > 0 && tip.x < WIDTH).toBe(true);
			for (const h of holders) expect(h.from > 0 && h.to < WIDTH).toBe(true);
		}
	});

	it('gives each loop its own place, in the order of the row', () => {
		const trace = traceBy(specs[1]!, 'off-holder');
		trace.steps.forEach(({ state }) => {
			const { heads, step } = layoutStage(state);
			const xs = state.loops.map((l) => heads.find((h) => h.stitch === l.stitch)!.x);
			for (let i = 1; i < xs.length; i++) expect(xs[i - 1]! - xs[i]!).toBeGreaterThan(step * 0.5);
		});
	});

	it('never moves the fabric: columns stand where they stood before the first move', () => {
		const trace = traceBy(specs[2]!, 'pinch');
		const bases = (step: number): string =>
			JSON.stringify(
				layoutStage(stateAt(trace, step))
					.heads.map((h) => [h.stitch, h.baseX])
					.sort(),
			);
		for (let i = 1; i <= trace.steps.length; i++) expect(bases(i)).toBe(bases(0));
	});

	it('hangs front cable needles below the needles, back ones behind them, and loose loops on nothing', () => {
		const held = (lean: 'left' | 'right'): StageLayout =>
			layoutStage(traceBy({ front: 2, behind: 2, lean }, 'off-holder').steps[0]!.state);
		const front = held('left');
		const back = held('right');
		expect(front.holders.map((h) => h.side)).toEqual(['front']);
		expect(back.holders.map((h) => h.side)).toEqual(['back']);
		expect(front.holders[0]!.y).toBeGreaterThan(back.holders[0]!.y);
		expect(back.holders[0]!.y).toBeGreaterThan(back.left.tip.y);
		const loose = layoutStage(traceBy({ front: 2, behind: 2, lean: 'left' }, 'pinch').steps[1]!.state);
		expect(loose.holders).toEqual([]);
		expect(loose.heads.filter((h) => h.loop?.on === 'loose').every((h) => h.y > loose.left.tip.y + 40)).toBe(true);
	});

	it('lets the right needle reach into the loops that it has entered, and back again', () => {
		const trace = traceBy({ front: 2, behind: 2, lean: 'right' }, 'pinch');
		const [before, entered, after] = [0, 1, 2].map((i) => layoutStage(stateAt(trace, i)));
		const third = entered!.heads.find((h) => h.stitch === 3)!;
		expect(before!.right.tip.x).toBeGreaterThan(third.x);
		expect(entered!.right).toMatchObject({ entered: 'front' });
		expect(entered!.right.tip.x).toBeLessThan(third.x);
		expect(after!.right.entered).toBeUndefined();
	});

	it('leads the yarn from the last stitch worked, on the side where it is', () => {
		const trace = traceBy({ front: 1, behind: 1, lean: 'right', behindWork: 'p' }, 'off-holder');
		const yarns = trace.steps.map(({ state }) => layoutStage(state).yarn);
		expect(yarns.map((y) => y.side)).toEqual(['behind', 'behind', 'front', 'front']);
		const knitted = layoutStage(trace.steps[1]!.state);
		expect(knitted.yarn.from.x).toBe(knitted.heads.find((h) => h.stitch === 2)!.x);
	});
});
