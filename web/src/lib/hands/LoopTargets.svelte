<!-- @component The picture of the hands: its loops are pressed or drawn to a place. -->
<script lang="ts">
	import type { Drawing as Picture } from '@pond-loop/core/drawing';
	import { onMount } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { runSoon } from '$lib/ui/hydration';
	import type { HandsModel } from './hands-model.svelte';
	import { type LoopTag, tagsIn } from './tags-in';
	import { targetAt } from './target-at';

	interface Props {
		model: HandsModel;
		drawing: Picture;
		/** Where single places for loops stand, such as pegs, by the loop that each carried at first. */
		places: readonly LoopTag[];
	}
	const { model, drawing, places }: Props = $props();
	const { hands, chosen, open, workedOff } = $derived(model);
	const tags = $derived(tagsIn(drawing));
	let mounted = $state(false);
	onMount(() => runSoon(() => (mounted = true)));

	/** A loop that is drawn along: where the finger is, in hundredths of the picture. */
	let drag = $state<{ readonly x: number; readonly y: number }>();
	let from: { readonly x: number; readonly y: number; readonly stitch: number } | undefined;
	let box = $state<HTMLElement>();
	const placeOf = (event: PointerEvent): { x: number; y: number } => {
		const edge = box!.getBoundingClientRect();
		return { x: (100 * (event.clientX - edge.left)) / edge.width, y: (100 * (event.clientY - edge.top)) / edge.height };
	};
	function down(event: PointerEvent, stitch: number): void {
		if (event.button !== 0) return;
		from = { ...placeOf(event), stitch };
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
	}
	const FAR = 4;
	function moved(event: PointerEvent): void {
		if (!from) return;
		const at = placeOf(event);
		if (!drag && Math.hypot(at.x - from.x, at.y - from.y) < FAR) return;
		if (!drag && !chosen.includes(from.stitch)) model.choose(from.stitch);
		drag = at;
	}
	const target = (at: { readonly x: number; readonly y: number }): string | undefined =>
		targetAt(at, { model, places, held: from?.stitch });
	function up(event: PointerEvent): void {
		const began = from;
		if (!began) return;
		const to = drag && target(placeOf(event));
		const wasDrawn = drag !== undefined;
		from = undefined;
		drag = undefined;
		if (to) model.go(to);
		else if (wasDrawn) return;
		else if (event.shiftKey && chosen[0] !== undefined) model.chooseBetween(chosen[0], began.stitch);
		else model.choose(began.stitch);
	}
	const over = $derived(drag && target(drag));
</script>

<div class="relative touch-none select-none" bind:this={box}>
	<Drawing {drawing} />
	{#if mounted}
		{#if chosen.length > 0}
			{#each open as { target, title, where }, nth (nth)}
				<span class={['zone', where, over === target && 'over', workedOff === 'right' && 'turned']} aria-hidden="true"
					><span>{title}</span></span
				>
			{/each}
		{/if}
		{#each tags as { stitch, x, y }, nth (nth)}
			{@const loop = hands.loops.find((l) => l.stitch === stitch)}
			<button
				type="button"
				class={['loop', chosen.includes(stitch) && 'chosen', drag && chosen.includes(stitch) && 'drawn']}
				style:left="{drag && chosen.includes(stitch)
					? drag.x + 5 * (chosen.indexOf(stitch) - (chosen.length - 1) / 2) * (workedOff === 'left' ? -1 : 1)
					: x}%"
				style:top="{drag && chosen.includes(stitch) ? drag.y : y}%"
				aria-pressed={chosen.includes(stitch)}
				aria-label="Loop {stitch}{loop?.done ? ', worked' : ''}"
				onpointerdown={(e) => down(e, stitch)}
				onpointermove={moved}
				onpointerup={up}
				onpointercancel={() => {
					from = undefined;
					drag = undefined;
				}}
				onclick={(e) => e.detail === 0 && model.choose(stitch)}
				>{#if drag && chosen.includes(stitch)}{stitch}{/if}</button
			>
		{/each}
	{/if}
</div>

<style>
	.loop {
		align-items: center;
		border-radius: 50%;
		cursor: grab;
		display: flex;
		font-weight: 700;
		height: max(44px, 7%);
		justify-content: center;
		position: absolute;
		touch-action: none;
		transform: translate(-50%, -50%);
		aspect-ratio: 1;
		z-index: 3;
	}
	.loop.chosen {
		outline: 4px solid #e9b44c;
		outline-offset: -7px;
	}
	.loop.drawn {
		background: var(--color-base-100);
		border: 3px solid #e9b44c;
		pointer-events: none;
		z-index: 5;
	}
	/* Where loops may go: nearer is below the needles, further away above them. */
	.zone {
		border: 2px dashed color-mix(in oklab, var(--color-accent) 55%, transparent);
		border-radius: 1rem;
		display: flex;
		font-size: 0.88rem;
		font-weight: 600;
		justify-content: center;
		pointer-events: none;
		position: absolute;
		z-index: 2;
	}
	.zone > span {
		background: color-mix(in oklab, var(--color-base-100) 85%, transparent);
		border-radius: 1rem;
		height: fit-content;
		padding: 0 0.6rem;
	}
	.zone.over {
		background: color-mix(in oklab, var(--color-accent) 22%, transparent);
		border-style: solid;
	}
	.zone.bottom {
		align-items: flex-end;
		inset: 63% 20% 2% 20%;
	}
	.zone.bottom-left {
		align-items: flex-end;
		inset: 63% 50% 2% 17%;
	}
	.zone.bottom-right {
		align-items: flex-end;
		inset: 63% 17% 2% 51%;
	}
	.zone.top {
		align-items: flex-start;
		inset: 2% 20% 87% 20%;
	}
	.zone.far,
	.zone.tip.turned {
		align-items: center;
		inset: 16% 64% 40% 1%;
	}
	.zone.tip,
	.zone.far.turned {
		align-items: center;
		inset: 16% 1% 40% 64%;
	}
</style>
