// Sets one handout as a PDF, apart from the server's own thread. Started with the document as its data; answers with the bytes.
import { createRequire } from 'node:module';
import { parentPort, workerData } from 'node:worker_threads';

const require = createRequire(import.meta.url);
const pdfmake = require('pdfmake');

/** @param {string} family @param {string} weight */
const face = (family, weight, slant = 'normal') =>
	require.resolve(`@fontsource/${family}/files/${family}-latin-${weight}-${slant}.woff`);
/** @param {string} normal @param {string} bold */
const faces = (normal, bold) => ({ normal, bold, italics: normal, bolditalics: bold });

const SANS = 'atkinson-hyperlegible-next';
const sans = {
	normal: face(SANS, '400'),
	bold: face(SANS, '700'),
	italics: face(SANS, '400', 'italic'),
	bolditalics: face(SANS, '700', 'italic'),
};
const serif = face('fraunces', '600');
const mono = face('jetbrains-mono', '500');
pdfmake.setFonts({
	'Atkinson Hyperlegible Next': sans,
	Fraunces: faces(serif, serif),
	'JetBrains Mono': faces(mono, mono),
});
// Nothing is fetched for a handout, whatever stands in it.
pdfmake.setUrlAccessPolicy?.(() => false);
// Files are read for the faces named above and for nothing else.
pdfmake.setLocalAccessPolicy?.((/** @type {string} */ path) => path.includes('@fontsource'));

const { footer, ...document } = workerData;
const made = pdfmake.createPdf({
	...document,
	/** @param {number} page @param {number} pages */
	footer: (page, pages) => ({
		columns: [
			{ text: footer, fontSize: 8 },
			{ text: `${page} of ${pages}`, alignment: 'right', fontSize: 8 },
		],
		margin: [42, 12, 42, 0],
	}),
});
parentPort?.postMessage(await made.getBuffer());
