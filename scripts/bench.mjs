// `npm run bench`: the core, and the built app on a real database, measured in one run. A table, and JSON in .bench/.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { output } from './lib/run.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: true });
const { serveUntilExit } = await import('./lib/serve.mjs');
const { default: autocannon } = await import('autocannon');
const { enterDemo } = await import('./lib/enter.mjs');
const { benchClass } = await import('./lib/bench-class.mjs');
const { benchPractice } = await import('./lib/bench-practice.mjs');
const { benchStage } = await import('./lib/bench-stage.mjs');
const { benchLesson } = await import('./lib/bench-lesson.mjs');
const { benchHolding } = await import('./lib/bench-holding.mjs');
const { benchDesk } = await import('./lib/bench-desk.mjs');
const { benchLie } = await import('./lib/bench-lie.mjs');
const { benchHydration } = await import('./lib/bench-hydration.mjs');
const { benchLighthouse } = await import('./lib/bench-lighthouse.mjs');

const SECONDS = 5;

/** @type {{ what: string, value: number, unit: string, ratio?: string }[]} */
const lines = JSON.parse(output(process.execPath, ['--import', 'tsx', 'scripts/bench-core.ts']));

const { address, leave } = await serveUntilExit({
	name: `bench-${process.pid}`,
	env: { SIGN_INS_A_QUARTER: '1000000', DEMO_ENTRIES_AN_HOUR: '1000000', STRANGERS_BURST_MS: '1000000000' },
});

const cookie = await enterDemo(address);
const made = await fetch(`${address}/lessons`, { headers: { cookie } });
const lesson = /href="(\/lessons\/[0-9a-f-]{36})"/.exec(await made.text())?.[1];
if (!lesson) throw new Error('The demo data has no lesson to measure.');

/** @param {string} path @param {number} [connections] */
async function requests(path, connections = 8) {
	const result = await autocannon({ url: address + path, connections, duration: SECONDS, headers: { cookie } });
	if (result.non2xx > 0 || result.errors > 0) throw new Error(`${path} did not answer every request.`);
	return { perSecond: result.requests.average, p99: result.latency.p99 };
}

await requests('/health');
const bare = await requests('/health');
for (const [what, path] of /** @type {const} */ ([
	['bare answer (/health)', '/health'],
	['answer that asks the database (/health/ready)', '/health/ready'],
	['lesson page', lesson],
	['stage page', '/stage?name=2%2F2+LC&school=slash&step=3'],
	['list of swatches, made anew each time', '/swatches'],
	['first page, made anew each time', '/'],
])) {
	const { perSecond, p99 } = path === '/health' ? bare : await requests(path);
	const ratio = `${(bare.perSecond / perSecond).toFixed(1)} × the bare answer`;
	lines.push({ what, value: Math.round(perSecond), unit: 'requests a second', ratio });
	lines.push({ what: `${what}, 99th percentile`, value: p99, unit: 'ms' });
}

lines.push(...(await benchPractice(address, cookie, lesson)));
lines.push(...(await benchClass(address, cookie, (path) => requests(path))));

// Many wrong passwords at once, each a whole hash, while others read: hashing must not stop them.
const READERS = 2;
const calm = await requests(lesson, READERS);
let guessing = true;
let guesses = 0;
const guess = async (/** @type {number} */ who) => {
	while (guessing) {
		// A new name each time, so that the limit on one name does not answer instead of the hash.
		const body = new URLSearchParams({ signInName: `guess-${who}-${guesses}`, password: 'not the right one' });
		const answer = await fetch(`${address}/sign-in?/enter`, {
			method: 'POST',
			body,
			headers: { origin: address, accept: 'text/html' },
		});
		if (answer.status !== 401) throw new Error(`A wrong password was answered with ${answer.status}.`);
		guesses += 1;
	}
};
const guessers = Array.from({ length: 8 }, (_, who) => guess(who));
const under = await requests(lesson, READERS);
guessing = false;
const perSecond = guesses / SECONDS;
await Promise.all(guessers);
lines.push({ what: 'sign-ins tried by 8 at once', value: Math.round(perSecond), unit: 'a second' });
for (const [what, { perSecond: rate, p99 }] of /** @type {const} */ ([
	['lesson page for 2 readers, nobody signing in', calm],
	['lesson page for 2 readers, while 8 sign in', under],
])) {
	lines.push({
		what,
		value: Math.round(rate),
		unit: 'requests a second',
		ratio: `${(calm.perSecond / rate).toFixed(1)} × as long as without sign-ins, 99th percentile ${p99} ms`,
	});
}

lines.push(...(await benchHolding(address, cookie)));
lines.push(...(await benchLesson(address, cookie, requests)));
lines.push(...(await benchStage(address)), ...(await benchDesk(address, cookie)), ...(await benchLie(address, cookie)));
lines.push(...(await benchHydration(address, cookie)));
const desk = /href="(\/swatches\/[0-9a-f-]{36})"/.exec(
	await (await fetch(`${address}/swatches`, { headers: { cookie } })).text(),
)?.[1];
if (!desk) throw new Error('The demo data has no swatch to measure.');
lines.push(
	...(await benchLighthouse(address, cookie, [
		['first page', '/'],
		['stage', '/stage?name=C4F&school=total-front-back'],
		['practice', '/practice'],
		['lesson', lesson],
		['desk', desk],
	])),
);

const folder = join(root, '.bench');
mkdirSync(folder, { recursive: true });
writeFileSync(
	join(folder, 'latest.json'),
	JSON.stringify({ at: new Date().toISOString(), node: process.version, lines }, null, '\t'),
);
const wide = Math.max(...lines.map((l) => l.what.length));
for (const { what, value, unit, ratio } of lines) {
	console.log(`${what.padEnd(wide)}  ${value.toLocaleString('en').padStart(12)} ${unit}${ratio ? `  (${ratio})` : ''}`);
}
console.log('\nAlso as JSON in .bench/latest.json');
await leave(0);
