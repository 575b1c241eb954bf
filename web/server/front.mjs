/**
 * The front of the app: one thread that only carries bytes, and several that do the work. Whatever a
 * page asks for, this loop is never held by it: files and health are answered here, everything else is
 * passed to a thread when its turn has come, counted, and ended when it takes too much.
 */

import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { constants } from 'node:zlib';
import compression from 'compression';
import sirv from 'sirv';
import { placeOf } from './network.mjs';
import { GUARDS, say } from './said.mjs';
import { addressOf, readSettings } from './settings.mjs';
import { Thread } from './threads.mjs';
import { Costs, FairQueue, Uses } from './fair-queue.mjs';

/** Bytes of the largest body that anything takes. */
const MOST_BODY = 8 * 1024 * 1024;
/** Bytes of an account's file that is brought back. */
const MOST_FILE = 64 * 1024 * 1024;
const BRINGS_BACK = '/api/bring-back';
/** Where a teacher's whole files come in. */
const WHOLE_FILES = new Set([BRINGS_BACK, '/api/classes/file']);
/** Bytes of bodies that are held at once. */
const MOST_BODIES = 256 * 1024 * 1024;
/** Bytes of the largest page or answer; files that are handed out are not held to it. */
const MOST_PAGE = 16 * 1024 * 1024;
/** Milliseconds that a thread has worked for somebody who left, before it is ended rather than waited for: a new one costs as much. */
const LEFT_WORK = 1000;
const LOOK_EVERY = 100;
/** What no thread has heard is tried again so often, after so many milliseconds; a page that one took with it, once. */
const MOST_TRIES = 10;
const GONE_MS = 30;
/** Milliseconds of work from which on the pages of one who asks count as long. */
const LONG_PAGE = 100;
/** Waiting for one who asks; more are refused. A link and an address are shared by a whole class. */
const MOST_WAITING = 60;
const MOST_SHARED = 600;
/** Milliseconds between two lines of the log that say how it goes. */
const TELL_EVERY = 60_000;
/** Strangers known by cookie to be teachers. */
const MOST_KNOWN = 20_000;

const busy =
	'There is more to do just now than this server can. What you typed is still in this page; try again in a moment.';
const tooLong =
	'This took more work than one page may. Nothing that was saved is lost. If it is a lesson or a swatch of yours, make it shorter, or open it as text.';
const tooMuch = 'That is too much at once. Make it shorter and send it again.';

/** A line of the log, as the app writes them. @param {number} level @param {string} msg @param {Record<string, unknown>} more */
const tell = (level, msg, more) => console.error(JSON.stringify({ level, time: Date.now(), msg, ...more }));

/**
 * Starts the front on a build; gives how to stop it.
 * @param {string} build the folder of the built app
 * @param {NodeJS.ProcessEnv} env
 */
