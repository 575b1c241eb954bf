<script lang="ts">
	import { whereRows } from '$lib/swatch/where-rows';
	import { stitches } from '@pond-loop/core/notation';
	import type { HouseStyle, SwatchStep, Note } from '@pond-loop/core/schema';
	import { checkKept, isLongSwatch } from '$lib/swatch/checked';
	import { glanceAt } from '$lib/swatch/glance';
	import Later from '$lib/ui/Later.svelte';
	import NoteField from '$lib/note/NoteField.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { Light } from '$lib/ui/light';

	interface Props {
		step: SwatchStep;
		light: Light;
		style: HouseStyle;
		write: (note: Note) => void;
	}
	const { step, light, style, write }: Props = $props();
	const worked = $derived(checkKept(step.swatch, style.glossary).worked);
	const long = $derived(isLongSwatch(step.swatch));
	const drawing = $derived(glanceAt(worked, light));
</script>

<div class="grid gap-x-6 gap-y-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]">
	<div class="flex max-h-56 items-end justify-center overflow-hidden">
		<Later wait={long}
			>{#if drawing}<Drawing {drawing} width={136} />{/if}</Later
		>
	</div>
	<div class="min-w-0">
		<h2 class="text-xl break-words">{step.swatch.title}</h2>
		<p class="quiet">
			A swatch: {stitches(step.swatch.castOn)}, {step.swatch.shape === 'flat' ? 'flat' : 'in the round'}<Later
				wait={long}
				quiet>, {worked.rows.length} rows</Later
			>
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
