/** The core's part of the bench, printed as JSON: absolutes, and ratios within the same run. */

import { Bench } from 'tinybench';
import { hand, perform } from '../core/craft/index.ts';
import { twoGroups, type Crossing } from '../core/crossing/index.ts';
import { drawRibbon, drawStage, toSvg } from '../core/drawing/index.ts';
import { prove, simulate, startState } from '../core/handling/index.ts';
import { readName } from '../core/notation/index.ts';

const bench = new Bench({ time: 600, warmupTime: 200 });

/** The plainest thing with the same result in order: what any of this is measured against. */
const rotate = (n: number, by: number): number[] => Array.from({ length: n }, (_, i) => ((i + by) % n) + 1);

const wide: Crossing = twoGroups({ front: 30, behind: 30, lean: 'left' });
const cable = twoGroups({ front: 2, behind: 2, lean: 'left' });
const planned = hand.plan(cable, 'off-holder');
if (!planned.ok) throw new Error('no plan');
const done = perform(hand, cable, 'off-holder');
if (!done.ok) throw new Error('no performance');
const { trace } = done.value;

bench
	.add('plain array rotation, 4 stitches', () => void rotate(4, 2))
	.add('read a name (2/2 LC)', () => void readName('2/2 LC', 'slash'))
	.add('refuse a name (2/2 XC), with close ones', () => void readName('2/2 XC', 'slash'))
	.add('plan (2/2 LC)', () => void hand.plan(cable, 'off-holder'))
	.add('simulate (2/2 LC)', () => void simulate(planned.value, startState(4)))
	.add('prove (2/2 LC)', () => void prove(cable, trace))
	.add('name → plan → simulate → prove', () => {
		const read = readName('2/2 LC', 'slash');
		if (read.ok) perform(hand, read.crossing, 'off-holder');
	})
	.add('plan → simulate → prove, 60 stitches', () => void perform(hand, wide, 'off-holder'))
	.add('cords as SVG (2/2 LC)', () => void toSvg(drawRibbon(cable, { light: 'day' })))
	.add('stage as SVG (2/2 LC)', () => void toSvg(drawStage(cable, trace, 3, { light: 'day' })));

await bench.run();

const plain = bench.tasks[0]?.result;
const perSecond = (result: typeof plain): number => (result && 'throughput' in result ? result.throughput.mean : 0);
const lines = bench.tasks.map((task) => {
	const value = perSecond(task.result);
	return {
		what: task.name,
		value: Math.round(value),
		unit: 'a second',
		ratio: `${(perSecond(plain) / value).toFixed(1)} × the rotation`,
	};
});
console.log(JSON.stringify(lines));
