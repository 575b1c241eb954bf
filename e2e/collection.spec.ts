/** Finding a crossing: by leafing, by any name, by a sentence, from anywhere. */

import { expect, expectAccessible, home, newTeacher, nobody, test } from './support.ts';

test('the collection is narrowed down, and each of it leads to the stage', async ({ page }) => {
	await page.goto('/crossings');
	await expect(page.getByTestId('count')).toHaveText('180 crossings');
	await page.getByLabel('Leans', { exact: true }).selectOption('left');
	await page.getByLabel('Stitches', { exact: true }).selectOption('4');
	await page.getByLabel('Groups', { exact: true }).selectOption('two');
	await expect(page.getByTestId('entries').getByRole('listitem')).toHaveCount(3);
	await page.getByLabel('How tight').selectOption('very tight');
	await expect(page.getByText('Nothing matches')).toBeVisible();
	await page.getByRole('button', { name: 'All of them' }).click();
	await expect(page.getByTestId('count')).toHaveText('720 crossings');
	await page.getByRole('button', { name: /Show 40 more/ }).click();
	await expect(page.getByTestId('entries').getByRole('listitem')).toHaveCount(80);
	await expectAccessible(page);
	await page.getByTestId('entries').getByRole('link').nth(2).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('2 over 2, leaning left');
	await page.goBack();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cables');
});

test('from anywhere / finds by part of a name, by a name beyond the collection, and by a sentence', async ({
	page,
}) => {
	await page.goto('/lessons');
	await page.locator('main').focus();
	await page.keyboard.press('/');
	const dialog = page.getByRole('dialog', { name: 'Find anything' });
	const field = dialog.getByLabel('Find anything: a cable, a word, a page, what went wrong');
	await expect(field).toBeFocused();
	await field.fill('T4');
	await expect(dialog.getByRole('link').first()).toContainText('T4');
	await field.fill('xqzw');
	await expect(dialog).toContainText('Nothing found.');
	await expectAccessible(page);
	await field.fill('sl 1 to cn and hold in front, k1, p1, k1 from cn');
	await page.keyboard.press('Enter');
	// No school has a name for it, so the sentence itself is shown.
	await expect(page.getByText('As worked:')).toBeVisible();
	await expect(page.getByTestId('look')).toHaveText('1 passes in front of 2 and 3');
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
});

test('a symbol of a printed chart leads to its crossing, and rows typed anywhere to their swatch', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('link', { name: 'find it by its chart symbol' }).click();
	await page.getByLabel('Cells in all').fill('3');
	await page.getByRole('button', { name: 'Cell 1 from the right' }).click();
	const found = page.getByTestId('symbol-found').getByRole('link');
	await expect(found).toHaveText(/2 over 1, leaning left, purled behind/);
	await page.getByLabel('up to the right').check();
	// Now the purled cell is one of those in front: no school has a name for it.
	await expect(found).toHaveText(/2 over 1, leaning right/);
	await page.getByLabel('Cells that run unbroken').fill('3');
	await expect(page.getByTestId('symbol-found')).toContainText('some that run unbroken, some behind them');
	await page.getByLabel('Cells that run unbroken').fill('1');
	await page.getByLabel('Cells straight in the middle').fill('1');
	await expect(found).toHaveCount(2);
	await expectAccessible(page);
	await found.nth(1).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	await page.goto('/lessons');
	await page.locator('main').focus();
	await page.keyboard.press('/');
	await page
		.getByLabel('Find anything: a cable, a word, a page, what went wrong')
		.fill('Row 5 (RS): k2, p2, [3/3 RC, p2] 4 times, k2');
	await expect(page.getByTestId('pattern')).toContainText('cast on 38');
	await page.keyboard.press('Enter');
	await expect(page.getByLabel('Rows', { exact: true })).toHaveValue(/3\/3 RC/);
	await page.goto('/crossings');
	await page.getByLabel('An abbreviation, a sentence, or rows of a pattern').fill('k3, C4F, k3');
	await expect(page.getByTestId('pattern')).toContainText('cast on 10');
});

test('the stage’s old address still leads to it', async ({ page }) => {
	await page.goto('/crossings?name=2%2F1+LPC&school=slash&step=2');
	await expect(page).toHaveURL(/\/stage\?name=2%2F1\+LPC&school=slash&step=2/);
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '2');
});

