/** How large it comes out: the picture that lies, sizes, repeats, cast-on, needle and yarn, asked as a teacher would. */

import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { newClass, type Press } from '../core/class/index.ts';
import type { Export } from '../core/document/index.ts';
import { STATE_WORDS } from '../core/fabric/index.ts';
import { DEFAULT_HOUSE_STYLE } from '../core/schema/index.ts';
import { expect, expectAccessible, newTeacher, nobody, test } from './support.ts';

test.use({ storageState: nobody });

const ROWS = [
	'Row 1: p8, *k6, p4; rep from * to last 4 sts, p4',
	'Row 2: k8, *p6, k4; rep from * to last 4 sts, k4',
	'Row 3: p8, *C6F, p4; rep from * to last 4 sts, p4',
	'Rows 4 and 6: as row 2',
	'Row 5: as row 1',
	'Rep rows 1-6 until it measures 16 cm',
].join('\n');

async function rope(page: Page, shape: 'flat' | 'round' = 'flat'): Promise<void> {
	await newTeacher(page.request);
	const made = await page.request.post('/api/swatches', {
		data: {
			swatch: {
				format: 'pond-loop/swatch',
				version: 2,
				title: 'Lantern rope',
				castOn: 22,
				shape,
				school: 'total-front-back',
				schools: ['slash', 'total-front-back', 'total-right-left', 'held-front-back', 'twist'],
				text: ROWS,
			},
		},
	});
	const { id } = (await made.json()) as { id: string };
	await page.goto(`/swatches/${id}`);
	await page.getByRole('link', { name: 'Preview and size' }).click();
	await expect(page.getByTestId('lie').locator('svg')).toBeVisible();
}

test('width, length, repeats to 16 cm and the cast-on for a width are answered and taken', async ({ page }) => {
	/** Paths that are no path: a picture of rows by how other rows lay. */
	const faulty: string[] = [];
	page.on('console', (m) => m.text().includes('attribute d') && faulty.push(m.text()));
	await rope(page);
	const size = page.getByTestId('size');
	const wishes = page.getByTestId('wishes');
	await expect(size).toContainText('Assumed until you measure a square');
	await expect(size).toContainText('The cables take up');
	// The rows say 16 cm themselves.
	await expect(wishes).toContainText('7 repeats of 6 rows');
	await wishes.getByRole('button', { name: 'Use it: 7 repeats' }).click();
	await expect(page.getByText('22 stitches, flat, 42 rows')).toBeVisible();
	await page.getByLabel('Stitches in 10 cm').fill('22');
	await expect(size).toContainText('From your square: 22 stitches, 28 rows');
	await page.getByLabel('Wide, in cm').fill('26');
	await expect(wishes).toContainText('The pattern repeats over 10 stitches.');
	const nearer = wishes.getByRole('listitem').filter({ hasText: 'Cast on' }).filter({ hasText: 'nearer' });
	await nearer.getByRole('button').click();
	await expect(nearer).toContainText('as it is');
	await expect(size).toContainText(/2[4-7]\.\d cm ×/);
	await page.getByText('dried flat', { exact: true }).first().click();
	await expect(size).toContainText('What it becomes dried flat is assumed.');
	await page.getByLabel('Metres in 100 grams').fill('200');
	await page.getByLabel('Grams of a ball').fill('50');
	await page.getByLabel('People').fill('9');
	await expect(page.getByTestId('yarn')).toContainText('wound off for the class');
	await page.getByText('Details: tight or loose').click();
	await expect(page.getByRole('region', { name: 'Strain by rows' })).toContainText('snug');
	await expectAccessible(page);
	// Kept with the swatch: told again after the page is loaded anew.
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await page.reload();
	await expect(page.getByTestId('size')).toContainText('From your square: 22 stitches');
	expect(faulty).toEqual([]);
});

