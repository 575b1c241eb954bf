<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import undo2Icon from 'lucide-static/icons/undo-2.svg?raw';
	import { placeName } from '@pond-loop/core/craft';
	import { cellOf, gaugeIn } from '@pond-loop/core/fabric';
	import { reckonedLength } from '@pond-loop/core/measure';
	import { lengthToldIn, materialOf, swatchShown } from '@pond-loop/core/swatch';
	import { Newest } from '$lib/save/newest.svelte';
	import { savePlace } from '$lib/swatch/swatch-requests';
	import AgainFromRowOne from '$lib/swatch/AgainFromRowOne.svelte';
	import Needles from '$lib/swatch/Needles.svelte';
	import WhereAmI from '$lib/swatch/WhereAmI.svelte';
	import { keepScreenAwake } from '$lib/ui/screen-awake';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	keepScreenAwake();
	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const shown = swatchShown(data.opened.swatch, data.style);
	const { worked } = shown;
	const last = worked.rows.length;

	// svelte-ignore state_referenced_locally
	let place = $state(Math.min(data.place, last));
	const kept = new Newest((now: number) => savePlace(data.opened.id, now));
	function go(to: number): void {
		place = Math.max(0, Math.min(last, to));
		kept.put(place);
	}

	// svelte-ignore state_referenced_locally
	const material = materialOf(data.opened.swatch.size, data.yarns);
	/** As it is measured with the work in hand. */
	const rowCm = cellOf(gaugeIn(material.gauge, 'off', material.sizes)).h;
	/** As long as the rows say, or as all of them come out. */
	const wholeCm = lengthToldIn(shown.checked) ?? last * rowCm;
	const long = $derived(
		`about ${reckonedLength(place * rowCm, data.style.units)} of ${reckonedLength(wholeCm, data.style.units)}${material.from === 'assumed' ? ', assumed' : ''}`,
	);
</script>

<svelte:head><title>{data.opened.swatch.title} · {placeName(worked.craft)}</title></svelte:head>

<main class="mx-auto flex min-h-screen max-w-5xl flex-col px-5 py-4" id="main">
	<header class="flex items-center gap-4">
		<a class="pill pill-soft" href="/swatches/{data.opened.id}"><Icon svg={arrowLeftIcon} class="size-5" /> Pattern</a>
		<h1 class="min-w-0 grow truncate text-2xl" dir="auto">{data.opened.swatch.title}</h1>
		<IconButton label="One row back" hint="One row back (↓)" disabled={place === 0} onclick={() => go(place - 1)}
			><Icon svg={undo2Icon} class="size-6" /></IconButton
		>
	</header>
	{#if last === 0}
		<p class="mt-10">This swatch has no rows yet. Add them on the Pattern tab first.</p>
	{:else}
		<div class="mt-5">
			<Needles {shown} {place} light={light.now} style={data.style} {go} />
		</div>
		<div class="under-thumb mt-5">
			<button
				type="button"
				class="pill pill-strong min-h-16 w-full text-2xl"
				disabled={place === last}
				onclick={() => go(place + 1)}>Row finished</button
			>
		</div>
		<div class="mt-4 flex flex-wrap items-center gap-x-8 gap-y-4">
			<WhereAmI {shown} {go} />
			{#if place === last}<AgainFromRowOne {worked} of="swatch {data.opened.id}" again={() => go(0)} />{/if}
		</div>
		<p class="quiet mt-3 text-[0.94rem]" data-testid="how-long">
			{long}. <a class="wordlink" href="/swatches/{data.opened.id}/size">Its size</a>
		</p>
		<p class="text-error mt-2 min-h-[1lh] font-semibold" role="status">{kept.trouble ?? ''}</p>
		<p class="quiet mt-auto pt-3 text-[0.94rem]">
			Rest hands and neck every 20 to 30 minutes. Stop at pain or numbness, and see a clinician if it lasts.
		</p>
	{/if}
</main>

<style>
	/* However long a row is, it is finished by a press at the same place. */
	.under-thumb {
		background: var(--color-base-100);
		bottom: 0;
		padding-block: 0.5rem;
		position: sticky;
		z-index: 5;
	}
</style>
