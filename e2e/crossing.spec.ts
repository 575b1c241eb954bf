import { hand, perform, waysFor } from '../core/craft/index.ts';
import { drawRibbon, drawStage } from '../core/drawing/index.ts';
import { isLong, cordsAt, crossingNamed, expect, expectAccessible, inLight, test } from './support.ts';

const addressOf = (name: string, school = 'slash', more = ''): string =>
	`/stage?name=${encodeURIComponent(name)}&school=${school}${more}`;

test('a name says at once how many, who is in front, which way it leans and where the hands hold', async ({ page }) => {
	await page.goto('/stage');
	await page.getByText('change', { exact: true }).click();
	await page.getByLabel('My pattern writes').selectOption({ label: '2/2 LC / 2/2 RC' });
	await page.locator('main').focus();
	await page.keyboard.press('/');
	await page.keyboard.type('2/1 LPC');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('2 over 1, leaning left, purled behind');
	await expect(page.getByTestId('lean')).toHaveText('leans left');
	await expect(page.getByTestId('hold')).toHaveText('hold 2 in front');
	await expect(page.getByTestId('look')).toHaveText('1 and 2 pass in front of 3');
	await expect(page.locator('[data-check="order"]')).toContainText('3 1 2');
	await expect(page.getByText('Also written')).toContainText('T3F');
	await expect(page.getByRole('img', { name: /Order before 3 2 1, after 2 1 3/ })).toBeVisible();
	await expect(page).toHaveURL(/name=2%2F1\+LPC/);
	await page.reload();
	await expect(page.getByTestId('lean')).toHaveText('leans left');
});

test('a name that schools read differently is not guessed: every reading stands side by side, and one press takes it', async ({
	page,
}) => {
	await page.goto(addressOf('C6B'));
	await expect(page.getByRole('heading', { name: 'This can mean more than one thing' })).toBeVisible();
	const meanings = page.getByTestId('meanings').getByRole('listitem');
	await expect(meanings).toHaveCount(2);
	await expect(meanings.nth(0)).toContainText('3 over 3, leaning right');
	await expect(meanings.nth(1)).toContainText('6 over 6, leaning right');
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Read as C4F / C4B' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('3 over 3, leaning right');
	await expect(page.getByLabel('My pattern writes')).toHaveValue('total-front-back');
});

test('a name with a centre leaves it open: both are shown, the chosen one is on the stage and in the address', async ({
	page,
}) => {
	await page.goto(addressOf('2/1/2 LPC'));
	const open = page.getByRole('region', { name: 'What the name leaves open' });
	await expect(open.getByRole('listitem')).toHaveCount(2);
	await expect(page.getByRole('heading', { level: 1 })).toContainText('1 between');
	await open.getByRole('button', { name: /behind both/ }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('1 behind both');
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	await expect(page.getByRole('radio', { name: /^Two cable needles/ })).toBeChecked();
	await expect(page).toHaveURL(/meaning=1/);
	await page.reload();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('1 behind both');
	await expect(page.getByTestId('written')).toContainText('sl 2 sts to first cn and hold in front');
});

test('a glossary sentence is run, held against the name, and its fault is marked', async ({ page }) => {
	await page.goto(addressOf('2/1 LPC'));
	await expect(page.getByTestId('written')).toHaveText('sl 2 sts to cn and hold in front, p1, k2 from cn');
	const sentence = page.getByTestId('sentence');
	const box = sentence.getByLabel('What the pattern says');
	await box.fill('Slip 2 sts onto cable needle, leave at front; p1; knit the sts from cable needle.');
	await expect(sentence.getByTestId('agrees')).toHaveText('The name 2/1 LPC and the sentence agree.');
	await box.fill('sl 1 to cn, hold in back, k2, p1 from cn');
	await expect(sentence.getByTestId('agrees')).toContainText('disagree');
	await expect(sentence.getByTestId('agrees')).toContainText('leans left, not right');
	await box.fill('sl 2 to cn, hold in back, k2');
	await expect(sentence).toContainText('2 stitches are left on the cable needle.');
	await box.fill('sl 2 to cn, dangle, k2');
	await expect(sentence.locator('mark')).toHaveText('dangle');
	await box.fill('sl 2 to cn, k2, k2 from cn');
	await expect(sentence.getByTestId('meanings').getByRole('listitem')).toHaveCount(2);
	await expectAccessible(page);
	await sentence.getByRole('button', { name: '2/2 RC' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('2 over 2, leaning right');
});

test('a name that cannot be read says what was understood and offers close ones', async ({ page }) => {
	await page.goto(addressOf('2/2 XC'));
	await expect(page.getByText('We don’t know “XC”.')).toBeVisible();
	await expect(page.getByText('not understood')).toBeVisible();
	await page.getByRole('button', { name: '2/2 LC', exact: true }).click();
	await expect(page.getByTestId('lean')).toHaveText('leans left');
	for (const hostile of ['<img src=x onerror=alert(1)>', '%00', '🧶'.repeat(70), 'C999999999F']) {
		await page.goto(addressOf(hostile));
		await expect(page.getByRole('heading', { name: 'This isn’t an abbreviation we know' })).toBeVisible();
	}
});

test('the stage is walked by keys and by buttons, with the caption of each move', async ({ page }) => {
	await page.goto(addressOf('C4F', 'total-front-back'));
	const caption = page.getByTestId('caption');
	await expect(caption).toContainText('wait on the left needle');
	await page.locator('main').focus();
	await page.keyboard.press('ArrowRight');
	await expect(caption).toHaveText('Slip stitches 1 and 2 purlwise to the cable needle and hold in front.');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	await expect(caption).toHaveText('Knit stitch 4, behind the two on the cable needle.');
	await page.keyboard.press('ArrowLeft');
	await expect(caption).toHaveText('Knit stitch 3, behind the two on the cable needle; pull it snug.');
	await page.keyboard.press('End');
	await expect(caption).toHaveText('Knit stitch 2 straight off the cable needle.');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '5');
	await page.keyboard.press('Home');
	await page.getByRole('button', { name: 'Next', exact: true }).click();
	await page.getByRole('button', { name: /Knit 4/ }).click();
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '3');
	await expect(page).toHaveURL(/step=3/);
	// Arrows in a field belong to the field.
	await page.getByLabel('Cable abbreviation').focus();
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '3');
});

