import { randomUUID } from 'node:crypto';
import { setTimeout as sleep } from 'node:timers/promises';
import { type Lesson, TEMPLATES } from '@pond-loop/core/lesson';
import { DEFAULT_HOUSE_STYLE } from '@pond-loop/core/schema';
import { beforeEach, expect, it, vi } from 'vitest';
import { descendants, textOf } from '../../../../../scripts/lib/descendants.mjs';
import { HandoutSchema, handoutOf } from './handout';
import { answerInLines } from './progress';
import type * as Setter from './setter';
import { NotSet } from './setter';

const first = TEMPLATES.find((t) => t.id === 'first')!.make(randomUUID, 'total-front-back');
/** The first lesson so many times over. */
const long = (times: number): Lesson => ({
	...first,
	steps: Array.from({ length: times }, () => first.steps.map((s) => ({ ...s, id: randomUUID() }))).flat(),
});
const printed = (lesson: Lesson) => handoutOf(lesson, DEFAULT_HOUSE_STYLE, HandoutSchema.parse({}));
const isPdf = (bytes: Uint8Array): boolean => Buffer.from(bytes.subarray(0, 5)).toString() === '%PDF-';

/** That of a setter which has no process yet. */
let setDocuments: typeof Setter.setDocuments;
beforeEach(async () => {
	vi.unstubAllEnvs();
	vi.resetModules();
	({ setDocuments } = await import('./setter'));
});

it('refuses in words what takes more memory than its process may, and sets the next one', async () => {
	vi.stubEnv('HANDOUT_MEGABYTES', '220');
	const many = { documents: [await printed(long(12))], copies: Array<number>(12).fill(0), photos: {} };
	await expect(setDocuments(many)).rejects.toThrow(/too large/);
	expect(isPdf(await setDocuments({ ...many, documents: [await printed(first)], copies: [0] }))).toBe(true);
});

it('sets a handout once more when its process was killed', async () => {
	const setting = setDocuments({ documents: [await printed(long(6))], copies: [0, 0], photos: {} });
	let pid: number | undefined;
	while (pid === undefined) {
		await sleep(20);
		pid = descendants(process.pid).find((one) => textOf(one, 'cmdline').includes('handout.mjs'));
	}
	process.kill(pid, 'SIGKILL');
	expect(isPdf(await setting)).toBe(true);
});

it('says how far a handout is, and then gives it; a refusal is said in words', async () => {
	const lines = async (answer: Response): Promise<unknown[]> =>
		(await answer.text())
			.trim()
			.split('\n')
			.map((line) => JSON.parse(line) as unknown);
	const told = await lines(
		answerInLines(async (drawn) => {
			const document = await handoutOf(first, DEFAULT_HOUSE_STYLE, HandoutSchema.parse({}), undefined, [], drawn);
			const pdf = await setDocuments({ documents: [document], copies: [0], photos: {} });
			return { pdf, title: 'Lantern sleeve', more: 'large' };
		}),
	);
	const file = told.pop() as { name: string; pdf: string };
	expect(told).toEqual(told.map((_, i) => ({ done: i + 1, of: told.length })));
	expect(told.length).toBeGreaterThanOrEqual(first.steps.length);
	expect(file.name).toBe('lantern-sleeve-large.pdf');
	expect(isPdf(Buffer.from(file.pdf, 'base64'))).toBe(true);
	const refused = answerInLines(() => Promise.reject(new NotSet('Print fewer steps.')));
	expect(await lines(refused)).toEqual([{ refused: 'Print fewer steps.' }]);
});
