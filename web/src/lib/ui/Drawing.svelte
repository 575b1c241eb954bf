<script lang="ts">
	import { toSvg, type Drawing } from '@pond-loop/core/drawing';

	interface Props {
		drawing: Drawing;
	}
	const { drawing }: Props = $props();
</script>

<!-- The core escapes every text and number that it writes into the SVG. -->
<!-- eslint-disable-next-line svelte/no-at-html-tags -->
<div class="drawing">{@html toSvg(drawing)}</div>
