<script lang="ts">
	import { LIE_STITCH } from '@pond-loop/core/drawing';
	import { cellOf, type FabricState } from '@pond-loop/core/fabric';
	import { reckonedLength } from '@pond-loop/core/measure';
	import type { HouseStyle, Swatch, Yarn } from '@pond-loop/core/schema';
	import { alike, checked as checkedOnce, crossedSaid, gaugeSource, yarnNeeded } from '@pond-loop/core/swatch';
	import { untrack } from 'svelte';
	import type { PageLight } from '$lib/ui/light';
	import { FabricSeen } from './fabric-seen.svelte';
	import LiePicture from './LiePicture.svelte';

	interface Props {
		id: string;
		swatch: Swatch;
		style: HouseStyle;
		yarns: readonly Yarn[];
		light: PageLight;
		look: FabricState;
		/** Points a centimetre; undefined until both are measured. */
		scale: number | undefined;
		/** Is told how many centimetres its picture is wide, whenever that is known. */
		measured: (cm: number) => void;
	}
	const { id, swatch, style, yarns, light, look, scale, measured }: Props = $props();
	const unit = $derived(style.units);
	const checked = $derived(checkedOnce(swatch, style.glossary));
	const fabric = new FabricSeen(() => ({ rows: checked, told: swatch.size, yarns, look, side: 'RS' }));
	const { material, gauge, size } = $derived(fabric);
	const drawing = $derived(
		fabric.drawing({ light, unit, label: `${swatch.title} as a knitted preview; what it measures is told below.` }),
	);
	/** Of the whole picture, with its margins. */
	const pictureCm = $derived(drawing ? (drawing.width * cellOf(gauge).w) / LIE_STITCH : 0);
	$effect(() => {
		const cm = pictureCm;
		if (cm > 0) untrack(() => measured(cm));
	});
	const shownWide = $derived(scale ? pictureCm * scale : 0);
	const yarn = $derived(size && yarnNeeded(checked.worked, material, { widthCm: size.widthCm, seamCm: 0 }));
	const wrong = $derived(checked.problems.filter((p) => p.weight === 'error').length);
	const said = (cm: number): string => reckonedLength(cm, unit);
</script>

<h2 class="text-xl leading-tight">
	<a class="wordlink" href="/swatches/{id}/size"><span dir="auto">{swatch.title}</span></a>
</h2>
{#if checked.worked.rows.length === 0}
	<p class="quiet mt-2">No rows yet. <a class="wordlink" href="/swatches/{id}">Write or paste them.</a></p>
{:else}
	{#if wrong > 0}<p class="text-error mt-1 font-semibold">
			{wrong === 1 ? 'One row doesn’t work out' : `${wrong} things don’t work out`}: this is of the rows that do.
		</p>{/if}
	<div class="bg-base-200 mt-2 flex min-h-40 items-start justify-center overflow-x-auto rounded-3xl py-2">
		{#if drawing && shownWide > 0}
			<LiePicture {drawing} isLarge={fabric.isLarge} width={shownWide} />
		{:else}<p class="quiet self-center">Drawing the preview …</p>{/if}
	</div>
	{#if drawing && fabric.end < fabric.rows}
		<p class="quiet mt-1 text-[0.94rem]">
			The picture shows the first {fabric.end - 1} of {fabric.rows - 1} rows. The figures are for all rows.
		</p>
	{/if}
	{#if size}
		<dl class="mt-3 grid grid-cols-[auto_minmax(0,1fr)] gap-x-5 gap-y-1 text-[0.97rem]">
			<dt class="quiet">Size</dt>
			<dd><strong>{said(size.widthCm)} × {said(size.lengthCm)}</strong></dd>
			<dt class="quiet">Cables take up</dt>
			<dd>{size.takenCm > 0.05 ? said(size.takenCm) : 'next to nothing'}</dd>
			{#each alike(size.together) as one, nth (nth)}
				<dt class="quiet">Strand {one.letters}</dt>
				<dd>
					crossed {crossedSaid(one)}:
					<strong>{one.verdict}</strong>
				</dd>
			{/each}
			{#if yarn}<dt class="quiet">Yarn</dt>
				<dd>{Math.ceil(yarn.metres)} m{yarn.grams === undefined ? '' : `, ${Math.ceil(yarn.grams)} g`}</dd>{/if}
			<dt class="quiet">Gauge</dt>
			<dd>{gaugeSource(material)}</dd>
		</dl>
	{/if}
{/if}
