<script lang="ts">
	import { type Lesson, lastCrossing, lessonWords, swatchCrossings } from '@pond-loop/core/lesson';
	import { craftIn, shownIn } from '@pond-loop/core/look';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { compareStep, crossingStep, type kindOf, KINDS, mistakesFor, type Step } from '@pond-loop/core/step';
	import type { PageLight } from '$lib/ui/light';
	import { oneButton } from '$lib/ui/roving-tabindex';
	import AddCrossing from './AddCrossing.svelte';

	interface Props {
		lesson: Lesson;
		light: PageLight;
		style: HouseStyle;
		add: (step: Step) => void;
		addEmpty: (kind: ReturnType<typeof kindOf>) => void;
	}
	const { lesson, light, style, add, addEmpty }: Props = $props();

	const MOST_OFFERED = 12;
	/** Kinds that begin empty; the others come with what they show. */
	const EMPTY = KINDS.filter((k) => k.empty !== undefined);
	/** The crossing that the lesson is about last, to be put beside another or made with a mistake. */
	const last = $derived(lastCrossing(lesson, style));
	/** Of its swatches: crossings that no step shows yet, and words that only their patterns have. */
	const fromSwatches = $derived(swatchCrossings(lesson, style).slice(0, MOST_OFFERED));
	const words = $derived(lessonWords(lesson, style));
	function addComparison(): void {
		if (last) add(compareStep(crypto.randomUUID(), { ...last, of: 'leans' }));
	}
	function addMistake(): void {
		const mistake =
			last &&
			mistakesFor(
				craftIn(style, last.craft),
				shownIn(style, last.crossing, craftIn(style, last.craft)).made,
				last.way,
			)[0];
		if (last && mistake) add(crossingStep(crypto.randomUUID(), { ...last, view: { mistake: mistake.id, site: 0 } }));
	}
</script>

<AddCrossing {light} {style} {words} craft={last?.craft} {add} />
{#if fromSwatches.length > 0}
	<div
		class="mt-4 flex flex-wrap items-baseline gap-x-4 gap-y-1"
		role="group"
		aria-label="From your swatch"
		use:oneButton
	>
		<span class="lead">From your swatch</span>
		{#each fromSwatches as shown, nth (nth)}
			<button type="button" class="name wordlink" onclick={() => add(crossingStep(crypto.randomUUID(), shown))}
				>{shown.asked.text}</button
			>
		{/each}
	</div>
{/if}
<div class="mt-4 flex flex-wrap items-baseline gap-x-5 gap-y-1" role="group" aria-label="Add a step" use:oneButton>
	<span class="lead">Add</span>
	{#each EMPTY as kind, nth (nth)}
		<button type="button" class="wordlink" onclick={() => addEmpty(kind)}
			>{kind.isUntitled ? `Add a ${kind.title.toLowerCase()}` : kind.title}</button
		>
	{/each}
	{#if last}
		<button type="button" class="wordlink" onclick={addComparison}>Comparison</button>
		<button type="button" class="wordlink" onclick={addMistake}>Mistake on purpose</button>
	{/if}
	<a class="wordlink" href="/swatches">Swatch</a>
</div>
