// The longest task of pages while they are hydrated, at a quarter of the machine's speed.
import { chromium } from '@playwright/test';
import { launchOptions } from './browser.mjs';

const SLOWER = 4;
const ROUNDS = 3;
/** Milliseconds after the network is quiet in which lazy parts may still be hydrated. */
const AFTER = 1500;

/**
 * @param {string} address
 * @param {string} cookie of somebody in the demo
 */
export async function benchHydration(address, cookie) {
	const browser = await chromium.launch(launchOptions);
	const [name = '', ...value] = cookie.split('=');
	const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
	await context.addCookies([{ name, value: value.join('='), url: address }]);

	/** The longest task of one visit, and when the first and the largest picture stood. @param {string} path */
	const visit = async (path) => {
		const page = await context.newPage();
		await page.addInitScript(() => {
			/** @type {any} */ (globalThis).seen = { longest: 0, painted: 0 };
			const { seen } = /** @type {any} */ (globalThis);
			new PerformanceObserver((list) => {
				for (const { duration } of list.getEntries()) seen.longest = Math.max(seen.longest, duration);
			}).observe({ type: 'longtask', buffered: true });
			new PerformanceObserver((list) => {
				for (const { startTime } of list.getEntries()) seen.painted = startTime;
			}).observe({ type: 'largest-contentful-paint', buffered: true });
		});
		const wire = await context.newCDPSession(page);
		await wire.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
		await page.goto(address + path, { waitUntil: 'networkidle' });
		await page.waitForTimeout(AFTER);
		const seen = await page.evaluate(() => /** @type {any} */ (globalThis).seen);
		await page.close();
		return /** @type {{ longest: number, painted: number }} */ (seen);
	};
	/** The first address on a page that begins so and, where that is asked, says so. */
	const first = async (/** @type {string} */ on, /** @type {string} */ begins, says = '') => {
		const page = await context.newPage();
		await page.goto(address + on);
		const link = page.locator(`main a[href^="${begins}"]`).filter({ hasText: says }).first();
		const href = await link.getAttribute('href');
		await page.close();
		if (!href) throw new Error(`The demo data has nothing under ${begins} to measure.`);
		return href;
	};
	const lesson = await first('/lessons', '/lessons/');
	const swatch = await first('/swatches', '/swatches/', 'plait and diamond');
	const group = await first('/classes', '/classes/');
	const crossing = '?name=C4F&school=total-front-back';
	const views = /** @type {const} */ ([
		['first page', '/'],
		['stage', `/stage${crossing}`],
		['your hands', `/stage/own${crossing}`],
		['collection', '/crossings'],
		['design', '/crossings/design'],
		['crafts side by side', `/crossings/crafts${crossing}`],
		['list of swatches', '/swatches'],
		['practice swatch', '/swatches/new'],
		['desk of 36 stitches', swatch],
		['its size', `${swatch}/size`],
		['list of lessons', '/lessons'],
		['lesson of 13 steps', lesson],
		['its sheet', `${lesson}/print?all`],
		['list of classes', '/classes'],
		['class', group],
		['what was learnt', `${group}/learnt`],
		['house style', '/style'],
		['yarns', '/yarns'],
		['account', '/account'],
	]);
	const lines = [];
	for (const [what, path] of views) {
		const seen = [];
		for (let i = 0; i < ROUNDS; i++) seen.push(await visit(path));
		const [least, ...others] = seen.map((s) => s.longest).sort((a, b) => a - b);
		lines.push({
			what: `${what}, ${SLOWER} times slower: longest task while it is hydrated, the best of ${ROUNDS}`,
			value: Math.round(least ?? 0),
			unit: 'ms',
			ratio: `at most ${Math.round(others.at(-1) ?? 0)}; largest picture after ${Math.round(Math.min(...seen.map((s) => s.painted)))} ms`,
		});
	}
	await browser.close();
	return lines;
}
