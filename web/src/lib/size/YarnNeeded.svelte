<!-- @component Yarn for one, and balls for all. -->
<script lang="ts">
	import { useEnglish } from '$lib/words/english';
	import NumberField from './NumberField.svelte';
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
				{balls.forEach === 1 ? 'One ball' : `${balls.forEach} balls`} each, {balls.ownForAll} for {Math.max(
					1,
					people ?? 1,
				)}; wound off for the class, {balls.woundForAll}.
			{/if}
		</p>
	{/if}
	<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[0.94rem]">
		<NumberField
			wide
			min="20"
			max="3000"
			value={metresIn100g}
			tell={(n) => model.tell({ metresIn100g: n }, 'metres')}
			aria-label={say('Metres in 100 grams')}
			after="m in 100 g"
		/>
		<NumberField
			min="5"
			max="1000"
			value={ballGrams}
			tell={(n) => model.tell({ ballGrams: n }, 'ball')}
			aria-label="Grams of a ball"
			after="g a ball"
		/>
		<NumberField
			min="1"
			max="200"
			value={model.people}
			tell={(n) => (model.people = n)}
			aria-label="People"
			before="for"
			after="people"
		/>
	</div>
	<p class="quiet mt-1 text-[0.94rem]">
		{say('Estimated from plain stocking stitch. Crossings take a little more.')}
	</p>
</section>