export async function startFront(build, env) {
	const settings = readSettings(env);
	const sockets = mkdtempSync(join(tmpdir(), 'pond-loop-'));
	const { HOST: _, PORT: __, SOCKET_PATH: ___, ...rest } = env;
	/** @param {number} connections */
	const thread = (connections) =>
		new Thread({
			handler: join(build, 'handler.js'),
			folder: sockets,
			env: {
				...rest,
				BODY_SIZE_LIMIT: String(MOST_FILE + 1),
				ADDRESS_HEADER: 'x-pond-address',
				POND_LOOP_FRONT: 'yes',
				DATABASE_CONNECTIONS: String(connections),
			},
			ended: (error) => tell(50, 'a thread ended', { reason: String(error) }),
		});
	const pages = Array.from({ length: settings.threads }, () => thread(4));
	// Apart from pages: doors, where passwords are waited for, and what is handed out, which takes long.
	const doors = thread(6);
	const long = thread(3);
	// Small papers never wait for those of a whole room.
	const sheets = thread(3);
	const all = [...pages, doors, long, sheets];
	const costs = new Costs();
	const turns = new FairQueue({
		places: pages.length,
		// Whose pages take long leaves room for others; whose are quick may have all of it, as they give it back at once.
		each: (who) => (costs.of(who) > LONG_PAGE ? Math.max(1, pages.length - 1) : pages.length),
		most: (who) => (who.startsWith('teacher ') ? MOST_WAITING : MOST_SHARED),
	});
	const longTurns = new FairQueue({ places: 1, each: () => 1, most: MOST_WAITING });
	const sheetTurns = new FairQueue({ places: 1, each: () => 1, most: MOST_WAITING });
	// Photographs are made small outside of the threads' own count: one at a time, so that pages have a core.
	const pictureTurns = new FairQueue({ places: 1, each: () => 1, most: MOST_WAITING });
	const apart = {
		file: { turns: longTurns, thread: long },
		sheet: { turns: sheetTurns, thread: sheets },
		picture: { turns: pictureTurns, thread: sheets },
	};
	const strangers = new Uses(settings.strangers);
	/** @type {Map<string, string>} teachers by the hash of the cookie that let them in */
	const known = new Map();
	let bodies = 0;
	let refused = 0;
	let failed = 0;
	let served = 0;

	const statics = sirv(join(build, 'client'), {
		etag: true,
		gzip: true,
		brotli: true,
		setHeaders: (response, path) => {
			if (path.includes('/immutable/')) response.setHeader('cache-control', 'public,max-age=31536000,immutable');
		},
	});
	const compress = compression({
		threshold: 1024,
		level: 5,
		brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } },
	});

	/** @param {import('node:http').IncomingMessage} request */
	const cookieKey = ({ headers: { cookie } }) => {
		const token = /(?:^|;\s*)(?:__Host-)?pond-session=([^;]{20,200})/.exec(cookie ?? '')?.[1];
		return token && createHash('sha256').update(token).digest('base64url');
	};

	/**
	 * Reads a body to its end, so that a slow sender keeps no thread waiting.
	 * @param {import('node:http').IncomingMessage} request
	 * @param {number} most Bytes that are taken.
	 * @returns {Promise<Buffer | 'too long' | 'gone' | 'busy'>}
	 */
	const bodyOf = (request, most) =>
		new Promise((done) => {
			/** @type {Buffer[]} */
			const chunks = [];
			let size = 0;
			let refused = '';
			if (Number(request.headers['content-length'] ?? 0) > most) refused = 'too long';
			request.on('data', (/** @type {Buffer} */ chunk) => {
				size += chunk.length;
				if (size > most) refused ||= 'too long';
				else if (bodies + chunk.length > MOST_BODIES) refused ||= 'busy';
				// Read on all the same, or the connection breaks before the answer is heard; but not for ever.
				if (size > 4 * most) request.destroy();
				if (refused) return;
				bodies += chunk.length;
				chunks.push(chunk);
			});
			const end = (/** @type {Buffer | 'too long' | 'gone' | 'busy'} */ what) => {
				bodies -= chunks.reduce((sum, c) => sum + c.length, 0);
				done(what);
			};
			request.once('end', () => end(/** @type {any} */ (refused) || Buffer.concat(chunks)));
			request.once('error', () => end('gone'));
			request.once('aborted', () => end('gone'));
		});

	/**
	 * @param {import('node:http').IncomingMessage} request
	 * @param {import('node:http').ServerResponse} response
	 */
	async function work(request, response) {
		const { method = 'GET', url = '/' } = request;
		const path = url.split('?', 1)[0] ?? '/';
		const isRead = method === 'GET' || method === 'HEAD';
		const address = addressOf(request, settings);
		const cookie = cookieKey(request);
		let teacher = cookie ? known.get(cookie) : undefined;
		const link = /^\/(?:shared|practice)\/([\w-]{43})/.exec(path)?.[1];
		const strange = teacher ? [] : [...(link ? [`link ${link}`] : []), `address ${placeOf(address)}`];
		const now = performance.now();
		let wait = Math.max(0, ...strange.map((one) => strangers.wait(one, now)));
		if (wait > 0 && cookie) {
			// A teacher whose cookie was not seen yet must not wait for what strangers at the same address did.
			await introduce(request, address, cookie);
			teacher = known.get(cookie);
			if (teacher) wait = 0;
		}
		const charged = teacher ? [] : strange;
		const who = teacher ?? link ?? placeOf(address);
		if (wait > 0) {
			refused += 1;
			say(
				request,
				response,
				429,
				`More was asked of this page from here than it can give. Try again in ${wait} seconds.`,
				wait,
			);
			return;
		}
		const isFile = !isRead && WHOLE_FILES.has(path);
		if (isFile && !teacher && cookie) {
			// A process that has just started has no signed-in browsers in memory yet.
			await introduce(request, address, cookie);
			teacher = known.get(cookie);
		}
		const body = isRead ? undefined : await bodyOf(request, teacher && isFile ? MOST_FILE : MOST_BODY);
		if (typeof body === 'string') {
			if (body !== 'gone') say(request, response, body === 'busy' ? 503 : 413, body === 'busy' ? busy : tooMuch, 5);
			return;
		}

		const isDoor = path === '/health/ready' || (!isRead && /^\/(?:sign-in|sign-up|recover|account)(?:\/|$)/.test(path));
		const heavy = heavyOf(path, url, isRead);
		/** @type {'door' | 'long' | 'page'} */
		const kind = isDoor ? 'door' : heavy ? 'long' : 'page';
		/** Of a path its first part: what comes after it may let somebody in. @param {number} spent */
		const about = (spent) => ({ method, path: `/${path.split('/')[1]}`, worked: Math.max(0, Math.round(spent)) });
		let left = false;
		response.once('close', () => {
			if (!response.writableFinished) left = true;
			onLeave();
		});
		let onLeave = () => {};
		/** @type {Thread | undefined} */
		let on;
		/** What the thread had worked before this; nothing is counted until it takes it. */
		let worked = Infinity;
		/** @type {NodeJS.Timeout | undefined} */
		let look;
		/** @type {(() => void) | undefined} */
		let endTurn;
		let over = false;
		/** Takes it off its thread. */
		const letGo = () => {
			clearInterval(look);
			if (on) on.busy -= 1;
			on = undefined;
			worked = Infinity;
		};
		const end = () => {
			if (over) return;
			over = true;
			if (on && kind === 'page') {
				const ms = Math.max(0, on.worked - worked);
				for (const one of charged) strangers.add(one, ms, performance.now());
				costs.add(who, ms);
			}
			letGo();
			endTurn?.();
		};

		/** @param {number} tries */
		const begin = async (tries) => {
			if (over) return;
			const thread = isDoor ? doors : heavy ? apart[heavy].thread : idlest(pages);
			on = thread;
			thread.busy += 1;
			let ended = false;
			const upstream = await thread
				.pass({ method, path: url, headers: headersFor(request, address, body) })
				.catch(() => undefined);
			if (!upstream) {
				end();
				say(request, response, 503, busy, 2);
				return;
			}
			if (left && isRead) {
				upstream.once('error', () => undefined).destroy();
				end();
				return;
			}
			// Now that it is ready: what a new thread needs for its own start is nobody's.
			worked = thread.worked;
			if (kind !== 'door') {
				const longest = settings.longest[kind];
				look = setInterval(() => {
					const spent = thread.worked - worked;
					// A page for nobody is given up sooner; as it has its turn still, nothing else is on its thread.
					const isForNobody = left && isRead && kind === 'page';
					if (spent < (isForNobody ? Math.min(LEFT_WORK, longest) : longest)) return;
					ended = true;
					for (const one of charged) strangers.add(one, longest, performance.now());
					tell(40, left ? 'given up, as nobody waits for it' : 'ended, as it took too much', about(spent));
					say(request, response, 503, tooLong);
					void thread.restart();
					end();
				}, LOOK_EVERY);
			}
			let answered = false;
			onLeave = () => {
				// A write goes to its end, as it may have been heard; a page has its turn until its thread is free again.
				if (over || !left || (!answered && !(isRead && kind === 'long'))) return;
				upstream.destroy();
				end();
			};
			upstream.once('error', (/** @type {NodeJS.ErrnoException} */ { code }) => {
				if (over || ended) return;
				const isUnheard = code === 'ECONNREFUSED' || code === 'ENOENT';
				if ((isUnheard ? tries < MOST_TRIES : isRead && tries < 1) && !response.headersSent && !left) {
					// The thread ended under it, for something else that it did; it is known to be gone in a moment.
					letGo();
					setTimeout(() => void begin(tries + 1), GONE_MS);
					return;
				}
				if (!left) tell(40, 'ended with its thread', about(thread.worked - worked));
				end();
				say(request, response, 503, busy, 2);
			});
			upstream.once('response', (answer) => {
				answered = true;
				served += 1;
				if ((answer.statusCode ?? 500) >= 500) failed += 1;
				remember(answer, cookie);
				if (left) answer.resume().once('close', end);
				else pipe(answer, response, kind, end);
			});
			upstream.end(body);
		};

		if (kind === 'door') {
			if (doors.busy > 200) say(request, response, 503, busy, 2);
			else void begin(0);
			return;
		}
		const line = heavy ? apart[heavy].turns : turns;
		endTurn = line.ask(who, () => {
			if (left && isRead) queueMicrotask(end);
			else void begin(0);
		});
		if (!endTurn) {
			refused += 1;
			say(request, response, 429, 'Much is being made for you already. It goes on by itself in a moment.', 5);
		} else if (!on) onLeave = () => left && isRead && end();
	}

	/**
	 * Asks the app whose cookie this is; it says so with every answer.
	 * @param {import('node:http').IncomingMessage} request
	 * @param {string} address
	 * @param {string} cookie
	 */
	async function introduce(request, address, cookie) {
		const headers = { cookie: request.headers.cookie, host: request.headers.host, 'x-pond-address': address };
		const asked = await doors.pass({ method: 'GET', path: '/who', headers }).catch(() => undefined);
		await new Promise((done) => {
			asked?.once('response', (answer) => {
				remember(answer, cookie);
				answer.resume().once('close', done);
			});
			asked?.once('error', done);
			if (asked) asked.end();
			else done(undefined);
		});
	}

	/**
	 * Whose cookie it is, as the app says of those that it let in.
	 * @param {import('node:http').IncomingMessage} answer
	 * @param {string | undefined} cookie
	 */
	function remember(answer, cookie) {
		const teacher = answer.headers['x-pond-teacher'];
		delete answer.headers['x-pond-teacher'];
		if (typeof teacher !== 'string' || !cookie) return;
		if (known.size > MOST_KNOWN) known.clear();
		if (teacher === 'none') known.delete(cookie);
		else known.set(cookie, `teacher ${teacher}`);
	}

	const server = createServer((request, response) => {
		request.on('error', () => undefined);
		response.on('error', () => undefined);
		if (request.url === '/health') {
			response.writeHead(200, { ...GUARDS, 'content-type': 'text/plain', 'content-length': 2 });
			response.end('ok');
			return;
		}
		compress(/** @type {any} */ (request), /** @type {any} */ (response), () => {
			if (request.method === 'GET' || request.method === 'HEAD') {
				statics(request, response, () => void work(request, response));
			} else void work(request, response);
		});
	});
	server.headersTimeout = 15_000;
	server.requestTimeout = 60_000;
	// Longer than browsers and proxies keep a connection for, so that none is closed just as it is used again.
	server.keepAliveTimeout = 75_000;

	await Promise.all(all.map((t) => t.ready()));
	await new Promise((done, failed) => {
		server.once('error', failed);
		server.listen(settings.port, settings.host, () => done(undefined));
	});

	/** Once a minute: how many wait, what is taken of memory, what was refused and what failed since. */
	const isTold = !['silent', 'fatal', 'error', 'warn'].includes(env['LOG_LEVEL'] ?? '');
	const telling = isTold
		? setInterval(() => {
				const { rss, heapUsed } = process.memoryUsage();
				tell(30, 'how it goes', {
					waiting: {
						pages: turns.waiting,
						papers: longTurns.waiting + sheetTurns.waiting,
						pictures: pictureTurns.waiting,
					},
					busy: {
						pages: turns.busy,
						papers: longTurns.busy + sheetTurns.busy,
						pictures: pictureTurns.busy,
						doors: doors.busy,
					},
					megabytes: {
						process: Math.round(rss / 2 ** 20),
						front: Math.round(heapUsed / 2 ** 20),
						bodies: Math.round(bodies / 2 ** 20),
					},
					served,
					refused,
					failed,
				});
				served = refused = failed = 0;
			}, TELL_EVERY).unref()
		: undefined;

	let stopping = false;
	/** Takes nothing new, ends what runs, then closes. */
	const stop = async () => {
		if (stopping) return;
		stopping = true;
		clearInterval(telling);
		server.closeIdleConnections();
		const closed = new Promise((done) => server.close(done));
		const idle = setInterval(() => server.closeIdleConnections(), 50);
		const late = setTimeout(() => server.closeAllConnections(), settings.shutdown * 1000);
		await closed;
		clearInterval(idle);
		clearTimeout(late);
		await Promise.all(all.map((t) => t.close()));
		rmSync(sockets, { recursive: true, force: true });
	};
	process.once('exit', () => rmSync(sockets, { recursive: true, force: true }));
	return { stop };
}

