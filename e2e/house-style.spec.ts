import { expect, expectAccessible, newLesson, newTeacher, nobody, saved, test } from './support.ts';
import type { Page } from '@playwright/test';
import sharp from 'sharp';

test.use({ storageState: nobody });
test.beforeEach(async ({ page }) => {
	await newTeacher(page.request);
	await page.goto('/style');
});

const choose = (page: Page, group: string, label: string): Promise<void> =>
	page.getByRole('group', { name: group }).getByText(label, { exact: true }).click();

test('what is chosen is shown at once, saved, undone and done again', async ({ page }) => {
	const sample = page.getByTestId('sample');
	await expect(sample).toContainText('T3F');
	await choose(page, 'My patterns write', '2/2 LC / 2/2 RC');
	await expect(sample).toContainText('2/1 LPC');
	await choose(page, 'You cross', 'Pinch');
	await expect(sample).toContainText('Pinch');
	await choose(page, 'Needle sizes in', 'UK sizes');
	await page.getByLabel('Needles in class').selectOption({ label: 'UK 8 (4 mm)' });
	await choose(page, 'Lengths in', 'Inches');
	await expect(sample).toContainText('Needles UK 8 (4 mm); tails of 6 in');
	await expect(saved(page)).toBeVisible();
	await page.locator('main').focus();
	await page.keyboard.press('Control+z');
	await expect(sample).toContainText('tails of 15 cm');
	await page.keyboard.press('Control+Shift+z');
	await page.getByLabel('right side', { exact: true }).fill('');
	await expect(page.getByTestId('save-state')).toContainText('The right side needs a word');
	await page.getByLabel('right side', { exact: true }).fill('WS');
	await expect(page.getByTestId('save-state')).toContainText('Both sides have the same word');
	await page.getByRole('button', { name: 'show side, inside' }).click();
	await expect(saved(page)).toBeVisible();
	await expectAccessible(page);
	await page.reload();
	await expect(page.getByRole('radio', { name: '2/2 LC / 2/2 RC' })).toBeChecked();
	await expect(page.getByLabel('right side', { exact: true })).toHaveValue('show side');
	await expect(sample).toContainText('tails of 6 in');
});

