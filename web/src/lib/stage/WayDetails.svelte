<script lang="ts">
	import { type Craft, type Deviation, difficulty, type Taken } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { Tally } from '@pond-loop/core/handling';
	import { wayOf } from '@pond-loop/core/look';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		craft: Craft;
		crossing: Crossing;
		/** What the crossing is to the craft. */
		taken: Taken;
		way: string;
		counts: Tally;
		deviation: Deviation | undefined;
	}
	const { craft, crossing, taken, way, counts, deviation }: Props = $props();

	const about = $derived(wayOf(way, craft));
	/** What is really used: a way that was found need not take all that it may. */
	const hands = $derived({ way, ...(craft.isHanded ? { holders: counts.tools } : {}) });
	const wool = $derived(difficulty(crossing, hands));
	const cotton = $derived(difficulty(crossing, { ...hands, fibre: 'cotton' }));
	const many = (count: number, one: string, more: string): string => `${count} ${count === 1 ? one : more}`;
</script>

<section aria-labelledby="this-way">
	<h2 id="this-way" class="lead mb-1 font-sans">{about.title}</h2>
	<p class="text-[0.94rem]">{about.when}</p>
	{#if deviation}<p class="text-warning mt-1 text-[0.94rem] font-semibold" data-testid="deviation">
			{deviation.says}
		</p>{/if}
	<dl class="mt-2 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-0.5 text-[0.94rem]">
		<dt class="quiet">Makes</dt>
		<dd>{about.applies}</dd>
		<dt class="quiet">Needs</dt>
		<dd>{about.needs}</dd>
		<dt class="quiet">Counts</dt>
		<dd data-testid="counts">
			stitches change places {many(counts.transfers, 'time', 'times')};
			{counts.mostLoose === 0
				? 'nothing hangs loose'
				: `${many(counts.mostLoose, 'loop hangs', 'loops hang')} loose at most, for ${many(counts.looseMoves, 'move', 'moves')} added up`}{#if counts.yarnShifts > 0};
				the yarn goes between the needles {many(counts.yarnShifts, 'time', 'times')}{/if}
			<details class="quiet">
				<summary class="wordlink w-fit list-none">Exactly</summary>
				{counts.moves} moves, {counts.transfers} transfers, {Number(counts.transfersPerStitch.toFixed(2))} for each stitch;
				loose loops times moves {counts.looseMoves}{#if craft.isHanded}; yarn shifts {counts.yarnShifts}{/if}; tools {counts.tools}
			</details>
		</dd>
		<dt class="quiet">Strain</dt>
		<dd data-testid="difficulty">
			{#if taken.stretch}<strong>Pulled to {taken.stretch.times.toFixed(1)} times its length</strong> where it is
				longest; up to {taken.stretch.most.toFixed(1)} goes in wool
				<span class="quiet">(assumed)</span>
			{:else}<strong>{wool.verdict}</strong> in wool ({wool.strain.toFixed(2)}), {cotton.verdict} in cotton or linen ({cotton.strain.toFixed(
					2,
				)}): {wool.because.join('; ')}
				<span class="quiet"
					>({say('assumed: average tension, twice as many rows since as stitches gone sideways')})</span
				>{/if}
		</dd>
		{#if wool.hands.because.length > 0}
			<dt class="quiet">Hands</dt>
			<dd data-testid="on-hands">{wool.hands.because.join('; ')}</dd>
		{/if}
	</dl>
	{#if about.caution}<p class="mt-2 text-[0.94rem]">{about.caution}</p>{/if}
</section>
