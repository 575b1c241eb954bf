<!-- @component How a piece is closed, and what meets there. -->
<script lang="ts">
	import { YARN_FACTORS } from '@pond-loop/core/fabric';
	import { reckonedLength } from '@pond-loop/core/measure';
	import type { SizeModel } from './size-model.svelte';

	interface Props {
		model: SizeModel;
	}
	const { model }: Props = $props();
	const uid = $props.id();
	const { swatch, unit, seam, meet } = $derived(model);
	const { size } = $derived(model.fabric);
	const said = (cm: number): string => reckonedLength(cm, unit);
</script>

<section aria-labelledby="{uid}-seam">
	<h2 id="{uid}-seam" class="lead font-sans">Seam</h2>
	<select class="field py-0" bind:value={model.seam} aria-label="How it is closed">
		<option value="none">none</option>
		<option value="ends">end to end, into a ring</option>
		{#if swatch.shape === 'flat'}<option value="sides">side to side, into a tube</option>{/if}
	</select>
	{#if seam === 'ends' && size && meet}
		<p class="mt-1 text-[0.94rem]" role="status">
			{size.stitches} pairs, column to column: every stitch for the first and last 4, every other between. A tail of
			{said(YARN_FACTORS.seam * size.widthCm)}.
			{meet.home
				? 'All strands meet.'
				: 'Not every stitch comes back to its own column, so some strands do not meet. One repeat more or fewer may mend that.'}
		</p>
	{:else if seam === 'sides' && size}
		<p class="mt-1 text-[0.94rem]" role="status">
			{size.rows} pairs, row to row: every row for the first and last 4, every other between. Each row meets itself, so crossing
			rows meet where no row is skipped; count from the cast-on. A tail of
			{said(YARN_FACTORS.seam * size.lengthCm)}.
		</p>
	{/if}
</section>
