// How pages do on a phone by Lighthouse: performance and best practices, the best of three visits.
import { launch } from 'chrome-launcher';
import lighthouse from 'lighthouse';
import puppeteer from 'puppeteer-core';
import { launchOptions } from './browser.mjs';

const ROUNDS = 3;

/**
 * @param {string} address
 * @param {string} cookie of somebody in the demo
 * @param {readonly (readonly [what: string, path: string])[]} views
 */
export async function benchLighthouse(address, cookie, views) {
	const chrome = await launch({
		chromePath: '/usr/bin/chromium',
		chromeFlags: ['--headless=new', ...launchOptions.args],
	});
	const lines = [];
	try {
		const browser = await puppeteer.connect({ browserURL: `http://127.0.0.1:${chrome.port}` });
		const [name = '', ...value] = cookie.split('=');
		await browser.setCookie({ name, value: value.join('='), domain: '127.0.0.1', path: '/' });
		await browser.disconnect();
		for (const [what, path] of views) {
			const seen = [];
			for (let i = 0; i < ROUNDS; i++) {
				const run = await lighthouse(address + path, {
					port: chrome.port,
					logLevel: 'error',
					onlyCategories: ['performance', 'best-practices'],
					disableStorageReset: true,
				});
				if (!run) throw new Error(`Lighthouse could not visit ${path}.`);
				const { categories, audits, finalDisplayedUrl } = run.lhr;
				if (!finalDisplayedUrl.includes(path)) throw new Error(`${path} led to ${finalDisplayedUrl}.`);
				seen.push({
					score: Math.round(100 * (categories['performance']?.score ?? 0)),
					practices: Math.round(100 * (categories['best-practices']?.score ?? 0)),
					paint: Math.round(audits['first-contentful-paint']?.numericValue ?? 0),
					blocking: Math.round(audits['total-blocking-time']?.numericValue ?? 0),
				});
			}
			const best = seen.reduce((a, b) => (b.score > a.score ? b : a));
			lines.push({
				what: `${what}, on a phone by Lighthouse, the best of ${ROUNDS}`,
				value: best.score,
				unit: 'of 100',
				ratio: `best practices ${best.practices}; first paint after ${best.paint} ms; ${best.blocking} ms blocked; the others ${seen.map((s) => s.score).join(', ')}`,
			});
		}
	} finally {
		chrome.kill();
	}
	return lines;
}
