/** What somebody has typed or pasted, told from the text itself. */

import type { Glossary } from './glossary.ts';
import type { StatedSchool } from './read.ts';
import { readTextWith, type SentenceRead } from './read-with.ts';
import { readRows, type RowsText } from './rows/index.ts';

export type What =
	| { readonly kind: 'name'; readonly reading: ReturnType<typeof readTextWith> }
	| { readonly kind: 'sentence'; readonly reading: SentenceRead }
	| { readonly kind: 'rows'; readonly rows: RowsText };

/** A label of a row, a cast-on, or instructions one after the other. */
const ROWS =
	/^\s*(?:cast on\b|co \d|multiple of\b|(?:set[- ]?up |foundation |next |cable )?(?:rows?|rnds?|rounds?)\b|r\d|(?:rs|ws)\s*:|\d{1,3}[.):])/im;
const LISTED = /(?:^|[,;*[(]\s*)[kp]\s?\d*\b[^,;]*[,;]/i;

/** A sentence of one crossing, read or not: rows begin with other stitches or with a label. */
const SENTENCE = /^\s*(?:slip|sl|place|put|hold|with)\b[^,;.:]{0,80}\b(?:cn|cable needle|dpn|holder|needle)\b/i;

/** A name, a sentence, or rows of a pattern; a name with the reasons where it is none of them. */
export function whatIs(glossary: Glossary, text: string, school: StatedSchool): What {
	const isLong = text.includes('\n');
	const reading = readTextWith(glossary, isLong ? '' : text, school);
	if (!isLong && reading.ok) {
		return 'sentence' in reading ? { kind: 'sentence', reading } : { kind: 'name', reading };
	}
	if (isLong || (!SENTENCE.test(text) && (ROWS.test(text) || LISTED.test(text)))) {
		const rows = readRows(text, { school, glossary });
		if (rows.rows.length > 0) return { kind: 'rows', rows };
	}
	return { kind: 'name', reading: isLong ? readTextWith(glossary, text.split('\n')[0]!, school) : reading };
}
