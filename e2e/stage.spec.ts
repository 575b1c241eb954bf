/** The stage itself: playing, cameras, two ways, files; and over and under at a glance. */

import { readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { demonstrate, hand, perform, preferredWay } from '../core/craft/index.ts';
import { canonical, fromCanonical } from '../core/crossing/index.ts';
import { drawRibbon, drawStage } from '../core/drawing/index.ts';
import { DEFAULT_HOUSE_STYLE } from '../core/schema/index.ts';
import {
	cordsAt,
	crossingNamed,
	expect,
	expectAccessible,
	home,
	inLight,
	newLesson,
	newTeacher,
	nobody,
	test,
	isLong,
} from './support.ts';

const stageOf = (name: string, more = ''): string => `/stage?name=${encodeURIComponent(name)}&school=slash${more}`;

test('it plays to the end, repeats one move, and goes to where stitches cross', async ({ page }) => {
	await page.goto(stageOf('1/1 LC'));
	const stage = page.getByTestId('stage');
	await page.getByLabel('Speed').selectOption('2×');
	await page.getByRole('button', { name: 'Play' }).click();
	await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
	await expect(stage).toHaveAttribute('data-step', '3', { timeout: 15_000 });
	await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
	await page.locator('main').focus();
	await page.keyboard.press('x');
	await expect(stage).toHaveAttribute('data-step', '2');
	await page.keyboard.press('l');
	await page.keyboard.press('p');
	await page.waitForTimeout(1500);
	// Repeated, it stays at its move.
	await expect(stage).toHaveAttribute('data-step', '2');
	await expect(page.getByRole('button', { name: 'Repeat this move' })).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('p');
	await page.getByLabel('Place in the moves').fill('1');
	await expect(stage).toHaveAttribute('data-step', '1');
});

test('on its way between two moves the picture is in between; who wants no motion gets still steps', async ({
	page,
}) => {
	await page.goto(stageOf('2/2 LC'));
	/** Every shape with its attributes, in whatever order they were set. */
	const picture = (): Promise<string> =>
		page
			.getByTestId('picture')
			.locator('svg')
			.evaluate((svg) =>
				[...svg.children]
					.map((shape) => [shape.tagName, ...[...shape.attributes].map((a) => `${a.name}=${a.value}`).sort()].join(' '))
					.join('\n'),
			);
	const start = await picture();
	await page.getByLabel('Place in the moves').fill('0.5');
	const between = await picture();
	await page.getByLabel('Place in the moves').fill('1');
	const end = await picture();
	expect(new Set([start, between, end]).size).toBe(3);
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await page.locator('main').focus();
	await page.keyboard.press('Home');
	await expect.poll(async () => (await picture()) === start).toBe(true);
	await page.keyboard.press('ArrowRight');
	await expect.poll(async () => (await picture()) === end).toBe(true);
});

test('the cameras and a second way are in the address, each accessible', async ({ page }) => {
	await page.goto(stageOf('2/2 RC', '&step=2'));
	const stage = page.getByTestId('stage');
	await page.getByText('Above', { exact: true }).click();
	await expect(page.getByRole('img', { name: /From above\..* 1 and 2 on the inner back cable needle/ })).toBeVisible();
	await expectAccessible(page);
	await page.locator('main').focus();
	await page.keyboard.press('v');
	await expect(stage).toHaveAttribute('data-camera', 'behind');
	await expect(page.getByRole('img', { name: /^Seen from behind/ })).toBeVisible();
	await expect(page).toHaveURL(/view=behind/);
	await page.getByTestId('fold-ways').hover();
	await page.getByLabel('Compare with').selectOption({ label: 'Pinch' });
	await expect(page.getByTestId('picture')).toHaveCount(2);
	await expect(page.getByTestId('caption')).toContainText('Knit stitch 3');
	await expect(page.getByTestId('caption-beside')).toContainText('Pinch the base');
	await page.getByRole('button', { name: 'To the end' }).click();
	// The longer way ends; the shorter one waits at its own end.
	await expect(stage).toHaveAttribute('data-step', '8');
	await expect(page.getByTestId('caption')).toContainText('Knit stitch 2 straight off the cable needle.');
	await expect(page).toHaveURL(/step=8/);
	await page.reload();
	await expect(page.getByTestId('picture')).toHaveCount(2);
	await expect(stage).toHaveAttribute('data-camera', 'behind');
	await expectAccessible(page);
});

for (const light of ['day', 'dusk'] as const) {
	for (const [name, meaning] of [
		['3/2 RC', 0],
		['3/2 LC', 0],
		['2/1/2 LC', 0],
		['2/1/2 RC', 1],
	] as const) {
		if (!isLong && (light === 'day') !== name.endsWith('RC')) continue;
		test(`from the other side the lower strand is seen at every crossing point: ${name} (${meaning}) by ${light}`, async ({
			page,
		}) => {
			await inLight(page, light);
			const c = crossingNamed(
				`${name}${name.startsWith('2/1') ? `, centre ${meaning === 0 ? 'between' : 'behind'}` : ''}`,
			);
			const done = perform(hand, c, preferredWay(c, DEFAULT_HOUSE_STYLE));
			if (!done.ok) throw new Error('no plan');
			const { trace } = done.value;
			const letters = new Map<number, string>();
			const drawn = (from: 'front' | 'behind'): ReturnType<typeof drawStage> =>
				drawStage(c, trace, trace.steps.length, { light, from });
			for (const from of ['front', 'behind'] as const) {
				await page.goto(stageOf(name, `&meaning=${meaning}&step=${trace.steps.length}&view=${from}`));
				const { crossPoints } = drawn(from);
				const seen = await cordsAt(page, page.getByTestId('picture'), crossPoints, light);
				let clear = 0;
				for (const [i, p] of crossPoints.entries()) {
					const letter = seen[i]!;
					// Where a third strand lies near, it may be that one which is seen.
					if (crossPoints.some((q) => q.upper !== p.upper && Math.hypot(q.x - p.x, q.y - p.y) < 22)) continue;
					if (letter === '-' || letter === 'ground') continue;
					clear += 1;
					// A cord has one letter wherever it is uppermost, from either side.
					expect(letters.get(p.upper) ?? letter, `${p.upper} over ${p.lower} from ${from}`).toBe(letter);
					letters.set(p.upper, letter);
				}
				expect(clear).toBeGreaterThan(2);
			}
			expect(new Set(letters.values()).size).toBeGreaterThan(1);
		});
	}
}

for (const light of ['day', 'dusk'] as const) {
	test(`strands in a ring show which lies on top wherever they cross, by ${light}`, async ({ page }) => {
		await inLight(page, light);
		const ring = fromCanonical('5 6 3 4 1 2 | 1>3 1>4 2>3 2>4 3>5 3>6 4>5 4>6 5>1 5>2 6>1 6>2 | k k k k k k');
		if (!ring.ok) throw new Error('no ring');
		await page.goto(`/crossings/design?from=${encodeURIComponent(canonical(ring.value))}`);
		const { crossPoints } = drawRibbon(ring.value, { light, numbers: true });
		const seen = await cordsAt(page, page.getByTestId('ribbon'), crossPoints, light);
		const letter = (stitch: number): string => 'ABC'[Math.ceil(stitch / 2) - 1]!;
		// The edge of a strand may lie there, but never another cord than the upper one.
		const wrong = crossPoints.filter((p, i) => seen[i] !== '-' && seen[i] !== letter(p.upper));
		expect(wrong).toEqual([]);
		expect(new Set(seen.filter((s) => s !== '-'))).toEqual(new Set(['A', 'B', 'C']));
	});
}

test.describe('by touch, on a tablet', () => {
	test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

	test('the stage is walked, seen from elsewhere and played; a strand is dragged under another', async ({ page }) => {
		await page.goto(stageOf('2/2 LC'));
		const stage = page.getByTestId('stage');
		await page.getByRole('button', { name: 'Next', exact: true }).tap();
		await expect(stage).toHaveAttribute('data-step', '1');
		await stage.getByRole('listitem').nth(4).getByRole('button').tap();
		await expect(stage).toHaveAttribute('data-step', '4');
		await page.getByText('Above', { exact: true }).tap();
		await expect(stage).toHaveAttribute('data-camera', 'above');
		await page.getByRole('button', { name: 'To the start' }).tap();
		await page.getByRole('button', { name: 'Play' }).tap();
		await expect(stage).not.toHaveAttribute('data-step', '0');
		await page.getByRole('button', { name: 'Pause' }).tap();

		await page.goto('/crossings/design');
		const box = (await page.getByTestId('ribbon').locator('svg').boundingBox())!;
		const finger = await page.context().newCDPSession(page);
		const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number, y: number): Promise<unknown> =>
			finger.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x, y }] });
		const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
		await touch('touchStart', box.x + box.width / 8, box.y + 45);
		for (const part of [0.3, 0.6, 1]) {
			await touch('touchMove', box.x + box.width * (1 / 8 + part * (3 / 8)), box.y + 45 + part * (box.height / 2 - 45));
		}
		await expect(page.getByText('A goes under B')).toBeVisible();
		await touch('touchEnd', x, y);
		await expect(page.getByTestId('title')).toHaveText('2 over 2, leaning right');
	});
});

