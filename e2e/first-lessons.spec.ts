/** Lessons as a new teacher makes them, each to the end: on its path, on show, on paper for both hands, and by its link on a phone. */

import type { Browser, Locator, Page } from '@playwright/test';
import { expect, expectAccessible, newTeacher, nobody, saved, test, waitsUntilAwake } from './support.ts';

test.use({ storageState: nobody });
test.beforeEach(async ({ page }) => void (await newTeacher(page.request)));

const steps = (page: Page): Locator => page.getByRole('listitem', { name: /^Step \d+$/ });
const adding = (page: Page): Locator => page.getByRole('group', { name: 'Add a step' });

/** A lesson with nothing in it; gives its path. */
async function emptyLesson(page: Page, title: string): Promise<string> {
	await page.goto('/lessons');
	await page.getByLabel('Title of a new lesson').fill(title);
	await page.keyboard.press('Enter');
	await expect(page.getByLabel('Title of the lesson')).toHaveValue(title);
	return new URL(page.url()).pathname;
}
async function addCrossing(page: Page, name: string): Promise<void> {
	const before = await steps(page).count();
	await page.getByLabel('Add a crossing by its name').fill(name);
	await page.keyboard.press('Enter');
	await expect(steps(page)).toHaveCount(before + 1);
}

/** What a learner sees by the link, on a phone. */
async function onPhone(page: Page, browser: Browser, look: (phone: Page) => Promise<void>): Promise<void> {
	await page.getByRole('button', { name: 'Share link' }).click();
	const link = await page.getByLabel('A link that opens it').inputValue();
	const context = await browser.newContext({ storageState: nobody, viewport: { width: 390, height: 844 } });
	const phone = await context.newPage();
	waitsUntilAwake(phone);
	await phone.goto(link);
	await look(phone);
	expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
	await context.close();
}

/** The sheet of a lesson, in other hands. */
async function sheetIn(page: Page, path: string, hands: string): Promise<Locator> {
	await page.goto(`${path}/print?all`);
	await page.getByLabel('Hands').selectOption(hands);
	return page.getByRole('main');
}

test('without a needle: it begins with its goal and its kit, and left-handed sheets hold on the other side', async ({
	page,
	browser,
}) => {
	const path = await emptyLesson(page, 'Without a needle');
	await addCrossing(page, '1/1 RC');
	await addCrossing(page, '2/2 RC');
	await steps(page).nth(1).getByLabel('Way to do it').selectOption({ label: 'Pinch' });
	await adding(page).getByRole('button', { name: 'Rest for the hands' }).click();
	await adding(page).getByRole('button', { name: 'Materials' }).click();
	await adding(page).getByRole('button', { name: 'Opening and goal' }).click();
	await expect(steps(page).nth(0).getByRole('listitem')).toContainText(['Crossing 1 over 1', 'Crossing 2 over 2']);
	await expect(steps(page).nth(1)).toContainText('To lay out:');
	await expect(saved(page)).toBeVisible();
	await expectAccessible(page);
	await onPhone(page, browser, async (phone) => {
		await expect(phone.getByTestId('moves').nth(1)).toContainText('hang loose');
		await expect(phone.getByText('the gap closes in the next row').first()).toBeVisible();
	});
	await page.goto(`${path}/show`);
	await page.getByLabel('Jump to a step').selectOption('3');
	await expect(page.getByTestId('stage')).toBeVisible();
	const right = await sheetIn(page, path, 'right');
	await expect(right.getByTestId('moves').nth(1)).toContainText('Put the right needle into');
	const left = await sheetIn(page, path, 'left-same');
	await expect(left.getByTestId('moves').nth(1)).toContainText('Put the left needle into');
	await expect(left).toContainText('FRog and BLoom');
});

