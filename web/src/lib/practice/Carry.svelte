<script lang="ts">
	import type { Drawing as Picture } from '@pond-loop/core/drawing';
	import { onMount } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { Cards } from './schedule';
	import { cardsHere, keepCards } from './shelf';

	interface Props {
		/** Called when what another phone knew was taken. */
		taken: () => void;
	}
	const { taken }: Props = $props();
	const MARK = '#carry=';
	let code = $state<string>();
	let drawing = $state.raw<Picture>();
	let found = $state.raw<Cards>();
	let typed = $state('');
	let said = $state('');
	let trouble = $state<string>();

	async function show(): Promise<void> {
		const [{ codeDrawing }, { packed }, cards] = await Promise.all([
			import('$lib/picture/code'),
			import('./carry'),
			cardsHere(),
		]);
		code = await packed(cards);
		drawing = codeDrawing(`${location.origin}${location.pathname}${MARK}${code}`);
	}
	async function read(given: string): Promise<void> {
		trouble = undefined;
		const at = given.indexOf(MARK);
		const { unpacked } = await import('./carry');
		found = await unpacked(at < 0 ? given : given.slice(at + MARK.length));
		if (!found) trouble = 'That code isn’t from this practice, or part of it is missing. Copy all of it.';
	}
	async function take(): Promise<void> {
		if (!found) return;
		const { joinedCards } = await import('./carry');
		await keepCards(joinedCards(await cardsHere(), found));
		found = undefined;
		typed = '';
		said = 'Done. This phone has your latest answers.';
		taken();
	}
	onMount(() => {
		if (!location.hash.startsWith(MARK)) return;
		void read(location.hash);
		// Reloaded, it is not asked again.
		history.replaceState(history.state, '', location.pathname + location.search);
	});
</script>

{#if found}
	<div class="border-secondary border-l-4 py-1 pl-4" role="alert">
		<p>{Object.keys(found).length} kinds of question from your other phone.</p>
		<p class="mt-1 flex flex-wrap gap-3">
			<button type="button" class="pill pill-strong" onclick={take}>Take them</button>
			<button type="button" class="wordlink" onclick={() => (found = undefined)}>Leave them</button>
		</p>
	</div>
{/if}
<details class="text-[0.94rem]">
	<summary class="wordlink w-fit list-none">Move to another phone</summary>
	{#if code && drawing}
		<p class="mt-1">
			Scan this with the other phone, or copy the code to it. It holds your practice schedule, not your name.
		</p>
		<div class="mx-auto mt-2 w-full max-w-72 bg-white"><Drawing {drawing} /></div>
		<p class="bg-base-200 mt-2 max-h-24 overflow-y-auto rounded-xl px-3 py-2 text-xs break-all" data-testid="code">
			{code}
		</p>
	{:else}
		<button type="button" class="pill pill-soft mt-2" onclick={show}>Show what this phone knows, as a code</button>
	{/if}
	<form
		class="mt-3 flex flex-wrap items-end gap-3"
		onsubmit={(e) => {
			e.preventDefault();
			void read(typed.trim());
		}}
	>
		<label class="min-w-0 grow"
			>A code from the other phone<input class="field w-full" autocomplete="off" bind:value={typed} /></label
		>
		<button class="pill pill-soft" disabled={typed.trim() === ''}>Read it</button>
	</form>
</details>
<p class="quiet text-[0.94rem]" role="status">{said}</p>
{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
