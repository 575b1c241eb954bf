<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import printerIcon from 'lucide-static/icons/printer.svg?raw';
	import { DEMONSTRATIONS, HANDS_SAID } from '@pond-loop/core/craft';
	import { LANGUAGE_TITLES, ROW_LANGUAGE_IDS } from '@pond-loop/core/language';
	import { cablesShown, sheetsFor, sheetsSaid } from '@pond-loop/core/lesson';
	import { SCHOOLS, WRITTEN_SCHOOLS } from '@pond-loop/core/notation';
	import HandoutLink from '$lib/files/HandoutLink.svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import Bar from './Bar.svelte';
	import { isTooMany, MOST_COPIES } from './copies';
	import type { HandoutData } from './data';
	import { type PagesState, pagesDrawn } from './pages-drawn';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	const { data }: { data: HandoutData } = $props();
	const lesson = $derived(data.opened.lesson);
	let paper = $state('A4');
	let large = $state(false);
	let colour = $state(false);
	let hands = $state('');
	let school = $state('');
	/** The language in which rows stand once more. */
	let beside = $state('');
	/** Who gets one: one to copy, everybody in the room, or each of a class by name. */
	let whom = $state('');
	/** A class and the first of its people, from 0, as the list above has them: `id` or `id 40`. */
	const ofClass = (chosen: string): Record<string, string> => {
		const [id = '', from = '0'] = chosen.split(' ');
		return { class: id, from };
	};
	/** People of a class from the one at `from` on that one file holds, such as ` (41 to 52)`; nothing for all of them. */
	const range = (people: number, from: number): string =>
		people > MOST_COPIES ? ` (${from + 1} to ${Math.min(people, from + MOST_COPIES)})` : '';
	const room = $derived(sheetsFor(lesson.plan, data.style));
	const isFull = $derived(isTooMany(room));
	const isOne = $derived(whom === '');
	const cables = $derived(cablesShown(lesson, data.style));
	/** Steps whose cables stay off the paper. */
	let left = $state<readonly number[]>([]);
	const isLeft = (steps: readonly number[]): boolean => steps.every((n) => left.includes(n));
	const toggle = (steps: readonly number[]): void => {
		left = isLeft(steps) ? left.filter((n) => !steps.includes(n)) : [...left, ...steps];
	};
	const wanted = $derived(lesson.steps.flatMap((_, i) => (left.includes(i + 1) ? [] : [i + 1])));
	const asked = $derived(
		new URLSearchParams({
			one: 'yes',
			paper,
			colour: colour ? 'yes' : 'no',
			...(school ? { school } : {}),
			...(beside ? { beside } : {}),
			...(isOne && large ? { large: 'yes' } : {}),
			...(isOne && hands ? { hands } : {}),
			...(whom === 'room' ? { room: 'yes' } : isOne ? {} : ofClass(whom)),
			...(left.length > 0 ? { steps: wanted.join('.') || '0' } : {}),
		}),
	);
	const hasRows = $derived(lesson.steps.some((step) => step.kind === 'swatch'));

	/** A page's width by its height, in whole points. */
	const shape = $derived(paper === 'A4' ? 596 / 842 : 612 / 792);

	let now = $state.raw<PagesState>({ kind: 'making' });
	$effect(() => {
		const own = new AbortController();
		void pagesDrawn(`/lessons/${data.opened.id}/handout?${asked}`, (state) => (now = state), own.signal);
		return () => own.abort();
	});
	const isInPart = $derived(now.kind === 'drawn' && now.copies < now.of);
	$effect(() => {
		const { address } = now.kind === 'drawn' ? now : {};
		return () => address && URL.revokeObjectURL(address);
	});
</script>

