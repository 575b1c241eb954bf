/** The commands around the app, run as a person would run them. */

import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Linter } from 'eslint';
import { format, resolveConfig } from 'prettier';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { alone } from './lib/lock.mjs';
import { languagePage } from './lib/language-page.ts';
import { root } from './lib/paths.mjs';
import { oneNamePerType } from './lib/one-name-per-type.mjs';
import { freePort } from './lib/port.mjs';
import { publishedSchemas } from './lib/published-schemas.ts';

let folder = '';
beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'pond-loop-scripts-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const file = (name: string, content: unknown): string => {
	const path = join(folder, name);
	writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
	return path;
};

describe('vectors', () => {
	const vectors = (...paths: string[]): { code: number | null; lines: string[] } => {
		const done = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/vectors.ts', ...paths], {
			cwd: root,
			encoding: 'utf8',
		});
		return { code: done.status, lines: done.stdout.trim().split('\n') };
	};
	const right = {
		id: 'right',
		text: '1/1 RC',
		dialect: 'slash',
		expect: { n: 2, order: [2, 1], over: [[2, 1]], work: ['k', 'k'] },
	};

	it('counts what passes and succeeds', () => {
		expect(vectors(file('right.json', [right]))).toEqual({ code: 0, lines: ['1 passed, 0 failed'] });
	});

	it('knows answers beyond the limits of a craft, and takes no refusal for a lean', () => {
		const loom = { craft: 'loom', facing: 'knit', parked: 'left', where: 'inside' };
		const machine = { craft: 'machine', facing: 'purl', placedFirst: 'left' };
		const refused = [loom, machine].map((craft) => ({ ...craft, sizes: [5, 5], expect: { error: true } }));
		expect(vectors(file('limits.json', refused))).toEqual({ code: 0, lines: ['2 passed, 0 failed'] });
		const leans = [loom, machine].flatMap((craft) =>
			['R', 'L'].map((leanOnKnitSide) => ({ ...craft, sizes: [5, 5], expect: { leanOnKnitSide } })),
		);
		const taken = [loom, machine].map((craft) => ({ ...craft, sizes: [2, 2], expect: { error: true } }));
		const { lines } = vectors(file('no-lean.json', [...leans, ...taken]));
		expect(lines.at(-1)).toBe('0 passed, 6 failed');
	});

	it('prints each failing case with its reason, and fails', () => {
		const wrong = { ...right, id: 'wrong', expect: { ...right.expect, over: [[1, 2]] } };
		const notRead = { ...right, id: 'not-read', text: '1/1 QC' };
		const mustNot = { ...right, id: 'must-not', expect: { error: true } };
		const unknown = { id: 'unknown', colour: 'green', expect: {} };
		const rows = { id: 'rows', castOn: 4, shape: 'flat', dialect: 'slash', rows: ['k4'], expect: { counts: [5] } };
		const { code, lines } = vectors(file('mixed.json', [right, wrong, notRead, mustNot, unknown, rows]));
		expect(code).toBe(1);
		expect(lines.map((l) => l.replace(/^\S+ /, ''))).toEqual([
			'wrong: over is [[2,1]], not [[1,2]]',
			'not-read: not read: We don’t know “QC”.',
			'must-not: read, but it must not be',
			'unknown: is a case of no known kind',
			'rows: counts is [4], not [5]',
			'passed, 5 failed',
		]);
	});

	it('fails for files that cannot be read, and reads the rest', () => {
		const good = file('good.json', [right]);
		const { code, lines } = vectors(
			join(folder, 'nowhere.json'),
			file('broken.json', '[{'),
			file('object.json', {}),
			good,
		);
		expect(code).toBe(1);
		expect(lines.at(-1)).toBe('1 passed, 3 failed');
	});

	it('answers every name, sentence, row, strand, hand and tool in the copy', () => {
		const { code, lines } = vectors('core/test/vectors');
		expect(lines.at(-1)).toBe('1226 passed, 0 failed');
		expect([code, lines.length]).toEqual([0, 1]);
	});
});

describe('working alone', () => {
	it('lets one process in at a time, and takes over from one that is gone', async () => {
		const name = `test-${process.pid}`;
		const log = file('log.txt', '');
		const work = `
			import { alone } from './scripts/lib/lock.mjs';
			import { appendFileSync } from 'node:fs';
			await alone('${name}', async () => {
				appendFileSync('${log}', 'in ');
				await new Promise((r) => setTimeout(r, 150));
				appendFileSync('${log}', 'out ');
			});`;
		const start = (code: string): ReturnType<typeof spawn> =>
			spawn(process.execPath, ['--input-type=module', '-e', code], { cwd: root, stdio: 'inherit' });
		const ended = (child: ReturnType<typeof spawn>): Promise<unknown> =>
			new Promise((resolve) => child.once('exit', resolve));
		await Promise.all([start(work), start(work), start(work)].map(ended));
		expect(readFileSync(log, 'utf8').trim()).toBe('in out in out in out');
		// One dies with the lock in its hand.
		await ended(start(work.replace(/await new Promise.*/, 'process.kill(process.pid, "SIGKILL");')));
		await expect(alone(name, () => Promise.resolve('taken over'))).resolves.toBe('taken over');
	});

	it('gives the lock back when the work fails', async () => {
		const name = `fails-${process.pid}`;
		await expect(alone(name, () => Promise.reject(new Error('dropped')))).rejects.toThrow('dropped');
		await expect(alone(name, () => Promise.resolve(1))).resolves.toBe(1);
	});
});

describe('ports', () => {
	it('are the wanted one when it is free, and another when it is not', async () => {
		const wanted = await freePort();
		expect(await freePort(wanted)).toBe(wanted);
		const taken = createServer().listen(wanted, '127.0.0.1');
		await new Promise((resolve) => taken.once('listening', resolve));
		const other = await freePort(wanted);
		taken.close();
		expect(other).not.toBe(wanted);
	});
});

describe('published formats', () => {
	it('are those that the app checks with', () => {
		for (const [name, text] of publishedSchemas()) {
			expect(JSON.parse(readFileSync(join(root, 'docs', 'formats', name), 'utf8'))).toEqual(JSON.parse(text));
		}
	});

	it('says what is read as the tests read it', async () => {
		const path = join(root, 'docs', 'language.md');
		const options = (await resolveConfig(path)) ?? {};
		expect(readFileSync(path, 'utf8')).toBe(await format(languagePage(), { ...options, parser: 'markdown' }));
	});
});

describe('the lint rule for names of types', () => {
	const plugins = { project: { rules: { 'one-name-per-type': oneNamePerType } } };
	const linter = new Linter({ cwd: root });
	const lint = (name: string, code: string): string[] =>
		linter
			.verify(
				code,
				[{ files: ['**/*.js'], plugins, rules: { 'project/one-name-per-type': 'error' } }],
				join(root, 'core', name),
			)
			.map(({ message }) => message);

	it('finds a name that another file declares, forgets a file that is linted anew, and lets components have Props', () => {
		expect(lint('one.js', 'class Swatch {} class Props {}')).toEqual([]);
		expect(lint('two.js', 'class Swatch {} class Props {}')).toEqual([
			'Swatch is declared in ./core/one.js too. Give one of them the name of what it is.',
		]);
		expect(lint('two.js', 'class Other {}')).toEqual([]);
		expect(lint('one.js', 'class Other {}')).toHaveLength(1);
		expect(lint('one.js', 'class Swatch {}')).toEqual([]);
	});
});
