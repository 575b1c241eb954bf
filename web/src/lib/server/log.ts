/**
 * One line of JSON for each request and each failure, on standard output. A line carries the route,
 * never what was typed: no query, no body, no cookie, no header. Of an error it says where in the code it
 * came about and its code, and leaves its words out: they may quote what somebody wrote.
 */

import { pino, type Logger } from 'pino';
import { config } from './config';

let made: Logger | undefined;

/** An error without its words. */
export function traced(cause: unknown): Record<string, unknown> {
	if (!(cause instanceof Error)) return { type: typeof cause };
	const at = (cause.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
	const code =
		'code' in cause && typeof cause.code === 'string' && /^[\w-]{1,40}$/.test(cause.code) ? cause.code : undefined;
	return { type: cause.name, ...(code ? { code } : {}), at: at.slice(0, 12).map((line) => line.trim()) };
}

export const log = (): Logger =>
	(made ??= pino({ level: config().LOG_LEVEL, base: { pid: process.pid }, serializers: { err: traced } }));
