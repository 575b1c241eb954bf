<script lang="ts">
	import { craftOf, PLAIN_CRAFT } from '@pond-loop/core/craft';
	import { PALETTES } from '@pond-loop/core/drawing';
	import { stitches } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import {
		type Cords,
		cureSaid,
		type GapMark,
		legendOf,
		loopsWhenSeamed,
		mainRepeat,
		markerPlaces,
		markersSaid,
		strandsOf,
		type Worked,
	} from '@pond-loop/core/swatch';
	import { useLight } from '$lib/ui/light-state.svelte';

	interface Props {
		worked: Worked;
		cords: Cords;
		/** The gaps that are marked in the chart; none where they are not asked for. */
		gaps: readonly GapMark[] | undefined;
		style: HouseStyle;
	}
	const { worked, cords, gaps, style }: Props = $props();
	const light = useLight();
	const MOST_CORDS = 12;

	/** What comes round: the repeat of the pattern, or all of its rows. */
	const whole = $derived(mainRepeat(worked));
	const span = $derived(whole ?? { first: 0, last: worked.rows.length - 1 });
	const strands = $derived(worked.rows.length > 0 ? strandsOf(worked, span.first, span.last) : undefined);
	const rowsOf = $derived(span.last - span.first + 1);
	/** Where a cord stands after one repeat, and after how many it is home. */
	const homes = $derived(
		cords.cords.map((cord) => {
			const row = cords.strands[span.first];
			const start = row ? row.indexOf(cord.strands[0]!) : -1;
			if (!strands || start < 0) return { cord, home: undefined };
			let at = strands.after.indexOf(start + 1) + 1;
			let many = 1;
			while (at !== start + 1 && many < 500) {
				at = strands.after.indexOf(at) + 1;
				many += 1;
			}
			return { cord, home: many };
		}),
	);
	let seamed = $state(1);
	/** Columns that belong to cords, followed as cords: a loop of a cord counts once, however wide it is. */
	const loops = $derived.by(() => {
		if (!strands) return undefined;
		const lengths = homes.flatMap(({ home }) => home ?? []);
		// Cords of one cycle stand in it once for each of its places.
		const cycles = [...new Set(lengths)].flatMap((l) =>
			Array.from({ length: lengths.filter((n) => n === l).length / l }, () => l),
		);
		return Number.isInteger(cycles.reduce((a, b) => a + b, 0)) ? loopsWhenSeamed({ cycles }, seamed) : undefined;
	});
	/** What the chart uses; cords are told above. */
	let legendOpen = $state(false);
	const legend = $derived(legendOpen ? legendOf(worked, cords).filter((e) => e.kind !== 'cord') : []);
	const markers = $derived(markerPlaces(worked, cords));
	const first = $derived(gaps?.[0]);
	/** Where the style works that purl as any other, what would close them. */
	const cure = $derived({ ...style, firstPurl: style.firstPurl === 'usual' ? ('short' as const) : style.firstPurl });
	/** A row that cannot be read says nothing about what the rows make. */
	const shaped = $derived(worked.rows.length > 0 && worked.rows.every((row) => row.ok) && !strands);
</script>

<section aria-label="Strands" class="gap-x-10 text-[0.94rem] *:break-inside-avoid md:columns-2 xl:columns-3">
	{#if worked.craft !== PLAIN_CRAFT}
		{@const craft = craftOf(worked.craft)}
		<p class="mb-2" data-testid="craft">
			<strong>{craft.title}.</strong>
			{craft.says}
			{craft.inSwatch.note?.(worked)}
		</p>
	{/if}
	<h2 class="lead font-sans">{cords.cords.length === 0 ? 'No strands yet' : 'Strands'}</h2>
	<ul class="mt-1" data-testid="cords">
		{#each homes.slice(0, MOST_CORDS) as { cord, home }, nth (nth)}
			<li class="flex items-center gap-2 py-0.5">
				<svg class="size-4 shrink-0" viewBox="0 0 16 16" aria-hidden="true">
					<rect
						x="1"
						y="1"
						width="14"
						height="14"
						rx="4"
						fill={PALETTES[light.now].cords[cord.colour].body}
						stroke={PALETTES[light.now].cords[cord.colour].edge}
						stroke-width="1.5"
					/>
				</svg>
				<strong>{cord.letter}</strong>
				<span class="quiet">
					{#if home !== undefined}back in its place after {home} {home === 1 ? 'repeat' : 'repeats'}{:else}{stitches(
							cord.strands.length,
						)} wide{/if}
				</span>
			</li>
		{/each}
	</ul>
	{#if cords.cords.length > MOST_CORDS}<p class="quiet">and {cords.cords.length - MOST_CORDS} more</p>{/if}
	{#if strands && cords.cords.length > 0}
		<p class="mt-3">
			{whole
				? `The repeat, rows ${worked.rows[span.first]!.number} to ${worked.rows[span.last]!.number},`
				: `All ${rowsOf} rows together`}
			{strands.repeatsToReturn === 1
				? 'leave every stitch where it began.'
				: `leave every stitch where it began after ${strands.repeatsToReturn} times.`}
		</p>
		{#if worked.shape === 'flat'}<p class="mt-2">
				Joined in the round after
				<input
					class="field w-12 py-0"
					type="number"
					min="1"
					max="99"
					bind:value={seamed}
					aria-label="Repeats in the ring"
				/>
				{seamed === 1 ? 'repeat' : 'repeats'}:
				<strong data-testid="loops">{loops ?? '?'}</strong>
				{loops === 1 ? 'strand runs' : 'strands run'} round in one piece{seamed % strands.repeatsToReturn === 0
					? '; at the seam every strand meets itself.'
					: '; at the seam strands meet others.'}
			</p>{/if}
	{:else if shaped && cords.cords.length > 0}
		<p class="quiet mt-2">The stitch count changes in these rows, so they can’t repeat.</p>
	{/if}
	{#if markers.length > 0}
		<p class="mt-3">
			<span class="lead">Ring markers</span> go in after {markers.length === 1 ? 'stitch' : 'stitches'}
			{markersSaid(markers)}, counted from the right
		</p>
	{/if}
	{#if gaps}
		<p class="mt-3" data-testid="gaps">
			<span class="lead">Gaps</span>
			{#if first}{gaps.length} first purls after a cable are ringed{first.partner === undefined
					? ''
					: `, the first in row ${worked.rows[first.row]!.number}`}. {cureSaid(cure, style.sides)}{:else}No purl comes
				after a cable.{/if}
		</p>
	{/if}
	{#if worked.rows.length > 0}
		<details class="mt-3" bind:open={legendOpen}>
			<summary class="wordlink w-fit list-none">Legend</summary>
			<dl class="mt-2" data-testid="legend">
				{#each legend as entry, nth (nth)}
					<dt class={['mt-1 font-bold', entry.kind === 'crossing' && 'name']}>{entry.name}</dt>
					<dd class="quiet">{entry.says}</dd>
				{/each}
			</dl>
		</details>
	{/if}
</section>
