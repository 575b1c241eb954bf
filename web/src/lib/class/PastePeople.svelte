<script lang="ts">
	import { peopleIn, type Person } from '@pond-loop/core/class';
	import Papa from 'papaparse';
	import { apart } from './words';

	interface Props {
		people: readonly Person[];
		add: (people: readonly Person[]) => void;
	}
	const { people, add }: Props = $props();
	const EXAMPLE = 'Oda\nRike, left, improver\nTill, loom';
	let text = $state('');
	const read = $derived.by(() => {
		if (text.trim() === '') return undefined;
		const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
		return peopleIn(data, people, () => crypto.randomUUID());
	});
</script>

<div class="border-base-300 mt-2 border-y py-4">
	<label class="lead block" for="paste">Names, a line each, or a table</label>
	<textarea id="paste" class="field w-full" rows="4" dir="auto" bind:value={text} placeholder={EXAMPLE}></textarea>
	<p class="quiet text-[0.94rem]">
		After a name may stand left, loom, machine, improver, large print. A table may have a head of Name, Hands, Tool,
		Level.
	</p>
	{#if read}
		<ul class="mt-2 text-[0.94rem]" aria-label="As they are read">
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
