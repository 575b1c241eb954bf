// How soon a wide swatch is seen as it will lie: its first picture beside the chart, and again after a change of its rows.
import { atTheDesk } from './at-the-desk.mjs';
import { quantile } from './quantile.mjs';

/**
 * Milliseconds from an act in the page until what it leads to is seen.
 * @param {import('@playwright/test').Page} page
 * @param {string} act a script @param {string} isSeen a script that gives a boolean
 * @returns {Promise<number>}
 */
const untilSeen = (page, act, isSeen) =>
	page.evaluate(
		`new Promise((resolve) => {
			const from = performance.now();
			${act};
			const look = () =>
				(${isSeen}) ? requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - from))) : requestAnimationFrame(look);
			look();
		})`,
	);

const PLACE = `[data-testid="lies-beside"]`;

/**
 * @param {string} address
 * @param {string} cookie of somebody who is signed in
 * @returns {Promise<{ what: string, value: number, unit: string, ratio?: string }[]>}
 */
export async function benchLie(address, cookie) {
	const { page, open, checked, leave } = await atTheDesk(address, cookie, 200, 100);
	await open();
	await checked();
	await page.waitForLoadState('networkidle');
	const toggle = `[...document.querySelectorAll('button')].find((b) => /as it (will lie|lies)$/i.test(b.textContent)).click()`;
	const first = [];
	for (let i = 0; i < 5; i++) {
		first.push(await untilSeen(page, toggle, `document.querySelector('${PLACE} canvas')`));
		await page.waitForTimeout(200);
		await page.evaluate(toggle);
	}
	await page.evaluate(toggle);
	await page.waitForTimeout(600);
	const again = [];
	for (let i = 0; i < 6; i++) {
		again.push(
			await untilSeen(
				page,
				`const said = () => document.querySelector('${PLACE} p:last-of-type').textContent;
				const was = said();
				const field = document.querySelector('input[aria-label="Stitches cast on"]');
				field.value = '${i % 2 === 0 ? 190 : 200}';
				field.dispatchEvent(new Event('input', { bubbles: true }))`,
				`said() !== was && /cm/.test(said())`,
			),
		);
		await page.waitForTimeout(400);
	}
	await leave();
	return [
		{
			what: 'as it will lie, 200 stitches by 100 rows: first picture beside the chart, median',
			value: Math.round(quantile(first, 0.5)),
			unit: 'ms',
			ratio: `the first time ${Math.round(first[0] ?? 0)} ms; at most 400 is wished`,
		},
		{
			what: 'as it will lie, the same: from a change of its rows to its new size, median',
			value: Math.round(quantile(again, 0.5)),
			unit: 'ms',
			ratio: 'at most 200 is wished, after 120 ms that wait for the typing to rest',
		},
	];
}
