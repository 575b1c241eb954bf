import { expect, it } from 'vitest';
import { csvFile } from './table';

it('keeps commas and line breaks in their cell, and marks what a spreadsheet would take for a formula', async () => {
	expect(
		await csvFile([
			['Oda', '=1+1', 3],
			['a, b', 'two\nlines', '-2'],
		]).text(),
	).toBe(`Oda,"'=1+1",3\r\n"a, b","two\nlines","'-2"\r\n`);
});
