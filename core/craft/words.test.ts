import { describe, expect, it } from 'vitest';
import type { MistakeId } from '../handling/index.ts';
import { named } from '../test/made.ts';
import { type Craft, craftOf, likeMoves, machineLike, perform } from './index.ts';

const said = (craft: Craft, name: string, way: string, mistake?: MistakeId): string[] => {
	const done = perform(craft, named(name), way, mistake && { id: mistake, site: 0 });
	if (!done.ok) throw new Error(done.problems[0]!.what);
	const { trace } = done.value;
	return Array.from({ length: trace.steps.length + 1 }, (_, i) => craft.words(trace, i).caption);
};

describe('what is said at the loom', () => {
	const loom = craftOf('loom');

	it('tells a whole crossing, loop by loop', () => {
		expect(said(loom, '1/2 LPC', 'parked-inside')).toEqual([
			'Loops 1, 2 and 3 stand on their pegs, knit side towards you. The row is wrapped leftwards.',
			'Lift loop 2 off peg 2 and park it inside, on a pin.',
			'Lift loop 3 off peg 3 and park it inside, on a pin.',
			'Bring loop 1 to peg 3, nearer you than what is parked.',
			'Seat loop 2 on peg 1, all round it.',
			'Seat loop 3 on peg 2, all round it.',
			'Tug loops 2, 3 and 1 level, so that what each one borrowed goes back to its neighbours.',
			'Draw the yarn up through loop 2 from below and put that on the peg: purled.',
			'Draw the yarn up through loop 3 from below and put that on the peg: purled.',
			'Lay the yarn round the peg of loop 1.',
			'Lift loop 1 over the yarn: it is knitted off.',
		]);
	});

	it('says where each way parks, and knits the stitch beyond before it crosses what is knitted', () => {
		expect(said(loom, '1/1 RC', 'across-the-gap')[1]).toBe(
			'Lift loop 1 off peg 1 and park it on a far peg, across the gap.',
		);
		expect(said(loom, '1/1 RC', 'in-the-fingers')[1]).toBe(
			'Lift loop 2 off peg 2 and hold it outside, in the fingers.',
		);
		expect(said(loom, '1/1 RC', 'held-outside')[2]).toBe('Bring loop 1 to peg 2, behind what is held outside.');
		const after = said(loom, '1/1 RC', 'after-the-row');
		expect(after[5]).toBe('Knit off the stitch beyond, so that the working yarn comes out of none of these loops.');
		expect(after.at(-1)).toContain('Tug loops 2 and 1 level');
	});

	it('says what goes wrong where it does', () => {
		expect(said(loom, '1/1 RC', 'parked-inside', 'hung-up')).toContain(
			'Loop 2 does not go round its peg and cannot be lifted over: the fabric hangs up here.',
		);
		expect(said(loom, '1/1 RC', 'parked-inside', 'lost')).toContain('Loop 1 slips off and runs down.');
	});
});

describe('what is said at the machine', () => {
	const machine = craftOf('machine');

	it('tells a whole crossing, with left and right as the worker sees them', () => {
		expect(said(machine, '2/1 RPC', 'two-tools')).toEqual([
			'Loops 1, 2 and 3 hang on their needles, purl side towards you. Carriage at the right, number 6, holding off.',
			'Lift loop 1 off needle 1 with the tool of 1 prong.',
			'Lift loops 2 and 3 off needles 2 and 3 with the tool of 2 prongs.',
			'Put loops 2 and 3 down first, on needles 1 and 2: next to the bed, and so on top on the knit side.',
			'Put loop 1 down on needle 3, on your side of the others.',
			'Push needles 1, 2 and 3 fully forward, so that they are sure to knit.',
			'Take the carriage slowly to the left.',
			'Take the carriage to the right: a row between crossings.',
			'Pinch the stitch on needle 3 where it must stop, and let it down to there.',
			'Latch up the stitch on needle 3 the other way: on the knit side it is purl.',
		]);
	});

	it('sets the lever, the number and the weight where they have to be set', () => {
		const cotton = said(machineLike({ fibre: 'cotton', holding: true, tension: 5 }), '3/3 RC', 'loosened');
		expect(cotton.slice(1, 4)).toEqual([
			'Set holding off, so that needles that are forward are knitted.',
			'Set the tension number to 7, looser.',
			'Take the weight off, so that the loops give.',
		]);
		expect(cotton).toContain('Hang the weight again, under the crossing.');
		expect(cotton.at(-1)).toBe('Set the tension number to 5, as it was.');
		expect(said(machine, '1/1 RC', 'raised')).toContain(
			'Latch up the column at the left of the cable the other way: on the knit side it is purl.',
		);
	});

	it('says what goes wrong where it does', () => {
		expect(said(machine, '3/3 RC', 'two-tools', 'not-forward').join(' ')).toMatch(/Loops .* do not knit off\./);
		expect(said(machine, '1/1 RC', 'two-tools', 'holding-on').join(' ')).toContain(
			'Loops 2 and 1 are held and not knitted.',
		);
		expect(said(machine, '1/1 RC', 'two-tools', 'lost').join(' ')).toContain('falls off and runs down');
		expect(said(machine, '2/1 RPC', 'two-tools', 'unpinched').join(' ')).toContain('Without a pinch, let down');
	});
});

describe('like moves', () => {
	const runs = (name: string, way: string, craft = craftOf('hand')): readonly string[] => {
		const done = perform(craft, named(name), way);
		if (!done.ok) throw new Error(done.problems[0]!.what);
		const { trace } = done.value;
		return likeMoves(trace).map(({ since, to }) => `${since}-${to} ${craft.words(trace, to, {}, since).label}`);
	};

	it('are one where a stitch alone sets them apart: knits are no purls, and what is on the needle is not on the holder', () => {
		expect(runs('3/3 LC', 'off-holder')).toEqual([
			'0-1 Hold 1, 2, 3 in front',
			'1-4 Knit 4, 5, 6',
			'4-7 Knit 1, 2, 3 off the cn',
		]);
		// The yarn is moved between the purl and the knits, which parts them.
		expect(runs('2/1 LPC', 'off-holder')).toEqual([
			'0-1 Yarn forward',
			'1-2 Hold 1, 2 in front',
			'2-3 Purl 3',
			'3-4 Yarn back',
			'4-6 Knit 1, 2 off the cn',
		]);
	});

	it('cover all moves in their order, and are one each on a loom', () => {
		expect(runs('1/1 RC', 'parked-inside', craftOf('loom')).map((run) => run.split(' ')[0])).toEqual(
			Array.from({ length: runs('1/1 RC', 'parked-inside', craftOf('loom')).length }, (_, i) => `${i}-${i + 1}`),
		);
	});
});
