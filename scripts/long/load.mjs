// A busy evening for ten minutes: learners on one practice link, teachers who edit, photographs, papers for rooms, heavy
// pages. Nothing may be lost, what is refused must pass when it is tried again after the stated time, and memory must stay level.
import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import sharp from 'sharp';
import { heavyPages } from '../lib/bench-holding.mjs';
import { postgresBin } from '../lib/cluster.mjs';
import { descendants, textOf } from '../lib/descendants.mjs';
import { enterDemo } from '../lib/enter.mjs';
import { quantile } from '../lib/quantile.mjs';
import { serveUntilExit } from '../lib/serve.mjs';

const MINUTES = Number(process.env['POND_LOOP_MINUTES'] ?? 10);
const LEARNERS = 200;
const TEACHERS = 30;
/** Networks from which learners come: a class shares one. */
const NETWORKS = 7;
const MOST_MEGABYTES = 1200;
const MOST_MS = { learner: 1000, handout: 3000 };

const served = await serveUntilExit({
	name: `load-${process.pid}`,
	env: { DEMO_ENTRIES_AN_HOUR: '100000', LOG_LEVEL: 'error', ADDRESS_HEADER: 'x-forwarded-for' },
	durable: true,
});
const { address, databaseUrl } = served;
const ends = Date.now() + MINUTES * 60_000;
const isOver = () => Date.now() >= ends;
/** @type {Record<string, number[]>} */
const times = {};
/** @type {Map<string, number>} */
const again = new Map();
/** @type {string[]} */
const lost = [];

/**
 * Asks, and asks again as the answer says; what is not answered well within two minutes is lost.
 * @param {string} what @param {string} path @param {RequestInit} [init]
 */
async function ask(what, path, init) {
	const from = performance.now();
	let last = '';
	while (performance.now() - from < 120_000) {
		try {
			const answer = await fetch(address + path, init);
			const bytes = Buffer.from(await answer.arrayBuffer());
			if (answer.ok) {
				(times[what] ??= []).push(performance.now() - from);
				return { answer, bytes };
			}
			last = `${answer.status} ${bytes.toString().slice(0, 120)}`;
			if (![429, 503].includes(answer.status)) break;
			again.set(`${what}, ${answer.status}`, (again.get(`${what}, ${answer.status}`) ?? 0) + 1);
			await sleep(1000 * Math.max(1, Number(answer.headers.get('retry-after') ?? 2)));
		} catch (error) {
			last = String(error);
			await sleep(1000);
		}
	}
	lost.push(`${what}: ${path} was answered with ${last}`);
	return undefined;
}

/** @param {string} cookie @param {string} method @param {unknown} body @param {string} [from] */
const json = (cookie, method, body, from = '10.9.0.1') => ({
	method,
	headers: { cookie, origin: address, 'content-type': 'application/json', 'x-forwarded-for': from },
	body: JSON.stringify(body),
});

const teachers = await Promise.all(Array.from({ length: TEACHERS }, () => enterDemo(address)));
const host = /** @type {string} */ (teachers[0]);
const page = await (await fetch(`${address}/lessons`, { headers: { cookie: host } })).text();
const lesson = /** @type {string} */ (/href="(\/lessons\/[0-9a-f-]{36})"/.exec(page)?.[1]);
const door = { format: 'pond-loop/practice-door', version: 1, kinds: [], schools: ['slash'] };
const opened = await fetch(`${address}/api/doors${lesson}`, json(host, 'PUT', door));
const { token } = await opened.json();

