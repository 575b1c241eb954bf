import { chromium } from 'playwright-core';
import { launchOptions } from './lib/browser.mjs';
import { enterDemo } from './lib/enter.mjs';
const [address, out, ...paths] = process.argv.slice(2);
const [w, h] = (process.env.SIZE ?? '1280x800').split('x').map(Number);
const browser = await chromium.launch(launchOptions ?? {});
const context = await browser.newContext({ viewport: { width: w, height: h }, baseURL: address });
if (process.env.DUSK) await context.addCookies([{ name: 'pond-light', value: 'dusk', url: address }]);
const page = await context.newPage();
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text().slice(0, 300)));
if (!process.env.GUEST) {
	const [name, value] = (await enterDemo(address)).split(/=(.*)/s);
	await context.addCookies([{ name, value, url: address }]);
}
let i = 0;
for (const p of paths) {
	await page.goto(address + p);
	await page.waitForSelector('[data-awake]', { state: 'attached', timeout: 30000 }).catch(() => {});
	await page.waitForTimeout(1500);
	if (process.env.CLICK)
		for (const c of process.env.CLICK.split('|')) {
			await page.getByText(c, { exact: false }).first().click();
			await page.waitForTimeout(500);
		}
	const n = await page.evaluate(
		() =>
			[
				...document.querySelectorAll('main a, main button, main input, main select, main textarea, main summary'),
			].filter((e) => {
				const r = e.getBoundingClientRect();
				const s = e.tagName === 'INPUT' && e.closest('label') ? e.closest('label').getBoundingClientRect() : r;
				return (
					s.width > 0 &&
					s.height > 0 &&
					s.top < innerHeight &&
					s.bottom > 0 &&
					getComputedStyle(e).visibility !== 'hidden' &&
					(!e.closest('details:not([open])') || e.tagName === 'SUMMARY')
				);
			}).length,
	);
	console.log(p, 'controls', n, 'scroll', await page.evaluate(() => document.documentElement.scrollWidth));
	await page.screenshot({ path: `${out}${i++}.png` });
}
await browser.close();
