/** One line of what a server says while it makes a handout: how far it is, why there is none, or the file in base64. */
export type HandoutLine =
	| { readonly done: number; readonly of: number }
	| { readonly refused: string }
	| { readonly name: string; readonly pdf: string };
