<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import { page } from '$app/state';
	import AllSteps from '$lib/handout/AllSteps.svelte';
	import OnePage from '$lib/handout/OnePage.svelte';

	const { data } = $props();
	const isAll = $derived(page.url.searchParams.has('all'));
	const KINDS = [
		['One page', '', false],
		['All steps', 'all', true],
	] as const;
</script>

<svelte:head><title>{data.opened.lesson.title} · handout</title></svelte:head>

<div class="bg-base-200 min-h-screen print:bg-white">
	<header class="flex flex-wrap items-center gap-x-2 px-2 pt-1 sm:gap-x-4 sm:px-6 sm:pt-3 print:hidden">
		<a class="pill pill-soft max-sm:px-3" href="/lessons/{data.opened.id}"
			><Icon svg={arrowLeftIcon} class="size-5" /> <span class="max-sm:sr-only">Back to the lesson</span></a
		>
		<nav aria-label="Handout" class="flex gap-1">
			{#each KINDS as [title, query, all], nth (nth)}
				<a
					class={['pill', isAll === all ? 'bg-base-100 font-semibold' : 'pill-soft']}
					aria-current={isAll === all ? 'page' : undefined}
					href="?{query}">{title}</a
				>
			{/each}
		</nav>
	</header>
	{#if isAll}<AllSteps {data} />{:else}<OnePage {data} />{/if}
</div>
