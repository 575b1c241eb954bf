/** A class and its log: people, an evening pressed while it goes on, offline too, what is learnt, and the next lesson. */

import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { root } from '../scripts/lib/paths.mjs';
import { expect, expectAccessible, newTeacher, nobody, test } from './support.ts';

test.use({ storageState: nobody });

const NAMES = [
	'Oda',
	'Rike, left',
	'Till, loom',
	'Mirre, large print',
	'Jonna',
	'Pelle',
	'Sunniva',
	'Anselm',
	'Brede',
	'Liv',
	'Noor',
	'Edvin',
];

/** A class of twelve, with an evening of eight goals begun from a lesson. */
async function evening(page: Page): Promise<void> {
	await newTeacher(page.request);
	await page.goto('/lessons');
	await page.getByLabel('Title of a new lesson').fill('Lanterns');
	await page.getByLabel('Start with').selectOption('First cable');
	await page.getByRole('button', { name: 'Make a lesson' }).click();
	await expect(page.getByRole('link', { name: 'Present' })).toBeVisible();
	await page.goto('/classes');
	await page.getByLabel('Name of a new class').fill('Thursday');
	await page.getByRole('button', { name: 'Make a class' }).click();
	await page.getByLabel('Names, one per line').fill([...NAMES, 'Oda', 'Ilse, purple'].join('\n'));
	await expect(page.getByText('Oda is there already.')).toBeVisible();
	await page.getByLabel('Names, one per line').fill(NAMES.join('\n'));
	// Typed and not added yet: still there after another page.
	const one = page.url();
	await page.getByRole('link', { name: 'Classes' }).first().click();
	await page.waitForURL(/\/classes$/);
	await page.goto(one);
	await expect(page.getByLabel('Names, one per line')).toHaveValue(NAMES.join('\n'));
	await page.getByRole('button', { name: 'Add 12 people' }).click();
	await expect(page.getByText('9 right-handed, 1 left-handed, 1 in large print, 1 at the pegs')).toBeVisible();
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await page.getByLabel('Lesson of this session').selectOption('Lanterns');
	await page.getByRole('button', { name: 'Start session' }).click();
	await expect(page.getByTestId('board')).toBeVisible();
}
const cell = (page: Page, who: string, what: string) =>
	page.getByTestId('board').getByRole('button', { name: new RegExp(`^${who}, ${what}: `) });

/** Presses that the browser keeps until they are sent. */
const pressesHere = (page: Page): Promise<number> =>
	page.evaluate(
		() =>
			new Promise<number>((resolve, reject) => {
				const open = indexedDB.open('pond-loop-evenings');
				open.onerror = () => reject(open.error!);
				open.onsuccess = () => {
					const count = open.result.transaction('presses').objectStore('presses').count();
					count.onsuccess = () => (open.result.close(), resolve(count.result));
				};
			}),
	);

