<script lang="ts">
	import { drawRibbon } from '@pond-loop/core/drawing';
	import { crossingStep } from '@pond-loop/core/lesson';
	import { readName, wordsFor, type SchoolId } from '@pond-loop/core/notation';
	import type { CrossingStep } from '@pond-loop/core/schema';
	import Plus from '@lucide/svelte/icons/plus';
	import { DEFAULT_WAY } from '$lib/ui/choices';
	import Drawing from '$lib/ui/Drawing.svelte';
	import type { Light } from '$lib/ui/light';
	import NameField from '$lib/ui/NameField.svelte';

	interface Props {
		light: Light;
		school: SchoolId;
		add: (step: CrossingStep) => void;
	}
	const { light, school: first, add }: Props = $props();

	let text = $state('');
	// svelte-ignore state_referenced_locally
	let school = $state(first);
	let tried = $state(false);
	const reading = $derived(readName(text, school));
	const words = $derived(reading.ok ? wordsFor(reading.crossing) : undefined);
	const empty = $derived(text.trim() === '');

	function onsubmit(event: SubmitEvent): void {
		event.preventDefault();
		tried = true;
		if (!reading.ok) return;
		const { crossing, school: by } = reading;
		add(crossingStep(crypto.randomUUID(), { asked: { text: text.trim(), school: by }, crossing, way: DEFAULT_WAY }));
		text = '';
		tried = false;
	}
</script>

<form {onsubmit} aria-label="Add a crossing">
	<NameField bind:text bind:school label="Add a crossing by its name" onchange={() => (tried = false)} />
	<div class="mt-3 flex min-h-14 flex-wrap items-center gap-x-5 gap-y-2" aria-live="polite">
		{#if reading.ok}
			{@const drawing = drawRibbon(reading.crossing, { light })}
			<div class="max-h-20 shrink-0" style:width="{Math.min(84, drawing.width)}px"><Drawing {drawing} /></div>
			<p>{words?.title}; {words?.hands}</p>
			<button class="pill pill-strong"><Plus class="size-5" /> Add to the lesson</button>
		{:else if !empty || tried}
			<p class="min-w-0">
				<span class={tried ? 'text-error font-semibold' : ''}
					>{reading.problems[0]?.what} {reading.problems[0]?.todo}</span
				>
				{#if reading.close.length > 0}
					<span class="quiet">Close to it:</span>
					{#each reading.close as close (close.name)}
						<button
							type="button"
							class="name wordlink mx-1.5"
							onclick={() => {
								text = close.name;
								school = close.school;
							}}>{close.name}</button
						>
					{/each}
				{/if}
			</p>
			<button class="pill pill-soft">Add to the lesson</button>
		{:else}
			<p class="quiet">Type a name as the pattern writes it; Enter adds it at the end.</p>
		{/if}
	</div>
</form>
