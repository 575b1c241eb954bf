/**
 * One line of JSON for each request and each failure, on standard output. A line carries the route,
 * never what was typed: no query, no body, no cookie, no header.
 */

import { pino, type Logger } from 'pino';
import { config } from './config';

let made: Logger | undefined;

export const log = (): Logger => (made ??= pino({ level: config().LOG_LEVEL, base: { pid: process.pid } }));
