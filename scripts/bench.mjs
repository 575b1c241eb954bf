// `npm run bench`: the core, and the built app on a real database, measured in one run. A table, and JSON in .bench/.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { output } from './lib/run.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: false });
const { serveUntilExit } = await import('./lib/serve.mjs');
const { default: autocannon } = await import('autocannon');

const SECONDS = 5;

/** @type {{ what: string, value: number, unit: string, ratio?: string }[]} */
const lines = JSON.parse(output(process.execPath, ['--import', 'tsx', 'scripts/bench-core.ts']));

const { address, leave } = await serveUntilExit({ name: `bench-${process.pid}` });

const made = await fetch(`${address}/lessons`);
const lesson = /href="(\/lessons\/[0-9a-f-]{36})"/.exec(await made.text())?.[1];
if (!lesson) throw new Error('The demo data has no lesson to measure.');

/** @param {string} path */
async function requests(path) {
	const result = await autocannon({ url: address + path, connections: 8, duration: SECONDS });
	if (result.non2xx > 0 || result.errors > 0) throw new Error(`${path} did not answer every request.`);
	return { perSecond: result.requests.average, p99: result.latency.p99 };
}

await requests('/health');
const bare = await requests('/health');
for (const [what, path] of /** @type {const} */ ([
	['bare answer (/health)', '/health'],
	['lesson page', lesson],
	['stage page', '/crossings?name=2%2F2+LC&school=slash&step=3'],
])) {
	const { perSecond, p99 } = path === '/health' ? bare : await requests(path);
	const ratio = `${(bare.perSecond / perSecond).toFixed(1)} × the bare answer`;
	lines.push({ what, value: Math.round(perSecond), unit: 'requests a second', ratio });
	lines.push({ what: `${what}, 99th percentile`, value: p99, unit: 'ms' });
}

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
