/** What is written of a class: its file, its tables, what is pasted, and names that are taken out. */

import { describe, expect, it } from 'vitest';
import { emptyLesson } from '../lesson/index.ts';
import { DEFAULT_HOUSE_STYLE } from '../schema/index.ts';
import { named } from '../test/made.ts';
import {
	calledBy,
	type ClassFile,
	type Did,
	eveningFor,
	exampleOf,
	goalOf,
	joined,
	learntBy,
	learntTable,
	lessonFrom,
	logTable,
	nameTaker,
	newClass,
	nextFor,
	peopleIn,
	type Person,
	picturesIn,
	type Press,
	type Proposal,
	wentBy,
	withoutNames,
	withoutPeople,
	withPieces,
} from './index.ts';
import { nextId, person, press } from '../test/class-made.ts';

const at = (second: number): string => `2026-11-05T19:00:${String(second).padStart(2, '0')}.000Z`;
const ODA = person('Oda Reed');
const RIKE = person('Rike', { hands: 'left', at: 'loom' });

describe('names', () => {
	it('somebody is called by the whole name, and by the first one where nobody else has it', () => {
		expect(calledBy(' Oda Reed ', ['Rike'])).toEqual(['Oda Reed', 'Oda']);
		expect(calledBy('Oda Reed', ['oda Marsh'])).toEqual(['Oda Reed']);
		expect([calledBy('Oda', []), calledBy('  ', [])]).toEqual([['Oda'], []]);
	});

	it('are taken out as whole words, however they are written', () => {
		const without = nameTaker(['Oda Reed', 'Oda', 'A.']);
		expect(without('Oda Reed helped ODA, not Odamar; ask A. or Ab.')).toBe(
			'somebody helped somebody, not Odamar; ask somebody or Ab.',
		);
	});

	it('go from each kind of entry that has words, and what has none of them stays the very same', () => {
		const without = withoutNames(['Oda']);
		const said = (did: object): object => without(did as Did);
		expect(said({ kind: 'note', text: 'Oda sang' })).toEqual({ kind: 'note', text: 'somebody sang' });
		expect(said({ kind: 'wrong', mistake: 'wrong-side', mended: 'by Oda' })).toMatchObject({ mended: 'by somebody' });
		expect(said({ kind: 'lap', of: 'crossing', many: 1, seconds: 2, what: 'Oda' })).toMatchObject({ what: 'somebody' });
		expect(said({ kind: 'measure', what: 'Oda’s', widthCm: 1, lengthCm: 1 })).toMatchObject({ what: 'somebody’s' });
		const picture = { id: nextId(), width: 1, height: 1 };
		expect(said({ kind: 'piece', what: 'of Oda', picture })).toMatchObject({ what: 'of somebody', picture });
		for (const same of [
			{ kind: 'note', text: 'a lamp' },
			{ kind: 'wrong', mistake: 'wrong-side' },
			{ kind: 'lap', of: 'crossing', many: 1, seconds: 2 },
			{ kind: 'here', here: true },
		])
			expect(said(same)).toBe(same);
	});
});

describe('a file of a class', () => {
	const piece = { id: nextId(), width: 4, height: 3 };
	const file: ClassFile = {
		class: { ...newClass('Thursday'), people: [ODA, RIKE] },
		evenings: [
			{
				id: nextId(),
				evening: eveningFor({ level: 'beginner' }, '2026-11-05', ''),
				presses: [
					press({ kind: 'here', here: true, person: ODA.id }),
					press({ kind: 'note', text: 'Oda and Rike' }),
					press({ kind: 'piece', what: 'a sleeve', picture: piece, person: RIKE.id } as Did),
				],
			},
		],
	};

	it('without somebody has neither them nor what they did, nor their name in what is written', () => {
		expect(withoutPeople(file, new Set())).toBe(file);
		const without = withoutPeople(file, new Set([ODA.id]));
		expect(without.class.people).toEqual([RIKE]);
		expect(without.evenings[0]!.presses.map((p) => p.did)).toEqual([
			{ kind: 'note', text: 'somebody and Rike' },
			file.evenings[0]!.presses[2]!.did,
		]);
		expect(withoutPeople(file, new Set([nextId()])).class.people).toEqual([ODA, RIKE]);
	});

	it('names its pictures, which have other ids elsewhere; a piece without its picture is left out', () => {
		expect(picturesIn(file)).toEqual([piece.id]);
		const other = withPieces(file, () => 'elsewhere');
		expect(picturesIn(other)).toEqual(['elsewhere']);
		expect(other.evenings[0]!.presses.at(-1)!.did).toMatchObject({
			what: 'a sleeve',
			picture: { width: 4, height: 3 },
		});
		const none = withPieces(file, () => undefined);
		expect(none.evenings[0]!.presses).toEqual(file.evenings[0]!.presses.slice(0, 2));
	});
});

