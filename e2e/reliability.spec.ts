/** What was once enough to take a page down, to hold everybody up, or to lose what was typed. */

import { request as ask } from 'node:http';
import type { APIRequestContext, Page } from '@playwright/test';
import { emptyLesson } from '../core/lesson/index.ts';
import { newSwatch, DEFAULT_HOUSE_STYLE, noteOf, type Swatch } from '../core/schema/index.ts';
import { hostileTexts } from '../core/test/hostile.ts';
import { heavyPages } from '../scripts/lib/bench-holding.mjs';
import { expect, home, newLesson, newTeacher, nobody, PASSWORD, post, saved, test } from './support.ts';

test.use({ storageState: nobody });

const swatch = (title: string, text: string): Swatch =>
	newSwatch({
		title,
		castOn: 8,
		shape: 'flat',
		school: 'total-front-back',
		text,
	});

async function kept(request: APIRequestContext, made: Swatch): Promise<string> {
	const answer = await request.post('/api/swatches', { data: { swatch: made }, headers: { origin: home } });
	expect(answer.status()).toBe(201);
	return ((await answer.json()) as { id: string }).id;
}

const cookieOf = async (page: Page): Promise<string> =>
	(await page.context().cookies()).map((c) => `${c.name}=${c.value}`).join('; ');

test('swatches that nothing could work once are listed, opened, and say what is wrong with them', async ({ page }) => {
	await newTeacher(page.request);
	const repeats = 'Row 1: k8\nRow 2: p8\nrep rows 1-2 once more\nRow 5: C8F\nRow 6: p8\nrep rows 1-6 twice more';
	const again = await kept(page.request, swatch('Repeats on repeats', repeats));
	const deep = await kept(page.request, swatch('Brackets', `Row 1: ${'['.repeat(3000)}`));
	for (const [kind, text] of Object.entries(hostileTexts(50_000))) {
		await kept(page.request, swatch(kind, text.slice(0, 60_000)));
	}
	await page.goto('/swatches');
	await expect(page.getByTestId('swatches').getByRole('listitem')).toHaveCount(
		2 + Object.keys(hostileTexts(100)).length,
	);
	await page.goto(`/swatches/${again}`);
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await page.goto(`/swatches/${deep}`);
	await expect(page.getByTestId('problems')).toContainText('a bracket is inside 12 others');
});

test('the largest lessons weigh little, are drawn as they are scrolled to, and stop nobody', async ({ page }) => {
	test.slow();
	await newTeacher(page.request);
	const { cases, one } = await heavyPages(home, await cookieOf(page));
	for (const [what, path] of cases) {
		const answer = await page.request.get(path);
		expect(answer.status(), what).toBe(200);
		expect((await answer.body()).length, what).toBeLessThan(300_000);
	}
	await page.goto(one.link);
	const parts = page.getByTestId('chart-parts');
	await expect(parts).toHaveAttribute('aria-label', /Chart of 200 stitches and 400 rows/);
	await expect(parts.locator('canvas').first()).toBeVisible();
	const all = await parts.locator('> div').count();
	expect(all).toBeGreaterThan(50);
	await parts.locator('> div').last().scrollIntoViewIfNeeded();
	await expect(parts.locator('> div').last().locator('canvas')).toBeVisible();
	expect(await parts.locator('svg').count()).toBe(0);
	// On paper it is lines, all of them.
	await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
	expect(await parts.locator('svg').count()).toBe(all);
	await page.evaluate(() => dispatchEvent(new Event('afterprint')));
	expect(await parts.locator('svg').count()).toBe(0);
});

test('of a long lesson the page holds the first steps, and the browser brings the others', async ({ page }) => {
	await newTeacher(page.request);
	const path = await newLesson(page, 'Sixty steps');
	const steps = Array.from({ length: 60 }, (_, i) => ({
		id: crypto.randomUUID(),
		kind: 'note',
		text: noteOf(`Line ${i + 1}`),
	}));
	const put = await page.request.put(`/api${path}`, {
		data: { version: 1, lesson: { ...emptyLesson('Sixty steps'), steps } },
		headers: { origin: home },
	});
	expect(put.status()).toBe(200);
	const html = await (await page.request.get(path)).text();
	expect(html.match(/Minutes of step/g)?.length).toBe(12);
	await page.goto(path);
	await expect(page.getByLabel('Minutes of step 60')).toBeAttached();
});

