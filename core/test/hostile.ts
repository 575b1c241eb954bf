/** Texts made to be hard to read or to work: by hand for what was once too much, and at random. */

import fc from 'fast-check';

const filled = (part: string, most: number): string => part.repeat(Math.ceil(most / part.length)).slice(0, most);
const lines = (many: number, line: (i: number) => string): string =>
	Array.from({ length: many }, (_, i) => line(i)).join('\n');

/** Each about `most` characters long, and each of another kind of much. */
export const hostileTexts = (most: number): Readonly<Record<string, string>> => ({
	'open brackets': filled('[', most),
	'brackets in brackets': `Row 1: ${'['.repeat(most / 3)}k${']'.repeat(most / 3)}`,
	'brackets on every line': filled(`Row 1: ${'['.repeat(12)}k1${'] 9 times'.repeat(12)}\n`, most),
	'repeats in repeats of nothing': filled(`Row 1: ${'[ '.repeat(8)}pm${' ] 999 times'.repeat(8)}\n`, most),
	'repeats in repeats': filled(`Row 2: ${'[ '.repeat(8)}k1${' ] 999 times'.repeat(8)}\n`, most),
	'a word over and over': filled('knit ', most),
	'a word over and over on many lines': filled(`Row 1: ${'k the knits '.repeat(600)}\n`, most),
	'unknown words': lines(most / 12, (i) => `qz${i}, qq${i}`),
	'one long unknown': filled('q', most),
	'names of all sizes': lines(
		most / 80,
		(i) => `Row ${i + 1}: ${'2/'.repeat(8)}${i % 9}/${i % 7} RC ${i} over ${i} left cross`,
	),
	'names without signs between': filled(`Row 1: ${'C4F '.repeat(1500)}\n`, most),
	'stars without an end': filled(`Row 1: ${'* k '.repeat(1500)}\n`, most),
	'stars with one end': filled(`Row 1: ${'* k1; '.repeat(1000)}rep from *\n`, most),
	'the same rows again and again': filled('Row 1-9999: k\n', most),
	'a long label': `Row 1 (RS${' '.repeat(most)}: k`,
	'labels of spaces': filled(`Row 1 (RS${' '.repeat(200)}: k\n`, most),
	'a row of digits': `Row ${'1'.repeat(most)}: k`,
	'a repeat of digits': `rep rows ${'1'.repeat(most)}`,
	'repeats of digits': filled(`rep rows ${'1'.repeat(200)}\n`, most),
	'a cast-on of digits': `Cast on ${'9'.repeat(7000)} sts\nRow 1: k8`,
	'repeats of one row': `Row 1: k8\n${filled('rep row 1 9999 times\n', most)}`,
	'rows of every side': `${filled('All WS rows: k8\n', most)}rep rows 1-9999`,
	'glossary lines': lines(most / 60, (i) => `A${i}: sl 2 sts to cn and hold in front, k2, k2 from cn`),
	'glossary of spaces': filled(`A1${' '.repeat(7000)}x: k\n`, most),
	markers: `Row 1: ${'pm '.repeat(2000)}k8\n${filled('Row 2: k to marker k to marker\n', most)}`,
	'yarn-overs without end': lines(most / 20, (i) => `Row ${i + 1}: [k1, yo] to end`),
	remarks: filled('# [[[[[[[[[[[[[[[[\n', most),
	signs: filled('@ € ☃ 🧶 ', most),
	'line ends': filled('\r\n\r', most),
});

const WORDS = [
	...['k', 'p', 'k2', 'p3', 'knit', 'purl', 'sl1', 'yo', 'k2tog', 'ssk', 'm1', 'kfb', 'pm', 'sm', 'rm', 'ktbl', 'tbl'],
	...['C4F', 'C8B', '2/2 LC', '3/3/3', 'T3B', 'RT', '2/1', 'over', 'right cross', 'zz', 'cn', '1', '4', '999', 'x 3'],
	...['to end', 'to last 2 sts', 'to marker', 'twice', '3 times', 'rep from *', 'as they stand', 'knit the knits'],
	...[
		'[',
		']',
		'(',
		')',
		'{',
		'}',
		'*',
		'**',
		',',
		';',
		'.',
		':',
		'=',
		'#',
		'//',
		'--',
		'-',
		'–',
		'/',
		"'",
		'\t',
		'\n',
		'\n',
		'\n',
	],
	...[
		'Row 1:',
		'Row 2 (WS):',
		'Rows 3-6:',
		'Rnd 7:',
		'All WS rows:',
		'Row 1 (B):',
		'rep rows 1-2',
		'rep rows 1-4 twice',
	],
	...['rep last 2 rows 3 times', 'Cast on 8 sts', 'Bind off', 'Worked flat', 'Join in the round', 'C4F: k2'],
	...['work', 'and', 'then', '\u0000', '\ud800', '\u202e', 'é', '🧶', '10000', '-1', '1e9', '\r'],
];

/** What people might paste, in any disorder. */
export const anyRows: fc.Arbitrary<string> = fc.oneof(
	fc.array(fc.constantFrom(...WORDS), { maxLength: 120 }).map((words) => words.join(' ')),
	fc.array(fc.constantFrom(...WORDS), { maxLength: 120 }).map((words) => words.join('')),
	fc.string({ unit: 'binary', maxLength: 300 }),
);
