<!-- @component What the strands of a swatch take up, and how tight they are. -->
<script lang="ts">
	import { isTight, rowsUntil, strainOf, strainVerdict, TENSIONS_OF_HAND } from '@pond-loop/core/fabric';
	import { crossedSaid, strainSaid, type SwatchSize } from '@pond-loop/core/swatch';
	import type { PageLight } from '$lib/ui/light';
	import { useEnglish } from '$lib/words/english';
	import type { SizeModel } from './size-model.svelte';
	import StrainCurve from './StrainCurve.svelte';

	interface Props {
		model: SizeModel;
		/** Of the swatch. */
		id: string;
		together: SwatchSize['together'];
		light: PageLight;
	}
	const { model, id, together, light }: Props = $props();
	const say = useEnglish();
	const { gauge, pulled, layer, material } = $derived(model.fabric);
	const { gauge: measured, fibre } = $derived(material);
	let curves = $state(false);
	const STEPS = [2, 4, 6, 8, 10, 12];
</script>

<table class="mt-4 w-full text-[0.94rem]">
	<caption class="lead text-left">Strands: what they take up, and how tight they are</caption>
	<thead>
		<tr class="quiet text-right text-sm">
			<th class="text-left font-normal" scope="col">Strand</th>
			<th class="font-normal" scope="col">crossed</th>
			<th class="font-normal" scope="col">takes up</th>
			<th class="font-normal" scope="col">to knit</th>
		</tr>
	</thead>
	<tbody>
		{#each model.groups as one, nth (nth)}
			<tr class="border-base-300 border-t text-right">
				<th class="py-0.5 text-left" scope="row">{one.letters}</th>
				<td>{crossedSaid(one)}</td>
				<td>
					{one.takeUp === undefined
						? 'no background beside it'
						: measured.of === 'pattern'
							? say('in the tension')
							: `${Math.max(0, Math.round((1 - one.takeUp) * 100))} %`}
				</td>
				<td class={isTight(one.verdict) ? 'text-warning font-bold' : 'font-semibold'}>{strainSaid(one)}</td>
			</tr>
		{/each}
	</tbody>
</table>
<p class="mt-2 text-[0.94rem]">
	For a tight, an average and a loose knitter:
	{#each model.groups as one, i (i)}{i > 0 ? '; ' : ''}<strong>{one.letters}</strong>
		{#each TENSIONS_OF_HAND as tension, k (k)}{k > 0 ? ', ' : ''}{strainVerdict(
				strainOf({
					travel: one.travel,
					rows: one.since,
					gauge,
					...(fibre ? { fibre } : {}),
					tension,
				}),
			)}{/each}{/each}.
</p>
<p class="mt-2 text-[0.94rem]">
	<a class="wordlink" href="/swatches/{id}/beside">Lay another swatch beside it</a>
</p>
<details class="mt-3 text-[0.94rem]" bind:open={curves}>
	<summary class="wordlink w-fit list-none">Details: tight or loose, by rows between crossings</summary>
	{#if curves}
		<StrainCurve {together} {gauge} {pulled} {light} colours={layer.cords.cords.map((c) => c.colour)} />
		<p class="quiet">
			Strain is how far the crossed stitches are pulled. A large point shows this pattern. As numbers:
		</p>
	{/if}
	<div class="relative mt-2 overflow-x-auto" role="region" aria-label="Strain by rows between crossings" tabindex="-1">
		<table class="min-w-full text-right">
			<thead>
				<tr
					><th class="text-left font-normal" scope="col">Rows between</th>{#each STEPS as rows, nth (nth)}<th
							class="px-2 font-normal"
							scope="col">{rows}</th
						>{/each}<th class="pl-3 text-left font-normal" scope="col">snug from</th></tr
				>
			</thead>
			<tbody>
				{#each model.groups as one, nth (nth)}
					{@const snug = rowsUntil('snug', { travel: one.travel, gauge, ...pulled })}
					<tr class="border-base-300 border-t">
						<th class="text-left" scope="row">{one.letters}</th>
						{#each STEPS as rows, nth (nth)}
							{@const strain = strainOf({ travel: one.travel, rows, gauge, ...pulled })}
							<td class="px-2" title={strainVerdict(strain)}
								>{strain.toFixed(2)}<span class="quiet block text-xs">{strainVerdict(strain)}</span></td
							>
						{/each}
						<td class="pl-3 text-left">{snug === undefined ? 'never, in this yarn' : `${snug} rows`}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</details>
