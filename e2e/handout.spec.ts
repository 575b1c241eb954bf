/** What learners take home: one page for each cable, rows on a phone, and the words of the one who reads. */

import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { newClass } from '../core/class/index.ts';
import { expect, expectAccessible, newTeacher, nobody, test, waitsUntilAwake } from './support.ts';

test.use({ storageState: nobody });
test.beforeEach(async ({ page }) => void (await newTeacher(page.request)));

async function ropes(page: Page): Promise<string> {
	await page.goto('/lessons');
	await page.getByLabel('Start with').selectOption('First cable');
	await page.getByRole('button', { name: 'Make a lesson' }).click();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('First cable');
	return new URL(page.url()).pathname;
}

test('a page for each cable is shown, printed and set as a PDF, for a class by name', async ({ page }) => {
	const path = await ropes(page);
	const made = await page.request.post('/api/classes', { data: { title: 'Thursday' } });
	const { id, version } = (await made.json()) as { id: string; version: number };
	const people = ['Ada', 'Bo', 'Cleo', 'Dora', 'Emil', 'Fay'].map((name, i) => ({
		id: randomUUID(),
		name,
		hands: i < 2 ? 'left' : 'right',
		at: 'hand',
	}));
	const saved = await page.request.put(`/api/classes/${id}`, {
		data: { version, class: { ...newClass('Thursday'), people } },
	});
	expect(saved.ok()).toBe(true);

	await page.getByRole('link', { name: 'Handout' }).click();
	const pages = page.getByRole('img', { name: /First cable, page \d+ of \d+/ });
	const cables = page.getByRole('group', { name: 'A page for' }).getByRole('checkbox');
	await expect(pages).toHaveCount(await cables.count());
	await expectAccessible(page);
	// What is seen is a picture that was drawn, as wide as its page.
	await expect.poll(() => pages.first().evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(500);
	for (const box of (await cables.all()).slice(1)) await box.uncheck();
	await expect(pages).toHaveCount(1);
	await page.getByLabel('Who gets one').selectOption('each of Thursday, by name');
	await expect(pages).toHaveCount(6);
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'As PDF' }).click(),
	]);
	expect(download.suggestedFilename()).toBe('first-cable-one-page.pdf');
	// A cable of another teacher's class is nobody's: it is as if there were none.
	const foreign = await page.request.get(`${path}/handout?one=yes&class=${randomUUID()}&drawn=yes`);
	expect(foreign.headers()['x-pages']).toBe(String(await cables.count()));
	await page.getByRole('link', { name: 'All steps' }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'First cable' })).toBeVisible();
});

test('rows on a phone: one button under the thumb, begun again, and what went wrong in their hands', async ({
	page,
	browser,
}) => {
	await ropes(page);
	await page.getByRole('button', { name: 'Share link' }).click();
	const link = await page.getByLabel('A link that opens it').inputValue();
	const context = await browser.newContext({ storageState: nobody, viewport: { width: 390, height: 740 } });
	const phone = await context.newPage();
	waitsUntilAwake(phone);
	await phone.goto(link);
	const ways = phone.getByRole('navigation', { name: 'This lesson' });
	await expect(ways.getByRole('link')).toHaveText(['Rows', 'Steps', 'Practise']);
	await ways.getByRole('link', { name: 'Rows' }).click();
	const follow = phone.getByTestId('follow');
	const finished = follow.getByRole('button', { name: 'Row finished' });
	await expect(finished).toBeInViewport();
	await expectAccessible(phone);
	await phone.getByLabel('Hands', { exact: true }).selectOption('left-handed, the same fabric');
	await expect(phone).toHaveURL(/hands=left-same.*view=rows/);
	await expect(follow.getByRole('link', { name: 'What went wrong?' })).toHaveAttribute(
		'href',
		/\/wrong\?.*hands=left-same/,
	);
	for (let i = 0; i < 60 && (await finished.isEnabled()); i++) await finished.click();
	await follow.getByRole('button', { name: 'Again from row 1 (2nd time)' }).click();
	await expect(follow.getByTestId('row-now')).toHaveText('Row 1');
	expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
	await context.close();
});

test('words are those of the reader’s browser until Settings say otherwise', async ({ browser, page }) => {
	const context = await browser.newContext({ storageState: await page.context().storageState(), locale: 'en-US' });
	const american = await context.newPage();
	waitsUntilAwake(american);
	await american.goto('/words');
	await expect(american.getByRole('term').filter({ hasText: /^bind off$/ })).toBeVisible();
	await american.goto('/style');
	await american.getByRole('group', { name: 'Words' }).getByText('UK', { exact: true }).click();
	await expect(american.locator('[data-testid="save-state"][data-kind="saved"]')).toBeVisible();
	await american.goto('/words');
	await expect(american.getByRole('term').filter({ hasText: /^cast off$/ })).toBeVisible();
	await context.close();
});