test.describe('a teacher of her own', () => {
	// Signing up ends the session that the browser had.
	test.use({ storageState: nobody });

	test('left-handed, the same strands lie on top in the mirrored picture', async ({ page }) => {
		await newTeacher(page.request);
		const style = { ...DEFAULT_HOUSE_STYLE, demonstrates: 'left-same' };
		const put = await page.request.put('/api/house-style', { data: { version: 0, style }, headers: { origin: home } });
		expect(put.status()).toBe(200);
		const c = crossingNamed('3/2 LC');
		const { made } = demonstrate(c, 'left-same');
		const done = perform(hand, made, preferredWay(made, DEFAULT_HOUSE_STYLE));
		if (!done.ok) throw new Error('no plan');
		const last = done.value.trace.steps.length;
		await page.goto(stageOf('3/2 LC', `&step=${last}`));
		const { crossPoints } = drawStage(made, done.value.trace, last, { light: 'day', mirrored: true });
		const seen = await cordsAt(page, page.getByTestId('picture'), crossPoints, 'day');
		const clear = seen.filter((s) => s !== '-');
		expect(new Set(clear).size).toBe(1);
		expect(clear.length).toBeGreaterThan(seen.length / 2);
	});
});

test('a step, a strip and a page are saved as files; the page plays without a server', async ({
	page,
	context,
}, info) => {
	await page.goto(stageOf('2/1 LPC', '&step=3'));
	const save = async (label: string): Promise<string> => {
		await page.getByText('Save as a file').click();
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: label }).click(),
		]);
		await page.getByText('Save as a file').click();
		const path = info.outputPath(download.suggestedFilename());
		await download.saveAs(path);
		return path;
	};
	const svg = await save('This move, as SVG');
	expect(svg).toMatch(/2-over-1-leaning-left-purled-behind-straight-off-the-cable-needle-move-3\.svg$/);
	expect(readFileSync(svg, 'utf8')).toMatch(/^<svg xmlns=/);
	const png = readFileSync(await save('This move, as PNG'));
	expect([png.subarray(1, 4).toString(), png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual(['PNG', 1640, 1000]);
	expect(readFileSync(await save('All moves in one picture'), 'utf8').match(/<svg /g)?.length).toBe(8);
	const html = await save('A page that plays it');
	await context.setOffline(true);
	const alone = await context.newPage();
	await alone.goto(pathToFileURL(html).href);
	await expect(alone.getByRole('heading', { level: 1 })).toHaveText(
		'2 over 1, leaning left, purled behind, straight off the cable needle',
	);
	await expect(alone.locator('figcaption:visible')).toContainText('wait on the left needle');
	await alone.keyboard.press('ArrowRight');
	await expect(alone.locator('figcaption:visible')).toHaveText(
		'Bring the yarn forward between the needles, ready to purl.',
	);
	await alone.getByRole('button', { name: 'Move 6' }).click();
	await expect(alone.locator('figcaption:visible')).toContainText('Knit stitch 2');
	await context.setOffline(false);
});

