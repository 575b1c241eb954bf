/** The swatch desk, from an empty page to the needles. */

import { readFileSync, writeFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { drawChart, PALETTES } from '../core/drawing/index.ts';
import { readGlossary, readRows } from '../core/notation/index.ts';
import { newSwatch, type Swatch } from '../core/schema/index.ts';
import { workRows } from '../core/swatch/index.ts';
import { expect, expectAccessible, home, inLight, lines, newTeacher, nobody, saved, test } from './support.ts';

// Each test has a teacher of her own, as signing up ends the session that the browser had.
test.use({ storageState: nobody });
test.beforeEach(async ({ page }) => void (await newTeacher(page.request)));

const ROPE: Swatch = newSwatch({
	title: 'Lantern sleeve',
	castOn: 14,
	shape: 'flat',
	school: 'total-front-back',
	text: '# The rope\nRow 1 (RS): p3, k8, p3\nRow 2 and all WS rows: knit the knits and purl the purls\nRow 3: p3, C8F, p3\nRow 5: p3, k8, p3\nrep rows 1-6 twice',
});

async function opened(page: Page, swatch: Swatch = ROPE): Promise<string> {
	const made = await page.request.post('/api/swatches', { data: { swatch }, headers: { origin: home } });
	const { id } = (await made.json()) as { id: string };
	await page.goto(`/swatches/${id}`);
	await expect(page.getByTestId('chart')).toBeVisible();
	return id;
}
const rows = (page: Page): Locator => page.getByRole('textbox', { name: 'Rows' });
const problems = (page: Page): Locator => page.getByTestId('problems').getByRole('listitem');

async function cell(page: Page, column: number, row: number): Promise<{ x: number; y: number }> {
	const chart = page.getByTestId('chart');
	const box = (await chart.boundingBox())!;
	const size = 24 * Number(await chart.getAttribute('data-zoom'));
	const wide = 14 * size;
	const left = box.x + Math.max(0, (box.width - wide - 96) / 2) + 48;
	const scrolled = await chart.evaluate((e) => [e.scrollTop, e.scrollHeight] as const);
	const high = size * Number(await chart.getAttribute('data-rows'));
	return { x: left + wide - (column + 0.5) * size, y: box.y + 2 + high - (row + 0.5) * size - scrolled[0] };
}

test('a practice swatch is asked for, kept, and works out', async ({ page }) => {
	await page.goto('/swatches');
	await expect(page.getByText('No swatches yet.')).toBeVisible();
	await page.getByRole('link', { name: 'Make a practice swatch' }).click();
	await page.getByRole('button', { name: 'Tight beside loose' }).click();
	await expect(page.getByTestId('wanted').getByRole('listitem')).toHaveCount(3);
	await page.getByLabel('Garter border').fill('2');
	await page.getByLabel('Rows between crossings of cable 1').fill('6');
	await expect(page.getByTestId('made')).toContainText('Cast on 28 stitches; the pattern comes round after 24 rows');
	await expectAccessible(page);
	await page.getByLabel('Title').fill('Tight, usual, loose');
	await page.getByRole('button', { name: 'Save this swatch' }).click();
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await expect(page.getByTestId('cords').getByRole('listitem')).toHaveCount(6);
	await page.goto('/swatches');
	await expect(page.getByTestId('swatches')).toContainText('Tight, usual, loose');
	await page.getByRole('button', { name: 'Remove Tight, usual, loose' }).click();
	await expect(page.getByText('No swatches yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByTestId('swatches').getByRole('listitem')).toHaveCount(1);
});

test('a pasted pattern is read, what is wrong is said while typing, and a fix is a press away', async ({ page }) => {
	await page.goto('/swatches/new?rows');
	await page.getByLabel('Title').fill('Pennant <script>alert(1)</script> \u202e🧶');
	await page
		.getByLabel('Rows', { exact: true })
		.fill('Cast on 12 sts\nRow 1 (RS): P4, k4, p4.\nRow 2: K4, p4, k4\nRow 3: p4, 2/2 XC, p4\nRow 4: k4, p4, k3');
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByRole('heading', { name: '2 things don’t work out' })).toBeVisible();
	await expect(problems(page).nth(0)).toContainText('“2/2 XC” is no stitch and no crossing');
	await expect(problems(page).nth(1)).toContainText('1 stitch is left at the end of the row');
	await expect(page.getByTestId('rows').locator('.cm-lintRange-error')).toHaveCount(2);
	await expectAccessible(page);
	await problems(page).nth(1).getByRole('button').click();
	await page.keyboard.press('End');
	await page.keyboard.press('Backspace');
	await page.keyboard.type('4');
	await expect(page.getByRole('heading', { name: 'One row doesn’t work out' })).toBeVisible();
	// A name that the school reads otherwise is mended from its own message.
	await page.getByTestId('rows').getByText('2/2 XC', { exact: true }).dblclick();
	await rows(page).press('Home');
	await page.keyboard.press('Shift+End');
	await page.keyboard.type('Row 3: p4, C4F, p4');
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	// On hover the crossing is drawn; while one types, names are offered.
	// In the rows, and not in a list of names that may be open.
	await page.getByTestId('rows').locator('.cm-crossing', { hasText: 'C4F' }).hover();
	await expect(page.locator('.cm-picture')).toContainText('2 over 2, leaning left');
	await page.keyboard.press('End');
	await page.keyboard.type(', C4');
	await expect(page.getByRole('listbox').getByRole('option', { name: /^C4F/ })).toBeVisible();
	await page.keyboard.press('Escape');
	for (let i = 0; i < 4; i++) await page.keyboard.press('Backspace');
	await expect(saved(page)).toBeVisible();
	await page.reload();
	await expect(page.getByTestId('rows')).toContainText('Row 3: p4, C4F, p4');
	// Names that mean something else in the other school are told before it is chosen.
	await page.getByLabel('Abbreviations').selectOption('slash');
	await expect(page.getByRole('dialog')).toContainText('Row 3 can no longer be worked');
	await page.getByRole('button', { name: 'Cancel' }).click();
	await expect(page.getByLabel('Abbreviations')).toHaveValue('total-front-back');
	await page.getByLabel('Abbreviations').selectOption('slash');
	await page.getByRole('button', { name: 'Change it anyway' }).click();
	await expect(problems(page).first()).toContainText('means different things in different patterns');
});

test('the chart and the text are one document, with one undo', async ({ page }) => {
	await opened(page);
	const before = await lines(page);
	await page.getByText('Knit', { exact: true }).click();
	const place = await cell(page, 0, 2);
	await page.mouse.click(place.x, place.y);
	await expect(page.getByTestId('rows')).toContainText('Row 3: k1, p2, C8F, p3');
	// By keys: to the next stitch, which is made knit too; then a crossing laid over others.
	await page.getByTestId('chart').focus();
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByTestId('cell')).toContainText('Row 3 (RS), stitch 2 from the right: purl on the right side.');
	await page.keyboard.press('k');
	await expect(page.getByTestId('rows')).toContainText('Row 3: k2, p1, C8F, p3');
	await page.getByText('Cross', { exact: true }).click();
	await page.getByLabel('Crossing to add').fill('C4B');
	const five = await cell(page, 3, 4);
	await page.mouse.click(five.x, five.y);
	await expect(page.getByTestId('rows')).toContainText('Row 5: p3, C4B, k4, p3');
	await expect(page.getByTestId('rows')).toContainText('# The rope');
	for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect.poll(() => lines(page)).toEqual(before);
	// Typing is undone by the same key, in the editor as in the chart.
	await page.getByTestId('rows').getByText('# The rope').click();
	await page.keyboard.press('End');
	await page.keyboard.type(' of the lantern');
	await expect(page.getByTestId('rows')).toContainText('# The rope of the lantern');
	await page.keyboard.press('Control+z');
	await expect.poll(() => lines(page)).toEqual(before);
	await page.keyboard.press('Control+Shift+Z');
	await expect(page.getByTestId('rows')).toContainText('# The rope of the lantern');
});

test('boxes are moved and repeated, rows and columns come and go', async ({ page }) => {
	const broken: string[] = [];
	page.on('pageerror', (error) => broken.push(error.message));
	await opened(page, { ...ROPE, text: 'Row 1: p2, C4F, p8\nRow 2: k8, p4, k2' });
	const [from, to] = [await cell(page, 2, 0), await cell(page, 5, 1)];
	await page.mouse.move(from.x, from.y);
	await page.mouse.down();
	await page.mouse.move(to.x, to.y, { steps: 3 });
	await page.mouse.up();
	await page.getByRole('button', { name: 'Repeat beside it', exact: true }).click();
	await expect(page.getByTestId('rows')).toContainText('Row 1: p2, C4F, C4F, p4');
	await page.getByRole('button', { name: 'Copy', exact: true }).click();
	const away = await cell(page, 10, 0);
	await page.mouse.click(away.x, away.y);
	await page.getByRole('button', { name: 'Move it here' }).click();
	await expect(page.getByTestId('rows')).toContainText('Row 1: p6, C4F, C4F');
	await page.getByRole('button', { name: 'Row above' }).click();
	await expect(page.getByTestId('rows')).toContainText('Row 2: p8, k6');
	await page.getByRole('button', { name: 'Delete stitch' }).click();
	await expect(page.getByRole('status').filter({ hasText: 'uses that column' })).toBeVisible();
	const edge = await cell(page, 0, 0);
	await page.mouse.click(edge.x, edge.y);
	await page.getByRole('button', { name: 'Add stitch' }).click();
	await expect(page.getByLabel('Stitches cast on')).toHaveValue('15');
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	// What is chosen may go under one's hands.
	const high = await cell(page, 4, 3);
	await page.mouse.click(high.x, high.y);
	await rows(page).fill('Row 1: k15');
	await expect(page.getByText('Select stitches to edit')).toBeVisible();
	await page.getByTestId('chart').focus();
	await page.keyboard.press('p');
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('p');
	await expect(page.getByTestId('rows')).toContainText('Row 1: k5, p1, k9');
	// A row's fault stands under it, once it is not being typed any more.
	await rows(page).fill('Row 1: k14');
	await expect(page.getByTestId('problems')).toContainText('1 stitch is left');
	await expect(page.locator('.cm-row-fault')).toHaveCount(0);
	await page.getByLabel('Title of the swatch').focus();
	await expect(page.locator('.cm-row-fault')).toContainText('1 stitch is left');
	expect(broken).toEqual([]);
});

test('a change asks first when other rows would come out otherwise, and offers what may be meant', async ({ page }) => {
	const text =
		'Row 1: k6, pm, k8 # background\nRow 2: p8, sm, p6\nRow 3: k1, C4F, k1, sm, k8\nRow 4: p8, sm, p6\nRow 5: k6, rm, k8';
	await opened(page, { ...ROPE, text });
	const low = await cell(page, 2, 1);
	await page.mouse.click(low.x, low.y);
	const asked = page.getByTestId('ask-first');
	await page.getByRole('button', { name: 'Delete row' }).click();
	await expect(asked).toContainText('Row 3 is worked on the WS, and can no longer be worked. Rows 4 and 5 change too.');
	await expectAccessible(page);
	await page.keyboard.press('Escape');
	await expect.poll(() => lines(page)).toEqual(text.split('\n'));
	await page.getByRole('button', { name: 'Delete row' }).click();
	await asked.getByRole('button', { name: 'Take out rows 2 and 3' }).click();
	await expect
		.poll(() => lines(page))
		.toEqual(['Row 1: k6, pm, k8 # background', 'Row 2: p8, sm, p6', 'Row 3: k6, rm, k8']);
	// Markers and remarks stay where a row is changed beside them.
	await page.getByText('Purl', { exact: true }).click();
	const first = await cell(page, 0, 0);
	await page.mouse.click(first.x, first.y);
	await expect.poll(() => lines(page)).toContain('Row 1: p1, k5, pm, k8 # background');
	// In the round every row is a right-side one.
	const shape = page.getByRole('combobox', { name: 'Worked', exact: true });
	await shape.selectOption('round');
	await expect(asked).toContainText('Row 2 is worked on the RS, and can no longer be worked.');
	await asked.getByRole('button', { name: 'Cancel' }).click();
	await expect(shape).toHaveValue('flat');
	await shape.selectOption('round');
	await asked.getByRole('button', { name: 'Keep the words' }).click();
	await expect(shape).toHaveValue('round');
	await expect.poll(() => lines(page)).toContain('Row 2: p8, sm, p6');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(shape).toHaveValue('flat');
	// Or the rows are turned about, so that the fabric stays.
	await shape.selectOption('round');
	await asked.getByRole('button', { name: 'Keep the fabric' }).click();
	await expect(shape).toHaveValue('round');
	await expect
		.poll(() => lines(page))
		.toEqual(['Rnd 1: p1, k5, pm, k8 # background', 'Rnd 2: k6, sm, k8', 'Rnd 3: k6, rm, k8']);
});

for (const light of ['day', 'dusk'] as const) {
	test(`the chart shows which strand lies on top, from both sides, by ${light}`, async ({ page }) => {
		await inLight(page, light);
		await opened(page, { ...ROPE, castOn: 8, text: 'Row 1: k8\nRow 2: p8\nRow 3: C8F\nRow 4: p8\nRow 5: k8' });
		const read = readRows('Row 1: k8\nRow 2: p8\nRow 3: C8F\nRow 4: p8\nRow 5: k8', {
			school: 'total-front-back',
			glossary: readGlossary(''),
		});
		const worked = workRows(read, { castOn: 8, shape: 'flat', school: 'total-front-back' });
		const rgb = (hex: string): number[] => [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16));
		const [a, b] = PALETTES[light].cords;
		for (const [side, on] of [
			['RS', a],
			['WS', b],
		] as const) {
			await page.getByLabel('Seen from').selectOption(side);
			const points = drawChart(worked, { light, side }).crossPoints.map(({ x, y }) => ({ x, y }));
			const seen = await page.getByTestId('chart').evaluate((grid, at) => {
				const canvas = grid.parentElement!.querySelector('canvas')!;
				const left = Math.max(0, (grid.clientWidth - 8 * 24 - 96) / 2) + 48 - grid.scrollLeft;
				return at.map(({ x, y }) =>
					[...canvas.getContext('2d')!.getImageData(left + x, 2 + y - grid.scrollTop, 1, 1).data].slice(0, 3),
				);
			}, points);
			const near = (pixel: readonly number[], hex: string): boolean =>
				Math.hypot(...rgb(hex).map((v, i) => v - pixel[i]!)) < 60;
			const other = on === a ? b : a;
			// An edge between strands may lie there, but not the other cord.
			expect(seen.filter((p) => near(p, on.body) || near(p, on.mark)).length).toBeGreaterThan(points.length / 2);
			expect(seen.filter((p) => near(p, other.body))).toEqual([]);
		}
	});
}

