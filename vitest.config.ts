import { defineConfig } from 'vitest/config';

export default defineConfig({
	test: {
		projects: [
			{ test: { name: 'core', include: ['core/**/*.test.ts', 'scripts/**/*.test.ts'] } },
			'web/vitest.config.ts',
		],
	},
});
