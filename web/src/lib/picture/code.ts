/** An address as a code to scan. */

import type { Drawing } from '@pond-loop/core/drawing';
import { create } from 'qrcode';

/** Light around it, in modules: scanners need it. */
const QUIET = 4;
const MODULE = 4;

/** Dark on light whatever the light of the page, or nothing could scan it. */
export function codeDrawing(address: string): Drawing {
	const { size, data } = create(address, { errorCorrectionLevel: address.length > 400 ? 'L' : 'M' }).modules;
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
