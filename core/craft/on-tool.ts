/** A row of single stitches is read on; what is done one after the other are sentences. */

import { capital } from '../capital.ts';

export const sentence = (does: readonly string[], between: ', ' | '. '): string => {
	return `${(between === '. ' ? does.map(capital) : [capital(does[0] ?? ''), ...does.slice(1)]).join(between)}.`;
};
