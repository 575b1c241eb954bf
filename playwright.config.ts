import { defineConfig } from '@playwright/test';
import { launchOptions } from './scripts/lib/browser.mjs';
import { freePort } from './scripts/lib/port.mjs';

// Workers read this file again and must find the port that was chosen first.
const port = (process.env['E2E_PORT'] ??= String(await freePort()));

export default defineConfig({
	testDir: 'e2e',
	fullyParallel: true,
	workers: 2,
	forbidOnly: Boolean(process.env['CI']),
	// Limits against hanging, not measurements: a busy machine may be many times slower.
	timeout: 120_000,
	expect: { timeout: 20_000 },
	// A starved browser is tried once more; the count at the end tells how many needed it.
	retries: 1,
	reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : [['list']],
	use: {
		locale: 'en-GB',
		baseURL: `http://127.0.0.1:${port}`,
		viewport: { width: 1280, height: 800 },
		trace: 'on-first-retry',
		launchOptions,
		// What a browser keeps for when there is no network is tried where it is asked for.
		serviceWorkers: 'block',
	},
	webServer: {
		command: 'node scripts/serve-test.mjs',
		url: `http://127.0.0.1:${port}/health`,
		timeout: 300_000,
		gracefulShutdown: { signal: 'SIGTERM', timeout: 15_000 },
		stdout: 'pipe',
	},
});
