/** A whole lesson: from a template to the class, and what can be taken along. */

import { readFileSync, writeFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import type { Page } from '@playwright/test';
import { LessonSchema } from '../core/lesson/index.ts';
import { expect, expectAccessible, newTeacher, nobody, saved, test, waitsUntilAwake } from './support.ts';

test.use({ storageState: nobody });
test.beforeEach(async ({ page }) => void (await newTeacher(page.request)));

/** Begins a lesson from a template; gives its path. */
async function begun(page: Page, template = 'First cable'): Promise<string> {
	await page.goto('/lessons');
	await page.getByLabel('Start with').selectOption(template);
	await page.getByRole('button', { name: 'Make a lesson' }).click();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue(template);
	return new URL(page.url()).pathname;
}
const steps = (page: Page): ReturnType<Page['locator']> => page.getByRole('listitem', { name: /^Step \d+$/ });

test('a lesson from a template is ready to print after few presses, and thinks along', async ({ page }) => {
	// To the lessons, choose, make, to the sheet: four; the sheet has every title and row.
	await begun(page);
	await expect(steps(page)).toHaveCount(8);
	await expect(page.getByTestId('total')).toContainText(/About \d+ minutes of 90/);
	await expectAccessible(page);
	const remarks = page.getByTestId('remarks').getByRole('listitem');
	const senses = remarks.filter({ hasText: 'can mean two things' });
	await expect(senses).toContainText('(+1 step, +6 minutes)');
	expect(await remarks.count()).toBeLessThanOrEqual(3);
	await senses.getByRole('button', { name: 'Add a step: both meanings' }).click();
	await expect(steps(page)).toHaveCount(9);
	await expect(page.getByTestId('said')).toContainText('done.');
	await page.getByTestId('said').getByRole('button', { name: 'Undo' }).click();
	await expect(steps(page)).toHaveCount(8);
	await senses.getByRole('button', { name: /^Don’t show this again/ }).click();
	await expect(senses).toHaveCount(0);
	// Who is in the room decides which sheets there are.
	await page.getByText('Who’s coming').click();
	await page.getByLabel('left-handed', { exact: true }).fill('2');
	await page.getByLabel('at the machine').fill('1');
	await expect(page.getByTestId('room')).toHaveText(
		'7 by hand. Sheets: 5 right-handed, 2 left-handed, 1 at the machine.',
	);
	await expectAccessible(page);
	const seen = page.viewportSize()!;
	await page.setViewportSize({ width: 390, height: 844 });
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
	await page.setViewportSize(seen);
	await page.getByLabel('Minutes of the class').fill('30');
	await expect(page.getByTestId('remarks')).toContainText('and the class has 30');
	await page.getByLabel('Minutes of step 2').fill('1');
	await expect(saved(page)).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('Minutes of step 2')).toHaveValue('1');
	await page.getByRole('link', { name: 'Handout' }).click();
	await page.getByRole('link', { name: 'All steps' }).click();
	await expect(page.getByRole('heading', { name: 'A square to keep' })).toBeVisible();
	await expect(page.getByTestId('sheet-rows').first()).toContainText('C4F');
	// The same sheet tells what is done at the machine.
	await expect(page.locator('main')).toContainText('Carriage to the left');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'For the room: 5 right-handed, 2 left-handed, 1 at the machine' }).click(),
	]);
	expect(download.suggestedFilename()).toMatch(/for-the-room\.pdf$/);
	const { pages } = await readPdf(readFileSync(await download.path()));
	// Eight sheets, each with pages of its own.
	expect(pages.filter((text) => /\b1 of \d+$/.test(text.trim()))).toHaveLength(8);
	await page.getByLabel('Hands').selectOption('left-same');
	await expect(page.getByTestId('sheet-rows').first()).toContainText('C4B');
});

