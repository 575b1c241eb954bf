/** Somebody's name taken out of what was written about an evening, such as of who is erased. */

import type { Did } from './evening.ts';

/** What stands there instead. */
const SOMEBODY = 'somebody';

/** A name as a word of its own, so that Ann is not found in Anna. */
const asWord = (name: string): RegExp =>
	new RegExp(`(?<![\\p{L}\\p{N}])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}])`, 'giu');

/** How somebody is called in writing: by the whole name, and by its first word where nobody else who stays has that. */
export function calledBy(name: string, staying: readonly string[]): readonly string[] {
	const first = (of: string): string => of.trim().split(/\s+/)[0] ?? '';
	const own = first(name);
	const isShared = staying.some((other) => first(other).toLowerCase() === own.toLowerCase());
	return [...new Set([name.trim(), ...(isShared ? [] : [own])])].filter((n) => n !== '');
}

/** Takes these names out of a text. Linear in it. */
export function nameTaker(names: readonly string[]): (text: string) => string {
	const words = names.map(asWord);
	return (text) => words.reduce((now, word) => now.replace(word, SOMEBODY), text);
}

/** Takes these names out of presses: gives the very same one where none of them is in it. Linear in what is written. */
export function withoutNames(names: readonly string[]): (did: Did) => Did {
	const without = nameTaker(names);
	return (did) => nameless(did, without);
}
function nameless(did: Did, without: (text: string) => string): Did {
	switch (did.kind) {
		case 'note':
			return changed(did, { text: without(did.text) });
		case 'wrong':
			return did.mended === undefined ? did : changed(did, { mended: without(did.mended) });
		case 'piece':
		case 'measure':
			return changed(did, { what: without(did.what) });
		case 'lap':
			return did.what === undefined ? did : changed(did, { what: without(did.what) });
		default:
			return did;
	}
}
/** The very same where nothing differs, so that nothing is written anew. */
const changed = <D extends Did>(did: D, by: Partial<D>): D =>
	(Object.keys(by) as (keyof D)[]).every((k) => by[k] === did[k]) ? did : { ...did, ...by };
