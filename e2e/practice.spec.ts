/** Practice on a phone: asked, answered, judged with a reason, kept in the browser, and without a network. */

import { ask, DRILLS } from '../core/practice/index.ts';
import { expect, expectAccessible, nobody, test } from './support.ts';

test.use({ storageState: nobody, viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'allow' });

test('a sitting begins with new kinds, says what a wrong answer makes, and goes on offline and after a reload', async ({
	page,
	context,
}) => {
	await page.goto('/practice?with=2%2F2%20LC&school=total-front-back');
	const practice = page.getByTestId('practice');
	await expect(practice.getByRole('heading', { level: 2 })).toContainText('C4F');
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
	await expectAccessible(page);
	await practice.getByRole('button', { name: 'To the left' }).tap();
	await expect(page.getByTestId('verdict')).toContainText('Right');
	await expect(page.getByTestId('score')).toHaveText('1 of 1');
	await practice.getByRole('button', { name: 'Next' }).tap();
	await practice.getByRole('button', { name: 'At the back' }).tap();
	await expect(page.getByTestId('verdict')).toContainText(/Not so|Right, elsewhere/);
	await expect(page.getByTestId('verdict')).toContainText('Hold the first 2 in front; it leans left.');
	await expectAccessible(page);
	// The browser keeps the page, and what is due.
	await expect(async () => {
		await page.reload();
		expect(await page.evaluate(() => Boolean(navigator.serviceWorker.controller))).toBe(true);
	}).toPass();
	await page.reload();
	await context.setOffline(true);
	await page.reload();
	await expect(practice.getByRole('heading', { level: 2 })).toBeVisible();
	// What was right just now is not asked again at once.
	await expect(practice.getByText(DRILLS[0]!.title, { exact: true })).toHaveCount(0);
	await practice.getByText('What is kept of this').tap();
	await practice.getByRole('button', { name: 'Forget it' }).tap();
	await page.reload();
	await expect(practice.getByText(DRILLS[0]!.title, { exact: true })).toBeVisible();
	await context.setOffline(false);
	// Nothing that is asked of a picture is written in the page's own text.
	expect(ask(DRILLS[0]!, { school: 'slash', crossings: [] }, 1)).toBeUndefined();
});
