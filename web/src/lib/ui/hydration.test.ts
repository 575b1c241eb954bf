import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** Pieces run when the browser says that it has time; here, when the test does. */
let idle: (() => void)[] = [];
const rest = (): void => {
	const now = idle;
	idle = [];
	for (const run of now) run();
};

beforeEach(() => {
	idle = [];
	vi.resetModules();
	vi.stubGlobal('requestIdleCallback', (run: () => void) => idle.push(run));
});
afterEach(() => vi.unstubAllGlobals());

it('does one piece at a time, in the order in which they were asked for, and none that was called off', async () => {
	const { runWhenIdle } = await import('./hydration');
	const done: string[] = [];
	const off = ['a', 'b', 'c', 'd'].map((name) => runWhenIdle(() => done.push(name)));
	off[2]!();
	rest();
	expect(done).toEqual(['a']);
	// The one that is waited for can be called off as well, and those after it still have their turn.
	off[1]!();
	rest();
	rest();
	rest();
	expect([done, idle.length]).toEqual([['a', 'd'], 0]);
	off[0]!();
	runWhenIdle(() => done.push('e'));
	rest();
	expect(done).toEqual(['a', 'd', 'e']);
});

it('is over where there is no page, and once it is marked', async () => {
	expect((await import('./hydration')).isHydrating()).toBe(false);
	vi.resetModules();
	vi.stubGlobal('document', {});
	const { isHydrating, markHydrated } = await import('./hydration');
	expect(isHydrating()).toBe(true);
	markHydrated();
	expect(isHydrating()).toBe(false);
});

it('of a part goes on after that of the page, and ends when it throws', async () => {
	vi.stubGlobal('document', {});
	const { isHydrating, whileHydrating, markHydrated } = await import('./hydration');
	markHydrated();
	expect([whileHydrating(isHydrating), isHydrating()]).toEqual([true, false]);
	const fails = (): never => {
		throw new Error('a part of the page');
	};
	expect(() => whileHydrating(fails)).toThrow('a part of the page');
	expect(isHydrating()).toBe(false);
});

it('runs tasks in order, each by itself, and resolves when they are done', async () => {
	const { whenTasksDone, runSoon } = await import('./hydration');
	const done: string[] = [];
	runSoon(() => done.push('a'));
	runSoon(async () => {
		await Promise.resolve();
		done.push('b');
	});
	runSoon(() => done.push('c'));
	expect(done).toEqual([]);
	let timers = 0;
	const counting = setInterval(() => (timers += 1));
	await whenTasksDone();
	clearInterval(counting);
	expect(done).toEqual(['a', 'b', 'c']);
	expect(timers).toBeGreaterThan(0);
});

it('work in pieces lets others in between whenever it has held the browser for long enough, and never within a piece', async () => {
	let now = 0;
	vi.stubGlobal('performance', { now: () => now });
	const { inPieces } = await import('./in-pieces');
	const done: string[] = [];
	const asked = setInterval(() => done.push('heard'));
	function* pieces(): Generator<undefined, string> {
		for (const ms of [3, 3, 3, 1, 1, 20]) {
			now += ms;
			done.push(String(ms));
			yield;
		}
		return 'whole';
	}
	expect(await inPieces(pieces())).toEqual({ value: 'whole', ms: 31 });
	clearInterval(asked);
	const heard = done.flatMap((d, i) => (d === 'heard' ? [i] : []));
	expect(done.filter((d) => d !== 'heard')).toEqual(['3', '3', '3', '1', '1', '20']);
	// After 9 ms, and after the long one.
	expect(done.slice(0, 3)).toEqual(['3', '3', '3']);
	expect(heard.length).toBeGreaterThan(0);
	expect(heard.some((i) => done.slice(0, i).filter((d) => d !== 'heard').length === 3)).toBe(true);
	expect(heard.every((i) => [3, 6].includes(done.slice(0, i).filter((d) => d !== 'heard').length))).toBe(true);
});

it('a piece that fails is reported, and keeps none after it from its turn', async () => {
	const reported: unknown[] = [];
	vi.stubGlobal('reportError', (error: unknown) => reported.push(error));
	const { whenTasksDone, runSoon } = await import('./hydration');
	const done: string[] = [];
	runSoon(() => Promise.reject(new Error('no network')));
	runSoon(() => done.push('after it'));
	await whenTasksDone();
	expect([done, reported]).toEqual([['after it'], [new Error('no network')]]);
});
