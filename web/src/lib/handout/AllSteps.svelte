<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import printerIcon from 'lucide-static/icons/printer.svg?raw';
	import { placesOf, sectionsOf, sheetsFor, sheetsSaid } from '@pond-loop/core/lesson';
	import { LANGUAGE_TITLES, languageOf, ROW_LANGUAGE_IDS } from '@pond-loop/core/language';
	import { SCHOOLS, WRITTEN_SCHOOLS } from '@pond-loop/core/notation';
	import { craftOf, DEMONSTRATIONS, HANDS_SAID } from '@pond-loop/core/craft';
	import HandoutLink from '$lib/files/HandoutLink.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { Portions } from '$lib/ui/portions.svelte';
	import { sectionSheet } from '$lib/lesson/lazy-sheet-parts';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import Bar from './Bar.svelte';
	import type { HandoutData } from './data';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	const { data }: { data: HandoutData } = $props();
	const lesson = $derived(data.opened.lesson);
	const sheets = $derived(sheetsFor(lesson.plan, data.style));
	const portions = new Portions(() => lesson.steps.length);
	let colour = $state(false);
	let paper = $state('A4');
	let large = $state('no');
	let hands = $state('');
	let school = $state('');
	/** Where its readers work; for all of the room when empty. */
	let at = $state('');
	const places = $derived(placesOf(lesson.plan));
	/** The language in which rows stand once more; none when empty. */
	let beside = $state('');
	const language = $derived(ROW_LANGUAGE_IDS.find((id) => id === beside));
	const hasRows = $derived(lesson.steps.some((step) => step.kind === 'swatch'));
	let words = $state(true);
	let mistakes = $state(true);
	/** Steps that stay off the paper, by id. */
	let left = $state<readonly string[]>([]);
	const isLeft = (id: string): boolean => left.includes(id);
	const toggle = (id: string): void => {
		left = isLeft(id) ? left.filter((l) => l !== id) : [...left, id];
	};
	const chosen = $derived(lesson.steps.filter((s) => !isLeft(s.id)));
	const sections = $derived(
		sectionsOf(lesson, data.style, {
			hands: DEMONSTRATIONS.find((h) => h === hands),
			at: places.find((p) => p === at),
			school: WRITTEN_SCHOOLS.find((id) => id === school),
			beside: language && languageOf(language),
			words,
			mistakes,
		}),
	);
	const asked = $derived(
		new URLSearchParams({
			paper,
			large,
			colour: colour ? 'yes' : 'no',
			...(hands ? { hands } : {}),
			...(school ? { school } : {}),
			...(at ? { at } : {}),
			...(beside ? { beside } : {}),
			...(words ? {} : { words: 'no' }),
			...(mistakes ? {} : { mistakes: 'no' }),
			...(left.length > 0 && chosen.length > 0
				? { steps: lesson.steps.flatMap((s, i) => (isLeft(s.id) ? [] : [i + 1])).join('.') }
				: {}),
		}),
	);
</script>

