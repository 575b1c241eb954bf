<script lang="ts">
	import { type Checked, checking, howItLies, materialOf } from '@pond-loop/core/swatch';
	import Turn from '$lib/space/Turn.svelte';
	import Looks from '$lib/swatch/Looks.svelte';
	import { inPieces } from '$lib/ui/in-pieces';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	const swatch = $derived(data.opened.swatch);
	/** Worked in the browser alone: nothing is drawn before. */
	let checked = $state.raw<Checked>();
	$effect(() => {
		let isPast = false;
		void inPieces(checking(swatch, data.style.glossary)).then(({ value }) => {
			if (!isPast) checked = value;
		});
		return () => (isPast = true);
	});
	const material = $derived(materialOf(swatch.size, data.yarns));
</script>

<svelte:head><title>{swatch.title} · 3D · Pond Loop</title></svelte:head>

<h1 class="min-w-0 text-[1.8rem] leading-tight" dir="auto">{swatch.title}</h1>
<Looks id={data.opened.id} now="turn" />
<div class="mt-5">
	{#if checked && checked.worked.rows.length === 0}
		<p class="border-base-300 border-y py-8">
			No rows yet. <a class="wordlink" href="/swatches/{data.opened.id}">Write or paste them</a> to see the yarn in 3D.
		</p>
	{:else if checked}
		<Turn
			{checked}
			gauge={material.gauge}
			how={howItLies(swatch.size, material, material.gauge.state, checked.worked)}
			light={light.now}
			label="The yarn of {swatch.title}: {checked.worked.castOn} stitches, {checked.worked.rows.length} rows."
			file={swatch.title}
		/>
	{:else}<p class="quiet">Drawing the yarn …</p>{/if}
</div>
