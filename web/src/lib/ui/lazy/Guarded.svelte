<script lang="ts" generics="P extends object">
	import type { Component } from 'svelte';
	import Failed from '../Failed.svelte';

	interface Props {
		part: Component<P>;
		given: P;
	}
	const { part: Part, given }: Props = $props();
</script>

<!-- A part that fails shows itself as failed; the page around it goes on. -->
<svelte:boundary>
	<Part {...given} />
	{#snippet failed(_, reset)}<Failed what="this part of the page" {reset} />{/snippet}
</svelte:boundary>