/** @type {Map<string, number>} what each learner sent last */
const sent = new Map();
/** @param {number} who */
async function learner(who) {
	const from = `10.0.${who % NETWORKS}.1`;
	await sleep(Math.random() * 30_000);
	const first = await ask('a learner opens', `/practice/${token}`, { headers: { 'x-forwarded-for': from } });
	const cookie = first?.answer.headers.getSetCookie()[0]?.split(';')[0] ?? '';
	const id = randomUUID();
	for (let days = 1; !isOver(); days++) {
		const summary = {
			...{ format: 'pond-loop/practice-summary', version: 1, name: `reed ${who}`, days: Math.min(days, 28) },
			...{ kinds: [], crossings: [{ name: '2/2 LC', asked: days, right: 0 }] },
		};
		if (await ask('a learner sends', `/practice/${token}/sent`, json(cookie, 'POST', { learner: id, summary }, from)))
			sent.set(id, days);
		if (days % 5 === 0)
			await ask('a learner opens', `/practice/${token}`, { headers: { cookie, 'x-forwarded-for': from } });
		await sleep(12_000);
	}
}

/** @type {Map<string, { version: number, title: string }>} */
const saved = new Map();
/** @param {string} cookie @param {number} who */
async function teacher(cookie, who) {
	await sleep(Math.random() * 10_000);
	const made = await ask('a teacher begins', '/api/lessons', json(cookie, 'POST', { title: `Lesson ${who}` }));
	if (!made) return;
	let { id, version } = JSON.parse(made.bytes.toString());
	for (let i = 0; !isOver(); i++) {
		const title = `Lesson ${who}, save ${i}`;
		const body = { version, lesson: { format: 'pond-loop/lesson', version: 1, title, steps: [] } };
		const answer = await ask('a teacher saves', `/api/lessons/${id}`, json(cookie, 'PUT', body));
		if (answer) {
			version = JSON.parse(answer.bytes.toString()).version;
			saved.set(id, { version, title });
		}
		if (i % 4 === 0) await ask('a teacher opens', `/lessons/${id}`, { headers: { cookie } });
		await sleep(10_000);
	}
}

/** Again and again, with a pause between. @param {number} pause milliseconds @param {(nth: number) => Promise<unknown>} does */
async function repeatedly(pause, does) {
	for (let nth = 0; !isOver(); nth++) {
		await sleep(pause);
		if (!isOver()) await does(nth);
	}
}

/** Megabytes of everything that the server started, shared pages counted once. */
const megabytes = () =>
	Math.round(
		descendants(process.pid).reduce(
			(sum, pid) => sum + Number(/^Pss:\s+(\d+)/m.exec(textOf(pid, 'smaps_rollup'))?.[1] ?? 0),
			0,
		) / 1024,
	);

/** @type {number[]} by half minutes */
const memory = [];
const photograph = await sharp(Buffer.from(new Uint8Array(4032 * 3024 * 3).map((_, i) => (i * 7919) % 251)), {
	raw: { width: 4032, height: 3024, channels: 3 },
})
	.jpeg()
	.toBuffer();
const heavy = (await heavyPages(address, /** @type {string} */ (teachers[1]))).cases;
const dump = join('/var/tmp', `pond-load-${process.pid}.dump`);
const bin = /** @type {string} */ (postgresBin());
/** @type {Map<string, { version: number, title: string }>} what was acknowledged before the dump began */
let dumped = new Map();

/** @param {string} program @param {string[]} args */
const database = (program, args) => {
	const { status, stderr } = spawnSync(join(bin, program), args, { encoding: 'utf8' });
	if (status !== 0) throw new Error(`${program}: ${stderr}`);
};

