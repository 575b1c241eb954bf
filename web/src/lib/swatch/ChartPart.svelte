<script lang="ts">
	import type { Drawing } from '@pond-loop/core/drawing';
	import { paintShapes } from './paint-canvas';

	interface Props {
		drawing: Drawing;
		/** In CSS pixels. */
		width: number;
	}
	const { drawing, width }: Props = $props();
	const scale = $derived(width / drawing.width);
	let canvas = $state<HTMLCanvasElement>();

	// A long chart is a hundred thousand shapes: painted they weigh nothing, as elements they would stop a phone.
	$effect(() => {
		const ctx = canvas?.getContext('2d');
		if (!canvas || !ctx) return;
		const sharp = scale * Math.max(1, devicePixelRatio);
		canvas.width = Math.ceil(drawing.width * sharp);
		canvas.height = Math.ceil(drawing.height * sharp);
		ctx.setTransform(sharp, 0, 0, sharp, 0, -(drawing.top ?? 0) * sharp);
		paintShapes(ctx, drawing.shapes);
	});
</script>

<canvas bind:this={canvas} class="block" style:width="{width}px" style:height="{drawing.height * scale}px"></canvas>
