<script lang="ts">
	import { type Drawing, num } from '@pond-loop/core/drawing';
	import { untrack } from 'svelte';
	import { svgOf } from '@pond-loop/core/made';
	import { patchSvg, shownAs, type Shown } from './patch-svg';

	interface Props {
		drawing: Drawing;
		/** In CSS pixels; as wide as there is room when left out. */
		width?: number;
	}
	const { drawing, width }: Props = $props();

	/** What is written when the picture first appears; from then on it is changed in place. */
	const first = untrack(() => ({ drawing, svg: svgOf(drawing, width) }));
	let shown: Shown | undefined;
	let box = $state<HTMLElement>();
	$effect(() => {
		const svg = box?.querySelector('svg');
		if (!svg) return;
		if (width === undefined) svg.removeAttribute('width');
		else svg.setAttribute('width', num(width));
		const before = shown?.drawing ?? first.drawing;
		if (drawing !== before) shown = patchSvg(svg, shown ?? shownAs(first.drawing), drawing);
	});
</script>

<!-- The core escapes every text and number that it writes into the SVG. -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="drawing" bind:this={box}>{@html first.svg}</div>