test('signs that no database keeps are refused with their place, at every door', async ({ request }) => {
	const { signInName } = await newTeacher(request);
	const bad = 'a\u0000b';
	const headers = { origin: home };
	const half = JSON.stringify({ title: 'x' }).replace('x', 'half \\ud83d');
	for (const [method, path, data] of [
		['POST', '/api/lessons', { title: bad }],
		['POST', '/api/lessons', half],
		['POST', '/api/swatches', { swatch: swatch('fine', `Row 1: k${bad}`) }],
		['PUT', '/api/house-style', { version: 0, style: { ...DEFAULT_HOUSE_STYLE, glossary: bad } }],
		[
			'PUT',
			'/api/designs',
			{ id: crypto.randomUUID(), name: bad, crossing: { n: 2, order: [2, 1], over: [[1, 2]], work: ['k', 'k'] } },
		],
	] as const) {
		const answer = await request.fetch(path, {
			method,
			data,
			headers: { ...headers, 'content-type': 'application/json' },
		});
		expect([answer.status(), path]).toEqual([400, path]);
		expect(((await answer.json()) as { message: string }).message).toContain('cannot be kept');
	}
	for (const [path, fields] of [
		['/lessons?/create', { title: bad }],
		['/sign-in?/enter', { signInName: bad, password: PASSWORD }],
		['/recover', { signInName: bad, code: bad, password: 'seven other mittens' }],
		['/account?/name', { name: bad }],
		['/swatches/new?/keep', { title: bad, castOn: '8', shape: 'flat', school: 'slash', text: 'k8' }],
	] as const) {
		const answer = await post(request, path, fields);
		expect([answer.status(), path]).toEqual([400, path]);
	}
	expect((await post(request, '/sign-in?/enter', { signInName, password: PASSWORD })).status()).toBe(303);
});

test('what was answered with a fault of the server is answered in words', async ({ request }) => {
	await newTeacher(request);
	const headers = { origin: home, accept: 'text/html' };
	const style = await request.put('/api/house-style', {
		data: { version: 2 ** 31, style: DEFAULT_HOUSE_STYLE },
		headers: { origin: home },
	});
	expect(style.status()).toBe(400);
	const boundary = { ...headers, 'content-type': 'multipart/form-data; boundary=reed' };
	for (const path of [
		'/sign-in?/enter',
		'/sign-up',
		'/recover',
		'/lessons?/create',
		'/swatches/new?/keep',
		'/account?/name',
	]) {
		const broken = await request.post(path, { data: '--reed\r\nContent-Disposition: form', headers: boundary });
		expect([broken.status(), path]).toEqual([400, path]);
		const spoilt = await request.post(path, {
			data: '__superform_json=[[0]]',
			headers: { ...headers, 'content-type': 'application/x-www-form-urlencoded' },
		});
		expect([spoilt.status(), path]).toEqual([400, path]);
	}
	const plan = { ...emptyLesson('x').plan, dates: ['2026-13-45T99:99'] };
	const made = (await (
		await request.post('/api/lessons', { data: { title: 'Dates' }, headers: { origin: home } })
	).json()) as { id: string };
	const dated = await request.put(`/api/lessons/${made.id}`, {
		data: { version: 1, lesson: { ...emptyLesson('Dates'), plan } },
		headers: { origin: home },
	});
	expect([dated.status(), ((await dated.json()) as { message: string }).message]).toEqual([
		400,
		'That is not a date and time. Write it as 2026-11-24T19:00.',
	]);
	// As long as is promised, by the form as by the address.
	const long = await post(request, '/swatches/new?/keep', {
		title: 'Long',
		castOn: '8',
		shape: 'flat',
		school: 'slash',
		text: 'Row 1: k8 # ß\n'.repeat(4200),
	});
	expect(long.status()).toBe(303);
	const weak = await post(request, '/sign-up', {
		name: 'Somebody',
		signInName: `weak-${Date.now()}`,
		password: 'password123',
	});
	expect([weak.status(), await weak.text()]).toEqual([400, expect.stringContaining('guessed too soon')]);
	const strong = await post(request, '/sign-up', {
		name: 'Somebody',
		signInName: `strong-${Date.now()}`,
		password: PASSWORD,
	});
	// The page with the recovery codes is seen once and kept nowhere.
	expect([strong.status(), strong.headers()['cache-control']]).toEqual([200, 'no-store']);
});

test('whoever is in the demo stays in it as they are: pressing its door again makes no new session', async ({
	request,
}) => {
	const first = await post(request, '/sign-in?/demo', {});
	expect([first.status(), first.headers()['set-cookie']]).toEqual([303, expect.stringContaining('pond-session=')]);
	const again = await post(request, '/sign-in?/demo', {});
	expect([again.status(), again.headers()['set-cookie']]).toEqual([303, undefined]);
});