test('a mistake on purpose stands beside the right one, with its signs, mend and cost', async ({ page }) => {
	await opened(page);
	await page.getByRole('button', { name: 'Held on the wrong side' }).click();
	await expect(page.getByTestId('mistake').getByTestId('chart')).toHaveCount(2);
	await expect(page.getByTestId('signs')).toContainText('in row 9 the cable leans right, the others left');
	await expect(page.getByTestId('signs')).toContainText('that is 80 stitches to rework');
	await page.getByRole('button', { name: 'Crossing forgotten' }).click();
	await expect(page.getByTestId('signs')).toContainText(
		'a straight stretch of 12 rows around row 9, where 6 are usual',
	);
	await page.getByTestId('fold-chart').locator('summary').click();
	await page.getByText('gaps', { exact: true }).click();
	await expect(page.getByTestId('gaps')).toContainText('work that stitch through the back loop');
	await expectAccessible(page);
});

test('at the needles rows are counted by key and press, and the place is kept', async ({ page }) => {
	const id = await opened(page);
	await page.getByRole('link', { name: 'Knit it' }).click();
	const now = page.getByTestId('row-now');
	await expect(now).toHaveText('Row 1');
	await expect(page.getByTestId('due')).toHaveText('Cross in 2 rows.');
	await page.getByRole('button', { name: 'Row finished' }).click();
	await page.locator('main').click({ position: { x: 5, y: 5 } });
	await page.keyboard.press(' ');
	await expect(now).toHaveText('Row 3');
	await expect(page.getByTestId('due')).toHaveText('Cross in this row.');
	await expect(page.getByTestId('row-words')).toContainText('C8F: sl 4 sts to cn and hold in front, k4, k4 from cn');
	await page.getByLabel('Lost? Count the rows').fill('2');
	const found = page.getByRole('button', { name: /is finished/ });
	await expect(found).toHaveText(['row 5 is finished', 'row 11 is finished', 'row 17 is finished']);
	await found.nth(1).click();
	await expect(now).toHaveText('Row 12');
	// Left at once: the last press is on its way all the same, though the next page may be there before it.
	await page.goto('/');
	await expect(async () => {
		await page.goto(`/swatches/${id}/needles`);
		await expect(now).toHaveText('Row 12', { timeout: 1000 });
	}).toPass({ timeout: 20_000 });
	await expectAccessible(page);
	await page.getByRole('button', { name: 'One row back' }).click();
	await expect(now).toHaveText('Row 11');
	await expect(page.getByRole('main')).toContainText('repeat 2 of 3, row 5 of 6');
});

