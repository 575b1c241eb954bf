<script lang="ts">
	import { fromCanonical } from '@pond-loop/core/crossing';
	import { readGlossary, readTextWith, wordsFor } from '@pond-loop/core/notation';
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import { shownIn } from '@pond-loop/core/look';
	import { addressOf } from '$lib/choices/address';
	import { choicesFrom } from '$lib/choices/choices';
	import { useLight } from '$lib/ui/light-state.svelte';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { accounts } from './lazy-accounts';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const first = choicesFrom(page.url.searchParams, data.style.school);
	let text = $state(first.text);
	let school = $state(first.school);
	let own = $state(first.own);
	let meaning = $state(first.meaning);

	const glossary = $derived(readGlossary(data.style.glossary));
	const line = $derived(own === undefined ? undefined : fromCanonical(own));
	const textRead = $derived(readTextWith(glossary, text, school, meaning));
	const crossing = $derived(line?.ok ? line.value : textRead.ok ? textRead.crossing : undefined);
	const shown = $derived(crossing && shownIn(data.style, crossing));

	const title = $derived(shown ? wordsFor(shown.fabric).title : 'A crossing');

	$effect(() => {
		const now = `${page.url.pathname}${addressOf({ text, own, school, meaning }).replace(/^[^?]*/, '')}`;
		const timer = setTimeout(() => {
			if (now !== page.url.pathname + page.url.search) replaceState(now, {});
		}, 150);
		return () => clearTimeout(timer);
	});
</script>

<svelte:head><title>{title} in every craft · Pond Loop</title></svelte:head>

<div class="grid items-end gap-x-10 gap-y-3 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_26.5rem]">
	<div class="min-w-0">
		<h1 class="text-[1.8rem] leading-tight">{title}</h1>
		<p class="quiet">in every craft: what stays, what changes, what is lost</p>
	</div>
	<div>
		<NameField
			bind:text
			bind:school
			label="A crossing, by any name"
			onchange={() => {
				own = undefined;
				meaning = 0;
			}}
		/>
	</div>
</div>

{#if crossing}
	<LazyPart
		part={accounts}
		when="still"
		given={{ crossing, of: { text, own, school, meaning }, style: data.style, light: light.now }}
	/>
{:else if !textRead.ok}
	<div class="mt-8">
		<NotRead
			reading={textRead}
			light={light.now}
			style={data.style}
			choose={(close) => {
				text = close.name;
				school = close.school;
			}}
			readIn={(other) => (school = other)}
		/>
	</div>
{/if}