test('it is chosen by keyboard alone', async ({ page }) => {
	await page.getByRole('radio', { name: 'Right hand' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('radio', { name: 'Left hand' })).toBeChecked();
	await expect(saved(page)).toBeVisible();
});

test('names, stage, lessons and sheets follow it at once', async ({ page }) => {
	await choose(page, 'My patterns write', '2/2 LC / 2/2 RC');
	await choose(page, 'You demonstrate', 'Left-handed, same fabric');
	await choose(page, 'You cross', 'Pinch');
	await page.getByLabel('Without a cable needle at most').selectOption({ label: '3 stitches' });
	await choose(page, 'Its stitches are', 'Put back on the needle first');
	await choose(page, 'Needle sizes in', 'US sizes');
	await page.getByRole('button', { name: 'right side, wrong side' }).click();
	await expect(saved(page)).toBeVisible();

	await page.getByRole('link', { name: 'Home' }).click();
	await expect(page.getByLabel('My pattern writes')).toHaveValue('slash');
	await page.getByLabel('A cable from your pattern').fill('2/1 RPC');
	// The fabric is the one that was asked for; the left-handed way to it swaps sides and jobs.
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await expect(page.getByTestId('hold')).toHaveText('hold 2 in front');
	await page.keyboard.press('Enter');
	const caption = page.getByTestId('caption');
	await expect(caption).toContainText('wait on the right needle');
	await expect(page.getByRole('radio', { name: /^Pinch/ })).toBeChecked();
	await expect(page.getByRole('img', { name: /on the right needle/ })).toBeVisible();
	await expect(page.getByText('right side towards you')).toBeVisible();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	await page.getByLabel('Cable abbreviation').fill('2/2 LC');
	await expect(page.getByRole('radio', { name: /^Slip back first/ })).toBeChecked();
	await expect(page.getByText('over your limit of 3 sts').first()).toBeVisible();

	await newLesson(page, 'In my own words');
	await page.getByLabel('Add a crossing by its name').fill('2/1 RPC');
	await page.keyboard.press('Enter');
	await expect(page.getByLabel('Way to do it')).toHaveValue('pinch');
	await expect(page.getByRole('listitem', { name: 'Step 1' })).toContainText('hold the first 2 in front');
	await page.getByRole('link', { name: 'Handout' }).click();
	await page.getByRole('link', { name: 'All steps' }).click();
	await expect(page.getByTestId('moves')).toContainText('Put the left needle into 3');
	await expect(page.getByRole('main')).toContainText('Needles US 7 (4.5 mm)');
	await expect(page.getByRole('main')).toContainText('seen from the right side, worked left-handed');
});

test('left-handed as written: the picture is mirrored, and so is the lean', async ({ page }) => {
	await choose(page, 'You demonstrate', 'Left-handed, as written');
	await expect(saved(page)).toBeVisible();
	await page.goto('/stage?name=C4F&school=total-front-back');
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await expect(page.getByTestId('hold')).toHaveText('hold 2 in front');
	await expect(page.getByTestId('left-handed')).toContainText('mirror image');
});

test('two windows: the later one is refused, both are shown, and either can be kept', async ({ page, context }) => {
	const second = await context.newPage();
	await second.goto('/style');
	await choose(page, 'The cable needle is', 'A hook');
	await expect(saved(page)).toBeVisible();
	await choose(second, 'The cable needle is', 'Straight');
	const two = second.getByTestId('two-versions');
	await expect(two).toContainText('The cable needle is: A hook');
	await expect(two).toContainText('The cable needle is: Straight');
	await expectAccessible(second);
	await two.getByRole('button', { name: 'Use this one' }).click();
	await expect(second.getByRole('radio', { name: 'A hook' })).toBeChecked();
	await expect(saved(second)).toBeVisible();
});

test('a glossary of one’s own comes first wherever names are read', async ({ page }) => {
	const own = page.getByLabel('Your own abbreviations come first');
	await own.fill('C4F: sl 2 sts to cn and hold in back, k2, k2 from cn\nC6F: sl 3 to cn, hold in front, k3');
	await expect(page.getByTestId('entry').first()).toContainText('2 over 2, leaning right');
	await expect(page.getByTestId('entry').nth(1)).toContainText('3 stitches are left on the cable needle');
	await expect(saved(page)).toBeVisible();
	await page.goto('/stage?name=c4f&school=total-front-back');
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await expect(page.getByTestId('settled')).toContainText('hold in back');
	await newLesson(page, 'By my glossary');
	await page.getByLabel('Add a crossing by its name').fill('C4F');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('listitem', { name: 'Step 1' })).toContainText('2/2 RC');
});

test('the tools of the class stand in Settings, and the stage follows them', async ({ page }) => {
	await choose(page, 'The loom is', 'A straight rake');
	await choose(page, 'Its rows are wrapped', 'To the right');
	const kept = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok());
	await choose(page, 'That yarn is', 'Cotton');
	await kept;
	await expect(saved(page)).toBeVisible();
	await page.goto('/stage?name=2%2F2+RC&school=slash&craft=loom');
	await expect(page.getByTestId('caption')).toContainText('wrapped rightwards');
	await expect(page.getByRole('radio', { name: /Parked across the gap/ })).toHaveCount(0);
	await page.goto('/stage?name=3%2F3+LC&school=slash&craft=machine');
	await expect(page.getByRole('radio', { name: /Loosened, the weight off/ })).toBeChecked();
	await page.getByRole('radio', { name: /Two transfer tools/ }).check();
	await expect(page.getByText('It goes in cotton, but tight')).toBeVisible();
});

test('a small logo is kept, and removed', async ({ page }, info) => {
	// A file on disk, smaller than what browsers send while a page closes.
	const file = info.outputPath('logo.png');
	await sharp({ create: { width: 80, height: 40, channels: 3, background: '#24556b' } }).toFile(file);
	await page.getByLabel('Add a logo').setInputFiles(file);
	await expect(page.getByRole('img', { name: 'Your logo' })).toBeVisible();
	await expect(saved(page)).toBeVisible();
	await page.reload();
	await page.getByRole('button', { name: 'Remove the logo' }).click();
	await expect(page.getByLabel('Add a logo')).toBeAttached();
});