test('a session of twelve is logged in few presses, and its log leads to the next lesson', async ({ page }) => {
	await evening(page);
	const goals = await page
		.getByTestId('board')
		.getByRole('button', { name: /^All can: / })
		.all();
	expect(goals.length).toBeGreaterThanOrEqual(5);
	let presses = 0;
	const press = async (...these: ReturnType<Page['getByRole']>[]): Promise<void> => {
		for (const one of these) {
			await one.click();
			presses += 1;
		}
	};
	await press(page.getByRole('button', { name: /^1\. / }), page.getByRole('button', { name: /^2\. / }));
	await press(
		page.getByRole('button', { name: 'Who is here?' }),
		page.getByRole('button', { name: 'Everyone’s here' }),
	);
	await press(page.getByRole('button', { name: 'Pelle', exact: true }), page.getByRole('button', { name: 'Done' }));
	await expect(page.getByRole('heading', { name: '11 of 12 here' })).toBeVisible();
	await press(...goals);
	const leaning = 'Seeing which way a cable leans';
	// All can; then the exceptions: five of eleven not alone.
	for (const who of ['Oda', 'Rike', 'Till', 'Mirre']) await press(cell(page, who, leaning));
	await press(cell(page, 'Jonna', leaning), cell(page, 'Jonna', leaning));
	await expect(cell(page, 'Jonna', leaning)).toHaveText('not yet');
	expect(presses).toBeLessThanOrEqual(40);
	await page.getByRole('button', { name: 'Start' }).click();
	await page.waitForTimeout(400);
	await page.getByLabel('Whose').selectOption('Oda');
	await page.getByRole('button', { name: 'Lap' }).click();
	await expect(page.getByText(/^Last: \d+ s/)).toBeVisible();
	await page.getByLabel('To whom').selectOption('Rike');
	await page.getByRole('button', { name: 'Add what happened' }).click();
	await expect(page.getByText('Saved')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Progress and next' }).click();
	const next = page.getByTestId('next');
	await expect(next).toContainText('5 of the 11 seen couldn’t do it on their own yet.');
	await expect(page.getByText('held on the other side')).toBeVisible();
	await expectAccessible(page);
	await next.getByRole('button', { name: 'Make that lesson' }).click();
	await expect(
		page
			.getByLabel('Title', { exact: true })
			.or(page.getByRole('heading', { name: 'Thursday: next' }))
			.first(),
	).toBeVisible();
	await expect(page.getByText('5 of the 11 seen couldn’t do it on their own yet.')).toBeVisible();
});

test('who is erased is gone from the class, its sessions and all that is given out', async ({ page }) => {
	await evening(page);
	await cell(page, 'Rike', 'Seeing which way a cable leans').click();
	await expect(page.getByText('Saved')).toBeVisible();
	await page.getByRole('link', { name: 'Thursday' }).click();
	await expect(page.getByRole('heading', { name: '12 people' })).toBeVisible();
	// Its file comes back, and joined with what is there.
	const file = await (await page.request.get(`/api${new URL(page.url()).pathname}/file`)).text();
	const back = await page.request.post('/api/classes/file', { data: JSON.parse(file) as object });
	expect(new URL(page.url()).pathname).toBe(`/classes/${((await back.json()) as { id: string }).id}`);
	await page.getByRole('button', { name: 'Change Rike' }).click();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Erase Rike' }).click();
	await page.getByRole('button', { name: 'Erase for good' }).click();
	await expect(page.getByRole('heading', { name: '11 people' })).toBeVisible();
	await page.getByRole('link', { name: 'Progress' }).click();
	await expect(page.getByText('From one session')).toBeVisible();
	await expect(page.getByText('Rike')).toHaveCount(0);
	await page.getByRole('link', { name: 'Thursday' }).click();
	await page.getByRole('link', { name: 'Lists, cards and certificates' }).click();
	await expect(page.getByRole('rowheader', { name: 'Till' })).toBeVisible();
	await page.getByText('A card for each').click();
	await expect(page.getByRole('region', { name: 'Oda' })).toContainText('What I can do');
	await expectAccessible(page);
	await expect(page.getByText('Rike')).toHaveCount(0);
	const all = await (await page.request.get('/account/export')).text();
	expect(all).toContain('Sunniva');
	expect(all).not.toContain('Rike');
	// An evening goes with its log, which can be had as a table first.
	await page.goBack();
	await page.getByRole('link', { name: 'Lanterns' }).click();
	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: 'The log as a table (CSV)' }).click();
	expect((await saved).suggestedFilename()).toMatch(/^lanterns.*\.csv$/i);
	await page.getByRole('button', { name: 'Delete this session' }).click();
	await page.getByRole('button', { name: 'Delete' }).click();
	await expect(page.getByText('No session yet.')).toBeVisible();
});

