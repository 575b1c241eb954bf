/** Lazy parts of a page: nothing that is pressed or typed before hydration is lost, and their scripts are sent when needed. */

import { type Page } from '@playwright/test';
import { MOST_SENT, scriptBytes } from '../scripts/lib/script-bytes.mjs';
import { expect, home, newTeacher, nobody, test } from './support';

/** Holds back scripts that are asked for from now on. */
async function heldBack(page: Page): Promise<() => void> {
	let letGo = (): void => undefined;
	const gone = new Promise<void>((done) => (letGo = done));
	await page.route('**/_app/immutable/**', async (route) => {
		await gone;
		await route.continue();
	});
	return letGo;
}

test('what is pressed, chosen and typed in parts that are not there yet is heard once, when they are', async ({
	page,
}) => {
	await page.goto('/stage?name=C4F&school=total-front-back');
	const letGo = await heldBack(page);
	const returned = page.getByRole('radio', { name: 'Slip back first' });
	await returned.click();
	await page.getByLabel('Hands that show it').selectOption('left-mirrored');
	const sentence = page.getByLabel('What the pattern says');
	await sentence.fill('sl 2 sts to cn and hold in front, k2, k2 from cn');
	// The player needs nothing of that.
	await page.getByRole('button', { name: 'Next', exact: true }).click();
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '1');
	expect(page.url()).not.toContain('way=');
	letGo();
	await expect(returned).toBeChecked();
	await expect(page.getByTestId('agrees')).toHaveText('The name C4F and the sentence agree.');
	await expect(sentence).toHaveValue(/^sl 2 sts/);
	await expect(page.getByTestId('left-handed')).toContainText('mirror image');
	await expect(page).toHaveURL(/way=returned/);
	await expect(page).toHaveURL(/hands=left-mirrored/);
	// A press that came before counts once: what opens stays open.
	const ranking = page.getByText('Which way for this yarn and class?');
	await ranking.click();
	await expect(page.getByTestId('ranked')).toBeVisible();
});

test('until the reader is there the crossing before stays, and what stands beside it says the new one then', async ({
	page,
}) => {
	const ribbon = (): Promise<string> => page.getByTestId('ribbon').locator('svg').innerHTML();
	await page.goto('/stage?name=C6B&school=total-front-back');
	const written = await ribbon();
	await page.goto('/stage?name=C4F&school=total-front-back');
	expect(await ribbon()).not.toBe(written);
	const letGo = await heldBack(page);
	await page.getByLabel('Cable abbreviation').fill('C6B');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('2 over 2, leaning left');
	letGo();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('3 over 3, leaning right');
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await expect(page.locator('[data-check="order"]')).toContainText('4 5 6 1 2 3');
	// The picture is that of what is said, as if the page had come with it.
	await expect.poll(ribbon).toBe(written);
});

test.describe('a teacher of her own', () => {
	test.use({ storageState: nobody });
	test('a form about the account is sent once, however early', async ({ page }) => {
		await newTeacher(page.request, { name: 'Ines Alder' });
		await page.goto('/account');
		const letGo = await heldBack(page);
		const saves: string[] = [];
		page.on('request', (r) => r.method() === 'POST' && saves.push(new URL(r.url()).search));
		await page.getByLabel('Your name, as your class knows you').fill('Ines Rush');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		letGo();
		await expect(page.getByText('saved', { exact: true })).toBeVisible();
		expect(saves).toEqual(['?/name']);
		await page.reload();
		await expect(page.getByLabel('Your name, as your class knows you')).toHaveValue('Ines Rush');
	});
});

for (const [path, most] of Object.entries(MOST_SENT)) {
	test(`a new browser is sent at most ${most / 1000} kB of scripts for ${path}`, async ({ page }) => {
		expect(await scriptBytes(page, home + path)).toBeLessThanOrEqual(most);
	});
}

