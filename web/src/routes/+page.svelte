<script lang="ts">
	import ArrowRight from '@lucide/svelte/icons/arrow-right';
	import { readName, wordsFor } from '@pond-loop/core/notation';
	import LessonList from '$lib/lesson/LessonList.svelte';
	import Facts from '$lib/stage/Facts.svelte';
	import Anatomy from '$lib/ui/Anatomy.svelte';
	import { addressOf } from '$lib/ui/choices';
	import { useLight } from '$lib/ui/light-state.svelte';
	import NameField from '$lib/ui/NameField.svelte';
	import NotRead from '$lib/ui/NotRead.svelte';

	const { data } = $props();
	const light = useLight();

	let text = $state('');
	// svelte-ignore state_referenced_locally
	let school = $state(data.school);
	const reading = $derived(readName(text, school));
	const words = $derived(reading.ok ? wordsFor(reading.crossing) : undefined);
</script>

<svelte:head><title>Tonight · Pond Loop</title></svelte:head>

<div class="grid gap-x-14 gap-y-10 xl:grid-cols-[minmax(0,1fr)_19rem]">
	<div>
		<h1 class="text-4xl">Tonight</h1>
		<form class="mt-6" method="get" action="/crossings">
			<NameField bind:text bind:school large label="A crossing, as the pattern names it" />
			{#if reading.ok}
				<p class="mt-4">
					<button class="pill pill-strong">Take it to the stage <ArrowRight class="size-5" /></button>
				</p>
			{/if}
		</form>
		<div class="mt-8" aria-live="polite">
			{#if reading.ok}
				<h2 class="mb-4 text-2xl">{words?.title ?? 'A crossing'}</h2>
				<div class="grid gap-8 lg:grid-cols-2">
					<div><Facts crossing={reading.crossing} light={light.now} /></div>
					<div>
						<h3 class="lead mb-2 font-sans">The name, taken apart</h3>
						<Anatomy parts={reading.parts} />
					</div>
				</div>
			{:else}
				<NotRead
					{reading}
					light={light.now}
					choose={(close) => {
						text = close.name;
						school = close.school;
					}}
					readIn={(other) => (school = other)}
				/>
			{/if}
		</div>
	</div>
	<aside aria-labelledby="recent">
		<h2 id="recent" class="text-2xl">Your lessons</h2>
		<LessonList lessons={data.lessons} light={light.now} glance={2} />
		<p class="mt-4 flex flex-wrap gap-x-6 gap-y-2">
			<a class="wordlink" href="/lessons"
				>{data.lessons.length > 0 ? 'All lessons, and a new one' : 'Make the first one'}</a
			>
			<a class="wordlink" href={addressOf({})}>To the stage</a>
		</p>
	</aside>
</div>
