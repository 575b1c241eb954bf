// The built app with demo data on a cluster of its own, for the browser tests; gone when they end.
import { serveUntilExit } from './lib/serve.mjs';

const { ended, leave } = await serveUntilExit({
	name: `browser-${process.pid}`,
	port: Number(process.env['E2E_PORT']),
});
await leave(await ended);
