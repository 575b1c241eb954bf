// The built app with demo data on a cluster of its own, for the browser tests; gone when they end.
import { serve, stopOnExit } from './lib/serve.mjs';

/** @type {import('./lib/serve.mjs').Served | undefined} */
let served;
const starting = serve({ name: `browser-${process.pid}`, port: Number(process.env['E2E_PORT']) });
const leave = stopOnExit(async () => {
	await starting.catch(() => undefined);
	await served?.stop();
});
served = await starting;
await leave(await served.ended);
