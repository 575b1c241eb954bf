<script lang="ts" generics="P extends object">
	import { type Component, getAllContexts, hydrate, mount, onMount, unmount, untrack } from 'svelte';
	import { isWaking, soon as hurry, whileWaking } from '../waking';
	import type { Sleeper } from './asleep';
	import { listening } from './replayed';

	interface Props {
		part: Sleeper<P>;
		/**
		 * What it is given; with a setter what it may change. Functions are taken to say what they said before, whatever
		 * they are made anew.
		 */
		given: P;
		/** It is woken by itself, right after the rest of the page. */
		soon?: boolean;
		/** Nothing in it answers but links, so it wakes only to say something else. */
		still?: boolean;
	}
	const { part, given, soon = false, still = false }: Props = $props();
	const ids = $props.id();
	const context = getAllContexts();

	/** On the server it is written at once; while the page wakes it stands there; else it is made when it is fetched. */
	const isThere = isWaking();
	const written = untrack(() => part.write?.(given, context, ids)) ?? '';
	const now = $derived(given);
	let place = $state<HTMLElement>();
	const keys = untrack(() => Object.keys(now)) as (keyof P)[];
	/** The same, seen through: what it is given changes with it. */
	const live = Object.defineProperties(
		{},
		Object.fromEntries(
			keys.map((key) => [
				key,
				{ enumerable: true, get: () => now[key], set: (value: P[keyof P]) => (now[key] = value) },
			]),
		),
	) as P;
	const valuesNow = (): unknown[] => {
		const values = now;
		return keys.map((key) => values[key]);
	};
	const same = (a: unknown, b: unknown): boolean =>
		a === b || typeof a === 'function' || (typeof a === 'object' && JSON.stringify(a) === JSON.stringify(b));

	let watch = (): void => undefined;
	onMount(() => {
		const target = place!.firstElementChild as HTMLElement;
		const before = valuesNow();
		/** Whether what stands there is what would be made. */
		const stands = (): boolean => valuesNow().every((value, i) => same(value, before[i]));
		let made: object | undefined;
		let asked = false;
		let gone = false;
		const make = (component: Component<P>): void => {
			if (gone) return;
			heard?.stop();
			const how = { target, props: live, context: context as never };
			if (isThere && stands()) made = whileWaking(() => hydrate(component, how));
			else {
				target.replaceChildren();
				made = mount(component, how);
			}
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
		const heard = isThere && !still ? listening(target, () => void wake()) : undefined;
		if (!isThere) void wake();
		else if (soon) hurry(wake);
		watch = () => {
			// Not in the breath in which somebody types what changes it.
			if (!asked && !stands()) hurry(wake);
		};
		return () => {
			gone = true;
			heard?.stop();
			if (made) void unmount(made);
		};
	});
	// After what was made of it before, so that it is compared with that.
	if (isThere) $effect(() => watch());
</script>

<!-- The parts that it is made of escape what they write; in a browser what stands there is left as it is. -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="contents" bind:this={place}>{@html `<div class="contents">${written}</div>`}</div>
