/** Threads of the built app, and a request's way through one of them. */

import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { Agent, request as ask } from 'node:http';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { pathToFileURL } from 'node:url';
import { Worker } from 'node:worker_threads';

/** Megabytes that one thread may grow to; what needs more is ended and said so. */
const MOST_MEMORY = 1024;
const START_AGAIN_MS = 200;

/**
 * One thread; a new one takes its place when it ends, by itself or ended from here.
 */
export class Thread {
	/** @type {Worker | undefined} */
	#worker;
	/** @type {Promise<void>} */
	#ready = Promise.resolve();
	/** @type {Agent | undefined} */
	#agent;
	#socket = '';
	/** Where the system tells what the thread has used of the processor, once it is known. */
	#used = '';
	#closing = false;
	#folder;
	#handler;
	#env;
	#ended;
	/** Work that this thread has begun and not ended. */
	busy = 0;

	/**
	 * @param {object} options
	 * @param {string} options.handler the built app's handler
	 * @param {string} options.folder where sockets are made
	 * @param {NodeJS.ProcessEnv} options.env
	 * @param {(error: unknown) => void} options.ended told when a thread ended by itself
	 */
	constructor({ handler, folder, env, ended }) {
		this.#handler = handler;
		this.#folder = folder;
		this.#env = env;
		this.#ended = ended;
		this.#start();
	}

	#start() {
		this.#socket = join(this.#folder, `${randomUUID().slice(0, 8)}.sock`);
		this.#agent = new Agent({ keepAlive: true, maxSockets: 128 });
		const worker = new Worker(new URL('./thread.mjs', import.meta.url), {
			env: this.#env,
			workerData: { handler: pathToFileURL(this.#handler).href, socket: this.#socket },
			resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
		});
		this.#worker = worker;
		this.#used = '';
		this.#ready = new Promise((resolve, reject) => {
			worker.once('message', (/** @type {string} */ used) => {
				if (this.#worker === worker) this.#used = used;
				resolve();
			});
			worker.once('error', reject);
			worker.once('exit', () => reject(new Error('The thread ended before it was ready.')));
		});
		this.#ready.catch(() => undefined);
		worker.on('error', (error) => this.#ended(error));
		worker.once('exit', () => {
			if (this.#worker !== worker || this.#closing) return;
			// Not at once, or one that cannot start would be started for ever; who asks meanwhile waits for it.
			this.#ready = sleep(START_AGAIN_MS).then(() => {
				if (!this.#closing && this.#worker === worker) this.#start();
				return this.#ready;
			});
			this.#ready.catch(() => undefined);
		});
	}

	/** Comes back once it takes requests; throws when it could not start. */
	ready() {
		return this.#ready;
	}

	/**
	 * Milliseconds of the processor that it has used since it began, where the system tells; else the time in which it
	 * was at work, which is more where others want the processor too.
	 */
	get worked() {
		if (this.#used) {
			try {
				// Nanoseconds on the processor come first. Source: the kernel's own text on scheduler statistics.
				return Number.parseInt(readFileSync(this.#used, 'latin1'), 10) / 1e6;
			} catch {
				this.#used = '';
			}
		}
		return this.#worker?.performance.eventLoopUtilization().active ?? 0;
	}

	/** Ends what it does, whatever that is, and begins anew. */
	async restart() {
		const [worker, agent] = [this.#worker, this.#agent];
		this.#start();
		agent?.destroy();
		await worker?.terminate();
	}

	/**
	 * Passes a request on; the caller writes its body and hears its response.
	 * @param {{ method: string | undefined, path: string | undefined, headers: import('node:http').OutgoingHttpHeaders }} asked
	 */
	async pass({ method, path, headers }) {
		await this.#ready;
		return ask({ socketPath: this.#socket, agent: this.#agent, method, path, headers });
	}

	async close() {
		this.#closing = true;
		const worker = this.#worker;
		const over = new Promise((resolve) => worker?.once('exit', resolve));
		worker?.postMessage('close');
		await Promise.race([over, new Promise((resolve) => setTimeout(resolve, 1000))]);
		this.#agent?.destroy();
		await worker?.terminate();
	}
}