test('the stage goes into a lesson as it stands, mistake and side included, and comes back so', async ({ page }) => {
	const lesson = await newLesson(page, 'What went wrong here');
	await page.goto(stageOf('2/2 RC', '&mistake=wrong-leg&site=1&view=behind'));
	await page.getByLabel('Hands that show it').selectOption({ label: 'Left-handed, same fabric' });
	await expect(page.getByTestId('what-shows')).not.toContainText('This can’t happen');
	await expect(page.getByTestId('both-schools')).toContainText('by look: leans right (2/2 RC, C4R)');
	await page.getByText('Add to lesson').click();
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	await expect(page.getByRole('status').filter({ hasText: 'is in' })).toBeVisible();
	await page.goto(lesson);
	await expect(page.getByTestId('on-purpose')).toHaveText('With a mistake on purpose: worked through the wrong leg.');
	await page.getByRole('link', { name: 'How to work it' }).click();
	await expect(page.getByTestId('stage')).toHaveAttribute('data-camera', 'behind');
	await expect(page.getByTestId('what-shows').getByLabel('It happens at')).toHaveValue('1');
	await expect(page.getByLabel('Hands that show it')).toHaveValue('left-same');
});

test('a demonstration becomes a film with captions, and a moving picture; one that is stopped leaves nothing', async ({
	page,
}) => {
	await page.goto(stageOf('1/1 LC', '&way=second-first'));
	await expect(page.getByTestId('stage')).toBeVisible();
	const make = async (label: string): Promise<Buffer> => {
		await page.getByText('Save as a file').click();
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: label }).click(),
		]);
		await page.getByText('Save as a file').click();
		return readFileSync(await download.path());
	};
	const { ALL_FORMATS, BufferSource, Input } = await import('mediabunny');
	for (const label of ['A film, as MP4', 'A film, as WebM']) {
		const bytes = await make(label);
		const input = new Input({ formats: ALL_FORMATS, source: new BufferSource(bytes) });
		const track = (await input.getPrimaryVideoTrack())!;
		const { packetCount } = await track.computePacketStats();
		// Three moves: a beginning, and two seconds each.
		expect([track.displayWidth, track.displayHeight, packetCount]).toEqual([1280, 720, 170]);
		expect(await input.computeDuration()).toBeCloseTo(6.8, 1);
	}
	const gif = await make('A moving picture, as GIF');
	expect([gif.toString('latin1', 0, 6), gif.readUInt16LE(6), gif.readUInt16LE(8)]).toEqual(['GIF89a', 640, 360]);
	await page.getByText('Save as a file').click();
	let came = false;
	page.on('download', () => (came = true));
	await page.getByRole('button', { name: 'A film, as MP4' }).click();
	await page.getByTestId('filming').getByRole('button', { name: 'Stop' }).click();
	await expect(page.getByTestId('filming')).toHaveCount(0);
	await expect(page.getByRole('alert')).toHaveCount(0);
	expect(came).toBe(false);
});
