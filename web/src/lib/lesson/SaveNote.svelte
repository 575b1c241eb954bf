<script lang="ts">
	import type { SaveState } from './autosave.svelte';

	interface Props {
		state: SaveState;
	}
	const { state }: Props = $props();
</script>

<p
	role="status"
	data-testid="save-state"
	data-kind={state.kind}
	class={state.kind === 'refused' || state.kind === 'stale' ? 'text-error font-semibold' : 'quiet'}
>
	{#if state.kind === 'saved'}
		saved
	{:else if state.kind === 'saving'}
		saving …
	{:else if state.kind === 'waiting'}
		<span class="text-warning font-semibold"
			>Not saved yet: the server does not answer. It is kept here and sent again.</span
		>
	{:else if state.kind === 'refused'}
		Not saved: {state.message}
	{:else}
		Not saved: changed in another window
	{/if}
</p>
