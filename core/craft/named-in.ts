/** Loop numbers in a text become the names of the loops. */
export const namedIn = (text: string, names: readonly string[]): string =>
	text.replace(/\d+/g, (n) => names[Number(n) - 1] ?? n);
