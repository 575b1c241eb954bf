<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import printerIcon from 'lucide-static/icons/printer.svg?raw';
	import type { Block } from '@pond-loop/core/block';
	import {
		type CraftId,
		craftOf,
		type Demonstration,
		DEMONSTRATIONS,
		HANDS_SAID,
		placeName,
		PLAIN_CRAFT,
	} from '@pond-loop/core/craft';
	import { sectionsOf } from '@pond-loop/core/lesson';
	import { crossingsOf, isFor, stepAt, stepTitle } from '@pond-loop/core/step';
	import { practiceAddress } from '$lib/practice/address';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { setPicturesAt } from '$lib/picture/at';
	import { byHandAddress, isTriedByHand } from '$lib/hands/by-hand';
	import { addressOf } from '$lib/choices/address';
	import { sectionSheet } from '$lib/lesson/lazy-sheet-parts';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { stageOf } from '$lib/lesson/stage-of';
	import FollowRows from '$lib/swatch/FollowRows.svelte';
	import { Portions } from '$lib/ui/portions.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	const { data } = $props();
	setPicturesAt(() => `/shared/${page.params.token}/pictures`);
	const { lesson, style, by, at } = $derived(data);
	const sections = $derived(sectionsOf(lesson, style, { words: true, mistakes: true, at, also: data.places }));
	const practice = $derived(practiceAddress(crossingsOf(lesson.steps), style.school));
	/** This page for other hands, or for another tool. */
	const addressFor = (to: {
		hands?: Demonstration;
		at?: CraftId | undefined;
		view?: 'rows' | 'steps';
		of?: string;
	}): string => {
		const { hands, at: place, view, of } = { hands: style.demonstrates, at, view: data.view, of: data.of, ...to };
		return `?${new URLSearchParams({
			hands,
			...(place ? { at: place } : {}),
			...(view === 'rows' ? { view } : {}),
			...(view === 'rows' && of ? { of } : {}),
		})}`;
	};
	/** Steps whose rows can be followed. */
	const patterns = $derived(
		sections.flatMap((section) => {
			const made = section.step && stepAt(section.step, at, style);
			return made?.kind === 'swatch' && isFor(made, at ?? PLAIN_CRAFT) ? [{ section, title: made.swatch.title }] : [];
		}),
	);
	const followed = $derived(
		data.view === 'rows' ? (patterns.find(({ section }) => section.id === data.of) ?? patterns[0]) : undefined,
	);
	const chartOf = (blocks: readonly Block[]): Block<'chart'> | undefined =>
		blocks.find((block): block is Block<'chart'> => block.kind === 'chart');
	const isByHand = $derived(at === undefined || craftOf(at).isHanded);
	const portions = new Portions(() => lesson.steps.length);
</script>

<svelte:head>
	<title>{lesson.title}</title>
	<meta name="robots" content="noindex, nofollow" />
</svelte:head>

