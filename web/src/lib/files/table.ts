/** A table as CSV, for a spreadsheet. */

import Papa from 'papaparse';

export const csvFile = (rows: readonly (readonly unknown[])[]): Blob =>
	new Blob([`${Papa.unparse(rows as unknown[][])}\r\n`], { type: 'text/csv;charset=utf-8' });
