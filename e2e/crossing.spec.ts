import { expect, test } from '@playwright/test';
import { hand, perform } from '../core/craft/index.ts';
import { drawRibbon, drawStage } from '../core/drawing/index.ts';
import { cordsAt, crossingNamed, expectAccessible, inLight } from './support.ts';

const addressOf = (name: string, school = 'slash', more = ''): string =>
	`/crossings?name=${encodeURIComponent(name)}&school=${school}${more}`;

test('a name says at once how many, who is in front, which way it leans and where the hands hold', async ({ page }) => {
	await page.goto('/crossings');
	await page.getByLabel('Read as').selectOption({ label: 'Slash names, by look' });
	await page.keyboard.press('Tab');
	await page.keyboard.press('/');
	await page.keyboard.type('2/1 LPC');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 over 1, leaning left, purled behind');
	await expect(page.getByTestId('lean')).toHaveText('leans left');
	await expect(page.getByTestId('hold')).toHaveText('hold 2 in front');
	await expect(page.getByTestId('look')).toHaveText('1 and 2 pass in front of 3');
	await expect(page.getByTestId('order')).toHaveText(/1 2 3\s+becomes\s+3 1 2/);
	await expect(page.getByText('also written')).toContainText('T3F');
	await expect(page.getByRole('img', { name: /Order before 3 2 1, after 2 1 3/ })).toBeVisible();
	await expect(page).toHaveURL(/name=2%2F1\+LPC/);
	await page.reload();
	await expect(page.getByTestId('lean')).toHaveText('leans left');
});

test('the school decides: a total name is not guessed by look, and one press reads it by hold', async ({ page }) => {
	await page.goto(addressOf('C6B'));
	await expect(page.getByText('is not a slash name')).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Read it as: Total names, by hold' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 over 3, leaning right');
	await expect(page.getByLabel('Read as')).toHaveValue('total-front-back');
});

test('a name that cannot be read says what was understood and offers close ones', async ({ page }) => {
	await page.goto(addressOf('2/2 XC'));
	await expect(page.getByText('“XC” is no part of a name here.')).toBeVisible();
	await expect(page.getByText('not understood')).toBeVisible();
	await page.getByRole('button', { name: '2/2 LC', exact: true }).click();
	await expect(page.getByTestId('lean')).toHaveText('leans left');
	for (const hostile of ['<img src=x onerror=alert(1)>', '%00', '🧶'.repeat(70), 'C999999999F']) {
		await page.goto(addressOf(hostile));
		await expect(page.getByRole('heading', { name: 'That name cannot be read yet' })).toBeVisible();
	}
});

test('the stage is walked by keys and by buttons, with the caption of each move', async ({ page }) => {
	await page.goto(addressOf('C4F', 'total-front-back'));
	const caption = page.getByTestId('caption');
	await expect(caption).toContainText('wait on the left needle');
	await page.locator('main').focus();
	await page.keyboard.press('ArrowRight');
	await expect(caption).toHaveText('Slip stitches 1 and 2 to the holder and let it hang in front.');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	await expect(caption).toHaveText('Knit stitch 4, passing behind the two that hang in front.');
	await page.keyboard.press('ArrowLeft');
	await expect(caption).toHaveText('Knit stitch 3, passing behind the two that hang in front.');
	await page.keyboard.press('End');
	await expect(caption).toHaveText('Knit stitch 2 straight off the holder.');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '5');
	await page.keyboard.press('Home');
	await page.getByRole('button', { name: 'One move on' }).click();
	await page.getByRole('button', { name: /Knit 4/ }).click();
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '3');
	await expect(page).toHaveURL(/step=3/);
	// Arrows in a field belong to the field.
	await page.getByLabel('Find by any name').focus();
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '3');
});

test('every way is proved, and its picture in words follows the hands', async ({ page }) => {
	await page.goto(addressOf('2/2 RPC'));
	for (const [way, moves] of [
		['Off the holder', 6],
		['Back to the needle', 7],
		['Pinch and recapture', 9],
	] as const) {
		await page.getByRole('radio', { name: way }).check();
		await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '0');
		await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
		await expect(page.getByTestId('proof')).toContainText('No stitch turned, lost or added');
		await page.getByRole('button', { name: 'To the end' }).click();
		await expect(page.getByTestId('stage')).toHaveAttribute('data-step', String(moves));
	}
	await page.getByRole('button', { name: /Pinch, draw out/ }).click();
	await expect(page.getByRole('img', { name: /1 and 2 hanging loose; 3 and 4 on the right needle/ })).toBeVisible();
});

