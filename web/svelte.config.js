import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { orderScripts } from './script-order.js';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: true },
	kit: {
		adapter: orderScripts(adapter({ out: process.env.BUILD_DIR ?? 'build/latest' })),
		// Only what this server sends runs or is shown; a script in a page needs the page's own nonce.
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['none'],
				'script-src': ['self'],
				'worker-src': ['self'],
				'style-src': ['self'],
				// The one inline style there is: the router hides the line that announces pages to screen readers.
				'style-src-attr': ['unsafe-hashes', 'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo='],
				// A picture to be saved is made in the page from its own drawing.
				'img-src': ['self', 'blob:'],
				'font-src': ['self'],
				'manifest-src': ['self'],
				'connect-src': ['self'],
				'form-action': ['self'],
				'base-uri': ['none'],
				'frame-ancestors': ['none'],
			},
		},
	},
};
