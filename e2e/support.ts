/** What the browser tests share: who is signed in, points and pixels of drawings, and the accessibility check. */

import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import {
	test as base,
	expect,
	type APIRequestContext,
	type APIResponse,
	type BrowserContext,
	type BrowserContextOptions,
	type Locator,
	type Page,
} from '@playwright/test';
import { PNG } from 'pngjs';
import type { Crossing } from '../core/crossing/index.ts';
import { PALETTES, type CrossPoint, type Light } from '../core/drawing/index.ts';
import { readName } from '../core/notation/index.ts';
import { enterDemo } from '../scripts/lib/enter.mjs';

/** Where the tests' own server stands. */
export const home = `http://127.0.0.1:${process.env['E2E_PORT']}`;

/** What a browser keeps of somebody signed in. */
export type SignedIn = Exclude<BrowserContextOptions['storageState'], string | undefined>;

export const nobody: SignedIn = { cookies: [], origins: [] };

export function signedIn(cookie: string): SignedIn {
	const [name = '', value = ''] = cookie.split('=');
	const more = { domain: '127.0.0.1', path: '/', expires: -1, httpOnly: true, secure: false, sameSite: 'Lax' as const };
	return { cookies: [{ name, value, ...more }], origins: [] };
}

/**
 * Makes going somewhere end only when the page there hears keys and buttons: what is pressed before
 * is lost, and on a busy machine that may be seconds after it is seen.
 */
export function waitsUntilAwake(page: Page): void {
	const interactive = (): Promise<void> =>
		page.locator(':root:not([data-interactive="no"])').waitFor({ state: 'attached' });
	for (const how of ['goto', 'reload', 'goBack'] as const) {
		const go = page[how].bind(page) as (...given: unknown[]) => ReturnType<Page['goto']>;
		page[how] = async (...given: unknown[]) => {
			const answer = await go(...given);
			await interactive();
			return answer;
		};
	}
}

/** What went wrong between a page and its server, and in its script, in the order in which it did; the last few lines. */
function heardFrom(context: BrowserContext): readonly string[] {
	const lines: string[] = [];
	const hear = (line: string): void => {
		lines.push(`${new Date().toISOString().slice(11, 23)} ${line}`);
		if (lines.length > 40) lines.shift();
	};
	context.on('response', (r) => {
		if (r.status() >= 400) hear(`${r.status()} ${r.request().method()} ${r.url()}`);
	});
	context.on('requestfailed', (r) => hear(`${r.failure()?.errorText} ${r.method()} ${r.url()}`));
	context.on('weberror', (e) => hear(`thrown: ${e.error().stack ?? e.error().message}`));
	context.on('console', (m) => {
		if (m.type() === 'error') hear(`console: ${m.text()}`);
	});
	return lines;
}

/** What is one press away, and open once it was opened. */
const FOLDS = ['player', 'ways', 'cable-more', 'cable-wrong', 'size-yarn', 'size-measured'];

/** Tests begin signed in as the demo's teacher; those about accounts begin as somebody else. */
export const test = base.extend<object, { demo: SignedIn }>({
	demo: [async ({}, use) => use(signedIn(await enterDemo(home))), { scope: 'worker' }],
	storageState: async ({ demo }, use) => use(demo),
	context: async ({ context, javaScriptEnabled }, use, info) => {
		if (javaScriptEnabled !== false) context.on('page', waitsUntilAwake);
		// As for somebody who has opened all that is one press away.
		await context.addInitScript((folds) => {
			try {
				for (const fold of folds) localStorage.setItem(`open ${fold}`, 'yes');
			} catch {
				// Where the browser keeps nothing, they stay closed.
			}
		}, FOLDS);
		const heard = heardFrom(context);
		await use(context);
		if (info.status === info.expectedStatus) return;
		// Where something comes out otherwise on another machine, this is all that is known of it.
		for (const page of context.pages()) {
			const seen = await page.evaluate(() => document.body.innerText).catch(() => '(gone)');
			console.log(`${info.title}: at ${page.url()}\n${seen.replace(/\s+/g, ' ').slice(0, 400)}`);
		}
		console.log(heard.join('\n'));
	},
});
export { expect };

export const PASSWORD = 'seven wet mittens';

/** A form as a page would post it. */
export const post = (
	request: APIRequestContext,
	path: string,
	form: Record<string, string>,
	address = home,
): Promise<APIResponse> =>
	request.post(address + path, { form, headers: { origin: address, accept: 'text/html' }, maxRedirects: 0 });

