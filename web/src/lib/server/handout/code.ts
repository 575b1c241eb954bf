/** A link as a code to scan, at the end of a sheet: for whoever has the paper in hand and a phone beside it. */

import type { Block } from '@pond-loop/core/block';
import type { Drawing } from '@pond-loop/core/drawing';
import { create } from 'qrcode';

/** Light around it, in modules: scanners need it. */
const QUIET = 4;
const MODULE = 4;

/** Dark on light whatever the light of the page, or nothing could scan it. */
export function codeDrawing(address: string): Drawing {
	const { size, data } = create(address, { errorCorrectionLevel: 'M' }).modules;
	let d = '';
	for (let y = 0; y < size; y++)
		for (let x = 0; x < size; x++)
			if (data[y * size + x]) d += `M${(x + QUIET) * MODULE} ${(y + QUIET) * MODULE}h${MODULE}v${MODULE}h-${MODULE}Z`;
	const side = (size + 2 * QUIET) * MODULE;
	return {
		width: side,
		height: side,
		label: `A code to scan: ${address}`,
		crossPoints: [],
		shapes: [
			{ kind: 'path', role: 'code', depth: 0, d: `M0 0h${side}v${side}h-${side}Z`, fill: '#ffffff' },
			{ kind: 'path', role: 'code', depth: 1, d, fill: '#000000' },
		],
	};
}

/** What is behind the link, in words. */
export const CODE = {
	title: 'Read it on a phone, and practise',
	says: 'The lesson, to be followed row by row, and five minutes of questions about its crossings. No account.',
} as const;

/** The last section of a handout: what is behind the link, its code, and the link itself. */
export const codeSection = (address: string): { readonly title: string; readonly blocks: () => readonly Block[] } => ({
	title: CODE.title,
	blocks: () => [
		{ kind: 'text', text: CODE.says },
		{ kind: 'picture', facts: [], names: 0, draw: () => codeDrawing(address) },
		{ kind: 'text', text: address, tone: 'quiet' },
	],
});
