/** A table as CSV, for a spreadsheet: what begins like a formula is marked as words with an apostrophe. */

import Papa from 'papaparse';

export const csvFile = (rows: readonly (readonly unknown[])[]): Blob =>
	new Blob([`${Papa.unparse(rows as unknown[][], { escapeFormulae: true })}\r\n`], { type: 'text/csv;charset=utf-8' });
