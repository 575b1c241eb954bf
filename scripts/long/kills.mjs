// Kills server and database again and again while lessons are saved: every save that was acknowledged must be there afterwards.
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import { enterDemo } from '../lib/enter.mjs';
import { serveUntilExit } from '../lib/serve.mjs';

const KILLS = Number(process.env['POND_LOOP_KILLS'] ?? 200);
const WRITERS = 4;

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

const writers = Array.from({ length: WRITERS }, (_, who) => write(who));
await sleep(500);
for (let kill = 1; kill <= KILLS; kill++) {
	await sleep(Math.random() * 250);
	if (kill % 2 === 0) {
		cluster.kill();
		await startAgain();
	} else {
		await served.end('SIGKILL');
		await served.again();
	}
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
await Promise.all(writers);

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
console.log(`${KILLS} kills, ${saves} saves acknowledged, ${unanswered} requests without an answer, ${lost} lost.`);
await served.leave(lost > 0 ? 1 : 0);
