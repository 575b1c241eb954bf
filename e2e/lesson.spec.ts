import type { Locator } from '@playwright/test';
import { expect, expectAccessible, newLesson, saved, test } from './support.ts';

test('from a name to a sheet of paper', async ({ page }) => {
	await page.goto('/');
	await page.getByLabel('A cable from your pattern').fill('C4B');
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await page.keyboard.press('Enter');
	await page.getByRole('radio', { name: 'Slip back first' }).check();
	await page.getByText('Add to lesson').click();
	await page.getByLabel('Lesson', { exact: true }).selectOption({ label: 'A new lesson …' });
	await page.getByLabel('Title of the new lesson').fill('Bolster, first session');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await page.getByRole('link', { name: 'Bolster, first session' }).click();
	await expect(page.getByRole('listitem', { name: 'Step 1' })).toContainText('2/2 RC');
	await expect(page.getByLabel('Way to do it')).toHaveValue('returned');
	// Straight on, without waiting for the autosave: the sheet must still have it.
	await page.getByLabel('Note to C4B').fill('Twice, slowly');
	await page.getByRole('link', { name: 'Handout' }).click();
	await page.getByRole('link', { name: 'All steps' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bolster, first session');
	await expect(page.getByRole('main')).toContainText('C4B');
	await expect(page.getByRole('main')).toContainText('2/2 RC');
	await expect(page.getByRole('main')).toContainText('hold the first 2 at the back');
	await expect(page.getByRole('main')).toContainText('Twice, slowly');
	await expect(page.getByTestId('moves').getByRole('listitem')).toHaveCount(6);
	await expectAccessible(page);
	// Black and white to begin with: on paper nothing may hang on a colour.
	const colours = await page
		.locator('main svg [stroke], main svg [fill]')
		.evaluateAll((shapes) =>
			shapes.flatMap((s) => [s.getAttribute('stroke'), s.getAttribute('fill')]).filter((c) => c?.startsWith('#')),
		);
	expect(colours.length).toBeGreaterThan(50);
	expect(colours.filter((c) => c!.slice(1, 3) !== c!.slice(3, 5) || c!.slice(3, 5) !== c!.slice(5, 7))).toEqual([]);
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
	const pdf = await page.pdf();
	expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
});

test('steps are added, moved, removed and brought back, by keyboard alone, and are there after a reload', async ({
	page,
}) => {
	await newLesson(page, 'Keyboard session');
	await expect(page.getByText('This lesson is empty')).toBeVisible();
	const add = async (name: string): Promise<void> => {
		await page.getByLabel('Add a crossing by its name').focus();
		await page.keyboard.type(name);
		await page.keyboard.press('Enter');
		await expect(page.getByTestId('said')).toContainText(`Added ${name}`);
	};
	await add('C4F');
	await add('T3B');
	await page.getByRole('button', { name: 'Add a note' }).focus();
	await page.keyboard.press('Enter');
	await page.keyboard.type('Rest the hands');
	const steps = page.getByRole('listitem', { name: /^Step/ });
	await expect(steps).toHaveCount(3);
	await page.getByLabel('More for step 3', { exact: true }).focus();
	await page.keyboard.press('Enter');
	const up = page.getByRole('button', { name: 'Move step 3 up' });
	await up.focus();
	await page.keyboard.press('Enter');
	await expect(page.getByTestId('said')).toContainText('now step 2 of 3');
	// The focus travels with the step, so the next press moves it again.
	await page.keyboard.press('Enter');
	await expect(steps.nth(0).getByRole('textbox')).toHaveText('Rest the hands');
	await page.keyboard.press('Escape');
	await page.getByLabel('More for step 2', { exact: true }).click();
	await page.getByRole('button', { name: 'Remove step 2' }).focus();
	await page.keyboard.press('Enter');
	await expect(steps).toHaveCount(2);
	await page.getByTestId('said').getByRole('button', { name: 'Undo' }).click();
	await expect(steps).toHaveCount(3);
	await page.locator('main').focus();
	await page.keyboard.press('Control+z');
	await expect(steps.nth(1).getByRole('textbox')).toHaveText('Rest the hands');
	await page.keyboard.press('Control+Shift+z');
	await page.getByLabel('Title of the lesson').fill('Keyboard night');
	await expect(saved(page)).toBeVisible();
	await expectAccessible(page);
	await page.reload();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('Keyboard night');
	await expect(steps).toHaveCount(3);
	await expect(steps.nth(0).getByRole('textbox')).toHaveText('Rest the hands');
	await expect(steps.nth(1)).toContainText('C4F');
});

test('two windows on one lesson: the later save is refused, both texts are kept, and either can be chosen', async ({
	page,
	context,
}) => {
	const path = await newLesson(page, 'Two windows');
	const second = await context.newPage();
	await second.goto(path);
	await page.getByLabel('Title of the lesson').fill('Start again from');
	await expect(saved(page)).toBeVisible();
	await second.getByLabel('Title of the lesson').fill('From the second');
	const choice = second.getByTestId('two-versions');
	await expect(choice).toContainText('Start again from');
	await expect(choice).toContainText('From the second');
	await expectAccessible(second);
	await second.getByRole('button', { name: 'Keep this one' }).click();
	await expect(saved(second)).toBeVisible();
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByLabel('Note', { exact: true }).fill('written meanwhile');
	await page.getByTestId('two-versions').getByRole('button', { name: 'Use this one' }).click();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('From the second');
	// What was set aside is one undo away.
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByLabel('Note', { exact: true })).toHaveText('written meanwhile');
	await expect(saved(page)).toBeVisible();
});

test('what the server did not get is kept over a reload and sent again', async ({ page, context }) => {
	await newLesson(page, 'Thin ice');
	await context.route('**/api/lessons/*', (route) => route.abort());
	await page.getByLabel('Title of the lesson').fill('Thin ice, thick wool');
	await expect(page.getByTestId('save-state')).toContainText('Not saved yet');
	await page.reload();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('Thin ice, thick wool');
	await expect(page.getByTestId('save-state')).toContainText('Not saved yet');
	await context.unroute('**/api/lessons/*');
	await expect(saved(page)).toBeVisible();
	await page.goto('/lessons');
	await expect(page.getByRole('link', { name: /Thin ice, thick wool/ })).toBeVisible();
});

test('hostile titles and notes are shown harmlessly or refused clearly, and nothing typed is lost', async ({
	page,
	request,
}) => {
	const title = `<script>document.title='x'</script> & "quotes" \u202eright`;
	const path = await newLesson(page, title);
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByLabel('Note', { exact: true }).fill('<b>bold</b>'.repeat(300));
	await expect(saved(page)).toBeVisible();
	await page.goto(`${path}/print?all`);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
	await expect(page.locator('main b')).toHaveCount(0);
	await page.goto(path);
	await page.getByLabel('Title of the lesson').fill('');
	await expect(page.getByTestId('save-state')).toContainText('A lesson needs a title');
	await page.getByLabel('Note', { exact: true }).fill('y'.repeat(4001));
	await page.getByLabel('Title of the lesson').fill('Named again');
	await expect(page.getByTestId('save-state')).toContainText('Step 1: A note has at most 4,000 characters');
	await page.reload();
	await expect(page.getByLabel('Note', { exact: true })).toHaveText('y'.repeat(4001));
	await page.getByLabel('Note', { exact: true }).fill('shorter');
	await expect(saved(page)).toBeVisible();
	const huge = await request.post('/api/lessons', { data: { title: 'x'.repeat(1_000_000) } });
	expect(huge.status()).toBe(413);
	const long = await request.post('/api/lessons', { data: { title: 'x'.repeat(1000) } });
	expect([long.status(), (await long.json()).message]).toEqual([
		400,
		'A title has at most 120 characters. Shorten it.',
	]);
	const broken = await request.put(`/api${path}`, { data: '{', headers: { 'content-type': 'application/json' } });
	expect(broken.status()).toBe(400);
	for (const method of ['put', 'delete'] as const) {
		const missing = await request[method]('/api/lessons/nobody', {
			data: { version: 1, lesson: { format: 'pond-loop/lesson', version: 1, title: 'a', steps: [] } },
		});
		expect(missing.status()).toBe(404);
	}
});

test('a lesson is removed and brought back', async ({ page }) => {
	await newLesson(page, 'Soon gone');
	await page.goto('/lessons');
	await page.getByRole('button', { name: 'Remove Soon gone' }).click();
	await expect(page.getByText('“Soon gone” is removed.')).toBeVisible();
	await expect(page.getByRole('link', { name: /Soon gone/ })).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: /Soon gone/ })).toBeVisible();
});

