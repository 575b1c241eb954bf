import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { get, request as ask } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startFront } from './front.mjs';

/** An app in a few lines, with pages that take as long as one wants; each leaves a mark when it is done. */
const APP = `
import { writeFileSync } from 'node:fs';
const spin = (ms) => { const until = performance.now() + ms; while (performance.now() < until); };
export const handler = async (request, response) => {
	const url = new URL(request.url, 'http://x');
	const ms = Number(url.searchParams.get('ms') ?? 0);
	const who = /pond-session=([^;]+)/.exec(request.headers.cookie ?? '')?.[1];
	response.setHeader('content-type', 'text/plain');
	response.setHeader('x-pond-teacher', who ? who.slice(0, 1) : 'none');
	let body = '';
	for await (const piece of request) body += piece;
	if (url.pathname.endsWith('/handout') && !url.searchParams.has('works')) await new Promise((done) => setTimeout(done, ms));
	else if (url.pathname === '/still') Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
	else spin(ms);
	if (url.searchParams.has('mark')) writeFileSync(process.env.MARKS + '/' + url.searchParams.get('mark'), String(Date.now()));
	if (url.pathname === '/heavy') return response.end('x'.repeat(20 * 1024 * 1024));
	if (url.pathname === '/crash') { setTimeout(() => { throw new Error('of its own'); }); return; }
	response.end(JSON.stringify({ path: url.pathname, address: request.headers['x-pond-address'], bytes: body.length }));
};
`;

const folder = mkdtempSync(join(tmpdir(), 'front-test-'));
const marks = join(folder, 'marks');
const PORT = 42_000 + (process.pid % 2000);
const home = `http://127.0.0.1:${PORT}`;
let front: Awaited<ReturnType<typeof startFront>>;

beforeAll(async () => {
	mkdirSync(join(folder, 'client', '_app', 'immutable'), { recursive: true });
	mkdirSync(marks);
	writeFileSync(join(folder, 'client', '_app', 'immutable', 'a.js'), 'export {}');
	writeFileSync(join(folder, 'handler.js'), APP);
	writeFileSync(join(folder, 'package.json'), '{"type":"module"}');
	front = await startFront(folder, {
		...process.env,
		MARKS: marks,
		HOST: '127.0.0.1',
		PORT: String(PORT),
		PAGE_THREADS: '2',
		LONGEST_PAGE_MS: '1500',
		LONGEST_FILE_MS: '1200',
		STRANGERS_BURST_MS: '1500',
		STRANGERS_MS_A_SECOND: '1',
	});
	// From their first answer on the front knows them by their cookies.
	for (const who of 'bcdefgh') await fetch(`${home}/hello`, as(who));
});
afterAll(async () => {
	await front.stop();
	rmSync(folder, { recursive: true, force: true });
});

/** As somebody who is signed in, so that it is not charged as a stranger's. */
const as = (who: string): RequestInit => ({ headers: { cookie: `pond-session=${who.padEnd(24, '-')}` } });
const isMarked = (mark: string): boolean => existsSync(join(marks, mark));

