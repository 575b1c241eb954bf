<script lang="ts">
	import type { Entry } from '@pond-loop/core/collection';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import type { PageLight } from '$lib/ui/light';
	import Tile from './Tile.svelte';

	interface Props {
		entries: readonly Entry[];
		light: PageLight;
		style: HouseStyle;
	}
	const { entries, light, style }: Props = $props();
</script>

<ul class="mt-3 grid grid-cols-2 gap-2 sm:grid-cols-3 md:grid-cols-4 xl:grid-cols-5" data-testid="entries">
	{#each entries as entry (entry.id)}
		<li><Tile {entry} {light} {style} /></li>
	{/each}
</ul>