describe('presses', () => {
	it('stand by their times, and by their ids at the same time; what is taken back is gone', () => {
		const one = (id: string, time: number, did: Did): Press => ({ id, at: at(time), did });
		const note = (text: string): Did => ({ kind: 'note', text });
		const log = [
			...[one('c', 2, note('late')), one('b', 1, note('b')), one('a', 1, note('a'))],
			...[one('d', 3, note('slip')), one('e', 4, { kind: 'undo', press: 'd' })],
			one('f', 5, { kind: 'here', here: true, person: ODA.id }),
		];
		expect(joined(log, log).map((p) => p.id)).toEqual(['a', 'b', 'c', 'f']);
		expect(joined([...log].reverse()).map((p) => p.id)).toEqual(['a', 'b', 'c', 'f']);
	});

	it('are told each under its kind, and a step by its minutes and since when it runs', () => {
		const step = nextId();
		const picture = { id: nextId(), width: 1, height: 1 };
		const log = [
			press({ kind: 'step', step, does: 'start' }),
			press({ kind: 'note', text: 'a lamp' }),
			press({ kind: 'measure', what: 'unwashed', widthCm: 10, lengthCm: 9 }),
			press({ kind: 'piece', what: 'a sleeve', picture } as Did),
			press({ kind: 'lap', of: 'stitches', many: 20, seconds: 60 }),
			press({ kind: 'wrong', mistake: 'wrong-side' }),
		];
		const { steps, notes, measures, pieces, laps, wrongs } = wentBy(log, [ODA.id]);
		expect([notes, measures, pieces, laps, wrongs].map((all) => all.length)).toEqual([1, 1, 1, 1, 1]);
		expect(steps.get(step)).toEqual({ minutes: 0, since: log[0]!.at });
		const stop = {
			...press({ kind: 'step', step, does: 'stop' }),
			at: new Date(Date.parse(log[0]!.at) + 180_000).toISOString(),
		};
		expect(wentBy([...log, stop], [ODA.id]).steps.get(step)).toEqual({
			minutes: 3,
		});
	});

	it('begun and ended in one moment a step took nothing, and says nothing of how long it takes', () => {
		const steps = [{ id: nextId(), title: 'Crossing', minutes: 10 }];
		const does = (what: 'start' | 'stop'): Press => ({
			...{ id: nextId(), at: at(0) },
			did: { kind: 'step', step: steps[0]!.id, does: what },
		});
		const evening = { ...eveningFor({ level: 'beginner' }, '2026-11-05', ''), steps };
		const held = { id: nextId(), evening, presses: [does('start'), does('stop')] };
		expect(learntBy({ people: [ODA], level: 'beginner' }, [held]).steps).toEqual([]);
	});
});