test('a mixed class: each sees the crossing as it is made where they work, on show, on paper and on the phone', async ({
	page,
	browser,
}) => {
	const path = await emptyLesson(page, 'All at once');
	await addCrossing(page, '2/2 LC');
	await page.getByText('Who’s coming').click();
	await page.getByLabel('at the pegs').fill('1');
	await page.getByLabel('at the machine').fill('1');
	await page.getByLabel('left-handed', { exact: true }).fill('2');
	await expect(page.getByTestId('room')).toHaveText(
		'6 by hand. Sheets: 4 right-handed, 2 left-handed, 1 at the pegs, 1 at the machine.',
	);
	await expect(steps(page).nth(0)).toContainText('At the machine: left group down first');
	// The rope is for the hands; meanwhile the machine has a step of its own.
	await addCrossing(page, '4/4 LC');
	await expect(steps(page).nth(1)).toContainText('At the machine: not made there.');
	await steps(page).nth(1).getByText('For everybody').click();
	await steps(page).nth(1).getByLabel('at the machine').uncheck();
	await steps(page).nth(1).getByLabel('at the pegs').uncheck();
	await page.getByLabel('Add a crossing by its name').fill('1/1 LC');
	await page.getByLabel('Made in').selectOption('machine');
	await page.keyboard.press('Tab');
	await page.getByRole('button', { name: 'Add to the lesson' }).click();
	await expect(steps(page).nth(2)).toContainText('1 over 1, leaning left, machine');
	await expect(saved(page)).toBeVisible();
	await expectAccessible(page);
	await onPhone(page, browser, async (phone) => {
		await expect(phone.getByRole('heading', { name: 'At the pegs' }).first()).toBeVisible();
		await expect(phone.getByText('For those at the needles.')).toBeVisible();
		// A learner at the machine sees that alone.
		await phone.getByLabel('Tool', { exact: true }).selectOption('machine');
		await expect(phone.getByLabel('Hands', { exact: true })).toHaveCount(0);
		await expect(phone.getByText('Hold 1, 2 in front')).toHaveCount(0);
		await expect(phone.getByText('left group down first').first()).toBeVisible();
	});
	await page.goto(`${path}/show`);
	await page.getByRole('button', { name: 'Left-handed, the same fabric' }).click();
	await expect(page.getByTestId('caption')).toContainText('wait on the right needle');
	await page.getByRole('button', { name: 'At the machine' }).click();
	await expect(page.getByTestId('caption')).toContainText('purl side towards you');
	await expectAccessible(page);
	await page.goto(`${path}/print?all`);
	await page.getByLabel('For whom').selectOption('machine');
	await expect(page.getByRole('heading', { name: '4 over 4, leaning left' })).toHaveCount(0);
	await expect(page.getByTestId('moves').first()).toContainText('Lift loops 1 and 2');
	await page.getByLabel('For whom').selectOption('hand');
	await page.getByLabel('Hands').selectOption('left-same');
	await expect(page.getByRole('heading', { name: '4 over 4, leaning left' })).toBeVisible();
	await expect(page.getByTestId('moves').first()).toContainText('at the back');
});

test('names in two senses: both readings side by side, and a sheet by one school alone', async ({ page, browser }) => {
	const path = await emptyLesson(page, 'What does C4F mean?');
	await addCrossing(page, 'C4F');
	await page
		.getByTestId('remarks')
		.getByRole('button', { name: /both meanings$/ })
		.click();
	await expect(steps(page).nth(1).getByTestId('compared').getByRole('listitem')).toHaveCount(2);
	await expect(saved(page)).toBeVisible();
	await onPhone(page, browser, async (phone) => {
		await expect(phone.getByTestId('compared').getByRole('listitem')).toHaveCount(2);
		await expect(phone.getByText('8 stitches').first()).toBeVisible();
	});
	await page.goto(`${path}/show`);
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('played')).toBeVisible();
	const sheet = await sheetIn(page, path, 'left-same');
	await expect(sheet).toContainText('C4B');
	await page.getByLabel('Names').selectOption('held-front-back');
	await expect(sheet).toContainText('C2B');
	await expect(sheet).not.toContainText('C4L / C4R');
});
