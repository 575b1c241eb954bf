/**
 * Expected failures are values, so that a caller cannot forget them;
 * exceptions are left for bugs.
 */

/** A stretch of a text, in UTF-16 code units: `from` inclusive, `to` exclusive. */
export interface Span {
	readonly from: number;
	readonly to: number;
}

/** What is wrong, where, and what to do about it, in words for the person at the page. */
export interface Problem {
	readonly code: string;
	readonly what: string;
	readonly todo: string;
	/** The place in the text that was read, when there is a text. */
	readonly at?: Span;
}

export type Result<T> =
	{ readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (
	...problems: readonly Problem[]
): { readonly ok: false; readonly problems: readonly Problem[] } => ({
	ok: false,
	problems,
});
