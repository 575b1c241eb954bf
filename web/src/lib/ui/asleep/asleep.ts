/**
 * Parts of a page that the server writes and that stay as written until somebody comes near them, or until they would
 * say something else: only then is their script fetched, and only they are woken up.
 */

import type { Component } from 'svelte';

/** As `getAllContexts` gives them. */
export type Contexts = Map<unknown, unknown>;

export interface Sleeper<P extends object> {
	/** What is needed to wake it, once it is at hand. */
	ready: Component<P> | undefined;
	readonly fetch: () => Promise<Component<P>>;
	/** How the server writes it, with ids of its own; nowhere else. */
	readonly write?: (props: P, context: Contexts, ids: string) => string;
}

// Only the server's build has this; for a browser's it is nothing.
const server = import.meta.env.SSR ? await import('svelte/server') : undefined;

const writing = <P extends object>(here: Component<P> | undefined): Pick<Sleeper<P>, 'write'> =>
	server && here
		? {
				write: (props, context, ids) =>
					server.render(here as Component, { props, context: context as never, idPrefix: ids }).body,
			}
		: {};

/**
 * A part that is fetched when it is to wake. `here` is the same for the server:
 * `import.meta.env.SSR ? await import('./Part.svelte') : undefined`.
 */
export const asleep = <P extends object>(
	fetch: () => Promise<{ readonly default: Component<P> }>,
	here: { readonly default: Component<P> } | undefined,
): Sleeper<P> => {
	const part: Sleeper<P> = {
		ready: undefined,
		fetch: async () => (part.ready = (await fetch()).default),
		...writing(here?.default),
	};
	return part;
};

/** A part that is at hand, and only not woken with the page. */
export const dozing = <P extends object>(component: Component<P>): Sleeper<P> => ({
	ready: component,
	fetch: () => Promise.resolve(component),
	...writing(component),
});