test('files are written, and rows and JSON read back equal; what is none is refused whole', async ({ page }, info) => {
	await opened(page);
	const before = await lines(page);
	await page.getByText('Files', { exact: true }).click();
	const save = async (label: string): Promise<string> => {
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: label }).click(),
		]);
		const path = info.outputPath(download.suggestedFilename());
		await download.saveAs(path);
		return path;
	};
	const json = await save('All of it, as JSON');
	const text = await save('Rows, as text');
	expect(JSON.parse(readFileSync(json, 'utf8'))).toEqual(ROPE);
	expect(readFileSync(text, 'utf8')).toBe(
		`# Names: ${ROPE.school}\nCast on 14 sts\nWork back and forth\n${ROPE.text}\n`,
	);
	expect(
		readFileSync(await save('The chart, as CSV'), 'utf8')
			.split('\r\n')
			.at(-4),
	).toBe('3,RS,p,p,p,C8F A,< A,< A,< A,< B,< B,< B,< B,p,p,p');
	expect(readFileSync(await save('The chart, as SVG'), 'utf8')).toMatch(/^<svg xmlns=/);
	expect(
		readFileSync(await save('The chart, as PNG'))
			.subarray(1, 4)
			.toString(),
	).toBe('PNG');
	const input = page.locator('input[type=file]');
	for (const path of [text, json]) {
		await rows(page).fill('Row 1: k14');
		// What it is is told by what stands in it, and shown before anything changes.
		await input.setInputFiles({ name: 'x', mimeType: 'application/octet-stream', buffer: readFileSync(path) });
		await expect(page.getByTestId('file-preview')).toContainText('18 rows on 14 stitches, flat.');
		expect(await lines(page)).toEqual(['Row 1: k14']);
		await page.getByRole('button', { name: 'Replace this one' }).click();
		await expect.poll(() => lines(page)).toEqual(before);
	}
	const broken = info.outputPath('broken.json');
	writeFileSync(broken, JSON.stringify({ ...ROPE, castOn: 4000 }));
	await input.setInputFiles(broken);
	await expect(page.getByRole('alert')).toContainText('A swatch has between 1 and 400 stitches.');
	expect(await lines(page)).toEqual(before);
});

