/** What went wrong, and what is said of it: each failure has a status, words for whoever asked, and nothing of theirs for the log. */

import { isAway } from './database';
import { Unread } from './documents';
import { NotSet } from './handout/setter';
import { Full } from './quota';

export interface Failure {
	readonly status: number;
	readonly message: string;
	/** Nothing is wrong with the server, so that its log need not say more than the status. */
	readonly isQuiet: boolean;
}

const diskFull =
	'The server has no room left, so this was not saved. It is still in this page; tell whoever runs the server, then try again.';

export const away = 'The database does not answer. Nothing that was saved is lost; try again in a moment.';

// Classes of errors by which PostgreSQL refuses what it is given. Source: its appendix of error codes.
const REFUSED: readonly (readonly [RegExp, string])[] = [
	[/^(22021|22P05)$/, 'it holds a sign that cannot be stored'],
	[/^22003$/, 'a number in it is too large'],
	[/^(22001|54...)$/, 'it is too large'],
	[/^23505$/, 'there is one like it already'],
	[/^(22|23)...$/, 'it does not fit what is kept here'],
];

const codeOf = (cause: unknown): string =>
	cause instanceof Object && 'code' in cause && typeof cause.code === 'string' ? cause.code : '';

/** Why a database does not keep something, in words; undefined when that is not what went wrong. */
export const refusedBecause = (cause: unknown): string | undefined =>
	REFUSED.find(([codes]) => codes.test(codeOf(cause)))?.[1];

/** Whoever asked has hung up in the middle of it. */
const isGone = (cause: unknown): boolean =>
	['ECONNRESET', 'EPIPE', 'ABORT_ERR', 'ERR_STREAM_PREMATURE_CLOSE', 'UND_ERR_ABORTED'].includes(codeOf(cause)) ||
	(cause instanceof Error &&
		(cause.name === 'AbortError' || cause.message === 'aborted' || cause.message === 'terminated'));

export function failureOf(cause: unknown): Failure {
	if (isAway(cause)) return { status: 503, message: away, isQuiet: false };
	if (cause instanceof Unread) {
		return { status: 409, message: 'What is stored there cannot be read. Open it to see it as it is.', isQuiet: false };
	}
	if (cause instanceof NotSet) return { status: 413, message: cause.message, isQuiet: true };
	// Source: PostgreSQL's appendix of error codes, class 53.
	if (codeOf(cause) === '53100') return { status: 507, message: diskFull, isQuiet: false };
	if (cause instanceof Full) return { status: 409, message: cause.says, isQuiet: true };
	const because = refusedBecause(cause);
	if (because) {
		return {
			status: 400,
			message: `This cannot be kept, because ${because}. What was there before still stands.`,
			isQuiet: false,
		};
	}
	if (isGone(cause)) return { status: 503, message: 'The connection ended before this was done.', isQuiet: true };
	return {
		status: 500,
		message: 'Something went wrong on our side. What you wrote is still in this page; try again in a moment.',
		isQuiet: false,
	};
}
