import { fileURLToPath } from 'node:url';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [svelte({ configFile: false, compilerOptions: { runes: true } })],
	resolve: { alias: { $lib: fileURLToPath(new URL('src/lib', import.meta.url)) } },
	test: {
		name: 'web',
		include: ['src/**/*.test.ts'],
		globalSetup: ['../scripts/lib/test-database.mjs'],
		// One database for all files: they run one after another.
		fileParallelism: false,
		isolate: false,
		testTimeout: 120_000,
		hookTimeout: 120_000,
	},
});
