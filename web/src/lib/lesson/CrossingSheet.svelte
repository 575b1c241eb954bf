<script lang="ts">
	import { hand, perform } from '@pond-loop/core/craft';
	import { drawRibbon, drawStage, type Light } from '@pond-loop/core/drawing';
	import { namesFor, stitches, wordsFor } from '@pond-loop/core/notation';
	import type { CrossingStep } from '@pond-loop/core/schema';
	import Drawing from '$lib/ui/Drawing.svelte';

	interface Props {
		step: CrossingStep;
		number: number;
		light: Light;
	}
	const { step, number, light }: Props = $props();

	const words = $derived(wordsFor(step.crossing));
	const done = $derived(perform(hand, step.crossing, step.way));
	const trace = $derived(done.ok ? done.value.trace : undefined);
	const way = $derived(hand.ways.find((w) => w.id === step.way));
	// The picture shows the moment when the last strands have passed each other.
	const moment = $derived(trace ? trace.steps.findLastIndex((s) => s.passings.length > 0) + 1 : 0);
	const ribbon = $derived(drawRibbon(step.crossing, { light, around: '#ffffff', numbers: true }));
	const names = $derived(namesFor(step.crossing));
</script>

<p class="text-sm font-semibold">Step {number}</p>
<h2 class="text-2xl">{words?.title ?? step.asked.text}</h2>
<div class="mt-2 grid grid-cols-[auto_minmax(0,1fr)] items-start gap-x-6 break-inside-avoid">
	<div style:width="{Math.min(200, ribbon.width)}px"><Drawing drawing={ribbon} /></div>
	<dl class="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-0.5">
		{#each names as { school, name } (school.id)}
			<dt>{school.title}</dt>
			<dd class="name font-bold">{name ?? 'no name'}</dd>
		{/each}
		{#if words}
			<dt>Looks</dt>
			<dd><strong>leans {words.lean}</strong>: {words.look}</dd>
			<dt>Hands</dt>
			<dd><strong>{words.hands}</strong></dd>
			<dt>Stitches</dt>
			<dd>{stitches(step.crossing.n)}, {words.work}</dd>
		{/if}
	</dl>
</div>
{#if trace}
	<div class="mt-3 grid grid-cols-[1fr_1.2fr] items-start gap-x-6">
		<div>
			<h3 class="text-lg">{way?.title}</h3>
			<ol class="mt-1 list-decimal pl-6" data-testid="moves">
				{#each trace.steps as _, i (i)}<li>{hand.words(trace, i + 1).caption}</li>{/each}
			</ol>
		</div>
		<figure class="break-inside-avoid">
			<Drawing drawing={drawStage(step.crossing, trace, moment, { light, textScale: 1.9 })} />
			<figcaption class="text-sm">After move {moment}: {hand.words(trace, moment).label.toLowerCase()}</figcaption>
		</figure>
	</div>
	{#if way?.caution}<p class="mt-2 text-sm">{way.caution}</p>{/if}
{/if}
{#if step.note.trim()}<p class="mt-3 border-l-4 border-black pl-3 break-words whitespace-pre-wrap">{step.note}</p>{/if}
