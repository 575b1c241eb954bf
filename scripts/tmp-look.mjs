// usage: node scripts/tmp-look.mjs out.png path [width] [height] [dusk] [js]
import { chromium } from '@playwright/test';
import { existsSync } from 'node:fs';
const [out, path, w = '1280', h = '800', theme = '', act = ''] = process.argv.slice(2);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const base = 'http://127.0.0.1:45999';
const file = '/tmp/state.json';
const c = await b.newContext({
	viewport: { width: +w, height: +h },
	colorScheme: theme === 'dusk' ? 'dark' : 'light',
	...(existsSync(file) ? { storageState: file } : {}),
});
const p = await c.newPage();
p.on('console', (m) => m.type() === 'error' && console.log('console:', m.text()));
p.on('pageerror', (e) => console.log('pageerror', e.message));
if (!existsSync(file)) {
	await p.goto(base + '/sign-in');
	await p.getByRole('button', { name: /demo/i }).click();
	await p.waitForURL(/\/$|\/\?/);
	await c.storageState({ path: file });
}
let to = path;
if (path.startsWith('lesson:')) {
	const [, n, more = ''] = path.split(':');
	await p.goto(base + '/lessons');
	to = (await p.locator('main a[href^="/lessons/"]').nth(+n).getAttribute('href')) + more;
}
if (path.startsWith('class:')) {
	const [, n, more = ''] = path.split(':');
	await p.goto(base + '/classes');
	to = (await p.locator('main a[href^="/classes/"]').nth(+n).getAttribute('href')) + more;
}
if (path.startsWith('swatch:')) {
	const [, n, more = ''] = path.split(':');
	await p.goto(base + '/swatches');
	to = (await p.locator('main a[href^="/swatches/"]').nth(+n).getAttribute('href')) + more;
}
await p.goto(base + to);
await p.waitForTimeout(2500);
if (act) {
	await (0, eval)(`(async (p) => { ${act} })`)(p);
	await p.waitForTimeout(1200);
}
console.log(p.url(), 'scrollWidth', await p.evaluate(() => document.documentElement.scrollWidth));
await p.screenshot({ path: out, fullPage: process.env.FULL === 'yes' });
await b.close();