test('every way is proved, and its picture in words follows the hands', async ({ page }) => {
	await page.goto(addressOf('2/2 RPC'));
	for (const [way, moves] of [
		['Straight off the cable needle', 6],
		['Slip back first', 7],
		['Pinch', 9],
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
	await expect(page.getByTestId('proof')).toContainText('Not what was asked for');
	await expect(page.locator('[data-check="over"]')).toContainText(
		'3, 4 lie over 1, 2, and that is the wrong way round',
	);
	await expect(page.locator('[data-check="order"]')).toHaveAttribute('data-ok', 'true');
	await page.getByRole('button', { name: 'worked through the wrong leg' }).click();
	await expect(page.locator('[data-check="whole"]')).toContainText('Not whole: 3 turned');
	await page.getByRole('button', { name: 'As it should be' }).click();
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
});

test('a mistake on purpose shows on its faces, can be moved, and costs more the later it is seen', async ({ page }) => {
	await page.goto(addressOf('2/2 RC', 'slash', '&mistake=yarn-outside'));
	const shows = page.getByTestId('what-shows');
	await expect(shows.locator('[data-face="RS"]')).toHaveText('nothing');
	await expect(shows.locator('[data-face="WS"]')).toHaveText('a strand of yarn lies across 1, 2');
	await expect(shows).toContainText('4 stitches');
	await shows.getByLabel('Seen after').fill('3');
	await expect(shows).toContainText('16 stitches');
	await shows.getByLabel('It happens at').selectOption({ index: 1 });
	await expect(page).toHaveURL(/site=1/);
	await page.reload();
	await expect(shows.getByLabel('It happens at')).toHaveValue('1');
	await expectAccessible(page);
});

test('what is seen leads back to what the hands did', async ({ page }) => {
	await page.goto(addressOf('2/1 LPC'));
	const happened = page.getByTestId('what-happened');
	await happened.getByText('one stitch too many').click();
	await expect(happened.getByRole('listitem').first()).toContainText('Most likely');
	await happened.getByText('one stitch too many').click();
	await happened.getByText('leans the other way').click();
	await expect(happened.getByRole('listitem')).toHaveCount(1);
	await happened.getByRole('button', { name: 'Show it' }).click();
	await expect(page.getByTestId('what-shows')).toContainText('What if: held on the other side');
	await expect(page.locator('[data-check="over"]')).toHaveAttribute('data-ok', 'false');
});

test('a way that twists a stitch declares it, and the search says what it proved or what to lift', async ({ page }) => {
	await page.goto(addressOf('1/1 LC'));
	await page.getByRole('radio', { name: 'Second stitch first twists' }).check();
	await expect(page.getByTestId('deviation')).toContainText('Stitch 2 comes out twisted');
	await expect(page.getByTestId('proof')).toHaveAttribute('data-ok', 'true');
	const search = page.getByTestId('search');
	await search.getByText('Limits', { exact: true }).click();
	await search.getByLabel('Cable needles').selectOption('0');
	await expect(search).toContainText(
		'It can’t be worked within these limits. Allow one cable needle. Or: Allow one loose loop.',
	);
	await search.getByLabel('Loose loops').selectOption('1');
	await expect(search.getByTestId('search-says')).toContainText('Nothing does better');
	await expect(page).toHaveURL(/way=found-0-1-moves/);
	await expect(page.getByRole('radio', { name: 'Fewest moves' })).toBeChecked();
	await page.getByRole('button', { name: 'To the end' }).click();
	await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '4');
});

test('what a short search leaves open a longer one settles beside the page, and a better way is kept by name', async ({
	page,
}) => {
	const hard = '3 5 6 4 1 2 | 1>3 1>4 1>5 2>3 2>4 2>6 4>5 4>6 5>2 6>1 | k k k k k k';
	// The page itself does not search: it is held by nothing.
	const worker = page.waitForEvent('worker', (w) => w.url().includes('search'));
	await page.goto(`${addressOf('hard')}&own=${encodeURIComponent(hard)}&way=found`);
	await worker;
	const search = page.getByTestId('search');
	await search.getByText('Limits', { exact: true }).click();
	await expect(search.getByTestId('search-says')).toContainText('At least 7 of its 9 transfers are needed.');
	await search.getByRole('button', { name: 'Look further' }).click();
	await expect(search).toContainText('A way of 8 transfers was found, 1 fewer than the one shown.', {
		timeout: 30_000,
	});
	await expect(search).toContainText('Nothing does better within these limits');
	await search.getByLabel('Save it as your own way, named').fill('Torvald’s eight');
	await search.getByRole('button', { name: 'Keep', exact: true }).click();
	await expect(search).toContainText('“Torvald’s eight” is saved.');
	await search.getByRole('button', { name: 'Show it' }).click();
	await expect(page.getByRole('radio', { name: 'Torvald’s eight' })).toBeChecked();
});

test('what C4F means is asked once, with two pictures; any abbreviation can be read with none stated', async ({
	page,
}) => {
	await page.context().clearCookies();
	await page.goto('/');
	const field = page.getByLabel('A cable from your pattern, or any word');
	await field.fill('C4F');
	const asked = page.getByTestId('ask-school');
	await expect(asked.getByRole('listitem')).toHaveCount(2);
	await expect(asked.getByRole('listitem').nth(1)).toContainText('4 over 4, leaning left');
	await expectAccessible(page);
	await asked.getByRole('button', { name: 'My patterns mean this' }).nth(1).click();
	await expect(page.getByRole('heading', { name: '4 over 4, leaning left' })).toBeVisible();
	// From then on it is said, small, and can be changed.
	await page.reload();
	await field.fill('C4F');
	await expect(page.getByRole('heading', { name: '4 over 4, leaning left' })).toBeVisible();
	await expect(asked).toHaveCount(0);
	await page.getByText('change', { exact: true }).click();
	await page.getByLabel('My pattern writes').selectOption({ label: 'Any of these' });
	await expect(page.getByTestId('meanings').getByRole('listitem')).toHaveCount(2);
	await field.fill('2/2 LC');
	await expect(page.getByRole('heading', { name: '2 over 2, leaning left' })).toBeVisible();
});

for (const light of ['day', 'dusk'] as const) {
	for (const [name, letter] of [
		['3/2 RC', 'B'],
		['3/2 LC', 'A'],
	] as const) {
		if (!isLong && (light === 'day') !== (letter === 'A')) continue;
		test(`the upper strand is seen at every crossing point: ${name} by ${light}`, async ({ page }) => {
			await inLight(page, light);
			const crossing = crossingNamed(name);
			const ribbon = drawRibbon(crossing, { light, numbers: true });
			expect(ribbon.crossPoints.length).toBe(6);
			// Every other way for each lean, and all of them in the long run.
			const ways = waysFor(hand, crossing).filter((_, i) => isLong || i % 2 === (letter === 'A' ? 0 : 1));
			for (const way of ways) {
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
		for (const width of isLong ? [1280, 820] : light === 'day' ? [1280] : [820]) {
			await page.setViewportSize({ width, height: width === 820 ? 1180 : 800 });
			for (const path of [
				'/',
				'/lessons',
				addressOf('2/2 LC', 'slash', '&step=2&mistake=wrong-side'),
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
		await expect(page.getByRole('heading', { level: 1 })).toHaveText('Page not found');
		await expectAccessible(page);
	}
	await page.getByRole('main').getByRole('link', { name: 'Home' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Home');
});

test('the first page answers 200 itself, and takes a name to the stage without a script', async ({ browser }) => {
	const context = await browser.newContext({ javaScriptEnabled: false });
	const page = await context.newPage();
	expect((await page.goto('/'))?.status()).toBe(200);
	await page.getByLabel('A cable from your pattern').fill('T3B');
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
	// Until somebody chooses, it is that of the system.
	await page.emulateMedia({ colorScheme: 'dark' });
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
	await page.emulateMedia({ colorScheme: 'light' });
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
	await page.getByRole('button', { name: 'Dark mode' }).click();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
});
