<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { perform } from '@pond-loop/core/craft';
	import {
		CHECK_WORDS,
		FINISH_WORDS,
		KIND_TITLES,
		minutesOf,
		noteOn,
		stepTitle,
		timeline,
	} from '@pond-loop/core/lesson';
	import { isBlank, isText } from '@pond-loop/core/schema';
	import { onMount } from 'svelte';
	import Compared from '$lib/lesson/Compared.svelte';
	import type { Camera } from '$lib/choices/camera';
	import { mistakeIn } from '$lib/lesson/stage-of';
	import NoteText from '$lib/note/NoteText.svelte';
	import Stage from '$lib/stage/Stage.svelte';
	import { craftIn, shownIn, wayOf } from '$lib/style/look';
	import Chart from '$lib/swatch/Chart.svelte';
	import { check } from '$lib/swatch/checked';
	import Needles from '$lib/swatch/Needles.svelte';
	import { inWriting } from '$lib/ui/keys';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	const lesson = $derived(data.opened.lesson);
	const time = $derived(timeline(lesson.steps, lesson.plan));

	/** Kept in the tab, so that a reload or a network that drops changes nothing. */
	const KEY = $derived(`pond-show-${data.opened.id}`);
	let at = $state(0);
	let began = $state<number>();
	let now = $state(0);
	let black = $state(false);
	let mounted = $state(false);
	let move = $state(0);
	let camera = $state<Camera>('front');
	/** Rows finished of the swatch that is shown, when it is shown row by row. */
	let rowsDone = $state<number>();
	const rowTo = (to: number): void => {
		rowsDone = Math.max(0, Math.min(swatch?.worked.rows.length ?? 0, to));
		keep();
	};

	onMount(() => {
		mounted = true;
		const kept: unknown = JSON.parse(sessionStorage.getItem(KEY) ?? 'null');
		if (kept instanceof Object && 'at' in kept && 'began' in kept) {
			at = Math.max(0, Math.min(lesson.steps.length - 1, Number(kept.at) || 0));
			began = typeof kept.began === 'number' ? kept.began : undefined;
			rowsDone = 'rowsDone' in kept && typeof kept.rowsDone === 'number' ? kept.rowsDone : undefined;
		}
		// Where the other window stands already.
		if (notes) hear(localStorage.getItem(KEY));
		now = Date.now();
		const clock = setInterval(() => (now = Date.now()), 1000);
		return () => clearInterval(clock);
	});
	const keep = (): void => {
		sessionStorage.setItem(KEY, JSON.stringify({ at, began, rowsDone }));
		// Notes in a second window follow.
		localStorage.setItem(KEY, JSON.stringify({ at, sent: Date.now() }));
	};
	function go(to: number): void {
		at = Math.max(0, Math.min(lesson.steps.length - 1, to));
		move = 0;
		rowsDone = undefined;
		black = false;
		began ??= Date.now();
		keep();
	}
	/** With `?notes`, this window shows what is written and follows the other one. */
	const notes = $derived(data.notes);
	function hear(text: string | null): void {
		const said: unknown = JSON.parse(text ?? 'null');
		if (said instanceof Object && 'at' in said)
			at = Math.max(0, Math.min(lesson.steps.length - 1, Number(said.at) || 0));
	}
	function follow(event: StorageEvent): void {
		if (notes && event.key === KEY) hear(event.newValue);
	}

	const step = $derived(lesson.steps[at]);
	const isKnitted = $derived(rowsDone !== undefined && step?.kind === 'swatch');
	const gone = $derived(began === undefined ? 0 : Math.max(0, (now - began) / 60_000));
	const due = $derived(time.starts[at] ?? 0);
	/** Minutes ahead of the plan, or behind it. */
	const behind = $derived(Math.round(gone - due - (step ? minutesOf(step, lesson.plan) : 0)));
	const clock = (minutes: number): string =>
		`${Math.floor(minutes)}:${String(Math.floor((minutes % 1) * 60)).padStart(2, '0')}`;

	const KEYS: Readonly<Record<string, () => void>> = {
		PageDown: () => go(at + 1),
		PageUp: () => go(at - 1),
		n: () => go(at + 1),
		b: () => (black = !black),
		'.': () => (black = !black),
		f: () =>
			void (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen()),
	};
	function onkeydown(event: KeyboardEvent): void {
		const act = KEYS[event.key];
		if (!act || inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		// The stage takes F for itself.
		if (event.key === 'f' && step?.kind === 'crossing') return;
		event.preventDefault();
		event.stopPropagation();
		act();
	}

	const craft = $derived(step?.kind === 'crossing' ? craftIn(data.style, step.craft) : undefined);
	const shown = $derived(step?.kind === 'crossing' ? shownIn(data.style, step.crossing, craft) : undefined);
	const done = $derived(
		step?.kind === 'crossing' && shown && craft ? perform(craft, shown.made, step.way, mistakeIn(step)) : undefined,
	);
	const onPurpose = $derived(
		step?.kind === 'crossing' ? craft?.mistakes.find((m) => m.id === step.view?.mistake) : undefined,
	);
	const swatch = $derived(step?.kind === 'swatch' ? check(step.swatch, data.style.glossary) : undefined);
</script>

<svelte:window {onkeydown} onstorage={follow} />
<svelte:head><title>{lesson.title} · shown</title></svelte:head>

<main class="show flex min-h-screen flex-col px-6 py-3 text-[1.25rem]" id="main" data-testid="show" data-step={at + 1}>
	{#if black}
		<button type="button" class="black" onclick={() => (black = false)} aria-label="Show again"></button>
	{/if}
	<header class="flex flex-wrap items-center gap-x-5 gap-y-1">
		<p class="text-[1rem]"><strong>{at + 1}</strong> of {lesson.steps.length}</p>
		<label class="min-w-0"
			><span class="sr-only">Jump to a step</span>
			<select
				class="field max-w-[22rem] py-0 text-[1rem]"
				value={at}
				onchange={(e) => go(Number(e.currentTarget.value))}
			>
				{#each lesson.steps as s, i (s.id)}<option value={i}>{i + 1}. {stepTitle(s)}</option>{/each}
			</select></label
		>
		<p class="text-[1rem]" data-testid="clock">
			{clock(gone)} of {lesson.plan.minutes}
			{#if began !== undefined && behind > 0}<span class="text-warning font-semibold">{behind} min behind</span>{/if}
		</p>
		<span class="ml-auto flex items-center gap-2 text-[1rem]">
			{#if !notes}<a class="wordlink" href="?notes" target="_blank" rel="noopener">Notes in a second window</a>{/if}
			<a class="iconbutton" href="/lessons/{data.opened.id}" aria-label="Back to the lesson" title="Back to the lesson"
				><X /></a
			>
		</span>
	</header>
	<div class="flex min-h-0 grow flex-col justify-center py-3">
		{#if !step}
			<p class="text-center">This lesson is empty. Add steps to it first.</p>
		{:else if notes}
			<h1 class="text-4xl">{stepTitle(step)}</h1>
			<div class="mt-6 text-3xl leading-snug" data-testid="notes">
				{#if isBlank(noteOn(step))}Nothing is written on this step.{:else}<NoteText note={noteOn(step)} />{/if}
			</div>
			{#if lesson.steps[at + 1]}<p class="quiet mt-8">Then: {stepTitle(lesson.steps[at + 1]!)}</p>{/if}
		{:else if step.kind === 'crossing' && shown && craft && done?.ok}
			<h1 class="mb-2 text-center text-4xl">
				{stepTitle(step)}
				{#if onPurpose}<span class="text-2xl" data-testid="on-purpose">({onPurpose.title})</span>{/if}
			</h1>
			{#key step.id}
				<div class="mx-auto w-full max-w-5xl">
					<Stage
						{craft}
						taken={done.value.taken}
						made={shown.made}
						trace={done.value.trace}
						title={wayOf(step.way, craft).title}
						light={light.now}
						style={data.style}
						bind:step={move}
						bind:camera
					/>
				</div>
			{/key}
		{:else}
			<p class="quiet text-center">{KIND_TITLES[step.kind]}</p>
			<h1 class="mb-4 text-center text-5xl break-words">{stepTitle(step)}</h1>
			{#if step.kind === 'compare'}
				<div class="flex justify-center"><Compared {step} light={light.now} style={data.style} width={260} /></div>
			{:else if step.kind === 'swatch' && swatch}
				<div class="mx-auto w-full max-w-5xl">
					<p class="mb-2 text-center">
						Cast on {step.swatch.castOn} ·
						{#if isKnitted}
							<button type="button" class="wordlink" onclick={() => (rowsDone = undefined)}>the whole chart</button>
						{:else}
							<button type="button" class="wordlink" onclick={() => rowTo(0)}>row by row, at the needles</button>
						{/if}
					</p>
					{#if isKnitted}
						{#key step.id}
							<Needles
								swatch={step.swatch}
								checked={swatch}
								place={rowsDone ?? 0}
								light={light.now}
								rowsShown={7}
								tools={{ number: data.style.bedNumber }}
								go={rowTo}
							/>
						{/key}
						<p class="mt-2 flex flex-wrap justify-center gap-3">
							<button
								type="button"
								class="pill pill-soft"
								disabled={!rowsDone}
								onclick={() => rowTo((rowsDone ?? 0) - 1)}>One row back</button
							>
							<button
								type="button"
								class="pill pill-strong"
								disabled={rowsDone === swatch.worked.rows.length}
								onclick={() => rowTo((rowsDone ?? 0) + 1)}>Row finished</button
							>
						</p>
					{:else if mounted}<Chart
							worked={swatch.worked}
							cords={swatch.cords}
							light={light.now}
							rowsShown={14}
							zoom={swatch.worked.widest > 36 ? 1 : 1.25}
							label="Chart of {step.swatch.title}"
						/>{/if}
				</div>
			{:else if step.kind === 'check'}
				<ul class="mx-auto max-w-3xl text-3xl leading-snug">
					{#each step.checks as c (c)}<li class="py-2">{CHECK_WORDS[c]}</li>{/each}
				</ul>
			{:else if step.kind === 'finish'}
				<ul class="mx-auto max-w-4xl text-2xl leading-snug">
					{#each step.parts as p (p)}<li class="py-2">{FINISH_WORDS[p]}</li>{/each}
				</ul>
			{:else if isText(step)}
				<div class="said-large"><NoteText note={step.text} /></div>
			{:else if step.kind === 'rest'}
				<div class="said-large">
					{#if isBlank(step.note)}Needles down. Shake out the hands, and look at something far away.{:else}<NoteText
							note={step.note}
						/>{/if}
				</div>
			{/if}
		{/if}
	</div>
	<footer class="flex items-center justify-between gap-4 text-[1rem]">
		<button type="button" class="pill pill-soft" disabled={at === 0} onclick={() => go(at - 1)}>Back</button>
		<span class="quiet hidden sm:inline"
			><kbd class="kbd-small">Page ↓</kbd> on, <kbd class="kbd-small">B</kbd> black, <kbd class="kbd-small">F</kbd> full screen</span
		>
		<button type="button" class="pill pill-strong" disabled={at >= lesson.steps.length - 1} onclick={() => go(at + 1)}
			>Next</button
		>
	</footer>
</main>

<style>
	/* The caption and the moves stay in view under the picture. */
	.show :global(.pictures svg) {
		margin-inline: auto;
		max-height: 54vh;
	}
	/* Words for the whole room: in the middle, lists with their signs at the left. */
	.said-large {
		font-size: 2.25rem;
		line-height: 1.35;
		margin-inline: auto;
		max-width: 56rem;
		text-align: center;
	}
	.said-large :global(:is(ul, ol)) {
		margin-inline: auto;
		text-align: start;
		width: fit-content;
	}
	.black {
		background: #000;
		inset: 0;
		position: fixed;
		z-index: 50;
	}
</style>
