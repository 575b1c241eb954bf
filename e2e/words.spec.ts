/** The main screens, a handout, an error page and the practice say nothing in words that were given up (docs/words.md). */

import type { Page } from '@playwright/test';
import { expect, test } from './support.ts';

/** Words that were given up, as they would be read; what teachers write themselves is not the app's. */
const GIVEN_UP: readonly RegExp[] = [
	/(?<!stitch )\bholders?\b/i,
	/\bcords?\b/i,
	/\bpurl ground\b|\bthe ground\b/i,
	/\bhouse style\b/i,
	/\bTonight\b/,
	/\b(?:on|to|use it to) the stage\b/i,
	/\b(?:total|slash|held) names\b|\btwist words\b|by hold,|\bschool\b/i,
	/\bproved by\b|\bsimulat/i,
	/\bOff the (?:holder|cable needle)\b|\bBack to the needle\b|\bPinch and recapture\b|\bBest found\b/,
	/\bAs it will lie\b|\bLetting it lie\b/i,
	/\byarn drawer\b/i,
	/\bSheet for paper\b|\bWhat was learnt\b|\bWho is in the room\b|\bNothing to remark\b/i,
	/\bNot so\b/,
	/\banew\b|\breckoned\b/i,
	/\bdoor is (?:open|closed)\b/i,
];

/** All that a page says, to the eye and read aloud. */
const said = (page: Page): Promise<string> =>
	page.evaluate(() => {
		for (const fold of document.querySelectorAll('details')) fold.open = true;
		const aloud = [...document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')].flatMap((e) =>
			['aria-label', 'title', 'placeholder', 'alt'].flatMap((name) => e.getAttribute(name) ?? []),
		);
		return [document.title, document.body.innerText, ...aloud].join('\n');
	});

const inList = async (page: Page, list: string): Promise<string> => {
	await page.goto(list);
	const links = await page
		.locator(`main a[href^="${list}/"]`)
		.evaluateAll((a) => a.map((x) => x.getAttribute('href')!));
	return links.find((href) => /[\da-f-]{36}$/.test(href))!;
};

test('no screen, handout, error or question says what was given up', async ({ page }) => {
	const lesson = await inList(page, '/lessons');
	const swatch = await inList(page, '/swatches');
	const cls = await inList(page, '/classes');
	const places = [
		'/',
		'/crossings',
		'/stage?name=C4F&school=total-front-back',
		'/stage?name=2%2F2+LC&school=slash&mistake=wrong-side',
		'/stage/own?name=C4F&school=total-front-back',
		'/wrong?seen=leans-wrong',
		'/words',
		'/swatches/new',
		'/style',
		'/yarns',
		'/practice',
		'/nowhere',
		lesson,
		...['print?all', 'print', 'kit', 'show'].map((part) => `${lesson}/${part}`),
		swatch,
		`${swatch}/size`,
		`${swatch}/needles`,
		cls,
		`${cls}/learnt`,
	];
	const found: string[] = [];
	for (const place of places) {
		await page.goto(place);
		await page.waitForTimeout(300);
		const text = await said(page);
		for (const word of GIVEN_UP) {
			const at = word.exec(text);
			if (at) found.push(`${place}: …${text.slice(Math.max(0, at.index - 40), at.index + 40).replace(/\s+/g, ' ')}…`);
		}
	}
	expect(found).toEqual([]);
});
