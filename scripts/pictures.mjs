// `npm run pictures`: takes the pictures of docs/screenshots anew, from the demo data.
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { root } from './lib/paths.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: true });
const { chromium } = await import('@playwright/test');
const { serveUntilExit } = await import('./lib/serve.mjs');
const { launchOptions } = await import('./lib/browser.mjs');
const { enterDemo } = await import('./lib/enter.mjs');

const wide = { width: 1280, height: 800 };
const tablet = { width: 820, height: 1180 };

/**
 * Each view once: where it is, in which light and size, and what to press before.
 * @type {readonly { name: string, path: string, light?: 'day' | 'dusk', size?: typeof wide, visitor?: boolean, then?: (page: import('@playwright/test').Page) => Promise<void> }[]}
 */
const views = [
	{
		name: 'tonight',
		path: '/',
		then: async (page) => {
			await page.getByLabel('A cable from your pattern').fill('T3F');
		},
	},
	{ name: 'house-style', path: '/style' },
	{ name: 'stage-day', path: '/stage?name=C4F&school=total-front-back&step=3' },
	{
		name: 'stage-dusk-tablet',
		path: '/stage?name=2%2F2+LC&school=slash&craft=loom&way=held-outside&step=4',
		light: 'dusk',
		size: tablet,
	},
	{ name: 'wrong', path: '/wrong?seen=leans-wrong' },
	{
		name: 'design',
		path: `/crossings/design?from=${encodeURIComponent('5 6 3 4 1 2 | 1>3 1>4 2>3 2>4 3>5 3>6 4>5 4>6 5>1 5>2 6>1 6>2 | k k k k k k')}`,
	},
	{
		name: 'size',
		path: '/swatches',
		then: async (page) => {
			await page.getByRole('link', { name: /weave panel/ }).click();
			await page.getByRole('link', { name: 'Preview and size' }).click();
			await page.getByTestId('lie').locator('svg').waitFor();
			await page.getByLabel('Wide, in cm').fill('26');
			await page.getByLabel('Long, in cm').fill('64');
			await page.mouse.click(1, 1);
		},
	},
	{ name: 'crafts', path: '/crossings/crafts?name=3%2F3+RC&school=slash', size: { width: 1280, height: 1180 } },
	{
		name: 'hands',
		path: '/stage/own?name=2%2F2+LC&school=slash',
		then: async (page) => {
			for (const key of ['2', 'b']) await page.keyboard.press(key);
			await page.getByText('leans the other way').waitFor();
			await page.getByRole('button', { name: 'Loop 2', exact: true }).click();
		},
	},
	{
		name: 'desk',
		path: '/swatches',
		then: async (page) => {
			await page.getByRole('link', { name: /plait and diamond/ }).click();
			await page.getByTestId('chart').waitFor();
			await page.getByTestId('rows').getByText('C4F').first().hover();
			await page.locator('.cm-picture').waitFor();
		},
	},
	{
		name: 'swatch-what-if-dusk',
		path: '/swatches',
		light: 'dusk',
		size: tablet,
		then: async (page) => {
			await page.getByRole('link', { name: /Tight beside loose/ }).click();
			await page.getByRole('button', { name: 'Held on the wrong side' }).click();
			await page.getByTestId('signs').scrollIntoViewIfNeeded();
		},
	},
	{
		name: 'needles',
		path: '/swatches',
		then: async (page) => {
			await page.getByRole('link', { name: /plait and diamond/ }).click();
			await page.getByRole('link', { name: 'Knit it' }).click();
			await page.getByTestId('row-now').waitFor();
			for (let i = 0; i < 8; i++) await page.getByRole('button', { name: 'Row finished' }).click();
		},
	},
	{
		name: 'turn',
		path: '/swatches',
		then: async (page) => {
			await page.getByRole('link', { name: /weave panel/ }).click();
			await page.getByRole('link', { name: '3D' }).click();
			await page.locator('[data-ready=yes]').waitFor();
			await page.waitForTimeout(1200);
		},
	},
	{
		name: 'evening',
		path: '/classes',
		size: tablet,
		then: async (page) => {
			await page.getByRole('link', { name: /Thursday lanterns/ }).click();
			await page.getByRole('link', { name: /A rope/ }).click();
			await page.getByTestId('board').waitFor();
		},
	},
	{
		name: 'learnt',
		path: '/classes',
		light: 'dusk',
		then: async (page) => {
			await page.getByRole('link', { name: /Thursday lanterns/ }).click();
			await page.getByRole('link', { name: 'Progress' }).click();
			await page.getByTestId('next').waitFor();
			await page.waitForTimeout(800);
		},
	},
	{
		name: 'practice',
		path: '/practice?with=2%2F2%20LC&school=total-front-back',
		visitor: true,
		size: { width: 390, height: 844 },
		then: async (page) => {
			await page.getByRole('button', { name: 'To the right' }).click();
		},
	},
	{
		name: 'lesson',
		path: '/lessons',
		then: async (page) => {
			await page.getByRole('link', { name: /First rope/ }).click();
			await page.getByLabel('Title of the lesson').waitFor();
		},
	},
	{
		name: 'show',
		path: '/lessons',
		light: 'dusk',
		then: async (page) => {
			await page.getByRole('link', { name: /three groups/ }).click();
			await page.getByRole('link', { name: 'Present' }).click();
			await page.getByTestId('show').waitFor();
			await page.getByLabel('Jump to a step').selectOption('5');
			await page.getByTestId('stage').waitFor();
			for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Next', exact: true }).click();
			await page.waitForTimeout(1200);
		},
	},
	{
		name: 'sheet',
		path: '/lessons',
		size: tablet,
		then: async (page) => {
			await page.getByRole('link', { name: /Wall pennant/ }).click();
			await page.getByRole('link', { name: 'Handout' }).click();
			await page.getByRole('img', { name: /page 1 of/ }).waitFor();
			await page.waitForTimeout(500);
		},
	},
];

const { address, leave } = await serveUntilExit({ name: `pictures-${process.pid}` });
const browser = await chromium.launch(launchOptions);
/** Those that are named, or all. */
const named = process.argv.slice(2);
for (const { name, path, light = 'day', size = wide, visitor = false, then } of views) {
	if (named.length > 0 && !named.includes(name)) continue;
	// No real browser is named in a picture.
	const context = await browser.newContext({ viewport: size, userAgent: 'Pond' });
	await context.addCookies([{ name: 'pond-light', value: light, url: address }]);
	if (!visitor) {
		const [cookie = '', value = ''] = (await enterDemo(address)).split('=');
		await context.addCookies([{ name: cookie, value, url: address }]);
	}
	const page = await context.newPage();
	await page.goto(address + path, { waitUntil: 'networkidle' });
	await then?.(page);
	// Photographs in view have come, too.
	await page.waitForFunction(() =>
		[...document.images].every((i) => i.complete || i.getBoundingClientRect().top > window.innerHeight),
	);
	await page.waitForTimeout(300);
	await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) });
	await context.close();
	console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
await leave(0);
