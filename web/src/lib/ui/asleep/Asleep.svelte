<script lang="ts" generics="P extends object">
	import { getAllContexts, hydrate, mount, onMount, unmount, untrack } from 'svelte';
	import { isWaking } from '../waking';
	import type { Sleeper } from './asleep';
	import { listening } from './replayed';

	interface Props {
		part: Sleeper<P>;
		/** What it is given. Functions are taken to say what they said before, whatever they are made anew. */
		given: P;
	}
	const { part, given }: Props = $props();
	const ids = $props.id();
	const context = getAllContexts();

	/** On the server it is written at once; while the page wakes it stands there; else it is made when it is fetched. */
	const isThere = isWaking();
	const written = untrack(() => part.write?.(given, context, ids)) ?? '';
	let place = $state<HTMLElement>();
	const keys = untrack(() => Object.keys(given)) as (keyof P)[];
	/** The same, seen through: what it is given changes with it. */
	const live = Object.defineProperties(
		{},
		Object.fromEntries(keys.map((key) => [key, { enumerable: true, get: () => given[key] }])),
	) as P;

	const same = (a: unknown, b: unknown): boolean =>
		a === b || typeof a === 'function' || (typeof a === 'object' && JSON.stringify(a) === JSON.stringify(b));

	onMount(() => {
		let made: object | undefined;
		let asked = false;
		let gone = false;
		const target = place!.firstElementChild as HTMLElement;
		const wake = async (): Promise<void> => {
			if (asked) return;
			asked = true;
			try {
				const component = await part.fetch();
				if (gone) return;
				heard?.stop();
				made = (isThere ? hydrate : mount)(component, { target, props: live, context: context as never });
				heard?.replay();
			} catch (error) {
				// What could not be fetched is fetched when it is asked for again.
				asked = false;
				throw error;
			}
		};
		const heard = isThere ? listening(target, () => void wake()) : undefined;
		if (!isThere) void wake();
		let before: unknown[] | undefined;
		const end = $effect.root(() => {
			$effect(() => {
				const now = keys.map((key) => given[key] as unknown);
				if (isThere && !asked && before && !now.every((value, i) => same(value, before?.[i]))) void wake();
				before ??= now;
			});
		});
		return () => {
			gone = true;
			end();
			heard?.stop();
			if (made) void unmount(made);
		};
	});
</script>

<!-- The parts that it is made of escape what they write; in a browser what stands there is left as it is. -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="contents" bind:this={place}>{@html `<div class="contents">${written}</div>`}</div>
