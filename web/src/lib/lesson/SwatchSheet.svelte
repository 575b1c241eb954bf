<script lang="ts">
	import { craftOf } from '@pond-loop/core/craft';
	import type { Light } from '@pond-loop/core/drawing';
	import { stitches } from '@pond-loop/core/notation';
	import { isBlank, type HouseStyle, type SwatchStep } from '@pond-loop/core/schema';
	import { legendOf } from '@pond-loop/core/swatch';
	import { isChartMirrored } from '$lib/style/look';
	import { checkKept, isLongSwatch } from '$lib/swatch/checked';
	import ChartParts from '$lib/swatch/ChartParts.svelte';
	import Later from '$lib/ui/Later.svelte';
	import ToolPlan from '$lib/swatch/ToolPlan.svelte';
	import NoteText from '$lib/note/NoteText.svelte';

	interface Props {
		step: SwatchStep;
		number: number;
		light: Light;
		style: HouseStyle;
	}
	const { step, number, light, style }: Props = $props();
	const checked = $derived(checkKept(step.swatch, style.glossary));
	const { worked, cords } = $derived(checked);
	const mirrored = $derived(isChartMirrored(style, craftOf(worked.craft)));
	const legend = $derived(legendOf(worked, cords));
	/** As wide as paper has room for. */
	const MOST_WIDE = 640;
</script>

<p class="text-sm font-semibold">Step {number}</p>
<h2 class="text-2xl break-words">{step.swatch.title}</h2>
<Later wait={isLongSwatch(step.swatch)}>
	<p>
		Cast on {stitches(worked.castOn)}, worked {worked.shape === 'flat' ? 'flat' : 'in the round'}; {worked.rows.length}
		rows.
	</p>
	<div class="mt-2"><ChartParts {worked} {cords} {light} {mirrored} width={MOST_WIDE} /></div>
</Later>
<pre class="mt-3 font-mono text-[0.82rem] whitespace-pre-wrap" data-testid="sheet-rows">{step.swatch.text}</pre>
<Later wait={isLongSwatch(step.swatch)} quiet>
	<div class="mt-3"><ToolPlan {worked} {style} still /></div>
	<dl class="mt-2 grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 text-sm">
		{#each legend as entry (`${entry.kind} ${entry.name}`)}
			<dt class={entry.kind === 'crossing' ? 'name font-bold' : 'font-bold'}>{entry.name}</dt>
			<dd>{entry.says}</dd>
		{/each}
	</dl>
</Later>
{#if !isBlank(step.note)}<div class="mt-3 border-l-4 border-black pl-3"><NoteText note={step.note} /></div>{/if}
