<script lang="ts">
	import type { AppPlace } from './places';

	interface Props {
		places: readonly AppPlace[];
		/** Called when one was taken. */
		taken?: () => void;
	}
	const { places, taken }: Props = $props();
</script>

<ul data-testid="places">
	{#each places as { id, title, says, href } (id)}
		<li>
			<a class="hover:bg-base-200 block rounded-xl px-3 py-2" {href} onclick={taken}
				><span class="font-semibold">{title}</span> <span class="quiet">{says}</span></a
			>
		</li>
	{/each}
</ul>
