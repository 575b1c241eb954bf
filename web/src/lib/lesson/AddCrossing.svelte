<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { type CraftId, CRAFTS, PLAIN_CRAFT } from '@pond-loop/core/craft';
	import { ribbonOf } from '@pond-loop/core/made';
	import { type CompareStep, compareStep, type CrossingStep, crossingStep } from '@pond-loop/core/step';
	import { type Glossary, readTextWith, type StatedSchool, wordsFor } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import plusIcon from 'lucide-static/icons/plus.svg?raw';
	import { craftIn, shownIn, wayIn } from '@pond-loop/core/look';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';
	import NameField from '$lib/name/NameField.svelte';

	interface Props {
		light: PageLight;
		style: HouseStyle;
		/** The teacher's words and those of the lesson's swatches. */
		words: Glossary;
		/** What the lesson was made in last: what is added to it is made in the same, unless another is chosen. */
		craft: CraftId | undefined;
		add: (step: CrossingStep | CompareStep) => void;
	}
	const { light, style, words, craft: last, add }: Props = $props();

	const uid = $props.id();
	let text = $state('');
	// svelte-ignore state_referenced_locally
	let school = $state<StatedSchool>(style.school);
	let tried = $state(false);
	let chosen = $state<CraftId>();
	const craftId = $derived(chosen ?? last ?? PLAIN_CRAFT);
	const craft = $derived(craftIn(style, craftId));
	const reading = $derived(readTextWith(words, text, school));
	const empty = $derived(text.trim() === '');
	/** What the craft has against it. */
	const refused = $derived.by(() => {
		const taken = reading.ok ? craft.takes(shownIn(style, reading.crossing, craft).made, craft.ways[0]!.id) : undefined;
		return taken && !taken.ok ? taken.problems[0] : undefined;
	});

	/** Enter and the first button show it; the second one puts it beside another. */
	function onsubmit(event: SubmitEvent): void {
		event.preventDefault();
		tried = true;
		if (!reading.ok || refused) return;
		const { crossing, school: by } = reading;
		const shown = {
			asked: { text: text.trim(), school: by },
			crossing,
			craft: craftId,
			way: wayIn(style, crossing, undefined, craft),
		};
		const id = crypto.randomUUID();
		const isCompared = event.submitter?.getAttribute('value') === 'compare';
		add(isCompared ? compareStep(id, { ...shown, of: 'leans' }) : crossingStep(id, shown));
		text = '';
		tried = false;
	}
</script>

<form {onsubmit} aria-label="Add a crossing">
	<NameField
		bind:text
		bind:school
		label="Add a crossing by its name or its sentence"
		onchange={() => (tried = false)}
	/>
	<div class="mt-3 flex min-h-14 flex-wrap items-center gap-x-5 gap-y-2" aria-live="polite">
		{#if reading.ok}
			{@const { made, fabric, mirrored } = shownIn(style, reading.crossing, craft)}
			{@const drawing = ribbonOf(made, { light, mirrored })}
			<div class="max-h-20 shrink-0"><Drawing {drawing} width={Math.min(84, drawing.width)} /></div>
			<p>
				{wordsFor(fabric).title}{craftId === PLAIN_CRAFT ? `; ${wordsFor(made).hands}` : ''}
			</p>
			<label class="sr-only" for="{uid}-craft">Made in</label>
			<select
				id="{uid}-craft"
				class="field"
				value={craftId}
				onchange={(e) => (chosen = CRAFTS.map((c) => c.id).find((id) => id === e.currentTarget.value) as CraftId)}
			>
				{#each CRAFTS as { id, title } (id)}<option value={id}>{title.toLowerCase()}</option>{/each}
			</select>
			{#if refused}<p class="text-error basis-full font-semibold">{refused.what} {refused.todo}</p>{/if}
			<button class="pill pill-strong"><Icon svg={plusIcon} class="size-5" /> Add to the lesson</button>
			<button class="pill pill-soft" value="compare">Add as a comparison</button>
		{:else if !empty || tried}
			<p class="min-w-0">
				<span class={tried ? 'text-error font-semibold' : ''}
					>{reading.problems[0]?.what} {reading.problems[0]?.todo}</span
				>
				{#if reading.close.length > 0}
					<span class="quiet">Close to it:</span>
					{#each reading.close as close, nth (nth)}
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
			<p class="quiet">Type the abbreviation from your pattern. Enter adds it at the end.</p>
		{/if}
	</div>
</form>
