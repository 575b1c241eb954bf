/** Talking to the server. Every answer is checked; a failure says what to do. */

import { fields, type Reader } from './answers';

const Refused = fields({ message: 'string' });

// Browsers let a request outlive its page up to 64 kB of bodies at once.
const KEEPALIVE_MOST = 20_000;

export type SendAnswer<T, Current = never> =
	| { readonly kind: 'ok'; readonly value: T }
	/** Somebody saved in between; this is what stands there. */
	| { readonly kind: 'stale'; readonly current: Current }
	/** The server understood and said no: sending the same again will not help. */
	| { readonly kind: 'refused'; readonly message: string }
	/** Nobody is signed in any more: worth sending again once somebody is. */
	| { readonly kind: 'signed-out' }
	/** No answer, or the server is in trouble: worth sending again. */
	| { readonly kind: 'unreached'; readonly why: Unreached };

/** This device is offline; the server is silent; it says that it is in trouble, or has too much to do. */
export type Unreached = 'offline' | 'silent' | 'trouble' | 'busy';

/** Sends JSON. `current` is what a stale write is answered with, where the address knows versions. */
export const send = <T, Current = never>(
	method: string,
	path: string,
	body: unknown,
	schema: Reader<T>,
	current?: Reader<Current>,
): Promise<SendAnswer<T, Current>> =>
	answered(method, path, body === undefined ? null : JSON.stringify(body), schema, current);

/** Sends the text of a file of JSON as it is. */
export const sendText = <T>(path: string, text: string, schema: Reader<T>): Promise<SendAnswer<T>> =>
	answered('POST', path, text, schema);

/** Sends a file as it is. */
export const sendFile = <T>(path: string, file: Blob, schema: Reader<T>): Promise<SendAnswer<T>> =>
	answered('POST', path, file, schema);

async function answered<T, Current = never>(
	method: string,
	path: string,
	body: string | Blob | null,
	schema: Reader<T>,
	current?: Reader<Current>,
): Promise<SendAnswer<T, Current>> {
	let response: Response;
	let data: unknown;
	try {
		response = await fetch(path, {
			method,
			headers: { 'content-type': body instanceof Blob ? body.type : 'application/json' },
			body,
			// Chromium refuses to send a file in such a request, however small it is.
			keepalive: !(body instanceof Blob) && (body?.length ?? 0) < KEEPALIVE_MOST,
		});
		data = await response.json();
	} catch {
		return { kind: 'unreached', why: navigator.onLine ? 'silent' : 'offline' };
	}
	if (response.status === 429) return { kind: 'unreached', why: 'busy' };
	if (response.status >= 500) return { kind: 'unreached', why: 'trouble' };
	if (response.status === 401) return { kind: 'signed-out' };
	if (response.status === 409 && current) {
		const stale = current.safeParse(data instanceof Object && 'current' in data ? data.current : undefined);
		if (stale.success) return { kind: 'stale', current: stale.data as Current };
	}
	if (!response.ok) {
		return {
			kind: 'refused',
			message: Refused.safeParse(data).data?.message ?? `The server refused it (${response.status}).`,
		};
	}
	const checked = schema.safeParse(data);
	return checked.success ? { kind: 'ok', value: checked.data as T } : { kind: 'unreached', why: 'trouble' };
}

/** Why nothing came back, in a sentence. */
export const UNREACHED: Readonly<Record<Unreached, string>> = {
	offline: 'This device is offline.',
	silent: 'The server did not answer.',
	trouble: 'The server is in trouble.',
	busy: 'The server has too much to do just now.',
};

/** What to tell the teacher about an answer; nothing when it went well. */
export function troubleOf(answer: SendAnswer<unknown, unknown>): string | undefined {
	switch (answer.kind) {
		case 'ok':
			return undefined;
		case 'stale':
			return 'It was changed in another window. Reload the page and try again.';
		case 'refused':
			return answer.message;
		case 'signed-out':
			return 'You are signed out. Sign in again in another tab, then try once more; nothing is lost here.';
		case 'unreached':
			return `${UNREACHED[answer.why]} Nothing is lost here; try again in a moment.`;
	}
}
