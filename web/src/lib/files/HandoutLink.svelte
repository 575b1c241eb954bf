<script lang="ts">
	import type { Snippet } from 'svelte';
	import { fetchHandout, type HandoutState } from './fetch-handout';

	/** A link to a handout's PDF, which says how far it is while it is made. Without scripts it is a plain download. */
	const { href, children }: { href: string; children: Snippet } = $props();

	let now = $state<HandoutState>();
	let stop = $state<AbortController>();

	async function fetched(event: MouseEvent): Promise<void> {
		event.preventDefault();
		stop?.abort();
		const own = (stop = new AbortController());
		await fetchHandout(href, (state) => (now = state), own.signal);
		if (stop === own) stop = undefined;
	}

	function giveUp(): void {
		stop?.abort();
		stop = undefined;
		now = undefined;
	}
	$effect(() => () => stop?.abort());
</script>

<a class="pill pill-soft" {href} download onclick={fetched} aria-disabled={stop !== undefined}>{@render children()}</a>
{#if now?.kind === 'making'}
	<span class="flex items-center gap-3" role="status">
		{#if now.of > 0}
			<progress class="progress progress-secondary w-24" value={now.done} max={now.of} aria-label="Drawn"></progress>
		{/if}
		<span class="tabular-nums">
			{now.of === 0
				? 'Waiting for its turn …'
				: now.done < now.of
					? `Drawing: ${now.done} of ${now.of}`
					: 'Setting the pages …'}
		</span>
		<button type="button" class="wordlink" onclick={giveUp}>Cancel</button>
	</span>
{:else if now?.kind === 'saved'}
	<span class="min-w-0 wrap-anywhere" role="status">Saved as {now.name}.</span>
{:else if now?.kind === 'failed'}
	<span class="text-error min-w-0 wrap-anywhere" role="alert">{now.why}</span>
{/if}
