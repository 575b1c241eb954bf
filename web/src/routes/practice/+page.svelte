<script lang="ts">
	import type { Crossing } from '@pond-loop/core/crossing';
	import { readName, SCHOOL_IDS } from '@pond-loop/core/notation';
	import { page } from '$app/state';
	import Practice from '$lib/practice/Practice.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	/** What is taught first, and what is mixed up most. */
	const FIRST = ['1/1 RC', '1/1 LC', '2/2 RC', '2/2 LC', '2/1 RC', '2/1 LC', '2/1 RPC', '2/1 LPC', '3/3 RC', '3/3 LC'];
	const first = FIRST.flatMap((name): Crossing[] => {
		const read = readName(name, 'slash');
		return read.ok ? [read.crossing] : [];
	});
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
		data.of && data.of.crossings.length > 0 ? data.of.crossings : named.length > 0 ? named : first,
	);
	const deck = $derived({ school, crossings });
</script>

<svelte:head><title>Practice · Pond Loop</title></svelte:head>

<div class="mx-auto mb-3 max-w-2xl">
	<h1 class="text-3xl">Practice</h1>
	<p class="quiet text-[0.94rem]">
		{#if data.of}The crossings of <a class="wordlink" href="/lessons/{data.of.id}">{data.of.title}</a
			>.{:else if named.length > 0}The crossings of your lesson.{:else}The first crossings that are taught.{/if} Five minutes,
		many times.
	</p>
</div>
<Practice {deck} light={light.now} />
