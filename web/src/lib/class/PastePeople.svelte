<script lang="ts">
	import { browser } from '$app/environment';
	import { peopleIn, type Person } from '@pond-loop/core/class';
	import Papa from 'papaparse';
	import { untrack } from 'svelte';
	import { keptInTab } from '$lib/ui/kept-here';
	import { keyOfNames } from './device';
	import { apart } from './person-words';

	interface Props {
		classId: string;
		people: readonly Person[];
		add: (people: readonly Person[]) => void;
	}
	const { classId, people, add }: Props = $props();
	const uid = $props.id();
	// What was typed and not added yet is still there when one comes back to the page.
	let text = $state(browser ? (keptInTab.get(keyOfNames(untrack(() => classId))) ?? '') : '');
	$effect(() => {
		if (text.trim() === '') keptInTab.remove(keyOfNames(classId));
		else keptInTab.set(keyOfNames(classId), text);
	});
	const read = $derived.by(() => {
		if (text.trim() === '') return undefined;
		const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
		return peopleIn(data, people, () => crypto.randomUUID());
	});
</script>

<div class="border-base-300 mt-2 border-y py-4">
	<label class="lead block" for="{uid}-paste">Names, one per line, or a table</label>
	<textarea id="{uid}-paste" class="field w-full" rows="4" dir="auto" aria-describedby="{uid}-how" bind:value={text}
	></textarea>
	<p id="{uid}-how" class="quiet text-[0.94rem]">
		e.g. <span class="font-mono">Rike, left, improver</span>: after a name you can add left, loom, machine, improver or
		large print. A table can have the columns Name, Hands, Tool, Level.
	</p>
	{#if read}
		<ul class="mt-2 text-[0.94rem]" aria-label="What we read">
			{#each read.people as person (person.id)}
				<li>
					<strong>{person.name}</strong>
					<span class="quiet">{[person.level, apart(person)].filter(Boolean).join(', ')}</span>
				</li>
			{/each}
			{#each read.notRead as line, nth (nth)}<li class="text-warning font-semibold">{line}</li>{/each}
		</ul>
		<button
			type="button"
			class="pill pill-strong mt-3"
			disabled={read.people.length === 0}
			onclick={() => {
				add(read.people);
				text = '';
			}}>{read.people.length === 1 ? 'Add one person' : `Add ${read.people.length} people`}</button
		>
	{/if}
</div>