<Bar>
	{#snippet actions()}
		{#if !isInPart}
			<button type="button" class="pill pill-strong" disabled={now.kind !== 'drawn'} onclick={() => window.print()}
				><Icon svg={printerIcon} class="size-5" /> Print</button
			>
		{/if}
		<HandoutLink href="/lessons/{data.opened.id}/handout?{asked}">As PDF</HandoutLink>
	{/snippet}
	<select class="field py-0" aria-label="Who gets one" bind:value={whom}>
		<option value="">one, to copy</option>
		{#if room.length > 0}<option value="room"
				>{isFull ? 'one of each kind, to copy' : 'the room'}: {sheetsSaid(room, data.style)}</option
			>{/if}
		{#each data.classes as { id, title, people } (id)}
			{#each { length: Math.ceil(people / MOST_COPIES) }, part}
				{@const from = part * MOST_COPIES}
				<option value="{id} {from}">each of {title}, by name{range(people, from)}</option>
			{/each}
		{/each}
	</select>
	{#if isOne}
		<select class="field py-0" aria-label="Hands" bind:value={hands}>
			<option value="">hands as in Settings</option>
			{#each DEMONSTRATIONS as one, nth (nth)}<option value={one}>{HANDS_SAID[one]}</option>{/each}
		</select>
		<label class="flex cursor-pointer items-center gap-2"
			><input type="checkbox" class="accent-secondary size-5" bind:checked={large} /> large print</label
		>
	{/if}
	<Fold id="paper" title={say('Paper, colour, names, language')} class="min-w-0">
		<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
			<select class="field py-0" aria-label="Paper" bind:value={paper}
				><option value="A4">A4</option><option value="LETTER">Letter</option></select
			>
			<label class="flex cursor-pointer items-center gap-2"
				><input type="checkbox" class="accent-secondary size-5" bind:checked={colour} /> {say('in colour')}</label
			>
			<select class="field py-0" aria-label="Names" bind:value={school}>
				<option value="">names as in the lesson</option>
				{#each WRITTEN_SCHOOLS as id (id)}<option value={id}>{SCHOOLS[id].title}</option>{/each}
			</select>
			<select class="field py-0" aria-label="Rows" bind:value={beside}>
				<option value="">{isOne || whom === 'room' ? 'rows in English' : 'rows as each person has it'}</option>
				{#each ROW_LANGUAGE_IDS as id (id)}<option value={id}>and in {LANGUAGE_TITLES[id]}</option>{/each}
			</select>
		</div>
	</Fold>
	{#if cables.length > 1}
		<fieldset class="flex flex-wrap items-center gap-x-5 gap-y-1">
			<legend class="float-left mr-4">A page for</legend>
			{#each cables as { title, steps }, nth (nth)}
				<label class="flex cursor-pointer items-center gap-2"
					><input
						type="checkbox"
						class="accent-secondary size-5"
						checked={!isLeft(steps)}
						onchange={() => toggle(steps)}
					/> <span class="name">{title}</span></label
				>
			{/each}
		</fieldset>
	{/if}
</Bar>
{#if !hasRows && lesson.steps.length > 0}
	<p class="px-4 pb-2 sm:px-6 print:hidden" role="status">
		This lesson has no rows. Add a swatch to the lesson to print its rows.
	</p>
{/if}

<main id="main" data-theme="day" aria-busy={now.kind === 'making'} class="pb-8 print:p-0">
	<h1 class="sr-only">{lesson.title}: one page</h1>
	{#if now.kind === 'making'}
		<p class="sheet-page mx-auto bg-white p-10 text-center text-black print:hidden" role="status">
			Drawing the pages …
		</p>
	{:else if now.kind === 'failed'}
		<p class="text-error mx-6 font-semibold" role="alert">{now.why}</p>
	{:else if now.pages === 0}
		<p class="sheet-page mx-auto bg-white p-10 text-black">
			This lesson has no cable yet. Go back and add a crossing or a swatch.
		</p>
	{:else}
		{@const { address, pages, copies, of } = now}
		{#if isInPart}
			<p class="mx-auto max-w-[46rem] px-4 py-3 print:hidden" role="status">
				You see the first {copies} of {of} people. The PDF has them all: save it, and print it from there.
			</p>
		{/if}
		{#each { length: pages }, i}
			<div
				class={['sheet-page mx-auto mb-4 overflow-hidden bg-white', paper === 'A4' ? 'a4' : 'letter']}
				style:aspect-ratio={shape}
			>
				<img
					src={address}
					alt="{lesson.title}, page {i + 1} of {pages}"
					style:width="100%"
					style:margin-top="-{(i * 100) / shape}%"
				/>
			</div>
		{/each}
		<p class="mx-auto max-w-[46rem] px-4 text-sm print:hidden">
			The PDF has the same pages, with text for screen readers.
		</p>
	{/if}
</main>

<style>
	@page one-a4 {
		margin: 0;
		size: A4;
	}
	@page one-letter {
		margin: 0;
		size: letter;
	}
	.sheet-page {
		aspect-ratio: 210 / 297;
		width: min(46rem, 100% - 1rem);
	}
	img {
		max-width: none;
	}
	@media print {
		.sheet-page {
			break-after: page;
			break-inside: avoid;
			margin: 0;
			width: 100%;
		}
		.sheet-page:last-of-type {
			break-after: auto;
		}
		.a4 {
			page: one-a4;
		}
		.letter {
			page: one-letter;
		}
	}
</style>
