// `npm run check`: types of everything. `npm run check -- core/fabric`: lint, types and tests of one folder, side by side.
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { root } from './lib/paths.mjs';
import { listen, run } from './lib/run.mjs';

const TYPES = {
	core: ['tsc', '-p', 'core', '--incremental', '--tsBuildInfoFile', 'node_modules/.cache/core.tsbuildinfo'],
	scripts: ['tsc', '-p', '.', '--incremental', '--tsBuildInfoFile', 'node_modules/.cache/scripts.tsbuildinfo'],
	web: ['npm', 'run', '--silent', 'check', '-w', 'web'],
};
/** Which of them a folder belongs to. @param {string} folder */
const partOf = (folder) =>
	folder.startsWith('core') ? 'core' : folder.startsWith('web') && !folder.startsWith('web/server') ? 'web' : 'scripts';

const [, , named] = process.argv;
process.exitCode = named === undefined ? await allTypes() : await oneFolder(normalize(named).replace(/\/$/, ''));

async function allTypes() {
	for (const part of /** @type {const} */ (['core', 'scripts', 'web'])) {
		const code = await run('npx', TYPES[part]);
		if (code !== 0) return code;
	}
	return 0;
}

/** A project of the tests of one folder, which takes a third of the time of all. @param {string} folder */
function testsOf(folder) {
	const path = join(root, 'node_modules', '.cache', 'check.tsconfig.json');
	mkdirSync(dirname(path), { recursive: true });
	const include = [`${folder}/**/*.test.ts`, 'core/test/*.ts'].map((pattern) => join(root, pattern));
	writeFileSync(path, JSON.stringify({ extends: join(root, 'tsconfig.json'), include }));
	return path;
}

/** @param {string} folder */
async function oneFolder(folder) {
	if (!existsSync(join(root, folder))) {
		console.error(`There is no ${folder} here. Name a folder or a file, such as core/fabric.`);
		return 1;
	}
	const part = partOf(folder);
	const project = part === 'web' ? 'web' : 'core';
	const running = Object.entries({
		lint: ['eslint', folder],
		format: ['prettier', '--check', '--log-level', 'warn', folder],
		types: TYPES[part],
		// Tests of the core are no part of it: they may use what a browser or Node.js has.
		...(part === 'core' ? { 'types of tests': ['tsc', '-p', testsOf(folder)] } : {}),
		tests: ['vitest', 'run', '--project', project, '--passWithNoTests', folder],
	}).map(([what, words]) => ({ what, done: listen('npx', words) }));
	let failed = 0;
	for (const { what, done } of running) {
		const { code, said } = await done;
		console.log(`${code === 0 ? '✓' : '✗'} ${what}`);
		if (code === 0) continue;
		failed += 1;
		console.log(said.trimEnd());
	}
	return failed > 0 ? 1 : 0;
}