test('steps of every kind are added, duplicated, and dragged to another place', async ({ page }) => {
	await begun(page, 'First cable');
	for (const kind of ['Materials', 'Check', 'Discussion', 'Rest for the hands', 'Finish', 'Homework']) {
		await page.getByRole('group', { name: 'Add a step' }).getByRole('button', { name: kind }).click();
	}
	await expect(steps(page)).toHaveCount(14);
	await steps(page).nth(12).getByLabel('seam').check();
	// One goes in between, and the next one after it.
	await page.getByLabel('More for step 2', { exact: true }).click();
	await page.getByRole('button', { name: 'Add after step 2' }).click();
	await expect(page.getByTestId('after')).toContainText('Goes in after step 2.');
	await page.getByLabel('Add a crossing by its name').fill('2/1 LPC');
	await page.keyboard.press('Enter');
	await expect(steps(page).nth(2)).toContainText('2 over 1, leaning left');
	await expect(page.getByTestId('after')).toContainText('Goes in after step 3.');
	await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
	await expect(steps(page)).toHaveCount(14);
	await page.getByLabel('More for step 1', { exact: true }).click();
	await page.getByRole('button', { name: 'Duplicate step 1', exact: true }).click();
	await expect(steps(page)).toHaveCount(15);
	await expect(steps(page).nth(1)).toContainText('Opening and goal');
	const [from, to] = [
		(await steps(page).nth(1).getByLabel('Drag step 2').boundingBox())!,
		(await steps(page).nth(0).boundingBox())!,
	];
	await steps(page).nth(1).getByRole('textbox').first().fill('Second opening');
	await page.mouse.move(from.x + 5, from.y + 5);
	await page.mouse.down();
	await page.mouse.move(from.x + 5, to.y + 20, { steps: 12 });
	await page.mouse.up();
	await expect(steps(page).nth(0).getByRole('textbox').first()).toHaveText('Second opening');
	await expect(saved(page)).toBeVisible();
});

test('a step is copied to another lesson, and an earlier version comes back', async ({ page }) => {
	await begun(page, 'A plait');
	await begun(page, 'Mending');
	await page.getByLabel('More for step 1', { exact: true }).click();
	await page.getByLabel('Copy step 1 to another lesson').selectOption('A plait');
	await expect(page.getByTestId('said')).toContainText('is in “A plait” too.');
	await page.getByLabel('More for step 1', { exact: true }).click();
	await page.getByRole('button', { name: 'Remove step 1' }).click();
	await expect(saved(page)).toBeVisible();
	await page.getByText('Earlier versions').click();
	await page.getByRole('button', { name: 'Use this one' }).click();
	await expect(steps(page)).toHaveCount(8);
	await page.goto('/lessons');
	await page.getByRole('link', { name: /A plait/ }).click();
	await expect(steps(page)).toHaveCount(10);
	await expect(steps(page).nth(9).getByRole('textbox').first()).toHaveText('Today every mistake is made on purpose.');
});

test('it is shown with keys alone, goes black, follows in a second window, and stays where it was', async ({
	page,
	context,
}) => {
	const path = await begun(page, 'Without a cable needle');
	await page.goto(`${path}/show`);
	const show = page.getByTestId('show');
	await expect(show).toHaveAttribute('data-step', '1');
	const notes = await context.newPage();
	await notes.goto(`${path}/show?notes`);
	await page.bringToFront();
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('stage')).toBeVisible();
	await expectAccessible(page);
	await expect(notes.getByTestId('notes')).toContainText('With a cable needle once more');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '1');
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('compared').getByRole('listitem')).toHaveCount(2);
	// Both sides are walked in step, each with what its hands do.
	await page.keyboard.press('ArrowRight');
	await expect(page.getByTestId('played')).toHaveAttribute('data-step', '1');
	await expect(page.getByTestId('caption-2')).toContainText('1. ');
	await page.getByRole('button', { name: 'Next move' }).click();
	await expect(page.getByTestId('caption-1')).toContainText('2. ');
	await expectAccessible(page);
	await page.keyboard.press('b');
	await expect(page.getByRole('button', { name: 'Show again' })).toBeVisible();
	await page.keyboard.press('b');
	// The network drops: what is here goes on.
	await context.setOffline(true);
	await page.keyboard.press('PageDown');
	await expect(show).toHaveAttribute('data-step', '4');
	await page.getByLabel('Jump to a step').selectOption('6');
	await expect(page.getByRole('listitem').filter({ hasText: 'Count: is every stitch still there?' })).toBeVisible();
	await context.setOffline(false);
	await page.reload();
	await expect(show).toHaveAttribute('data-step', '7');
});

