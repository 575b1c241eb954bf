import { randomUUID } from 'node:crypto';
import type { APIRequestContext, APIResponse } from '@playwright/test';
import { emptyLesson } from '../core/lesson/index.ts';
import { crossingStep } from '../core/step/index.ts';
import { noteOf } from '../core/schema/index.ts';
import type { CrossingStep, Step } from '../core/step/index.ts';
import type { Lesson } from '../core/lesson/index.ts';
import { crossingNamed, expect, test } from './support.ts';

const note = (text: string): Step => ({ id: randomUUID(), kind: 'note', text: noteOf(text) });

const shown = (text: string): CrossingStep =>
	crossingStep(randomUUID(), { asked: { text, school: 'slash' }, crossing: crossingNamed(text), way: 'off-holder' });

async function make(request: APIRequestContext, title: string): Promise<string> {
	const answer = await request.post('/api/lessons', { data: { title } });
	expect(answer.status()).toBe(201);
	return (await answer.json()).id;
}

async function refused(answer: APIResponse): Promise<[status: number, message: string]> {
	const { message } = (await answer.json()) as { message: string };
	return [answer.status(), message];
}

test('a lesson goes to the server and comes back equal, every field of it', async ({ request }) => {
	const lesson: Lesson = {
		...emptyLesson('There and back 🧶 <b>'),
		steps: [note('line one\n\tline two'), { ...shown('2/1 LPC'), way: 'pinch', note: noteOf('snug') }],
	};
	const id = await make(request, 'There');
	const saved = await request.put(`/api/lessons/${id}`, { data: { version: 1, lesson } });
	expect(await saved.json()).toEqual({ version: 2 });
	const stale = await request.put(`/api/lessons/${id}`, { data: { version: 1, lesson: emptyLesson('Late') } });
	expect(stale.status()).toBe(409);
	expect((await stale.json()).current).toEqual({ version: 2, lesson });
});

test('what is no lesson is refused with what, where and what to do, and changes nothing', async ({ request }) => {
	const id = await make(request, 'Guarded');
	const put = (lesson: unknown, version: unknown = 1): ReturnType<APIRequestContext['put']> =>
		request.put(`/api/lessons/${id}`, { data: { version, lesson } });
	const good = emptyLesson('Guarded');
	const step = shown('1/1 RC');
	const bad: [unknown, RegExp][] = [
		[{ ...good, title: '   ' }, /A lesson needs a title/],
		[{ ...good, steps: [note('x'.repeat(4001))] }, /^Step 1: A note has at most 4,000/],
		[
			{ ...good, steps: [note('fine'), { ...step, crossing: { ...step.crossing, order: [1, 2] } }] },
			/^Step 2: Stitches 2 and 1 keep their order/,
		],
		[{ ...good, steps: [{ ...step, crossing: { ...step.crossing, n: 3 } }] }, /^Step 1: n is 3/],
		[{ ...good, steps: [{ ...step, craft: 'spoon' }] }, /^Step 1/],
		[{ ...good, steps: [{ ...note('no id'), id: 'first' }] }, /^Step 1/],
		[{ ...good, format: 'something-else' }, /./],
		[null, /./],
	];
	for (const [lesson, message] of bad) {
		const [status, said] = await refused(await put(lesson));
		expect(status).toBe(400);
		expect(said).toMatch(message);
	}
	for (const version of [0, 1.5, 'one', null]) expect((await put(good, version)).status()).toBe(400);
	const still = await put(good, 1);
	expect(await still.json()).toEqual({ version: 2 });
});

test('steps are added to the newest version, and a full lesson says so', async ({ request }) => {
	const id = await make(request, 'Filling up');
	const add = (step: unknown): ReturnType<APIRequestContext['post']> =>
		request.post(`/api/lessons/${id}/steps`, { data: { step } });
	expect(await (await add(note('one'))).json()).toMatchObject({ version: 2, title: 'Filling up' });
	const steps = Array.from({ length: 200 }, (_, i) => note(`${i}`));
	expect(
		(await request.put(`/api/lessons/${id}`, { data: { version: 2, lesson: { ...emptyLesson('Full'), steps } } })).ok(),
	).toBe(true);
	expect(await refused(await add(note('one more')))).toEqual([
		409,
		'That lesson has 200 steps already. Keep this in another one.',
	]);
});

test('a lesson at every limit is saved and comes back whole', async ({ request }) => {
	const id = await make(request, 'Brim');
	const steps = Array.from({ length: 200 }, () => note('ß'.repeat(4000)));
	const lesson = { ...emptyLesson('t'.repeat(120)), steps };
	const saved = await request.put(`/api/lessons/${id}`, { data: { version: 1, lesson } });
	expect(await saved.json()).toEqual({ version: 2 });
	const stale = await request.put(`/api/lessons/${id}`, { data: { version: 1, lesson: emptyLesson('Late') } });
	expect((await stale.json()).current.lesson).toEqual(lesson);
	await request.delete(`/api/lessons/${id}`);
});

test('a removed lesson answers nothing but its return', async ({ request }) => {
	const id = await make(request, 'In the drawer');
	expect(await (await request.delete(`/api/lessons/${id}`)).json()).toEqual({ title: 'In the drawer' });
	expect((await request.delete(`/api/lessons/${id}`)).status()).toBe(404);
	expect(
		(await request.put(`/api/lessons/${id}`, { data: { version: 1, lesson: emptyLesson('Back') } })).status(),
	).toBe(404);
	expect((await request.post(`/api/lessons/${id}/steps`, { data: { step: note('late') } })).status()).toBe(404);
	expect((await request.get(`/lessons/${id}`)).status()).toBe(404);
	expect((await request.get(`/lessons/${id}/print`)).status()).toBe(404);
	expect((await request.post(`/api/lessons/${id}`, { data: {} })).status()).toBe(200);
	expect((await request.get(`/lessons/${id}`)).status()).toBe(200);
});

test('a form posted from another site is refused, and one without a title is handed back', async ({ request }) => {
	const form = { title: 'From afar' };
	const foreign = await request.post('/lessons?/create', { form, headers: { origin: 'http://elsewhere.example' } });
	expect(foreign.status()).toBe(403);
	const empty = await request.post('/lessons?/create', {
		form: { title: ' ' },
		headers: { origin: new URL((await request.get('/health')).url()).origin, accept: 'text/html' },
	});
	expect(empty.status()).toBe(400);
	expect(await empty.text()).toContain('A lesson needs a title');
});
