import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asTwoGroups, equal, threeGroups, twoGroups } from '../crossing/index.ts';
import { loomState, mendsFor, type MistakeId, simulate, sitesOf } from '../handling/index.ts';
import { readGlossary, readOnTools, readPegName, readTextWith, wordsFor } from '../notation/index.ts';
import type { Result } from '../result.ts';
import { everyTwoGroups } from '../test/arbitraries.ts';
import { named } from '../test/made.ts';
import {
	craftOf,
	craftSpeaking,
	crossOnPegs,
	diagnoseIn,
	loomLike,
	machineLike,
	type MachineSet,
	pegNames,
	perform,
	signsIn,
	waysFor,
} from './index.ts';

const given = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.problems[0]!.what);
	return result.value;
};
const small = everyTwoGroups(6)
	.map((e) => e.crossing)
	.filter((c) => Math.max(asTwoGroups(c)!.tip.length, asTwoGroups(c)!.far.length) <= 3);
const ids = (craft: ReturnType<typeof craftOf>, name: string): string[] => waysFor(craft, named(name)).map((w) => w.id);
const made = (craft: ReturnType<typeof craftOf>, name: string, way: string, mistake?: MistakeId) => {
	const done = perform(craft, named(name), way, mistake && { id: mistake, site: 0 });
	if (!done.ok) throw new Error(done.problems[0]!.what);
	return done.value;
};

describe('whatever loom or machine stands there', () => {
	const looms = fc.record({
		shape: fc.constantFrom('rake' as const, 'round' as const),
		direction: fc.constantFrom('leftwards' as const, 'rightwards' as const),
		gauge: fc.constantFrom(6, 10, 19),
	});
	const machines = fc.record({
		tension: fc.integer({ min: 0, max: 10 }),
		fibre: fc.constantFrom('wool' as const, 'cotton' as const, 'linen' as const),
		holding: fc.boolean(),
	});

	it('each way within its limits ends in exactly that crossing on the knit side, whole', () => {
		const tools = fc.oneof(
			looms.map((set) => ({ craft: 'loom' as const, set })),
			machines.map((set) => ({ craft: 'machine' as const, set })),
		);
		fc.assert(
			fc.property(tools, fc.constantFrom(...small), (tool, c) => {
				const craft = tool.craft === 'loom' ? loomLike(tool.set) : machineLike(tool.set);
				const ways = waysFor(craft, c);
				expect(ways.length).toBeGreaterThan(0);
				for (const way of ways) {
					const done = perform(craft, c, way.id);
					if (!done.ok) throw new Error(done.problems[0]!.what);
					expect([way.id, done.value.proof.checks.filter((k) => !k.ok)]).toEqual([way.id, []]);
					expect(done.value.trace.outcome.over).toEqual(c.over);
				}
			}),
			{ numRuns: 300 },
		);
	});

	it('leaves the centre of three groups on its pegs: between them, or behind both where the front one is held outside', () => {
		const loom = craftOf('loom');
		for (const lean of ['left', 'right'] as const)
			for (const lies of ['between', 'behind'] as const)
				for (const sizes of [
					[2, 1, 2],
					[1, 1, 1],
					[1, 2, 1],
				] as const) {
					const c = given(threeGroups({ sizes, lean, lies }));
					const ways = waysFor(loom, c).map((w) => w.id);
					expect(ways.includes('parked-inside'), `${lean} ${lies}`).toBe(lies === 'between');
					expect(ways.includes('held-outside')).toBe(lies === 'behind');
					for (const way of ways) {
						const done = given(perform(loom, c, way));
						expect(done.proof.checks.filter((k) => !k.ok)).toEqual([]);
						// The centre is never lifted.
						const lifted = done.trace.steps.flatMap(({ move, stitches }) =>
							['park', 'shift', 'seat'].includes(move.kind) ? stitches : [],
						);
						expect(lifted.some((s) => s > sizes[0] && s <= sizes[0] + sizes[1])).toBe(false);
					}
				}
		const says = (sizes: readonly [number, number, number]): string => {
			const taken = loom.takes(given(threeGroups({ sizes, lean: 'left', lies: 'between' })), 'parked-inside');
			return taken.ok ? '' : taken.problems[0]!.what;
		};
		expect(says([2, 1, 1])).toMatch(/have different sizes/);
		expect(says([2, 2, 2])).toMatch(/past 4 pegs/);
		expect(says([2, 1, 2])).toBe('');
	});

	it('leaves out what that tool cannot do, and says why', () => {
		expect(ids(loomLike({ shape: 'rake' }), '2/2 RC')).not.toContain('across-the-gap');
		expect(ids(loomLike(), '2/2 RC')).toContain('across-the-gap');
		expect(ids(craftOf('loom'), '3/3 RC')).not.toContain('in-the-fingers');
	});

	it('crosses 3 over 3 in a yarn that gives little, says that it is tight, and what is looser', () => {
		const said = (set: MachineSet, way: string): string =>
			made(machineLike(set), '3/3 LC', way).taken.changes.find((c) => c.includes('tight')) ?? '';
		expect(ids(machineLike({ fibre: 'cotton' }), '3/3 LC')).toEqual(['loosened', 'two-tools', 'raised']);
		expect(said({ fibre: 'cotton' }, 'two-tools')).toMatch(/goes in cotton, but tight.*forward.*“Loosened/);
		expect(said({ fibre: 'wool' }, 'two-tools')).toBe('');
		// At the end of the dial nothing is set, and nothing is set back.
		expect(said({ fibre: 'linen', tension: 10 }, 'two-tools')).toMatch(/The dial ends at 10/);
		const moves = made(machineLike({ tension: 10 }), '3/3 LC', 'two-tools').trace.steps.map(({ move }) => move.kind);
		expect(moves).not.toContain('tension');
	});
});

