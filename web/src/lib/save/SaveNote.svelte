<script lang="ts">
	import { page } from '$app/state';
	import type { Autosave } from './autosave.svelte';
	import { UNREACHED } from './send';

	interface Props {
		save: Pick<Autosave<unknown>, 'state' | 'clean' | 'spare' | 'dropSpare'>;
	}
	const { save }: Props = $props();
	const state = $derived(save.state);
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
			'bg-base-100 fixed right-4 bottom-16 z-50 sm:bottom-4 max-w-[calc(100vw-2rem)] rounded-2xl border-2 px-5 py-2.5 font-semibold shadow-lg',
		!calm && (refused ? 'border-error text-error' : 'border-warning text-warning'),
	]}
>
	{#if state.kind === 'saved'}
		saved
	{:else if state.kind === 'saving'}
		saving …
	{:else if state.kind === 'waiting'}
		Not saved yet. {UNREACHED[state.why]} It’s stored in this browser and will be sent again.
	{:else if state.kind === 'signed-out'}
		Not saved yet: you’re signed out. It’s stored in this browser.
		<a class="wordlink" href="/sign-in?to={encodeURIComponent(page.url.pathname)}">Sign in and go on</a>
	{:else if state.kind === 'refused'}
		Not saved: {state.message} It’s stored in this browser.
		{#if state.unclean}<button type="button" class="wordlink ml-1" onclick={() => save.clean()}>Take it out</button
			>{/if}
	{:else}
		Not saved: changed in another window.
		<a class="wordlink" href="#two-versions">Choose one of the two</a>
	{/if}
</p>
{#if save.spare !== undefined}
	<details class="border-warning mt-2 border-l-4 py-1 pl-4" data-testid="spare">
		<summary class="cursor-pointer"> We couldn’t restore something you typed earlier. Here is its text. </summary>
		<textarea
			class="border-base-300 mt-2 h-40 w-full rounded-lg border p-2 font-mono text-[0.8rem]"
			readonly
			aria-label="What was typed"
			value={save.spare}></textarea>
		<button type="button" class="wordlink" onclick={() => save.dropSpare()}>Delete it</button>
	</details>
{/if}
