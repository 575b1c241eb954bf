import { newClass, type Class, type Did, type Evening, type Person, type Press } from '@pond-loop/core/class';
import { describe, expect, it } from 'vitest';
import { SessionModel } from './session-model.svelte';

const START = Date.parse('2026-11-05T19:00:00.000Z');
const person = (id: string, name: string, more: Partial<Person> = {}): Person => ({
	...{ id, name, hands: 'right', at: 'hand' },
	...more,
});
const ODA = person('p1', 'Oda');
const RIKE = person('p2', 'Rike');
const GONE = person('p3', 'Till', { left: true });
const GOAL = 'holder';
const EVENING = {
	...{ format: 'pond-loop/evening', version: 1, day: '2026-11-05', title: 'Lantern sleeve' },
	goals: [{ id: GOAL, title: 'Crossing 2 over 2' }],
	steps: [
		{ id: 's1', title: 'Show', minutes: 10 },
		{ id: 's2', title: 'Try', minutes: 20 },
	],
} as unknown as Evening;

/** A session whose log is a list, and whose minutes pass when they are told to. */
function session(of: Partial<Class> = {}) {
	const presses: Press[] = [];
	let at = START;
	const log = {
		get presses() {
			return presses;
		},
		press: (did: Did) => presses.push({ id: `x${presses.length}`, at: new Date(at).toISOString(), did }),
	};
	const ours: Class = { ...newClass('Thursday'), people: [ODA, RIKE, GONE], ...of };
	const model = new SessionModel(() => ({ id: 'e1', class: ours, evening: EVENING }), log, START);
	const pass = (minutes: number): void => {
		at += minutes * 60_000;
		model.now = at;
	};
	return { model, log, pass, did: () => presses.map((p) => p.did) };
}

describe('a session without its view', () => {
	it('has who is in the class, and who left it since only where they were here', () => {
		const { model, log } = session();
		// Where nobody was said to be here, all are.
		expect([model.come, model.here]).toEqual([
			[ODA, RIKE],
			[ODA, RIKE],
		]);
		model.turnHere(ODA);
		expect(model.here).toEqual([RIKE]);
		model.everyoneIsHere();
		expect([model.come, model.here]).toEqual([
			[ODA, RIKE],
			[ODA, RIKE],
		]);
		log.press({ kind: 'here', person: GONE.id, here: true });
		expect([model.come, model.here]).toEqual([
			[ODA, RIKE, GONE],
			[ODA, RIKE, GONE],
		]);
	});

	it('turns a mark from alone to with help, not yet, and not seen', () => {
		const { model } = session();
		const marks = Array.from({ length: 5 }, () => {
			model.turn(GOAL, ODA.id);
			return model.outcome(GOAL, ODA.id);
		});
		expect(marks).toEqual(['alone', 'help', 'not', undefined, 'alone']);
		expect(model.seen(GOAL)).toBe(1);
		model.everyoneIsHere();
		model.allCan(GOAL);
		expect([model.outcome(GOAL, RIKE.id), model.seen(GOAL)]).toEqual(['alone', 2]);
	});

	it('runs one step at a time, and says how far it is behind its plan or ahead', () => {
		const { model, pass, did } = session();
		expect([model.planned, model.gone, model.behind, model.running]).toEqual([30, 0, 0, undefined]);
		model.toStep('s1');
		pass(4);
		// Under way and within its minutes: neither behind nor ahead.
		expect([model.running?.id, model.minutesOf('s1'), model.behind]).toEqual(['s1', 4, 0]);
		pass(11);
		expect([model.gone, model.behind]).toEqual([15, 5]);
		model.toStep('s2');
		pass(8);
		expect([model.running?.id, model.minutesOf('s1'), model.minutesOf('s2'), model.behind]).toEqual(['s2', 15, 8, 5]);
		model.toStep('s2');
		pass(30);
		// 15 + 8 minutes for what 30 were planned for.
		expect([model.running, model.gone, model.behind]).toEqual([undefined, 23, -7]);
		expect(did()).toEqual([
			{ kind: 'step', step: 's1', does: 'start' },
			{ kind: 'step', step: 's1', does: 'stop' },
			{ kind: 'step', step: 's2', does: 'start' },
			{ kind: 'step', step: 's2', does: 'stop' },
		]);
	});

	it('counts what went wrong by mistake, with whose it was, once each', () => {
		const { model } = session();
		model.addWrong({ mistake: 'wrong-side', person: ODA.id, mended: ' dropped down ' });
		model.addWrong({ mistake: 'lost', person: '', mended: ' ' });
		model.addWrong({ mistake: 'wrong-side', person: ODA.id, mended: '' });
		expect(model.wrongs).toEqual([
			{ mistake: 'wrong-side', times: 2, names: ['Oda'], mended: ['dropped down'] },
			{ mistake: 'lost', times: 1, names: [], mended: [] },
		]);
	});

	it('keeps a note that is written, and none that is empty', () => {
		const { model, did } = session();
		model.addNote('  ');
		model.addNote(' more light ');
		expect(did()).toEqual([{ kind: 'note', text: 'more light' }]);
		expect(model.went.notes.map((n) => n.text)).toEqual(['more light']);
	});

	it('asks next time for what most did not do alone', () => {
		const { model } = session();
		expect(model.next).toEqual([]);
		model.everyoneIsHere();
		for (const { id } of [ODA, RIKE]) for (let i = 0; i < 3; i++) model.turn(GOAL, id);
		expect(model.next.map((p) => p.kind)).toEqual(['again']);
	});
});
