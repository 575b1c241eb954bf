/** A swatch read, worked, followed and checked: everything that is shown of its text. */

import { memoize } from '../memoize/index.ts';
import {
	differencesOf,
	readGlossary,
	readName,
	readingRows,
	SCHOOLS,
	type RowsText,
	type SchoolId,
} from '../notation/index.ts';
import { atOnce, type Pieces } from '../pieces/index.ts';
import { checksOf } from './checks.ts';
import { cordsOf } from './cords.ts';
import { workingRows, type SwatchStart } from './work.ts';
import type { Cords, SwatchProblem, Worked } from '../worked/index.ts';

/** What a swatch is worked from. */
export type SwatchText = SwatchStart & {
	readonly text: string;
	/** The schools among which its names were settled; all of them when left out. */
	readonly schools?: readonly SchoolId[] | undefined;
};

export interface Checked {
	readonly swatch: SwatchText;
	readonly rows: RowsText;
	readonly worked: Worked;
	readonly cords: Cords;
	/** What cannot be worked, then what to look at. */
	readonly problems: readonly SwatchProblem[];
}

/** Characters of rows up to which a server works a swatch for a page, and stitches of its first row; the browser works larger ones. */
const SERVED = { text: 6000, castOn: 80 };

export const isLongSwatch = ({ text, castOn }: SwatchText): boolean =>
	text.length > SERVED.text || castOn > SERVED.castOn;

/** `glossary`: the teacher's own lines, besides those of the text. */
export const check = (swatch: SwatchText, glossary: string): Checked => atOnce(checking(swatch, glossary));

/** The same in pieces: a line, a row or a look over all of it each. */
export function* checking(swatch: SwatchText, glossary: string): Pieces<Checked> {
	const rows = yield* readingRows(swatch.text, {
		school: swatch.school,
		among: swatch.schools,
		glossary: readGlossary(glossary),
	});
	const worked = yield* workingRows(rows, swatch);
	const cords = cordsOf(worked);
	yield;
	const problems = [...worked.problems, ...toldOtherwise(rows, swatch.school), ...checksOf(worked, cords)];
	return { swatch, rows, worked, cords, problems };
}

/** Names that a glossary line tells otherwise than the school does: the line counts, and somebody should know. */
function toldOtherwise({ glossary }: RowsText, school: SwatchText['school']): readonly SwatchProblem[] {
	return glossary.entries.flatMap(({ name, readings }): SwatchProblem[] => {
		const read = readings[0] && readName(name, school);
		const apart = read?.ok ? differencesOf(read.crossing, readings[0]!.crossing) : [];
		if (!read?.ok || apart.length === 0) return [];
		return [
			{
				row: 0,
				from: 0,
				to: 0,
				weight: 'warning',
				reason: 'told-otherwise',
				what: `The glossary line of ${name} makes something else than patterns with ${SCHOOLS[read.school].title} mean by it: ${apart.join('; ')}.`,
				todo: 'The line counts. Correct it if the name was meant.',
			},
		];
	});
}

/** `check`, remembered for the swatches that pages and lessons show, which stay what they are. */
export const checked = memoize(
	60,
	(swatch: SwatchText, glossary: string) => JSON.stringify([swatch, glossary]),
	(swatch, glossary): Checked => check(swatch, glossary),
);

/** The same in pieces. */
export const checkingOnce = (swatch: SwatchText, glossary: string): Pieces<Checked> =>
	checked.inPieces(checking, swatch, glossary);
