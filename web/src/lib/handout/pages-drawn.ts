/** The pages of a handout as a picture, to be seen and printed as they are. */

import { answered, refusalOf } from '$lib/files/fetch-handout';

export type PagesState =
	| { readonly kind: 'making' }
	/** A picture of all pages, one above the other, by its address in this window. */
	| { readonly kind: 'drawn'; readonly address: string; readonly pages: number }
	| { readonly kind: 'failed'; readonly why: string };

/** Requests them and calls `state` with each change. Never throws; silent once it is aborted. */
export async function pagesDrawn(path: string, state: (now: PagesState) => void, signal: AbortSignal): Promise<void> {
	state({ kind: 'making' });
	try {
		const answer = await answered(`${path}&drawn=yes`, signal);
		const pages = Number(answer.headers.get('x-pages'));
		const picture = await answer.blob();
		if (signal.aborted) return;
		state({ kind: 'drawn', pages, address: pages === 0 ? '' : URL.createObjectURL(picture) });
	} catch (cause) {
		if (!signal.aborted) state({ kind: 'failed', why: refusalOf(cause) });
	}
}
