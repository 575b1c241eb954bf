<script lang="ts">
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { Move } from '@pond-loop/core/handling';
	import type { ComponentProps } from 'svelte';
	import KeepWay from '$lib/hands/KeepWay.svelte';
	import Ways from '$lib/stage/Ways.svelte';

	interface Props extends Omit<ComponentProps<typeof Ways>, 'keep'> {
		/** The fabric that a way makes which a longer search found; none where ways are not kept. */
		fabric: Crossing | undefined;
	}
	const { fabric, ...ways }: Props = $props();
</script>

{#snippet keep(moves: readonly Move[])}
	<KeepWay made={ways.crossing} fabric={fabric!} {moves} take={ways.choose} />
{/snippet}
<Ways {...ways} keep={fabric && keep} />
