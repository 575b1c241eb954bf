/** Words of the craft that patterns take for granted, said in plain English. */

export interface EverydayWord {
	readonly word: string;
	/** Other words and abbreviations for the same. */
	readonly also: readonly string[];
	readonly means: string;
	/** As patterns abbreviate it, in their letters: `k` also before a number, as in `k3`. */
	readonly short?: readonly string[];
}

/** In alphabetical order. */
export const EVERYDAY_WORDS: readonly EverydayWord[] = [
	{
		word: 'background',
		also: ['ground', 'reverse stocking stitch'],
		means: 'The stitches between cables, most often purl on the right side.',
	},
	{ word: 'block', also: ['blocking', 'wash', 'pin out'], means: 'Wash a piece and dry it flat to its final size.' },
	{
		word: 'cable',
		also: ['rope', 'plait', 'braid'],
		means: 'A column of stitches that cross each other again and again.',
	},
	{
		word: 'cn',
		short: ['cn'],
		also: ['cable needle', 'cable pin', 'spare needle'],
		means: 'Cable needle: a short needle that holds the stitches that wait.',
	},
	{
		word: 'cast off',
		also: ['bind off', 'BO'],
		means: 'Close the stitches of the last row so that they can’t run down.',
	},
	{ word: 'cast on', also: ['CO'], means: 'Make the stitches of the first row.' },
	{
		word: 'cable crossing',
		also: ['crossing', 'cable row', 'turn'],
		means: 'The place where one group of stitches passes over another.',
	},
	{
		word: 'float',
		also: ['strand across'],
		means: 'A strand of yarn that lies across stitches instead of being worked.',
	},
	{ word: 'honeycomb', also: ['waves'], means: 'Cables side by side that lean left and right by turns.' },
	{ word: 'k', short: ['k'], also: ['knit'], means: 'Knit: k3 is knit 3 stitches.' },
	{
		word: 'lean',
		also: ['leans left', 'leans right', 'direction'],
		means: 'The way the upper strand goes as it runs up the fabric.',
	},
	{
		word: 'mount',
		also: ['leading leg', 'seated', 'twisted'],
		means: 'How a stitch sits on the needle: its leading leg is in front or behind.',
	},
	{ word: 'p', short: ['p'], also: ['purl'], means: 'Purl: p3 is purl 3 stitches.' },
	{
		word: 'purlwise',
		also: ['pwise', 'as if to purl'],
		means: 'Put the needle in as if to purl. The stitch is not turned.',
	},
	{ word: 'repeat', also: ['rep', 'pattern repeat'], means: 'The rows and stitches that are worked again and again.' },
	{
		word: 'RS',
		short: ['RS'],
		also: ['right side', 'front of work'],
		means: 'Right side: the side of the fabric that is meant to be seen.',
	},
	{
		word: 'slip',
		short: ['sl'],
		also: ['sl', 'slip stitch'],
		means: 'Move a stitch to the other needle without working it.',
	},
	{ word: 'st', short: ['st', 'sts'], also: ['sts', 'stitch', 'stitches'], means: 'Stitch; sts are stitches.' },
	{ word: 'strand', also: ['group'], means: 'A group of stitches that travels together through a cable.' },
	{
		word: 'tbl',
		short: ['tbl'],
		also: ['through the back loop', 'ktbl', 'back loop'],
		means: 'Through the back loop: it twists the stitch.',
	},
	{
		word: 'tension',
		also: ['gauge', 'tension square', 'gauge swatch'],
		means: 'How many stitches and rows you knit in 10 cm or 4 inches.',
	},
	{
		word: 'travelling',
		also: ['traveling', 'moving cable', 'diamond'],
		means: 'A strand that moves over the background, a stitch or two each crossing.',
	},
	{ word: 'WS', short: ['WS'], also: ['wrong side', 'back of work'], means: 'Wrong side: the side that faces in.' },
];

/** The abbreviations that stand in a text, with what they mean, in alphabetical order. */
export const explained = (text: string): readonly (readonly [short: string, means: string])[] =>
	EVERYDAY_WORDS.flatMap(({ short = [], means }) => {
		const used = short.find((letters) => new RegExp(`(?<![A-Za-z])${letters}(?![A-Za-z])`).test(text));
		return used === undefined ? [] : [[used, means] as const];
	});
