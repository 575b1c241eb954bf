/** `npm run vectors -- FILE_OR_FOLDER…`: holds the core against files of known answers. */

import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { checkCase } from './lib/vector-cases.ts';

const paths = process.argv.slice(2);
if (paths.length === 0) {
	console.error('Name the files or folders of cases: npm run vectors -- core/test/vectors');
	process.exit(2);
}

function filesIn(path: string): string[] {
	if (!statSync(path).isDirectory()) return [path];
	return readdirSync(path)
		.sort()
		.filter((name) => name.endsWith('.json') || statSync(join(path, name)).isDirectory())
		.flatMap((name) => filesIn(join(path, name)));
}

let passed = 0;
let failed = 0;
const complain = (where: string, why: string): void => {
	failed += 1;
	console.log(`${where}: ${why}`);
};

for (const path of paths) {
	let files: string[] = [];
	try {
		files = filesIn(path);
		if (files.length === 0) complain(path, 'there is no JSON file in it');
	} catch (error) {
		complain(path, `cannot be read: ${(error as Error).message}`);
	}
	for (const file of files) {
		let cases: unknown;
		try {
			cases = JSON.parse(readFileSync(file, 'utf8'));
		} catch (error) {
			complain(file, `cannot be read: ${(error as Error).message}`);
			continue;
		}
		if (!Array.isArray(cases)) {
			complain(file, 'is not an array of cases');
			continue;
		}
		for (const [i, one] of cases.entries()) {
			const { id, why } = checkCase(one, i);
			if (why === undefined) passed += 1;
			else complain(`${file} ${id}`, why);
		}
	}
}
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
