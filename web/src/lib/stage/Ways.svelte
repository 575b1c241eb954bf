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
	const fewest = $derived(Math.min(...compared.map((w) => w.counts.moves)));
</script>

<fieldset>
	<legend class="lead">Ways to do it</legend>
	<table class="mt-1 w-full text-[0.92rem]">
		<thead>
			<tr class="text-neutral text-sm">
				<th class="sr-only" scope="col">Way</th>
				<th class="px-1 text-right font-normal" scope="col">moves</th>
				<th class="px-1 text-right font-normal" scope="col" title="The most loops on no tool at once">loose</th>
				<th class="pl-1 text-right font-normal" scope="col" title="Holders needed">tools</th>
			</tr>
		</thead>
		<tbody>
			{#each compared as { id, title, counts, twists } (id)}
				<tr class={['border-base-300 border-t', id === way && 'font-bold']}>
					<th scope="row" class={['text-left', id === way ? 'font-bold' : 'font-normal']}>
						<label class="flex cursor-pointer items-center gap-2 py-0.5">
							<input
								type="radio"
								class="accent-secondary size-4 shrink-0"
								name="{uid}-way"
								value={id}
								checked={id === way}
								onchange={() => choose(id)}
							/>
							<span
								>{title}{#if plain && id === usual.way}<span class="quiet block text-sm font-normal"
										>your house style</span
									>{:else if isTooWide(style, crossing, id)}<span class="text-warning block text-sm font-normal"
										>wider than {style.withoutHolderUpTo}, your most</span
									>{:else if twists}<span class="text-warning block text-sm font-normal">twists a stitch for good</span
									>{/if}</span
							>
						</label>
					</th>
					<td class={['px-1 text-right', counts.moves === fewest && 'text-success font-bold']}>{counts.moves}</td>
					<td class="px-1 text-right">{counts.mostLoose}</td>
					<td class="pl-1 text-right">{counts.tools}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="mt-2 flex items-baseline gap-x-2 text-[0.94rem]">
		<label class="lead shrink-0" for="{uid}-beside">Beside it</label>
		<select
			id="{uid}-beside"
			class="field min-w-0 grow py-0"
			value={compared.some((w) => w.id === beside) ? beside : ''}
			onchange={(e) => compare(e.currentTarget.value || undefined)}
		>
			<option value="">one way only</option>
			{#each compared.filter((w) => w.id !== way) as { id, title } (id)}<option value={id}>{title}</option>{/each}
		</select>
	</p>
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
			<summary class="wordlink w-fit list-none">Which way for this yarn and this class?</summary>
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
			<p class="quiet">Weighed from counts of the model; the weights are assumed.</p>
		</details>
	{/if}
</fieldset>
