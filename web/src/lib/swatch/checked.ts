/** A swatch read, worked, followed and checked: everything that the desk shows of its text. */

import { readGlossary, readRows, type RowsText } from '@pond-loop/core/notation';
import type { Swatch } from '@pond-loop/core/schema';
import { kept } from '@pond-loop/core/kept';
import { checksOf, cordsOf, workRows, type Cords, type SwatchProblem, type Worked } from '@pond-loop/core/swatch';

export interface Checked {
	readonly swatch: Swatch;
	readonly rows: RowsText;
	readonly worked: Worked;
	readonly cords: Cords;
	/** What cannot be worked, then what to look at. */
	readonly problems: readonly SwatchProblem[];
	/** How long it took, in milliseconds. */
	readonly took: number;
}

/** Characters of rows up to which a server works a swatch for a page, and stitches of its first row; the browser works larger ones. */
const SERVED = { text: 6000, castOn: 80 };

export const isLongSwatch = ({ text, castOn }: Swatch): boolean => text.length > SERVED.text || castOn > SERVED.castOn;

/** `check`, remembered for the swatches that pages show, which stay what they are. */
export const checkKept = kept(
	30,
	(swatch: Swatch, glossary: string) => JSON.stringify([swatch, glossary]),
	(swatch, glossary): Checked => check(swatch, glossary),
);

/** `glossary`: the teacher's own lines, besides those of the text. */
export function check(swatch: Swatch, glossary: string): Checked {
	const from = performance.now();
	const rows = readRows(swatch.text, { school: swatch.school, glossary: readGlossary(glossary) });
	const worked = workRows(rows, swatch);
	const cords = cordsOf(worked);
	const problems = [...worked.problems, ...checksOf(worked, cords)];
	return { swatch, rows, worked, cords, problems, took: performance.now() - from };
}
