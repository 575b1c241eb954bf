import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addressOf, readSettings } from './settings.mjs';
import { FairQueue, Uses } from './fair-queue.mjs';

describe('turns', () => {
	it('whoever asks for much waits behind themselves: another who asks once is next', () => {
		const turns = new FairQueue({ places: 1, each: () => 1, most: 50 });
		const done: string[] = [];
		const ends: (() => void)[] = [];
		const ask = (who: string, what: string): void => void ends.push(turns.ask(who, () => void done.push(what))!);
		for (let i = 0; i < 20; i++) ask('much', `much ${i}`);
		ask('once', 'once');
		// The first is at work; when it ends, its line has had a turn and the other goes first.
		ends[0]!();
		expect(done).toEqual(['much 0', 'once']);
	});

	it('of those who were never served, and of those served equally long ago, the one who asked first is next', () => {
		const turns = new FairQueue({ places: 1, each: () => 1, most: 50 });
		const done: string[] = [];
		const ends = ['at work', 'first', 'second', 'third'].map((who) => turns.ask(who, () => void done.push(who))!);
		for (const end of ends) end();
		expect(done).toEqual(['at work', 'first', 'second', 'third']);
	});

	it('never more at once than there is room for, nor for one who asks; all that is not taken back is begun, each once', () => {
		fc.assert(
			fc.property(
				fc.array(fc.record({ who: fc.constantFrom('a', 'b', 'c'), early: fc.boolean() }), { maxLength: 40 }),
				fc.integer({ min: 1, max: 4 }),
				fc.integer({ min: 1, max: 3 }),
				(asked, places, each) => {
					const turns = new FairQueue({ places, each: () => each, most: 100 });
					const running = new Map<number, string>();
					const begun: number[] = [];
					const ends = asked.map(({ who }, i) =>
						turns.ask(who, () => {
							running.set(i, who);
							begun.push(i);
						}),
					);
					const hold = (): void => {
						expect(running.size).toBeLessThanOrEqual(places);
						for (const who of ['a', 'b', 'c']) {
							expect([...running.values()].filter((w) => w === who).length).toBeLessThanOrEqual(each);
						}
					};
					hold();
					const back = new Set<number>();
					asked.forEach(({ early }, i) => {
						if (!early || running.has(i)) return;
						back.add(i);
						ends[i]!();
						hold();
					});
					while (running.size > 0) {
						const [i] = running.keys();
						running.delete(i!);
						ends[i!]!();
						// Ending twice changes nothing.
						ends[i!]!();
						hold();
					}
					expect([...begun].sort((a, b) => a - b)).toEqual(asked.map((_, i) => i).filter((i) => !back.has(i)));
					expect([turns.busy, turns.waiting]).toEqual([0, 0]);
				},
			),
		);
	});

	it('a line that is full takes nothing more', () => {
		const turns = new FairQueue({ places: 1, each: () => 1, most: 2 });
		const taken = Array.from({ length: 5 }, () => turns.ask('a', () => undefined) !== undefined);
		expect(taken).toEqual([true, true, true, false, false]);
		expect(turns.ask('b', () => undefined)).toBeDefined();
	});
});

describe('use of the processor', () => {
	it('lets a burst through, stops a steady stream, and says when there is room again', () => {
		const uses = new Uses({ most: 1000, drain: 100 });
		uses.add('a', 900, 0);
		expect(uses.wait('a', 0)).toBe(0);
		uses.add('a', 600, 0);
		expect(uses.wait('a', 0)).toBe(5);
		expect(uses.wait('b', 0)).toBe(0);
		expect(uses.wait('a', 5000)).toBe(0);
		// Thirty phones at ten milliseconds a page are far below what stops one who asks without end.
		for (let i = 0; i < 30; i++) uses.add('school', 10, i);
		expect(uses.wait('school', 30)).toBe(0);
	});
});

describe('settings', () => {
	const from = (headers: Record<string, string>, env: Record<string, string>): string =>
		addressOf({ headers, socket: { remoteAddress: '10.0.0.9' } as never }, readSettings(env));

	it('take the visitor from the header of the proxy that is trusted, and never fail when it is absent', () => {
		const proxied = { ADDRESS_HEADER: 'X-Forwarded-For' };
		expect(from({ 'x-forwarded-for': '1.1.1.1, 2.2.2.2' }, proxied)).toBe('2.2.2.2');
		expect(from({ 'x-forwarded-for': '1.1.1.1, 2.2.2.2' }, { ...proxied, XFF_DEPTH: '2' })).toBe('1.1.1.1');
		expect(from({}, proxied)).toBe('10.0.0.9');
		expect(from({ 'x-forwarded-for': '1.1.1.1' }, {})).toBe('10.0.0.9');
		expect(from({ 'x-real-ip': '3.3.3.3' }, { ADDRESS_HEADER: 'x-real-ip' })).toBe('3.3.3.3');
	});

	it('that are no numbers are refused by name', () => {
		expect(() => readSettings({ PORT: 'many' })).toThrow('PORT');
		expect(() => readSettings({ PAGE_THREADS: '0' })).toThrow('PAGE_THREADS');
	});
});
