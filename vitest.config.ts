import { defineConfig } from 'vitest/config';

export default defineConfig({
	test: {
		projects: [
			{
				test: {
					name: 'core',
					include: ['core/**/*.test.ts', 'scripts/**/*.test.ts', 'web/server/**/*.test.ts'],
					setupFiles: ['scripts/lib/seed.ts'],
					testTimeout: 120_000,
				},
			},
			'web/vitest.config.ts',
		],
	},
});
