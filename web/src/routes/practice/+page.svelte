<script lang="ts">
	import type { Crossing } from '@pond-loop/core/crossing';
	import { readName, SCHOOL_IDS } from '@pond-loop/core/notation';
	import { FIRST_CROSSINGS } from '@pond-loop/core/practice';
	import { page } from '$app/state';
	import Carry from '$lib/practice/Carry.svelte';
	import Practice from '$lib/practice/Practice.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	/** Names in the address, such as from the link of a lesson: `with=2/2 LC,3/3 RC&school=slash`. */
	const MOST = 30;
	const school = $derived(SCHOOL_IDS.find((id) => id === page.url.searchParams.get('school')) ?? data.style.school);
	const named = $derived(
		(page.url.searchParams.get('with') ?? '').split(',', MOST).flatMap((name): Crossing[] => {
			const read = name.trim() === '' ? undefined : readName(name, 'slash');
			return read?.ok ? [read.crossing] : [];
		}),
	);
	const crossings = $derived(
		data.of && data.of.crossings.length > 0 ? data.of.crossings : named.length > 0 ? named : FIRST_CROSSINGS,
	);
	let practice = $state<Practice>();
</script>

<svelte:head><title>Practice · Pond Loop</title></svelte:head>

<div class="mx-auto mb-3 max-w-2xl">
	<h1 class="text-3xl">Practice</h1>
	<p class="quiet text-[0.94rem]">
		{#if data.of}The crossings of <a class="wordlink" href="/lessons/{data.of.id}">{data.of.title}</a
			>.{:else if named.length > 0}The crossings of your lesson.{:else}The first crossings that are taught.{/if} Five minutes
		at a time.
	</p>
</div>
<div class="within">
	<Practice bind:this={practice} {crossings} schools={[school]} light={light.now} style={data.style}>
		{#snippet foot()}<Carry taken={() => void practice?.again()} />{/snippet}
	</Practice>
</div>

<style>
	/* The way about lies under the thumb there. */
	.within {
		--thumb: 4rem;
	}
</style>
