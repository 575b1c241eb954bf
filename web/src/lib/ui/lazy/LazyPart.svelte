<script lang="ts" generics="P extends object">
	import { type Component, flushSync, getAllContexts, hydrate, mount, onMount, unmount, untrack } from 'svelte';
	import { isHydrating, runWhenIdle, runSoon, whileHydrating } from '../hydration';
	import type { LazyComponent } from './lazy-part';
	import Guarded from './Guarded.svelte';
	import { recordEarlyInput } from './early-input';

	interface Props {
		part: LazyComponent<P>;
		/** Its props; with a setter those that it may change. Functions in them are taken to be the same as before. */
		given: P;
		/**
		 * When it is hydrated, besides when its props change: when a pointer or the focus comes `near`; `soon`, right after
		 * the rest of the page; when the browser is `idle`; or never, where it is `still` and has links only.
		 */
		when?: 'near' | 'soon' | 'idle' | 'still';
	}
	const { part, given, when = 'near' }: Props = $props();
	const ids = $props.id();
	const context = getAllContexts();

	const isPageHydrating = isHydrating();
	const written = untrack(() => part.write(given, context, ids));
	const now = $derived(given);
	/** The props that the server rendered it with, until it is hydrated. */
	let asWritten = $state.raw<P>();
	let place = $state<HTMLElement>();
	const keys = untrack(() => Object.keys(now)) as (keyof P)[];
	/** The props as the part reads them: it follows their changes. */
	const live = Object.defineProperties(
		{},
		Object.fromEntries(
			keys.map((key) => [
				key,
				{
					enumerable: true,
					get: () => (asWritten ?? now)[key],
					set: (value: P[keyof P]) => (now[key] = value),
				},
			]),
		),
	) as P;
	function same(a: unknown, b: unknown): boolean {
		if (a === b || typeof a === 'function') return true;
		const words = typeof a === 'object' ? said(a) : undefined;
		return words !== undefined && words === said(b);
	}
	/** A value as JSON; none where it holds functions, which cannot be compared. */
	function said(of: unknown): string | undefined {
		let isWhole = true;
		const words = JSON.stringify(of, (_, value: unknown) => {
			isWhole &&= typeof value !== 'function';
			return value;
		});
		return isWhole ? words : undefined;
	}

	let watch = (): void => undefined;
	onMount(() => {
		const target = place!.firstElementChild as HTMLElement;
		/** Whether the server rendered it; a part that depends on the browser has no HTML yet. */
		const isThere = isPageHydrating && target.hasChildNodes();
		const before = Object.fromEntries(keys.map((key) => [key, now[key]])) as P;
		/** Whether its HTML is up to date. */
		const isCurrent = (): boolean => {
			const values = now;
			return keys.every((key) => same(values[key], before[key]));
		};
		let made: object | undefined;
		let asked = false;
		let gone = false;
		let cancel: (() => void) | undefined;
		const make = (component: Component<P>): void => {
			if (gone) return;
			early?.stop();
			const how = { target, props: { part: component, given: live }, context: context as never };
			const guarded = Guarded as unknown as Component<typeof how.props>;
			if (isThere) {
				// It is hydrated with the props of its HTML, and gets those of now after that.
				asWritten = before;
				made = whileHydrating(() => hydrate(guarded, how));
				flushSync();
				asWritten = undefined;
			} else made = mount(guarded, how);
			flushSync();
			early?.replay();
		};
		const start = async (): Promise<void> => {
			if (asked) return;
			asked = true;
			try {
				if (part.ready) untrack(() => make(part.ready!));
				else make(await part.fetch());
			} catch (error) {
				// It is fetched again when it is needed again.
				asked = false;
				throw error;
			}
		};
		const early = isThere && when !== 'still' ? recordEarlyInput(target, () => void start()) : undefined;
		if (!isThere) void start();
		else if (when === 'soon') runSoon(start);
		else if (when === 'idle') cancel = runWhenIdle(() => void start());
		watch = () => {
			// In a task after the input that changes it.
			if (isThere && !asked && !isCurrent()) runSoon(start);
		};
		return () => {
			gone = true;
			cancel?.();
			early?.stop();
			if (made) void unmount(made);
		};
	});
	// An effect, so that it runs after the HTML is compared.
	$effect(() => watch());
</script>

<!-- The parts that it is made of escape what they write; in a browser what stands there is left as it is. -->
<!-- svelte-ignore hydration_html_changed -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="contents" bind:this={place}>{@html `<div class="contents">${written}</div>`}</div>
