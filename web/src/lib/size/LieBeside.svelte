<script lang="ts">
	import { isTight, STATE_WORDS, type FabricState } from '@pond-loop/core/fabric';
	import { reckonedLength } from '@pond-loop/core/measure';
	import type { HouseStyle, SwatchSizeTold, Yarn } from '@pond-loop/core/schema';
	import type { Checked } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import type { PageLight } from '$lib/ui/light';
	import { FabricSeen } from './fabric-seen.svelte';
	import LiePicture from './LiePicture.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		id: string;
		/** What was told of its size. */
		told: SwatchSizeTold | undefined;
		checked: Checked;
		side: 'RS' | 'WS';
		light: PageLight;
		style: HouseStyle;
		yarns: readonly Yarn[];
	}
	/** How the rows that are being written will lie, beside their chart. */
	const { id, told, checked, side, light, style, yarns }: Props = $props();

	const LOOK: FabricState = 'off';
	const unit = $derived(style.units);
	const { worked } = $derived(checked);
	const fabric = new FabricSeen(() => ({ rows: checked, told, yarns, look: LOOK, side }));
	const { size } = $derived(fabric);
	const drawing = $derived(
		fabric.drawing({
			light,
			unit,
			label: `Preview, seen from the ${side === 'RS' ? style.sides.right : style.sides.wrong}.`,
		}),
	);
	const tight = $derived(size?.together.filter((one) => isTight(one.verdict)) ?? []);
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
		<LiePicture {drawing} isLarge={fabric.isLarge} width={wide} />
	{:else}<p class="quiet">Drawing the preview …</p>{/if}
</div>
<p class="mt-1 min-h-[2lh] text-[0.94rem]">
	{#if size}
		<strong>{said(size.widthCm)} × {said(size.lengthCm)}</strong>
		{STATE_WORDS[LOOK]}{fabric.material.from === 'assumed' ? say(' (tension assumed)') : ''}.
		{#if tight.length > 0}<span class="text-warning font-semibold"
				>{tight.map((one) => `${one.letters} ${one.verdict}`).join(', ')}.</span
			>{/if}
	{/if}
	{#if drawing && fabric.end < fabric.rows}Drawn are the first {fabric.end - 1} rows.{/if}
	<a class="wordlink" href="/swatches/{id}/size">All of its size</a>
</p>
