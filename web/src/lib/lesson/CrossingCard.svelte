<script lang="ts">
	import { hand } from '@pond-loop/core/craft';
	import { drawRibbon } from '@pond-loop/core/drawing';
	import { namesFor, wordsFor } from '@pond-loop/core/notation';
	import type { CrossingStep } from '@pond-loop/core/schema';
	import { addressOf } from '$lib/ui/choices';
	import Drawing from '$lib/ui/Drawing.svelte';
	import type { Light } from '$lib/ui/light';

	interface Props {
		step: CrossingStep;
		light: Light;
		chooseWay: (way: string) => void;
		write: (note: string) => void;
	}
	const { step, light, chooseWay, write }: Props = $props();
	const uid = $props.id();
	const words = $derived(wordsFor(step.crossing));
	const drawing = $derived(drawRibbon(step.crossing, { light }));
	const names = $derived(namesFor(step.crossing).flatMap((n) => n.name ?? []));
</script>

<div class="grid gap-x-6 gap-y-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]">
	<div class="flex items-start justify-center">
		<div style:width="{Math.min(136, drawing.width)}px"><Drawing {drawing} /></div>
	</div>
	<div class="min-w-0">
		<h2 class="text-xl">{words?.title ?? step.asked.text}</h2>
		<p class="quiet">
			{#each names as name, i (name)}{i > 0 ? ' · ' : ''}<span class="name text-base-content">{name}</span
				>{/each}{#if words}{names.length > 0 ? ' · ' : ''}{words.hands}{/if}
		</p>
		<div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
			<div>
				<label class="sr-only" for="{uid}-way">Way to do it</label>
				<select id="{uid}-way" class="field" value={step.way} onchange={(e) => chooseWay(e.currentTarget.value)}>
					{#each hand.ways as way (way.id)}<option value={way.id}>{way.title}</option>{/each}
				</select>
			</div>
			<a class="wordlink" href={addressOf({ text: step.asked.text, school: step.asked.school, way: step.way })}
				>On the stage</a
			>
		</div>
		<label class="sr-only" for="{uid}-note">Note to {step.asked.text}</label>
		<textarea
			id="{uid}-note"
			class="field grown mt-2 w-full"
			rows="1"
			placeholder="What to say, what to watch for"
			value={step.note}
			oninput={(e) => write(e.currentTarget.value)}></textarea>
	</div>
</div>