test('on show a swatch is worked row by row, and the row is kept', async ({ page }) => {
	const path = await begun(page, 'First cable');
	await page.goto(`${path}/show`);
	await page.getByLabel('Jump to a step').selectOption('5');
	await page.getByRole('button', { name: 'row by row' }).click();
	await expect(page.getByTestId('row-now')).toHaveText('Row 1');
	await page.keyboard.press('ArrowUp');
	await page.getByRole('button', { name: 'Row finished' }).click();
	await expect(page.getByTestId('row-now')).toHaveText('Row 3');
	await page.reload();
	await expect(page.getByTestId('row-now')).toHaveText('Row 3');
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('row-now')).toBeHidden();
});

test('what to bring, and files; JSON read back equal, and nothing else is taken', async ({ page }, info) => {
	const path = await begun(page, 'Three groups');
	await page.getByText('Add a date').click();
	await page.getByLabel('A date of the class').fill('2026-12-01');
	await expect(page.getByLabel('When it begins')).toHaveValue('19:00');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(saved(page)).toBeVisible();
	await page.getByText('Files', { exact: true }).click();
	const save = async (label: string): Promise<string> => {
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: label }).click(),
		]);
		const file = info.outputPath(download.suggestedFilename());
		await download.saveAs(file);
		return file;
	};
	const json = await save('All of it, as JSON');
	const lesson = LessonSchema.parse(JSON.parse(readFileSync(json, 'utf8')));
	expect([lesson.title, lesson.plan.dates]).toEqual(['Three groups', ['2026-12-01T19:00']]);
	expect(readFileSync(await save('Markdown'), 'utf8')).toMatch(/## 2\. .*2 over 2, leaning left/);
	const ics = readFileSync(await save('Its dates, for a calendar'), 'utf8');
	expect(ics).toContain('DTSTART:20261201T190000');
	expect(ics).toContain('DTEND:20261201T203000');
	const html = await save('HTML page with moving demonstrations');
	const page2 = await page.context().newPage();
	await page2.goto(pathToFileURL(html).href);
	await expect(page2.getByRole('heading', { name: 'To bring' })).toBeVisible();
	const second = page2.locator('section').filter({ has: page2.getByRole('heading', { name: /^2\. / }) });
	await second.getByRole('button', { name: 'Move 2' }).click();
	await expect(second.locator('figure.now figcaption')).toContainText('Knit');
	await page2.keyboard.press('ArrowRight');
	await expect(second.getByRole('button', { name: 'Move 3' })).toHaveAttribute('aria-current', 'step');

	await page.getByLabel('More for step 1', { exact: true }).click();
	await page.getByRole('button', { name: 'Remove step 1' }).click();
	const input = page.locator('input[type=file]');
	const broken = info.outputPath('broken.json');
	writeFileSync(broken, JSON.stringify({ ...lesson, steps: [{ ...lesson.steps[1], way: '' }] }));
	await input.setInputFiles(broken);
	await expect(page.getByRole('region', { name: 'Files' }).getByRole('alert')).toContainText('Nothing was changed.');
	await input.setInputFiles(json);
	await page.getByRole('button', { name: 'Replace this one' }).click();
	await expect(steps(page)).toHaveCount(lesson.steps.length);
	await expect(saved(page)).toBeVisible();
	await page.goto(`${path}/kit`);
	await expect(page.getByTestId('kit')).toContainText('Cable needles, bent');
	await expect(page.getByTestId('kit')).toContainText('9 pairs');
	await expectAccessible(page);
});