describe('names on pegs', () => {
	it('say what lies on top and what is moved first, as the pegs make it', () => {
		const inside = { where: { side: 'inside', by: 'pin' } } as const;
		const outside = { where: { side: 'outside', by: 'holder' } } as const;
		expect(pegNames(named('2/2 LC'), inside)).toEqual({ onTop: 'right over left', movedFirst: 'right over left' });
		expect(pegNames(named('2/2 LC'), outside)).toEqual({ onTop: 'right over left', movedFirst: 'left over right' });
		for (const [text, left, right] of [
			['left over right', 1, 1],
			['2 left over 1 right', 2, 1],
			['Left over 3 right', 1, 3],
		] as const) {
			const [onTop, movedFirst] = readPegName(text)!;
			// The left group is moved first in both: with the other one inside it lies on top, outside not.
			for (const [meaning, where] of [
				[onTop, inside.where],
				[movedFirst, outside.where],
			] as const) {
				const trace = perform(craftOf('loom'), meaning!.crossing, 'after-the-row');
				const n = left + right;
				const moves = crossOnPegs({ left, right, parked: 'right', where });
				const over = simulate(moves, loomState(n)).outcome.over;
				expect(over, text).toEqual(meaning!.crossing.over);
				expect(trace.ok).toBe(true);
			}
		}
		expect(['left over left', 'right under left', '0 left over right', 'C4F'].map(readPegName)).toEqual([
			undefined,
			undefined,
			undefined,
			undefined,
		]);
	});
});

