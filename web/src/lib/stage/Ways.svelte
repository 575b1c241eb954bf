<script lang="ts">
	import {
		type Craft,
		type Fibre,
		FIBRES,
		findWay,
		FOUND_LIMITS,
		foundId,
		type FoundLimits,
		limitsIn,
		limitsOf,
		PLAIN_CRAFT,
		ranked,
		recommend,
		searching,
	} from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { type Level, LEVELS } from '@pond-loop/core/skill';
	import type { Move } from '@pond-loop/core/handling';
	import { isTooWide } from '@pond-loop/core/look';
	import { perform } from '@pond-loop/core/made';
	import { onDestroy, type Snippet } from 'svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import { LookedFor } from './looked-for.svelte';
	import SearchLimits from './SearchLimits.svelte';

	interface Props {
		craft: Craft;
		crossing: Crossing;
		/** How moves of a way that a longer search found are kept. */
		keep?: Snippet<[readonly Move[]]> | undefined;
		way: string;
		style: HouseStyle;
		choose: (way: string) => void;
		/** The way that is walked beside it, and how to change that. */
		beside: string | undefined;
		compare: (beside: string | undefined) => void;
	}
	const { craft: given, crossing, keep, way, style, choose, beside, compare }: Props = $props();
	/** A stage may have taught ways alone at hand. */
	const craft = $derived(searching(given));
	const uid = $props.id();

	const usual = $derived(recommend(crossing, style));
	/** For whom a way is looked for. */
	let ranking = $state(false);
	let fibre = $state<Fibre>('wool');
	let level = $state<Level>('beginner');
	let many = $state(false);
	const order = $derived(ranking ? ranked(crossing, { fibre, level, many }) : []);
	// Limits that allow nothing stay to be changed, while the stage keeps showing what it can.
	let asked = $state<FoundLimits>();
	const limits = $derived(limitsIn(craft, asked ?? limitsOf(way) ?? FOUND_LIMITS));
	const plain = $derived(craft.id === PLAIN_CRAFT);
	/** What the hands hold: the search is for that. */
	const loops = $derived.by(() => {
		const taken = craft.takes(crossing, way);
		return taken.ok ? taken.value.loops : crossing;
	});
	/** Whether this craft searches too, on its own loops. */
	const searches = $derived(craft.ways.some((w) => w.id === 'found'));
	const looked = new LookedFor();
	onDestroy(() => looked.stop());
	const wanted = $derived({ crossing: loops, limits });
	const waits = $derived(searches && looked.waitsFor(wanted));
	$effect(() => {
		if (waits) looked.ask(wanted);
	});
	/** What the search found; undefined while it is looked for. */
	const found = $derived(waits ? undefined : findWay(loops, limits));
	/** Limits that were chosen: taken once it is known that something is found under them. */
	let picking = $state(false);
	$effect(() => {
		if (!picking || !found) return;
		picking = false;
		if (found.ok) choose(foundId(limits));
	});
	const compared = $derived(
		craft.ways.flatMap((w) => {
			if (w.id === 'found' && waits) return [];
			const id = w.id === 'found' ? foundId(limits) : w.id;
			const done = perform(craft, crossing, id);
			return done.ok
				? [{ id, title: w.title, counts: done.value.tally, twists: done.value.deviation !== undefined }]
				: [];
		}),
	);
	/** A way that was searched for and takes no fewer moves than a taught one says nothing new. */
	const listed = $derived(
		compared.filter(
			(w) =>
				w.id === way ||
				!limitsOf(w.id) ||
				!compared.some(
					(o) => !limitsOf(o.id) && !o.twists && o.counts.moves <= w.counts.moves && o.counts.tools <= w.counts.tools,
				),
		),
	);
	const fewest = $derived(Math.min(...compared.map((w) => w.counts.moves)));
</script>

