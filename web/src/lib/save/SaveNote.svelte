<script lang="ts">
	import { page } from '$app/state';
	import type { SaveState } from './autosave.svelte';

	interface Props {
		state: SaveState<unknown>;
	}
	const { state }: Props = $props();
	const calm = $derived(state.kind === 'saved' || state.kind === 'saving');
	const refused = $derived(state.kind === 'refused' || state.kind === 'stale');
</script>

<!-- Trouble stays in sight wherever the page is scrolled to. -->
<p
	role="status"
	data-testid="save-state"
	data-kind={state.kind}
	class={[
		calm && 'quiet',
		!calm &&
			'bg-base-100 fixed right-4 bottom-4 z-30 max-w-[calc(100vw-2rem)] rounded-2xl border-2 px-5 py-2.5 font-semibold shadow-lg',
		!calm && (refused ? 'border-error text-error' : 'border-warning text-warning'),
	]}
>
	{#if state.kind === 'saved'}
		saved
	{:else if state.kind === 'saving'}
		saving …
	{:else if state.kind === 'waiting'}
		Not saved yet: the server does not answer. It is kept here and sent again.
	{:else if state.kind === 'signed-out'}
		Not saved yet: you are signed out. It is kept in this tab.
		<a class="wordlink" href="/sign-in?to={encodeURIComponent(page.url.pathname)}">Sign in and go on</a>
	{:else if state.kind === 'refused'}
		Not saved: {state.message}
	{:else}
		Not saved: changed in another window.
		<a class="wordlink" href="#two-versions">Choose one of the two</a>
	{/if}
</p>
