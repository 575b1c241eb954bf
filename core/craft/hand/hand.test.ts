import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGroups, type TwoGroupSpec } from '../../crossing/index.ts';
import { startState, type Move } from '../../handling/index.ts';
import { everyTwoGroups } from '../../test/arbitraries.ts';
import { FIBRES } from '../../fabric/index.ts';
import { named, traceOf, turnedRound } from '../../test/made.ts';
import {
	claimOf,
	craftOf,
	type Fibre,
	findWay,
	FOUND_LIMITS,
	foundId,
	hand,
	limitsIn,
	limitsOf,
	offerWords,
	ownWayId,
	perform,
	planIn,
	ranked,
	recommend,
	searching,
	taughtByHand,
	waysFor,
	type WorkedBy,
} from '../index.ts';
import { WAYS } from './ways/index.ts';

const movesOf = (spec: TwoGroupSpec, way: string): readonly Move[] =>
	traceOf(twoGroups(spec), way).steps.map((s) => s.move);
const kinds = (spec: TwoGroupSpec, way: string): string =>
	movesOf(spec, way)
		.map((m) => (m.kind === 'work' ? m.stitch : m.kind))
		.join(' ');

const right = { front: 2, behind: 1, lean: 'right' } as const;
const left = { front: 2, behind: 1, lean: 'left' } as const;