test.describe('without a network', () => {
	test.use({ serviceWorkers: 'allow', viewport: { width: 820, height: 1180 } });

	/** The next time a page is opened, the browser keeps it. */
	async function keptHere(page: Page): Promise<void> {
		await page.evaluate(async () => {
			await navigator.serviceWorker.ready;
		});
		await expect(async () => {
			await page.reload();
			expect(await page.evaluate(() => Boolean(navigator.serviceWorker.controller))).toBe(true);
		}).toPass();
	}

	test('a session goes on, is there after a reload, and is joined with what another device pressed', async ({
		page,
		context,
	}) => {
		await evening(page);
		await keptHere(page);
		const other = await context.newPage();
		await other.goto(page.url());
		await context.setOffline(true);
		const leaning = 'Seeing which way a cable leans';
		await cell(page, 'Oda', leaning).click();
		await cell(page, 'Rike', leaning).click();
		await cell(page, 'Rike', leaning).click();
		await expect(page.getByTestId('kept')).toHaveText('Offline: 3 presses kept here');
		await page.reload();
		await expect(cell(page, 'Rike', leaning)).toHaveText('with help');
		await expect(page.getByTestId('kept')).toHaveText('Offline: 3 presses kept here');
		// A picture waits here, too, and is there after a reload.
		const pieces = page.getByTestId('pieces');
		await pieces.getByLabel('By whom').selectOption('Oda');
		await pieces.getByLabel('What it shows').fill('A rope');
		await pieces.getByLabel('Take a picture').setInputFiles(join(root, 'docs', 'screenshots', 'stage-day.png'));
		await expect(pieces.getByText('stored here, not sent yet')).toBeVisible();
		await page.reload();
		await expect(pieces.getByText('stored here, not sent yet')).toBeVisible();
		await cell(other, 'Till', leaning).click();
		await context.setOffline(false);
		await expect(page.getByTestId('kept')).toHaveText('Saved');
		await expect(other.getByTestId('kept')).toHaveText('Saved');
		await page.reload();
		await expect(cell(page, 'Oda', leaning)).toHaveText('on their own');
		await expect(cell(page, 'Rike', leaning)).toHaveText('with help');
		await expect(cell(page, 'Till', leaning)).toHaveText('on their own');
		const picture = pieces.getByRole('img', { name: 'A rope, by Oda' });
		await expect(picture).toBeVisible();
		expect(await picture.evaluate((i: HTMLImageElement) => Math.max(i.naturalWidth, i.naturalHeight))).toBe(1200);
		await expect(other.getByRole('img', { name: 'A rope, by Oda' })).toBeVisible({ timeout: 20_000 });
		await page.goto(page.url().replace(/evenings.*/, 'classes'));
		await page.getByRole('link', { name: 'Thursday' }).first().click();
		await page.getByRole('link', { name: 'Progress' }).click();
		await expect(page.getByRole('img', { name: 'A rope, by Oda' })).toBeVisible();
		await page.goBack();
		await page.getByRole('button', { name: 'Change Oda' }).click();
		await page.getByRole('button', { name: 'Erase Oda' }).click();
		await page.getByRole('button', { name: 'Erase for good' }).click();
		await expect(page.getByRole('heading', { name: '11 people' })).toBeVisible();
		await other.reload();
		await expect(other.getByTestId('pieces')).toBeVisible();
		await expect(other.getByRole('img', { name: 'A rope, by Oda' })).toHaveCount(0);
	});

	test('a session is begun, and is at the server when there is a network again', async ({ page, context }) => {
		await evening(page);
		await page.getByRole('link', { name: 'Thursday' }).click();
		await page.waitForURL(/classes\/./);
		await keptHere(page);
		await expect(page.getByText('You can also start one offline on this device.')).toBeVisible();
		await context.setOffline(true);
		await page.reload();
		const leaning = 'Seeing which way a cable leans';
		const beginHere = async (): Promise<void> => {
			await page.getByLabel('Lesson of this session').selectOption('Lanterns');
			await page.getByLabel('Day', { exact: true }).fill('2026-11-19');
			await page.getByRole('button', { name: 'Start session' }).click();
			await cell(page, 'Oda', leaning).click();
			await expect(page.getByTestId('kept')).toHaveText('Offline: 1 press kept here');
		};
		// One that is removed again leaves nothing here.
		await beginHere();
		await page.getByRole('button', { name: 'Delete this session' }).click();
		await page.getByRole('button', { name: 'Delete' }).click();
		await page.waitForURL(/classes\/./);
		await expect(page.locator('html')).toHaveAttribute('data-interactive', 'yes');
		expect(await pressesHere(page)).toBe(0);
		await beginHere();
		expect(await pressesHere(page)).toBe(1);
		await page.reload();
		await expect(cell(page, 'Oda', leaning)).toHaveText('on their own');
		await page.getByRole('link', { name: 'Thursday' }).click();
		await page.getByTestId('begun-here').getByRole('link', { name: 'Lanterns' }).click();
		await expect(cell(page, 'Oda', leaning)).toHaveText('on their own');
		await context.setOffline(false);
		await expect(page.getByTestId('kept')).toHaveText('Saved');
		await page.reload();
		await page.waitForURL(/evenings\/[\da-f-]{36}$/);
		await expect(cell(page, 'Oda', leaning)).toHaveText('on their own');
		await page.getByRole('link', { name: 'Thursday' }).click();
		await expect(page.getByRole('link', { name: /19/ }).first()).toBeVisible();
		await expect(page.getByTestId('begun-here')).toHaveCount(0);
	});
});

test('one entry that the server refuses does not hold the others, and stays on the device', async ({ page }) => {
	await evening(page);
	const leaning = 'Seeing which way a cable leans';
	let refusing = true;
	await page.route('**/api/evenings/*/presses', async (route) => {
		const sent = route.request().postData() ?? '';
		if (refusing && sent.includes('"help"')) await route.fulfill({ status: 400, json: { message: 'Not that one.' } });
		else await route.continue();
	});
	for (const who of ['Oda', 'Till', 'Jonna']) await cell(page, who, leaning).click();
	// Pressed twice: with help.
	await cell(page, 'Till', leaning).click();
	await cell(page, 'Pelle', leaning).click();
	await expect(page.getByRole('alert')).toContainText('One entry was not taken: Not that one.');
	await expect(page.getByTestId('kept')).toHaveText('1 not taken');
	await expect.poll(() => pressesHere(page)).toBe(1);
	refusing = false;
	await page.reload();
	await expect.poll(() => pressesHere(page)).toBe(0);
	await expect(cell(page, 'Till', leaning)).toHaveText('with help');
	await expect(page.getByRole('alert')).toHaveCount(0);
});
