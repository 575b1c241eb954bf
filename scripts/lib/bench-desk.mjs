// How the swatch desk feels at its largest in a real browser: opening, typing until it is checked, and frames while the chart scrolls.
import { atTheDesk } from './at-the-desk.mjs';
import { quantile } from './quantile.mjs';

/**
 * @param {string} address
 * @param {string} cookie of somebody who is signed in
 * @returns {Promise<{ what: string, value: number, unit: string, ratio?: string }[]>}
 */
export async function benchDesk(address, cookie) {
	const { page, open, checked, leave } = await atTheDesk(address, cookie, 200, 400);
	const from = Date.now();
	await open();
	await page.getByTestId('chart').waitFor();
	await checked();
	const opened = Date.now() - from;

	await page.getByTestId('rows').locator('.cm-line').first().click();
	const told = [];
	for (let i = 0; i < 5; i++) {
		await page.keyboard.press('End');
		const start = Date.now();
		await page.keyboard.type(',');
		await page.keyboard.type('q');
		await page.locator('[data-reason="unknown-term"]').waitFor();
		told.push(Date.now() - start);
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
	await leave();
	return [
		{ what: 'desk, 200 stitches by 400 rows with 2,000 crossings: opened', value: opened, unit: 'ms' },
		{
			what: 'desk, the same: from a key to what is wrong with it, median',
			value: quantile(told, 0.5),
			unit: 'ms',
			ratio: `at most ${quantile(told, 1)} ms; 40 ms of it wait for the typing to rest`,
		},
		{
			what: 'desk, the same: a frame while the chart scrolls, median',
			value: Math.round(quantile(frames, 0.5)),
			unit: 'ms',
			ratio: `9 of 10 within ${Math.round(quantile(frames, 0.9))} ms`,
		},
	];
}
