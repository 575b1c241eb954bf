import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Lists the files of script of each page so that a file comes after those it stands on. The browser's side runs them in
 * this order, each by itself; as the builder lists them, the first would run all that it stands on in one breath.
 *
 * @param {import('@sveltejs/kit').Adapter} adapter
 * @returns {import('@sveltejs/kit').Adapter}
 */
export const inTurn = (adapter) => ({
	...adapter,
	async adapt(builder) {
		/** @type {Record<string, { file: string, imports?: string[] }>} */
		const built = JSON.parse(readFileSync(join(builder.getClientDirectory(), '.vite/manifest.json'), 'utf8'));
		const standsOn = new Map(
			Object.values(built).map(({ file, imports = [] }) => [file, imports.map((key) => built[key].file)]),
		);
		const pages = join(builder.getServerDirectory(), 'nodes');
		for (const name of readdirSync(pages)) {
			const page = readFileSync(join(pages, name), 'utf8');
			const listed = /^export const imports = (\[.*\]);$/m.exec(page);
			if (!listed) throw new Error(`The page ${name} lists its scripts otherwise than expected.`);
			const ordered = new Set();
			const seen = new Set();
			/** @param {string} file */
			const add = (file) => {
				if (seen.has(file)) return;
				seen.add(file);
				standsOn.get(file)?.forEach(add);
				ordered.add(file);
			};
			JSON.parse(listed[1]).forEach(add);
			writeFileSync(
				join(pages, name),
				page.replace(listed[0], `export const imports = ${JSON.stringify([...ordered])};`),
			);
		}
		await adapter.adapt(builder);
	},
});
