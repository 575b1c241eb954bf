import { defineConfig } from 'vitest/config';

export default defineConfig({
	test: {
		projects: [
			{ test: { name: 'core', include: ['core/**/*.test.ts', 'scripts/**/*.test.ts'] } },
			{
				test: {
					name: 'web',
					include: ['web/src/**/*.test.ts'],
					globalSetup: ['scripts/lib/test-database.mjs'],
					// One database for all files: they run one after another.
					fileParallelism: false,
				},
			},
		],
	},
});
