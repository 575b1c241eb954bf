<script lang="ts">
	import { FIRST_CROSSINGS } from '@pond-loop/core/practice';
	import { page } from '$app/state';
	import Carry from '$lib/practice/Carry.svelte';
	import Practice from '$lib/practice/Practice.svelte';
	import ShowTeacher from '$lib/practice/ShowTeacher.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	const crossings = $derived(data.crossings.length > 0 ? data.crossings : FIRST_CROSSINGS);
	let shown = $state<ShowTeacher>();
	let practice = $state<Practice>();
</script>

<svelte:head>
	<title>Practice: {data.title}</title>
	<meta name="robots" content="noindex, nofollow" />
</svelte:head>

<main class="mx-auto min-h-screen max-w-2xl px-5 py-4" id="main">
	<h1 class="text-2xl leading-tight wrap-anywhere" dir="auto">{data.title}</h1>
	<p class="quiet mb-3 text-[0.94rem]">Practice for the class of {data.by}. Five minutes at a time. No hurry.</p>
	<Practice
		bind:this={practice}
		{crossings}
		latest={data.latest}
		schools={data.door.schools}
		kinds={data.door.kinds}
		place={data.place}
		light={light.now}
		style={data.style}
		ended={() => void shown?.after()}
	>
		{#snippet foot()}
			<ShowTeacher
				bind:this={shown}
				token={page.params.token ?? ''}
				place={data.place}
				by={data.by}
				school={data.door.schools[0]!}
			/>
			<Carry taken={() => void practice?.again()} />
		{/snippet}
	</Practice>
</main>
