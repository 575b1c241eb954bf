import { defineConfig } from 'vitest/config';

export default defineConfig({
	test: {
		// By itself it leaves one core for nothing.
		maxWorkers: 2,
		projects: [
			{
				test: {
					name: 'core',
					include: ['core/**/*.test.ts', 'scripts/**/*.test.ts', 'web/server/**/*.test.ts'],
					setupFiles: ['scripts/lib/seed.ts'],
					testTimeout: 120_000,
					// Nothing in the core is changed by being used, so its modules are read once for all files.
					isolate: false,
				},
			},
			'web/vitest.config.ts',
		],
	},
});