/** @param {readonly Thread[]} threads */
const idlest = (threads) => threads.reduce((a, b) => (b.busy < a.busy ? b : a));

const OWN = new Set([
	'connection',
	'keep-alive',
	'transfer-encoding',
	'content-length',
	'accept-encoding',
	'expect',
	'upgrade',
]);

/**
 * @param {import('node:http').IncomingMessage} request
 * @param {string} address
 * @param {Buffer | undefined} body
 */
function headersFor({ headers }, address, body) {
	/** @type {import('node:http').OutgoingHttpHeaders} */
	const passed = {};
	for (const [name, value] of Object.entries(headers)) {
		if (!OWN.has(name) && !name.startsWith('x-pond-')) passed[name] = value;
	}
	passed['x-pond-address'] = address;
	if (body !== undefined) passed['content-length'] = String(body.length);
	return passed;
}

/**
 * What is worked in a line apart from pages, as it takes long; undefined for a page.
 * @param {string} path
 * @param {string} url
 * @param {boolean} isRead
 * @returns {'file' | 'sheet' | 'picture' | undefined}
 */
function heavyOf(path, url, isRead) {
	if (/^\/(?:lessons|swatches)\/[^/]+\/handout$/.test(path)) return /[?&]room=yes\b/.test(url) ? 'file' : 'sheet';
	if (path === BRINGS_BACK || path === '/account/export') return 'file';
	return !isRead && path === '/api/pictures' ? 'picture' : undefined;
}

