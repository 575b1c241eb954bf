/** Words of the craft that patterns take for granted, said in plain English. */

export interface EverydayWord {
	readonly word: string;
	/** Other words and abbreviations for the same. */
	readonly also: readonly string[];
	readonly means: string;
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
	{
		word: 'purlwise',
		also: ['pwise', 'as if to purl'],
		means: 'Put the needle in as if to purl. The stitch is not turned.',
	},
	{ word: 'repeat', also: ['rep', 'pattern repeat'], means: 'The rows and stitches that are worked again and again.' },
	{
		word: 'RS',
		also: ['right side', 'front of work'],
		means: 'Right side: the side of the fabric that is meant to be seen.',
	},
	{ word: 'slip', also: ['sl', 'slip stitch'], means: 'Move a stitch to the other needle without working it.' },
	{ word: 'st', also: ['sts', 'stitch', 'stitches'], means: 'Stitch; sts are stitches.' },
	{ word: 'strand', also: ['group'], means: 'A group of stitches that travels together through a cable.' },
	{
		word: 'tbl',
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
	{ word: 'WS', also: ['wrong side', 'back of work'], means: 'Wrong side: the side that faces in.' },
];