describe('the ways by hand', () => {
	it('hold the group at the tip: at the back to lean right, in front to lean left', () => {
		expect(movesOf(right, 'off-holder')[0]).toMatchObject({ kind: 'hold', count: 1, side: 'back' });
		expect(movesOf(left, 'off-holder')[0]).toMatchObject({ kind: 'hold', count: 2, side: 'front' });
	});

	it('enter the other group from the front to lean right and from behind to lean left, and catch from the other side', () => {
		const sides = (spec: TwoGroupSpec): unknown[] =>
			movesOf(spec, 'pinch').flatMap((m) =>
				'from' in m && (m.kind === 'enter' || m.kind === 'recapture') ? [m.kind, m.from] : [],
			);
		expect(sides(right)).toEqual(['enter', 'front', 'recapture', 'behind']);
		expect(sides(left)).toEqual(['enter', 'behind', 'recapture', 'front']);
	});

	it.each([
		['off-holder', 'hold k k k'],
		['returned', 'hold k k return k'],
		['pinch', 'enter withdraw recapture return k k k'],
		['slip-swap', 'slip enter withdraw recapture return k k k'],
		['found', 'hold k k k'],
	])('%s makes its moves in this order when all is knit', (way, order) => {
		expect(kinds(right, way)).toBe(order);
	});

	it('shift the yarn before the first purl and back before the next knit, and not once more', () => {
		expect(kinds({ ...right, behindWork: 'p' }, 'off-holder')).toBe('hold k k yarn p');
		expect(kinds({ ...left, behindWork: 'p' }, 'off-holder')).toBe('yarn hold p yarn k k');
		expect(kinds({ ...left, behindWork: 'p' }, 'returned')).toBe('yarn hold p return yarn k k');
		expect(kinds({ ...left, behindWork: 'p' }, 'pinch')).toBe('yarn enter withdraw recapture return p yarn k k');
		expect(kinds({ ...left, frontWork: 'p', behindWork: 'p' }, 'off-holder')).toBe('yarn hold p p p');
	});

	it('go into the tip group from behind to lean right and from the front to lean left when all was slipped', () => {
		const from = (spec: TwoGroupSpec): unknown =>
			movesOf(spec, 'slip-swap').flatMap((m) => (m.kind === 'enter' ? [[m.needle, m.skip, m.count, m.from]] : []));
		expect(from(right)).toEqual([['left', 2, 1, 'behind']]);
		expect(from(left)).toEqual([['left', 1, 2, 'front']]);
	});

	it('make one over one on the needle, and declare the twist that a left cross gets', () => {
		const rt = { front: 1, behind: 1, lean: 'right' } as const;
		const lt = { ...rt, lean: 'left' } as const;
		expect(kinds(rt, 'second-first')).toBe('k k release');
		expect(hand.deviation(twoGroups(rt), 'second-first')).toBeUndefined();
		expect(hand.deviation(twoGroups(lt), 'second-first')).toMatchObject({ makes: { work: ['k', 'ktbl'] } });
		// Asked for twisted, or with its mount turned first, there is nothing to declare.
		expect(hand.deviation(twoGroups({ ...lt, behindWork: 'ktbl' }), 'second-first')).toBeUndefined();
		expect(kinds(lt, 'second-first-turned')).toBe('slip slip return k k release');
		const turned = perform(hand, twoGroups(lt), 'second-first-turned');
		expect(turned.ok && turned.value.proof.ok && turned.value.trace.outcome.work).toEqual({ 1: 'k', 2: 'k' });
		expect(kinds(lt, 'drop-front')).toBe('drop k recapture k');
	});

	it('apply to the crossings that they say', () => {
		const ways = (spec: TwoGroupSpec): string[] => waysFor(hand, twoGroups(spec)).map((w) => w.id);
		const general = ['off-holder', 'returned', 'swapped', 'pinch', 'slip-swap'];
		expect(ways(left)).toEqual([...general, 'found']);
		expect(ways({ front: 1, behind: 1, lean: 'right' })).toEqual([...general, 'second-first', 'found']);
		expect(ways({ front: 1, behind: 1, lean: 'left' })).toEqual([
			...general,
			'second-first',
			'second-first-turned',
			'drop-front',
			'found',
		]);
		expect(waysFor(hand, turnedRound).map((w) => w.id)).toEqual(['centre-returned', 'two-holders', 'found']);
	});

	it('are the same without the search at hand, which only adds what it finds', () => {
		expect(taughtByHand.ways).toEqual(hand.ways);
		for (const c of [twoGroups(left), twoGroups({ front: 3, behind: 1, lean: 'right' }), turnedRound]) {
			for (const { id } of hand.ways) {
				const [light, whole] = [planIn(taughtByHand, c, id), planIn(hand, c, id)];
				if (limitsOf(id)) expect([light.ok ? '' : light.problems[0]!.code, whole.ok]).toEqual(['not-searched', true]);
				else expect(light).toEqual(whole);
				expect(planIn(searching(taughtByHand), c, id)).toEqual(whole);
			}
		}
		expect(searching(craftOf('twisted'))).toBe(craftOf('twisted'));
	});

	it('keep the limits of a search in their name, and refuse what no limits allow with what to lift', () => {
		expect(limitsOf(foundId({ holders: 0, loose: 3, least: 'loose' }))).toEqual({
			holders: 0,
			loose: 3,
			least: 'loose',
		});
		expect(
			['found', 'found-3-0-moves', 'found-1-99-moves', 'found-1-0-luck', 'lost'].map((id) => limitsOf(id)?.holders),
		).toEqual([2, ...Array.from({ length: 4 }, () => undefined)]);
		const refused = perform(hand, twoGroups(left), 'found-0-0-moves');
		expect(refused.ok ? '' : refused.problems[0]!.todo).toBe('Allow one cable needle. Or: Allow one loose loop.');
	});

	it('are recommended by settings, with the reason', () => {
		const taste = { way: 'pinch', withoutHolderUpTo: 4, holderWork: 'returned' } as const;
		const because = (spec: TwoGroupSpec): unknown => recommend(twoGroups(spec), taste);
		expect(because(left)).toEqual({
			way: 'pinch',
			because: expect.stringMatching(/without a cable needle up to 4 stitches. This has 3/),
		});
		expect(because({ ...left, front: 4 })).toEqual({
			way: 'returned',
			because: expect.stringMatching(/^This has 5 stitches\. Your limit without a cable needle is 4\./),
		});
		expect(recommend(turnedRound, taste).way).toBe('centre-returned');
		// A way of one's own goes first, on the crossings that its moves make, and on no other.
		const moves = movesOf({ ...left, front: 2, behind: 2 }, 'off-holder');
		const own = { id: '0', name: 'Reed swap', crossing: twoGroups({ ...left, front: 2, behind: 2 }), moves };
		const fond = { ...taste, way: ownWayId(own), ownWays: [own] };
		expect(recommend(twoGroups({ ...left, front: 3, behind: 3 }), fond)).toEqual({
			way: ownWayId(own),
			because: 'Your settings: your own way, “Reed swap”.',
		});
		expect(recommend(turnedRound, fond).way).toBe('centre-returned');
	});

	it('work through the back leg where the name says so', () => {
		const legs = movesOf({ ...left, frontWork: 'ktbl', behindWork: 'p' }, 'off-holder').flatMap((m) =>
			m.kind === 'work' ? [m.leg] : [],
		);
		expect(legs).toEqual(['front', 'back', 'back']);
	});

	it('refuse a crossing that is not of two groups, and a way that nobody knows', () => {
		const codes = (way: string, c = turnedRound): unknown => {
			const planned = perform(hand, c, way);
			return planned.ok ? 'planned' : planned.problems.map((p) => p.code);
		};
		expect(codes('off-holder')).toEqual(['way-does-not-apply']);
		expect(codes('by-wishing', twoGroups(right))).toEqual(['unknown-way']);
	});
});

