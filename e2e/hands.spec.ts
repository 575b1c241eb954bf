/** Crossings made by one's own hands: drawn, touched and by keys; what comes out is told, and named. */

import type { Locator, Page } from '@playwright/test';
import { expect, expectAccessible, newTeacher, nobody, test } from './support.ts';

const open = async (page: Page, name = '2/2 LC', more = ''): Promise<void> => {
	await page.goto(`/stage?name=${encodeURIComponent(name)}&school=slash${more}`);
	await page.getByRole('link', { name: 'Try it yourself' }).click();
	// Loops can be pressed once the page answers.
	await expect(loop(page, 1)).toBeVisible();
};
const loop = (page: Page, n: number): Locator => page.getByRole('button', { name: `Loop ${n}`, exact: true });
const what = (page: Page): Locator => page.getByTestId('what-is-it');
const besides = (page: Page): Locator => page.getByRole('toolbar', { name: 'Besides' });

/** Draws a loop to a place of the picture, given in parts of it. */
async function draw(page: Page, n: number, x: number, y: number): Promise<void> {
	// Coming to the loop may move the page, so that the picture is measured afterwards.
	await loop(page, n).hover();
	const box = (await page.getByTestId('your-hands').locator('svg').first().boundingBox())!;
	await page.mouse.down();
	await page.mouse.move(box.x + x * box.width, box.y + y * box.height, { steps: 6 });
	await page.mouse.up();
}

test('a 2/2 left cross is drawn by hand, a wrong one is known and named, and moves are taken back', async ({
	page,
}) => {
	await open(page);
	await draw(page, 2, 0.5, 0.05);
	await expect(page.getByTestId('caption')).toContainText('hold at the back');
	await expect(what(page)).toContainText('2 over 2, leaning right');
	await expect(what(page)).toContainText('leans the other way');
	await expect(what(page)).toContainText('2/2 RC');
	await expectAccessible(page);
	// A hint goes on from here; taken back, it is done again the right way.
	await page.getByRole('button', { name: 'One hint' }).click();
	await expect(page.getByTestId('hint')).toContainText('Bring the cable needle to the front.');
	await page.keyboard.press('Backspace');
	await draw(page, 2, 0.5, 0.85);
	await expect(page.getByTestId('caption')).toContainText('hold in front');
	await expect(what(page)).toContainText('Exactly what was asked.');
	for (let i = 0; i < 2; i++) await besides(page).getByRole('button', { name: 'Knit the next', exact: true }).click();
	for (let i = 0; i < 2; i++)
		await besides(page).getByRole('button', { name: 'Knit off the cable needle in front', exact: true }).click();
	await expect(what(page)).toContainText('What it is');
	await expect(what(page)).toContainText('Exactly what was asked.');
	await expect(page.getByTestId('done').getByRole('listitem')).toHaveCount(5);
	await page.getByRole('button', { name: 'back to here, move 1' }).click();
	await expect(page.getByTestId('done').getByRole('listitem')).toHaveCount(1);
	await page.getByRole('button', { name: 'Redo' }).click();
	await expect(page.getByTestId('done').getByRole('listitem')).toHaveCount(2);
	await page.getByRole('button', { name: 'See it again' }).click();
});

test('by keys alone, with what cannot be done refused in a sentence', async ({ page }) => {
	await open(page);
	await page.keyboard.press('r');
	await expect(page.getByTestId('refused')).toContainText('Choose stitches first');
	await page.keyboard.press('2');
	await expect(loop(page, 2)).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('f');
	await expect(page.getByTestId('caption')).toContainText('hold in front');
	for (const key of ['k', 'k', 'k', 'k']) await page.keyboard.press(key);
	await expect(what(page)).toContainText('Exactly what was asked.');
	await page.keyboard.press('k');
	await expect(page.getByTestId('refused')).toContainText('You can’t do that now.');
	await page.keyboard.press('Backspace');
	await expect(page.getByTestId('your-hands')).toHaveAttribute('data-moves', '4');
});