<div class="bg-base-200 min-h-screen print:bg-white">
	<header class="mx-auto max-w-[46rem] px-4 py-2 print:hidden">
		<nav aria-label="This lesson" class="flex flex-wrap items-center gap-1">
			{#if patterns.length > 0}
				<a
					class={['pill', followed ? 'bg-base-100' : 'pill-soft']}
					aria-current={followed ? 'page' : undefined}
					href={addressFor({ view: 'rows' })}>Rows</a
				>
			{/if}
			<a
				class={['pill', followed ? 'pill-soft' : 'bg-base-100']}
				aria-current={followed ? undefined : 'page'}
				href={addressFor({ view: 'steps' })}>Steps</a
			>
			{#if practice}<a class="pill pill-soft" href={practice}>{say('Practise')}</a>{/if}
			<button type="button" class="pill pill-soft ml-auto max-sm:hidden" onclick={() => window.print()}
				><Icon svg={printerIcon} class="size-5" /> Print</button
			>
		</nav>
		<div class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1 px-2 text-[0.94rem]">
			<p class="wrap-anywhere">A lesson of <strong>{by}</strong></p>
			{#if isByHand}
				<label class="flex items-center gap-2"
					>Hands
					<select
						class="field max-w-[11rem] py-0"
						aria-label="Hands"
						value={style.demonstrates}
						onchange={(e) =>
							void goto(addressFor({ hands: e.currentTarget.value as Demonstration }), { noScroll: true })}
					>
						{#each DEMONSTRATIONS as hands, nth (nth)}<option value={hands}>{HANDS_SAID[hands]}</option>{/each}
					</select></label
				>
			{/if}
			{#if data.places.length > 1}
				<label class="flex items-center gap-2"
					>Tool
					<select
						class="field max-w-[11rem] py-0"
						aria-label="Tool"
						value={at ?? ''}
						onchange={(e) =>
							void goto(addressFor({ at: (e.currentTarget.value || undefined) as CraftId | undefined }), {
								noScroll: true,
							})}
					>
						<option value="">the whole room</option>
						{#each data.places as place, nth (nth)}<option value={place}>{placeName(place)}</option>{/each}
					</select></label
				>
			{/if}
		</div>
	</header>
	<main
		data-theme="day"
		class="sheet mx-auto max-w-[46rem] bg-white px-6 py-8 text-black sm:px-10 print:max-w-none print:p-0"
		id="main"
	>
		<h1 class={['border-b-2 border-black pb-2 wrap-anywhere', followed ? 'text-xl' : 'text-3xl']} dir="auto">
			{lesson.title}
		</h1>
		{#if followed}
			{@const block = chartOf(followed.section.blocks())}
			{#if patterns.length > 1}
				<nav aria-label="Rows of" class="mt-2 flex flex-wrap gap-x-5">
					{#each patterns as { section, title } (section.id)}
						<a
							class={['wordlink', section === followed.section && 'font-bold']}
							aria-current={section === followed.section ? 'page' : undefined}
							href={addressFor({ of: section.id })}>{title}</a
						>
					{/each}
				</nav>
			{:else}<h2 class="mt-2 text-lg wrap-anywhere">{followed.title}</h2>{/if}
			{#if block}
				{#key followed.section.id}
					<FollowRows {block} place="{data.token}-{followed.section.id}" light="day" {style} width={640} isOpen />
				{/key}
			{/if}
		{:else}
			{#if lesson.steps.length === 0}<p class="mt-6">There is nothing in this lesson yet.</p>{/if}
			<ol>
				{#each sections.filter((s) => s.step) as section, i (section.id)}
					{@const made = section.step && stepAt(section.step, at, style)}
					<li class="break-inside-avoid-page border-b border-neutral-400 py-5">
						{#snippet chart(block: Block<'chart'>)}
							<FollowRows {block} place="{data.token}-{section.id}" light="day" {style} width={640} />
						{/snippet}
						{#if portions.has(i)}<LazyPart part={sectionSheet} when="idle" given={{ section, light: 'day', chart }} />
						{:else}<h2 class="text-2xl wrap-anywhere">{stepTitle(section.step!, style)}</h2>{/if}
						{#if made?.kind === 'crossing'}
							<p class="mt-3 print:hidden">
								<a class="wordlink" href={addressOf({ hands: style.demonstrates, ...stageOf(made) })}>Watch it</a
								>{#if isTriedByHand(craftOf(made.craft), made.crossing)}<a
										class="wordlink ml-5"
										href={byHandAddress({ hands: style.demonstrates, ...stageOf(made) })}>Try it with your own hands</a
									>{/if}
								<a class="wordlink ml-5" href={addressOf({ hands: style.demonstrates, ...stageOf(made) }, '/wrong')}
									>What went wrong?</a
								>
							</p>
						{/if}
					</li>
				{/each}
			</ol>
			{#each sections.filter((s) => !s.step) as section (section.id)}
				<div class="border-b border-neutral-400 py-4 last:border-0">
					<LazyPart part={sectionSheet} when="idle" given={{ section, light: 'day' }} />
				</div>
			{/each}
		{/if}
	</main>
</div>