test('how it lies is worked out once for the rows, and once more for each change of them', async ({ page }) => {
	await page.addInitScript(() => {
		const asked = { count: 0 };
		Object.assign(window, { asked });
		const post = Worker.prototype.postMessage;
		Worker.prototype.postMessage = function (...of: unknown[]) {
			asked.count++;
			Reflect.apply(post, this, of);
		};
	});
	await rope(page);
	await page.reload();
	await expect(page.getByTestId('lie').locator('svg')).toBeVisible();
	const asked = (): Promise<number> =>
		page.evaluate(() => (window as unknown as { asked: { count: number } }).asked.count);
	expect(await asked()).toBe(1);
	await page.getByLabel('Stitches in 10 cm').fill('22');
	await expect(page.getByTestId('size')).toContainText('From your square');
	expect(await asked()).toBe(1);
	await page.getByTestId('wishes').getByRole('button', { name: 'Use it: 7 repeats' }).click();
	await expect(page.getByText('22 stitches, flat, 42 rows')).toBeVisible();
	await expect(page.getByTestId('lie').locator('svg')).toBeVisible();
	expect(await asked()).toBe(2);
});

test('a measured piece teaches how much its strands pull; pinned out it is seen to move, and it lies beside its chart', async ({
	page,
}) => {
	await rope(page);
	const size = page.getByTestId('size');
	const measured = page.getByTestId('measured-across');
	await expect(size).toContainText('estimated, not measured');
	await measured.getByLabel('Measured across, in cm').fill('30');
	await measured.getByLabel('In which state').selectOption('unwashed');
	await measured.getByRole('button', { name: 'Use this measurement' }).click();
	await expect(measured).toContainText(/come out between 9\.\d cm and 1\d\.\d cm unwashed, however their cables pull/);
	await measured.getByLabel('Measured across, in cm').fill('10');
	await measured.getByRole('button', { name: 'Use this measurement' }).click();
	await expect(measured).toContainText(/loops pull \d\.\d times as hard as is assumed/);
	await expect(size.getByRole('heading')).toContainText('10.0 cm ×');
	await expect(size).toContainText('by what was measured');
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await page.reload();
	await expect(size.getByRole('heading')).toContainText('10.0 cm ×');
	await expectAccessible(page);

	await page.getByText('blocked').first().click();
	await page.evaluate(() => {
		const places = new Set<string>();
		Object.assign(globalThis, { places });
		const look = (): void => {
			places.add(document.querySelector('[data-testid="lie"] svg path')?.getAttribute('d') ?? '');
			requestAnimationFrame(look);
		};
		look();
	});
	await page.getByLabel('Pinned out to, in cm').fill('13');
	await expect(size.getByRole('heading')).toContainText('13.0 cm ×');
	// Before it, on the way, and where it ends.
	await expect.poll(() => page.evaluate('places.size')).toBeGreaterThanOrEqual(4);
	await measured.getByRole('button', { name: 'Forget it' }).click();
	await expect(measured).toContainText('an estimate until you measure');

	await page.getByRole('link', { name: 'Pattern' }).click();
	await page.getByRole('button', { name: 'Preview' }).click();
	const beside = page.getByTestId('lies-beside');
	await expect(beside.getByRole('img', { name: /^Preview/ })).toBeVisible();
	await expect(beside).toContainText(/1\d\.\d cm × 2\.1 cm unwashed/);
	await page.getByLabel('Stitches cast on').fill('32');
	await expect(beside).toContainText(/14\.\d cm × 2\.1 cm/);
	await expectAccessible(page);
});

