<script lang="ts">
	import { type Drawing, num } from '@pond-loop/core/drawing';
	import { onMount, untrack } from 'svelte';
	import { svgOf } from '@pond-loop/core/made';
	import { isHydrating, runWhenIdle } from '$lib/ui/hydration';
	import { patchSvg, shownAs, standingIn, type ShownDrawing } from './patch-svg';

	interface Props {
		/** Not asked for while the page is hydrated: the server drew it. */
		drawing: Drawing;
		/** In CSS pixels; as wide as there is room when left out. */
		width?: number;
	}
	const { drawing, width }: Props = $props();

	const isThere = isHydrating();
	/** What is written when the picture first appears; from then on it is changed in place. */
	const first = isThere ? undefined : untrack(() => ({ drawing, svg: svgOf(drawing, width) }));
	let shown: ShownDrawing | undefined;
	let box = $state<HTMLElement>();
	let ready = $state(!isThere);
	onMount(() => (isThere ? runWhenIdle(() => (ready = true)) : undefined));
	$effect(() => {
		if (!ready || !box) return;
		const svg = box.querySelector('svg');
		if (!svg) return;
		if (width === undefined) svg.removeAttribute('width');
		else svg.setAttribute('width', num(width));
		if (shown?.drawing === drawing || (!shown && first?.drawing === drawing)) return;
		shown = patchSvg(svg, shown ?? (first ? shownAs(first.drawing) : standingIn(svg)), drawing);
	});
</script>

<!-- The core escapes every text and number that it writes into the SVG. What stands there already is left as it is, whatever is said here. -->
<!-- svelte-ignore hydration_html_changed -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="drawing" bind:this={box}>{@html first?.svg ?? '<svg></svg>'}</div>
