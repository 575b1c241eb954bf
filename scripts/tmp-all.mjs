import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const base = 'http://127.0.0.1:45999';
for (const [w, h, scheme] of [[390, 844, 'dark'], [820, 1180, 'light']]) {
	const c = await b.newContext({ viewport: { width: w, height: h }, colorScheme: scheme, storageState: '/tmp/state.json', locale: 'en-GB' });
	const p = await c.newPage();
	const first = async (list, kind, n = 0) => { await p.goto(base + list); return p.locator(`main a[href^="${kind}"]`).nth(n).getAttribute('href'); };
	const lesson = await first('/lessons', '/lessons/', 3), sw = await first('/swatches', '/swatches/', 3), cl = await first('/classes', '/classes/');
	const paths = ['/', '/stage?name=C4F', '/crossings', '/swatches', sw, sw + '/size', '/lessons', lesson, lesson + '/print', cl, '/practice', '/wrong?seen=leans-wrong'];
	for (const [i, path] of paths.entries()) {
		await p.goto(base + path); await p.waitForTimeout(1800);
		const sw = await p.evaluate(() => document.documentElement.scrollWidth);
		if (sw !== w) console.log(path, w, 'scrollWidth', sw);
		await p.screenshot({ path: `/tmp/s-${w}-${i}.png` });
	}
}
await b.close();
