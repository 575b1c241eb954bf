<script lang="ts">
	import type { Light } from '@pond-loop/core/drawing';
	import { readGlossary, readRows, type StatedSchool, stitches } from '@pond-loop/core/notation';
	import { cordsOf, type PracticeMade, type SwatchShape, workRows } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { runSoon } from '$lib/ui/hydration';
	import Chart from './Chart.svelte';

	interface Props {
		made: PracticeMade;
		shape: SwatchShape;
		school: StatedSchool;
		light: Light;
	}
	const { made, shape, school, light }: Props = $props();

	const worked = $derived(
		workRows(readRows(made.text, { school, glossary: readGlossary('') }), { ...made, shape, school }),
	);
	const cords = $derived(cordsOf(worked));
	let hasChart = $state(false);
	onMount(() => runSoon(() => (hasChart = true)));
</script>

<p class="mb-2" data-testid="made">
	Cast on <strong>{stitches(made.castOn)}</strong>; the pattern comes round after
	<strong>{made.period} {shape === 'flat' ? 'rows' : 'rounds'}</strong>, {worked.rows.length} in all.
</p>
{#if hasChart}
	<Chart
		{worked}
		{cords}
		{light}
		rowsShown={20}
		zoom={worked.widest > 34 ? 0.75 : 1}
		label="Chart of the practice swatch"
	/>
{/if}
<details class="mt-3">
	<summary class="wordlink w-fit list-none text-[0.94rem]">Its rows</summary>
	<pre
		class="mt-2 overflow-x-auto font-mono text-[0.88rem] whitespace-pre-wrap"
		data-testid="rows-made">{made.text}</pre>
</details>
