/**
 * Signs that can be typed or pasted and cannot be kept: control signs, and halves of signs that are
 * written in two. A database refuses them, and nobody sees them; so they are found at the door.
 */

/** Where the first such sign stands. */
export interface Unclean {
	/** Keys and places on the way to the text that holds it. */
	readonly path: readonly (string | number)[];
	/** Its place in that text, from 0. */
	readonly at: number;
	/** In words. */
	readonly what: string;
}

/** Tabs and line ends are kept; the others of the first 32, DEL, the 32 behind it, and lone surrogates are not. */
// eslint-disable-next-line no-control-regex
const UNCLEAN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f]|\p{Surrogate}/u;
const EVERY = new RegExp(UNCLEAN.source, 'gu');

const named = (sign: string): string => {
	const code = sign.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0');
	return /\p{Surrogate}/u.test(sign) ? `half of a sign (U+${code})` : `a control sign (U+${code})`;
};

/** The first sign in a text that cannot be kept. */
export function uncleanAt(text: string): { readonly at: number; readonly what: string } | undefined {
	const found = UNCLEAN.exec(text);
	return found ? { at: found.index, what: named(found[0]) } : undefined;
}

/** The text without them. */
export const cleaned = (text: string): string => text.replaceAll(EVERY, '');

/** Depth to which a value is looked through; what is deeper is refused. */
const MOST_DEEP = 100;

/** The first such sign anywhere in a value of JSON, keys included. Linear. */
export function uncleanIn(value: unknown, path: readonly (string | number)[] = []): Unclean | undefined {
	if (typeof value === 'string') {
		const found = uncleanAt(value);
		return found && { path, ...found };
	}
	if (path.length > MOST_DEEP) return { path, at: 0, what: `more than ${MOST_DEEP} lists within each other` };
	if (Array.isArray(value)) {
		for (const [i, one] of value.entries()) {
			const found = uncleanIn(one, [...path, i]);
			if (found) return found;
		}
	} else if (typeof value === 'object' && value !== null) {
		for (const [key, one] of Object.entries(value)) {
			const found = uncleanIn(key, path) ?? uncleanIn(one, [...path, key]);
			if (found) return found;
		}
	}
	return undefined;
}

/** A value of JSON without them; the same object where there are none. */
export function cleanedIn<T>(value: T): T {
	if (typeof value === 'string') return cleaned(value) as T;
	if (Array.isArray(value)) return value.map((one: unknown) => cleanedIn(one)) as T;
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(Object.entries(value).map(([key, one]) => [cleaned(key), cleanedIn(one)])) as T;
}

const PLACES: Readonly<Record<string, string>> = {
	title: 'the title',
	text: 'the text',
	name: 'the name',
	glossary: 'the glossary',
	note: 'the note',
	signInName: 'the sign-in name',
	password: 'the password',
};

/** What to tell whoever wrote it: what it is, where, and what to do. */
export function uncleanWords({ path, at, what }: Unclean): string {
	const index = path[path.indexOf('steps') + 1];
	const step = path.includes('steps') && typeof index === 'number' ? `Step ${index + 1}: ` : '';
	// A note is a tree of texts; its outermost name says more than its leaf.
	const place = ['note', ...path.filter((p) => typeof p === 'string').reverse()].find(
		(p) => PLACES[p] && (p !== 'note' || path.includes('note')),
	);
	const where = place ? `In ${PLACES[place]}, at sign ${at + 1}, stands` : 'There is';
	return `${step}${where} ${what}, which cannot be kept. Take it out.`;
}
