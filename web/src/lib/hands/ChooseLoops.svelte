<!-- @component Loops chosen one by one, large: press the first and the last, or draw over them. -->
<script lang="ts">
	import type { Drawing } from '@pond-loop/core/drawing';
	import { onMount } from 'svelte';
	import { oneButton } from '$lib/ui/roving-tabindex';
	import type { HandsModel } from './hands-model.svelte';
	import { tagsIn } from './tags-in';

	interface Props {
		model: HandsModel;
		drawing: Drawing;
	}
	const { model, drawing }: Props = $props();
	const { hands, chosen } = $derived(model);
	/** As they stand in the picture, from left to right. */
	const inOrder = $derived(
		[...tagsIn(drawing)]
			.sort((a, b) => a.x - b.x)
			.map(({ stitch }) => ({ stitch, done: hands.loops.find((l) => l.stitch === stitch)?.done !== undefined })),
	);

	let open = $state(false);
	let box = $state<HTMLElement>();
	/** Points that a fingertip covers. */
	const FINGERTIP = 44;
	onMount(() => {
		const xs = tagsIn(drawing)
			.map(({ x }) => x)
			.sort((a, b) => a - b);
		const closest = Math.min(...xs.slice(1).map((x, i) => x - xs[i]!));
		// In the picture itself a finger would cover two.
		if ((closest / 100) * (box?.clientWidth ?? Infinity) < FINGERTIP) open = true;
	});

	let first: number | undefined;
	function down(event: PointerEvent, stitch: number): void {
		if (event.button !== 0) return;
		// The pointer is to be seen by the loops that it is drawn over.
		(event.currentTarget as HTMLElement).releasePointerCapture(event.pointerId);
		model.chooseOne(stitch);
		first = stitch;
	}
	function over(event: PointerEvent, stitch: number): void {
		if (event.buttons === 1 && first !== undefined && stitch !== first) model.chooseBetween(first, stitch);
	}
</script>

<svelte:window onpointerup={() => (first = undefined)} />

<details class="mt-2 text-[0.94rem]" bind:open bind:this={box}>
	<summary class="wordlink w-fit list-none">Choose loops one by one</summary>
	<p class="quiet mt-1">Press the first and the last, or draw over them.</p>
	<div class="mt-1 flex touch-none flex-wrap gap-1" role="toolbar" aria-label="Loops one by one" use:oneButton>
		{#each inOrder as { stitch, done } (stitch)}
			<button
				type="button"
				class={[
					'size-11 rounded-full border-2 font-bold select-none',
					chosen.includes(stitch) ? 'border-[#e9b44c] bg-base-200' : 'border-base-300',
					done && 'opacity-50',
				]}
				aria-pressed={chosen.includes(stitch)}
				aria-label="Only loop {stitch}{done ? ', worked' : ''}"
				onpointerdown={(e) => down(e, stitch)}
				onpointerenter={(e) => over(e, stitch)}
				onclick={(e) => e.detail === 0 && model.chooseOne(stitch)}>{stitch}</button
			>
		{/each}
	</div>
</details>
