import { readFileSync } from 'node:fs';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, type Plugin } from 'vite';

type IconNode = readonly [name: string, attributes: Readonly<Record<string, string>>];

/**
 * Icons as plain markup. As they come each is put together from its parts every time that it is shown,
 * which was a tenth of the work of a page with twenty of them.
 */
const plainIcons = (): Plugin => ({
	name: 'plain-icons',
	enforce: 'pre',
	load(id) {
		const [, name] = /@lucide\/svelte\/dist\/icons\/([\w-]+)\.svelte$/.exec(id) ?? [];
		if (!name) return undefined;
		const [, data] = /const iconData = (\{.*\});/.exec(readFileSync(id, 'utf8')) ?? [];
		if (!data) throw new Error(`The icon ${name} is written otherwise than expected.`);
		const { node } = JSON.parse(data) as { node: readonly IconNode[] };
		const inside = node
			.map(
				([tag, all]) =>
					`<${tag} ${Object.entries(all)
						.map(([key, value]) => `${key}="${value}"`)
						.join(' ')} />`,
			)
			.join('');
		const frame =
			'viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true"';
		return `<script>const { class: shown = '' } = $props();</script><svg width="24" height="24" ${frame} class={shown}>${inside}</svg>`;
	},
});

export default defineConfig({
	plugins: [plainIcons(), tailwindcss(), sveltekit()],
	// The core ships as TypeScript, so it is built with the app on both sides.
	// Fonts are files of their own; the content policy takes none from inside a style sheet.
	build: { assetsInlineLimit: 0 },
	ssr: { noExternal: ['@pond-loop/core'] },
});
