/** What each term is called in English patterns, for a page of words. */

import type { Term } from './language.ts';

export const WORDS_IN_ENGLISH: readonly (readonly [term: Term, english: string])[] = [
	['stitch', 'stitch'],
	['knit', 'knit'],
	['purl', 'purl'],
	['tbl', 'through the back loop'],
	['slip', 'slip'],
	['yo', 'yarn over'],
	['k2tog', 'knit two together'],
	['p2tog', 'purl two together'],
	['ssk', 'slip, slip, knit'],
	['cn', 'cable needle'],
	['front', 'in front'],
	['back', 'in back'],
	['cross', 'cross, cable'],
	['left', 'to the left'],
	['right', 'to the right'],
	['rightOnTop', 'the right one on top (leans left)'],
	['leftOnTop', 'the left one on top (leans right)'],
	['lowerPurled', 'the lower ones are purled'],
	['row', 'row'],
	['round', 'round'],
	['RS', 'right side'],
	['WS', 'wrong side'],
	['asTheyStand', 'knit the knits and purl the purls'],
	['repeat', 'repeat'],
	['castOn', 'cast on'],
	['bindOff', 'bind off'],
];
