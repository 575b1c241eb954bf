<script lang="ts">
	import type { Meaning } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Meanings from '$lib/name/Meanings.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		/** All that the name leaves open. */
		meanings: readonly Meaning[];
		light: PageLight;
		style: HouseStyle;
		chosen: number;
		choose: (index: number) => void;
	}
	const { meanings, light, style, chosen, choose }: Props = $props();
</script>

<section class="border-base-300 mt-4 border-y py-4" aria-label="What the name leaves open">
	<Meanings
		{meanings}
		{light}
		{style}
		chosen={Math.min(chosen, meanings.length - 1)}
		says={(m) => m.differs}
		action={(m) => `Show this one: ${m.differs}`}
		choose={(_, i) => choose(i)}
	/>
</section>
