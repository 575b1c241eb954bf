// The built app on a cluster, migrated and with the demo data: for the demo, the browser tests and the bench.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { ensureBuild } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { must } from './run.mjs';
import { root } from './paths.mjs';
import { freePort } from './port.mjs';

/**
 * @typedef {object} Served
 * @property {string} address
 * @property {string} databaseUrl
 * @property {import('./cluster.mjs').Cluster} cluster
 * @property {Promise<number>} ended the server's exit code
 * @property {(signal: NodeJS.Signals) => Promise<number>} end ends the server alone; gives its exit code
 * @property {(env?: NodeJS.ProcessEnv) => Promise<void>} again starts the server again at the same address
 * @property {() => Promise<void>} stop stops the server, then the cluster
 */

/** Brings a cluster's database up to date and puts the demo data into it. @param {import('./cluster.mjs').Cluster} cluster */
export async function fill(cluster) {
	const env = { DATABASE_URL: cluster.url };
	await must('The migration', process.execPath, ['scripts/migrate.mjs'], { env });
	await must('Loading the demo data', process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts'], { env });
}

/**
 * @param {{ name: string, port?: number, keepData?: boolean, durable?: boolean, heard?: (text: string) => void, env?: NodeJS.ProcessEnv }} options
 * `env` for the server; `heard` is told what it writes, which is shown when it is left out
 * @returns {Promise<Served>}
 */
export async function serve({ name, port, keepData = false, durable = false, heard, env: more = {} }) {
	const build = await ensureBuild();
	const cluster = await startCluster(name, durable || name === 'demo');
	/** @type {import('node:child_process').ChildProcess | undefined} */
	let server;
	const running = () => server !== undefined && server.exitCode === null && server.signalCode === null;
	/** @param {NodeJS.Signals} signal @returns {Promise<number>} */
	const end = (signal) =>
		new Promise((resolve) => {
			server?.once('exit', (code) => resolve(code ?? 1));
			server?.kill(signal);
		});
	const stop = async () => {
		if (running()) {
			await Promise.race([end('SIGTERM'), sleep(15_000)]);
			server?.kill('SIGKILL');
		}
		if (keepData) cluster.stop();
		else cluster.remove();
	};
	try {
		await fill(cluster);
		const chosen = await freePort(port);
		const address = `http://127.0.0.1:${chosen}`;
		/** Starts the server, with `extra` in its surroundings, and waits until it answers. */
		const launch = async (/** @type {NodeJS.ProcessEnv} */ extra = {}) => {
			const child = spawn(process.execPath, [join(root, 'web/server/front.mjs'), build], {
				cwd: root,
				env: {
					...process.env,
					DATABASE_URL: cluster.url,
					HOST: '127.0.0.1',
					PORT: String(chosen),
					ORIGIN: address,
					SHUTDOWN_TIMEOUT: '3',
					LOG_LEVEL: 'warn',
					POND_LOOP_DEMO: 'yes',
					...more,
					...extra,
				},
				stdio: ['ignore', heard ? 'pipe' : 'inherit', heard ? 'pipe' : 'inherit'],
			});
			for (const stream of [child.stdout, child.stderr]) stream?.on('data', (text) => heard?.(String(text)));
			server = child;
			/** @type {Promise<number>} */
			const ended = new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
			await answering(address, ended);
			return { ended };
		};
		const { ended } = await launch();
		const again = async (/** @type {NodeJS.ProcessEnv} */ extra = {}) => void (await launch(extra));
		return { address, databaseUrl: cluster.url, cluster, ended, end, again, stop };
	} catch (error) {
		await stop();
		throw error;
	}
}

/** @param {string} address @param {Promise<number>} ended */
async function answering(address, ended) {
	let over = false;
	void ended.then(() => (over = true));
	for (let tries = 0; tries < 600 && !over; tries++) {
		try {
			if ((await fetch(`${address}/health`)).ok) return;
		} catch {
			// Not listening yet.
		}
		await sleep(100);
	}
	throw new Error('The server did not start.');
}

/**
 * Serves, and stops all of it on every way out, also one that comes while it is still starting.
 * @param {Parameters<typeof serve>[0]} options
 * @param {() => void} [onLeave] called first on the way out
 * @returns {Promise<Served & { leave: (code: number) => Promise<void> }>}
 */
export async function serveUntilExit(options, onLeave) {
	const starting = serve(options);
	const leave = stopOnExit(async () => {
		onLeave?.();
		// Wait for a start that is under way, so that it can be stopped.
		const served = await starting.catch(() => undefined);
		await served?.stop();
	});
	return { ...(await starting), leave };
}

/**
 * Calls `stop` once on every way out: Ctrl-C, a signal, a closed terminal, a parent that is gone.
 * @param {() => Promise<void>} stop
 */
export function stopOnExit(stop) {
	let stopping = false;
	const leave = async (/** @type {number} */ code) => {
		if (stopping) return;
		stopping = true;
		await stop();
		process.exit(code);
	};
	for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP'])) process.on(signal, () => void leave(0));
	process.on('uncaughtException', (error) => {
		console.error(error);
		void leave(1);
	});
	const parent = process.ppid;
	setInterval(() => process.ppid !== parent && void leave(0), 1000).unref();
	return leave;
}
