// `npm run pictures`: takes the pictures of docs/screenshots anew, from the demo data.
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { root } from './lib/paths.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: true });
const { chromium } = await import('@playwright/test');
const { serveUntilExit } = await import('./lib/serve.mjs');
const { launchOptions } = await import('./lib/browser.mjs');

const wide = { width: 1280, height: 800 };
const tablet = { width: 820, height: 1180 };

/**
 * Each view once: where it is, in which light and size, and what to press before.
 * @type {readonly { name: string, path: string, light?: 'day' | 'dusk', size?: typeof wide, then?: (page: import('@playwright/test').Page) => Promise<void> }[]}
 */
const views = [
	{
		name: 'tonight',
		path: '/',
		then: async (page) => {
			await page.getByLabel('A crossing, as the pattern names it').fill('T3F');
		},
	},
	{ name: 'stage-day', path: '/crossings?name=C4F&school=total-front-back&step=3' },
	{
		name: 'stage-dusk-tablet',
		path: '/crossings?name=2%2F2+RC&school=slash&way=pinch&step=2',
		light: 'dusk',
		size: tablet,
	},
	{ name: 'not-read', path: '/crossings?name=2%2F2+XC&school=slash' },
	{
		name: 'lesson',
		path: '/lessons',
		then: async (page) => {
			await page.getByRole('link', { name: /First rope/ }).click();
			await page.getByLabel('Title of the lesson').waitFor();
		},
	},
	{
		name: 'sheet',
		path: '/lessons',
		size: tablet,
		then: async (page) => {
			await page.getByRole('link', { name: /Wall pennant/ }).click();
			await page.getByRole('link', { name: 'Sheet for paper' }).click();
			await page.getByTestId('moves').first().waitFor();
		},
	},
];

const { address, leave } = await serveUntilExit({ name: `pictures-${process.pid}` });
const browser = await chromium.launch(launchOptions);
for (const { name, path, light = 'day', size = wide, then } of views) {
	const context = await browser.newContext({ viewport: size });
	await context.addCookies([{ name: 'pond-light', value: light, url: address }]);
	const page = await context.newPage();
	await page.goto(address + path, { waitUntil: 'networkidle' });
	await then?.(page);
	await page.waitForTimeout(300);
	await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) });
	await context.close();
	console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
await leave(0);
