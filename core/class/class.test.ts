import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STATE_WORDS, type FabricState } from '../fabric/index.ts';
import { DEFAULT_HOUSE_STYLE, YARN_LIMITS, YarnSchema, type Yarn } from '../schema/index.ts';
import {
	DEFAULT_PLAN,
	emptyLesson,
	forOthers,
	kitFor,
	lessonMarkdown,
	lessonPage,
	paceSaid,
	PlanSchema,
} from '../lesson/index.ts';
import { crossingStep, PACES } from '../step/index.ts';
import { named } from '../test/made.ts';
import {
	ClassSchema,
	eveningFor,
	farOff,
	fibresAvoided,
	goalOf,
	joined,
	learntBy,
	lessonFrom,
	logTable,
	newClass,
	nextFor,
	paceOf,
	peopleIn,
	planFor,
	PressSchema,
	shrunk,
	wentBy,
	withSquares,
	type Class,
	type ClassSquare,
	type Did,
	type Evening,
	type HeldEvening,
	type Outcome,
	type Person,
	type Press,
} from './index.ts';
import { nextId, person, press } from '../test/class-made.ts';

const ODA = person('Oda');
const RIKE = person('Rike', { hands: 'left', avoids: ['wool'] });
const TILL = person('Till', { at: 'loom' });
const MIA = person('Mia', { large: true });
const people = [ODA, RIKE, TILL, MIA];
const ids = people.map((p) => p.id);
const ours: Class = { ...newClass('Thursday'), people };
const can = (goal: string, outcome: Outcome | 'unseen', who?: Person): Press =>
	press({ kind: 'goal', goal, outcome, ...(who ? { person: who.id } : {}) });
const evening = (day: string, goals: readonly string[], steps: Evening['steps'] = []): Evening => ({
	format: 'pond-loop/evening',
	version: 1,
	day,
	title: 'A session',
	steps,
	goals: goals.map((g) => goalOf(g as never)),
});

describe('a session', () => {
	it('says who can what: all can, then the exceptions; who is not here or was not pressed was not seen', () => {
		const went = wentBy(
			[
				press({ kind: 'here', here: true }),
				press({ kind: 'here', here: false, person: MIA.id }),
				can('lean', 'not', TILL),
				can('lean', 'alone'),
				can('lean', 'help', RIKE),
				can('holder', 'alone', ODA),
			],
			ids,
		);
		expect(went.outcomes.get('lean')).toEqual(
			new Map([
				[ODA.id, 'alone'],
				[RIKE.id, 'help'],
				[TILL.id, 'not'],
			]),
		);
		expect(went.outcomes.get('holder')).toEqual(new Map([[ODA.id, 'alone']]));
		// Nobody was said to be here, so all are; taken back, nobody was seen.
		expect(wentBy([can('lean', 'alone')], ids).outcomes.get('lean')?.size).toBe(4);
		expect(wentBy([can('lean', 'alone'), can('lean', 'unseen')], ids).outcomes.size).toBe(0);
	});

	it('takes the minutes of steps from when they were begun and ended, and takes presses back', () => {
		const step = nextId();
		const slip = press({ kind: 'wrong', mistake: 'wrong-side', person: ODA.id });
		const presses = [
			press({ kind: 'step', step, does: 'start' }, 0),
			slip,
			press({ kind: 'undo', press: slip.id }),
			press({ kind: 'step', step, does: 'stop' }, 110),
			press({ kind: 'step', step, does: 'stop' }, 500),
			press({ kind: 'step', step, does: 'start' }, 60),
		];
		const { steps, wrongs } = wentBy(presses, ids);
		expect(steps.get(step)?.minutes).toBe(2);
		expect(steps.get(step)?.since).toBe(presses.at(-1)!.at);
		expect(wrongs).toEqual([]);
	});

	it('is the same in whatever order and however often presses come in, from however many devices', () => {
		const anyDid = fc.oneof(
			fc.record({
				kind: fc.constant('goal' as const),
				goal: fc.constantFrom('lean', 'holder'),
				person: fc.constantFrom(...ids),
				outcome: fc.constantFrom('alone' as const, 'help' as const, 'not' as const, 'unseen' as const),
			}),
			fc.record({
				kind: fc.constant('goal' as const),
				goal: fc.constant('lean'),
				outcome: fc.constant('alone' as const),
			}),
			fc.record({ kind: fc.constant('here' as const), person: fc.constantFrom(...ids), here: fc.boolean() }),
		);
		const anyLog = fc.array(fc.tuple(fc.integer({ min: 0, max: 30 }), anyDid), { maxLength: 30 }).map((all) =>
			all.map(([minute, did], i): Press => ({
				id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
				at: new Date(Date.parse('2026-11-05T19:00:00Z') + minute * 60_000).toISOString(),
				did,
			})),
		);
		fc.assert(
			fc.property(anyLog, fc.integer({ min: 0, max: 30 }), fc.infiniteStream(fc.nat(1000)), (log, cut, keys) => {
				const mixed = log
					.map((p) => [keys.next().value as number, p] as const)
					.sort((a, b) => a[0] - b[0])
					.map(([, p]) => p);
				const apart = joined(mixed.slice(0, cut), log.slice(0, 20), mixed);
				expect(apart).toEqual(joined(log));
				expect(wentBy(apart, ids)).toEqual(wentBy(log, ids));
				for (const p of log) expect(PressSchema.safeParse(p).success).toBe(true);
			}),
		);
	});
});

