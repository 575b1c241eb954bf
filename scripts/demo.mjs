// `npm run demo`: everything a fresh clone needs, then the app with demo data. Ctrl-C stops all of it.
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: false });
const { alreadyRunning, announce, forget } = await import('./lib/announce.mjs');
const { serve, stopOnExit } = await import('./lib/serve.mjs');

const running = await alreadyRunning();
if (running) {
	console.log(`Pond Loop is running already: ${running}`);
	process.exit(0);
}
/** @type {import('./lib/serve.mjs').Served | undefined} */
let served;
let starting = true;
const leave = stopOnExit(async () => {
	// A signal while the cluster is still starting waits for it, so that it can be stopped.
	while (starting) await new Promise((resolve) => setTimeout(resolve, 100));
	forget();
	await served?.stop();
});
try {
	served = await serve({ name: 'demo', port: Number(process.env['PORT'] ?? 4600), keepData: true });
} catch (error) {
	console.error(error instanceof Error ? error.message : error);
	process.exitCode = 1;
} finally {
	starting = false;
}
if (served) {
	announce(served.address);
	console.log(`\nPond Loop is at ${served.address}\nCtrl-C stops it and its database.\n`);
	const code = await served.ended;
	await leave(code);
} else {
	process.exit(1);
}
