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

/** The roots of what every page loads. */
const ROOT = /\/src\/routes\/\+layout\.svelte$|@sveltejs\/kit\/src\/runtime\/client\/entry\.js$/;

type InfoOf = (id: string) => { readonly importers: readonly string[] } | null;

/** Whether the frame of the app imports a module, by way of others or itself. */
function isEverywhere(id: string, infoOf: InfoOf): boolean {
	const seen = new Set([id]);
	const queue = [id];
	for (const one of queue) {
		for (const importer of infoOf(one)?.importers ?? []) {
			if (ROOT.test(importer)) return true;
			if (seen.has(importer)) continue;
			seen.add(importer);
			queue.push(importer);
		}
	}
	return false;
}

export default defineConfig({
	plugins: [plainIcons(), tailwindcss(), sveltekit()],
	// The core ships as TypeScript, so it is built with the app on both sides.
	// Fonts are files of their own; the content policy takes none from inside a style sheet.
	build: {
		assetsInlineLimit: 0,
		rolldownOptions: {
			output: {
				codeSplitting: {
					// What every page has anyway comes in one file instead of in twenty, each with a head of its own.
					groups: [
						{ name: (id, context) => (isEverywhere(id, (one) => context.getModuleInfo(one)) ? 'everywhere' : null) },
					],
				},
			},
		},
	},
	ssr: { noExternal: ['@pond-loop/core'] },
	// While sources are edited: what every page needs is read before the first one is asked for.
	server: {
		warmup: { ssrFiles: ['./src/hooks.server.ts', './src/routes/+layout.svelte', './src/routes/+page.svelte'] },
	},
});
