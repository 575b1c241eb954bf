import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

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
	plugins: [tailwindcss(), sveltekit()],
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
