/** A swatch read, worked, followed and checked: everything that the desk shows of its text. */

import { readGlossary, readRows, type RowsText } from '@pond-loop/core/notation';
import type { Swatch } from '@pond-loop/core/schema';
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

/** `glossary`: the teacher's own lines, besides those of the text. */
export function check(swatch: Swatch, glossary: string): Checked {
	const from = performance.now();
	const rows = readRows(swatch.text, { school: swatch.school, glossary: readGlossary(glossary) });
	const worked = workRows(rows, swatch);
	const cords = cordsOf(worked);
	const problems = [...worked.problems, ...checksOf(worked, cords)];
	return { swatch, rows, worked, cords, problems, took: performance.now() - from };
}
