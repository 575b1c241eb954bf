import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The core ships as TypeScript, so it is built with the app on both sides.
	ssr: { noExternal: ['@pond-loop/core'] },
});