<Bar>
	{#snippet actions()}
		<button type="button" class="pill pill-strong" onclick={() => window.print()}
			><Icon svg={printerIcon} class="size-5" /> Print</button
		>
		<HandoutLink href="/lessons/{data.opened.id}/handout?{asked}">As PDF</HandoutLink>
	{/snippet}
	<label class="flex cursor-pointer items-center gap-2"
		><input type="checkbox" class="accent-secondary size-5" bind:checked={colour} /> {say('in colour')}</label
	>
	<label class="flex cursor-pointer items-center gap-2"
		><input type="checkbox" class="accent-secondary size-5" bind:checked={mistakes} /> common mistakes</label
	>
	<label class="flex cursor-pointer items-center gap-2"
		><input type="checkbox" class="accent-secondary size-5" bind:checked={words} /> words used</label
	>
	<select class="field py-0" aria-label="Paper" bind:value={paper}
		><option value="A4">A4</option><option value="LETTER">Letter</option></select
	>
	<select class="field py-0" aria-label="Print" bind:value={large}
		><option value="no">ordinary print</option><option value="yes">large print</option></select
	>
	<select class="field py-0" aria-label="Hands" bind:value={hands}>
		<option value="">as in Settings</option>
		{#each DEMONSTRATIONS as one, nth (nth)}<option value={one}>{HANDS_SAID[one]}</option>{/each}
	</select>
	<select class="field py-0" aria-label="Names" bind:value={school}>
		<option value="">all names</option>
		{#each WRITTEN_SCHOOLS as id (id)}<option value={id}>{SCHOOLS[id].title}</option>{/each}
	</select>
	{#if hasRows}
		<select class="field py-0" aria-label="Rows" bind:value={beside}>
			<option value="">rows in English</option>
			{#each ROW_LANGUAGE_IDS as id (id)}<option value={id}>and in {LANGUAGE_TITLES[id]}</option>{/each}
		</select>
	{/if}
	{#if places.length > 1}
		<select class="field py-0" aria-label="For whom" bind:value={at}>
			<option value="">for the whole room</option>
			{#each places as id (id)}<option value={id}>{craftOf(id).place.toLowerCase()}</option>{/each}
		</select>
	{/if}
	{#if sheets.length > 1}
		<HandoutLink href="/lessons/{data.opened.id}/handout?{asked}&room=yes"
			>For the room: {sheetsSaid(sheets, data.style)}</HandoutLink
		>
	{/if}
</Bar>
{#if data.unset.length > 0}
	<p class="border-warning mx-6 mb-3 border-l-4 pl-3 print:hidden" role="status">
		The PDF has no letters for {data.unset.slice(0, 12).join(' ')}{data.unset.length > 12 ? ' and others' : ''}: an
		empty square replaces them. “Print” prints this page as you see it.
	</p>
{/if}
<!-- Paper is light, whatever light the page around it is in. -->
<main
	data-theme="day"
	class={[
		'sheet mx-auto max-w-[46rem] bg-white px-10 py-9 text-black print:max-w-none print:p-0',
		large === 'yes' && 'large',
		paper === 'LETTER' ? 'on-letter' : 'on-a4',
	]}
>
	<h1 class="border-b-2 border-black pb-2 text-3xl wrap-anywhere" dir="auto">{lesson.title}</h1>
	{#if lesson.steps.length === 0}
		<p class="mt-6">This handout is empty. Go back to the lesson and add a crossing.</p>
	{/if}
	<ol>
		{#each sections.filter((s) => s.step) as section, i (section.id)}
			<li
				class={[
					'relative break-inside-avoid-page border-b border-neutral-400 py-5',
					isLeft(section.id) && 'max-h-16 overflow-hidden opacity-45 print:hidden',
				]}
			>
				<label class="absolute top-5 right-0 flex cursor-pointer items-center gap-2 text-sm print:hidden"
					><input
						type="checkbox"
						class="accent-secondary size-5"
						checked={!isLeft(section.id)}
						onchange={() => toggle(section.id)}
					/>
					on paper<span class="sr-only">: step {section.number}</span></label
				>
				{#if portions.has(i)}<LazyPart
						part={sectionSheet}
						when="idle"
						given={{ section, light: colour ? 'day' : 'print' }}
					/>
				{:else}<h2 class="text-2xl wrap-anywhere">{section.title}</h2>{/if}
			</li>
		{/each}
	</ol>
	{#each sections.filter((s) => !s.step) as section (section.id)}
		<div class="border-b border-neutral-400 py-4 last:border-0">
			<LazyPart part={sectionSheet} when="idle" given={{ section, light: colour ? 'day' : 'print' }} />
		</div>
	{/each}
	{#each data.codes as { title, says, address, drawing }, nth (nth)}
		<section class="break-inside-avoid border-t border-neutral-400 py-5" aria-label={title}>
			<h2 class="text-2xl">{title}</h2>
			<p class="mt-1">{says}</p>
			<div class="mt-3 w-40"><Drawing {drawing} /></div>
			<p class="mt-1 text-sm break-all">{address}</p>
		</section>
	{/each}
</main>

<style>
	@page {
		margin: 16mm 15mm;
	}
	@page a4 {
		margin: 16mm 15mm;
		size: A4;
	}
	@page letter {
		margin: 16mm 15mm;
		size: letter;
	}
	.on-a4 {
		page: a4;
	}
	.on-letter {
		page: letter;
	}
	/* Everything grows with its letters, pictures too. */
	.large {
		zoom: 1.5;
	}
</style>
