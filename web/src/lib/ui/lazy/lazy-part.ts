/**
 * Lazy parts of a page: rendered by the server, hydrated after the page, when they are needed.
 *
 * What an author must know:
 * - It pays where a page has many parts that are seldom touched: the stage (42 % fewer bytes of script) and the steps of a
 *   lesson (its longest task is halved). Elsewhere use a plain component, or `{#await import()}` behind what opens it.
 * - `given` is all that a part is given. Functions in it are taken to be the same as before.
 * - A part that is `fetchedLater` is listed in a file `parts.ts` that awaits `loadForServer`, or the server renders nothing.
 * - Presses and typing before it is hydrated are recorded, and repeated after (`early-input.ts`).
 */

import type { Component } from 'svelte';
import type { render } from 'svelte/server';
import Guarded from './Guarded.svelte';

/** As `getAllContexts` returns them. */
export type Contexts = Map<unknown, unknown>;

export interface LazyComponent<P extends object> {
	/** Its component, once it is loaded. */
	ready: Component<P> | undefined;
	readonly fetch: () => Promise<Component<P>>;
	/** Its HTML on the server, with ids of its own; empty in a browser. */
	readonly write: (props: P, context: Contexts, ids: string) => string;
}

let renderer: typeof render | undefined;

/** Called by the server before its first page, so that no browser is sent the renderer. */
export const setRenderer = (render: typeof renderer): void => void (renderer = render);

function lazyComponent<P extends object>(
	ready: Component<P> | undefined,
	fetch: () => Promise<Component<P>>,
): LazyComponent<P> {
	const part: LazyComponent<P> = {
		ready,
		fetch: async () => (part.ready ??= await fetch()),
		write: (props, context, ids) =>
			renderer?.(Guarded as unknown as Component, {
				props: { part: part.ready, given: props },
				context: context as never,
				idPrefix: ids,
			}).body ?? '',
	};
	return part;
}

/** A part whose script is fetched when it is to be hydrated. */
export const fetchedLater = <P extends object>(
	fetch: () => Promise<{ readonly default: Component<P> }>,
): LazyComponent<P> => lazyComponent(undefined, async () => (await fetch()).default);

/** A part whose script comes with its page, and that is hydrated after it. */
export const hydratedLater = <P extends object>(component: Component<P>): LazyComponent<P> =>
	lazyComponent(component, () => Promise.resolve(component));

/** Loads parts that the server renders: `if (import.meta.env.SSR) await loadForServer(one, another)`, which a browser's build leaves out. */
export const loadForServer = (...parts: readonly { readonly fetch: () => Promise<unknown> }[]): Promise<unknown> =>
	Promise.all(parts.map((part) => part.fetch()));