let teachers = 0;

/** Signs a new teacher up, who is then signed in with this request context; gives the sign-in name and the codes. */
export async function newTeacher(
	request: APIRequestContext,
	{ name = 'Ines Alder', address = home }: { name?: string; address?: string } = {},
): Promise<{ signInName: string; codes: string[] }> {
	const signInName = `teacher-${process.pid}-${Date.now()}-${teachers++}`;
	const answer = await post(request, '/sign-up', { name, signInName, password: PASSWORD }, address);
	const codes = (await answer.text()).match(/\b(?:[A-Z2-9]{5}-){3}[A-Z2-9]{5}\b/g) ?? [];
	// Ten, and once more each in the data for hydration.
	const once = [...new Set(codes)].filter((c) => c !== 'XXXXX-XXXXX-XXXXX-XXXXX');
	expect([answer.status(), once.length]).toEqual([200, 10]);
	return { signInName, codes: once };
}

export async function inLight(page: Page, light: 'day' | 'dusk'): Promise<void> {
	await page.context().addCookies([{ name: 'pond-light', value: light, url: home }]);
}

type Rgb = readonly [number, number, number];

const rgbOf = (hex: string): Rgb => [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16)) as unknown as Rgb;
const apart = (a: Rgb, b: Rgb): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/**
 * The cords seen at points of a drawing: for each point the letter of the cord
 * whose body or mark colour the pixel there is nearest to, `-` when it is none.
 */
export async function cordsAt(
	page: Page,
	drawing: Locator,
	points: readonly CrossPoint[],
	light: Light,
): Promise<string[]> {
	const svg = drawing.locator('svg[role=img]');
	await svg.scrollIntoViewIfNeeded();
	const places = await svg.evaluate((element, list) => {
		const matrix = (element as SVGSVGElement).getScreenCTM();
		return list.map(({ x, y }) => {
			const p = new DOMPoint(x, y).matrixTransform(matrix ?? undefined);
			return { x: Math.round(p.x), y: Math.round(p.y) };
		});
	}, points);
	const shot = PNG.sync.read(await page.screenshot());
	const { cords, ground } = PALETTES[light];
	const known = [
		...cords.flatMap(({ body, mark }, i) => [body, mark].map((hex) => ({ letter: 'ABCD'[i]!, rgb: rgbOf(hex) }))),
		{ letter: 'ground', rgb: rgbOf(ground.body) },
	];
	return places.map(({ x, y }) => {
		const at = (shot.width * y + x) * 4;
		const pixel: Rgb = [shot.data[at]!, shot.data[at + 1]!, shot.data[at + 2]!];
		const nearest = known.reduce((best, k) => (apart(k.rgb, pixel) < apart(best.rgb, pixel) ? k : best));
		return apart(nearest.rgb, pixel) < 40 ? nearest.letter : '-';
	});
}

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface AxeResult {
	readonly violations: readonly { readonly id: string; readonly nodes: readonly { readonly html: string }[] }[];
}

/** No violation that axe knows of, in the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
	// An editor is inert until it is interactive, and then it is not in the accessibility tree.
	await expect(page.locator('[inert]')).toHaveCount(0);
	await page.evaluate(axeSource);
	const { violations } = await page.evaluate(() =>
		(globalThis as unknown as { axe: { run: () => Promise<AxeResult> } }).axe.run(),
	);
	expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`)).toEqual([]);
}

/** Makes a lesson through the page and gives its address. */
export async function newLesson(page: Page, title: string): Promise<string> {
	await page.goto('/lessons');
	await page.getByLabel('Title of a new lesson').fill(title);
	await page.getByRole('button', { name: 'Make a lesson' }).click();
	await expect(page.getByLabel('Title of the lesson')).toHaveValue(title);
	return new URL(page.url()).pathname;
}

export const saved = (page: Page): Locator => page.locator('[data-testid="save-state"][data-kind="saved"]');

/** The crossing of a slash name, or a failed test. */
export function crossingNamed(text: string): Crossing {
	const read = readName(text, 'slash');
	if (!read.ok) throw new Error(`${text} was not read`);
	return read.crossing;
}

/** Whether everything is tried in every light, width and lean, as `npm run test:long` does. */
export const isLong = process.env['POND_LOOP_LONG'] === 'yes';

/** The rows of a swatch as they stand in the editor, line by line. */
export const lines = async (page: Page): Promise<string[]> =>
	page.getByTestId('rows').locator('.cm-line').allTextContents();
