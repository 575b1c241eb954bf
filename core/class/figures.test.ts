/** What a class's log says, with figures that were worked out by hand. */

import { describe, expect, it } from 'vitest';
import { PACES } from '../step/index.ts';
import {
	eveningFor,
	farOff,
	goalOf,
	learntBy,
	newClass,
	paceOf,
	planFor,
	roomOf,
	shrunk,
	type Did,
	type Evening,
	type HeldEvening,
	type Lap,
	type Person,
	type Press,
} from './index.ts';
import { DEFAULT_PLAN } from '../lesson/index.ts';
import { nextId, person, press } from '../test/class-made.ts';

const [ODA, RIKE] = [person('Oda'), person('Rike', { level: 'improver' })];
const people = [ODA, RIKE];
/** An evening of steps of so many minutes, and of goals. */
const night = (day: string, presses: readonly Press[], more: Partial<Evening> = {}): HeldEvening => ({
	id: nextId(),
	evening: { ...eveningFor({ level: 'beginner' }, day, ''), ...more },
	presses,
});
const lap = (of: 'crossing' | 'stitches', many: number, seconds: number, who?: Person): Press =>
	press({ kind: 'lap', of, many, seconds, ...(who ? { person: who.id } : {}) });

describe('a measure stands far off', () => {
	it('beyond four times the middle deviation: of 40, 44, 46, 50 and 62 none, with 62.1 the last', () => {
		// The middle is 46, the deviations are 6, 2, 0, 4 and 16, the middle one of them is 4: 16 is not beyond 16.
		expect(farOff([40, 44, 46, 50, 62])).toEqual([false, false, false, false, false]);
		expect(farOff([62.1, 44, 46, 50, 40])).toEqual([true, false, false, false, false]);
	});

	it('a quarter off where all others are alike, on either side; of three measures none', () => {
		expect(farOff([10, 10, 10, 10, 12.5])).toEqual([false, false, false, false, false]);
		expect(farOff([10, 10, 10, 12.6, 7.4])).toEqual([false, false, false, true, true]);
		expect(farOff([1, 1, 100])).toEqual([false, false, false]);
		expect(farOff([1, 1, 1, 100])).toEqual([false, false, false, true]);
	});

	it('an assumed figure counts as three measures', () => {
		expect(shrunk(10, [20, 40])).toEqual({ value: 18, from: 2, spread: [20, 40] });
	});
});

describe('what is learnt', () => {
	const steps = [
		{ id: nextId(), title: 'Crossing', minutes: 10 },
		{ id: nextId(), title: 'Not timed', minutes: 0 },
		{ id: nextId(), title: 'Goes on', minutes: 5 },
		{ id: nextId(), title: 'Not begun', minutes: 5 },
	];
	const time = (at: number, seconds: number): Press[] => [
		press({ kind: 'step', step: steps[at]!.id, does: 'start' }),
		press({ kind: 'step', step: steps[at]!.id, does: 'stop' }, seconds),
	];

	it('three crossings in 120 s are 40 s each, 30 stitches in 90 s are 20 a minute; what is set aside is not estimated', () => {
		const laps = [lap('crossing', 3, 120, ODA), lap('stitches', 30, 90, RIKE)];
		const set = lap('crossing', 1, 400);
		const one = night('2026-11-05', [...laps, set]);
		const learnt = learntBy({ people, level: 'beginner' }, [one], new Set([set.id]));
		expect(learnt.crossings.map((l) => [l.value, l.person, l.isFar])).toEqual([
			[40, ODA.id, false],
			[400, undefined, false],
		]);
		expect(learnt.stitches.map((l) => l.value)).toEqual([20]);
		const { crossing, stitches } = PACES.beginner;
		expect(learnt.pace.crossing).toEqual({ value: (3 * crossing + 40) / 4, from: 1, spread: [40, 40] });
		expect(learnt.pace.stitches).toEqual({ value: (3 * stitches + 20) / 4, from: 1, spread: [20, 20] });
	});

	it('one person’s pace is theirs and their level’s', () => {
		const of = (value: number, who: Person): Lap => ({
			...{ evening: 0, press: nextId(), person: who.id, value, isFar: false },
		});
		const laps = { crossings: [of(40, ODA), of(20, RIKE)], stitches: [of(30, RIKE)] };
		expect(paceOf(ODA, 'beginner', laps).crossing.value).toBe((3 * PACES.beginner.crossing + 40) / 4);
		expect(paceOf(RIKE, 'beginner', laps)).toMatchObject({
			crossing: { value: (3 * PACES.improver.crossing + 20) / 4, from: 1 },
			stitches: { value: (3 * PACES.improver.stitches + 30) / 4, from: 1 },
		});
	});

	it('a step of 10 minutes that took 15 makes all 1.125 times as long; one that runs or was not planned does not count', () => {
		const presses = [...time(0, 15 * 60), ...time(1, 60), press({ kind: 'step', step: steps[2]!.id, does: 'start' })];
		const learnt = learntBy({ people, level: 'beginner' }, [night('2026-11-05', presses, { steps })]);
		expect(learnt.steps).toEqual([
			{ evening: 0, title: 'Crossing', planned: 10, real: 15 },
			{ evening: 0, title: 'Not timed', planned: 0, real: 1 },
		]);
		expect(learnt.longer).toEqual({ value: (3 * 1 + 1.5) / 4, from: 1, spread: [1.5, 1.5] });
		expect(learntBy({ people, level: 'beginner' }, []).longer).toBeUndefined();
	});

	it('a goal keeps each one’s last outcome, how often they were seen and when, and counts who was seen last', () => {
		const goal = { kind: 'goal', goal: 'lean' } as const;
		const goals = [goalOf('lean'), goalOf('holder')];
		const first = night('2026-11-05', [press({ ...goal, outcome: 'help', person: ODA.id })], { goals });
		const second = night(
			'2026-11-12',
			[press({ ...goal, outcome: 'alone', person: ODA.id }), press({ ...goal, outcome: 'not', person: RIKE.id })],
			{ goals: [{ id: 'lean', title: 'Which way it leans' }] },
		);
		const { goals: learnt, evenings } = learntBy({ people, level: 'beginner' }, [second, first]);
		expect(evenings.map((e) => e.id)).toEqual([first.id, second.id]);
		expect(learnt).toEqual([
			{
				id: 'lean',
				title: 'Which way it leans',
				on: [0, 1],
				people: new Map([
					[ODA.id, { last: 'alone', times: 2, evening: 1 }],
					[RIKE.id, { last: 'not', times: 1, evening: 1 }],
				]),
				counts: { alone: 1, help: 0, not: 1 },
			},
		]);
	});

	it('mistakes come with the most often first, each with how many people made it; pieces with the latest first', () => {
		const wrong = (mistake: 'wrong-side' | 'too-few', who?: Person): Press =>
			press({ kind: 'wrong', mistake, ...(who ? { person: who.id } : {}) } as Did);
		const piece = (what: string): Press =>
			press({ kind: 'piece', what, picture: { id: nextId(), width: 10, height: 10 } } as Did);
		const all = [wrong('too-few'), wrong('wrong-side', ODA), wrong('wrong-side', ODA), wrong('wrong-side', RIKE)];
		const learnt = learntBy({ people, level: 'beginner' }, [
			night('2026-11-05', [...all, piece('first')]),
			night('2026-11-12', [piece('second')]),
		]);
		expect(learnt.mistakes).toEqual([
			{ mistake: 'wrong-side', many: 3, people: 2 },
			{ mistake: 'too-few', many: 1, people: 0 },
		]);
		expect(learnt.pieces.map((p) => [p.what, p.evening])).toEqual([
			['second', 1],
			['first', 0],
		]);
	});
});