test('a lesson of many steps has fewer than 40 stops for the keys, and all of it is reached by them', async ({
	page,
}) => {
	await newLesson(page, 'By keys alone');
	for (const name of ['1/1 LC', '2/2 LC', '3/3 LC', '2/2 RC', '4/4 LC', '2/1 LPC']) {
		await page.getByLabel('Add a crossing by its name').fill(name);
		await page.keyboard.press('Enter');
	}
	await expect(page.getByRole('listitem', { name: 'Step 6' })).toBeVisible();
	await expect(page.getByRole('listitem', { name: 'Step 6' }).getByRole('textbox')).toBeVisible();
	await page.locator('body').click({ position: { x: 2, y: 2 } });
	let stops = 0;
	const seen = new Set<string>();
	for (; stops < 60; stops++) {
		await page.keyboard.press('Tab');
		const at = await page.evaluate(() => {
			const e = document.activeElement;
			return !e || e === document.body
				? ''
				: `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent?.trim()} ${e.id}`;
		});
		if (at === '') break;
		seen.add(at);
	}
	expect(stops, [...seen].join('\n')).toBeLessThan(40);
	const step = (n: number): Locator => page.getByRole('listitem', { name: `Step ${n}` });
	await step(1).focus();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('ArrowDown');
	await expect(step(3)).toBeFocused();
	await page.keyboard.press('Tab');
	await page.keyboard.press('Tab');
	await expect(step(3).locator(':focus')).toHaveCount(1);
	await page.getByLabel('More for step 3', { exact: true }).focus();
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'Remove step 3' }).focus();
	await page.keyboard.press('Enter');
	// What was pressed is gone; the keys go on from what brings it back.
	await expect(page.getByTestId('said').getByRole('button', { name: 'Undo' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('listitem', { name: 'Step 6' })).toBeVisible();
});