test('loops 3 and 4 alone are chosen large, by two presses or drawn over, and a way on is played', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 800 });
	await open(page, '3/3 LC');
	// Six loops are too near each other for a finger here, so they stand large below.
	const only = (n: number) => page.getByRole('button', { name: `Only loop ${n}` });
	await only(3).click();
	await only(4).click();
	await expect(page.getByRole('heading', { name: 'With loops 3, 4' })).toBeVisible();
	await page.keyboard.press('Escape');
	const [from, to] = [(await only(5).boundingBox())!, (await only(2).boundingBox())!];
	await page.mouse.move(from.x + 20, from.y + 20);
	await page.mouse.down();
	await page.mouse.move(to.x + 20, to.y + 20, { steps: 8 });
	await page.mouse.up();
	await expect(page.getByRole('heading', { name: 'With loops 2, 3, 4, 5' })).toBeVisible();
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);

	await page.getByTestId('hint').getByRole('button', { name: 'Show me' }).click();
	await expect(what(page)).toContainText('Exactly what was asked.');
	// It is played: the first move is seen before the last.
	await expect(page.getByRole('button', { name: 'See it again' })).toBeDisabled();
});
test('on pegs and at the bed it is done as well, by keys and drawn; the wrong one is known', async ({ page }) => {
	await open(page, '2/2 LC', '&craft=loom');
	await page.keyboard.press('1');
	await page.keyboard.press('2');
	await page.keyboard.press('b');
	await expect(page.getByTestId('caption')).toContainText('park it inside');
	// Drawn past what is parked, and that drawn to the pegs that are free.
	await draw(page, 4, 0.57, 0.4);
	await expect(page.getByTestId('your-hands')).toHaveAttribute('data-moves', '3');
	await page.keyboard.press('Backspace');
	await expect(page.getByTestId('your-hands')).toHaveAttribute('data-moves', '2');
	await page.getByTestId('hint').getByRole('button', { name: 'One hint' }).click();
	await expect(page.getByTestId('hint')).toContainText('Take back');
	await page.getByRole('button', { name: 'From the start' }).click();
	for (const key of ['1', '2', 'f']) await page.keyboard.press(key);
	for (const key of ['3', '4']) await page.keyboard.press(key);
	await page
		.getByRole('toolbar', { name: 'With the chosen loops' })
		.getByRole('button', { name: 'To pegs 1 and 2' })
		.click();
	await loop(page, 1).click();
	await page
		.getByRole('toolbar', { name: 'With the chosen loops' })
		.getByRole('button', { name: 'To pegs 3 and 4' })
		.click();
	await page.keyboard.press('t');
	await expect(what(page)).toContainText('Exactly what was asked.');
	for (let i = 0; i < 4; i++) await page.keyboard.press('k');
	await expect(what(page)).toContainText('What it is');
	await expect(what(page)).toContainText('Exactly what was asked.');
	await expectAccessible(page);

	await page.goto('/stage/own?name=2%2F2+LC&school=slash&craft=machine');
	await expect(loop(page, 1)).toBeVisible();
	for (const key of ['1', '2', 'u', '3', '4', 'u']) await page.keyboard.press(key);
	await loop(page, 1).click();
	const down = page.getByRole('toolbar', { name: 'With the chosen loops' });
	await down.getByRole('button', { name: 'Down on needles 3 and 4' }).click();
	await expect(what(page)).toContainText('Exactly what was asked.');
	await page.keyboard.press('Backspace');
	await loop(page, 3).click();
	await down.getByRole('button', { name: 'Down on needles 1 and 2' }).click();
	await expect(what(page)).toContainText('2 over 2, leaning right');
	await page.keyboard.press('k');
	await expect(page.getByTestId('refused')).toContainText('is still on a tool');

	// The same from bare needles.
	await page.getByRole('button', { name: 'Start with nothing cast on' }).click();
	await expect(page.getByTestId('caption')).toContainText('The needles are bare');
	await expect(loop(page, 1)).toHaveCount(0);
	await page.keyboard.press('k');
	await expect(page.getByTestId('refused')).toContainText('can’t do that now');
	for (const key of ['c', 'c']) await page.keyboard.press(key);
	await expect(loop(page, 2)).toBeVisible();
	await page.getByTestId('hint').getByRole('button', { name: 'One hint' }).click();
	await expect(page.getByTestId('hint')).toContainText('Cast on needle 3');
	await page.getByTestId('hint').getByRole('button', { name: 'Show me' }).click();
	await expect(what(page)).toContainText('Exactly what was asked.');
});

