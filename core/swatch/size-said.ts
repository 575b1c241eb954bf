/** The size and the yarn of a swatch in one line, for a lesson and its papers. */

import { STATE_WORDS } from '../fabric/index.ts';
import { memoize } from '../memoize/index.ts';
import { reckonedLength, type LengthUnit } from '../measure/index.ts';
import type { Swatch } from '../schema/index.ts';
import { checked } from './checked.ts';
import { loopsIn, squaresSaid, yarnNeeded } from './material.ts';
import { sizedIn } from './sized.ts';

/** Loops up to which a fabric is let lie for a line of words; a larger one has its size on its own page. */
const MOST_LOOPS = 20_000;

/** In the state in which a piece is worn and used. */
export const SIZED_STATE = 'dry';

/**
 * `About 12.4 × 8.6 cm dry, from 2 squares of Tarn wool; 14 m of it, 7 g.` Undefined where nothing was told of its size.
 * Lets the fabric lie, once for each content: linear in stitches.
 */
const saidKept = memoize(
	60,
	(swatch: Swatch, unit: LengthUnit, glossary: string) => JSON.stringify([swatch, unit, glossary]),
	(swatch, unit, glossary): string => {
		const read = checked(swatch, glossary);
		if (loopsIn(read.worked) > MOST_LOOPS) return '';
		const { worked, material, size } = sizedIn(read, swatch.size, SIZED_STATE);
		const { metres, grams } = yarnNeeded(worked, material, size);
		const basis =
			material.from === 'assumed'
				? 'by an assumed tension'
				: material.from === 'told'
					? 'by a measured square'
					: `from ${squaresSaid(material)}`;
		const across = reckonedLength(size.widthCm, unit).replace(` ${unit}`, '');
		const widest = size.isShaped ? ' at its widest' : '';
		const weight = grams === undefined ? '' : `, ${Math.ceil(grams)} g`;
		return `About ${across} × ${reckonedLength(size.lengthCm, unit)} ${STATE_WORDS[SIZED_STATE]}${widest}, ${basis}; ${Math.ceil(metres)} m of yarn${weight}, with tails.`;
	},
);

export const sizeSaid = (swatch: Swatch, unit: LengthUnit, glossary: string): string | undefined =>
	swatch.size === undefined || Object.keys(swatch.size).length === 0
		? undefined
		: saidKept(swatch, unit, glossary) || undefined;