/** The text of a PDF, page by page, with its page size and the faces that it carries. */
async function readPdf(bytes: Buffer): Promise<{ pages: string[]; size: number[]; title: string }> {
	const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
	const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 }).promise;
	const pages: string[] = [];
	let size: number[] = [];
	for (let i = 1; i <= pdf.numPages; i++) {
		const page = await pdf.getPage(i);
		size = page.view.slice(2).map(Math.round);
		const { items } = await page.getTextContent();
		const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
		pages.push(text.replaceAll(/\s+/g, ' '));
	}
	const { info } = (await pdf.getMetadata()) as { info: { Title?: string } };
	return { pages, size, title: info.Title ?? '' };
}

test('a template becomes a PDF in fewer than 25 presses; it has every title and row, and its own faces', async ({
	page,
}) => {
	let presses = 0;
	const press = async (what: Promise<unknown>): Promise<void> => {
		presses += 1;
		await what;
	};
	await page.goto('/lessons');
	await press(page.getByLabel('Start with').selectOption('First cable'));
	await press(page.getByRole('button', { name: 'Make a lesson' }).click());
	await press(page.getByLabel('Title of the lesson').fill('Lantern <b>session</b> \u202e🧶'));
	await expect(saved(page)).toBeVisible();
	await press(page.getByRole('link', { name: 'Handout' }).click());
	await press(page.getByRole('link', { name: 'All steps' }).click());
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		press(page.getByRole('link', { name: 'As PDF' }).click()),
	]);
	expect(presses).toBeLessThan(25);
	await expect(page.getByRole('status').filter({ hasText: 'Saved as' })).toHaveText(
		`Saved as ${download.suggestedFilename()}.`,
	);
	const bytes = readFileSync(await download.path());
	const { pages, size, title } = await readPdf(bytes);
	expect([size, title.startsWith('Lantern <b>session</b>')]).toEqual([[595, 842], true]);
	const text = pages.join(' ');
	for (const line of [
		'1 over 1, leaning left',
		'A square to keep',
		'Row 9: k3, p3, C4F, p3, k3',
		'Count: is every stitch still there?',
		'sl 2 sts to cn and hold in front, k2, k2 from cn',
		'Stop at pain or numbness',
		`1 of ${pages.length}`,
	]) {
		expect(text).toContain(line);
	}
	const faces = new Set([...bytes.toString('latin1').matchAll(/\/FontName \/[A-Z]+\+([\w-]+)/g)].map((m) => m[1]));
	expect([...faces].sort()).toEqual([
		'AtkinsonHyperlegibleNext-Bold',
		'AtkinsonHyperlegibleNext-Italic',
		'AtkinsonHyperlegibleNext-Regular',
		'Fraunces-SemiBold',
		'JetBrainsMono-Medium',
	]);

	const path = new URL(page.url()).pathname.replace('/print', '/handout');
	const ask = async (query: string): ReturnType<typeof readPdf> =>
		readPdf(await (await page.request.get(`${path}?${query}`)).body());
	const [large, left] = [await ask('paper=LETTER&large=yes&colour=yes'), await ask('hands=left-same&school=slash')];
	expect(large.size).toEqual([612, 792]);
	expect(large.pages.length).toBeGreaterThan(pages.length);
	expect(left.pages.join(' ')).toContain('2/2 LC');
	expect(left.pages.join(' ')).not.toContain('Total names');
	expect((await ask('paper=nonsense&large=perhaps')).size).toEqual([595, 842]);

	// Only what is wanted: two steps, with the words and mistakes of these alone.
	await page.getByLabel('in colour').check();
	for (const number of [1, 3, 4, 5, 6, 7, 8])
		await page.getByLabel(`on paper: step ${number}`, { exact: true }).uncheck();
	await page.getByLabel('words used').uncheck();
	await expect(page.getByRole('heading', { name: 'Words used' })).toBeHidden();
	await page.getByLabel('words used').check();
	const href = await page.getByRole('link', { name: 'As PDF' }).getAttribute('href');
	const some = (await readPdf(await (await page.request.get(href!)).body())).pages.join(' ');
	for (const line of ['1 over 1, leaning left', 'When something went wrong', 'Held on the other side', 'Words used'])
		expect(some).toContain(line);
	for (const line of ['A square to keep', '1. Opening', 'C6B']) expect(some).not.toContain(line);
	expect(text).toContain('Words used');
	expect((await ask('words=no&mistakes=no')).pages.join(' ')).not.toMatch(/Words used|When something went wrong/);
});