describe('the front', () => {
	it('passes requests on with the address of whoever asks, and takes none that they name themselves', async () => {
		const answer = await fetch(`${home}/a`, {
			...as('a'),
			headers: { ...as('a').headers, 'x-pond-address': '6.6.6.6' },
		});
		expect(await answer.json()).toEqual({ path: '/a', address: '127.0.0.1', bytes: 0 });
		// Who it was is for the front alone.
		expect(answer.headers.get('x-pond-teacher')).toBeNull();
		const files = await fetch(`${home}/_app/immutable/a.js`);
		expect([files.status, files.headers.get('cache-control')]).toEqual([200, 'public,max-age=31536000,immutable']);
	});

	it('answers while every thread is at work, and lets another in beside one whose pages take long', async () => {
		await fetch(`${home}/slow?ms=400`, as('b'));
		const order: string[] = [];
		const note = (what: string) => () => void order.push(what);
		const much = Array.from({ length: 4 }, () => fetch(`${home}/slow?ms=400`, as('b')).then(note('much')));
		const bare = fetch(`${home}/health`).then(note('bare'));
		const other = fetch(`${home}/quick`, as('c')).then(note('other'));
		await Promise.all([...much, bare, other]);
		expect(order.indexOf('bare')).toBeLessThan(order.indexOf('much'));
		expect(order.indexOf('other')).toBeLessThan(order.lastIndexOf('much') - 1);
	});

	it('ends what takes too much, says so, and goes on', async () => {
		const answer = await fetch(`${home}/api/endless?ms=60000&mark=endless`, as('d'));
		expect([answer.status, await answer.json()]).toEqual([
			503,
			{ message: expect.stringContaining('more work than one page may') },
		]);
		expect((await fetch(`${home}/after`, as('d'))).status).toBe(200);
		const file = await fetch(`${home}/lessons/x/handout?works&ms=60000&mark=file`, as('d'));
		expect(file.status).toBe(503);
		expect((await fetch(`${home}/lessons/x/handout?ms=1`, as('d'))).status).toBe(200);
		expect([isMarked('endless'), isMarked('file')]).toEqual([false, false]);
	});

	it('counts what is done, not how long it takes: a machine that stands still ends nothing', async () => {
		const answer = await fetch(`${home}/still?ms=2500`, as('d'));
		expect([answer.status, (await answer.json()) as unknown]).toEqual([
			200,
			expect.objectContaining({ path: '/still' }),
		]);
	});

	it('gives up what a reader has left, and never a write', async () => {
		const leave = (method: string, mark: string, ms: number): Promise<void> =>
			new Promise((done) => {
				const sent = ask(`${home}/left?ms=${ms}&mark=${mark}`, { method, headers: as('e').headers as never });
				sent.on('error', () => undefined);
				sent.end(method === 'GET' ? undefined : 'body');
				setTimeout(() => {
					sent.destroy();
					done();
				}, 300);
			});
		// Longer than is worked for nobody; shorter than a thread may take to begin anew.
		await leave('GET', 'read', 8000);
		await leave('PUT', 'write', 500);
		await leave('PUT', 'waits', 1);
		await expect.poll(() => isMarked('write') && isMarked('waits'), { timeout: 20_000 }).toBe(true);
		expect(isMarked('read')).toBe(false);
	});

	it('hands out in turns: another waits for one, not for all', async () => {
		const order: string[] = [];
		const much = Array.from({ length: 6 }, () =>
			fetch(`${home}/lessons/x/handout?ms=150`, as('f')).then(() => void order.push('much')),
		);
		// The first of them are in line already.
		await new Promise((done) => setTimeout(done, 40));
		const other = fetch(`${home}/lessons/y/handout?ms=10`, as('g')).then(() => void order.push('other'));
		await Promise.all([...much, other]);
		expect(order.indexOf('other')).toBeLessThanOrEqual(2);
	});

	it('refuses bodies and pages that are too large, and outlives a thread that ends by itself', async () => {
		const big = await fetch(`${home}/api/x`, { method: 'PUT', body: 'x'.repeat(9_000_000), ...as('h') });
		expect(big.status).toBe(413);
		await expect(fetch(`${home}/heavy`, as('h')).then((a) => a.text())).rejects.toThrow();
		expect((await fetch(`${home}/crash`, as('h'))).status).toBe(503);
		// Somebody who asks now leaves before there is a thread again.
		const gone = ask(`${home}/left?mark=gone`, { headers: as('h').headers as never }).on('error', () => undefined);
		gone.end();
		await new Promise((done) => setTimeout(done, 50));
		gone.destroy();
		// Whoever asks now waits for the thread that takes its place, to read or to write.
		const body = { method: 'PUT', body: 'twelve bytes', ...as('h') };
		const [read, written] = await Promise.all([fetch(`${home}/again`, as('h')), fetch(`${home}/body`, body)]);
		expect([read.status, await written.json()]).toEqual([200, expect.objectContaining({ bytes: 12 })]);
		// Both threads are there again, and what nobody waits for was not begun.
		await Promise.all(['b', 'c', 'd'].map((who) => fetch(`${home}/wait?ms=600`, as(who))));
		expect(isMarked('gone')).toBe(false);
	});

	it('lets strangers use so much of the processor, and tells them when there is room again', async () => {
		let refused: Response | undefined;
		for (let i = 0; i < 12 && !refused; i++) {
			const answer = await fetch(`${home}/stage?ms=500`);
			if (answer.status === 429) refused = answer;
		}
		expect(Number(refused?.headers.get('retry-after'))).toBeGreaterThan(0);
		expect(await refused?.text()).toContain('Try again in');
		// Whoever is known to be a teacher is not charged with what strangers at the same address did.
		expect((await fetch(`${home}/mine`, as('a'))).status).toBe(200);
		expect((await fetch(`${home}/health`)).status).toBe(200);
	});

	it('leaves no socket behind', async () => {
		const before = readdirSync(tmpdir()).filter((name) => name.startsWith('pond-loop-')).length;
		const second = await startFront(folder, {
			...process.env,
			MARKS: marks,
			HOST: '127.0.0.1',
			PORT: '0',
			PAGE_THREADS: '1',
		});
		await second.stop();
		expect(readdirSync(tmpdir()).filter((name) => name.startsWith('pond-loop-')).length).toBe(before);
		await new Promise((done) => get(`${home}/health`, (answer) => answer.resume().once('end', done)));
	});
});
