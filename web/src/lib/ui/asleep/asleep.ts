/**
 * Parts of a page that the server writes and that stay as written until somebody comes near them, or until they would
 * say something else: only then is their script fetched, and only they are woken up.
 */

import type { Component } from 'svelte';

/** As `getAllContexts` gives them. */
export type Contexts = Map<unknown, unknown>;

export interface Sleeper<P extends object> {
	/** Fetches what is needed to wake it. */
	readonly fetch: () => Promise<Component<P>>;
	/** How the server writes it, with ids of its own; nowhere else. */
	readonly write?: (props: P, context: Contexts, ids: string) => string;
}

// Only the server's build has this; for a browser's it is nothing.
const server = import.meta.env.SSR ? await import('svelte/server') : undefined;

/** `here` is the same part for the server: `import.meta.env.SSR ? await import('./Part.svelte') : undefined`. */
export const asleep = <P extends object>(
	fetch: () => Promise<{ readonly default: Component<P> }>,
	here: { readonly default: Component<P> } | undefined,
): Sleeper<P> => ({
	fetch: async () => (await fetch()).default,
	...(server && here
		? {
				write: (props, context, ids) =>
					server.render(here.default as Component, { props, context: context as never, idPrefix: ids }).body,
			}
		: {}),
});