describe('figures of few measures', () => {
	it('move an assumed figure the more of them there are, and say how many and how far apart', () => {
		expect(shrunk(60, [])).toEqual({ value: 60, from: 0 });
		expect(shrunk(60, [30])).toEqual({ value: 52.5, from: 1, spread: [30, 30] });
		expect(shrunk(60, [30, 30, 30]).value).toBe(45);
		expect(farOff([40, 44, 47, 52, 300])).toEqual([false, false, false, false, true]);
		expect(farOff([40, 300])).toEqual([false, false]);
	});
});

describe('what is learnt, and what comes next', () => {
	const steps = [{ id: nextId(), title: 'Crossing', minutes: 10 }];
	const nights = ['2026-10-01', '2026-10-08', '2026-10-15', '2026-10-22'];
	const held: HeldEvening[] = nights.map((day, i) => ({
		id: nextId(),
		evening: evening(day, i === 0 ? ['holder', 'front-back', 'lean'] : ['lean', 'two-over-two'], steps),
		presses: [
			press({ kind: 'step', step: steps[0]!.id, does: 'start' }),
			press({ kind: 'step', step: steps[0]!.id, does: 'stop' }, 60 * (15 + i)),
			...(i === 0
				? [can('holder', 'alone'), can('front-back', 'alone'), can('lean', 'not')]
				: [can('lean', i === 3 ? 'alone' : 'help'), can('two-over-two', 'help'), can('two-over-two', 'alone', ODA)]),
			press({ kind: 'lap', of: 'crossing', many: 1, seconds: 40 + i, person: ODA.id }),
			press({ kind: 'wrong', mistake: 'wrong-side', person: TILL.id }),
		],
	}));
	const learnt = learntBy(ours, [...held].reverse());

	it('orders sessions by day and tells the last outcome of each, minutes, pace and mistakes', () => {
		expect(learnt.evenings.map((e) => e.evening.day)).toEqual(nights);
		const lean = learnt.goals.find((g) => g.id === 'lean')!;
		expect([lean.counts, lean.on]).toEqual([{ alone: 4, help: 0, not: 0 }, [0, 1, 2, 3]]);
		expect(learnt.longer?.from).toBe(4);
		expect(learnt.longer!.value).toBeGreaterThan(1.3);
		expect(learnt.pace.crossing.value).toBeCloseTo((3 * PACES.beginner.crossing + 40 + 41 + 42 + 43) / 7);
		expect(paceOf(RIKE, 'beginner', learnt).crossing).toEqual({ value: PACES.beginner.crossing, from: 0 });
		expect(learnt.mistakes).toEqual([{ mistake: 'wrong-side', many: 4, people: 1 }]);
	});

	it('proposes again what more than a third could not do alone, what went well a while ago, and what builds on it', () => {
		const next = nextFor(ours, learnt);
		expect(next.find((p) => p.kind === 'again')).toMatchObject({
			skill: 'two-over-two',
			because: '3 of the 4 seen couldn’t do it on their own yet.',
		});
		expect(next.filter((p) => p.kind === 'spaced').map((p) => p.skill)).toEqual(['holder', 'front-back']);
		const fresh = next.filter((p) => p.kind === 'new');
		expect(fresh.length).toBeGreaterThan(0);
		for (const p of fresh) expect(learnt.goals.map((g) => g.id)).not.toContain(p.skill);
		expect(next.find((p) => p.kind === 'ahead')).toMatchObject({ people: [ODA.id] });
		expect(nextFor(ours, learntBy(ours, []))).toEqual([]);
	});

	it('offers nothing to somebody at a machine that takes needles, and calls well only what most were seen to do', () => {
		const all = (at: Person['at']): Class => ({ ...ours, people: people.map((p) => ({ ...p, at })) });
		const skills = (of: Class, shown = learnt): readonly string[] =>
			nextFor(of, shown)
				.filter((p) => p.kind === 'new' || p.kind === 'ahead')
				.map((p) => p.skill);
		const machine = skills(all('machine'));
		for (const id of ['two-holders', 'tbl', 'no-holder', 'mount', 'pegs']) expect(machine).not.toContain(id);
		// Two more who were never seen: then 4 of 6 say nothing of most; with five more nothing went well.
		const absent = (many: number): Class => ({
			...ours,
			people: [...people, ...Array.from({ length: many }, (_, i) => person(`Absent ${i}`))],
		});
		expect(skills(absent(5))).toEqual([]);
		const because = nextFor(ours, learnt).find((p) => p.kind === 'new')!.because;
		expect(because).toMatch(/\(4 of 4 seen\)/);
	});

	it('keeps its reasons with the teacher: in the lesson that is made, and in nothing that leaves it', () => {
		const proposals = nextFor(ours, learnt);
		const lesson = lessonFrom(ours, proposals, { style: DEFAULT_HOUSE_STYLE, nextId });
		expect(lesson.steps.flatMap((s) => s.why ?? []).join(' ')).toContain(
			'3 of the 4 seen couldn’t do it on their own yet.',
		);
		expect(lesson.plan.minutes).toBe(ours.minutes);
		const shown = [
			lessonMarkdown(lesson, DEFAULT_HOUSE_STYLE),
			lessonPage(lesson, DEFAULT_HOUSE_STYLE),
			JSON.stringify(forOthers(lesson.steps)),
		].join('\n');
		for (const { because, people: some } of proposals) {
			expect(shown).not.toContain(because);
			if (some) for (const p of people) expect(shown).not.toContain(p.name);
		}
	});

	it('knows nothing any more of who was erased', () => {
		const without = { ...ours, people: people.filter((p) => p !== ODA) };
		const after = learntBy(without, held);
		expect(after.goals.every((g) => !g.people.has(ODA.id))).toBe(true);
		expect(after.crossings).toEqual([]);
	});
});

