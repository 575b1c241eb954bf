// A swatch of its own, opened at the desk in a real browser, to be measured.
import { chromium } from '@playwright/test';
import { launchOptions } from './browser.mjs';
import { wideSwatch } from './wide-swatch.mjs';

/**
 * @param {string} address
 * @param {string} cookie of somebody who is signed in
 * @param {number} stitches @param {number} rows
 */
export async function atTheDesk(address, cookie, stitches, rows) {
	const swatch = wideSwatch(stitches, rows);
	const headers = { 'content-type': 'application/json', origin: address, cookie };
	const made = await fetch(`${address}/api/swatches`, { method: 'POST', headers, body: JSON.stringify({ swatch }) });
	const { id } = await made.json();
	const browser = await chromium.launch(launchOptions);
	const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
	const [name = '', value = ''] = cookie.split('=');
	await context.addCookies([{ name, value, url: address }]);
	const page = await context.newPage();
	return {
		page,
		open: () => page.goto(`${address}/swatches/${id}`),
		/** Once its rows are checked. */
		checked: () => page.locator('.cm-counts').getByText(String(stitches)).first().waitFor(),
		leave: async () => {
			await browser.close();
			await fetch(`${address}/api/swatches/${id}`, { method: 'DELETE', headers });
		},
	};
}