test('a yarn and its measured squares are kept in My yarns, and a swatch reckons with them', async ({ page }) => {
	await rope(page);
	const swatch = page.url();
	await page.getByRole('link', { name: 'Add my yarns' }).click();
	await page.getByRole('button', { name: 'Add yarn' }).click();
	await page.getByLabel('Name of the yarn').fill('Reed');
	await page.getByLabel('Metres in 100 grams').fill('200');
	const yarn = page.getByTestId('yarn');
	for (const [i, wide] of ['10', '10.4', '13'].entries()) {
		await yarn.getByRole('button', { name: 'Add a square' }).click();
		await yarn.getByLabel('Width dried flat, in cm').nth(i).fill(wide);
		await yarn.getByLabel('Length dried flat, in cm').nth(i).fill('10');
		await yarn.getByLabel('Length dried flat, in cm').nth(i).press('Tab');
	}
	await expect(yarn.getByTestId('says')).toContainText('from 3 squares');
	await expect(yarn.getByTestId('says')).toContainText('Set one aside, or measure again');
	await yarn.getByRole('button', { name: 'Set aside' }).nth(2).click();
	await expect(yarn.getByTestId('says')).toContainText('from 2 squares: 19.2 to 20 stitches');
	await expect(yarn.getByTestId('says')).not.toContainText('set one aside');
	await expectAccessible(page);
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	// The drawer goes with no page that does not ask for it.
	expect(await (await page.request.get('/swatches')).text()).not.toContain('Reed');
	await page.goto(swatch);
	await page.getByLabel('From My yarns').selectOption('Reed');
	await expect(page.getByTestId('size')).toContainText('From 2 squares of Reed: 19.6 stitches, 28 rows in 10 cm');
	await expect(page.getByTestId('yarn')).toContainText(/\d+ g\./);
	// What a piece of it taught is kept with the yarn, until it is set aside there.
	const measured = page.getByTestId('measured-across');
	await measured.getByLabel('Measured across, in cm').fill('10.5');
	await measured.getByRole('button', { name: 'Use this measurement' }).click();
	await measured.getByRole('button', { name: 'Reckon all of Reed with it' }).click();
	await expect(measured).toContainText('All of Reed is estimated with it.');
	await measured.getByRole('button', { name: 'Forget it' }).click();
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await page.reload();
	await expect(measured).toContainText(/By a measured piece of Reed its loops pull\s+\d\.\d times as hard/);
	await expect(page.getByTestId('size')).toContainText('by what was measured');
	await page.getByRole('link', { name: 'My yarns' }).click();
	await page.getByRole('button', { name: 'Set aside: Lantern rope' }).click();
	await expectAccessible(page);
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await page.goto(swatch);
	await expect(measured).toContainText('an estimate until you measure');
	// It goes into a lesson with its yarn, which says there what it said here.
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await page.getByRole('link', { name: 'Pattern' }).click();
	await page.getByLabel('Title of the new lesson').fill('Lanterns');
	await page.getByRole('form', { name: 'Add to a lesson' }).getByRole('button', { name: 'Add' }).click();
	await page.getByRole('link', { name: 'Lanterns' }).click();
	await page.getByRole('link', { name: 'Handout' }).click();
	await page.getByRole('link', { name: 'All steps' }).click();
	await expect(page.getByText(/^About .* cm dried flat, from 2 squares of Reed; \d+ m of yarn, \d+ g/)).toBeVisible();
});

test('another swatch is laid beside it, at the same scale, and what they measure stands with them', async ({
	page,
}) => {
	await rope(page);
	const made = await page.request.post('/api/swatches', {
		data: {
			swatch: {
				format: 'pond-loop/swatch',
				version: 2,
				title: 'Half as wide',
				castOn: 11,
				shape: 'flat',
				school: 'slash',
				schools: ['slash'],
				text: 'Row 1: k11\nRow 2: p11\nRep rows 1-2 8 times',
			},
		},
	});
	expect(made.ok()).toBe(true);
	await page.getByRole('link', { name: 'Lay another swatch beside it' }).click();
	await page.getByLabel('Lantern rope beside').selectOption('Half as wide');
	const laid = page.getByTestId('laid');
	await expect(laid.locator('svg')).toHaveCount(2);
	await expect(laid.first()).toContainText(/easy|snug|tight/);
	// Of one gauge, so that one unit of each drawing is as large.
	const scaleOf = (i: number): Promise<number> =>
		laid
			.nth(i)
			.locator('svg')
			.evaluate((svg: SVGSVGElement) => svg.getBoundingClientRect().width / svg.viewBox.baseVal.width);
	await expect(async () => expect((await scaleOf(1)) / (await scaleOf(0))).toBeCloseTo(1, 2)).toPass();
	await expectAccessible(page);
	// The address is enough to find it again.
	await page.reload();
	await expect(laid.locator('svg')).toHaveCount(2);
	await page.setViewportSize({ width: 390, height: 844 });
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
});

