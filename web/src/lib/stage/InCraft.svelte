<script lang="ts">
	import type { Craft, Taken } from '@pond-loop/core/craft';
	import type { PageLight } from '$lib/ui/light';
	import Faces from './Faces.svelte';

	interface Props {
		craft: Craft;
		taken: Taken;
		light: PageLight;
		mirrored: boolean;
	}
	const { craft, taken, light, mirrored }: Props = $props();
</script>

<section aria-label="In this craft" data-testid="in-craft">
	<p class="mb-2 text-[0.94rem]"><strong>{craft.title}.</strong> {craft.says}</p>
	<Faces {taken} {light} {mirrored} width={150} />
</section>
