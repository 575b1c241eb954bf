// How the swatch desk feels at its largest in a real browser: opening, typing until it is checked, and frames while the chart scrolls.
import { chromium } from '@playwright/test';
import { launchOptions } from './browser.mjs';
import { quantile } from './quantile.mjs';
import { wideSwatch } from './wide-swatch.mjs';

/**
 * @param {string} address
 * @param {string} cookie of somebody who is signed in
 * @returns {Promise<{ what: string, value: number, unit: string, ratio?: string }[]>}
 */
export async function benchDesk(address, cookie) {
	const swatch = wideSwatch(200, 400);
	const headers = { 'content-type': 'application/json', origin: address, cookie };
	const made = await fetch(`${address}/api/swatches`, { method: 'POST', headers, body: JSON.stringify({ swatch }) });
	const { id } = await made.json();
	const browser = await chromium.launch(launchOptions);
	const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
	const [name = '', value = ''] = cookie.split('=');
	await context.addCookies([{ name, value, url: address }]);
	const page = await context.newPage();
	const from = Date.now();
	await page.goto(`${address}/swatches/${id}`);
	await page.getByTestId('chart').waitFor();
	await page.locator('.cm-counts').getByText('200').first().waitFor();
	const opened = Date.now() - from;

	await page.getByTestId('rows').locator('.cm-line').first().click();
	const checked = [];
	for (let i = 0; i < 5; i++) {
		await page.keyboard.press('End');
		const start = Date.now();
		await page.keyboard.type(',');
		await page.keyboard.type('q');
		await page.locator('[data-reason="unknown-term"]').waitFor();
		checked.push(Date.now() - start);
		await page.keyboard.press('Backspace');
		await page.keyboard.press('Backspace');
		await page.locator('[data-reason="unknown-term"]').waitFor({ state: 'detached' });
	}

	/** @type {number[]} */
	const frames = await page.getByTestId('chart').evaluate(
		(grid) =>
			new Promise((resolve) => {
				const times = /** @type {number[]} */ ([]);
				let last = performance.now();
				let left = 90;
				const step = () => {
					const now = performance.now();
					times.push(now - last);
					last = now;
					grid.scrollTop -= 30;
					grid.scrollLeft -= 7;
					left -= 1;
					if (left > 0) requestAnimationFrame(step);
					else resolve(times.slice(2));
				};
				requestAnimationFrame(step);
			}),
	);
	await browser.close();
	await fetch(`${address}/api/swatches/${id}`, { method: 'DELETE', headers });
	return [
		{ what: 'desk, 200 stitches by 400 rows with 2,000 crossings: opened', value: opened, unit: 'ms' },
		{
			what: 'desk, the same: from a key to what is wrong with it, median',
			value: quantile(checked, 0.5),
			unit: 'ms',
			ratio: `at most ${quantile(checked, 1)} ms; 120 ms of it wait for the typing to rest`,
		},
		{
			what: 'desk, the same: a frame while the chart scrolls, median',
			value: Math.round(quantile(frames, 0.5)),
			unit: 'ms',
			ratio: `9 of 10 within ${Math.round(quantile(frames, 0.9))} ms`,
		},
	];
}
