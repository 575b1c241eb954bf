/** Every place of the app in each light and width, with usual, overfull and no data: nothing wider than the window, and nothing that axe complains of. All widths in the long run, phones always. */

import type { Page } from '@playwright/test';
import { fillUp, withNothing } from './overfull.ts';
import { expect, expectAccessible, home, isLong, newTeacher, nobody, test } from './support.ts';

const OPEN = [
	'/',
	'/crossings',
	'/crossings?symbol',
	'/crossings/crafts',
	'/crossings/design',
	'/stage',
	'/stage?name=3%2F3+LC&school=slash&craft=machine',
	'/stage?name=2%2F2+LC&school=slash&mistake=wrong-side',
	'/stage?name=2%2F2+LC&school=slash&beside=pinch',
	'/swatches',
	'/swatches/new',
	'/swatches/new?rows',
	'/lessons',
	'/style',
	'/yarns',
	'/account',
	'/wrong?seen=leans-wrong',
	'/words',
	'/nowhere',
];

/** Addresses of the documents in a list. */
const listed = async (page: Page, list: string): Promise<string[]> => {
	await page.goto(list);
	const all = await page.locator(`main a[href^="${list}/"]`).evaluateAll((a) => a.map((x) => x.getAttribute('href')!));
	return [...new Set(all)].filter((href) => /[0-9a-f-]{36}$/.test(href));
};

test.describe('with the worker that keeps pages', () => {
	test.use({ serviceWorkers: 'allow' });
	test('each place can be left for another at once, with no error behind it', async ({ page }) => {
		const errors: string[] = [];
		let way = '';
		page.on('pageerror', (error) => errors.push(`${way}: ${error.message}`));
		// What a page asks for by itself is answered once it is left; its data are not held up.
		await page.addInitScript(() => {
			const fetched = window.fetch;
			window.fetch = async (...asked) => {
				if (/\/(?:api|evenings)\//.test(String(asked[0]))) await new Promise((done) => setTimeout(done, 600));
				return fetched(...asked);
			};
		});
		const [lesson = ''] = await listed(page, '/lessons');
		const [swatch = ''] = await listed(page, '/swatches');
		const [cls = ''] = await listed(page, '/classes');
		await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
		const places = [
			...['/', '/stage?name=3%2F3+LC&school=slash', '/crossings', '/crossings/design', '/lessons', lesson],
			...['print', 'kit', 'show'].map((part) => `${lesson}/${part}`),
			...[
				swatch,
				`${swatch}/size`,
				`${swatch}/needles`,
				'/classes',
				cls,
				`${cls}/learnt`,
				'/practice',
				'/style',
				'/yarns',
			],
		];
		// By the client's router, as a link does: the document is not loaded again.
		const goes = (to: string): Promise<void> =>
			page.evaluate((href) => {
				const link = Object.assign(document.createElement('a'), { href });
				document.body.append(link);
				link.click();
				link.remove();
			}, to);
		for (const place of places) {
			way = `${place}, left for /account`;
			await goes(place);
			await expect.poll(() => page.url().split('?')[0]).toMatch(new RegExp(`${place.split('?')[0]}$`));
			await goes('/account');
			await expect(page).toHaveURL(/\/account$/);
		}
		await page.waitForTimeout(700);
		expect(errors).toEqual([]);
	});
});

if (isLong)
	for (const light of ['day', 'dusk'] as const)
		for (const width of [320, 390, 768, 1280])
			test(`every place fits and can be used by everybody: ${light}, ${width} wide`, async ({
				page,
				context,
				baseURL,
			}) => {
				test.setTimeout(600_000);
				await context.addCookies([{ name: 'pond-light', value: light, url: baseURL! }]);
				await page.setViewportSize({ width, height: 844 });
				const lessons = await listed(page, '/lessons');
				const swatches = await listed(page, '/swatches');
				const [cls = ''] = await listed(page, '/classes');
				const places = [
					...OPEN,
					...lessons,
					...['print', 'kit', 'show', 'show?notes'].map((part) => `${lessons[0]}/${part}`),
					...swatches,
					`${swatches[0]}/needles`,
					`${swatches[0]}/size`,
					`${swatches.at(-1)}/size`,
					`${swatches[0]}/beside?with=${swatches.at(-1)!.split('/').pop()}`,
					`${swatches[0]}/turn`,
					'/stage/turn?name=2%2F2+LC&school=slash',
					'/stage/own?name=2%2F2+LC&school=slash&craft=loom',
					'/stage/own?name=2%2F2+LC&school=slash&craft=machine',
					'/stage/own?name=2%2F2+LC&school=slash&craft=loom&bare',
					...['', '/learnt', '/print'].map((part) => `${cls}${part}`),
				];
				for (const place of places) {
					await page.goto(place);
					// What the browser draws for itself comes a little after the page.
					await page.waitForTimeout(400);
					expect([place, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([place, width]);
					await expectAccessible(page);
				}
			});

test.describe('overfull, and with nothing', () => {
	test.use({ storageState: nobody });
	/** What reaches furthest to the right, and is in nothing that reaches as far. */
	const widest = (page: Page): Promise<string> =>
		page.evaluate(() => {
			const reach = (e: Element): number => e.getBoundingClientRect().right;
			const all = [...document.querySelectorAll('main *, header *, nav *')].filter((e) => reach(e) > innerWidth + 1);
			const deep = all.filter((e) => ![...e.children].some((c) => reach(c) > innerWidth + 1));
			return deep
				.slice(0, 3)
				.map(
					(e) => `<${e.tagName.toLowerCase()} class="${e.getAttribute('class') ?? ''}"> ${e.textContent.slice(0, 20)}`,
				)
				.join('; ');
		});
	/** Places that are wider than the window, with how wide they are. */
	async function tooWide(page: Page, places: readonly string[], width: number): Promise<string[]> {
		const wide: string[] = [];
		for (const place of places) {
			await page.goto(place);
			await page.waitForTimeout(isLong ? 400 : 100);
			const is = await page.evaluate(() => document.documentElement.scrollWidth);
			if (is !== width) wide.push(`${place}: ${is}, by ${await widest(page)}`);
			// What is fixed to the window makes the page no wider, and is cut.
			const cut = await page
				.locator('nav ul')
				.evaluateAll((bars) => bars.some((b) => b.scrollWidth > b.clientWidth + 1));
			if (cut) wide.push(`${place}: its bar is cut`);
			if (isLong) await expectAccessible(page);
		}
		return wide;
	}
	const LIGHTS = isLong ? (['day', 'dusk'] as const) : (['dusk'] as const);
	for (const light of LIGHTS)
		for (const width of isLong ? [320, 390, 768, 1280] : [390])
			test(`every place is as wide as the window: ${light}, ${width}`, async ({ page, context, baseURL }) => {
				test.setTimeout(600_000);
				await context.addCookies([{ name: 'pond-light', value: light, url: baseURL! }]);
				await page.setViewportSize({ width, height: 844 });
				await newTeacher(page.request);
				expect(await tooWide(page, await withNothing(page.request, home), width)).toEqual([]);
				const { places, byLink } = await fillUp(page.request, home);
				expect(await tooWide(page, [...places, ...byLink], width)).toEqual([]);
			});
});