test('a swatch is turned in the hand by keys and named sides, kept as a picture, and lies flat where nothing can draw it', async ({
	page,
}) => {
	await rope(page);
	await page.getByRole('link', { name: '3D' }).click();
	const turn = page.getByTestId('turn');
	await expect(turn).toHaveAttribute('data-ready', 'yes');
	const picture = async (): Promise<string> => (await turn.screenshot()).toString('base64');
	const front = await picture();
	await turn.getByRole('img').focus();
	await page.keyboard.press('ArrowLeft');
	await expect.poll(picture).not.toBe(front);
	const saving = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save as a picture' }).click();
	expect((await saving).suggestedFilename()).toBe('lantern-rope.png');
	await expectAccessible(page);
	await page.addInitScript(() => {
		HTMLCanvasElement.prototype.getContext = () => null;
	});
	await page.goto('/stage?name=2%2F2+LC&school=slash');
	await page.getByRole('link', { name: '3D view' }).click();
	await expect(turn).toHaveAttribute('data-ready', 'flat');
	await expect(turn.locator('svg')).toBeVisible();
	await expect(page.getByText('so you see it flat')).toBeVisible();
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 } });

	test('a round that is shorter than its needle is warned of, and nothing is too wide', async ({ page }) => {
		await rope(page, 'round');
		await page.getByLabel('Length of the circular needle, in cm').fill('40');
		await expect(page.getByText('Take double-pointed needles')).toBeVisible();
		expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
		await expectAccessible(page);
	});
});

test('squares that a class measured go into a yarn of the drawer once, and a school that is chosen leaves it as it is', async ({
	page,
}) => {
	const { request } = page;
	await newTeacher(request);
	const yarns = [{ id: 'marsh', name: 'Marsh wool', fibre: 'wool', squares: [] }];
	await request.put('/api/house-style', { data: { version: 0, style: { ...DEFAULT_HOUSE_STYLE, yarns } } });
	const { id } = (await (await request.post('/api/classes', { data: { title: 'Thursday' } })).json()) as { id: string };
	const oda = randomUUID();
	const people = [{ id: oda, name: 'Oda', hands: 'right', at: 'hand' }];
	await request.put(`/api/classes/${id}`, { data: { version: 1, class: { ...newClass('Thursday'), people } } });
	const evening = randomUUID();
	await request.post(`/api/classes/${id}/evenings`, { data: { id: evening, day: '2026-11-05' } });
	const measured = (what: string, widthCm: number, minute: number): Press => ({
		id: randomUUID(),
		at: `2026-11-05T19:0${minute}:00.000Z`,
		did: { kind: 'measure', person: oda, what, widthCm, lengthCm: 10 },
	});
	const presses = [measured(STATE_WORDS.off, 10, 1), measured(STATE_WORDS.dry, 9, 2)];
	expect((await request.post(`/api/evenings/${evening}/presses`, { data: { presses, since: 0 } })).ok()).toBe(true);

	await page.goto(`/classes/${id}/learnt`);
	const put = page.getByTestId('into-drawer');
	await put.getByLabel('Stitches in a square').fill('22');
	for (let i = 0; i < 2; i++) {
		await put.getByRole('button', { name: 'Put them into My yarns' }).click();
		await expect(put.getByRole('status')).toContainText('One square is with Marsh wool.');
	}
	await expectAccessible(page);
	// Another school is chosen where two read a name differently: the style changes in that alone.
	expect((await request.patch('/api/house-style', { data: { school: 'slash' } })).ok()).toBe(true);
	await put.getByRole('link', { name: 'My yarns' }).click();
	await expect(page.getByTestId('yarn')).toContainText('becomes 90 % across');
	const { houseStyle } = (await (await request.get('/account/export')).json()) as Export;
	expect(houseStyle).toMatchObject({
		school: 'slash',
		yarns: [{ id: 'marsh', squares: [{ on: '2026-11-05', stitches: 22, sizes: { off: { widthCm: 10 } } }] }],
	});
});