{#snippet group(title: string, these: typeof compared)}
	{#if these.length > 0}
		<h2 class="mt-4 font-serif text-[1.15rem] font-semibold first:mt-0">{title}</h2>
		<ul class="mt-1">
			{#each these as { id, title, counts, twists } (id)}
				<li class="border-base-300 border-t first:border-t-0">
					<label
						class={[
							'relative flex min-h-10 cursor-pointer items-center justify-between gap-3 rounded-lg px-3 py-1.5 has-focus-visible:outline-2',
							id === way ? 'bg-base-200 font-bold' : 'hover:bg-base-200/60',
						]}
					>
						<input
							type="radio"
							class="absolute inset-0 m-0 cursor-pointer opacity-0"
							name="{uid}-way"
							value={id}
							checked={id === way}
							onchange={() => choose(id)}
						/>
						<span
							>{title}{#if isTooWide(style, crossing, id)}<span class="text-warning block text-sm font-normal"
									>over your limit of {style.withoutHolderUpTo} sts</span
								>{:else if twists}<span class="text-warning block text-sm font-normal">twists a stitch for good</span
								>{/if}</span
						>
						<span class="shrink-0" data-testid="moves">{counts.moves}{id === way ? ' moves' : ''}</span>
					</label>
				</li>
			{/each}
		</ul>
	{/if}
{/snippet}

<fieldset class="min-w-0">
	<legend class="sr-only">Ways to work it</legend>
	{#if craft.isHanded}
		{@render group(
			'With a cable needle',
			listed.filter((w) => w.counts.tools > 0),
		)}
		{@render group(
			'Without a cable needle',
			listed.filter((w) => w.counts.tools === 0),
		)}
	{:else}
		{@render group('Ways to work it', listed)}
	{/if}
	{#if compared.length > 1 || searches || plain}
		<Fold id="ways" title="Compare" class="mt-3 text-[0.94rem]">
			{#if compared.length > 1}<p class="mt-3 flex items-baseline gap-x-2">
					<label class="lead shrink-0" for="{uid}-beside">Compare with</label>
					<select
						id="{uid}-beside"
						class="field min-w-0 grow py-0"
						value={compared.some((w) => w.id === beside) ? beside : ''}
						onchange={(e) => compare(e.currentTarget.value || undefined)}
					>
						<option value="">nothing</option>
						{#each compared.filter((w) => w.id !== way) as { id, title } (id)}<option value={id}>{title}</option>{/each}
					</select>
				</p>
				<table class="mt-2 w-full">
					<thead>
						<tr class="text-neutral text-sm">
							<th class="sr-only" scope="col">Way</th>
							<th class="px-1 text-right font-normal" scope="col">moves</th>
							<th class="px-1 text-right font-normal" scope="col">loose loops</th>
						</tr>
					</thead>
					<tbody>
						{#each compared as { id, title, counts } (id)}
							<tr class={['border-base-300 border-t', id === way && 'font-bold']}>
								<th scope="row" class={['text-left', id === way ? 'font-bold' : 'font-normal']}>{title}</th>
								<td class={['px-1 text-right', counts.moves === fewest && 'text-success font-bold']}>{counts.moves}</td>
								<td class="px-1 text-right">{counts.mostLoose}</td>
							</tr>
						{/each}
					</tbody>
				</table>{/if}
			{#if searches}
				<SearchLimits
					crossing={loops}
					{keep}
					{limits}
					mayHangLoose={!craft.holdsAll}
					{found}
					choose={(changed) => {
						asked = changed;
						picking = true;
					}}
				/>
			{/if}
			{#if plain}
				<p class="quiet mt-2 text-[0.94rem]" data-testid="because">{usual.because}</p>
				<details class="mt-2 text-[0.94rem]" bind:open={ranking}>
					<summary class="wordlink w-fit list-none">Which way for this yarn and class?</summary>
					<div class="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
						<label
							><span class="sr-only">Yarn</span>
							<select class="field py-0" bind:value={fibre}>
								{#each FIBRES as id (id)}<option value={id}>{id}</option>{/each}
							</select></label
						>
						<label
							><span class="sr-only">Level</span>
							<select class="field py-0" bind:value={level}>
								{#each LEVELS as id (id)}<option value={id}>{id}</option>{/each}
							</select></label
						>
						<label class="flex items-center gap-2"
							><input type="checkbox" class="accent-secondary" bind:checked={many} /> many in a row</label
						>
					</div>
					<ol class="mt-2 list-decimal pl-5" data-testid="ranked">
						{#each order.slice(0, 3) as one, nth (nth)}
							<li class="py-1">
								<button type="button" class="wordlink" onclick={() => choose(one.way)}>{one.title}</button>
								<span class="quiet block">{one.because}</span>
							</li>
						{/each}
					</ol>
					<p class="quiet">An estimate from the number of moves and loose loops.</p>
				</details>
			{/if}
		</Fold>
	{/if}
</fieldset>
