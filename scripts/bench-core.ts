/** The core's part of the bench, printed as JSON: absolutes, and ratios within the same run. */

import { Bench } from 'tinybench';
import { craftOf, hand, perform, planIn, waysFor } from '../core/craft/index.ts';
import { compose, composed, crossing, reversedPairs, twoGroups, type Crossing } from '../core/crossing/index.ts';
import { drawChart, drawRibbon, drawStage, toSvg } from '../core/drawing/index.ts';
import { fabricFromParents, relax, type LoopFabric } from '../core/fabric/index.ts';
import { checksOf, cordsOf, workRows, type Worked } from '../core/swatch/index.ts';
import { diagnose, MISTAKES, prove, search, simulate, sitesOf, startState } from '../core/handling/index.ts';
import { readAll, readGlossary, readName, readRows, readSentence, SCHOOL_IDS } from '../core/notation/index.ts';

interface BenchLine {
	readonly what: string;
	readonly value: number;
	readonly unit: string;
	readonly ratio?: string;
}

const bench = new Bench({ time: 500, warmupTime: 150 });

/** The plainest thing with the same result in order: what any of this is measured against. */
const permute = (order: readonly number[]): number[] => {
	const after: number[] = [];
	for (let i = 0; i < order.length; i++) after.push(order[order[i]! - 1]!);
	return after;
};

const cables = (n: number): Crossing => twoGroups({ front: n / 2, behind: n / 2, lean: 'left' });
const wide = cables(60);
const cable = cables(4);
const planned = planIn(hand, cable, 'off-holder');
if (!planned.ok) throw new Error('no plan');
const done = perform(hand, cable, 'off-holder');
if (!done.ok) throw new Error('no performance');
const { trace } = done.value;
const loomed = perform(craftOf('loom'), cable, 'parked-inside');
if (!loomed.ok) throw new Error('no performance at the loom');

bench
	.add('plain array permutation, 4 stitches', () => void permute(cable.order))
	.add('compose (2/2 LC on 2/2 LC)', () => void compose(composed(cable), cable))
	.add('read a name (2/2 LC)', () => void readName('2/2 LC', 'slash'))
	.add('read a name with no school (C4F)', () => void readAll('C4F'))
	.add('refuse a name (2/2 XC), with close ones', () => void readName('2/2 XC', 'slash'))
	.add('read a sentence (2/1 LPC)', () => void readSentence('sl 2 sts to cn and hold in front, p1, k2 from cn'))
	.add('plan (2/2 LC)', () => void planIn(hand, cable, 'off-holder'))
	.add('simulate (2/2 LC)', () => void simulate(planned.value, startState(4)))
	.add('prove (2/2 LC)', () => void prove(cable, trace))
	.add('search (2/2 LC)', () => void search(cable))
	.add('a mistake, all its places (2/2 LC, lost)', () => void sitesOf(MISTAKES.lost, trace))
	.add('from two signs back to causes (2/2 LC)', () => void diagnose(cable, trace, ['leans-wrong', 'bump']))
	.add('name → plan → simulate → prove', () => {
		const read = readName('2/2 LC', 'slash');
		if (read.ok) perform(hand, read.crossing, 'off-holder');
	})
	.add('plan → simulate → prove, 60 stitches', () => void perform(hand, wide, 'off-holder'))
	.add('plan → simulate → prove at the loom (2/2 LC)', () => void perform(craftOf('loom'), cable, 'parked-inside'))
	.add('plan → simulate → prove at the machine (2/2 LC)', () => void perform(craftOf('machine'), cable, 'two-tools'))
	.add('loom as SVG (2/2 LC)', () => void toSvg(drawStage(cable, loomed.value.trace, 4, { light: 'day' })))
	.add('cords as SVG (2/2 LC)', () => void toSvg(drawRibbon(cable, { light: 'day' })))
	.add('stage as SVG (2/2 LC)', () => void toSvg(drawStage(cable, trace, 3, { light: 'day' })));

await bench.run();

const plain = bench.tasks[0]?.result;
const perSecond = (result: typeof plain): number => (result && 'throughput' in result ? result.throughput.mean : 0);
const lines: BenchLine[] = bench.tasks.map((task) => {
	const value = perSecond(task.result);
	return {
		what: task.name,
		value: Math.round(value),
		unit: 'a second',
		ratio: `${(perSecond(plain) / value).toFixed(1)} × the permutation`,
	};
});