test('a body that is sent in pieces is counted as it comes', async ({ request, page }) => {
	await newTeacher(page.request);
	const send = (path: string, bytes: number): Promise<number> =>
		new Promise((done, failed) => {
			void cookieOf(page).then((cookie) => {
				const sent = ask(
					home + path,
					{
						method: 'PUT',
						headers: { cookie, origin: home, 'content-type': 'application/json', 'transfer-encoding': 'chunked' },
					},
					(answer) => {
						answer.resume();
						answer.once('end', () => done(answer.statusCode ?? 0));
					},
				);
				sent.once('error', failed);
				const piece = Buffer.alloc(50_000, 'x');
				for (let i = 0; i < bytes; i += piece.length) sent.write(piece);
				sent.end();
			});
		});
	expect(await send('/api/designs', 300_000)).toBe(413);
	expect(await send('/api/designs', 9_000_000)).toBe(413);
	expect((await request.get('/health')).status()).toBe(200);
});

test('pages that name nothing private may be kept for a while, and all others not at all; all are compressed', async ({
	request,
}) => {
	for (const path of ['/', '/crossings', '/stage?name=2%2F2+LC']) {
		const answer = await request.get(path, { headers: { 'accept-encoding': 'br' } });
		const { 'cache-control': caching, vary = '', 'content-encoding': encoding } = answer.headers();
		expect([caching, encoding, path]).toEqual(['public, max-age=60', 'br', path]);
		expect(vary.toLowerCase()).toContain('cookie');
	}
	await newTeacher(request);
	for (const path of ['/', '/stage?name=2%2F2+LC', '/lessons', '/account']) {
		expect([(await request.get(path)).headers()['cache-control'], path]).toEqual(['no-store', path]);
	}
});

test('what is over a limit is kept, whole, until it is mended: reload or not', async ({ page }) => {
	page.on('dialog', (dialog) => void dialog.accept());
	await newTeacher(page.request);
	const path = await newLesson(page, 'Too long a step');
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByLabel('Note', { exact: true }).fill('First');
	await expect(saved(page)).toBeVisible();
	await page.getByLabel('Minutes of step 1').fill('300');
	await expect(page.getByTestId('save-state')).toContainText('at most 240 minutes');
	await page.getByRole('group', { name: 'Add a step' }).getByRole('button', { name: /rest/i }).click();
	await page.reload();
	await expect(page.getByLabel('Minutes of step 1')).toHaveValue('300');
	await expect(page.getByLabel('Minutes of step 2')).toBeAttached();
	await expect(page.getByTestId('save-state')).toContainText('Step 1: A step is at most 240 minutes long');
	await page.getByLabel('Minutes of step 1').fill('30');
	await expect(saved(page)).toBeVisible();
	const stored = await (await page.request.get(path)).text();
	expect(stored.match(/Minutes of step/g)?.length).toBe(2);
});

test('rows and a crossing that have no place yet are there again after a reload, and after going back', async ({
	page,
}) => {
	await newTeacher(page.request);
	await page.goto('/swatches/new?rows');
	await page.getByLabel('Title').fill('Half a pennant');
	await page.getByLabel('Rows', { exact: true }).fill('Row 1: p3, k8, p3');
	await page.waitForTimeout(400);
	await page.reload();
	await expect(page.getByLabel('Title')).toHaveValue('Half a pennant');
	await expect(page.getByLabel('Rows', { exact: true })).toHaveValue('Row 1: p3, k8, p3');
	await page.getByLabel('Stitches cast on').fill('14');
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await page.goto('/swatches/new?rows');
	await expect(page.getByLabel('Title')).toHaveValue('');

	await page.goto('/crossings/design');
	await page.getByLabel('Name', { exact: false }).first().fill('Reed braid');
	await page.waitForTimeout(400);
	await page.goto('/crossings');
	await page.goBack();
	await expect(page.getByLabel('Name', { exact: false }).first()).toHaveValue('Reed braid');
});

test('what is looked for among the crossings stands in the address', async ({ page }) => {
	await page.goto('/crossings');
	await page.getByLabel('Leans').selectOption('left');
	await page.getByLabel('Stitches', { exact: true }).selectOption('4');
	await expect(page).toHaveURL(/lean=left.*width=4|width=4.*lean=left/);
	const count = await page.getByTestId('count').textContent();
	await page.reload();
	await expect(page.getByLabel('Leans')).toHaveValue('left');
	await expect(page.getByTestId('count')).toHaveText(count!);
	await page.getByRole('button', { name: 'All of them' }).click();
	await expect(page).not.toHaveURL(/lean=left/);
});