describe('tables', () => {
	it('a line for each kind of entry, with its words', () => {
		const step = { id: nextId(), title: 'Crossing', minutes: 5 };
		const picture = { id: nextId(), width: 1, height: 1 };
		const entries: Did[] = [
			{ kind: 'here', here: false, person: ODA.id },
			{ kind: 'step', step: step.id, does: 'start' },
			{ kind: 'goal', goal: 'lean', outcome: 'unseen' },
			{ kind: 'goal', goal: 'own', outcome: 'alone' },
			{ kind: 'lap', of: 'stitches', many: 20, seconds: 60 },
			{ kind: 'measure', what: 'unwashed', widthCm: 10, lengthCm: 9 },
			{ kind: 'piece', what: 'a sleeve', picture } as Did,
			{ kind: 'note', text: 'a lamp' },
		];
		const rows = logTable({ people: [ODA] }, { steps: [step], goals: [goalOf('lean')] }, entries.map(press));
		expect(rows[0]).toEqual(['at', 'who', 'what', 'of', 'how']);
		expect(rows.slice(1).map((r) => r.slice(1).join(' | '))).toEqual([
			'Oda Reed | here |  | no',
			'everybody here | step | Crossing | start',
			`everybody here | goal | ${goalOf('lean').title} | not seen`,
			'everybody here | goal | own | on their own',
			'everybody here | time | 20 stitches | 60 s',
			'everybody here | square | unwashed | 10 × 9 cm',
			'everybody here | picture |  | a sleeve',
			'everybody here | note |  | a lamp',
		]);
	});

	it('who can what, and when each was seen last', () => {
		const goals = [goalOf('lean'), goalOf('holder')];
		const night = (day: string, did: Did) => ({
			...{ id: nextId(), presses: [press(did)] },
			evening: { ...eveningFor({ level: 'beginner' }, day, ''), goals },
		});
		const people = [ODA, RIKE];
		const learnt = learntBy({ people, level: 'beginner' }, [
			night('2026-11-05', { kind: 'goal', goal: 'lean', person: ODA.id, outcome: 'alone' }),
			night('2026-11-12', { kind: 'goal', goal: 'holder', person: ODA.id, outcome: 'help' }),
		]);
		const shown = { ...learnt, evenings: learnt.evenings.map((e) => ({ day: e.evening.day })) };
		expect(learntTable({ people }, shown)).toEqual([
			['name', 'hands', 'works', goals[0]!.title, goals[1]!.title, 'last seen'],
			['Oda Reed', 'right', 'hand', 'on their own', 'with help', '2026-11-12'],
			['Rike', 'left', 'loom', '', '', ''],
		]);
	});
});

describe('people who are pasted', () => {
	const read = (lines: string[][], here: readonly Person[] = []) => peopleIn(lines, here, nextId);
	const one = (...cells: string[]) => {
		const { id: _, ...told } = read([cells]).people[0]!;
		return told;
	};

	it('are told of in many words', () => {
		const plain = { name: 'Nour', hands: 'right', at: 'hand' };
		expect(one('Nour', 'left-handed')).toEqual({ ...plain, hands: 'left' });
		expect(one('Nour', 'left, knits right')).toEqual({ ...plain, hands: 'left-as-right' });
		expect(one('Nour', 'Right hand', 'improver')).toEqual({ ...plain, level: 'improver' });
		expect(one('Nour', 'loom')).toEqual({ ...plain, at: 'loom' });
		expect(one('Nour', 'machine', 'by hand')).toEqual(plain);
		expect(one('Nour', 'large print', 'yarn in left')).toEqual({ ...plain, large: true, yarnHand: 'left' });
		expect(one('Nour', 'yarn right')).toEqual({ ...plain, yarnHand: 'right' });
	});

	it('come from a table by its heads', () => {
		const { people, notRead } = read([
			['Level', 'Who', 'Yarn', 'Print'],
			['practised', 'Nour', 'left', 'x'],
			['', 'Per', '', 'no'],
		]);
		expect(people.map(({ id: _, ...told }) => told)).toEqual([
			{ name: 'Nour', hands: 'right', at: 'hand', level: 'practised', yarnHand: 'left', large: true },
			{ name: 'Per', hands: 'right', at: 'hand' },
		]);
		expect(notRead).toEqual([]);
	});

	it('have names of at most sixty letters, are at most sixty, and are taken once', () => {
		expect(read([['o'.repeat(60)]]).people).toHaveLength(1);
		expect(read([['o'.repeat(61)]])).toEqual({
			people: [],
			notRead: [`“${'o'.repeat(30)}…” is longer than 60 characters.`],
		});
		const many = Array.from({ length: 58 }, (_, i) => person(`P${i}`));
		const full = read([['A'], ['B'], ['b'], ['C'], [''], ['', ' ']], many);
		expect(full.people.map((p) => p.name)).toEqual(['A', 'B']);
		expect(full.notRead).toEqual(['b is there already.', 'C is one too many: a class has at most 60 people.']);
	});
});