test('a page names its files of script so that each comes after those it stands on', async ({ page }) => {
	await page.goto('/lessons');
	const lesson = await page.locator('main a[href^="/lessons/"]').first().getAttribute('href');
	const standsOn = new Map<string, string[]>();
	for (const path of ['/', lesson!, '/style', '/crossings']) {
		// As it is sent: the browser adds those that it asks for later.
		const sent = await (await page.request.get(path)).text();
		const files = [...sent.matchAll(/rel="modulepreload" fetchpriority="low" href="([^"]+)"/g)].map(
			([, f]) => new URL(f!, home + path).href,
		);
		// What starts the page has run by then, with all that it stands on.
		const beginning = files.findIndex((f) => f.includes('/nodes/'));
		expect(beginning).toBeGreaterThan(0);
		const ran = new Set(files.slice(0, beginning));
		for (const file of files.slice(beginning)) {
			if (!standsOn.has(file)) {
				const text = await (await page.request.get(file)).text();
				const named = [...text.matchAll(/(?:from|import)\s?"(\.[^"]+\.js)"/g)].map(
					([, name]) => new URL(name!, file).href,
				);
				standsOn.set(file, named);
			}
			expect(
				standsOn.get(file)!.filter((f) => !ran.has(f)),
				`${path}: ${file}`,
			).toEqual([]);
			ran.add(file);
		}
		expect(ran.size).toBe(files.length);
	}
});

test('a form that only the page can send is sent once it listens, with what was typed before', async ({ browser }) => {
	const context = await browser.newContext({ storageState: nobody });
	const page = await context.newPage();
	await newTeacher(page.request, { name: 'Ines Alder' });
	let letGo = (): void => undefined;
	const gone = new Promise<void>((done) => (letGo = done));
	await page.route('**/nodes/**', async (route) => {
		await gone;
		await route.continue();
	});
	await page.goto('/classes', { waitUntil: 'commit' });
	const field = page.getByLabel('Name of a new class');
	await field.fill('Early birds');
	// What comes first has run; what the page is made of is on its way.
	await page.evaluate(async () => {
		const first = [...document.querySelectorAll<HTMLLinkElement>('link[href*="/entry/"]')].map(({ href }) => href);
		if (first.length !== 2) throw new Error('The page begins otherwise than expected.');
		await Promise.all(first.map((href) => import(href)));
		await new Promise((done) => setTimeout(done));
	});
	await field.press('Enter');
	await expect(page.locator('html')).toHaveAttribute('data-interactive', 'no');
	letGo();
	await page.waitForURL(/classes\/[\da-f-]{36}$/);
	await expect(page.getByText('Early birds').first()).toBeVisible();
	await context.close();
});

test('a part that fails shows itself as failed, and the rest of the page goes on', async ({ page }) => {
	// Only the part with the pattern's sentence has such a field on this page.
	await page.addInitScript(() => {
		const field = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!;
		Object.defineProperty(HTMLTextAreaElement.prototype, 'value', {
			...field,
			get: () => {
				throw new Error('broken on purpose');
			},
		});
	});
	await page.goto('/stage?name=C4F&school=total-front-back');
	await page.getByLabel('What the pattern says').hover();
	await expect(page.getByTestId('failed')).toContainText('We can’t show this part of the page.');
	await page.getByRole('button', { name: 'Next', exact: true }).click();
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '1');
	await page.getByRole('link', { name: 'Cables', exact: true }).first().click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cables');
});

test('a sentence typed letter by letter never ends the page, whatever is understood of it on the way', async ({
	page,
}) => {
	await page.goto('/');
	const field = page.locator('[data-name-field]');
	await field.pressSequentially('into the back of stitch 2, then the front of stitch 1, then off with both of them', {
		delay: 5,
	});
	await expect(page.getByTestId('failed')).toHaveCount(0);
	await expect(page.getByRole('link', { name: 'Cables', exact: true }).first()).toBeVisible();
	await field.fill('C4F');
	await expect(page.getByText('2 over 2, leaning left').first()).toBeVisible();
});
