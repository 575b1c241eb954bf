<script lang="ts">
	import { isLong, namesFor, ribbonOf, waysFor, wordsFor } from '$lib/made';
	import type { CrossingStep, HouseStyle, Note } from '@pond-loop/core/schema';
	import { craftIn, isTooWide, shownIn } from '$lib/style/look';
	import { addressOf } from '$lib/choices/choices';
	import { stageOf } from './stage-of';
	import NoteField from '$lib/note/NoteField.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import Later from '$lib/ui/Later.svelte';
	import type { Light } from '$lib/ui/light';

	interface Props {
		step: CrossingStep;
		light: Light;
		style: HouseStyle;
		chooseWay: (way: string) => void;
		write: (note: Note) => void;
	}
	const { step, light, style, chooseWay, write }: Props = $props();
	const uid = $props.id();
	const craft = $derived(craftIn(style, step.craft));
	const shown = $derived(shownIn(style, step.crossing, craft));
	const words = $derived(wordsFor(shown.fabric));
	/** One that takes long is planned in the browser. */
	const long = $derived(isLong(step.crossing, step.way));
	const taken = $derived(long ? undefined : craft.takes(shown.made, step.way));
	const hands = $derived((taken?.ok ? taken.value.does : undefined) ?? wordsFor(shown.made).hands);
	const drawing = $derived(ribbonOf(shown.made, { light, mirrored: shown.mirrored }));
	const mistake = $derived(craft.mistakes.find((m) => m.id === step.view?.mistake));
	const names = $derived(namesFor(step.crossing).flatMap((n) => n.name ?? []));
</script>

<div class="grid gap-x-6 gap-y-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]">
	<div class="flex items-start justify-center">
		<Drawing {drawing} width={Math.min(136, drawing.width)} />
	</div>
	<div class="min-w-0">
		<h2 class="text-xl">
			{words.title}
			{#if craft.id !== 'hand'}<span class="quiet font-sans text-base">· {craft.title.toLowerCase()}</span>{/if}
		</h2>
		<p class="quiet">
			{#each names as name, i (name)}{i > 0 ? ' · ' : ''}<span class="name text-base-content">{name}</span
				>{/each}{names.length > 0 ? ' · ' : ''}{hands}
		</p>
		<div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
			<div>
				<label class="sr-only" for="{uid}-way">Way to do it</label>
				<Later wait={long}>
					<select id="{uid}-way" class="field" value={step.way} onchange={(e) => chooseWay(e.currentTarget.value)}>
						{#each waysFor(craft, shown.made) as way (way.id)}<option value={way.id}>{way.title}</option>{/each}
					</select>
				</Later>
			</div>
			<a class="wordlink" href={addressOf(stageOf(step))}>On the stage</a>
		</div>
		{#if mistake}
			<p class="mt-1 text-[0.94rem]" data-testid="on-purpose">With a mistake on purpose: {mistake.title}.</p>
		{/if}
		{#if isTooWide(style, step.crossing, step.way)}
			<p class="text-warning mt-1 text-sm">
				Wider than your house style goes without a holder ({style.withoutHolderUpTo} stitches).
			</p>
		{/if}
		<div class="mt-2">
			<NoteField
				note={step.note}
				label="Note to {step.asked.text}"
				placeholder="What to say, what to watch for"
				{write}
			/>
		</div>
	</div>
</div>
