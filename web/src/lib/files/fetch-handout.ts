/** Fetches a handout, saying how far it is. */

import { download } from './download';
import { UNREACHED } from '$lib/save/send';
import type { HandoutLine } from './handout-line';

export type HandoutState =
	/** Sections are drawn, `done` of `of`; pages are set once all are. */
	| { readonly kind: 'making'; readonly done: number; readonly of: number }
	| { readonly kind: 'saved'; readonly name: string }
	| { readonly kind: 'failed'; readonly why: string };

const again = ' Nothing is lost; try again in a moment.';

/**
 * Requests a handout and saves it as a file, calling `state` with each change. An answer of 429 or 503 with `retry-after`
 * is retried after that time. Never throws; returns without another call of `state` when it is aborted.
 */
export async function fetchHandout(
	path: string,
	state: (now: HandoutState) => void,
	signal: AbortSignal,
): Promise<void> {
	state({ kind: 'making', done: 0, of: 0 });
	try {
		for await (const line of linesOf(await answered(`${path}&lines=yes`, signal))) {
			if ('refused' in line) return state({ kind: 'failed', why: line.refused });
			if ('done' in line) {
				state({ kind: 'making', ...line });
				continue;
			}
			const bytes = Uint8Array.from(atob(line.pdf), (c) => c.charCodeAt(0));
			download(line.name, new Blob([bytes], { type: 'application/pdf' }));
			return state({ kind: 'saved', name: line.name });
		}
		throw new Error('The answer ended before the file.');
	} catch (cause) {
		if (signal.aborted) return;
		state({ kind: 'failed', why: refusalOf(cause) });
	}
}

class Refusal extends Error {}

/** Why a handout did not come, in words. */
export const refusalOf = (cause: unknown): string =>
	cause instanceof Refusal ? cause.message : UNREACHED[navigator.onLine ? 'silent' : 'offline'] + again;

/** Requests that are made before the refusal is shown. */
const MOST_TRIES = 20;

/** The answer to a request for a handout; one of 429 or 503 with `retry-after` is retried after that time. Throws. */
export async function answered(path: string, signal: AbortSignal): Promise<Response> {
	for (let tries = 1; ; tries++) {
		const answer = await fetch(path, { signal, headers: { accept: 'application/x-ndjson, image/svg+xml' } });
		if (answer.ok) return answer;
		if (answer.status === 401)
			throw new Refusal('You are signed out. Sign in again in another tab, then try once more.');
		const wait = Number(answer.headers.get('retry-after'));
		if (![429, 503].includes(answer.status) || !wait || tries === MOST_TRIES)
			throw new Refusal(UNREACHED[answer.status === 429 ? 'busy' : 'trouble'] + again);
		await new Promise((done) => setTimeout(done, wait * 1000));
		signal.throwIfAborted();
	}
}

async function* linesOf(answer: Response): AsyncGenerator<HandoutLine> {
	let rest = '';
	const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
	for (let read = await reader.read(); !read.done; read = await reader.read()) {
		const lines = (rest + read.value).split('\n');
		rest = lines.pop()!;
		for (const line of lines) yield JSON.parse(line) as HandoutLine;
	}
}