test.describe('under a finger', () => {
	test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

	test('on a phone loops are touched and put where they go', async ({ page }) => {
		await page.goto('/stage/own?name=2%2F2+LC&school=slash');
		await loop(page, 2).tap();
		await expect(loop(page, 1)).toHaveAttribute('aria-pressed', 'true');
		await page
			.getByRole('toolbar', { name: 'With the chosen loops' })
			.getByRole('button', { name: 'To a cable needle, in front' })
			.tap();
		await expect(what(page)).toContainText('Exactly what was asked.');
		await page.getByRole('button', { name: 'Work the rest in order' }).tap();
		await expect(page.getByTestId('your-hands')).toHaveAttribute('data-moves', '5');
		expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
		await expectAccessible(page);
	});
});

test('on show the teacher works it live: a wrong call is done and seen, and taken back', async ({ page }) => {
	await page.goto('/lessons');
	await page.getByRole('link', { name: /First rope/ }).click();
	await page.getByRole('link', { name: 'Present' }).click();
	await page.getByLabel('Jump to a step').selectOption('3');
	// The whole of the stage is seen, down to what plays it.
	expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight)).toBeLessThanOrEqual(0);
	await page.getByRole('button', { name: 'Work it live' }).click();
	await page.keyboard.press('2');
	await page.keyboard.press('b');
	await expect(what(page)).toContainText('leans the other way');
	await page.keyboard.press('Backspace');
	await page.keyboard.press('2');
	await page.keyboard.press('f');
	await expect(what(page)).toContainText('Exactly what was asked.');
	await expectAccessible(page);
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('show')).toHaveAttribute('data-step', '5');
	await expect(page.getByTestId('your-hands')).toHaveCount(0);
});

test.describe('a teacher of her own', () => {
	// Signing up as somebody signed in would end the session that other tests share.
	test.use({ storageState: nobody });

	test('a way of one’s own is made, kept, and used on the stage, in a lesson and on paper', async ({ page }) => {
		await newTeacher(page.request);
		await page.goto('/stage/own?name=2%2F2+LC&school=slash');
		await expect(loop(page, 1)).toBeVisible();
		for (const key of ['2', 'f', 'k', 'k', 'k', 'k']) await page.keyboard.press(key);
		await page.getByRole('textbox', { name: 'Save it as your own way' }).fill('Reed swap');
		await page.getByRole('button', { name: 'Keep', exact: true }).click();
		await page.getByRole('link', { name: 'How to work it' }).click();
		await expect(page.getByRole('radio', { name: 'Reed swap' })).toBeChecked();
		await page.getByText('Add to lesson').click();
		await page.getByLabel('Lesson', { exact: true }).selectOption({ label: 'A new lesson …' });
		await page.getByLabel('Title of the new lesson').fill('My own way');
		await page.getByRole('form', { name: 'Add to a lesson' }).getByRole('button', { name: 'Add' }).click();
		await page.getByRole('link', { name: 'My own way' }).click();
		await expect(page.getByLabel('Way to do it').locator('option:checked')).toHaveText('Reed swap');
		await page.getByRole('link', { name: 'Handout' }).click();
		await page.getByRole('link', { name: 'All steps' }).click();
		await expect(page.getByRole('heading', { name: 'Reed swap' })).toBeVisible();
		await expect(page.getByTestId('moves').getByRole('listitem')).toHaveCount(5);
		// As the house style's own way it is what every crossing that it makes begins with, until it goes.
		await page.goto('/style');
		await page.getByRole('group', { name: 'You cross' }).getByText('Reed swap').click();
		await expect(page.getByText('Saved')).toBeVisible();
		await page.goto('/stage?name=3%2F3+RC&school=slash');
		await expect(page.getByRole('radio', { name: 'Reed swap' })).toBeChecked();
		await page.goto('/style');
		await page.getByRole('button', { name: 'Remove Reed swap' }).click();
		await expect(page.getByText('None yet. Make a crossing')).toBeVisible();
		await expect(page.getByRole('radio', { name: 'With a cable needle' })).toBeChecked();
		await expectAccessible(page);
	});
});