/**
 * The answer on its way to the browser. A page is taken off its thread at once, however slowly it is read.
 * @param {import('node:http').IncomingMessage} answer
 * @param {import('node:http').ServerResponse} response
 * @param {string} kind
 * @param {() => void} end
 */
function pipe(answer, response, kind, end) {
	const headers = { ...answer.headers };
	delete headers['connection'];
	delete headers['keep-alive'];
	delete headers['transfer-encoding'];
	response.writeHead(answer.statusCode ?? 502, headers);
	// A thread that ended in the middle: what was sent is not whole, and the browser must see that.
	const broken = () => {
		end();
		response.destroy();
	};
	answer.once('aborted', broken);
	answer.once('error', broken);
	answer.once('end', end);
	if (kind === 'long') {
		answer.pipe(response);
		return;
	}
	let size = 0;
	answer.on('data', (/** @type {Buffer} */ chunk) => {
		size += chunk.length;
		if (size > MOST_PAGE) answer.destroy(new Error('too heavy'));
		else response.write(chunk);
	});
	answer.once('end', () => response.end());
}

// Started by itself, on the build that is named.
const [, script, folder] = process.argv;
if (script && folder && import.meta.url.endsWith('/front.mjs') && resolve(script).endsWith('front.mjs')) {
	await runFront(resolve(folder));
}

/** Serves a build until the process is asked to stop. @param {string} build */
export async function runFront(build) {
	try {
		const { stop } = await startFront(build, process.env);
		for (const signal of /** @type {const} */ (['SIGTERM', 'SIGINT'])) {
			process.on(signal, () => void stop().then(() => process.exit(0)));
		}
	} catch (error) {
		console.error(error instanceof Error ? error.message : error);
		process.exit(1);
	}
}
