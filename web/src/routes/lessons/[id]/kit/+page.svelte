<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { amount, kitFor, kitTable } from '@pond-loop/core/lesson';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import { csvFile } from '$lib/files/table';
	import { download, fileName } from '$lib/files/download';

	const { data } = $props();
	const lesson = $derived(data.opened.lesson);
	const items = $derived(kitFor(lesson, data.style));
	const csv = (): void => download(fileName(`${lesson.title} to bring`, 'csv'), csvFile(kitTable(items)));
</script>

<svelte:head><title>{lesson.title} · materials list</title></svelte:head>

<div class="max-w-3xl">
	<p class="print:hidden">
		<a class="pill pill-soft" href="/lessons/{data.opened.id}"
			><Icon svg={arrowLeftIcon} class="size-5" /> Back to the lesson</a
		>
	</p>
	<h1 class="mt-4 text-4xl">Materials list</h1>
	<p class="quiet mt-1 wrap-anywhere">
		{lesson.title}, for {lesson.plan.learners}
		{lesson.plan.learners === 1 ? 'learner' : 'learners'}, with some to spare
	</p>
	{#if items.length === 0}
		<p class="border-base-300 mt-6 border-y py-8 text-center">Nothing yet. Add steps to the lesson to get a list.</p>
	{:else}
		<table class="mt-5 w-full text-left" data-testid="kit">
			<thead
				><tr class="lead"
					><th class="pr-3 pb-1"><span class="sr-only">Packed</span></th><th class="pb-1">What</th><th
						class="pb-1 text-right">Each</th
					><th class="pb-1 text-right">All</th></tr
				></thead
			>
			<tbody>
				{#each items as item, nth (nth)}
					<tr class="border-base-300 border-t align-top">
						<td class="py-2 pr-3"
							><input type="checkbox" class="accent-secondary size-5" aria-label="Packed: {item.what}" /></td
						>
						<td class="py-2"
							>{item.what}{#if item.because}<span class="quiet block text-[0.94rem]">{item.because}</span>{/if}</td
						>
						<td class="py-2 pl-4 text-right whitespace-nowrap">{item.each ? amount(item.each, item.unit) : 'shared'}</td
						>
						<td class="py-2 pl-4 text-right font-semibold whitespace-nowrap">{amount(item.all, item.unit)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<p class="mt-4 flex gap-x-6 print:hidden">
			<button type="button" class="wordlink" onclick={() => window.print()}>Print</button><button
				type="button"
				class="wordlink"
				onclick={csv}>As CSV</button
			>
		</p>
		<p class="quiet mt-5 text-[0.94rem]">
			Ask about fibre allergies before you hand out yarn. Pins, hooks and needle tips are sharp. Keep small parts away
			from children.
		</p>
	{/if}
</div>