describe('the words by hand', () => {
	const wordsOf = (spec: TwoGroupSpec, way: string, what: 'caption' | 'label'): string[] => {
		const trace = traceOf(twoGroups(spec), way);
		return trace.steps.map((_, i) => hand.words(trace, i + 1)[what]);
	};

	it('name one stitch and several, the side, the yarn and the leg', () => {
		expect(wordsOf({ ...right, frontWork: 'ktbl', behindWork: 'p' }, 'off-holder', 'caption')).toEqual([
			'Slip stitch 1 purlwise to the cable needle and hold at the back.',
			'Knit stitch 2 through the back loop, in front of the one on the cable needle; pull it snug.',
			'Knit stitch 3 through the back loop, in front of the one on the cable needle.',
			'Bring the yarn forward between the needles, ready to purl.',
			'Purl stitch 1 straight off the cable needle.',
		]);
	});

	it('have a short label for each move, long runs drawn together', () => {
		expect(wordsOf({ ...left, behindWork: 'p' }, 'returned', 'label')).toEqual([
			'Yarn forward',
			'Hold 1, 2 in front',
			'Purl 3',
			'Return 1, 2',
			'Yarn back',
			'Knit 1',
			'Knit 2',
		]);
		expect(wordsOf({ front: 12, behind: 1, lean: 'left' }, 'off-holder', 'label')[0]).toBe('Hold 1–12 in front');
	});

	it('tell a pinch, the other way round for the other lean, and a second stitch worked first', () => {
		const told = (name: string, way: string) => {
			const trace = traceOf(named(name), way);
			return trace.steps.map((_, i) => hand.words(trace, i + 1).caption);
		};
		const pinch = (enter: string, catches: string) => [
			`Put the right needle into 3 and 4 ${enter}, purlwise, past the first 2.`,
			'Pinch the base, draw the left needle out: 1 and 2 hang loose.',
			`Catch 1 and 2 with the left needle ${catches}, the last one first.`,
			'Put 3 and 4 back on the left needle, leftmost first, not turned.',
		];
		expect(told('2/2 LC', 'pinch').slice(0, 4)).toEqual(pinch('from behind', 'in front'));
		expect(told('2/2 RC', 'pinch').slice(0, 4)).toEqual(pinch('from the front', 'from behind'));
		expect(told('1/1 LC', 'second-first')).toEqual([
			'Reach behind 1 and knit stitch 2 through the back loop; keep it on the needle.',
			'Knit stitch 1; keep it on the needle too.',
			'Let the old loops of 1 and 2 off the left needle together.',
		]);
	});

	it('offer to let one old loop off, or more', () => {
		const says = (count: number) => offerWords({ kind: 'release', count }, startState(2), 'left');
		expect([says(1), says(2)]).toEqual(['Let the old loop off', 'Let the old loops off']);
	});

	it('claim of a way that was found no more than was looked at, and for which needles', () => {
		const found = findWay(named('2/2 LC'), { ...FOUND_LIMITS, holders: 1 });
		if (!found.ok) throw new Error('none found');
		const claim = (holders: 0 | 1 | 2) => claimOf({ ...found, looked: 1, holders });
		expect([claim(0), claim(1), claim(2)]).toEqual(
			['without a cable needle', 'with one cable needle', 'with two cable needles'].map(
				(how) =>
					`Nothing does better ${how}: no way of fewer transfers, loops wound and unwound included (1 position looked at).`,
			),
		);
		const loose = { ...FOUND_LIMITS, loose: 2 };
		expect([limitsIn({ holdsAll: true }, loose), limitsIn({}, loose)]).toEqual([FOUND_LIMITS, loose]);
	});

	it('say something before the first move and nothing beyond the last', () => {
		const trace = traceOf(twoGroups(left), 'off-holder');
		expect(hand.words(trace, 0).label).toBe('Start');
		expect(hand.words(trace, 99)).toEqual({ caption: 'There is no such move.', label: '' });
	});
});

