// `npm test`: everything that the tests need, then all of them. The last line counts them.
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { listen, run } from './lib/run.mjs';

let passed = 0;
let failed = 0;
/** Browser tests that passed only when they were tried again: there should be none. */
let again = 0;

/**
 * A stage that either holds or does not.
 * @param {string} title
 * @param {() => Promise<boolean>} holds
 */
async function stage(title, holds) {
	console.log(`\n— ${title}`);
	let good = false;
	try {
		good = await holds();
	} catch (error) {
		console.error(error instanceof Error ? error.message : error);
	}
	if (good) passed += 1;
	else {
		failed += 1;
		console.log(`✗ ${title} failed`);
	}
	return good;
}

/** Runs one of the scripts beside others; what it said is shown when it is done. @param {string} script */
const npm = (script) => {
	const running = listen('npm', ['run', '--silent', script]);
	return async () => {
		const { code, said } = await running;
		if (code !== 0) console.log(said.trimEnd());
		return code === 0;
	};
};

/**
 * Runs a test runner that leaves its counts in a JSON file, and adds them up.
 * A runner that fails without a failed test (it could not start) is one failure.
 * @param {string} title
 * @param {(file: string) => Promise<number>} start
 * @param {(report: any) => { passed: number, failed: number }} count
 */
async function tests(title, start, count) {
	console.log(`\n— ${title}`);
	const file = join(tmpdir(), `pond-loop-${process.pid}-${passed + failed}.json`);
	let counted = { passed: 0, failed: 0 };
	let code = 1;
	try {
		code = await start(file);
		counted = count(JSON.parse(readFileSync(file, 'utf8')));
	} catch (error) {
		console.error(error instanceof Error ? error.message : error);
	}
	rmSync(file, { force: true });
	passed += counted.passed;
	failed += counted.failed;
	if (counted.failed === 0 && (code !== 0 || counted.passed === 0)) {
		failed += 1;
		console.log(`✗ ${title} did not run to its end`);
	}
}

/** @param {string} project */
const vitest = (project) => (/** @type {string} */ file) =>
	run('npx', [
		'vitest',
		'run',
		'--project',
		project,
		'--reporter=default',
		'--reporter=json',
		`--outputFile.json=${file}`,
	]);

/** @param {{ numPassedTests: number, numFailedTests: number }} report */
const vitestCounts = (report) => ({ passed: report.numPassedTests, failed: report.numFailedTests });

const ready = await stage('packages', async () => {
	await ensureNpmPackages();
	await ensureDebianPackages({ browser: true });
	return true;
});
if (ready) {
	// Each of these keeps one core busy, so they go on side by side.
	const [lint, types] = [npm('lint'), npm('check')];
	await stage('lint, formatting and seams', lint);
	await stage('types', types);
	await tests('unit tests', vitest('core'), vitestCounts);
	// These go one after another on one database; the other core builds meanwhile.
	const building = import('./lib/build.mjs').then(({ ensureBuild }) => ensureBuild());
	// Told of below, in its turn.
	building.catch(() => undefined);
	await tests('integration tests', vitest('web'), vitestCounts);
	const built = await stage('build', () => building.then(() => true));
	if (built) {
		await tests(
			'browser tests',
			(file) => run('npx', ['playwright', 'test'], { env: { PLAYWRIGHT_JSON_OUTPUT_NAME: file } }),
			({ stats }) => {
				again = stats.flaky;
				return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
			},
		);
	}
}
console.log(`\n${again} tried twice`);
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
