// `npm run count`: lines of the product and of its tests, without blank lines and comments, and the share of tests.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib/paths.mjs';
import { output } from './lib/run.mjs';

/** What is written by hand; data, grammars' tables and documents are not counted. */
const CODE = /\.(?:ts|mjs|cjs|js|svelte|css|sql|typ|grammar|html)$/;
const TEST = /\.test\.ts$|^e2e\/|^core\/test\/|\/server\/test\//;
const COMMENT = { line: /^(?:\/\/|--)/, begins: /^(?:\/\*|<!--)/, ends: /\*\/|-->/ };

/** @param {string} text */
function linesOf(text) {
	let count = 0;
	let isInside = false;
	for (const line of text.split('\n').map((l) => l.trim())) {
		if (isInside) {
			isInside = !COMMENT.ends.test(line);
			continue;
		}
		if (line === '' || COMMENT.line.test(line)) continue;
		if (COMMENT.begins.test(line)) {
			isInside = !COMMENT.ends.test(line);
			continue;
		}
		count += 1;
	}
	return count;
}

/** @type {Map<string, { product: number, tests: number }>} */
const folders = new Map();
const all = { product: 0, tests: 0 };
for (const path of output('git', ['ls-files'])
	.split('\n')
	.filter((p) => CODE.test(p))) {
	const of = TEST.test(path) ? 'tests' : 'product';
	const lines = linesOf(readFileSync(join(root, path), 'utf8'));
	const folder = path.startsWith('core/') ? path.split('/').slice(0, 2).join('/') : (path.split('/')[0] ?? '');
	const sums = folders.get(folder) ?? { product: 0, tests: 0 };
	sums[of] += lines;
	all[of] += lines;
	folders.set(folder, sums);
}
console.table(Object.fromEntries([...folders].sort()));
console.log(
	`${all.product} lines of product, ${all.tests} of tests: ${(all.tests / all.product).toFixed(2)} of the product, ${((100 * all.tests) / (all.product + all.tests)).toFixed(0)} % of all.`,
);