describe('which way for a yarn and a class', () => {
	it('is told by counts: what slips and who is new to it speak for a cable needle, many in a row in wool for none', () => {
		const best = (name: string, by: WorkedBy): string => ranked(named(name), by)[0]!.way;
		for (const fibre of ['cotton', 'linen', 'synthetic'] as const)
			expect(best('2/2 LC', { fibre, level: 'beginner', many: true })).toBe('off-holder');
		expect(best('1/1 RC', { fibre: 'wool', level: 'practised', many: true })).toBe('second-first');
		expect(best('2/2 RC', { fibre: 'wool', level: 'beginner', many: false })).toBe('off-holder');
		expect(best('3/3 RC', { fibre: 'wool', level: 'beginner', many: true })).toBe('off-holder');
		// More slip, and less practice, never bring a way with loose loops forward.
		fc.assert(
			fc.property(fc.constantFrom('1/1 LC', '2/2 LC', '2/1 RPC', '3/3 RC'), fc.boolean(), (name, many) => {
				const ahead = (fibre: Fibre, level: WorkedBy['level']): number => {
					const all = ranked(named(name), { fibre, level, many });
					const cost = (id: string): number => all.find((w) => w.way === id)!.cost;
					return cost('pinch') - cost('off-holder');
				};
				expect(ahead('cotton', 'beginner')).toBeGreaterThanOrEqual(ahead('wool', 'beginner'));
				expect(ahead('wool', 'beginner')).toBeGreaterThanOrEqual(ahead('wool', 'practised'));
			}),
		);
		const [first] = ranked(named('2/2 LC'), { fibre: 'cotton', level: 'beginner', many: false });
		expect(first!.because).toBe('It takes 5 moves; nothing hangs loose, which suits cotton: its loose loops slip.');
	});

	it('goes without a cable needle first where wool, practised hands, many and at most four stitches meet; never for a beginner', () => {
		for (const { crossing } of everyTwoGroups(3)) {
			const holdersOf = (by: WorkedBy) => WAYS.find((w) => w.id === ranked(crossing, by)[0]!.way)!.holders;
			const of = `${crossing.n} ${crossing.work.join()}`;
			if (crossing.n <= 4) expect([of, holdersOf({ fibre: 'wool', level: 'practised', many: true })]).toEqual([of, 0]);
			for (const fibre of FIBRES)
				for (const many of [true, false])
					expect([of, fibre, holdersOf({ fibre, level: 'beginner', many })]).not.toEqual([of, fibre, 0]);
		}
		// 5 moves and 5 for the needle, against 8 moves and 1 for the loops that hang.
		const costs = ranked(named('2/2 LC'), { fibre: 'wool', level: 'practised', many: true });
		expect(costs.slice(0, 2).map(({ way, cost }) => [way, cost])).toEqual([
			['pinch', 9],
			['off-holder', 10],
		]);
	});

	it('says why in whole sentences', () => {
		const says = (name: string, way: string, by: WorkedBy) =>
			ranked(named(name), by).find((w) => w.way === way)!.because;
		const practised = { fibre: 'wool', level: 'practised', many: true } as const;
		expect(says('2/2 LC', 'off-holder', practised)).toBe(
			'It takes 5 moves; nothing hangs loose. The cable needle is picked up and laid down each time.',
		);
		expect(says('1/1 LC', 'pinch', practised)).toBe('It takes 6 moves; 1 loop hangs loose, and wool holds it.');
		expect(says('3/3 LC', 'pinch', { fibre: 'cotton', level: 'beginner', many: false })).toBe(
			'It takes 10 moves; 3 loops hang loose, and cotton slips. Beginners tighten up without a cable needle. 6 stitches are many without a cable needle.',
		);
		expect(says('1/1 LC', 'second-first', practised)).toBe(
			'It takes 3 moves; nothing hangs loose. It twists a stitch for good.',
		);
	});
});
