<script lang="ts">
	import { type CraftId, placeName } from '@pond-loop/core/craft';
	import { glanceOf, isLongStep, kindOf, noteOn, type Step, stepTitle, whomSaid } from '@pond-loop/core/step';
	import type { HouseStyle, Note } from '@pond-loop/core/schema';
	import Compared from '$lib/blocks/Compared.svelte';
	import NoteField from '$lib/note/NoteField.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import Later from '$lib/ui/Later.svelte';
	import type { PageLight } from '$lib/ui/light';
	import Toggles from './edit/Toggles.svelte';
	import { EDITORS } from './editors';

	interface Props {
		step: Step;
		light: PageLight;
		style: HouseStyle;
		/** Where people of the class work. */
		places: readonly CraftId[];
		/** Changes fields of the step; its kind stays. */
		change: (fields: Partial<Step>) => void;
		write: (note: Note) => void;
	}
	const { step, light, style, places, change, write }: Props = $props();
	const uid = $props.id();
	const kind = $derived(kindOf(step));
	const glance = $derived(glanceOf(step, { style, also: places }));
	const picture = $derived(glance.find((b) => b.kind === 'picture'));
	const Editor = $derived(EDITORS[step.kind]);
	/** Two whole stages beside each other are most of a page; the browser draws them. */
	const wait = $derived(isLongStep(step) || glance.some((b) => b.kind === 'comparison' && b.sides.some((s) => s.wide)));
</script>

<div class={picture ? 'grid gap-x-6 gap-y-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]' : 'min-w-0'}>
	{#if picture}
		<div class="flex max-h-56 items-start justify-center overflow-hidden">
			<Later {wait}>
				{@const drawing = picture.draw({ light })}
				<Drawing {drawing} width={Math.min(136, drawing.width)} />
			</Later>
		</div>
	{/if}
	<div class="min-w-0">
		<h2 class={kind.titleOf ? 'text-xl wrap-anywhere' : 'lead font-sans'} id="{uid}-title">{stepTitle(step, style)}</h2>
		<Later {wait} quiet>
			{#each glance as block, i (i)}
				{#if block.kind === 'text'}<p
						class="quiet wrap-anywhere"
						data-testid={block.tone === 'strong' ? 'on-purpose' : undefined}
					>
						{block.text}
					</p>
				{:else if block.kind === 'comparison'}<div class="mt-2"><Compared sides={block.sides} paint={{ light }} /></div>
				{/if}
			{/each}
		</Later>
		{#if Editor}<Editor {step} {style} {change} />{/if}
		{#if step.why}
			<p class="quiet mt-1 text-[0.94rem]" data-testid="why">
				Only for you: {step.why}
				<button type="button" class="wordlink" onclick={() => change({ why: undefined })}>Remove</button>
			</p>
		{/if}
		{#if places.length > 1 || step.only}
			{@const all = places.concat((step.only ?? []).filter((p) => !places.includes(p)))}
			<details class="mt-1 text-[0.94rem]">
				<summary class="wordlink w-fit list-none"
					>{step.only ? whomSaid(step.only).slice(0, -1) : 'For everybody'}</summary
				>
				<Toggles
					{all}
					chosen={step.only ?? all}
					label="Whom it is for"
					name={placeName}
					hint={(place) => `For those ${placeName(place)}`}
					choose={(only) => change({ only: only.length === 0 || only.length === all.length ? undefined : only })}
				/>
			</details>
		{/if}
		<div class="mt-2">
			<NoteField
				id="{step.kind}-{step.id}"
				note={noteOn(step)}
				label={kind.titleOf
					? `Note to ${kind.crossings?.(step)[0]?.asked.text ?? stepTitle(step)}`
					: { by: `${uid}-title` }}
				placeholder={kind.asks}
				{write}
			/>
		</div>
	</div>
</div>