/** Milliseconds for each of `times` calls. */
function timed(times: number, call: (i: number) => void): number {
	const from = performance.now();
	for (let i = 0; i < times; i++) call(i);
	return (performance.now() - from) / times;
}

// Growth: two groups of half the stitches each, so that the pairs that cross grow with the square.
for (const [what, one] of [
	['compose', (c: Crossing) => void compose(composed(c), c)],
	['plan → simulate → prove', (c: Crossing) => void perform(hand, c, 'off-holder')],
] as const) {
	const small = cables(8);
	timed(200, () => one(small));
	const base = timed(300, () => one(small)) / small.over.length;
	for (const n of [2, 8, 20, 40, 60]) {
		const c = cables(n);
		const each = timed(n < 20 ? 300 : 60, () => one(c)) / c.over.length;
		lines.push({
			what: `${what}, ${n} stitches`,
			value: Number((each * 1000).toFixed(2)),
			unit: 'µs for each pair that crosses',
			ratio: `${(each / base).toFixed(2)} × that of 8 stitches`,
		});
	}
}

// Any crossing of so many stitches, every order and over alike.
let seed = 20;
const coin = (): number => {
	seed = (Math.imul(seed, 1_103_515_245) + 12_345) & 0x7fffffff;
	return seed / 0x80000000;
};
function anyOf(n: number): Crossing {
	const order = Array.from({ length: n }, (_, i) => i + 1);
	for (let i = n - 1; i > 0; i--) {
		const j = Math.floor(coin() * (i + 1));
		[order[i], order[j]] = [order[j]!, order[i]!];
	}
	const over = reversedPairs(order).map(([a, b]): [number, number] => (coin() < 0.5 ? [a, b] : [b, a]));
	const made = crossing({ order, over });
	if (!made.ok) throw new Error('no crossing');
	return made.value;
}
for (const n of [3, 4, 5, 6, 7, 8]) {
	const times: number[] = [];
	let proven = 0;
	const many = n < 7 ? 200 : 100;
	for (let i = 0; i < many; i++) {
		const c = anyOf(n);
		times.push(
			timed(1, () => {
				const found = search(c);
				if (found.ok && found.claim === 'best') proven += 1;
			}),
		);
	}
	times.sort((a, b) => a - b);
	const at = (share: number): string => times[Math.min(many - 1, Math.floor(share * many))]!.toFixed(1);
	lines.push({
		what: `search, any crossing of ${n}, two holders, median`,
		value: Number(at(0.5)),
		unit: 'ms',
		ratio: `9 of 10 within ${at(0.9)} ms, all within ${at(1)} ms; ${proven} of ${many} proved the best`,
	});
}
// Fabric that lies: 3/3 ropes side by side, crossed every 6th row.
function ropes(columns: number, rows: number): LoopFabric {
	const at = Array.from({ length: columns }, (_, c) => c % 8);
	const cords = at.map((k, c) => (k < 6 ? 2 * Math.floor(c / 8) + (k < 3 ? 0 : 1) : -1));
	const straight = at.map((_, c) => c);
	const crossed = at.map((k, c) => (c - k + 6 > columns ? c : k < 3 ? c + 3 : k < 6 ? c - 3 : c));
	return fabricFromParents(
		cords,
		Array.from({ length: rows - 1 }, (_, r) => (r % 6 === 2 ? crossed : straight)),
	);
}
let perLoop = 0;
for (const [columns, rows] of [
	[63, 64],
	[200, 100],
	[250, 256],
] as const) {
	const fabric = ropes(columns, rows);
	relax(fabric);
	const ms = timed(3, () => void relax(fabric));
	const exact = relax(fabric, { tolerance: 1e-9 });
	const near = relax(fabric);
	const off = Math.max(...near.x.map((row, r) => Math.max(...row.map((x, c) => Math.abs(x - exact.x[r]![c]!)))));
	perLoop ||= ms / (columns * rows);
	// By each loop's own stiffness alone, to the same error.
	const plain = timed(1, () => void relax(fabric, { plain: true, tolerance: 1e-6 }));
	const edited = timed(3, () => void relax(fabric, { from: near.x }));
	lines.push({
		what: `a fabric of ${columns} × ${rows} loops let lie`,
		value: Number(ms.toFixed(0)),
		unit: 'ms',
		ratio: `${near.rounds} rounds, no loop off by more than ${off.toExponential(0)} stitch; ${(ms / (columns * rows) / perLoop).toFixed(2)} × as long a loop as of the smallest; ${(plain / ms).toFixed(0)} × as fast as without the grid; again from the answer ${edited.toFixed(0)} ms`,
	});
}
// A swatch: read, worked, followed and checked, and the part of its chart that a screen shows.
const rowsOf = (rows: number): string =>
	Array.from({ length: rows }, (_, i) =>
		i % 2 === 1 ? 'knit the knits and purl the purls' : i % 4 === 0 ? '[p2, C8F] 20 times' : '[p2, k8] 20 times',
	).join('\n');
