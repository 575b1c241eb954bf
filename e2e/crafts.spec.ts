import type { Locator } from '@playwright/test';
import { CRAFTS, craftOf, perform, type CraftId } from '../core/craft/index.ts';
import type { Crossing } from '../core/crossing/index.ts';
import { cordStyles, drawRibbon, drawStage, PALETTES, type Drawing } from '../core/drawing/index.ts';
import { cordsAt, crossingNamed, expect, expectAccessible, inLight, test } from './support.ts';

const stage = (craft: CraftId, name: string, more = ''): string =>
	`/stage?name=${encodeURIComponent(name)}&school=slash&craft=${craft}${more}`;

test('a crossing is carried from craft to craft, kept for a lesson in one, and shown and printed in it', async ({
	page,
}) => {
	await page.goto(stage('hand', '2/2 RC'));
	await page.getByRole('radio', { name: 'Brioche' }).check({ force: true });
	await expect(page).toHaveURL(/craft=brioche/);
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	await expect(page.getByTestId('in-craft')).toContainText('they are held, passed and worked together');
	await page.getByRole('button', { name: 'To the end' }).click();
	await expect(page.getByTestId('caption')).toContainText('Sl1yo unit 2');
	await page.getByRole('radio', { name: 'Double-knit' }).check({ force: true });
	await page.getByRole('radio', { name: /The facing layer only/ }).check();
	await expect(page.getByTestId('in-craft')).toContainText('hangs between them');
	await page.getByRole('button', { name: /held on the other side/ }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'false');
	await expect(page.getByTestId('proof')).toContainText(/leans|over|locked/);
	await page.getByRole('button', { name: /held on the other side/ }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');

	await page.getByLabel('Keep it for a lesson').selectOption({ label: 'A new lesson …' });
	await page.getByLabel('Title of the new lesson').fill('Two layers');
	await page.getByRole('button', { name: 'Keep', exact: true }).click();
	await page.getByRole('link', { name: 'Two layers' }).first().click();
	await expect(page.getByRole('heading', { name: /2 over 2, leaning right.*double-knit/ })).toBeVisible();
	await expect(page.getByLabel('Way to do it')).toHaveValue('facing');
	const path = new URL(page.url()).pathname;
	await page.goto(`${path}/show`);
	await page.getByTestId('show').getByRole('button', { name: 'One move on' }).click();
	await expect(page.getByTestId('caption')).toHaveText('Slip stitch f1 to the holder and let it hang at the back.');
	await page.goto(`${path}/print`);
	await expect(page.getByTestId('moves')).toContainText('Slip stitch f2 to the inner holder at the back as well.');
	const pdf = await page.request.get(`${path}/handout`);
	expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('what a craft does not take is refused with the reason, and the nearest that fits is one press away', async ({
	page,
}) => {
	await page.goto(stage('brioche', '3/3 RC'));
	await expect(page.getByTestId('refused')).toContainText('a knit column would land on a purl one');
	await page.getByRole('button', { name: /Show 3\/1\/3 RC/ }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	await page.goto(stage('twisted', '5/5 LC'));
	await expect(page.getByRole('button', { name: 'Show 3/3 LC' })).toBeVisible();
});

test('one page shows a crossing in every craft, side by side', async ({ page }) => {
	await page.goto(stage('hand', '3/3 LC'));
	await page.getByRole('link', { name: 'side by side' }).click();
	await expect(page.getByTestId('crafts').getByRole('heading')).toHaveText(CRAFTS.map((c) => c.title));
	await expect(page.locator('[data-craft=brioche]').getByTestId('refused')).toBeVisible();
	await expectAccessible(page);
	await page.getByLabel('A crossing, by any name').fill('2/2 LC');
	await expect(page.getByTestId('refused')).toHaveCount(0);
	await page.setViewportSize({ width: 820, height: 1180 });
	await inLight(page, 'dusk');
	await page.reload();
	await expectAccessible(page);
	const overflow = await page.evaluate(
		() => document.documentElement.scrollWidth - document.documentElement.clientWidth,
	);
	expect(overflow).toBe(0);
});

for (const [craft, way] of [
	['twisted', 'off-holder'],
	['brioche', 'off-holder'],
	['double-knit', 'pairs'],
	['double-knit', 'facing'],
	['double-knit', 'back'],
] as const) {
	test(`what lies on top is seen there, on the stage and on each face: ${craft}, ${way}`, async ({ page }) => {
		const light = 'day';
		await inLight(page, light);
		for (const name of ['2/2 RC', '2/2 LC']) {
			const done = perform(craftOf(craft), crossingNamed(name), way);
			if (!done.ok) throw new Error('no plan');
			const { taken, trace } = done.value;
			const last = trace.steps.length;
			await page.goto(stage(craft, name, `&way=${way}&step=${last}`));
			const see = async (where: Locator, drawing: Drawing, c: Crossing, cords?: readonly number[]): Promise<void> => {
				const styles = cordStyles(c, PALETTES[light], cords);
				const letter = (stitch: number): string => styles.get(stitch)?.letter ?? 'ground';
				// Between layers a third strand may lie over both; inside a cord there is nothing to tell.
				const points = drawing.crossPoints.filter((p) => letter(p.upper) !== letter(p.lower));
				const told = points.filter((p) => ![p.upper, p.lower].some((s) => letter(s) === 'ground') || !cords);
				const seen = await cordsAt(page, where, told, light);
				// A pixel may fall on the dark edge of the upper strand, but never on the lower one.
				seen.forEach((cord, i) => expect(cord, JSON.stringify(told[i])).not.toBe(letter(told[i]!.lower)));
				const clear = seen.filter((cord, i) => cord === letter(told[i]!.upper)).length;
				expect(clear).toBeGreaterThanOrEqual(cords?.includes(-1) ? 1 : seen.length / 2);
			};
			for (const [i, face] of taken.faces.entries()) {
				const figure = page.getByTestId('in-craft').getByRole('figure').nth(i);
				await see(figure, drawRibbon(face.crossing, { light }), face.crossing);
			}
			const { names, cords } = taken;
			const told = { light, ...(names ? { names } : {}), ...(cords ? { cords } : {}) } as const;
			await see(page.getByTestId('stage'), drawStage(taken.loops, trace, last, told), taken.loops, cords);
		}
	});
}

test('a swatch is made in a craft: its rows, its checks and its words; the craft stays with it', async ({ page }) => {
	await page.goto('/swatches');
	await page.getByRole('link', { name: /Brioche, a cord of units/ }).click();
	await expect(page.getByTestId('craft')).toContainText('Each square is a unit.');
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	// In plain knitting the same rows are another thing, and the crossing changes the ground.
	await page.getByLabel('Craft').selectOption({ label: 'plain knitting' });
	await expect(page.getByTestId('craft')).toHaveCount(0);
	await expect(page.getByTestId('problems').getByRole('listitem').first()).toContainText('changes the ground under it');
	await page.getByLabel('Craft').selectOption({ label: 'brioche' });
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await expect(page.locator('[data-testid="save-state"][data-kind="saved"]')).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('Craft')).toHaveValue('brioche');
	await page.getByRole('link', { name: 'At the needles' }).click();
	for (let row = 1; row < 5; row++) await page.getByRole('button', { name: 'Row finished' }).click();
	await expect(page.getByText('2/2 LC: hold the first 2 units in front')).toBeVisible();
});
