// `npm run dev`: the app from its sources, seen again with each change that is saved. Ctrl-C stops all of it.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';
import { root } from './lib/paths.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: false });
const { startCluster } = await import('./lib/cluster.mjs');
const { fill, stopOnExit } = await import('./lib/serve.mjs');
const { freePort } = await import('./lib/port.mjs');

const port = await freePort(Number(process.env['PORT'] ?? 5173));
const cluster = await startCluster('dev');
// The sources are read while the database is brought up to date: each takes some seconds.
const vite = spawn(
	process.execPath,
	[
		join(root, 'web/node_modules/.bin/vite'),
		...['dev', '--host', '127.0.0.1', '--port', String(port), '--strictPort', '--clearScreen', 'false'],
	],
	{
		cwd: join(root, 'web'),
		env: { ...process.env, DATABASE_URL: cluster.url, POND_LOOP_DEMO: 'yes', POND_LOOP_ROOT: root },
		stdio: ['ignore', 'inherit', 'inherit'],
	},
);
const leave = stopOnExit(async () => {
	vite.kill();
	cluster.stop();
});
vite.once('exit', (code) => void leave(code ?? 1));
try {
	await fill(cluster);
} catch (error) {
	console.error(error instanceof Error ? error.message : error);
	await leave(1);
}