const glossary = readGlossary('');
const school = 'total-front-back';
let perStitch = 0;
for (const rows of [50, 100, 200, 400]) {
	const text = rowsOf(rows);
	const check = (): Worked => {
		const worked = workRows(readRows(text, { school, glossary }), { castOn: 200, shape: 'flat', school });
		checksOf(worked, cordsOf(worked));
		return worked;
	};
	check();
	const each = timed(4, check);
	perStitch ||= each / rows;
	lines.push({
		what: `swatch of 200 stitches and ${rows} rows, checked`,
		value: Number(each.toFixed(1)),
		unit: 'ms',
		ratio: `${(each / rows / perStitch).toFixed(2)} × the time for a stitch in 50 rows`,
	});
	const worked = check();
	const cords = cordsOf(worked);
	const window = { firstRow: 10, lastRow: 40, firstColumn: 50, lastColumn: 90 };
	const draw = (): void => void drawChart(worked, { light: 'day', cords, window });
	draw();
	lines.push({
		what: `its chart, 31 rows by 41 columns of ${rows} by 200`,
		value: Number(timed(20, draw).toFixed(1)),
		unit: 'ms',
	});
}
lines.push({
	what: 'every taught way of every crossing to 6 over 6, proved',
	value: Math.round(
		timed(1, () => {
			for (let front = 1; front <= 6; front++) {
				for (let behind = 1; behind <= 6; behind++) {
					for (const lean of ['left', 'right'] as const) {
						const c = twoGroups({ front, behind, lean });
						for (const way of waysFor(hand, c)) perform(hand, c, way.id);
					}
				}
			}
		}),
	),
	unit: 'ms',
});

// A million texts of the pieces that names and sentences are made of, and of none.
const PIECES = [
	'2',
	'/',
	'RC',
	'lpc',
	'C',
	'F',
	'over',
	' ',
	'½',
	'sl',
	'cn',
	'hold',
	'front',
	',',
	'(',
	'k2',
	'9'.repeat(40),
	'\0',
	'🧶',
	'-',
	"'; --",
];
const MANY = 1_000_000;
let read = 0;
const readOne = (text: string, i: number): boolean =>
	i % 10 === 0 ? readSentence(text).ok : readName(text, SCHOOL_IDS[i % SCHOOL_IDS.length]!).ok;
/** Those that took longest: most of them because the machine did something else meanwhile. */
let slow: { readonly text: string; readonly i: number; readonly took: number }[] = [];
const spent = timed(1, () => {
	for (let i = 0; i < MANY; i++) {
		// One in a hundred as long as is read.
		const pieces = i % 100 === 0 ? 160 : 9;
		let text = '';
		for (let k = Math.floor(coin() * pieces); k >= 0; k--) text += PIECES[Math.floor(coin() * PIECES.length)]!;
		const from = performance.now();
		if (readOne(text, i)) read += 1;
		const took = performance.now() - from;
		if (took > (slow.at(-1)?.took ?? 0) || slow.length < 40)
			slow = [...slow, { text, i, took }].sort((x, y) => y.took - x.took).slice(0, 40);
	}
});
lines.push({
	what: 'a million hostile names and sentences, none thrown at',
	value: Math.round(spent / 1000),
	unit: 's',
	ratio: `${read} of them could be read`,
});
const again = slow.map(({ text, i }) => Math.min(...[1, 2, 3, 4, 5].map(() => timed(1, () => void readOne(text, i)))));
lines.push({
	what: 'the slowest of them, read again by itself',
	value: Number(Math.max(...again).toFixed(1)),
	unit: 'ms',
	ratio: 'at most 50 is wished',
});

console.log(JSON.stringify(lines));