const own = process.cpuUsage();
const began = Date.now();
await Promise.all([
	...Array.from({ length: LEARNERS }, (_, who) => learner(who)),
	...teachers.map(teacher),
	repeatedly(20_000, () => ask('a handout', `${lesson}/handout`, { headers: { cookie: host } })),
	repeatedly(40_000, () =>
		ask('a room’s handouts', `${lesson}/handout?room=yes`, {
			headers: { cookie: host },
		}),
	),
	repeatedly(30_000, (nth) =>
		Promise.all(
			Array.from({ length: 4 }, () =>
				ask('a photograph', '/api/pictures', {
					...json(/** @type {string} */ (teachers[2 + (nth % 20)]), 'POST', {}),
					body: photograph,
				}),
			),
		),
	),
	repeatedly(15_000, (nth) => {
		const [, path] = /** @type {readonly [string, string]} */ (heavy[nth % heavy.length]);
		const isOpen = path.startsWith('/shared') || path.startsWith('/stage');
		const from = { 'x-forwarded-for': '10.8.0.1' };
		return ask('a heavy page', path, { headers: isOpen ? from : { cookie: /** @type {string} */ (teachers[1]) } });
	}),
	repeatedly(30_000, async (nth) => {
		memory.push(megabytes());
		if (nth !== 3) return;
		dumped = new Map(saved);
		database('pg_dump', ['--format=custom', `--file=${dump}`, databaseUrl]);
	}),
]);
const seconds = (Date.now() - began) / 1000;
const { user, system } = process.cpuUsage(own);

/**
 * How many of the saves are not there, or older than what was acknowledged.
 * @param {string} url @param {ReadonlyMap<string, { version: number, title: string }>} acknowledged
 */
async function missing(url, acknowledged) {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	let gone = 0;
	for (const [id, { version, title }] of acknowledged) {
		const { rows } = await client.query(`SELECT version, document->>'title' AS title FROM lessons WHERE id = $1`, [id]);
		if (!rows[0] || rows[0].version < version || (rows[0].version === version && rows[0].title !== title)) gone += 1;
	}
	const practice = await client.query(
		`SELECT learner_id, (summary->'crossings'->0->>'asked')::int AS asked FROM practice_sent`,
	);
	const there = new Map(practice.rows.map((r) => [r.learner_id, r.asked]));
	await client.end();
	return { gone, there };
}

const { gone, there } = await missing(databaseUrl, saved);
const unsent = [...sent].filter(([id, days]) => there.get(id) !== days).length;
let restored = 'no dump was taken in so short a time';
let isRestored = true;
if (dumped.size > 0) {
	const copy = new URL(databaseUrl);
	copy.pathname = '/restored';
	database('createdb', [`--maintenance-db=${databaseUrl}`, 'restored']);
	database('pg_restore', [`--dbname=${copy.href}`, '--no-owner', dump]);
	rmSync(dump);
	const back = await missing(copy.href, dumped);
	isRestored = back.gone === 0;
	restored = `${dumped.size - back.gone} of ${dumped.size} lessons, and what ${back.there.size} learners had sent`;
}

const ofLearner = [...(times['a learner opens'] ?? []), ...(times['a learner sends'] ?? [])];
for (const [what, all] of Object.entries(times))
	console.log(
		`${what}: ${all.length} times, half within ${Math.round(quantile(all, 0.5))} ms, 95 of 100 within ${Math.round(quantile(all, 0.95))} ms, the longest ${Math.round(Math.max(...all))} ms`,
	);
for (const [what, many] of again) console.log(`told to try again: ${what}, ${many} times`);
console.log(`memory by half minutes, in megabytes: ${memory.join(' ')}`);
console.log(`the generator itself took ${Math.round((user + system) / 1e4 / seconds)} of 100 of one core`);
console.log(`restored from a dump taken meanwhile: ${restored}`);
for (const line of lost.slice(0, 10)) console.log(`Lost: ${line}`);
console.log(`${lost.length} requests lost, ${gone} saves and ${unsent} answers gone`);
const held =
	lost.length === 0 &&
	gone === 0 &&
	unsent === 0 &&
	isRestored &&
	quantile(ofLearner, 0.95) < MOST_MS.learner &&
	quantile(times['a handout'] ?? [0], 0.95) < MOST_MS.handout &&
	Math.max(...memory, 0) < MOST_MEGABYTES;
console.log(held ? 'All of it held.' : 'Not all of it held.');
await served.leave(held ? 0 : 1);
