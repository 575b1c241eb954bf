<script lang="ts">
	import { weekdayOf } from '$lib/ui/dates';
	import { goto } from '$app/navigation';
	import { createClass, takeFile } from '$lib/class/class-requests';
	import Glances from '$lib/picture/Glances.svelte';
	import { troubleOf } from '$lib/save/send';
	import FileField from '$lib/ui/FileField.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	let title = $state('');
	/** A class from its file. */
	async function take(file: File): Promise<void> {
		const answer = await takeFile(await file.text());
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') await goto(`/classes/${answer.value.id}`);
	}
	let busy = $state(false);
	let trouble = $state<string>();
	async function make(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		busy = true;
		const answer = await createClass(title);
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') await goto(`/classes/${answer.value.id}`);
	}
</script>

<svelte:head><title>Classes · Pond Loop</title></svelte:head>

<div class="max-w-3xl">
	<h1 class="text-4xl">Classes</h1>
	<form class="mt-6 flex flex-wrap items-end gap-x-5 gap-y-3" onsubmit={make}>
		<div class="grow basis-64">
			<label class="lead block" for="title">Name of a new class</label>
			<input
				id="title"
				class="field w-full"
				dir="auto"
				bind:value={title}
				required
				placeholder="e.g. Thursday class"
				aria-describedby={trouble ? 'title-trouble' : undefined}
			/>
		</div>
		<button class="pill pill-strong" disabled={busy}>{busy ? 'Making …' : 'Make a class'}</button>
	</form>
	{#if trouble}<p id="title-trouble" class="text-error mt-2 font-semibold" role="alert">{trouble}</p>{/if}
	{#if data.classes.length === 0}
		<p class="border-base-300 mt-8 border-y py-8">
			No class yet. Add the names of your class, who is left-handed, and who works on a loom. In each session you note
			who could do what, and see what to teach next.
		</p>
	{:else}
		<ul class="mt-8">
			{#each data.classes as one (one.id)}
				<li class="border-base-300 border-t py-4">
					<a class="flex items-center gap-4" href="/classes/{one.id}">
						<span class="min-w-0 grow">
							<span class="block font-serif text-2xl font-semibold" dir="auto">{one.title}</span>
							<span class="quiet block">
								{one.people === 1 ? '1 person' : `${one.people} people`}{one.place ? `, ${one.place}` : ''} ·
								{one.evenings === 0
									? 'no session yet'
									: `${one.evenings === 1 ? '1 session' : `${one.evenings} sessions`}, the last on ${weekdayOf(one.lastDay!)}`}
							</span>
						</span>
						<Glances crossings={one.crossings} light={light.now} style={data.style} />
					</a>
				</li>
			{/each}
		</ul>
	{/if}
	<FileField label="Import a class" class="mt-8" accept=".json,application/json" choose={take} />
</div>
