<script lang="ts">
	import type { Swatch } from '@pond-loop/core/schema';
	import { betweenMarkers, type Checked, nextCrossing, rowParts, toolPlan } from '@pond-loop/core/swatch';
	import type { PlanFor } from '@pond-loop/core/craft';
	import { onMount } from 'svelte';
	import Chart from '$lib/swatch/Chart.svelte';
	import type { Light } from '$lib/ui/light';
	import { inWriting } from '$lib/ui/keys';

	interface Props {
		swatch: Swatch;
		checked: Checked;
		/** Rows finished. */
		place: number;
		light: Light;
		/** Rows of the chart around the one that is worked. */
		rowsShown?: number;
		/** How the tools of the class stand. */
		tools?: PlanFor;
		go: (to: number) => void;
	}
	const { swatch, checked, place, light, rowsShown = 9, tools = {}, go }: Props = $props();
	const { worked, cords } = $derived(checked);
	const last = $derived(worked.rows.length);

	let mounted = $state(false);
	let chart = $state<Chart>();
	onMount(() => (mounted = true));

	const row = $derived(worked.rows[place]);
	const parts = $derived(row?.ok ? rowParts(worked, place, tools) : []);
	/** What is done before the first row, where pegs or needles have to be set up. */
	const setup = $derived(place === 0 ? (toolPlan(worked, tools)?.setup ?? []) : []);
	const between = $derived(row ? betweenMarkers(worked, place) : []);
	const due = $derived(nextCrossing(worked, place));
	$effect(() => chart?.show(Math.min(place, last - 1)));

	const KEYS: Readonly<Record<string, () => void>> = {
		' ': () => go(place + 1),
		Enter: () => go(place + 1),
		ArrowUp: () => go(place + 1),
		ArrowDown: () => go(place - 1),
		Backspace: () => go(place - 1),
	};
	function onkeydown(event: KeyboardEvent): void {
		const act = KEYS[event.key];
		if (!act || inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		// A button that has the focus is pressed by these keys itself.
		if (event.target instanceof HTMLElement && event.target.closest('button, a, summary, [role="grid"]')) return;
		event.preventDefault();
		act();
	}
</script>

<svelte:window {onkeydown} />

<div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
	<p class="font-serif text-5xl font-semibold" data-testid="row-now" aria-live="polite">
		{#if row}Row {row.number}{:else}Finished{/if}
	</p>
	{#if row}
		<p class="text-xl">
			<strong>{row.side}{row.colour ? `, yarn ${row.colour}` : ''}</strong>
			<span class="quiet">· {place} of {last} rows finished</span>
		</p>
		<p class="text-xl" data-testid="due">
			{#if due === 0}<strong>Cross in this row.</strong>
			{:else if due !== undefined}Crossing due in {due} {due === 1 ? 'row' : 'rows'}.
			{:else}No more crossings.{/if}
		</p>
	{/if}
</div>
{#if setup.length > 0}
	<ul class="mt-4 list-disc pl-6 text-xl" data-testid="setup">
		{#each setup as says (says)}<li>{says}</li>{/each}
	</ul>
{/if}
{#if row}
	<p class="name mt-4 text-2xl! leading-snug whitespace-normal!" data-testid="row-text">
		{swatch.text.slice(row.line.body.from, row.line.body.to)}
	</p>
	{#if row.ok}
		<ol class="mt-3 flex flex-wrap gap-x-2 gap-y-1 text-xl" data-testid="row-words">
			{#each parts as part, i (i)}
				<li class={part.crossing ? 'text-secondary font-semibold' : ''}>
					{part.says}{i + 1 < parts.length ? ',' : '.'}
				</li>
			{/each}
		</ol>
		{#if between.length > 1}<p class="quiet mt-2 text-lg">
				Between the markers: {between.join(', ')} stitches.
			</p>{/if}
	{:else}
		<p class="text-error mt-3 text-xl font-semibold">This row does not work out. Look at it at the desk.</p>
	{/if}
{:else}
	<p class="mt-4 text-xl">All {last} rows are done. Bind off with the last stitch as even as the others.</p>
{/if}
<div class="mt-5">
	{#if mounted}
		<Chart
			bind:this={chart}
			{worked}
			{cords}
			{light}
			{rowsShown}
			finished={place}
			zoom={worked.widest > 32 ? 1 : 1.25}
			label="Chart around the row"
		/>
	{/if}
</div>
