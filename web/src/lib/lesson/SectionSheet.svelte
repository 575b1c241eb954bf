<script lang="ts">
	import type { Block } from '@pond-loop/core/block';
	import type { Light } from '@pond-loop/core/drawing';
	import type { Section } from '@pond-loop/core/lesson';
	import type { Snippet } from 'svelte';
	import Blocks from '$lib/blocks/Blocks.svelte';
	import Later from '$lib/ui/Later.svelte';

	interface Props {
		section: Section;
		light: Light;
		/** How a chart is shown where it is more than a picture. */
		chart?: Snippet<[Block<'chart'>]> | undefined;
	}
	const { section, light, chart }: Props = $props();
</script>

{#if section.title !== undefined}
	<p class="text-sm font-semibold">Step {section.number}</p>
	<h2 class="text-2xl wrap-anywhere">{section.title}</h2>
{/if}
<Later wait={section.isLong} quiet={section.step === undefined}>
	<Blocks blocks={section.blocks()} {light} around="#ffffff" listed {...chart ? { chart } : {}} />
</Later>
