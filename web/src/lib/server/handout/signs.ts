/** Which signs the faces of a handout have: what they lack is told before anything is printed. */

import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import * as fontkit from 'fontkit';
import { FACES } from './faces';

let known: ReadonlySet<number> | undefined;

function covered(): ReadonlySet<number> {
	if (known) return known;
	const require = createRequire(import.meta.url);
	const signs = new Set<number>();
	for (const path of FACES) {
		const face = fontkit.create(readFileSync(require.resolve(path)));
		if ('characterSet' in face) for (const sign of face.characterSet) signs.add(sign);
	}
	return (known = signs);
}

/** Turned writing and joiners are obeyed and not set; blanks are blanks. */
const SILENT = /[\s\p{Default_Ignorable_Code_Point}]/u;

/** The signs of a text that cannot be set, each once. */
export const unsetIn = (text: string): readonly string[] =>
	[...new Set(text)].filter((sign) => !SILENT.test(sign) && !covered().has(sign.codePointAt(0)!));

/** The text with a mark in place of each. */
export const settable = (text: string): string =>
	[...text].map((sign) => (SILENT.test(sign) || covered().has(sign.codePointAt(0)!) ? sign : '\u25a1')).join('');

/** All text of a document, as one. */
export function textsOf(value: unknown): string {
	if (typeof value === 'string') return value;
	if (typeof value !== 'object' || value === null) return '';
	return Object.values(value).map(textsOf).join('');
}