describe('the next lesson', () => {
	const people = [ODA, RIKE];
	const proposal = (kind: Proposal['kind'], skill: Proposal['skill'], more: Partial<Proposal> = {}): Proposal => ({
		...{ kind, skill, title: skill, because: 'Because.' },
		...more,
	});
	const made = (...proposals: Proposal[]) =>
		lessonFrom({ ...newClass('Thursday'), people }, proposals, { style: DEFAULT_HOUSE_STYLE, nextId });

	it('has the proposals about a rest, an opening before them, and what is new only for those who can do it', () => {
		const { steps, title } = made(
			proposal('again', 'lean'),
			proposal('new', 'markers', { people: [RIKE.id] }),
			proposal('ahead', 'wide', { people: [ODA.id] }),
		);
		expect([title, steps.map((s) => s.kind)]).toEqual([
			'Thursday: next',
			['opening', 'crossing', 'note', 'rest', 'crossing'],
		]);
		expect(steps.map((s) => s.only)).toEqual([undefined, undefined, ['loom'], undefined, undefined]);
		expect(steps.map((s) => s.why)).toEqual([
			...[undefined, 'Because.', 'Because.', undefined, 'Because. The others go on with the step before.'],
		]);
		expect(made(proposal('new', 'lean')).steps[1]!.only).toBeUndefined();
	});

	it('names those who are ahead as one would say it', () => {
		const all = ['Oda', 'Rike', 'Sol', 'Per', 'Liv', 'Brede', 'Noor'].map((name) => person(name));
		const because = (ahead: number): string | undefined => {
			const goals = (['front-back', 'lean', 'two-over-two', 'rope'] as const).map(goalOf);
			const evening = { ...eveningFor({ level: 'beginner' }, '2026-11-05', ''), goals };
			const presses = goals.flatMap((g) =>
				all.map((p, i) =>
					press({ kind: 'goal', goal: g.id, person: p.id, outcome: i < ahead || g.id !== 'rope' ? 'alone' : 'help' }),
				),
			);
			const learnt = learntBy({ people: all, level: 'beginner' }, [{ id: nextId(), evening, presses }]);
			const next = nextFor({ people: all }, learnt);
			const more = next.find((p) => p.kind === 'ahead');
			// What they are given, the others are not given as well.
			if (more) expect(next.filter((p) => p !== more).map((p) => p.skill)).not.toContain(more.skill);
			return more?.because;
		};
		expect([1, 2, 3].map(because)).toEqual([
			'Oda does all of it on their own, and could try this.',
			'Oda and Rike do all of it on their own, and could try this.',
			'Oda, Rike and Sol do all of it on their own, and could try this.',
		]);
		// Where more than half of them are ahead, it is not for them alone.
		expect(because(4)).toBeUndefined();
	});

	it('gives somebody at a machine who is ahead nothing that takes needles', () => {
		const all = [person('Till', { at: 'machine' }), ...['Rike', 'Sol', 'Per'].map((name) => person(name))];
		const goals = (['front-back', 'lean', 'two-over-two', 'count-rows'] as const).map(goalOf);
		const evening = { ...eveningFor({ level: 'beginner' }, '2026-11-05', ''), goals };
		const presses = goals.flatMap((g) =>
			all.map((p, i) =>
				press({ kind: 'goal', goal: g.id, person: p.id, outcome: i === 0 || g.id !== 'count-rows' ? 'alone' : 'help' }),
			),
		);
		const next = nextFor(
			{ people: all },
			learntBy({ people: all, level: 'beginner' }, [{ id: nextId(), evening, presses }]),
		);
		const ahead = next.find((p) => p.kind === 'ahead')!;
		expect(ahead.people).toEqual([all[0]!.id]);
		expect(['two-holders', 'no-holder', 'tbl', 'loose', 'gap']).not.toContain(ahead.skill);
		expect(next.filter((p) => p !== ahead).map((p) => p.skill)).not.toContain(ahead.skill);
	});

	it('a skill is shown by a crossing of its own', () => {
		expect([exampleOf('wide'), exampleOf('travelling'), exampleOf('hum'), exampleOf('markers')]).toEqual([
			...[named('3/3 LC'), named('2/1 LPC'), undefined, undefined],
		]);
	});

	it('a session has the steps, minutes and goals of its lesson, or the usual goals', () => {
		const lesson = { ...emptyLesson('Lanterns'), steps: made(proposal('again', 'lean')).steps };
		const id = nextId();
		const { steps, goals, ...head } = eveningFor({ level: 'beginner' }, '2026-11-05', '', { id, lesson });
		expect(head).toMatchObject({ title: 'Lanterns', lesson: id, day: '2026-11-05' });
		expect(steps.map((s) => s.id)).toEqual(lesson.steps.map((s) => s.id));
		expect(steps.find((s) => s.title.includes('2 over 2'))!.minutes).toBe(10.5);
		expect(goals.length).toBeGreaterThan(0);
		expect(eveningFor({ level: 'beginner' }, '2026-11-05', '').goals.map((g) => g.id)).toEqual([
			...['front-back', 'lean', 'count-rows'],
		]);
	});
});
