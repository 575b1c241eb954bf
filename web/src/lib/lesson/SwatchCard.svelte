<script lang="ts">
	import { whereRows } from '$lib/swatch/where-rows';
	import { drawChart } from '@pond-loop/core/drawing';
	import { stitches } from '@pond-loop/core/notation';
	import type { HouseStyle, SwatchStep, Note } from '@pond-loop/core/schema';
	import { check } from '$lib/swatch/checked';
	import NoteField from '$lib/note/NoteField.svelte';
	import Drawing from '$lib/ui/Drawing.svelte';
	import type { Light } from '$lib/ui/light';

	interface Props {
		step: SwatchStep;
		light: Light;
		style: HouseStyle;
		write: (note: Note) => void;
	}
	const { step, light, style, write }: Props = $props();
	const checked = $derived(check(step.swatch, style.glossary));
	const { worked } = $derived(checked);
	const drawing = $derived(drawChart(worked, { light, cords: checked.cords }));
</script>

<div class="grid gap-x-6 gap-y-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]">
	<div class="flex max-h-56 items-end justify-center overflow-hidden">
		<Drawing {drawing} width={136} />
	</div>
	<div class="min-w-0">
		<h2 class="text-xl break-words">{step.swatch.title}</h2>
		<p class="quiet">
			A swatch: {stitches(worked.castOn)}, {worked.shape === 'flat' ? 'flat' : 'in the round'}, {worked.rows.length} rows
		</p>
		{#if step.from}<a class="wordlink mt-1 inline-block" href="/swatches/{step.from}/needles"
				>{whereRows(step.swatch.craft)}</a
			>{/if}
		<div class="mt-2">
			<NoteField
				note={step.note}
				label="Note to {step.swatch.title}"
				placeholder="What to say, what to watch for"
				{write}
			/>
		</div>
	</div>
</div>
