// Kills server, database, threads of pages and the process that sets handouts again and again while lessons are saved and
// handouts made: every save that was acknowledged must be there afterwards, and no handout may be refused.
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import { heavyPages } from '../lib/bench-holding.mjs';
import { descendants, textOf } from '../lib/descendants.mjs';
import { enterDemo } from '../lib/enter.mjs';
import { serveUntilExit } from '../lib/serve.mjs';

const KILLS = Number(process.env['POND_LOOP_KILLS'] ?? 200);
const WRITERS = 4;
/** Milliseconds of work after which a thread is ended under a page: little enough for a heavy one, and now and then for a save. */
const LONGEST_PAGE = 120;

// The cluster keeps its promises here as it does for real: a test cluster would not.
const served = await serveUntilExit({
	name: `kills-${process.pid}`,
	env: { DEMO_ENTRIES_AN_HOUR: '100000', LOG_LEVEL: 'silent' },
	durable: true,
});
const { address, cluster } = served;
const cookie = await enterDemo(address);
const headers = { cookie, origin: address, 'content-type': 'application/json' };

/** @type {Map<string, { version: number, title: string, sent: string }>} */
const acknowledged = new Map();
let over = false;
let saves = 0;
let unanswered = 0;

/** @param {number} who */
async function write(who) {
	const made = await (
		await fetch(`${address}/api/lessons`, { method: 'POST', headers, body: JSON.stringify({ title: `Writer ${who}` }) })
	).json();
	let version = made.version;
	acknowledged.set(made.id, { version, title: made.title, sent: made.title });
	for (let i = 0; !over; i++) {
		const title = `Writer ${who}, save ${i}`;
		const known = /** @type {{ version: number, title: string, sent: string }} */ (acknowledged.get(made.id));
		known.sent = title;
		try {
			const answer = await fetch(`${address}/api/lessons/${made.id}`, {
				method: 'PUT',
				headers,
				body: JSON.stringify({ version, lesson: { format: 'pond-loop/lesson', version: 1, title, steps: [] } }),
				signal: AbortSignal.timeout(5000),
			});
			const said = await answer.json();
			if (answer.ok) {
				version = said.version;
				acknowledged.set(made.id, { version, title, sent: title });
				saves += 1;
			} else if (answer.status === 409) {
				// Our own save had arrived; only its answer was lost.
				version = said.current.version;
				acknowledged.set(made.id, { version, title: said.current.lesson.title, sent: said.current.lesson.title });
			} else await sleep(20);
		} catch {
			unanswered += 1;
			await sleep(20);
		}
	}
}

let handouts = 0;
let refused = 0;
/** Handouts of a lesson one after the other: whatever is killed, each is there in the end. @param {string} path */
async function print(path) {
	while (!over) {
		try {
			const answer = await fetch(`${address}${path}/handout`, { headers, signal: AbortSignal.timeout(60_000) });
			const bytes = Buffer.from(await answer.arrayBuffer());
			if (answer.ok && bytes.subarray(0, 5).toString() === '%PDF-') handouts += 1;
			else if (answer.status === 413) refused += 1;
			else await sleep(20);
		} catch {
			await sleep(20);
		}
	}
}

/** Ends the process that sets handouts, once there is one. */
async function killSetter() {
	for (let tries = 0; tries < 100; tries++) {
		const setter = descendants(process.pid).find((pid) => /handout\.mjs/.test(textOf(pid, 'cmdline')));
		if (setter !== undefined) return process.kill(setter, 'SIGKILL');
		await sleep(50);
	}
	throw new Error('No process sets handouts.');
}

/** Asks for more than a page may take, until the thread is ended under it. */
async function endThread() {
	for (let tries = 0; tries < 20; tries++) {
		const answer = await fetch(address + heavy, { headers });
		await answer.arrayBuffer();
		if (answer.status === 503) return;
		await sleep(20);
	}
	throw new Error('A heavy page did not end its thread.');
}

/** What the killed server has left in memory goes a moment later; until then it does not start. */
async function startAgain() {
	for (let tries = 0; ; tries++) {
		try {
			return cluster.start();
		} catch (error) {
			if (tries > 50) throw error;
			await sleep(100);
		}
	}
}

const again = () => served.again({ LONGEST_PAGE_MS: String(LONGEST_PAGE) });
const KINDS = [
	() => served.end('SIGKILL').then(again),
	killSetter,
	async () => {
		cluster.kill();
		await startAgain();
	},
	endThread,
];
const [lesson = ''] =
	/\/lessons\/[0-9a-f-]{36}/.exec(await (await fetch(`${address}/lessons`, { headers })).text()) ?? [];
const [, heavy] = /** @type {readonly [string, string]} */ ((await heavyPages(address, cookie)).cases[0]);
await served.end('SIGTERM');
await again();
const printing = print(lesson);
const writers = Array.from({ length: WRITERS }, (_, who) => write(who));
await sleep(500);
for (let kill = 1; kill <= KILLS; kill++) {
	await sleep(Math.random() * 250);
	await /** @type {() => Promise<unknown>} */ (KINDS[kill % KINDS.length])();
	if (kill % 20 === 0) console.log(`${kill} kills, ${saves} saves acknowledged …`);
	for (let tries = 0; tries < 200; tries++) {
		const ready = await fetch(`${address}/health/ready`).then(
			(a) => a.ok,
			() => false,
		);
		if (ready) break;
		await sleep(50);
	}
}
await sleep(1000);
over = true;
await Promise.all([printing, ...writers]);

const client = new pg.Client({ connectionString: served.databaseUrl });
await client.connect();
let lost = 0;
for (const [id, { version, title, sent }] of acknowledged) {
	const { rows } = await client.query(`SELECT version, document->>'title' AS title FROM lessons WHERE id = $1`, [id]);
	const there = rows[0];
	// One more may have been written whose answer was lost.
	const whole =
		there && (there.version === version ? there.title === title : there.version > version && there.title === sent);
	if (!whole) {
		lost += 1;
		console.log(`Lost: ${JSON.stringify({ acknowledged: { version, title }, there })}`);
	}
}
await client.end();
console.log(
	`${KILLS} kills, ${saves} saves acknowledged, ${unanswered} requests without an answer, ${lost} lost; ${handouts} handouts made, ${refused} refused.`,
);
await served.leave(lost + refused > 0 || handouts === 0 ? 1 : 0);
