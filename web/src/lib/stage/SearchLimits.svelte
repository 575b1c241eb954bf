<script lang="ts">
	import { claimOf, type FoundLimits, liftWords, MOST_LOOSE } from '@pond-loop/core/craft';
	import { canonical, type Crossing } from '@pond-loop/core/crossing';
	import { type Found, isTransfer, type Move, SEARCH_AIMS, type SearchAim } from '@pond-loop/core/handling';
	import type { Snippet } from 'svelte';
	import LookFurther from './LookFurther.svelte';

	interface Props {
		/** What the hands hold. */
		crossing: Crossing;
		/** How moves of a better way are kept. */
		keep: Snippet<[readonly Move[]]> | undefined;
		limits: FoundLimits;
		/** What the search found under them; undefined while it is looked for. */
		/** Whether the craft lets loops hang loose at all. */
		mayHangLoose: boolean;
		found: Found | undefined;
		choose: (limits: FoundLimits) => void;
	}
	const { crossing, keep, limits, mayHangLoose, found, choose }: Props = $props();
	const uid = $props.id();

	const AIMS: Readonly<Record<SearchAim, string>> = {
		moves: 'moves',
		loose: 'loops hanging loose',
		yarn: 'turns of the yarn',
		tools: 'cable needles',
	};
	const count = (value: string): number => Number(value);
</script>

<details class="mt-2 text-[0.94rem]" data-testid="search">
	<summary class="wordlink inline-block list-none">Limits</summary>
	<div class="mt-2 grid grid-cols-3 gap-x-3">
		<label class="lead" for="{uid}-holders">Cable needles</label>
		<label class="lead" for="{uid}-loose">Loose loops</label>
		<label class="lead" for="{uid}-least">As few as possible</label>
		<select
			id="{uid}-holders"
			class="field"
			value={limits.holders}
			onchange={(e) => choose({ ...limits, holders: count(e.currentTarget.value) as 0 | 1 | 2 })}
		>
			{#each [0, 1, 2] as holders, nth (nth)}<option value={holders}>{holders || 'none'}</option>{/each}
		</select>
		<select
			id="{uid}-loose"
			class="field"
			disabled={!mayHangLoose}
			value={limits.loose}
			onchange={(e) => choose({ ...limits, loose: count(e.currentTarget.value) })}
		>
			{#each Array.from({ length: MOST_LOOSE + 1 }, (_, i) => i) as loose, nth (nth)}
				<option value={loose}>{loose || 'none'}</option>
			{/each}
		</select>
		<select
			id="{uid}-least"
			class="field"
			value={limits.least}
			onchange={(e) => choose({ ...limits, least: e.currentTarget.value as SearchAim })}
		>
			{#each SEARCH_AIMS as aim, nth (nth)}<option value={aim}>{AIMS[aim]}</option>{/each}
		</select>
	</div>
	<p class="mt-2" aria-live="polite" data-testid="search-says">
		{#if !found}
			Searching …
		{:else if found.ok}
			{claimOf(found)}
		{:else}
			<span class="text-error font-semibold">It can’t be worked within these limits.</span>
			{found.lift.map(liftWords).join(' Or: ')}
		{/if}
	</p>
	{#if found?.ok && found.claim !== 'best' && !found.byLoose}
		{#key `${canonical(crossing)} ${limits.holders} ${limits.loose} ${limits.least}`}
			<LookFurther {crossing} {keep} {limits} transfers={found.moves.filter(isTransfer).length} />
		{/key}
	{/if}
</details>
