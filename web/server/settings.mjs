/** What the surroundings say to the front; the app itself reads the rest. */

import { availableParallelism } from 'node:os';

/** @param {NodeJS.ProcessEnv} env */
export function readSettings(env) {
	/** @param {string} name @param {number} usual @param {number} least */
	const count = (name, usual, least) => {
		const said = env[name];
		if (said === undefined || said === '') return usual;
		const value = Number(said);
		if (!Number.isInteger(value) || value < least) {
			throw new Error(`${name} is “${said}”. It is a whole number from ${least} on.`);
		}
		return value;
	};
	return {
		host: env['HOST'] ?? '0.0.0.0',
		port: count('PORT', 3000, 0),
		/** Threads that make pages. */
		threads: count('PAGE_THREADS', Math.max(2, availableParallelism()), 1),
		/** Milliseconds of work that one page may take, and one thing that is handed out. */
		longest: { page: count('LONGEST_PAGE_MS', 4000, 100), long: count('LONGEST_FILE_MS', 30_000, 100) },
		/** Seconds that running requests are given when the process is asked to stop. */
		shutdown: count('SHUTDOWN_TIMEOUT', 30, 0),
		addressHeader: (env['ADDRESS_HEADER'] ?? '').toLowerCase(),
		proxies: count('XFF_DEPTH', 1, 1),
		/** Milliseconds of the processor that strangers may use at once, by address and by link, and that are given back each second. */
		strangers: { most: count('STRANGERS_BURST_MS', 30_000, 100), drain: count('STRANGERS_MS_A_SECOND', 900, 1) },
	};
}

/** @typedef {ReturnType<typeof readSettings>} Settings */

/**
 * The address of whoever asks: as the proxy names it, where one does, else of the connection itself.
 * @param {Pick<import('node:http').IncomingMessage, 'headers' | 'socket'>} request
 * @param {Pick<Settings, 'addressHeader' | 'proxies'>} settings
 */
export function addressOf({ headers, socket }, { addressHeader, proxies }) {
	const said = addressHeader ? headers[addressHeader] : undefined;
	const text = Array.isArray(said) ? said.join(',') : said;
	if (text) {
		if (addressHeader !== 'x-forwarded-for') return text.trim();
		const all = text.split(',');
		const named = all[all.length - proxies]?.trim();
		if (named) return named;
	}
	return socket.remoteAddress ?? 'unknown';
}
