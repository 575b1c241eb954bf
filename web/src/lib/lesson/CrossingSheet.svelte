<script lang="ts">
	import type { Light } from '@pond-loop/core/drawing';
	import { stitches } from '@pond-loop/core/notation';
	import { isBlank, type CrossingStep, type HouseStyle } from '@pond-loop/core/schema';
	import { isLong, namesFor, perform, ribbonOf, stageAt, wordsFor } from '$lib/made';
	import Later from '$lib/ui/Later.svelte';
	import { mistakeIn } from './stage-of';
	import { craftIn, loopsIn, lookOf, shownIn, wayOf, wordsIn } from '$lib/style/look';
	import NoteText from '$lib/note/NoteText.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';

	interface Props {
		step: CrossingStep;
		number: number;
		light: Light;
		style: HouseStyle;
	}
	const { step, number, light, style }: Props = $props();

	const craft = $derived(craftIn(style, step.craft));
	const shown = $derived(shownIn(style, step.crossing, craft));
	const words = $derived(wordsFor(shown.fabric));
	const hands = $derived(wordsFor(shown.made));
	const long = $derived(isLong(step.crossing, step.way));
	const done = $derived(perform(craft, shown.made, step.way, mistakeIn(step)));
	const trace = $derived(done.ok ? done.value.trace : undefined);
	const taken = $derived(done.ok ? done.value.taken : undefined);
	const way = $derived(wayOf(step.way, craft));
	// The picture shows the moment when the last strands have passed each other.
	const moment = $derived(trace ? trace.steps.findLastIndex((s) => s.passings.length > 0) + 1 : 0);
	const ribbon = $derived(ribbonOf(shown.made, { light, around: '#ffffff', numbers: true, mirrored: shown.mirrored }));
	const mistake = $derived(craft.mistakes.find((m) => m.id === step.view?.mistake));
	const names = $derived(namesFor(step.crossing).filter((n) => n.name !== undefined));
</script>

<p class="text-sm font-semibold">Step {number}{craft.id === 'hand' ? '' : `, ${craft.title.toLowerCase()}`}</p>
<h2 class="text-2xl">{words.title}</h2>
<div class="mt-2 grid grid-cols-[auto_minmax(0,1fr)] items-start gap-x-6 break-inside-avoid">
	<Drawing drawing={ribbon} width={Math.min(200, ribbon.width)} />
	<dl class="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-0.5">
		{#each names as { school, name } (school.id)}
			<dt>{school.title}</dt>
			<dd class="name font-bold">{name}</dd>
		{/each}
		<dt>Looks</dt>
		<dd>
			{#if words.lean}<strong>leans {words.lean}</strong>:{/if}
			{hands.look}
		</dd>
		<dt>Hands</dt>
		<dd>
			<strong>{(long ? undefined : taken?.does) ?? hands.hands}</strong>{#if shown.mirrored}, left-handed; {style.demonstrates ===
				'left-same'
					? 'the fabric is the same'
					: 'the fabric is mirrored'}{/if}
		</dd>
		<dt>Stitches</dt>
		<dd>{stitches(step.crossing.n)}, {hands.work}</dd>
	</dl>
</div>
<Later wait={long}>
	{#if trace && taken}
		<div class="mt-3 grid grid-cols-[1fr_1.2fr] items-start gap-x-6">
			<div>
				<h3 class="text-lg">{way.title}</h3>
				<ol class="mt-1 list-decimal pl-6" data-testid="moves">
					{#each trace.steps as _, i (i)}<li>{wordsIn(style, trace, i + 1, craft).caption}</li>{/each}
				</ol>
			</div>
			<figure class="break-inside-avoid">
				<Drawing
					drawing={stageAt(taken.loops, trace, moment, { ...lookOf(style), ...loopsIn(taken), light, textScale: 1.9 })}
				/>
				<figcaption class="text-sm">
					After move {moment}: {wordsIn(style, trace, moment, craft).label.toLowerCase()}
				</figcaption>
			</figure>
		</div>
		{#if taken}{#each taken.changes as change (change)}<p class="mt-2 text-sm">{change}</p>{/each}{/if}
		{#if mistake}
			<p class="mt-2 text-sm"><strong>On purpose: {mistake.title}.</strong> {mistake.how}</p>
		{/if}
		{#if done.ok && done.value.deviation}<p class="mt-2 text-sm font-semibold">{done.value.deviation.says}</p>{/if}
		{#if way.caution}<p class="mt-2 text-sm">{way.caution}</p>{/if}
	{/if}
</Later>
{#if !isBlank(step.note)}<div class="mt-3 border-l-4 border-black pl-3"><NoteText note={step.note} /></div>{/if}
