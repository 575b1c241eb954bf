/**
 * Parts of a page that the server writes and that stay as written until somebody comes near them, or until they would
 * say something else: only then is their script fetched, and only they are woken up.
 */

import type { Component } from 'svelte';
import type { render } from 'svelte/server';
import Guarded from './Guarded.svelte';

/** As `getAllContexts` gives them. */
export type Contexts = Map<unknown, unknown>;

export interface Sleeper<P extends object> {
	/** What is needed to wake it, once it is at hand. */
	ready: Component<P> | undefined;
	readonly fetch: () => Promise<Component<P>>;
	/** How the server writes it, with ids of its own; a browser writes nothing. */
	readonly write: (props: P, context: Contexts, ids: string) => string;
}

let writer: typeof render | undefined;

/** Told by the server before its first page: how a part is written. A browser has nothing of it. */
export const writtenBy = (by: typeof render): void => void (writer = by);

function sleeper<P extends object>(ready: Component<P> | undefined, fetch: () => Promise<Component<P>>): Sleeper<P> {
	const part: Sleeper<P> = {
		ready,
		fetch: async () => (part.ready ??= await fetch()),
		write: (props, context, ids) =>
			writer?.(Guarded as unknown as Component, {
				props: { part: part.ready, given: props },
				context: context as never,
				idPrefix: ids,
			}).body ?? '',
	};
	return part;
}

/** A part that is fetched when it is to wake. Whoever lists such parts awaits `atHand` for the server below them. */
export const asleep = <P extends object>(fetch: () => Promise<{ readonly default: Component<P> }>): Sleeper<P> =>
	sleeper(undefined, async () => (await fetch()).default);

/** A part that is at hand, and only not woken with the page. */
export const dozing = <P extends object>(component: Component<P>): Sleeper<P> =>
	sleeper(component, () => Promise.resolve(component));

/** Fetches parts that a server is to write: `if (import.meta.env.SSR) await atHand(one, another)`, which is nothing in a browser's build. */
export const atHand = (...parts: readonly { readonly fetch: () => Promise<unknown> }[]): Promise<unknown> =>
	Promise.all(parts.map((part) => part.fetch()));
