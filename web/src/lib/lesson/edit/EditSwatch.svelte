<script lang="ts">
	import { craftOf, PLAIN_CRAFT } from '@pond-loop/core/craft';
	import type { SwatchStep } from '@pond-loop/core/step';
	import type { EditorProps } from '../editors';

	const { step }: EditorProps<SwatchStep> = $props();
</script>

{#if step.from}<a class="wordlink mt-1 inline-block" href="/swatches/{step.from}/needles"
		>{craftOf(step.swatch.craft ?? PLAIN_CRAFT).place}</a
	>{/if}
