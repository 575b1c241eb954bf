import type { Locator } from '@playwright/test';
import { CRAFTS, craftOf, perform, type CraftId } from '../core/craft/index.ts';
import type { Crossing } from '../core/crossing/index.ts';
import { cordStyles, drawRibbon, drawStage, PALETTES, type Drawing } from '../core/drawing/index.ts';
import { isLong, cordsAt, crossingNamed, expect, expectAccessible, inLight, test } from './support.ts';

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

	await page.getByText('Add to lesson').click();
	await page.getByLabel('Lesson', { exact: true }).selectOption({ label: 'A new lesson …' });
	await page.getByLabel('Title of the new lesson').fill('Two layers');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await page.getByRole('link', { name: 'Two layers' }).first().click();
	await expect(page.getByRole('heading', { name: /2 over 2, leaning right.*double-knit/ })).toBeVisible();
	await expect(page.getByLabel('Way to do it')).toHaveValue('facing');
	const path = new URL(page.url()).pathname;
	await page.goto(`${path}/show`);
	await page.getByTestId('show').getByRole('button', { name: 'Next', exact: true }).click();
	await expect(page.getByTestId('caption')).toHaveText(
		'Slip stitch f1 purlwise to the cable needle and hold at the back.',
	);
	await page.goto(`${path}/print?all`);
	await expect(page.getByTestId('moves')).toContainText(
		'Slip stitch f2 purlwise to the inner cable needle at the back as well.',
	);
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
	['loom', 'parked-inside'],
	['loom', 'held-outside'],
	['machine', 'two-tools'],
] as const) {
	test(`what lies on top is seen there, on the stage and on each face: ${craft}, ${way}`, async ({ page }) => {
		const light = 'day' as const;
		await inLight(page, light);
		for (const name of isLong ? ['2/2 RC', '2/2 LC'] : [way.length % 2 === 0 ? '2/2 RC' : '2/2 LC']) {
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
				const told = { light, ...(face.cords ? { cords: face.cords } : {}) };
				await see(figure, drawRibbon(face.crossing, told), face.crossing, face.cords);
			}
			const { names, cords } = taken;
			const told = { light, ...(names ? { names } : {}), ...(cords ? { cords } : {}) } as const;
			await see(page.getByTestId('stage'), drawStage(taken.loops, trace, last, told), taken.loops, cords);
			if (craftOf(craft).isHanded) continue;
			// The knit side of a bed, and the other side of a loom, are what is seen from behind.
			await page.goto(stage(craft, name, `&way=${way}&step=${last}&view=behind`));
			const behind = drawStage(taken.loops, trace, last, { ...told, from: 'behind' });
			await see(page.getByTestId('stage'), behind, taken.loops, cords);
			const onTop = (d: Drawing): string[] => [...new Set(d.crossPoints.map((p) => `${p.upper}>${p.lower}`))].sort();
			const [knitSide, other] =
				craft === 'loom'
					? [drawStage(taken.loops, trace, last, told), behind]
					: [behind, drawStage(taken.loops, trace, last, told)];
			expect(onTop(knitSide)).toEqual(taken.loops.over.map(([u, l]) => `${u}>${l}`).sort());
			expect(onTop(other)).toEqual(taken.loops.over.map(([u, l]) => `${l}>${u}`).sort());
		}
	});
}

test('a swatch is made in a craft: its rows, its checks and its words; the craft stays with it', async ({ page }) => {
	await page.goto('/swatches');
	await page.getByRole('link', { name: /Brioche, a cable of units/ }).click();
	await expect(page.getByTestId('craft')).toContainText('Each square is a unit.');
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	// In plain knitting the same rows are another thing, and the crossing changes the ground.
	await page.getByLabel('Craft').selectOption({ label: 'plain knitting' });
	await page.getByRole('button', { name: 'Change it anyway' }).click();
	await expect(page.getByTestId('craft')).toHaveCount(0);
	await expect(page.getByTestId('problems').getByRole('listitem').first()).toContainText(
		'changes the background under it',
	);
	await page.getByLabel('Craft').selectOption({ label: 'brioche' });
	await page.getByRole('button', { name: 'Change it anyway' }).click();
	await expect(page.getByRole('heading', { name: 'It works out' })).toBeVisible();
	await expect(page.locator('[data-testid="save-state"][data-kind="saved"]')).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('Craft')).toHaveValue('brioche');
	await page.getByRole('link', { name: 'Knit it' }).click();
	for (let row = 1; row < 5; row++) await page.getByRole('button', { name: 'Row finished' }).click();
	await expect(page.getByText('2/2 LC: hold the first 2 units in front')).toBeVisible();
});

