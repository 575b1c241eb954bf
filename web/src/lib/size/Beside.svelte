<script lang="ts">
	import type { FabricState } from '@pond-loop/core/fabric';
	import type { HouseStyle, Yarn } from '@pond-loop/core/schema';
	import { goto } from '$app/navigation';
	import type { OpenedSwatch } from '$lib/swatch/keep';
	import type { PageLight } from '$lib/ui/light';
	import LaidOne from './LaidOne.svelte';
	import StateChoice from './StateChoice.svelte';

	interface Props {
		one: OpenedSwatch;
		two: OpenedSwatch | undefined;
		titles: readonly { readonly id: string; readonly title: string }[];
		style: HouseStyle;
		yarns: readonly Yarn[];
		light: PageLight;
	}
	/** Two swatches as they will lie, at one scale and in one state, each with what it measures. */
	const { one, two, titles, style, yarns, light }: Props = $props();
	let look = $state<FabricState>('dry');
	let room = $state(0);
	/** Centimetres that the picture of each is wide, once it is known how it lies. */
	let wide = $state<Record<string, number>>({});
	const all = $derived(two ? [one, two] : [one]);
	/** Points a centimetre at most, lest a small square be drawn larger than it is worth looking at. */
	const MOST_SCALE = 60;
	/** At one scale: as large as the wider of them has room for. */
	const scale = $derived(
		room > 0 && all.every((s) => wide[s.id])
			? Math.min(MOST_SCALE, room / Math.max(...all.map((s) => wide[s.id]!)))
			: undefined,
	);
	const others = $derived(titles.filter((t) => t.id !== one.id));
</script>

<svelte:head><title>{one.swatch.title} beside another · Pond Loop</title></svelte:head>

<h1 class="text-[1.8rem] leading-tight">Side by side</h1>
<div class="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 text-[0.97rem]">
	<label class="flex min-w-0 flex-wrap items-baseline gap-x-2"
		><span class="min-w-0"><span dir="auto">{one.swatch.title}</span> beside</span>
		<select
			class="field max-w-full min-w-0 py-0"
			value={two?.id ?? ''}
			onchange={(e) =>
				void goto(e.currentTarget.value === '' ? '?' : `?with=${e.currentTarget.value}`, {
					keepFocus: true,
					noScroll: true,
				})}
		>
			<option value="">choose a swatch</option>
			{#each others as { id, title } (id)}<option value={id}>{title}</option>{/each}
		</select></label
	>
	<StateChoice bind:look />
	<a class="wordlink" href="/swatches/{one.id}/size">Back to its size</a>
</div>
{#if others.length === 0}
	<p class="border-base-300 mt-6 border-y py-8">
		You have no other swatch yet. <a class="wordlink" href="/swatches/new">Make one</a>, e.g. the same rows in another
		yarn.
	</p>
{/if}
<div class="mt-4 grid grid-cols-[minmax(0,1fr)] items-start gap-x-8 gap-y-6 md:grid-cols-[repeat(2,minmax(0,1fr))]">
	{#each all as { id, swatch }, i (id)}
		<section class="min-w-0" aria-label={swatch.title} data-testid="laid">
			{#if i === 0}<div bind:clientWidth={room}></div>{/if}
			<LaidOne {id} {swatch} {style} {yarns} {light} {look} {scale} measured={(cm) => (wide[id] = cm)} />
		</section>
	{/each}
</div>
