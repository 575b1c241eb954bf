<script lang="ts">
	import Printer from '@lucide/svelte/icons/printer';
	import type { Block } from '@pond-loop/core/block';
	import { type CraftId, craftOf, type Demonstration, DEMONSTRATIONS, HANDS_SAID } from '@pond-loop/core/craft';
	import { sectionsOf } from '@pond-loop/core/lesson';
	import { crossingsOf, stepAt, stepTitle } from '@pond-loop/core/step';
	import { practiceAddress } from '$lib/practice/address';
	import { page } from '$app/state';
	import { setPicturesAt } from '$lib/picture/at';
	import { byHandAddress, isTriedByHand } from '$lib/hands/by-hand';
	import { addressOf } from '$lib/choices/address';
	import { sectionSheet } from '$lib/lesson/sheet-parts';
	import Asleep from '$lib/ui/asleep/Asleep.svelte';
	import { stageOf } from '$lib/lesson/stage-of';
	import FollowRows from '$lib/swatch/FollowRows.svelte';
	import { Portions } from '$lib/ui/portions.svelte';

	const { data } = $props();
	setPicturesAt(() => `/shared/${page.params.token}/pictures`);
	const { lesson, style, by, at } = $derived(data);
	const sections = $derived(sectionsOf(lesson, style, { words: true, mistakes: true, at, also: data.places }));
	const practice = $derived(practiceAddress(crossingsOf(lesson.steps), style.school));
	/** This page for other hands, or for another tool. */
	const addressFor = (to: { hands?: Demonstration; at?: CraftId | undefined }): string => {
		const { hands, at: place } = { hands: style.demonstrates, at, ...to };
		return `?hands=${hands}${place ? `&at=${place}` : ''}`;
	};
	const isByHand = $derived(at === undefined || craftOf(at).isHanded);
	const portions = new Portions(() => lesson.steps.length);
</script>

<svelte:head>
	<title>{lesson.title}</title>
	<meta name="robots" content="noindex, nofollow" />
</svelte:head>

<div class="bg-base-200 min-h-screen print:bg-white">
	<header class="mx-auto flex max-w-[46rem] flex-wrap items-center gap-x-5 gap-y-2 px-4 py-4 print:hidden">
		<p class="grow basis-60 wrap-anywhere">A lesson of <strong>{by}</strong>, to read and to print.</p>
		<nav aria-label="Hands" class="flex flex-wrap gap-x-4 text-[0.94rem]">
			{#each isByHand ? DEMONSTRATIONS : [] as hands, nth (nth)}
				<a
					class="wordlink"
					aria-current={style.demonstrates === hands ? 'true' : undefined}
					class:font-bold={style.demonstrates === hands}
					href={addressFor({ hands })}
					data-sveltekit-noscroll>{HANDS_SAID[hands]}</a
				>
			{/each}
		</nav>
		{#if data.places.length > 1}
			<nav aria-label="Tool" class="flex flex-wrap gap-x-4 text-[0.94rem]">
				{#each [undefined, ...data.places] as place, nth (nth)}
					<a
						class="wordlink"
						aria-current={at === place ? 'true' : undefined}
						class:font-bold={at === place}
						href={addressFor({ at: place })}
						data-sveltekit-noscroll>{place ? craftOf(place).place : 'The whole room'}</a
					>
				{/each}
			</nav>
		{/if}
		{#if practice}<a class="pill pill-soft" href={practice}>Practise</a>{/if}
		<button type="button" class="pill pill-soft" onclick={() => window.print()}><Printer class="size-5" /> Print</button
		>
	</header>
	<main
		data-theme="day"
		class="sheet mx-auto max-w-[46rem] bg-white px-6 py-8 text-black sm:px-10 print:max-w-none print:p-0"
		id="main"
	>
		<h1 class="border-b-2 border-black pb-2 text-3xl wrap-anywhere" dir="auto">{lesson.title}</h1>
		{#if lesson.steps.length === 0}<p class="mt-6">There is nothing in this lesson yet.</p>{/if}
		<ol>
			{#each sections.filter((s) => s.step) as section, i (section.id)}
				{@const made = section.step && stepAt(section.step, at, style)}
				<li class="break-inside-avoid-page border-b border-neutral-400 py-5">
					{#snippet chart(block: Block<'chart'>)}
						<FollowRows {block} place="{data.token}-{section.id}" light="day" {style} width={640} />
					{/snippet}
					{#if portions.has(i)}<Asleep part={sectionSheet} when="idle" given={{ section, light: 'day', chart }} />
					{:else}<h2 class="text-2xl wrap-anywhere">{stepTitle(section.step!, style)}</h2>{/if}
					{#if made?.kind === 'crossing'}
						<p class="mt-3 print:hidden">
							<a class="wordlink" href={addressOf({ hands: style.demonstrates, ...stageOf(made) })}>Watch it</a
							>{#if isTriedByHand(craftOf(made.craft), made.crossing)}<a
									class="wordlink ml-5"
									href={byHandAddress({ hands: style.demonstrates, ...stageOf(made) })}>Try it with your own hands</a
								>{/if}
						</p>
					{/if}
				</li>
			{/each}
		</ol>
		{#each sections.filter((s) => !s.step) as section (section.id)}
			<div class="border-b border-neutral-400 py-4 last:border-0">
				<Asleep part={sectionSheet} when="idle" given={{ section, light: 'day' }} />
			</div>
		{/each}
	</main>
</div>