describe('people', () => {
	it('are pasted as a list or a table, each once, and what is not understood is told', () => {
		const list = peopleIn([['Oda'], ['Nour', 'left', 'loom'], ['', 'left'], ['Per', 'purple']], people, nextId);
		expect(list.people.map(({ name, hands, at }) => [name, hands, at])).toEqual([
			['Nour', 'left', 'loom'],
			['Per', 'right', 'hand'],
		]);
		expect(list.notRead).toEqual([
			'Oda is there already.',
			'“, left” has no name.',
			'Per: “purple” is not known here.',
		]);
		const table = peopleIn(
			[
				['Level', 'Name', 'Large print', 'Language'],
				['improver', 'Nour', 'yes', 'Danish'],
			],
			[],
			nextId,
		);
		expect(table.people).toMatchObject([{ name: 'Nour', level: 'improver', large: true, language: 'da' }]);
		expect(peopleIn([['Nour', 'rows in Dutch too']], [], nextId).people).toMatchObject([{ language: 'nl' }]);
		expect(ClassSchema.safeParse({ ...ours, people: [...people, ...list.people] }).success).toBe(true);
		expect(ClassSchema.safeParse({ ...ours, people: [ODA, ODA] }).success).toBe(false);
	});

	it('give a lesson its room: each counted once, and never more than come', () => {
		const gone = person('Gone', { left: true, hands: 'left', avoids: ['cotton'] });
		const plan = planFor(DEFAULT_PLAN, { ...ours, people: [...people, gone] }, DEFAULT_HOUSE_STYLE);
		expect(plan).toMatchObject({ learners: 4, room: { at: { loom: 1 }, left: 1, large: 1, otherYarn: 0 } });
		expect(PlanSchema.safeParse(plan).success).toBe(true);
		// What was measured goes along, says where it is from, and goes again with a class of which nothing was.
		const pace = { crossing: shrunk(60, [30, 30, 30]), stitches: shrunk(12, []) };
		const measured = planFor(plan, ours, DEFAULT_HOUSE_STYLE, pace);
		expect(measured.pace).toEqual({ crossing: 45, stitches: 12, from: 3, of: 'Thursday' });
		expect(paceSaid(measured)).toBe('from 3 measures of Thursday');
		expect(PlanSchema.safeParse(measured).success).toBe(true);
		expect(planFor(measured, ours, DEFAULT_HOUSE_STYLE).pace).toBeUndefined();
		expect([...fibresAvoided({ people: [...people, gone] })]).toEqual([['wool', ['Rike']]]);
		// Its length stays as it was planned; wool goes to the others, and something else to who keeps away from it.
		expect(planFor({ ...DEFAULT_PLAN, minutes: 120 }, ours, DEFAULT_HOUSE_STYLE).minutes).toBe(120);
		expect(plan.room?.avoids).toEqual({ wool: 1 });
		const crossing = named('2/2 LC');
		const step = crossingStep(nextId(), { asked: { text: '2/2 LC', school: 'slash' }, crossing, way: 'off-holder' });
		const kit = kitFor({ ...emptyLesson('Kit'), plan, steps: [step] }, DEFAULT_HOUSE_STYLE);
		const yarn = kit.filter((item) => item.unit === 'm');
		expect(yarn.map(({ what }) => what)).toEqual([
			'Smooth, round, pale yarn in wool',
			'Smooth, round, pale yarn without wool',
		]);
		// 3 of 4, and one; each with a tenth to spare.
		const { each } = yarn[0]!;
		expect(yarn.map(({ all }) => all)).toEqual([3, 1].map((n) => n * each + Math.ceil(n * each * 0.1)));
		expect(JSON.stringify(kit)).not.toContain('Rike');
	});

	it('says what washing did, by squares of the same hands that were measured before and after it', () => {
		const measured = (person: string | undefined, what: FabricState, widthCm: number): Did => ({
			kind: 'measure',
			...(person === undefined ? {} : { person }),
			what: STATE_WORDS[what],
			widthCm,
			lengthCm: 10,
		});
		const night = (...all: readonly Did[]): HeldEvening => ({
			id: nextId(),
			evening: eveningFor({ level: 'beginner' }, '2026-11-05', ''),
			presses: all.map((did, i) => ({ id: nextId(), at: `2026-11-05T19:00:${10 + i}.000Z`, did })),
		});
		const before = night(measured(ODA.id, 'off', 20), measured(RIKE.id, 'off', 10), measured(undefined, 'off', 5));
		const after = {
			...night(
				measured(ODA.id, 'dry', 19),
				measured(RIKE.id, 'dry', 9),
				measured(undefined, 'dry', 50),
				// Another one, of which nothing is known but this.
				measured(ODA.id, 'dry', 90),
			),
		};
		const { washing } = learntBy(ours, [before, { ...after, evening: { ...after.evening, day: '2026-11-12' } }]);
		expect(washing).toHaveLength(1);
		expect(washing[0]).toMatchObject({ to: 'dry', ratio: { squares: 2, spread: { across: [0.9, 0.95] } } });
		expect(washing[0]!.ratio.across).toBeCloseTo(0.925);
		expect(learntBy(ours, [before]).washing).toEqual([]);
	});

	it('puts the squares of a class into a yarn: each once, as it was measured last, and no more than a yarn keeps', () => {
		const square = (n: number, widthCm: number): ClassSquare => ({
			press: `p${n}`,
			day: '2026-11-05',
			sizes: { off: { widthCm, lengthCm: 10 } },
		});
		const of = { of: 'plain', stitches: 20, rows: 28 } as const;
		const own = { id: 'own', on: '2026-10-01', ...of, sizes: { dry: { widthCm: 9, lengthCm: 9 } } };
		const yarn: Yarn = { id: 'y', name: 'Marsh wool', fibre: 'wool', squares: [own] };
		const once = withSquares(yarn, [square(1, 10), square(2, 11)], of);
		expect([once.left, once.yarn.squares.map((s) => s.id)]).toEqual([0, ['own', 'p1', 'p2']]);
		const aside = { ...once.yarn, squares: once.yarn.squares.map((s) => ({ ...s, aside: true as const })) };
		const again = withSquares(aside, [square(1, 12), square(2, 11)], { ...of, stitches: 22 }).yarn.squares;
		// What was set aside stays so, and what the teacher measured is left alone.
		expect(again.map((s) => [s.id, s.stitches, s.sizes.off?.widthCm, s.aside])).toEqual([
			['own', 20, undefined, true],
			['p1', 22, 12, true],
			['p2', 22, 11, true],
		]);
		const many = Array.from({ length: YARN_LIMITS.squares + 5 }, (_, i) => square(i, 10));
		const full = withSquares(yarn, many, of);
		expect([full.left, full.yarn.squares.length, full.yarn.squares.at(-1)!.id]).toEqual([
			6,
			YARN_LIMITS.squares,
			many.at(-1)!.press,
		]);
		expect(YarnSchema.safeParse(JSON.parse(JSON.stringify(full.yarn))).success).toBe(true);
	});

	it('stands in a table, each press with its words, without what was taken back and who is gone', () => {
		let minute = 10;
		const press = (did: Did): Press => ({ id: nextId(), at: `2026-11-05T19:${++minute}:00.000Z`, did });
		const lamp = press({ kind: 'note', text: 'A lamp' });
		const log = [
			press({ kind: 'goal', goal: 'lean', person: ODA.id, outcome: 'help' }),
			press({ kind: 'goal', goal: 'lean', person: nextId(), outcome: 'alone' }),
			lamp,
			press({ kind: 'undo', press: lamp.id }),
			press({ kind: 'lap', of: 'crossing', many: 2, seconds: 90 }),
		];
		const rows = logTable({ people: [ODA] }, { steps: [], goals: [goalOf('lean')] }, log);
		expect(rows.slice(1).map((r) => r.slice(1))).toEqual([
			['Oda', 'goal', goalOf('lean').title, 'with help'],
			['everybody here', 'time', '2 crossings', '90 s'],
		]);
	});
});