describe('squares that were measured', () => {
	it('one person’s follow each other: off the needles, or in a state that it was in, it is another one; nobody’s are none', () => {
		const measured = (what: string, widthCm: number, who?: Person): Press =>
			press({ kind: 'measure', what, widthCm, lengthCm: 10, ...(who ? { person: who.id } : {}) });
		const { squares } = learntBy({ people, level: 'beginner' }, [
			night('2026-11-05', [
				measured('unwashed', 20, ODA),
				measured('dried flat', 5),
				measured('dried flat', 7, RIKE),
				measured('half felted', 3, ODA),
			]),
			night('2026-11-12', [
				measured('dried flat', 19, ODA),
				measured('blocked', 21, ODA),
				measured('dried flat', 18, ODA),
				measured('unwashed', 22, ODA),
			]),
		]);
		const width = (of?: { readonly widthCm: number }): number | undefined => of?.widthCm;
		expect(squares.map(({ day, sizes: s }) => [day, width(s.off), width(s.pinned), width(s.dry)])).toEqual([
			['2026-11-05', 20, 21, 19],
			['2026-11-05', undefined, undefined, 7],
			['2026-11-12', undefined, undefined, 18],
			['2026-11-12', 22, undefined, undefined],
		]);
	});
});

describe('a room', () => {
	it('counts each once: at a tool, else left-handed, else large print, else the other yarn hand', () => {
		const come = [
			person('Till', { at: 'loom', hands: 'left', large: true }),
			person('Brede', { at: 'loom' }),
			person('Liv', { hands: 'left', large: true, yarnHand: 'left' }),
			person('Mia', { large: true, yarnHand: 'left' }),
			person('Noor', { yarnHand: 'left' }),
			person('Per', { yarnHand: 'right' }),
			person('Ilse', { hands: 'left-as-right', avoids: ['wool', 'linen'] }),
			person('Sol', { avoids: ['wool'] }),
			person('Gone', { left: true, hands: 'left', avoids: ['cotton'] }),
		];
		expect(roomOf({ people: come }, { yarnHand: 'right' })).toEqual({
			at: { loom: 2 },
			...{ left: 1, large: 1, otherYarn: 1 },
			avoids: { wool: 2, linen: 1 },
		});
		expect(roomOf({ people: [person('Oda')] }, { yarnHand: 'right' })).toEqual({
			...{ at: {}, left: 0, large: 0, otherYarn: 0 },
		});
		// Nobody left is still one to plan for; a pace of no measures is none.
		const empty = planFor(
			DEFAULT_PLAN,
			{ ...newClass('Empty'), people: [] },
			{ yarnHand: 'right' },
			{
				crossing: shrunk(60, []),
				stitches: shrunk(12, []),
			},
		);
		expect([empty.learners, empty.pace]).toEqual([1, undefined]);
	});
});
