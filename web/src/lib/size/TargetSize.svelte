<!-- @component Cast-ons for a width, and repeats for a length. -->
<script lang="ts">
	import { STATE_WORDS } from '@pond-loop/core/fabric';
	import { reckonedLength, toCm } from '@pond-loop/core/measure';
	import NumberField from './NumberField.svelte';
	import type { SizeModel } from './size-model.svelte';

	interface Props {
		model: SizeModel;
	}
	const { model }: Props = $props();
	const uid = $props.id();
	const { swatch, look, unit, wide, long, multiple, widths, lengths, drying } = $derived(model);
	const { size, how, material } = $derived(model.fabric);
	const { gauge: measured } = $derived(material);
	const said = (cm: number): string => reckonedLength(cm, unit);
</script>

<section aria-labelledby="{uid}-wish">
	<h2 id="{uid}-wish" class="lead font-sans">Target size</h2>
	<div class="flex flex-wrap gap-x-6">
		<NumberField
			wide
			min="1"
			step="0.5"
			value={model.wide}
			tell={(n) => (model.wide = n)}
			aria-label="Wide, in {unit}"
			after="{unit} wide"
		/>
		<NumberField
			wide
			min="1"
			step="0.5"
			value={model.long}
			tell={(n) => (model.long = n)}
			aria-label="Long, in {unit}"
			after="{unit} long"
		/>
	</div>
	<div class="mt-1 text-[0.94rem]" aria-live="polite" data-testid="wishes">
		{#if wide}
			{#if widths}
				<ul>
					{#each [...new Map([widths.below, widths.above].map((w) => [w.castOn, w])).values()] as one, nth (nth)}
						<li class="border-base-300 flex items-baseline gap-x-3 border-t py-1">
							<strong class="grow">Cast on {one.castOn}</strong>
							{said(one.widthCm)}
							{#if one.repeats === widths.nearer}<strong>nearer</strong>{/if}
							{#if one.castOn === swatch.castOn}<span class="quiet">as it is</span>
							{:else}<button
									type="button"
									class="wordlink"
									aria-label="Use it: cast on {one.castOn}"
									onclick={() => model.use({ castOn: one.castOn })}>use it</button
								>{/if}
						</li>
					{/each}
				</ul>
				<p class="quiet">
					The pattern repeats over {multiple}
					{multiple === 1 ? 'stitch' : 'stitches'}.
				</p>
			{:else if how.pinned !== undefined}
				<p>Pinned out, it is as wide as you pin it. Choose another state to get a cast-on.</p>
			{:else if size}
				<p>
					These rows fit {swatch.castOn} stitches only. Add “*…; rep from *” to work them on more.
				</p>
			{/if}
		{/if}
		{#if long}
			{#if lengths}
				{@const { neighbours } = lengths}
				<ul>
					{#each [...new Map([neighbours.below, neighbours.above].map( (l) => [l.repeats, l] )).values()] as one, nth (nth)}
						<li class="border-base-300 flex items-baseline gap-x-3 border-t py-1">
							<strong class="grow"
								>{one.repeats} {one.repeats === 1 ? 'repeat' : 'repeats'} of {lengths.repeatRows} rows</strong
							>
							{said(one.lengthCm)}
							{#if one.repeats === neighbours.nearer}<strong>nearer</strong>{/if}
							{#if one.repeats > 0}<button
									type="button"
									class="wordlink"
									aria-label="Use it: {one.repeats} repeats"
									onclick={() => model.use({ text: lengths.textWith(one.repeats) })}>use it</button
								>{/if}
						</li>
					{/each}
				</ul>
			{:else}
				<p>
					The pattern doesn’t say which rows repeat. Add a line such as “Rep rows 5-12 3 times” to get repeats for a
					length.
				</p>
			{/if}
		{/if}
		{#if (wide || long) && look !== 'dry' && measured.state !== 'pinned'}
			<p class="quiet mt-1">
				{#if wide}To be {said(toCm(wide, unit))} wide {STATE_WORDS[look]}, it dries to about {said(
						toCm(wide, unit) * drying.across,
					)}{drying.squares === 0 ? ' (assumed)' : ''}.{/if}
			</p>
		{/if}
	</div>
</section>
