// How the stage feels in a real browser: frames while it plays, a key to its picture, the first view, and what is sent for it.
import { chromium } from '@playwright/test';
import { launchOptions } from './browser.mjs';
import { enterDemo } from './enter.mjs';
import { MOST_SENT, scriptBytes } from './script-bytes.mjs';

const WIDE = '/stage?name=5%2F5%2F5+LC&school=slash&meaning=1&way=two-holders';
const FIVE = '/stage?name=5%2F5+LC&school=slash';

/** @param {number[]} numbers */
const median = (numbers) => [...numbers].sort((a, b) => a - b)[numbers.length >> 1] ?? 0;

/**
 * @param {import('@playwright/test').Browser} browser
 * @param {string} address
 */
async function scriptsSent(browser, address) {
	const [name = '', value = ''] = (await enterDemo(address)).split('=');
	const lines = [];
	for (const [path, most] of Object.entries(MOST_SENT)) {
		const context = await browser.newContext();
		await context.addCookies([{ name, value, url: address }]);
		const sent = await scriptBytes(await context.newPage(), address + path);
		lines.push({
			what: `${path.split('?')[0]}, scripts sent to a new browser`,
			value: Math.round(sent / 1000),
			unit: 'kB',
			ratio: `at most ${most / 1000} is wished`,
		});
		await context.close();
	}
	return lines;
}

/**
 * Milliseconds from a key to its picture.
 * @param {import('@playwright/test').Page} page
 * @param {string} key
 * @returns {Promise<number>}
 */
const untilPicture = (page, key) =>
	page.evaluate(
		(pressed) =>
			new Promise((resolve) => {
				const from = performance.now();
				window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed }));
				requestAnimationFrame(() => requestAnimationFrame(() => resolve(performance.now() - from)));
			}),
		key,
	);

/**
 * How one's own hands feel: from a key to its picture, and the script of a picture while loops are drawn along.
 * @param {import('@playwright/test').Browser} browser
 * @param {string} address
 */
async function handsFelt(browser, address) {
	const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
	await page.goto(`${address}/stage/own?name=3%2F3+LC&school=slash`, { waitUntil: 'networkidle' });
	const loop = page.getByRole('button', { name: 'Loop 3', exact: true });
	await loop.waitFor();
	const keys = [];
	for (let i = 0; i < 24; i++) {
		keys.push(await untilPicture(page, ['3', 'f', 'Backspace'][i % 3] ?? '3'));
	}
	const wire = await page.context().newCDPSession(page);
	await wire.send('Performance.enable');
	const scripted = async () => {
		const { metrics } = await wire.send('Performance.getMetrics');
		return (metrics.find((m) => m.name === 'ScriptDuration')?.value ?? Number.NaN) * 1000;
	};
	const at = await loop.boundingBox();
	if (!at) throw new Error('There is no loop to be drawn.');
	const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
	await page.mouse.move(x, y);
	await page.mouse.down();
	await page.mouse.move(x - 60, y + 20);
	const STEPS = 60;
	const before = await scripted();
	for (let i = 0; i < STEPS; i++) {
		await page.mouse.move(x - 60 - i, y + 20 + i);
		await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(resolve)));
	}
	const each = ((await scripted()) - before) / STEPS;
	await page.mouse.up();
	await page.close();
	return [
		{
			what: 'your hands at a 3/3, from a key to its picture, median',
			value: Math.round(median(keys)),
			unit: 'ms',
			ratio: 'at most 50 is wished',
		},
		{
			what: 'your hands at a 3/3, script of a picture while loops are drawn along',
			value: Number(each.toFixed(1)),
			unit: 'ms',
			ratio: 'at most 8 is wished',
		},
	];
}

/**
 * @param {string} address
 * @returns {Promise<{ what: string, value: number, unit: string, ratio?: string }[]>}
 */
export async function benchStage(address) {
	const browser = await chromium.launch(launchOptions);
	const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
	const sent = await scriptsSent(browser, address);
	await page.goto(address + FIVE, { waitUntil: 'networkidle' });
	const firstView = await page.evaluate(
		() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? Number.NaN,
	);
	const shift = await page.evaluate(
		() =>
			new Promise((resolve) => {
				let sum = 0;
				new PerformanceObserver((list) => {
					for (const entry of list.getEntries()) sum += /** @type {any} */ (entry).value;
				}).observe({ type: 'layout-shift', buffered: true });
				setTimeout(() => resolve(sum), 300);
			}),
	);
	/** @param {string} path */
	const framesOf = async (path) => {
		await page.goto(address + path, { waitUntil: 'networkidle' });
		await page.getByRole('button', { name: 'Play' }).click();
		return page.evaluate(
			() =>
				new Promise((resolve) => {
					const picture = document.querySelector('[data-testid="picture"] .drawing');
					let frames = 0;
					const from = performance.now();
					// Called once for all that changed since it was called last, so once a picture.
					const watch = new MutationObserver(() => (frames += 1));
					if (picture) watch.observe(picture, { childList: true, subtree: true, attributes: true });
					// Only the time on the way counts: it rests on each move for 0.7 of 1.6 seconds.
					setTimeout(() => {
						watch.disconnect();
						resolve((frames / (performance.now() - from)) * 1000 * (1.6 / 0.9));
					}, 6400);
				}),
		);
	};
	const five = await framesOf(FIVE);
	const wide = await framesOf(WIDE);
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await page.goto(address + FIVE, { waitUntil: 'networkidle' });
	await page.locator('main').focus();
	const keys = [];
	for (let i = 0; i < 12; i++) {
		keys.push(await untilPicture(page, 'ArrowRight'));
	}
	const hands = await handsFelt(browser, address);
	await browser.close();
	return [
		...hands,
		{ what: 'stage, pictures while 5/5 plays', value: Math.round(five), unit: 'a second' },
		{ what: 'stage, pictures while 5/5/5 plays with two holders', value: Math.round(wide), unit: 'a second' },
		{ what: 'stage, from a key to its picture, median', value: Math.round(median(keys)), unit: 'ms' },
		{ what: 'stage, first view', value: Math.round(firstView), unit: 'ms' },
		{ what: 'stage, shift while loading', value: Number(Number(shift).toFixed(3)), unit: '(0 is none)' },
		...sent,
	];
}
