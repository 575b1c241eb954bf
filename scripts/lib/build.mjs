// Builds the app once for each state of its sources, so that a running demo keeps its files.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { alone } from './lock.mjs';
import { root } from './paths.mjs';
import { must } from './run.mjs';

const SOURCES = ['core', 'web', 'package-lock.json'];
const SKIP = new Set(['node_modules', '.svelte-kit', 'build', 'test']);
const KEPT = 3;

/** @param {string} path @returns {string[]} */
function filesUnder(path) {
	if (!statSync(path).isDirectory()) return [path];
	return readdirSync(path)
		.filter((name) => !SKIP.has(name) && !name.endsWith('.test.ts'))
		.sort()
		.flatMap((name) => filesUnder(join(path, name)));
}

function sourceHash() {
	const hash = createHash('sha256');
	for (const file of SOURCES.flatMap((s) => filesUnder(join(root, s)))) {
		hash.update(relative(root, file)).update('\0').update(readFileSync(file));
	}
	return hash.digest('hex').slice(0, 12);
}

/** The folder of the app as it is built from the sources as they are now; builds when there is none. */
export async function ensureBuild() {
	return alone('build', async () => {
		const builds = join(root, 'web', 'build');
		const folder = join(builds, sourceHash());
		const done = join(folder, '.complete');
		if (!existsSync(done)) {
			console.log('Building the app …');
			await must('The build', 'npm', ['run', 'build', '-w', 'web', '--silent'], { env: { BUILD_DIR: folder } });
			writeFileSync(done, '');
			prune(builds);
		}
		return folder;
	});
}

/** @param {string} builds */
function prune(builds) {
	const byAge = readdirSync(builds)
		.map((name) => ({ path: join(builds, name), at: statSync(join(builds, name)).mtimeMs }))
		.sort((a, b) => b.at - a.at);
	for (const { path } of byAge.slice(KEPT)) rmSync(path, { recursive: true, force: true });
}
