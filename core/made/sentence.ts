import { canonical } from '../crossing/index.ts';
import { kept } from '../kept/index.ts';
import { sentenceFor as written } from '../notation/index.ts';

/** The glossary sentence, or an empty text where none makes it. */
export const sentenceFor = kept(200, canonical, (c) => written(c) ?? '');
