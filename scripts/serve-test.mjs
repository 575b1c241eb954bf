// The built app with demo data on a cluster of its own, for the browser tests; gone when they end.
import { serveUntilExit } from './lib/serve.mjs';

const { ended, leave } = await serveUntilExit({
	name: `browser-${process.pid}`,
	port: Number(process.env['E2E_PORT']),
	// Every test makes teachers of its own, all from one address.
	env: {
		SIGN_UPS_AN_HOUR: '100000',
		SIGN_INS_A_QUARTER: '100000',
		DEMO_ENTRIES_AN_HOUR: '100000',
		STRANGERS_BURST_MS: '1000000',
	},
});
await leave(await ended);
