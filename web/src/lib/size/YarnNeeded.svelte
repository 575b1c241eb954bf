<!-- @component Yarn for one, and balls for all. -->
<script lang="ts">
	import { useEnglish } from '$lib/words/english';
	import { numberIn } from './number-in';
	import type { SizeModel } from './size-model.svelte';

	interface Props {
		model: SizeModel;
	}
	const { model }: Props = $props();
	const uid = $props.id();
	const say = useEnglish();
	const { needed, balls, people } = $derived(model);
	const { metresIn100g, ballGrams } = $derived(model.fabric.material);
	const grams = $derived(needed?.grams);
</script>

<section aria-labelledby="{uid}-yarn" data-testid="yarn">
	<h2 id="{uid}-yarn" class="lead font-sans">Yarn</h2>
	{#if needed}
		<p>
			<strong>{Math.ceil(needed.metres)} m</strong> for one, with tails and 10 % extra{#if grams !== undefined}:
				{Math.ceil(grams)} g{/if}.
			{#if balls}
				{balls.forEach === 1 ? 'One ball' : `${balls.forEach} balls`} each, {balls.ownForAll} for {people}; wound off
				for the class, {balls.woundForAll}.
			{/if}
		</p>
	{/if}
	<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[0.94rem]">
		<label
			><input
				class="field w-20 py-0"
				type="number"
				min="20"
				max="3000"
				value={metresIn100g}
				oninput={(e) => model.tell({ metresIn100g: numberIn(e) }, 'metres')}
				aria-label={say('Metres in 100 grams')}
			/> m in 100 g</label
		>
		<label
			><input
				class="field w-16 py-0"
				type="number"
				min="5"
				max="1000"
				value={ballGrams}
				oninput={(e) => model.tell({ ballGrams: numberIn(e) }, 'ball')}
				aria-label="Grams of a ball"
			/> g a ball</label
		>
		<label
			>for <input
				class="field w-16 py-0"
				type="number"
				min="1"
				max="200"
				bind:value={model.people}
				aria-label="People"
			/> people</label
		>
	</div>
	<p class="quiet mt-1 text-[0.94rem]">
		{say('Estimated from plain stocking stitch. Crossings take a little more.')}
	</p>
</section>