describe('sentences of other crafts', () => {
	const titles = (text: string): string[] => {
		const read = readTextWith(readGlossary(''), text, 'slash');
		return read.ok ? read.meanings.map((m) => wordsFor(m.crossing).title) : [read.problems[0]!.what];
	};

	it.each([
		[
			'loom',
			'hold peg 1’s loop in front, move 2 to 1, put the held loop on 2',
			['1 over 1, leaning left', '1 over 1, leaning right'],
		],
		[
			'loom',
			'hold the loops of pegs 1-2 inside, move 3 and 4 to 1 and 2, then put the held loops on 3 and 4',
			['2 over 2, leaning right', '2 over 2, leaning left'],
		],
		['machine', 'two 2-prong tools, right group down first', ['2 over 2, leaning right']],
		[
			'machine',
			'a 1-prong and a 2-prong tool, left group down first',
			['1 over 2, leaning left', '2 over 1, leaning left'],
		],
		['brioche', 'sl 2 sts to cn and hold in back, brk1, sl1yo, then brk1, sl1yo from cn', ['2 over 2, leaning right']],
		['brioche', 'sl 2 units to cn, hold in front, work 2 units, work 2 units from cn', ['2 over 2, leaning left']],
		[
			'double-knit',
			'sl 2 pairs to cn, hold in front, [k1, p1] twice, [k1, p1] twice from cn',
			['2 over 2, leaning left'],
		],
	] as const)('are read, and tell the craft: %s, %s', (id, text, made) => {
		expect([craftSpeaking(text), titles(text)]).toEqual([id, made]);
	});

	it('is said on pegs as the loom makes it', () => {
		for (const [side, by] of [
			['inside', 'pin'],
			['outside', 'holder'],
		] as const) {
			const [read] = readOnTools(`hold the loops of pegs 1-2 ${side}, move 3 to 1, put the held loops on 2-3`)!;
			const moves = crossOnPegs({ left: 1, right: 2, parked: 'right', where: { side, by } });
			expect(simulate(moves, loomState(3)).outcome.over).toEqual(read!.crossing.over);
		}
		expect(titles('hold peg 1’s loop in front, move 2 to 1, put the held loop on 3')[0]).toMatch(
			/does not come out here/,
		);
		expect(craftSpeaking('sl 2 sts to cn and hold in front, k2, k2 from cn')).toBe('hand');
		// What has the words of a sentence is refused as one.
		expect(titles('sl 2 to cn, hold in back, k2, k1 from cn')).toEqual(['1 stitch is left on the cable needle.']);
	});
});

describe.each(['loom', 'machine', 'double-knit'] as const)('mistakes: %s', (id) => {
	const craft = craftOf(id);

	it('each shows a sign that has a mend, is found again from it, and leaves the proof unproved', () => {
		const seen = new Set<string>();
		for (const name of id === 'double-knit' ? ['2/2 RC'] : ['2/2 RC', '2/1 LPC', '3/3 LC']) {
			for (const way of waysFor(craft, named(name))) {
				if (way.id === 'found') continue;
				const right = made(craft, name, way.id);
				for (const mistake of craft.mistakes) {
					for (const [site, { moves }] of sitesOf(mistake, right.trace).slice(0, 6).entries()) {
						const trace = simulate(moves, right.trace.start);
						const signs = signsIn(craft, right.taken, trace);
						// Loops that are not pulled far come off all the same, and a holder of one has no wrong end.
						if (signs.length === 0) {
							expect(['machine not-forward', 'double-knit wrong-order']).toContain(`${id} ${mistake.id}`);
							continue;
						}
						seen.add(mistake.id);
						const done = perform(craft, named(name), way.id, { id: mistake.id, site });
						expect(done.ok && done.value.proof.ok, `${way.id} ${mistake.id}`).toBe(false);
						expect(mendsFor(right.taken.loops, signs, { rows: 1 }).every((m) => m.cost > 0)).toBe(true);
						const likely = diagnoseIn(craft, right.taken, right.trace, [signs[0]!.id]);
						expect(likely.some((l) => l.mistakes.includes(mistake.id))).toBe(true);
					}
				}
			}
		}
		expect([...seen].sort()).toEqual(craft.mistakes.map((m) => m.id).sort());
	});
});

describe('what one face of double-knitting shows', () => {
	it('is its own layer: the facing one leans wrong while the back one stays as it was', () => {
		const craft = craftOf('double-knit');
		const { taken, trace } = made(craft, '2/2 RC', 'facing', 'wrong-side');
		const front = craft.shows!(taken, trace, 'RS');
		const back = craft.shows!(taken, trace, 'WS');
		expect(equal(front.asked, twoGroups({ front: 2, behind: 2, lean: 'right' }))).toBe(true);
		expect(front.outcome.order).toEqual([3, 4, 1, 2]);
		expect([back.outcome.order, back.outcome.over]).toEqual([[1, 2, 3, 4], []]);
		expect(signsIn(craft, taken, trace).map((s) => s.says.RS ?? s.says.WS)).toContainEqual(
			expect.stringMatching(/leans the other way|locked together/),
		);
	});
});