test('a wrong trace is called wrong', async ({ page }) => {
	await page.goto(addressOf('2/2 LC'));
	await page.getByRole('button', { name: 'held on the other side' }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'false');
	await expect(page.getByTestId('proof')).toContainText('not what was asked');
	await expect(page.locator('[data-check="over"]')).toContainText(
		'3, 4 lie over 1, 2, and that is the wrong way round',
	);
	await expect(page.locator('[data-check="order"]')).toHaveAttribute('data-ok', 'true');
	await page.getByRole('button', { name: 'first stitch through the wrong leg' }).click();
	await expect(page.locator('[data-check="whole"]')).toContainText('Not whole: 3 turned');
	await page.getByRole('button', { name: 'first stitch through the wrong leg' }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
});

for (const light of ['day', 'dusk'] as const) {
	for (const [name, letter] of [
		['3/2 RC', 'B'],
		['3/2 LC', 'A'],
	] as const) {
		test(`the upper cord is seen at every crossing point: ${name} by ${light}`, async ({ page }) => {
			await inLight(page, light);
			const crossing = crossingNamed(name);
			const ribbon = drawRibbon(crossing, { light, numbers: true });
			expect(ribbon.crossPoints.length).toBe(6);
			for (const way of hand.ways) {
				const done = perform(hand, crossing, way.id);
				if (!done.ok) throw new Error('no plan');
				const last = done.value.trace.steps.length;
				await page.goto(addressOf(name, 'slash', `&way=${way.id}&step=${last}`));
				const seen = await cordsAt(page, page.getByTestId('ribbon'), ribbon.crossPoints, light);
				expect(new Set(seen)).toEqual(new Set([letter]));
				const stage = drawStage(crossing, done.value.trace, last, { light });
				const onStage = await cordsAt(page, page.getByTestId('stage'), stage.crossPoints, light);
				// A pixel may fall on the dark edge of the upper cord, but never on the lower one.
				expect(onStage.filter((cord) => cord !== letter && cord !== '-')).toEqual([]);
				expect(onStage.filter((cord) => cord === letter).length).toBeGreaterThan(onStage.length / 2);
			}
		});
	}
}

test('each view is accessible, by day and by dusk, wide and on a tablet', async ({ page }) => {
	test.slow();
	for (const light of ['day', 'dusk'] as const) {
		await inLight(page, light);
		for (const width of [1280, 820]) {
			await page.setViewportSize({ width, height: width === 820 ? 1180 : 800 });
			for (const path of [
				'/',
				'/lessons',
				addressOf('2/2 LC', 'slash', '&step=2&slip=other-side'),
				addressOf('6/6 RPC', 'slash', '&way=pinch&step=4'),
			]) {
				await page.goto(path);
				await expectAccessible(page);
				const overflow = await page.evaluate(
					() => document.documentElement.scrollWidth - document.documentElement.clientWidth,
				);
				expect(overflow, `${path} at ${width}`).toBe(0);
			}
		}
	}
});

test('a page that is not there, and a lesson that is not there, say so and lead back', async ({ page }) => {
	for (const path of ['/nowhere', '/lessons/00000000-0000-4000-8000-000000000000', '/lessons/not-an-id/print']) {
		const answer = await page.goto(path);
		expect(answer?.status()).toBe(404);
		await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing on this needle');
		await expectAccessible(page);
	}
	await page.getByRole('link', { name: 'To tonight' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tonight');
});

test('the first page answers 200 itself, and takes a name to the stage without a script', async ({ browser }) => {
	const context = await browser.newContext({ javaScriptEnabled: false });
	const page = await context.newPage();
	expect((await page.goto('/'))?.status()).toBe(200);
	await page.getByLabel('A crossing, as the pattern names it').fill('T3B');
	await page.keyboard.press('Enter');
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	await context.close();
});

test('the keys are shown on ?, and the light changes and stays', async ({ page }) => {
	await page.goto('/');
	await page.locator('main').focus();
	await page.keyboard.press('?');
	await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByRole('dialog')).toBeHidden();
	await page.getByRole('button', { name: 'Dusk: dark, for a projector' }).click();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
});