test('a note has lists and marks, is undone by keys, and stands so on the sheet, on show and in the PDF', async ({
	page,
}) => {
	const path = await begun(page, 'Without a cable needle');
	const note = steps(page).nth(0).getByRole('textbox').first();
	await note.click();
	await page.keyboard.press('Control+a');
	await page.keyboard.type('Bring to the table:');
	await page.keyboard.press('Enter');
	await steps(page).nth(0).getByRole('button', { name: 'List', exact: true }).click();
	await page.keyboard.type('wool');
	await page.keyboard.press('Enter');
	await page.keyboard.press('Control+b');
	await page.keyboard.type('two needles');
	await expect(steps(page).nth(0).getByRole('button', { name: 'Bold' })).toHaveAttribute('aria-pressed', 'true');
	await expect(note.getByRole('listitem')).toHaveText(['wool', 'two needles']);
	// What is typed in one go is one undo, so the line and the paste come each after a rest.
	await page.waitForTimeout(700);
	await page.keyboard.press('Enter');
	await page.waitForTimeout(700);
	// Pasted markup keeps its words and what a note may have, and nothing else.
	await note.evaluate((field) => {
		const clipboardData = new DataTransfer();
		clipboardData.setData('text/html', '<h1 onclick="x()">Head</h1><img src="x"><script>y()</' + 'script>');
		field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
	});
	await expect(note.getByRole('listitem').nth(2)).toHaveText('Head');
	await page.keyboard.press('Control+z');
	await expect(note).not.toContainText('Head');
	await page.keyboard.press('Control+z');
	await expect(note.getByRole('listitem')).toHaveText(['wool', 'two needles']);
	await expect(saved(page)).toBeVisible();
	await page.reload();
	await expect(note.locator('strong')).toHaveText('two needles');
	await page.getByLabel('More for step 1', { exact: true }).click();
	await page.getByRole('button', { name: 'Remove step 1' }).click();
	await page.getByTestId('said').getByRole('button', { name: 'Undo' }).click();
	await expect(note.getByRole('listitem')).toHaveCount(2);
	await expectAccessible(page);
	await expect(saved(page)).toBeVisible();
	await page.goto(`${path}/show`);
	await expect(page.getByTestId('show').getByRole('listitem')).toHaveText(['wool', 'two needles']);
	await page.goto(`${path}/print?all`);
	await expect(page.getByText('two needles')).toHaveCSS('font-weight', '700');
	const { pages } = await readPdf(await (await page.request.get(`${path}/handout?steps=1`)).body());
	expect(pages.join(' ')).toMatch(/Bring to the table:.*wool.*two needles/);
});

