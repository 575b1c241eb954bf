// `npm run demo`: everything a fresh clone needs, then the app with demo data. Ctrl-C stops all of it.
import { ensureDebianPackages, ensureNpmPackages } from './lib/install.mjs';

await ensureNpmPackages();
await ensureDebianPackages({ browser: false });
const { alreadyRunning, announce, forget } = await import('./lib/announce.mjs');
const { serveUntilExit } = await import('./lib/serve.mjs');

const running = await alreadyRunning();
if (running) {
	console.log(`Pond Loop is running already: ${running}`);
	process.exit(0);
}
try {
	const options = { name: 'demo', port: Number(process.env['PORT'] ?? 4600), keepData: true };
	const { address, ended, leave } = await serveUntilExit(options, forget);
	announce(address);
	console.log(`\nPond Loop is at ${address}\nCtrl-C stops it and its database.\n`);
	await leave(await ended);
} catch (error) {
	console.error(error instanceof Error ? error.message : error);
	process.exit(1);
}
