/** Scripts in every field, and far too much in every body: shown as letters, or refused in words. */

import type { Page } from '@playwright/test';
import { emptyLesson } from '../core/lesson/index.ts';
import { DEFAULT_HOUSE_STYLE } from '../core/schema/index.ts';
import { allDoors } from './routes.ts';
import { expect, newLesson, newTeacher, nobody, PASSWORD, post, saved, test, waitsUntilAwake } from './support.ts';

test.use({ storageState: nobody });

const SCRIPT = `<img src=x onerror="window.hit=1">`;

/** Fails on anything that ran, and on anything that the content policy had to stop. */
function watch(page: Page): { readonly found: string[] } {
	const found: string[] = [];
	page.on('dialog', (dialog) => {
		found.push(`dialog: ${dialog.message()}`);
		void dialog.dismiss();
	});
	page.on('pageerror', (error) => found.push(`error: ${error.message}`));
	page.on('console', (message) => {
		if (/Content Security Policy|violates/.test(message.text())) found.push(message.text().slice(0, 200));
	});
	return { found };
}

test('a script in every field that keeps text is shown as it was typed, on every page', async ({ browser }) => {
	test.slow();
	// What the browser calls itself is text from outside too.
	const context = await browser.newContext({ storageState: nobody, userAgent: `${SCRIPT} Firefox/1.0 ${SCRIPT}` });
	const page = await context.newPage();
	waitsUntilAwake(page);
	const { found } = watch(page);
	await newTeacher(page.request, { name: `Ines ${SCRIPT}` });
	await page.goto('/style');
	for (const side of ['right', 'wrong']) {
		await page.getByLabel(`${side} side`, { exact: true }).fill(`<script>${side[0]}</script>`);
	}
	await expect(saved(page)).toBeVisible();
	const path = await newLesson(page, `Title ${SCRIPT}`);
	await page.getByLabel('Add a crossing by its name').fill('C4F');
	await page.keyboard.press('Enter');
	await page.getByLabel('Note to C4F').fill(`Note ${SCRIPT}`);
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByLabel('Note', { exact: true }).fill(`Plain ${SCRIPT}`);
	await expect(saved(page)).toBeVisible();

	const pages = allDoors()
		.filter((d) => d.page && d.method === 'GET')
		.map((d) => d.id.replace(/^\/lessons\/\[id\]/, path));
	const hostile = encodeURIComponent(SCRIPT);
	for (const place of [
		...pages,
		`/stage?name=${hostile}&way=${hostile}&step=${hostile}`,
		`/sign-in?to=${hostile}`,
		`/${hostile}`,
	]) {
		await page.goto(place);
		await expect(page.locator('h1').first()).toBeVisible();
		expect(
			await page.evaluate(() => [(window as { hit?: number }).hit, document.querySelectorAll('img').length]),
			place,
		).toEqual([undefined, 0]);
	}
	await page.goto(path);
	await expect(page.getByLabel('Title of the lesson')).toHaveValue(`Title ${SCRIPT}`);
	await page.goto(`${path}/print?all`);
	await expect(page.getByRole('main')).toContainText(`Note ${SCRIPT}`);
	await page.goto('/account');
	await expect(page.getByRole('link', { name: `Ines ${SCRIPT}` })).toBeVisible();
	expect(found).toEqual([]);
	await context.close();
});

const MEGABYTE = 'x'.repeat(1_000_000);

test('a megabyte in any field is refused by every door, and the server goes on', async ({ request }) => {
	await newTeacher(request);
	const doors = allDoors().filter((d) => d.method !== 'GET' && !d.id.includes('['));
	for (const { id, method, action } of doors) {
		const path = id + (action && action !== 'default' ? `?/${action}` : '');
		// Ends the session whatever is sent with it; it reads nothing.
		if (['out', 'others', 'demo'].includes(action ?? '')) continue;
		const answer = action
			? await post(request, path, {
					title: MEGABYTE,
					name: MEGABYTE,
					signInName: MEGABYTE,
					password: MEGABYTE,
					id: MEGABYTE,
				})
			: await request.fetch(path, { method, data: { title: MEGABYTE } });
		// The file of an account or a class and a picture may be that large; this one is none of them.
		const isFile = ['/api/bring-back', '/api/classes/file', '/api/pictures'].includes(path);
		expect([answer.status(), path]).toEqual([isFile ? 400 : 413, path]);
	}
	const long = 'y'.repeat(20_000);
	const made = (await (await request.post('/api/lessons', { data: { title: 'Short' } })).json()) as { id: string };
	const bodies: [string, string, unknown][] = [
		['post', '/api/lessons', { title: long }],
		['put', `/api/lessons/${made.id}`, { version: 1, lesson: emptyLesson(long) }],
		['put', '/api/house-style', { version: 0, style: { ...DEFAULT_HOUSE_STYLE, sides: { right: long, wrong: 'WS' } } }],
	];
	for (const [method, path, data] of bodies) {
		const answer = await request.fetch(path, { method, data });
		expect([answer.status(), ((await answer.json()) as { message: string }).message]).toEqual([
			400,
			expect.stringMatching(/has at most \d+ characters\. Shorten it\./),
		]);
	}
	for (const fields of [
		{ name: long, signInName: 'somebody-new', password: PASSWORD },
		{ name: 'Somebody', signInName: long, password: PASSWORD },
		{ name: 'Somebody', signInName: 'somebody-new', password: long },
	]) {
		const answer = await post(request, '/sign-up', fields);
		expect([answer.status(), await answer.text()]).toEqual([400, expect.stringMatching(/has at most \d+ characters/)]);
	}
	expect((await request.get('/lessons', { maxRedirects: 0 })).status()).toBe(200);
});
