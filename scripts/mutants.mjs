// `npm run test:mutants -- core/fabric`: breaks one place of a folder's code after the other, and says which of the broken
// places its own tests did not see. Folders with many places are sampled, the same ones for the same seed.
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Instrumenter } from '@stryker-mutator/instrumenter';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';

/** Folders that are broken in every place. */
const WHOLE = new Set(['core/fabric', 'core/crossing']);
/** How many places of any other folder are broken. */
const SAMPLE = 60;
/** Places that hold more of them than this are not drawn: a whole function gone is seen by any test. */
const MOST_INSIDE = 8;
/** Of a hundred, how many must be seen. */
const LEAST = { usual: 80, strict: 90 };
const STRICT = new Set(['core/fabric', 'core/crossing', 'core/class', 'core/lesson', 'core/swatch']);
// Words are held by the pages that show them, and a word of a closed set by the compiler.
const LEFT_OUT = ['StringLiteral'];
/** Places whose breaking changes nothing that anybody can see, with the reason. */
const SAME = /** @type {readonly { file: string, line: string, reason: string }[]} */ (
	JSON.parse(readFileSync(join(root, 'scripts/mutants-that-change-nothing.json'), 'utf8'))
);

/** @typedef {{ fileName: string, location: { start: { line: number, column: number }, end: { line: number, column: number } } }} Place */

/** @param {string} folder */
async function placesIn(folder) {
	const paths = readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('.ts') && !/\.test\.ts$|(^|\/)index\.ts$|\.parser/.test(name))
		.map((name) => `${folder}/${name}`)
		.sort();
	const files = paths.map((name) => ({ name, content: readFileSync(join(root, name), 'utf8'), mutate: true }));
	const silent = /** @type {any} */ ({ debug() {}, info() {}, warn() {}, isDebugEnabled: () => false });
	const { mutants } = await new Instrumenter(silent).instrument(files, {
		plugins: null,
		excludedMutations: LEFT_OUT,
		ignorers: [],
	});
	return mutants;
}

/** @param {Place} outer @param {Place} inner */
const holds = (outer, inner) =>
	outer.fileName === inner.fileName &&
	before(outer.location.start, inner.location.start) &&
	before(inner.location.end, outer.location.end);
/** @param {{ line: number, column: number }} a @param {{ line: number, column: number }} b */
const before = (a, b) => a.line < b.line || (a.line === b.line && a.column <= b.column);

/** @param {readonly Place[]} all @param {number} seed */
function sampleOf(all, seed) {
	/** @param {Place} place */
	const key = (place) =>
		createHash('sha256')
			.update(`${seed} ${range(place)}`)
			.digest('hex');
	const mixed = all.map((place) => ({ place, at: key(place) })).sort((a, b) => (a.at < b.at ? -1 : 1));
	/** @type {Set<Place>} */
	const inside = new Set();
	const drawn = [];
	for (const { place } of mixed) {
		if (inside.size >= SAMPLE) break;
		const held = all.filter((one) => holds(place, one));
		if (inside.has(place) || held.length > MOST_INSIDE) continue;
		for (const one of held) inside.add(one);
		drawn.push(place);
	}
	return drawn;
}

/** @param {Place} place */
const range = ({ fileName, location: { start, end } }) =>
	`${fileName}:${start.line + 1}:${start.column}-${end.line + 1}:${end.column}`;

/** @param {string} path of a folder, or of one file in it @param {number} seed @returns {Promise<boolean>} whether enough were seen */
async function tryPlaces(path, seed) {
	const folder = path.endsWith('.ts') ? path.split('/').slice(0, 2).join('/') : path;
	const all = (await placesIn(folder)).filter((place) => place.fileName.startsWith(path));
	const isWhole = path !== folder || WHOLE.has(folder);
	const mutate = isWhole ? [...new Set(all.map((p) => p.fileName))] : sampleOf(all, seed).map(range);
	const work = join(root, 'node_modules', '.cache', 'mutants');
	mkdirSync(work, { recursive: true });
	const report = join(work, 'report.json');
	rmSync(report, { force: true });
	// Its tests alone: what only another folder's tests would see is not seen.
	const vitest = join(root, 'mutants.vitest.mjs');
	writeFileSync(
		vitest,
		`export default { test: { include: ${JSON.stringify([`${folder}/**/*.test.ts`])}, setupFiles: ['scripts/lib/seed.ts'], testTimeout: 120_000 } };\n`,
	);
	const config = join(work, 'config.json');
	writeFileSync(
		config,
		JSON.stringify({
			mutate,
			testRunner: 'vitest',
			plugins: ['@stryker-mutator/vitest-runner'],
			vitest: { configFile: 'mutants.vitest.mjs', related: false },
			mutator: { excludedMutations: LEFT_OUT },
			coverageAnalysis: 'perTest',
			disableTypeChecks: false,
			concurrency: 2,
			timeoutMS: 5_000,
			// An endless loop then fills the heap, which the runner reports, before an array exceeds its limit, which ends the runner.
			testRunnerNodeArgs: ['--max-old-space-size=700'],
			reporters: ['json', 'progress-append-only'],
			jsonReporter: { fileName: report },
			tempDirName: '.mutants',
			ignorePatterns: ['web', 'e2e', 'docs', 'test-results'],
			logLevel: 'warn',
			allowConsoleColors: false,
		}),
	);
	try {
		if ((await run('npx', ['stryker', 'run', config])) !== 0) return false;
	} finally {
		rmSync(vitest, { force: true });
	}
	return said(folder, JSON.parse(readFileSync(report, 'utf8')));
}

/**
 * @param {string} folder
 * @param {{ files: Record<string, { source: string, mutants: { status: string, mutatorName: string, replacement: string, location: Place['location'] }[] }> }} report
 */
function said(folder, { files }) {
	const seen = { killed: 0, survived: 0, same: 0 };
	const lines = [];
	for (const [file, { source, mutants }] of Object.entries(files)) {
		const text = source.split('\n');
		for (const { status, replacement, location } of mutants) {
			if (status === 'Ignored' || status === 'CompileError') continue;
			if (status === 'Killed' || status === 'Timeout' || status === 'RuntimeError') {
				seen.killed += 1;
				continue;
			}
			const line = (text[location.start.line - 1] ?? '').trim();
			if (SAME.some((one) => one.file === file && one.line === line)) {
				seen.same += 1;
				continue;
			}
			seen.survived += 1;
			lines.push(
				`  ${file}:${location.start.line}:${location.start.column}  ${line}\n      as ${replacement.replaceAll(/\s+/g, ' ').slice(0, 100)}`,
			);
		}
	}
	const all = seen.killed + seen.survived;
	const rate = all === 0 ? 100 : (100 * seen.killed) / all;
	const least = STRICT.has(folder) ? LEAST.strict : LEAST.usual;
	console.log(lines.join('\n'));
	console.log(
		`${folder}: ${seen.killed} of ${all} broken places seen, ${rate.toFixed(0)} %; ${least} % is asked.${seen.same > 0 ? ` ${seen.same} change nothing.` : ''}`,
	);
	return rate >= least;
}

const folders = process.argv.slice(2);
if (folders.length === 0) {
	console.error('Name a folder, such as core/fabric.');
	process.exit(1);
}
let good = true;
for (const folder of folders)
	good = (await tryPlaces(folder.replace(/\/$/, ''), Number(process.env['POND_LOOP_SEED'] ?? 1))) && good;
process.exitCode = good ? 0 : 1;