test('it goes into a lesson as it stands, and onto its sheet; an earlier version comes back', async ({ page }) => {
	const id = await opened(page);
	const lesson = await page.request.post('/api/lessons', {
		data: { title: 'Second session' },
		headers: { origin: home },
	});
	expect(lesson.status()).toBe(201);
	await page.getByLabel('Title of the swatch').fill('Lantern sleeve, changed');
	await expect(saved(page)).toBeVisible();
	await page.reload();
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await page.getByRole('link', { name: 'Second session' }).click();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue('Second session');
	await expect(page.getByRole('heading', { name: 'Lantern sleeve, changed' })).toBeVisible();
	// Its crossings are steps by a press.
	const offered = page.getByRole('group', { name: 'From your swatch' });
	await offered.getByRole('button', { name: 'C8F' }).click();
	await expect(page.getByRole('heading', { name: /C8F/ })).toBeVisible();
	await expect(offered).toHaveCount(0);
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Handout' }).click();
	await page.getByRole('link', { name: 'All steps' }).click();
	// A box to tick for each row; what is said between them has none.
	await expect(page.getByTestId('sheet-rows').getByRole('listitem')).toHaveText(
		ROPE.text.split('\n').map((line) => line.replace(/^# /, '')),
	);
	await page.goto(`/swatches/${id}`);
	await page.getByText('Earlier versions').click();
	await page.getByRole('button', { name: 'Use this one' }).click();
	await expect(page.getByLabel('Title of the swatch')).toHaveValue('Lantern sleeve');
	await expect(saved(page)).toBeVisible();
});

test('a pattern that is pasted into Home is at its chart in three presses, its cast-on told by its rows', async ({
	page,
}) => {
	await page.goto('/');
	const field = page.getByLabel('A cable from your pattern');
	const text =
		'C6B - sl 3 sts to cn and hold in back, k3, k3 from cn\nRow 1 (RS): p3, C6B, p3\nRow 2: k3, p6, k3\nRows 3 and 4: as rows 1 and 2';
	await field.evaluate((input, pasted) => {
		const clipboardData = new DataTransfer();
		clipboardData.setData('text/plain', pasted);
		input.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
	}, text);
	await expect(page.getByTestId('pattern')).toContainText('A pattern of 4 rows');
	await expect(page.getByTestId('pattern')).toContainText('Its rows need 12 stitches: cast on 12.');
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Open it as a swatch' }).click();
	await expect(page.getByLabel('Stitches cast on')).toHaveValue('12');
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await expect(page.getByTestId('cords')).toContainText('A');
	// A sentence is read there too, and what is no row is said and not cut up.
	await page.goto('/');
	await field.fill('sl 2 sts to cn and hold in front, k2, k2 from cn. Cable leans left.');
	await expect(page.getByRole('heading', { name: '2 over 2, leaning left' })).toBeVisible();
	await expect(page.getByText('Left out: “Cable leans left.”')).toBeVisible();
	await field.fill('p3, C6Q, p3, k2');
	await expect(page.getByTestId('not-understood').getByRole('listitem')).toHaveCount(1);
});

test('what is too much is refused with its limit, and what stood there stays', async ({ page }) => {
	const id = await opened(page);
	const put = (swatch: unknown, version = 1): ReturnType<Page['request']['put']> =>
		page.request.put(`/api/swatches/${id}`, { data: { version, swatch }, headers: { origin: home } });
	const long = await put({ ...ROPE, text: 'k1, '.repeat(20_000) });
	expect([long.status(), ((await long.json()) as { message: string }).message]).toEqual([
		400,
		'The text of a swatch has at most 60,000 characters. Use repeats, or split it into two.',
	]);
	expect((await put({ ...ROPE, castOn: 0 })).status()).toBe(400);
	expect((await put({ ...ROPE, text: 'x'.repeat(400_000) })).status()).toBe(413);
	expect((await put(ROPE, 9)).status()).toBe(409);
	await page.getByLabel('Stitches cast on').fill('0');
	await expect(page.getByTestId('save-state')).toContainText('A swatch has between 1 and 400 stitches.');
	await page.getByLabel('Stitches cast on').fill('14');
	await expect(saved(page)).toBeVisible();
	await rows(page).fill('Row 1: k14\nrep rows 1-1 5000 times');
	await expect(problems(page).first()).toContainText('Only the first 600 rows are worked.');
});

test('it works on a tablet and on a phone', async ({ page }) => {
	const id = await opened(page);
	for (const [width, height] of [
		[820, 1180],
		[390, 844],
	] as const) {
		await page.setViewportSize({ width, height });
		for (const path of [
			'/',
			'/lessons',
			'/crossings',
			`/swatches/${id}`,
			`/swatches/${id}/needles`,
			'/swatches',
			'/swatches/new',
		]) {
			await page.goto(path);
			await expect(page.locator('main')).toBeVisible();
			const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
			expect(over, `${path} at ${width}`).toBeLessThanOrEqual(0);
		}
	}
});