test('a loom is followed from its pegs to the finished crossing, and what goes wrong there is found again', async ({
	page,
}) => {
	await page.goto(stage('loom', '2/2 RC'));
	await expect(page.getByTestId('caption')).toHaveText(
		'Loops 1 to 4 stand on their pegs, knit side towards you. The row is wrapped leftwards.',
	);
	await expect(page.getByTestId('hold')).toHaveText('park 2 inside');
	const said: string[] = [];
	for (let i = 0; i < 13; i++) {
		await page.getByRole('button', { name: 'Next', exact: true }).click();
		said.push(await page.getByTestId('caption').innerText());
	}
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '13');
	expect(said[0]).toBe('Lift loop 1 off peg 1 and park it inside, on a pin.');
	expect(said[2]).toBe('Bring loop 3 to peg 1, nearer you than what is parked.');
	expect(said[6]).toContain('Tug loops 3, 4, 1 and 2 level');
	expect(said.at(-1)).toBe('Lift loop 2 over the yarn: it is knitted off.');
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	for (const view of ['Above', 'WS']) {
		await page.getByRole('radio', { name: view, exact: true }).check({ force: true });
		await expect(page.getByTestId('picture').locator('svg')).toBeVisible();
	}
	// Both ways to name it, where they differ.
	await page.getByRole('radio', { name: /Held outside, on a stitch holder/ }).check();
	await expect(page.getByTestId('in-craft')).toContainText('Named by the group on top: “left over right”');
	await page.getByText('a loop that did not come off').click();
	await expect(page.getByTestId('what-happened')).toContainText('a loop hooked over one side of its peg');
	await page.getByRole('button', { name: 'Show it' }).first().click();
	await expect(page.getByTestId('what-shows')).toContainText('hangs up, the old loop still there');
	await expectAccessible(page);
	await page.goto(stage('loom', '4/4 RC'));
	await expect(page.getByTestId('refused')).toContainText('there is no slack left');
	await page.getByRole('button', { name: 'Show 3/3 RC' }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
});

test('a machine is followed from its needles to the finished crossing; with holding left on nothing is knitted', async ({
	page,
}) => {
	await page.goto(stage('machine', '3/3 LC'));
	await expect(page.getByTestId('hold')).toHaveText('left group down first');
	await page.getByRole('button', { name: 'To the end' }).click();
	await expect(page.getByTestId('caption')).toHaveText('Set the tension number to 6, as it was.');
	await page.getByRole('button', { name: 'holding left on' }).click();
	await expect(page.getByTestId('proof')).toContainText('never worked');
	await expect(page.getByTestId('what-shows')).toContainText('still wait');
	await page.getByRole('button', { name: 'As it should be' }).click();
	await page.getByRole('radio', { name: /Raised between purl columns/ }).check();
	await page.getByRole('button', { name: 'To the end' }).click();
	await expect(page.getByTestId('caption')).toContainText('on the knit side it is purl');
	await expectAccessible(page);
	await page.goto(stage('machine', '1/1/1 LC'));
	await expect(page.getByTestId('refused')).toContainText('none for a third group');
});

test('a swatch is followed at the machine by needles, tools and rows, on the desk, at the needles and on paper', async ({
	page,
}) => {
	await page.goto('/swatches');
	await page.getByRole('link', { name: /Machine, two ropes for a bolster/ }).click();
	const plan = page.getByTestId('tool-plan');
	await expect(plan).toContainText('Bring 24 needles into work, L12 to R12');
	await expect(plan.getByTestId('plan-rows')).toContainText('put the loops of L5, L4 down first, on L7, L6');
	await expect(plan.getByTestId('plan-rows')).toContainText('As row 5; carriage to the left, counter 11.');
	await expect(plan).toContainText('maker’s manual');
	await page.getByRole('link', { name: 'Knit it' }).click();
	await expect(page.getByTestId('setup')).toContainText('Bring 24 needles into work');
	for (let row = 1; row < 5; row++) await page.getByRole('button', { name: 'Row finished' }).click();
	await expect(page.getByTestId('row-words')).toContainText('carriage slowly to the left, counter 5');
	await page.goto('/swatches');
	await page.getByRole('link', { name: /Loom, a lantern tube/ }).click();
	await expect(plan).toContainText('park pegs 1, 2 inside, bring 3, 4 to 1, 2, seat the others on 3, 4');
	await plan.getByLabel('One group is parked').selectOption('outside');
	await expect(plan).toContainText('hold pegs 3, 4 outside, bring 1, 2 to 3, 4, seat the others on 1, 2');
});

test('a swatch of double-knitting crosses one layer, and its other side lies straight', async ({ page }) => {
	await page.goto('/swatches');
	await page.getByRole('link', { name: /Double-knit, a cable on both faces/ }).click();
	await page.getByLabel('Its crossings cross').selectOption('facing');
	await expect(page.getByTestId('craft')).toContainText('crossings are of the facing layer only');
	await expect(page.locator('[data-testid="save-state"][data-kind="saved"]')).toBeVisible();
	await page.reload();
	await expect(page.getByLabel('Its crossings cross')).toHaveValue('facing');
});

test('a name from the loom says two things, and the one that is meant is chosen', async ({ page }) => {
	await page.goto(stage('loom', '2 left over 2 right'));
	const open = page.getByRole('region', { name: 'What the name leaves open' });
	await expect(open).toContainText('named by what lies on top');
	await expect(page.getByTestId('lean')).toHaveText('leans right');
	await open.getByRole('button', { name: /named by what is moved first/ }).click();
	await expect(page.getByTestId('lean')).toHaveText('leans left');
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
});

test('a step with a mistake on purpose is shown with it, move by move', async ({ page }) => {
	await page.goto('/lessons');
	await page
		.getByRole('link', { name: /Lantern tube on the loom/ })
		.first()
		.click();
	await expect(page.getByTestId('on-purpose')).toContainText('a loop hooked over one side of its peg');
	await page.goto(`${new URL(page.url()).pathname}/show`);
	await page.getByLabel('Jump to a step').selectOption({ index: 5 });
	await expect(page.getByTestId('on-purpose')).toContainText('a loop hooked over one side of its peg');
	for (let i = 0; i < 3; i++) await page.getByTestId('show').getByRole('button', { name: 'Next', exact: true }).click();
	await expect(page.getByTestId('caption')).toContainText('hooked over one side of it only');
	await page.getByTestId('show').getByRole('button', { name: 'To the end' }).click();
	await expect(page.getByTestId('picture')).toBeVisible();
});
