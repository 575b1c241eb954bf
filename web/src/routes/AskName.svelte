<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowRightIcon from 'lucide-static/icons/arrow-right.svg?raw';
	import { craftSpeaking } from '@pond-loop/core/craft';
	import { readGlossary, type StatedSchool, whatIs, wordsFor } from '@pond-loop/core/notation';
	import ForeignTyped from '$lib/find/ForeignTyped.svelte';
	import PatternFound from '$lib/swatch/PatternFound.svelte';
	import Facts from '$lib/stage/Facts.svelte';
	import { shownIn } from '@pond-loop/core/look';
	import Anatomy from '$lib/name/Anatomy.svelte';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';
	import Places from '$lib/find/Places.svelte';
	import AskSchool from '$lib/name/AskSchool.svelte';
	import type { PageLight } from '$lib/ui/light';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		style: HouseStyle;
		light: PageLight;
		/** Whether whoever asks is signed in. */
		teacher: boolean;
		/** Whether they said what their patterns mean by names that are read in two ways. */
		isSchoolChosen: boolean;
	}
	const { style, light, teacher, isSchoolChosen }: Props = $props();

	let text = $state('');
	// svelte-ignore state_referenced_locally
	let school = $state<StatedSchool>(style.school);
	const glossary = $derived(readGlossary(style.glossary));
	/** Lines that were pasted; what is typed then is not looked at until it changes. */
	let pattern = $state<string>();
	const what = $derived(whatIs(glossary, pattern ?? text, school));
	const reading = $derived(what.kind === 'rows' ? undefined : what.reading);
	/** Everyday words, and no abbreviation: then the whole app is searched. */
	const isWords = $derived(/[a-z]{4}/i.test(text) && !/\d/.test(text));
	/** As it was when the page was opened: what is chosen now stays to be seen. */
	// svelte-ignore state_referenced_locally
	const isAsked = !isSchoolChosen;
	const words = $derived(reading?.ok ? wordsFor(shownIn(style, reading.crossing).fabric) : undefined);
</script>

<form class="mt-6" method="get" action="/stage">
	<NameField
		bind:text
		bind:school
		large
		label="A cable from your pattern, or any word"
		onchange={() => (pattern = undefined)}
		onpattern={(pasted) => {
			pattern = pasted;
			text = '';
		}}
	/>
	<p class="quiet mt-1 text-[0.94rem]">
		You can also paste a sentence, a row or a whole pattern, or
		<a class="wordlink" href="/crossings?symbol">find it by its chart symbol</a>.
	</p>
	{#if reading?.ok}
		<input type="hidden" name="craft" value={craftSpeaking(text)} />
		<p class="mt-4">
			<button class="pill pill-strong">Show me how <Icon svg={arrowRightIcon} class="size-5" /></button>
		</p>
	{/if}
</form>
<div class="mt-8" aria-live="polite">
	{#if what.kind === 'rows'}
		{@const { rows } = what}
		{#snippet found()}<PatternFound text={pattern ?? text} {rows} {school} {teacher} />{/snippet}
		{#if rows.problems.length === 0}{@render found()}
		{:else}<ForeignTyped text={pattern ?? text} otherwise={found} />{/if}
	{:else if reading?.ok}
		<h2 class="mb-4 text-2xl">
			{#if what.kind === 'name'}<span class="name mr-2 text-[1.2em]">{text.trim()}</span>{/if}{words?.title}
		</h2>
		{#if isAsked && what.kind === 'name'}
			<AskSchool {reading} {text} {light} {style} readIn={(other) => (school = other)} />
		{/if}
		<div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
			<div><Facts crossing={reading.crossing} {light} {style} /></div>
			<div>
				{#if what.kind === 'sentence'}
					<h3 class="lead mb-2 font-sans">As worked</h3>
					{#if what.reading.meanings.length > 1}<p>
							It can mean more than one thing. “Show me how” shows them all.
						</p>{/if}
					{#if what.reading.past.length > 0}<p class="quiet">
							Left out: {what.reading.past.map((p) => `“${p}”`).join(', ')}.
						</p>{/if}
				{:else}
					<h3 class="lead mb-2 font-sans">What each part means</h3>
					<Anatomy parts={reading.parts} />
				{/if}
				{#if reading.elsewhere.length > 0}
					<p class="quiet mt-2 text-[0.94rem]">
						In some patterns: {reading.elsewhere.map((m) => m.differs).join('; ')}.
					</p>
				{/if}
			</div>
		</div>
	{:else if reading && !reading.ok}
		{#if isWords}
			{#await import('$lib/find/places') then { placesFor }}
				{@const places = placesFor(text)}
				{#if places.length > 0}
					<h2 class="mb-2 text-2xl">Found for “{text.trim()}”</h2>
					<Places {places} />
				{:else}
					<h2 class="mb-2 text-2xl">Nothing found for “{text.trim()}”</h2>
					<p>Try a cable such as C4F, or a word such as {say('tension')}.</p>
				{/if}
			{/await}
		{:else}
			{#snippet notRead()}
				<NotRead
					{reading}
					{light}
					{style}
					choose={(close) => {
						text = close.name;
						school = close.school;
					}}
					readIn={(other) => (school = other)}
				/>
			{/snippet}
			{#if reading && text.length > 3}<ForeignTyped {text} otherwise={notRead} />{:else}{@render notRead()}{/if}
		{/if}
	{/if}
</div>
