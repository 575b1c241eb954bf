<script lang="ts">
	import {
		type Box,
		type Cords,
		cordsOf,
		SWATCH_MISTAKE_TITLES,
		SWATCH_MISTAKES,
		type SwatchMistake,
		withMistake,
		type Worked,
	} from '@pond-loop/core/swatch';
	import type { PageLight } from '$lib/ui/light';
	import Chart from './Chart.svelte';

	interface Props {
		worked: Worked;
		cords: Cords;
		light: PageLight;
		/** The chosen cells: a crossing in them is the one that goes wrong. */
		box: Box | undefined;
	}
	const { worked, cords, light, box }: Props = $props();

	const ROWS_SHOWN = 14;
	let mistake = $state<SwatchMistake>();

	const sites = $derived(
		worked.rows.flatMap((row, i) => row.crossings.map((c, k) => ({ row: i, crossing: k, at: c, number: row.number }))),
	);
	/** The crossing in the chosen cells, or one in the middle. */
	const site = $derived(
		sites.find(
			(s) =>
				box &&
				s.row >= box.firstRow &&
				s.row <= box.lastRow &&
				s.at.at <= box.lastColumn &&
				s.at.at + s.at.crossing.n > box.firstColumn,
		) ?? sites[sites.length >> 1],
	);
	const shown = $derived(mistake && site ? withMistake(worked, mistake, site) : undefined);
	const wrongCords = $derived(shown?.ok ? cordsOf(shown.value.worked) : undefined);
	let wrong = $state<Chart>();
	let right = $state<Chart>();
	$effect(() => {
		if (!site || !shown?.ok) return;
		const middle = site.at.at + (site.at.crossing.n >> 1);
		wrong?.show(site.row, middle);
		right?.show(site.row, middle);
	});
</script>

<section aria-labelledby="what-if-title">
	<h2 id="what-if-title" class="text-2xl">What if …</h2>
	{#if !site}
		<p class="quiet mt-1">Once something crosses, mistakes can be made here on purpose.</p>
	{:else}
		<div class="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[0.94rem]">
			{#each SWATCH_MISTAKES as id (id)}
				<button
					type="button"
					class={['wordlink', mistake === id && 'font-bold']}
					aria-pressed={mistake === id}
					onclick={() => (mistake = mistake === id ? undefined : id)}>{SWATCH_MISTAKE_TITLES[id]}</button
				>
			{/each}
		</div>
		<p class="quiet mt-1 text-[0.94rem]">
			It happens to <span class="name text-base-content">{site.at.name}</span> in row {site.number}{box
				? ''
				: '; choose another crossing in the chart'}.
		</p>
		{#if shown && !shown.ok}
			<p class="mt-2" role="status">{shown.problems[0]?.what} {shown.problems[0]?.todo}</p>
		{:else if shown?.ok && wrongCords}
			<div class="mt-3 grid grid-cols-2 gap-4" data-testid="mistake">
				<figure>
					<Chart
						bind:this={right}
						{worked}
						{cords}
						{light}
						zoom={0.75}
						rowsShown={ROWS_SHOWN}
						label="As it should be"
					/>
					<figcaption class="text-center text-[0.88rem]">As it should be</figcaption>
				</figure>
				<figure>
					<Chart
						bind:this={wrong}
						worked={shown.value.worked}
						cords={wrongCords}
						{light}
						zoom={0.75}
						rowsShown={ROWS_SHOWN}
						marks={shown.value.differs}
						label="With the mistake"
					/>
					<figcaption class="text-center text-[0.88rem] font-semibold">{SWATCH_MISTAKE_TITLES[mistake!]}</figcaption>
				</figure>
			</div>
			<dl class="mt-2 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-1 text-[0.94rem]" data-testid="signs">
				<dt class="quiet">RS</dt>
				<dd>{shown.value.signs.RS.join('; ')}</dd>
				<dt class="quiet">WS</dt>
				<dd>{shown.value.signs.WS.join('; ')}</dd>
				<dt class="quiet">Mend</dt>
				<dd>{shown.value.mend} Found in the last row, that is {shown.value.cost} stitches to rework.</dd>
			</dl>
		{/if}
	{/if}
</section>
