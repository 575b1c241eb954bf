// `npm run icons`: the icons of the app and the picture that a link to it shows, from the sign and the drawings of the app itself.
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { twoGroups } from '../core/crossing/index.ts';
import { drawRibbon, PALETTES, toSvg } from '../core/drawing/index.ts';
import { launchOptions } from './lib/browser.mjs';
import { root } from './lib/paths.mjs';

const require = createRequire(join(root, 'web', 'package.json'));
const folder = join(root, 'web', 'static');
const sign = readFileSync(join(folder, 'favicon.svg'), 'utf8');
const { paper, ink, water } = PALETTES.day;
const face = (path: string): string => readFileSync(require.resolve(path)).toString('base64');

const browser = await chromium.launch(launchOptions);
const page = await browser.newPage();

/** A square of so many points with the sign in it. */
async function icon(size: number, background: string, inset: number): Promise<Buffer> {
	await page.setViewportSize({ width: size, height: size });
	await page.setContent(
		`<style>body{margin:0;background:${background}}svg{display:block;width:${size - 2 * inset}px;height:${size - 2 * inset}px;margin:${inset}px}</style>${sign}`,
	);
	return page.screenshot({ omitBackground: background === 'transparent' });
}

/** An ICO with one picture: six bytes of head, sixteen that tell of the picture, and a PNG. */
function ico(png: Buffer, size: number): Buffer {
	const head = Buffer.alloc(22);
	head.writeUInt16LE(1, 2);
	head.writeUInt16LE(1, 4);
	head.writeUInt8(size, 6);
	head.writeUInt8(size, 7);
	head.writeUInt16LE(1, 10);
	head.writeUInt16LE(32, 12);
	head.writeUInt32LE(png.length, 14);
	head.writeUInt32LE(head.length, 18);
	return Buffer.concat([head, png]);
}

writeFileSync(join(folder, 'favicon.ico'), ico(await icon(32, 'transparent', 0), 32));
writeFileSync(join(folder, 'touch-icon.png'), await icon(180, paper, 22));
writeFileSync(join(folder, 'icon-192.png'), await icon(192, paper, 22));
writeFileSync(join(folder, 'icon-512.png'), await icon(512, paper, 64));

const ribbon = (lean: 'left' | 'right', groups: number): string =>
	toSvg(drawRibbon(twoGroups({ front: groups, behind: groups, lean }), { light: 'day' }));
await page.setViewportSize({ width: 1200, height: 630 });
await page.setContent(`<style>
	@font-face { font-family: F; src: url(data:font/woff2;base64,${face('@fontsource/fraunces/files/fraunces-latin-600-normal.woff2')}) }
	@font-face { font-family: A; src: url(data:font/woff2;base64,${face('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2')}) }
	body { margin: 0; height: 630px; color: ${ink}; background: linear-gradient(${paper} 55%, ${water[1]}, ${water[2]}); display: flex; gap: 60px; align-items: center; padding: 0 80px; box-sizing: border-box; font: 33px/1.35 A }
	h1 { font: 600 104px/1 F; margin: 0 0 28px }
	p { margin: 0; max-width: 560px }
	svg { height: 400px; width: auto }
</style><div><h1>Pond Loop</h1><p>What a cable crossing’s name means, how hands do it, and lessons about it.</p></div>${ribbon('left', 2)}${ribbon('right', 3)}`);
await page.evaluate(() => document.fonts.ready);
writeFileSync(join(folder, 'preview.png'), await page.screenshot());
await browser.close();
