<script lang="ts" generics="P extends object">
	import { type Component, flushSync, getAllContexts, hydrate, mount, onMount, unmount, untrack } from 'svelte';
	import { isWaking, later, soon as hurry, whileWaking } from '../waking';
	import type { Sleeper } from './asleep';
	import Guarded from './Guarded.svelte';
	import { listening } from './replayed';

	interface Props {
		part: Sleeper<P>;
		/**
		 * What it is given; with a setter what it may change. Functions are taken to say what they said before, whatever
		 * they are made anew.
		 */
		given: P;
		/**
		 * When it wakes, besides when it would say something else: as somebody comes `near`; `soon`, right after the
		 * rest of the page; when the browser is `idle`; or never, where it is `still` and nothing in it answers but links.
		 */
		when?: 'near' | 'soon' | 'idle' | 'still';
	}
	const { part, given, when = 'near' }: Props = $props();
	const ids = $props.id();
	const context = getAllContexts();

	const wasWaking = isWaking();
	const written = untrack(() => part.write(given, context, ids));
	const now = $derived(given);
	/** What it was written with, until it is awake. */
	let asWritten = $state.raw<P>();
	let place = $state<HTMLElement>();
	const keys = untrack(() => Object.keys(now)) as (keyof P)[];
	/** The same, seen through: what it is given changes with it. */
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
	/** All of it in words; nothing where functions are part of it, which may say anything. */
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
		/** What the server wrote; a part that comes with what a browser alone knows has nothing there yet. */
		const isThere = wasWaking && target.hasChildNodes();
		const before = Object.fromEntries(keys.map((key) => [key, now[key]])) as P;
		/** Whether what stands there is what would be made. */
		const stands = (): boolean => {
			const values = now;
			return keys.every((key) => same(values[key], before[key]));
		};
		let made: object | undefined;
		let asked = false;
		let gone = false;
		let wakeLater: (() => void) | undefined;
		const make = (component: Component<P>): void => {
			if (gone) return;
			heard?.stop();
			const how = { target, props: { part: component, given: live }, context: context as never };
			const guarded = Guarded as unknown as Component<typeof how.props>;
			if (isThere) {
				// It finds what stands there, and only then is told what has changed since.
				asWritten = before;
				made = whileWaking(() => hydrate(guarded, how));
				flushSync();
				asWritten = undefined;
			} else made = mount(guarded, how);
			flushSync();
			heard?.replay();
		};
		const wake = async (): Promise<void> => {
			if (asked) return;
			asked = true;
			try {
				if (part.ready) untrack(() => make(part.ready!));
				else make(await part.fetch());
			} catch (error) {
				// What could not be fetched is fetched when it is asked for again.
				asked = false;
				throw error;
			}
		};
		const heard = isThere && when !== 'still' ? listening(target, () => void wake()) : undefined;
		if (!isThere) void wake();
		else if (when === 'soon') hurry(wake);
		else if (when === 'idle') wakeLater = later(() => void wake());
		watch = () => {
			// Not in the breath in which somebody types what changes it.
			if (isThere && !asked && !stands()) hurry(wake);
		};
		return () => {
			gone = true;
			wakeLater?.();
			heard?.stop();
			if (made) void unmount(made);
		};
	});
	// After what was made of it before, so that it is compared with that.
	$effect(() => watch());
</script>

<!-- The parts that it is made of escape what they write; in a browser what stands there is left as it is. -->
<!-- svelte-ignore hydration_html_changed -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="contents" bind:this={place}>{@html `<div class="contents">${written}</div>`}</div>
