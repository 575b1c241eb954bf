<script lang="ts">
	import { CHECK_WORDS, FINISH_WORDS, noteOn, stepTitle } from '@pond-loop/core/lesson';
	import type { Light } from '@pond-loop/core/drawing';
	import { isBlank, type HouseStyle, type Step } from '@pond-loop/core/schema';
	import NoteText from '$lib/note/NoteText.svelte';
	import { isLong } from '$lib/made';
	import Later from '$lib/ui/Later.svelte';
	import Compared from './Compared.svelte';

	interface Props {
		step: Exclude<Step, { kind: 'crossing' | 'swatch' }>;
		number: number;
		light: Light;
		style: HouseStyle;
	}
	const { step, number, light, style }: Props = $props();
	const note = $derived(noteOn(step));
</script>

{#if step.kind === 'note'}
	{#if !isBlank(note)}<NoteText {note} />{/if}
{:else}
	<p class="text-sm font-semibold">Step {number}</p>
	<h2 class="text-2xl">{stepTitle(step)}</h2>
	{#if step.kind === 'compare'}<div class="mt-3">
			<Later wait={isLong(step.crossing, step.way)}><Compared {step} {light} {style} /></Later>
		</div>{/if}
	{#if step.kind === 'check' || step.kind === 'finish'}
		<ul class="mt-2">
			{#each step.kind === 'check' ? step.checks.map((c) => CHECK_WORDS[c]) : step.parts.map((p) => FINISH_WORDS[p]) as line (line)}
				<li class="flex gap-3 py-1">
					<svg class="mt-1 size-4 shrink-0" viewBox="0 0 16 16" aria-hidden="true"
						><rect x="1" y="1" width="14" height="14" fill="none" stroke="black" stroke-width="1.5" /></svg
					>
					{line}
				</li>
			{/each}
		</ul>
	{/if}
	{#if !isBlank(note)}<div class="mt-2"><NoteText {note} /></div>{/if}
{/if}
