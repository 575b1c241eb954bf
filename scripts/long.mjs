// `npm run test:long`: sweeps that take too long for every change. Each says what it tried and what held.
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: true });
let passed = 0;
let failed = 0;
/** @param {string} title @param {string} command @param {string[]} args @param {NodeJS.ProcessEnv} [env] */
async function sweep(title, command, args, env = {}) {
	console.log(`\n— ${title}`);
	if ((await run(command, args, { env })) === 0) passed += 1;
	else failed += 1;
}
await sweep(
	'hostile texts, read and worked',
	'npx',
	['vitest', 'run', '--project', 'core', 'core/swatch/hostile.test.ts', '--testTimeout=3600000'],
	{ POND_LOOP_RUNS: '100000' },
);
await sweep(
	'practice: one right answer to each of 100,000 questions of a kind',
	'npx',
	['vitest', 'run', '--project', 'core', 'core/practice/practice.test.ts', '--testTimeout=36000000'],
	{ POND_LOOP_RUNS: '100000' },
);
await sweep(
	'100,000 hands that do as they like, at every tool',
	'npx',
	[
		...['vitest', 'run', '--project', 'core', 'core/look/what-is-it.test.ts', '-t', 'do as they like'],
		'--testTimeout=3600000',
	],
	{ POND_LOOP_RUNS: '100000' },
);
await sweep(
	'the search against trying everything',
	'npx',
	['vitest', 'run', '--project', 'core', 'core/handling/search'],
	{
		POND_LOOP_LONG: 'yes',
	},
);
await sweep(
	'every handout of the demo, in every craft, hands, paper and print',
	'npx',
	['vitest', 'run', '--project', 'web', 'web/src/lib/server/handout', '--testTimeout=3600000'],
	{ POND_LOOP_LONG: 'yes' },
);
await sweep(
	'what is seen, and every place, in every light and width',
	'npx',
	['playwright', 'test', 'crossing', 'crafts', 'stage', 'everywhere', 'languages'],
	{
		POND_LOOP_LONG: 'yes',
	},
);
/** Folders of the core that have tests of their own. */
const tested = readdirSync(join(root, 'core')).filter((folder) =>
	statSync(join(root, 'core', folder)).isDirectory()
		? readdirSync(join(root, 'core', folder)).some((name) => name.endsWith('.test.ts'))
		: false,
);
await sweep('broken places of each folder of the core, and its tests', process.execPath, [
	'scripts/mutants.mjs',
	...tested.map((folder) => `core/${folder}`),
]);
await sweep('hostile input at every door', process.execPath, ['scripts/long/hostile.mjs']);
await sweep(
	'kills while an evening is pressed',
	'npx',
	['playwright', 'test', 'kills', '-g', 'pressed at an evening'],
	{
		POND_LOOP_LONG: 'yes',
	},
);
await sweep('a busy evening for ten minutes', process.execPath, ['scripts/long/load.mjs']);
await sweep('kills of server and database', process.execPath, ['scripts/long/kills.mjs']);
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
