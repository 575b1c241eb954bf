import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The core ships as TypeScript, so it is built with the app on both sides.
	// Fonts are files of their own; the content policy takes none from inside a style sheet.
	build: { assetsInlineLimit: 0 },
	ssr: { noExternal: ['@pond-loop/core'] },
});
