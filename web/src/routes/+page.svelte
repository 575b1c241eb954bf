<script lang="ts">
	import ArrowRight from '@lucide/svelte/icons/arrow-right';
	import { craftSpeaking } from '@pond-loop/core/craft';
	import { readGlossary, type StatedSchool, whatIs, wordsFor } from '@pond-loop/core/notation';
	import Begin from '$lib/account/Begin.svelte';
	import PatternFound from '$lib/swatch/PatternFound.svelte';
	import LessonList from '$lib/lesson/LessonList.svelte';
	import Facts from '$lib/stage/Facts.svelte';
	import { shownIn } from '@pond-loop/core/look';
	import DemoDoor from '$lib/account/DemoDoor.svelte';
	import Anatomy from '$lib/name/Anatomy.svelte';
	import { addressOf } from '$lib/choices/address';
	import { goesOn } from '$lib/ui/path-state.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';
	import OtherReadings from '$lib/name/OtherReadings.svelte';

	const { data } = $props();
	const light = useLight();

	let text = $state('');
	// svelte-ignore state_referenced_locally
	let school = $state<StatedSchool>(data.style.school);
	const glossary = $derived(readGlossary(data.style.glossary));
	/** Lines that were pasted; what is typed then is not looked at until it changes. */
	let pattern = $state<string>();
	const what = $derived(whatIs(glossary, pattern ?? text, school));
	const reading = $derived(what.kind === 'rows' ? undefined : what.reading);
	goesOn(() => (reading?.ok ? { hands: addressOf({ text, school, craft: craftSpeaking(text) }) } : {}));
	const words = $derived(reading?.ok ? wordsFor(shownIn(data.style, reading.crossing).fabric) : undefined);
</script>

<svelte:head><title>{data.teacher ? 'Tonight · Pond Loop' : 'Pond Loop'}</title></svelte:head>

<div class="grid grid-cols-1 gap-x-14 gap-y-10 xl:grid-cols-[minmax(0,1fr)_19rem]">
	<div>
		{#if data.teacher}
			<h1 class="text-4xl">Tonight</h1>
		{:else}
			<h1 class="text-4xl">Every crossing, before class</h1>
			<p class="mt-2 max-w-xl">
				Pond Loop is for teachers of cable crossings: it says what a name means, shows how the hands do it, and keeps
				your lessons. Try a name.
			</p>
		{/if}
		<form class="mt-6" method="get" action="/stage">
			<NameField
				bind:text
				bind:school
				large
				label="A crossing, as the pattern names it"
				onchange={() => (pattern = undefined)}
				onpattern={(pasted) => {
					pattern = pasted;
					text = '';
				}}
			/>
			<p class="quiet mt-1 text-[0.94rem]">
				A name, a sentence, a row or a whole pattern; or
				<a class="wordlink" href="/crossings?symbol">a symbol of a printed chart</a>.
			</p>
			{#if reading?.ok}
				<input type="hidden" name="craft" value={craftSpeaking(text)} />
				<p class="mt-4">
					<button class="pill pill-strong">Take it to the stage <ArrowRight class="size-5" /></button>
				</p>
			{/if}
		</form>
		<div class="mt-8" aria-live="polite">
			{#if what.kind === 'rows'}
				<PatternFound
					text={pattern ?? text}
					rows={what.rows}
					{school}
					teacher={data.teacher !== null && data.teacher !== undefined}
				/>
			{:else if reading?.ok}
				<h2 class="mb-4 text-2xl">{words?.title}</h2>
				<div class="grid grid-cols-1 gap-8 lg:grid-cols-2">
					<div><Facts crossing={reading.crossing} light={light.now} style={data.style} /></div>
					<div>
						{#if what.kind === 'sentence'}
							<h3 class="lead mb-2 font-sans">A sentence, run on the simulator</h3>
							{#if what.reading.meanings.length > 1}<p>
									It leaves something open; the stage shows all that it may mean.
								</p>{/if}
							{#if what.reading.past.length > 0}<p class="quiet">
									Read past: {what.reading.past.map((p) => `“${p}”`).join(', ')}.
								</p>{/if}
						{:else}
							<h3 class="lead mb-2 font-sans">The name, taken apart</h3>
							<Anatomy parts={reading.parts} />
						{/if}
						<OtherReadings {reading} {text} readIn={(other) => (school = other)} />
					</div>
				</div>
			{:else if reading && !reading.ok}
				<NotRead
					{reading}
					light={light.now}
					style={data.style}
					choose={(close) => {
						text = close.name;
						school = close.school;
					}}
					readIn={(other) => (school = other)}
				/>
			{/if}
		</div>
	</div>
	{#if data.teacher}
		<aside aria-labelledby={data.lessons.length > 0 ? 'recent' : 'begin-title'}>
			{#if data.lessons.length > 0}
				<h2 id="recent" class="text-2xl">Your lessons</h2>
				<LessonList lessons={data.lessons} light={light.now} style={data.style} glance={2} />
			{:else}
				<Begin demo={data.copied} template={data.first} />
			{/if}
			<p class="mt-4 flex flex-wrap gap-x-6 gap-y-2">
				<a class="wordlink" href="/lessons"
					>{data.lessons.length > 0 ? 'All lessons, and a new one' : 'All that a lesson may begin with'}</a
				>
				<a class="wordlink" href={addressOf({})}>To the stage</a>
			</p>
		</aside>
	{:else}
		<aside class="border-base-300 xl:border-l xl:pl-8" aria-labelledby="teachers">
			<h2 id="teachers" class="text-2xl">For teachers</h2>
			<p class="mt-2">Lessons, sheets for paper and your own house style are kept for you alone.</p>
			{#if data.demo}
				<div class="mt-4"><DemoDoor /></div>
				<p class="quiet mt-2 text-[0.94rem]">The demo is an invented evening class; look round in it.</p>
			{/if}
			<p class="mt-4 flex flex-wrap gap-3">
				<a class="pill {data.demo ? 'pill-soft' : 'pill-strong'}" href="/sign-in">Sign in</a>
				<a class="pill pill-soft" href="/sign-up">Sign up</a>
			</p>
		</aside>
	{/if}
</div>
