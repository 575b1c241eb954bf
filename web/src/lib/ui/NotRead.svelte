<script lang="ts">
	import { drawRibbon } from '@pond-loop/core/drawing';
	import { readName, SCHOOLS, type CloseName, type NameNotRead, type SchoolId } from '@pond-loop/core/notation';
	import Anatomy from './Anatomy.svelte';
	import Drawing from './Drawing.svelte';
	import type { Light } from './light';

	interface Props {
		reading: NameNotRead;
		light: Light;
		/** Called with the name to read instead. */
		choose: (name: CloseName) => void;
		/** Called to read the same text in another school. */
		readIn: (school: SchoolId) => void;
	}
	const { reading, light, choose, readIn }: Props = $props();

	const close = $derived(
		reading.close.flatMap((name) => {
			const read = readName(name.name, name.school);
			return read.ok ? [{ name, drawing: drawRibbon(read.crossing, { light }) }] : [];
		}),
	);
	const empty = $derived(reading.problems.every((p) => p.code === 'empty'));
</script>

<section aria-labelledby="not-read" class="max-w-3xl">
	<div role="status">
		<h2 id="not-read" class="text-2xl">{empty ? 'What does the pattern say?' : 'That name cannot be read yet'}</h2>
		{#each reading.problems as problem (problem.code)}
			{#if !empty}<p class="mt-2">{problem.what}</p>{/if}
			<p>{problem.todo}</p>
		{/each}
	</div>
	{#if reading.elsewhere}
		{@const other = reading.elsewhere}
		<p class="mt-4">
			<button type="button" class="pill pill-strong" onclick={() => readIn(other)}
				>Read it as: {SCHOOLS[other].title}</button
			>
		</p>
	{/if}
	{#if reading.understood.length > 0 || reading.unknown.length > 0}
		<h3 class="lead mt-6 mb-2 font-sans">What was understood</h3>
		<Anatomy parts={reading.understood} unknown={reading.unknown} />
	{/if}
	{#if close.length > 0}
		<h3 class="lead mt-6 mb-2 font-sans">{empty ? 'For example' : 'Names close to it'}</h3>
		<ul class="flex flex-wrap gap-6">
			{#each close as { name, drawing } (name.name)}
				<li>
					<button
						type="button"
						class="hover:bg-base-200 flex cursor-pointer flex-col items-center gap-2 rounded-xl p-3"
						aria-label={name.name}
						onclick={() => choose(name)}
					>
						<span class="block" style:width="{Math.min(150, drawing.width)}px"><Drawing {drawing} /></span>
						<span class="name wordlink">{name.name}</span>
					</button>
				</li>
			{/each}
		</ul>
	{/if}
</section>
