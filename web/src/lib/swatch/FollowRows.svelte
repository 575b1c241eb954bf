<script lang="ts">
	import { placeName } from '@pond-loop/core/craft';
	import type { Block } from '@pond-loop/core/block';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { onMount } from 'svelte';
	import type { PageLight } from '$lib/ui/light';
	import { keptHere } from '$lib/ui/kept-here';
	import { keepScreenAwake } from '$lib/ui/screen-awake';
	import AgainFromRowOne from './AgainFromRowOne.svelte';
	import ChartParts from './ChartParts.svelte';
	import Needles from './Needles.svelte';
	import WhereAmI from './WhereAmI.svelte';

	interface Props {
		block: Block<'chart'>;
		/** Under which this browser keeps how far one has come. */
		place: string;
		light: PageLight;
		style: HouseStyle;
		width: number;
		/** Whether the rows are followed at once, without the whole chart before. */
		isOpen?: boolean;
	}
	const { block, place, light, style, width, isOpen = false }: Props = $props();
	const { worked, cords, mirrored } = $derived(block.shown);
	const rows = $derived(worked.rows.length);
	/** Rows finished, kept while the whole chart is shown too; nothing before the first is followed. */
	let done = $state<number>();
	let isWhole = $state(false);
	let mounted = $state(false);
	const key = $derived(`pond-rows-${place}`);
	const kept = (): number | undefined => {
		const text = keptHere.get(key);
		const said = Number(text);
		return text !== null && Number.isInteger(said) && said >= 0 ? Math.min(rows, said) : undefined;
	};
	onMount(() => {
		mounted = true;
		done = kept() ?? (isOpen ? 0 : undefined);
	});
	function go(to: number): void {
		done = Math.max(0, Math.min(rows, to));
		isWhole = false;
		keptHere.set(key, String(done));
	}
	keepScreenAwake();
</script>

{#if done === undefined || isWhole || rows === 0}
	<div class="mt-2"><ChartParts {worked} {cords} {light} {mirrored} {width} /></div>
	{#if mounted && rows > 0}
		<p class="mt-2 print:hidden">
			<button type="button" class="wordlink" onclick={() => go(done ?? 0)}
				>{#if done === undefined || done === 0}Follow it row by row, {placeName(worked.craft)}{:else if done < rows}Go
					on with row {worked.rows[done]!.number}{:else}All rows finished. See the last row{/if}</button
			>
			{#if done}<button type="button" class="wordlink ml-5" onclick={() => go(0)}>Start again from row 1</button>{/if}
		</p>
	{/if}
{:else}
	<div class="mt-2 print:hidden" data-testid="follow">
		<Needles shown={block.shown} place={done} {light} rowsShown={7} {style} {go} />
		<p class="follow-bar mt-3 flex flex-wrap items-center gap-3">
			<button
				type="button"
				class="pill pill-strong min-h-14 grow text-xl"
				disabled={done === rows}
				onclick={() => go(done! + 1)}>Row finished</button
			>
			<button type="button" class="pill pill-soft" disabled={done === 0} onclick={() => go(done! - 1)}
				>One row back</button
			>
		</p>
		{#if done === rows}
			<p class="mt-2"><AgainFromRowOne {worked} of={place} again={() => go(0)} /></p>
		{/if}
		<div class="mt-3"><WhereAmI shown={block.shown} {go} /></div>
		<p class="mt-3">
			<button type="button" class="wordlink" onclick={() => (isWhole = true)}>Show the whole chart</button>
			<span class="text-sm">This browser remembers your row.</span>
		</p>
	</div>
	<div class="mt-2 hidden print:block"><ChartParts {worked} {cords} {light} {mirrored} {width} /></div>
{/if}

<style>
	/* Under the thumb, however long a row is. */
	.follow-bar {
		background: var(--color-white, #fff);
		bottom: 0;
		padding-block: 0.5rem;
		position: sticky;
		z-index: 5;
	}
</style>