test('a link lets anybody read the lesson, either-handed, until it is withdrawn', async ({ page, browser }) => {
	const path = await begun(page, 'A cable that travels');
	await page.getByRole('button', { name: 'Share link' }).click();
	const link = await page.getByLabel('A link that opens it').inputValue();
	const visitor = await (await browser.newContext({ storageState: nobody })).newPage();
	waitsUntilAwake(visitor);
	expect((await visitor.goto(link))?.headers()).toMatchObject({
		'cache-control': 'no-store',
		'x-robots-tag': 'noindex, nofollow',
	});
	await expect(visitor.getByRole('heading', { level: 1 })).toHaveText('A cable that travels');
	await expect(visitor.getByRole('heading', { name: 'Words used' })).toBeVisible();
	await expectAccessible(visitor);
	// A learner follows the rows at the needles, and finds the place again.
	await visitor.getByRole('button', { name: 'Follow it row by row' }).first().click();
	const follow = visitor.getByTestId('follow').first();
	await expect(follow.getByTestId('row-now')).toHaveText('Row 1');
	await follow.getByRole('button', { name: 'Row finished' }).click();
	await expectAccessible(visitor);
	await visitor.reload();
	await expect(follow.getByTestId('row-now')).toHaveText('Row 2');
	await visitor.getByLabel('Hands', { exact: true }).selectOption('left-mirrored');
	await expect(visitor.getByText('the fabric is mirrored').first()).toBeVisible();
	await visitor.getByRole('button', { name: 'Show the whole chart' }).click();
	await expect(follow).toHaveCount(0);
	await visitor.getByRole('link', { name: 'Practise' }).click();
	await expect(visitor.getByTestId('practice').getByRole('heading', { level: 2 })).toBeVisible();
	await visitor.goBack();
	// On paper the link is a code to scan.
	expect(await (await page.request.get(`${path}/print?all`)).text()).toContain(`A code to scan: ${link}`);
	await visitor.getByRole('link', { name: 'Watch it' }).first().click();
	await expect(visitor.getByTestId('stage')).toBeVisible();
	// The link is for reading: nothing of the teacher's opens by it.
	expect((await visitor.request.get(path, { maxRedirects: 0 })).status()).toBe(303);
	await page.reload();
	await expect(page.getByLabel('A link that opens it')).toHaveValue(link);
	await page.getByRole('button', { name: 'Stop sharing' }).click();
	await expect(page.getByTestId('share')).toContainText('The link no longer works');
	expect((await visitor.goto(link))?.status()).toBe(404);
	await expect(visitor.getByText('It may have been withdrawn')).toBeVisible();
	await visitor.context().close();
});

test('one line of a pattern becomes a lesson with swatch, comparison, mistake and room, and both PDFs, in 30 presses', async ({
	page,
}) => {
	let presses = 0;
	let typed = 0;
	const press = async (what: Promise<unknown>): Promise<void> => {
		presses += 1;
		await what;
	};
	const type = async (field: ReturnType<Page['locator']>, text: string): Promise<void> => {
		typed += text.length;
		await press(field.fill(text));
	};
	const save = async (name: string): Promise<string> => {
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			press(page.getByRole('link', { name }).click()),
		]);
		return (await readPdf(readFileSync(await download.path()))).pages.join(' ');
	};
	await page.goto('/');
	// The pattern itself is pasted.
	await page.getByLabel('A cable from your pattern').fill('Row 5 (RS): k2, p2, [3/3 RC, p2] 4 times, k2');
	await press(page.getByRole('button', { name: 'Open it as a swatch' }).click());
	await press(page.getByRole('button', { name: 'Check it' }).click());
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await press(page.getByRole('button', { name: 'Add', exact: true }).click());
	await press(page.getByLabel('Lesson', { exact: true }).selectOption({ label: 'A new lesson …' }));
	await type(page.getByLabel('Title of the new lesson'), 'Wide ropes');
	await press(page.getByRole('form', { name: 'Add to a lesson' }).getByRole('button', { name: 'Add' }).click());
	await press(page.getByRole('link', { name: 'Wide ropes' }).click());
	await press(page.getByRole('button', { name: 'Comparison' }).click());
	await press(page.getByRole('button', { name: 'Mistake on purpose' }).click());
	await expect(steps(page)).toHaveCount(3);
	await press(page.getByText('Who’s coming').click());
	await type(page.getByLabel('left-handed', { exact: true }), '2');
	await expect(page.getByTestId('room')).toHaveText('8 by hand. Sheets: 6 right-handed, 2 left-handed.');
	await expect(saved(page)).toBeVisible();
	await press(page.getByRole('link', { name: 'Handout' }).click());
	await press(page.getByRole('link', { name: 'All steps' }).click());
	const right = await save('As PDF');
	await press(page.getByLabel('Hands').selectOption('left-same'));
	const left = await save('As PDF');
	expect([presses <= 30, typed <= 40]).toEqual([true, true]);
	expect(right).toContain('k2, p2, [3/3 RC, p2] 4 times, k2');
	expect(right).toContain('On purpose:');
	// The same fabric from the other edge: it leans as it did, and other hands hold in front.
	expect(left).toContain('k2, [p2, 3/3 RC] 4 times, p2, k2');
	expect([/hold in back/.test(right), /hold in front, k3, k3 from cn/.test(left)]).toEqual([true, true]);
});
