// Sets handouts as PDFs, in a process of its own: what the setter takes of memory is given back when the process ends.
// It reads the app's own faces and template, and nothing else.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { NodeCompiler } from '@myriaddreamin/typst-ts-node-compiler';
import workerpool from 'workerpool';

const require = createRequire(import.meta.url);
const here = dirname(fileURLToPath(import.meta.url));
/** @type {Readonly<Record<string, string>>} */
const TEMPLATES = {
	handout: readFileSync(join(here, 'handout.typ'), 'utf8'),
	'one-page': readFileSync(join(here, 'one-page.typ'), 'utf8'),
};
/** @type {NodeCompiler | undefined} */
let compiler;

/**
 * @param {{ template: string, as: 'pdf' | 'svg', documents: readonly unknown[], copies: readonly unknown[], faces: readonly string[], photos: Readonly<Record<string, Uint8Array>> }} task
 * `copies`: which document, for each copy in turn; `photos`: pictures by the path that the documents name them by.
 * @returns {{ set: Uint8Array | string, memory: number }} The PDF, or all pages above each other as one picture, and
 * bytes that this process takes after it.
 */
function set({ template, as, documents, copies, faces, photos }) {
	compiler ??= NodeCompiler.create({
		workspace: here,
		fontArgs: [{ fontBlobs: faces.map((path) => readFileSync(require.resolve(path))) }],
	});
	for (const [path, bytes] of Object.entries(photos)) compiler.mapShadow(join(here, path), Buffer.from(bytes));
	const compiled = compiler.compile({
		mainFileContent: TEMPLATES[template] ?? '',
		inputs: { data: JSON.stringify({ documents, copies }) },
	});
	const { result } = compiled;
	if (!result) {
		const error = compiled.takeDiagnostics();
		throw new Error(`The handout was not set: ${JSON.stringify(error && compiler.fetchDiagnostics(error))}`);
	}
	const made =
		as === 'svg'
			? compiler.svg(result)
			: new Uint8Array(
					compiler.pdf(result, {
						pdfStandard: /** @type {import('@myriaddreamin/typst-ts-node-compiler').PdfStandard} */ ('ua-1'),
					}),
				);
	compiler.resetShadow();
	// What was remembered of earlier handouts goes, so that a long evening takes no more than a short one.
	compiler.evictCache(2);
	return { set: made, memory: process.memoryUsage.rss() };
}

workerpool.worker({ set });
