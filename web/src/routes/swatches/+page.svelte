<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import trash2Icon from 'lucide-static/icons/trash-2.svg?raw';
	import { stitches } from '@pond-loop/core/notation';
	import { Removal } from '$lib/save/removal.svelte';
	import RemovedNote from '$lib/save/RemovedNote.svelte';
	import { removeSwatch, restoreSwatch } from '$lib/swatch/swatch-requests';
	import { useLight } from '$lib/ui/light-state.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';

	const { data } = $props();
	const light = useLight();
	const removal = new Removal({ remove: removeSwatch, restore: restoreSwatch });
	const HIGH = 150;
</script>

<svelte:head><title>Swatches · Pond Loop</title></svelte:head>

<div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
	<h1 class="text-4xl">Swatches</h1>
	<p class="flex flex-wrap gap-3">
		<a class="pill pill-strong" href="/swatches/new">Make a practice swatch</a>
		<a class="pill pill-soft" href="/swatches/new?rows">Type a pattern</a>
	</p>
</div>
<div class="mt-3"><RemovedNote {removal} /></div>
{#if data.swatches.length === 0}
	<div class="border-base-300 mt-4 border-y py-8">
		<p class="mx-auto max-w-xl">
			No swatches yet. A swatch is a pattern to knit with your class, with its chart, size and row counter. Make a
			practice swatch, paste a pattern, or take
			<a class="wordlink" href="/stage">a crossing</a> and try it in a swatch.
		</p>
	</div>
{/if}
<ul class="mt-2 grid grid-cols-1 gap-x-8 gap-y-7 sm:grid-cols-2 xl:grid-cols-3" data-testid="swatches">
	{#each data.swatches as s (s.id)}
		<li class="relative min-w-0">
			<a href="/swatches/{s.id}" class="hover:bg-base-200 block rounded-2xl p-3">
				<span class="glance bg-base-200 block overflow-hidden rounded-xl">
					{#if s.swatch}<img
							class="max-w-none"
							src="/swatches/{s.id}/glance?version={s.version}&light={light.now}"
							alt=""
							height={HIGH}
							loading="lazy"
							decoding="async"
						/>{:else}<span class="quiet self-center px-4 text-center">cannot be read</span>{/if}
				</span>
				<span class="mt-2 block pr-10 font-serif text-xl leading-tight font-semibold wrap-anywhere">{s.title}</span>
				<span class="quiet block text-[0.94rem]">
					{#if s.swatch}
						{stitches(s.swatch.castOn)}, {s.swatch.shape === 'flat' ? 'flat' : 'in the round'}{s.facts
							? `, ${s.facts.rows} ${s.facts.rows === 1 ? 'row' : 'rows'}`
							: ''}{s.place > 0 ? `; ${s.place} finished` : ''}
					{:else}open it to fix or delete it{/if}
				</span>
				{#if s.facts && s.facts.troubles > 0}<span class="text-error block text-[0.94rem] font-semibold"
						>has a mistake</span
					>{/if}
			</a>
			<span class="absolute right-3 bottom-3">
				<IconButton quiet label="Remove {s.title}" hint="Remove" onclick={() => removal.remove(s.id)}
					><Icon svg={trash2Icon} class="size-5" /></IconButton
				>
			</span>
		</li>
	{/each}
</ul>

<style>
	.glance {
		display: flex;
		align-items: flex-start;
		height: 9.5rem;
		justify-content: center;
	}
</style>