test.describe('a teacher of her own', () => {
	// Signing up ends the session that the browser had.
	test.use({ storageState: nobody });

	test('a name finds its readings side by side, and the chosen school becomes Settings', async ({ page }) => {
		await newTeacher(page.request);
		await page.goto('/crossings');
		await page.getByLabel('An abbreviation, a sentence, or rows of a pattern').fill('C6B');
		const hits = page.getByTestId('hits').getByRole('link');
		await expect(hits).toHaveCount(2);
		await expect(hits.nth(0)).toContainText('3 over 3, leaning right');
		await expect(hits.nth(1)).toContainText('C2F / C2B');
		await expectAccessible(page);
		await hits.nth(1).click();
		await expect(page.getByRole('heading', { level: 1 })).toContainText('6 over 6, leaning right');
		await page.goto('/style');
		await expect(page.getByRole('radio', { name: 'C2F / C2B (counts the cn)' })).toBeChecked();
	});

	test('a crossing is designed by keys and by pointer, named, planned, kept, shown, removed and brought back', async ({
		page,
	}) => {
		await newTeacher(page.request);
		await page.goto('/crossings/design');
		const title = page.getByTestId('title');
		await expect(title).toHaveText('2 over 2, leaning left');
		await page.getByRole('button', { name: 'A over B; turn it round' }).click();
		await expect(title).toHaveText('2 over 2, leaning right');
		// The same by pressing where the cords cross.
		const ribbon = page.getByTestId('ribbon').locator('svg');
		const box = (await ribbon.boundingBox())!;
		await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
		await expect(title).toHaveText('2 over 2, leaning left');
		// And by taking hold of the upper cord and dragging it there, which lays it under.
		await page.mouse.move(box.x + box.width / 8, box.y + 45);
		await page.mouse.down();
		await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 4 });
		await expect(page.getByText('A goes under B')).toBeVisible();
		await page.mouse.up();
		await expect(title).toHaveText('2 over 2, leaning right');
		await page.getByRole('button', { name: 'Undo' }).click();
		await page.getByRole('button', { name: 'B: one stitch fewer' }).click();
		await page.getByLabel('B is worked').selectOption('purl');
		await expect(title).toHaveText('2 over 1, leaning left, purled behind');
		await expect(page.getByTestId('sentence')).toHaveText('sl 2 sts to cn and hold in front, p1, k2 from cn');
		await expect(page.getByTestId('plan')).toContainText('6 moves with one cable needle; no way has fewer transfers');
		// A third group that passes before all, and a ring that no school has a name for.
		await page.getByRole('button', { name: 'Add a group' }).click();
		await page.getByRole('button', { name: 'Move C to the right' }).focus();
		await page.keyboard.press('Enter');
		await page.getByRole('button', { name: 'Move C to the right' }).click();
		await page.getByRole('button', { name: 'A over C; turn it round' }).click();
		await expect(page.getByText('It has no usual abbreviation.')).toBeVisible();
		await expect(page.getByTestId('plan')).toContainText('no way has fewer transfers');
		await expectAccessible(page);
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(page.getByRole('button', { name: 'A over C; turn it round' })).toBeVisible();
		await page.getByRole('button', { name: 'A over C; turn it round' }).click();
		await page.getByLabel('Save it with a name').fill('Reed braid <b>');
		await page.getByRole('button', { name: 'Keep', exact: true }).click();
		await expect(page.getByRole('status').filter({ hasText: 'is among your own' })).toBeVisible();
		await page.getByLabel('Save it with a name').fill('reed BRAID <b>');
		await page.getByRole('button', { name: 'Keep', exact: true }).click();
		await expect(page.getByText('You have a crossing called')).toBeVisible();

		await page.goto('/crossings');
		const own = page.getByTestId('own').getByRole('listitem');
		await expect(own).toHaveCount(1);
		await expect(own).toContainText('Reed braid <b>');
		await page.getByLabel('An abbreviation, a sentence, or rows of a pattern').fill('xx no such');
		await expect(page.getByRole('heading', { name: 'None of your own is called so' })).toBeVisible();
		await page.getByLabel('An abbreviation, a sentence, or rows of a pattern').fill('');
		await page.goto('/lessons');
		await page.locator('main').focus();
		await page.keyboard.press('/');
		await page.getByLabel('Find anything: a cable, a word, a page, what went wrong').fill('braid');
		await page.getByRole('link', { name: /Reed braid <b>/ }).click();
		await expect(page.getByText('Your own crossing:')).toBeVisible();
		await expect(page.getByRole('heading', { level: 1 })).toContainText('Reed braid <b>');
		// It is known by its name wherever names are read, in rows as well, and a lesson calls it so.
		const stitches = Number(/(\d+) stitches/.exec((await page.locator('main').textContent())!)![1]);
		await page.goto('/');
		const name = page.getByLabel('A cable from your pattern');
		await name.fill('k2, Reed braid b, k2');
		await expect(page.getByTestId('pattern')).toContainText(`cast on ${stitches + 4}`);
		await name.fill('reed braid <b>');
		await page.getByRole('button', { name: 'Show me how' }).click();
		await expect(page.getByTestId('settled')).toHaveText('One of your own crossings.');
		const lesson = (await (
			await page.request.post('/api/lessons', { data: { title: 'Own' }, headers: { origin: home } })
		).json()) as { id: string };
		await page.reload();
		await page.getByText('Add to lesson').click();
		await page.getByRole('button', { name: 'Add', exact: true }).click();
		await page.getByRole('link', { name: 'Own', exact: true }).click();
		await expect(page.getByRole('heading', { name: /^Reed braid <b> · / })).toBeVisible();
		await page.goto(`/lessons/${lesson.id}/print?all`);
		await expect(page.locator('main')).toContainText('Its own name');
		await page.goto('/crossings');
		await page.getByRole('button', { name: 'Remove Reed braid <b>' }).click();
		await expect(page.getByRole('heading', { name: 'None of your own yet' })).toBeVisible();
		await page.getByRole('button', { name: 'Bring it back' }).click();
		await own.getByRole('link', { name: 'How to work it' }).click();
		await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
		await expect(page.getByText('Your own crossing:')).toBeVisible();
		await page.getByRole('link', { name: 'Change it' }).click();
		await expect(page.getByTestId('after').getByRole('listitem')).toHaveCount(3);
	});
});
