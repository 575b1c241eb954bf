import { canonical, type Crossing } from '../crossing/index.ts';
import { memoize } from '../memoize/index.ts';
import { sentenceFor as written } from '../notation/index.ts';

/** The glossary sentence, in the words of left hands where `mirrored`; an empty text where none makes it. */
export const sentenceFor = memoize(
	200,
	(c: Crossing, mirrored?: boolean) => `${canonical(c)} ${mirrored === true}`,
	(c: Crossing, mirrored?: boolean): string => written(c, mirrored) ?? '',
);
