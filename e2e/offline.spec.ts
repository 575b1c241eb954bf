/** What opens without a network: after an update, behind a proxy whose server is away, after moving inside the app, on a first visit. */

import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { type Page } from '@playwright/test';
import { expect, nobody, test } from './support';

test.use({ storageState: nobody, serviceWorkers: 'allow' });

/** A proxy in front of the app: it passes on, answers 502, or is cut; and may give out the worker of a newer version. */
class Proxy {
	mode: 'pass' | '502' | 'cut' = 'pass';
	version: { readonly from: string; readonly to: string } | undefined;
	readonly #server: Server;

	constructor(target: string) {
		const { hostname, port } = new URL(target);
		this.#server = createServer((asked, answer) => {
			if (this.mode === 'cut') return void asked.socket.destroy();
			if (this.mode === '502') return void answer.writeHead(502).end('<h1>Bad gateway</h1>');
			const { 'if-none-match': _, 'if-modified-since': __, ...rest } = asked.headers;
			const headers = { ...rest, 'accept-encoding': 'identity' };
			const on = request({ hostname, port, path: asked.url, method: asked.method, headers }, (from) => {
				if (!this.version || asked.url !== '/service-worker.js') {
					answer.writeHead(from.statusCode!, from.headers);
					from.pipe(answer);
					return;
				}
				const parts: Buffer[] = [];
				from.on('data', (part: Buffer) => parts.push(part));
				from.on('end', () => {
					const text = Buffer.concat(parts).toString().replaceAll(this.version!.from, this.version!.to);
					answer.writeHead(200, { 'content-type': 'text/javascript', 'cache-control': 'no-cache' }).end(text);
				});
			});
			on.on('error', () => answer.destroy());
			asked.pipe(on);
		});
	}
	async listen(): Promise<string> {
		await new Promise<void>((done) => this.#server.listen(0, '127.0.0.1', done));
		return `http://127.0.0.1:${(this.#server.address() as AddressInfo).port}`;
	}
	close(): void {
		this.#server.closeAllConnections();
		this.#server.close();
	}
}

const behind = test.extend<{ front: Proxy; at: string }>({
	front: async ({ baseURL }, use) => {
		const proxy = new Proxy(baseURL!);
		await use(proxy);
		proxy.close();
	},
	at: async ({ front }, use) => use(await front.listen()),
});

const caught = (page: Page): Promise<string[]> =>
	page.evaluate(async () => (await (await caches.open('pages')).keys()).map(({ url }) => new URL(url).pathname));
const apps = (page: Page): Promise<string[]> =>
	page.evaluate(async () => (await caches.keys()).filter((name) => name.startsWith('app-')));

behind(
	'an update without a network leaves every kept page, with its app, until the new ones are whole',
	async ({ page, context, front, at }) => {
		const stage = `${at}/stage?name=C4F&school=total-front-back`;
		await page.goto(stage);
		// The first visit is kept too, though the worker came after it.
		await expect.poll(() => caught(page)).toEqual(['/stage']);
		const before = await apps(page);
		expect(before).toHaveLength(1);
		const from = before[0]!.replace('app-', '');
		front.version = { from, to: `${from}-newer` };
		await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
		const take = page.getByRole('button', { name: /A new version is here/ });
		await expect(take).toBeVisible();
		front.mode = 'cut';
		await Promise.all([page.waitForEvent('load'), take.click()]);
		await expect(page.getByRole('heading', { level: 1 })).toContainText('2 over 2, leaning left');
		await page.getByRole('button', { name: 'Next', exact: true }).click();
		await expect(page.getByTestId('stage')).toHaveAttribute('data-step', '1');
		// The tab closed, and opened again.
		await page.close();
		const again = await context.newPage();
		await again.goto(stage);
		await expect(again.getByRole('heading', { level: 1 })).toContainText('2 over 2, leaning left');
		expect(await apps(again)).toHaveLength(2);
		// A front that answers for a server that is away.
		front.mode = '502';
		await again.reload();
		await expect(again.getByRole('heading', { level: 1 })).toContainText('2 over 2, leaning left');
		expect(await caught(again)).toEqual(['/stage']);
		// With the network back the page is fetched from the server, and the old files are deleted.
		front.mode = 'pass';
		await again.reload();
		await expect.poll(() => apps(again)).toEqual([`app-${from}-newer`]);
		expect(await caught(again)).toEqual(['/stage']);
	},
);

behind(
	'what is come to inside the app opens again without a network; what was never seen says so',
	async ({ page, front, at }) => {
		await page.goto(`${at}/`);
		await expect.poll(() => caught(page)).toEqual(['/']);
		await page.evaluate(() => navigator.serviceWorker.ready);
		await page.getByRole('link', { name: 'Practice', exact: true }).first().click();
		await expect(page).toHaveURL(/\/practice/);
		const heading = await page.getByRole('heading', { level: 1 }).textContent();
		await expect.poll(() => caught(page)).toContain('/practice');
		front.mode = 'cut';
		await page.reload();
		await expect(page.getByRole('heading', { level: 1 })).toHaveText(heading!);
		await page.goto(`${at}/classes/00000000-0000-4000-8000-000000000000`);
		await expect(page.getByRole('heading', { level: 1 })).toHaveText('No network');
	},
);
