/** The pages of a handout as a picture, to be seen and printed as they are. */

import { answered, refusalOf } from '$lib/files/fetch-handout';

export type PagesState =
	| { readonly kind: 'making' }
	/** A picture of the pages, one above the other, by its address in this window; `copies` are drawn, `of` so many. */
	| {
			readonly kind: 'drawn';
			readonly address: string;
			readonly pages: number;
			readonly copies: number;
			readonly of: number;
	  }
	| { readonly kind: 'failed'; readonly why: string };

/** Requests them and calls `state` with each change. Never throws; silent once it is aborted. */
export async function pagesDrawn(path: string, state: (now: PagesState) => void, signal: AbortSignal): Promise<void> {
	state({ kind: 'making' });
	try {
		const answer = await answered(`${path}&drawn=yes`, signal);
		const pages = Number(answer.headers.get('x-pages'));
		const [copies = 1, of = 1] = (answer.headers.get('x-copies') ?? '').match(/\d+/g)?.map(Number) ?? [];
		const picture = await answer.blob();
		if (signal.aborted) return;
		state({ kind: 'drawn', pages, copies, of, address: pages === 0 ? '' : URL.createObjectURL(picture) });
	} catch (cause) {
		if (!signal.aborted) state({ kind: 'failed', why: refusalOf(cause) });
	}
}
