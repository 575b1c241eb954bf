<script lang="ts">
	import { toSvg, type Drawing } from '@pond-loop/core/drawing';

	interface Props {
		drawing: Drawing;
		/** In CSS pixels; as wide as there is room when left out. */
		width?: number;
	}
	const { drawing, width }: Props = $props();
</script>

<!-- The core escapes every text and number that it writes into the SVG. -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="drawing">{@html toSvg(drawing, width)}</div>
