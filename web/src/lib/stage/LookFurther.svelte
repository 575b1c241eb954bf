<script lang="ts">
	import { claimOf, type FoundLimits } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { type Found, isTransfer, type Looking, type Move } from '@pond-loop/core/handling';
	import { thousands } from '@pond-loop/core/measure';
	import { onDestroy, type Snippet } from 'svelte';
	import { Searcher } from '$lib/workers/search';

	interface Props {
		crossing: Crossing;
		limits: FoundLimits;
		/** Transfers of the way that stands. */
		transfers: number;
		/** How moves of a better way are kept. */
		keep: Snippet<[readonly Move[]]> | undefined;
	}
	const { crossing, limits, transfers, keep }: Props = $props();

	/** Positions looked at in each part of the search: about a minute on a slow machine. */
	const BUDGET = 600_000;

	let looking = $state.raw<Looking>();
	let found = $state.raw<Extract<Found, { ok: true }>>();
	let busy = $state(false);
	const searcher = new Searcher((said) => {
		if ('looking' in said) looking = said.looking;
		else {
			busy = false;
			found = said.found.ok ? said.found : undefined;
		}
	});
	onDestroy(() => searcher.stop());

	function look(): void {
		busy = true;
		found = undefined;
		looking = undefined;
		searcher.ask({ crossing, limits: { ...limits, budget: BUDGET } });
	}
	function stop(): void {
		searcher.stop();
		busy = false;
	}
	const count = (moves: readonly Move[]): number => moves.filter(isTransfer).length;
	const fewer = $derived(found && count(found.moves) < transfers ? found.moves : undefined);
	/** Worth a line while it goes on. */
	const soFar = $derived(
		looking &&
			`${looking.transfers === undefined ? 'None found yet' : `Best so far ${looking.transfers}`}; at least ${looking.atLeast} are needed. ${thousands(looking.looked)} positions looked at.`,
	);
</script>

<div class="mt-2" data-testid="look-further">
	{#if busy}
		<p class="quiet" aria-live="off">{soFar ?? 'Looking …'}</p>
		<button type="button" class="wordlink" onclick={stop}>Stop looking</button>
	{:else if found}
		<p role="status">
			{#if fewer}
				A way of {count(fewer)} transfers was found, {transfers - count(fewer)} fewer than the one shown.
			{/if}
			{claimOf(found)}
		</p>
		{#if fewer}{@render keep?.(fewer)}{/if}
	{:else}
		{#if soFar}<p class="quiet">Stopped. {soFar}</p>{/if}
		<button type="button" class="wordlink" onclick={look}>Look further</button>
	{/if}
</div>
