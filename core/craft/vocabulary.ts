/** The words of a craft for the same moves of the hands. */

export interface Vocabulary {
	/** What each loop is called, by its number; the number itself when left out. */
	readonly names?: readonly string[];
	/** What is on the needle: a stitch, or what counts as one. */
	readonly one: string;
	readonly One: string;
	readonly many: string;
	readonly Many: string;
	/** What working one through the front, and the other way, is called. */
	readonly knit: string;
	readonly purl: string;
	readonly yarn: {
		readonly name: string;
		/** What it is ready for on each side, and how it gets to the back. */
		readonly front: string;
		readonly behind: string;
		readonly way: string;
	};
}

export const PLAIN: Vocabulary = {
	one: 'stitch',
	One: 'Stitch',
	many: 'stitches',
	Many: 'Stitches',
	knit: 'Knit',
	purl: 'Purl',
	yarn: { name: 'the yarn', front: 'ready to purl', behind: 'ready to knit', way: 'between the needles' },
};
