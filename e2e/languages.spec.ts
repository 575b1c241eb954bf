/** Patterns in other languages, from what is pasted to what is printed. */

import { readFileSync } from 'node:fs';
import type { LanguageId } from '../core/language/index.ts';
import { LANGUAGE_TITLES, ROW_LANGUAGE_IDS } from '../core/language/index.ts';
import { expect, expectAccessible, isLong, lines, newTeacher, nobody, saved, test } from './support.ts';

// Each test has a teacher of her own, as signing up ends the session that the browser had.
test.use({ storageState: nobody });
test.beforeEach(async ({ page }) => void (await newTeacher(page.request)));

test('a pattern in German is seen in English, line by line, kept, and written in Danish', async ({ page }) => {
	await page.goto('/');
	const field = page.getByLabel('A cable from your pattern');
	await field.fill('2 M auf einer Zopfnadel vor die Arbeit legen, 2 M re, die 2 M der Zopfnadel re');
	await expect(page.getByTestId('foreign')).toContainText(
		'In English: sl 2 sts to cn and hold in front, k2, k2 from cn',
	);
	const text =
		'Laternenband\n12 M anschlagen\n1. R (Hinr): 2 M li, 8 M re, 2 M li\n2. R (Rückr): M str, wie sie erscheinen\n3. R (Hinr): 2 M li, 8 M nach links verkreuzen, 2 M li\n4. R: wie 2. R\n1.-4. R noch 1x wdh';
	await field.fill('');
	await field.evaluate((input, pasted) => {
		const clipboardData = new DataTransfer();
		clipboardData.setData('text/plain', pasted);
		input.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
	}, text);
	await expect(page.getByRole('heading', { name: 'This looks like German' })).toBeVisible();
	await page.getByRole('button', { name: 'Read it in English' }).click();
	await page.getByRole('button', { name: 'Read as German' }).click();
	const table = page.getByTestId('in-english');
	await expect(table.getByRole('row').nth(4)).toContainText('Row 2 (WS): knit the knits and purl the purls');
	await expect(page.getByLabel('Stitches cast on')).toHaveValue('12');
	await expectAccessible(page);
	// A text in another language is refused, with its name.
	await page.getByLabel('Written in').selectOption('fr');
	await expect(page.getByText('This looks like German. Choose the language')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Check it' })).toBeDisabled();
	await page.getByRole('button', { name: 'Read as German' }).click();
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await expect.poll(() => lines(page)).toContain('Row 3 (RS): p2, 4/4 LC, p2');
	// The German stays beside the English, which follows it; what is changed in English is written in German again.
	await page.getByText('The pattern in German').click();
	const german = page.getByLabel('Rows in German');
	await expect(german).toHaveValue(text);
	await german.fill(text.replace('nach links', 'nach rechts'));
	await expect.poll(() => lines(page)).toContain('Row 3 (RS): p2, 4/4 RC, p2');
	await german.fill(`${text.replace('nach links', 'nach rechts')} Wurst`);
	await expect(page.getByText('“Wurst”')).toBeVisible();
	await german.fill(text);
	await expect.poll(() => lines(page)).toContain('Row 3 (RS): p2, 4/4 LC, p2');
	await page.getByLabel('Stitches cast on').focus();
	await page.locator('.cm-line', { hasText: 'Row 3' }).click();
	await page.keyboard.press('End');
	for (let i = 0; i < 'LC, p2'.length; i++) await page.keyboard.press('Backspace');
	await page.keyboard.insertText('RC, p2');
	await expect(page.getByText('The English rows are different now.')).toBeVisible();
	await page.getByRole('button', { name: 'Replace the German' }).click();
	await expect(german).toHaveValue(/3\. R \(Hinr\): 2 M li, 8 M nach rechts verkreuzen, 2 M li/);
	await page.reload();
	await expect(german).toHaveValue(/nach rechts/);
	await page.getByRole('button', { name: 'Remove the German' }).click();
	await expect(german).toBeHidden();
	// Rows that are pasted into a swatch are offered in English too.
	await page.locator('.cm-content').click();
	await page.keyboard.press('ControlOrMeta+a');
	await page.keyboard.insertText(
		'Rang 1 (endroit) : 2 m env, 8 m end, 2 m env\nRang 2 (envers) : 2 m end, 8 m env, 2 m end',
	);
	await expect(page.getByTestId('foreign-rows')).toContainText('This looks like French.');
	await page.getByRole('button', { name: 'Write it in English' }).click();
	await expect.poll(() => lines(page)).toEqual(['Row 1 (RS): p2, k8, p2', 'Row 2 (WS): k2, p8, k2']);
	await expect(page.getByText('The pattern in French')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect.poll(() => lines(page)).toContain('Row 3 (RS): p2, 4/4 RC, p2');
	await page.getByText('Rows in another language').click();
	await page.getByRole('combobox', { name: 'Language' }).selectOption('da');
	await expect(page.getByLabel('Rows in the language')).toHaveValue(
		/3\. p \(retsiden\): 2 vr, kryds 8 m mod højre, 2 vr\n[^]*gentag 1\.-4\. p 1 gang til/,
	);
	await page.goto('/words/languages');
	await expect(page.getByRole('row', { name: /in front devant l’ouvrage/ })).toBeVisible();
	await expectAccessible(page);
});

const cases = JSON.parse(
	readFileSync(new URL('../core/test/vectors/language-patterns.json', import.meta.url), 'utf8'),
) as readonly { readonly language: LanguageId; readonly text: string; readonly expect: object }[];

for (const id of isLong ? ROW_LANGUAGE_IDS : ['sv' as const])
	test(`a pattern in ${LANGUAGE_TITLES[id]} comes on a phone and on the desk, into a lesson, and onto paper`, async ({
		page,
	}) => {
		const { text } = cases.find((c) => c.language === id && !('error' in c.expect) && c.text.includes('\n'))!;
		await page.setViewportSize({ width: 390, height: 844 });
		await page.goto('/swatches/new?rows');
		await page.getByLabel('Title').fill('Lantern sleeve');
		await page.locator('#own-text').fill(text);
		await page.getByRole('button', { name: `Read as ${LANGUAGE_TITLES[id]}` }).click();
		await page.getByRole('button', { name: 'Check it' }).click();
		await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
		expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
		await page.setViewportSize({ width: 1280, height: 800 });
		const typed = await lines(page);
		await page.locator('.cm-content').click();
		await page.keyboard.press('ControlOrMeta+a');
		await page.keyboard.insertText(text);
		await page.getByRole('button', { name: 'Write it in English' }).click();
		await expect.poll(() => lines(page)).toEqual(typed);
		await expect(saved(page)).toBeVisible();
		const swatch = page.url();
		const sheet = await page.request.get(`${swatch}/handout?beside=${id}`);
		expect([sheet.status(), sheet.headers()['content-type']]).toEqual([200, 'application/pdf']);
		const adding = page.getByRole('form', { name: 'Add to a lesson' });
		await adding.getByLabel('Title of the new lesson').fill('Cables 1');
		await adding.getByRole('button', { name: 'Add' }).click();
		const lesson = await adding.getByRole('link', { name: 'Cables 1' }).getAttribute('href');
		const paper = await page.request.get(`${lesson}/handout?one=yes&beside=${id}`);
		expect(paper.status()).toBe(200);
	});

test('a Japanese name says which stitches lie on top', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto('/crossings');
	await page.getByLabel('An abbreviation, a sentence, or rows of a pattern').fill('右上２目交差');
	await expect(page.getByRole('heading', { name: 'This looks like Japanese' })).toBeVisible();
	await page.getByRole('link', { name: 'How to work it' }).click();
	await expect(page.getByRole('heading', { name: /leaning left/ }).first()).toBeVisible();
});

test('own lines in another language are put in English, and known in its patterns', async ({ page }) => {
	await page.goto('/style');
	const field = page.getByLabel('Your own abbreviations come first');
	await field.fill('ZL: 2 M auf einer Zopfnadel vor die Arbeit legen, 2 M re, die 2 M der Zopfnadel re');
	await page.getByRole('button', { name: 'Add the English' }).click();
	await expect(field).toHaveValue(/^# German: ZL: 2 M [^\n]+\nZL: sl 2 sts to cn and hold in front, k2, k2 from cn$/);
	await expect(page.getByTestId('entry')).toHaveText('ZL 2 over 2, leaning left');
	await expect(saved(page)).toBeVisible();
	await page.goto('/swatches/new?rows');
	await page.locator('#own-text').fill('1. R: 2 M li, ZL, 2 M li\n2. R: M str, wie sie erscheinen');
	await page.getByRole('button', { name: 'Read as German' }).click();
	await expect(page.getByTestId('in-english')).toContainText('Row 1: p2, ZL, p2');
	await expect(page.getByText('not read')).toBeHidden();
});
