/** A row of single stitches is read on; what is done one after the other are sentences. */
export const sentence = (does: readonly string[], between: ', ' | '. '): string => {
	const upper = (says: string): string => says.charAt(0).toUpperCase() + says.slice(1);
	return `${(between === '. ' ? does.map(upper) : [upper(does[0] ?? ''), ...does.slice(1)]).join(between)}.`;
};
