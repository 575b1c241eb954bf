<script lang="ts">
	import { drawLie } from '@pond-loop/core/drawing';
	import { cellOf, gaugeIn, STATE_WORDS, type FabricState } from '@pond-loop/core/fabric';
	import { reckonedLength } from '@pond-loop/core/measure';
	import type { HouseStyle, SwatchSizeTold, Yarn } from '@pond-loop/core/schema';
	import {
		type Checked,
		howItLies,
		materialOf,
		pulledIn,
		seenFrom,
		strainsIn,
		swatchSize,
	} from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import ChartPart from '$lib/swatch/ChartPart.svelte';
	import type { Light } from '$lib/ui/light';
	import { Lying } from '$lib/workers/lying.svelte';
	import { drawnPart } from './drawn-part';

	interface Props {
		id: string;
		/** What was told of its size. */
		told: SwatchSizeTold | undefined;
		checked: Checked;
		side: 'RS' | 'WS';
		light: Light;
		style: HouseStyle;
		yarns: readonly Yarn[];
	}
	/** How the rows that are being written will lie, beside their chart. */
	const { id, told, checked, side, light, style, yarns }: Props = $props();

	const LOOK: FabricState = 'off';
	const unit = $derived(style.units);
	const { worked } = $derived(checked);
	const material = $derived(materialOf(told, yarns));
	const gauge = $derived(gaugeIn(material.gauge, LOOK, material.sizes));
	const pulled = $derived(pulledIn(material));
	const how = $derived(howItLies(told, material, LOOK, worked));
	/** Of two layers the one that is seen; each lies for itself. */
	const layer = $derived(seenFrom(worked, side, checked.cords));
	const lie = new Lying(
		() => layer,
		() => how,
	);
	const seen = $derived(lie.seen);
	const { end, isLarge } = $derived(drawnPart(seen?.lies));
	const drawing = $derived(
		seen && seen.worked.rows.length > 0
			? drawLie(seen.worked, seen.cords, seen.lies, {
					light,
					side,
					cell: cellOf(gauge),
					rows: [0, end],
					unit,
					strains: strainsIn(seen.worked, seen.cords, gauge, pulled).flatMap((s) => s.crossings),
					label: `As it will lie, seen from the ${side === 'RS' ? style.sides.right : style.sides.wrong}.`,
				})
			: undefined,
	);
	const size = $derived(lie.now && swatchSize(layer.worked, layer.cords, lie.now, gauge, pulled));
	const tight = $derived(size?.together.filter((one) => one.verdict === 'tight' || one.verdict === 'very tight') ?? []);
	const said = (cm: number): string => reckonedLength(cm, unit);

	let box = $state<HTMLElement>();
	let room = $state({ width: 0, height: 0 });
	onMount(() => {
		const seen = new ResizeObserver(() => {
			if (box) room = { width: box.clientWidth, height: box.clientHeight };
		});
		if (box) seen.observe(box);
		return () => seen.disconnect();
	});
	/** All of it, as large as there is room. */
	const wide = $derived(
		drawing
			? Math.floor(
					Math.min(room.width, (Math.max(200, room.height) * drawing.width) / drawing.height, drawing.width * 1.6),
				)
			: 0,
	);
</script>

<div class="bg-base-200 flex min-h-52 grow items-center justify-center overflow-hidden rounded-3xl" bind:this={box}>
	{#if worked.rows.length === 0}<p class="quiet px-4 text-center">No rows yet.</p>
	{:else if drawing && wide > 0}
		{#if isLarge}<div role="img" aria-label={drawing.label}><ChartPart {drawing} width={wide} /></div>
		{:else}<Drawing {drawing} width={wide} />{/if}
	{:else}<p class="quiet">Letting it lie …</p>{/if}
</div>
<p class="mt-1 min-h-[2lh] text-[0.94rem]">
	{#if size}
		<strong>{said(size.widthCm)} × {said(size.lengthCm)}</strong>
		{STATE_WORDS[LOOK]}{material.from === 'assumed' ? ' (gauge assumed)' : ''}.
		{#if tight.length > 0}<span class="text-warning font-semibold"
				>{tight.map((one) => `${one.letters} ${one.verdict}`).join(', ')}.</span
			>{/if}
	{/if}
	{#if seen && end < seen.lies.x.length}Drawn are the first {end - 1} rows.{/if}
	<a class="wordlink" href="/swatches/{id}/size">All of its size</a>
</p>
