<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import xIcon from 'lucide-static/icons/x.svg?raw';
	import { craftOf } from '@pond-loop/core/craft';
	import { minutesOf, timeline, type RoomView, viewSaid, viewsFor } from '@pond-loop/core/lesson';
	import { isBlank } from '@pond-loop/core/schema';
	import { blocksOf, kindOf, noteOn, stepAt, stepTitle } from '@pond-loop/core/step';
	import { onMount, untrack } from 'svelte';
	import type { Camera } from '$lib/choices/camera';
	import NoteText from '$lib/note/NoteText.svelte';
	import YourHands from '$lib/hands/YourHands.svelte';
	import { isTriedByHand } from '$lib/hands/by-hand';
	import type { AnyMove } from '@pond-loop/core/handling';
	import { craftIn, shownIn } from '@pond-loop/core/look';
	import { StepMinutes } from '$lib/class/step-minutes';
	import { questionSaid } from '$lib/lesson/room-questions';
	import RoomBlocks from '$lib/lesson/RoomBlocks.svelte';
	import { inWriting } from '$lib/ui/in-writing';
	import { canFillScreen, fillScreen } from '$lib/ui/full-screen';
	import { keptHere, keptInTab } from '$lib/ui/kept-here';
	import { keepScreenAwake } from '$lib/ui/screen-awake';
	import { useLight } from '$lib/ui/light-state.svelte';

	keepScreenAwake();
	const { data } = $props();
	const light = useLight();
	const lesson = $derived(data.opened.lesson);
	const time = $derived(timeline(lesson.steps, lesson.plan, data.style.glossary));

	/** Kept in the tab, so that a reload or a network that drops changes nothing. */
	const KEY = $derived(`pond-show-${data.opened.id}`);
	let at = $state(0);
	let began = $state<number>();
	let now = $state(0);
	let black = $state(false);
	let mounted = $state(false);
	let move = $state(0);
	let camera = $state<Camera>('front');
	/** The hands and the tool that the step is looked at in; the first of the room when left out. */
	let view = $state.raw<RoomView>();
	/** The teacher works it, while the class calls the moves. */
	let live = $state(false);
	let worked = $state.raw<readonly AnyMove[]>([]);
	/** Rows finished of the swatch that is shown, when it is shown row by row. */
	let rowsDone = $state<number>();
	const rowTo = (to: number | undefined): void => {
		rowsDone = to;
		keep();
	};

	/** The log of the evening that this is shown at: a step begins when it is gone to, and ends with the next. */
	// svelte-ignore state_referenced_locally
	const minutes = data.evening && !data.notes ? new StepMinutes(data.evening) : undefined;
	onMount(() => minutes?.start());

	onMount(() => {
		mounted = true;
		const kept: unknown = JSON.parse(keptInTab.get(KEY) ?? 'null');
		if (kept instanceof Object && 'at' in kept && 'began' in kept) {
			at = Math.max(0, Math.min(lesson.steps.length - 1, Number(kept.at) || 0));
			began = typeof kept.began === 'number' ? kept.began : undefined;
			move = 'move' in kept ? Math.max(0, Number(kept.move) || 0) : 0;
			rowsDone = 'rowsDone' in kept && typeof kept.rowsDone === 'number' ? kept.rowsDone : undefined;
		}
		// Where the other window stands already.
		if (notes) hear(keptHere.get(KEY));
		now = Date.now();
		const clock = setInterval(() => (now = Date.now()), 1000);
		return () => clearInterval(clock);
	});
	const keep = (): void => {
		keptInTab.set(KEY, JSON.stringify({ at, began, rowsDone, move }));
		// Notes in a second window follow.
		keptHere.set(KEY, JSON.stringify({ at, move, view, sent: Date.now() }));
	};
	function go(to: number): void {
		at = Math.max(0, Math.min(lesson.steps.length - 1, to));
		move = 0;
		live = false;
		worked = [];
		view = undefined;
		rowsDone = undefined;
		black = false;
		began ??= Date.now();
		keep();
		minutes?.to(lesson.steps[at]?.id);
	}
	/** With `?notes`, this window shows what is written and follows the other one. */
	const notes = $derived(data.notes);
	function hear(text: string | null): void {
		const said: unknown = JSON.parse(text ?? 'null');
		if (!(said instanceof Object && 'at' in said)) return;
		at = Math.max(0, Math.min(lesson.steps.length - 1, Number(said.at) || 0));
		move = 'move' in said ? Math.max(0, Number(said.move) || 0) : 0;
		view = 'view' in said ? views.find((v) => JSON.stringify(v) === JSON.stringify(said.view)) : undefined;
	}
	function follow(event: StorageEvent): void {
		if (notes && event.key === KEY) hear(event.newValue);
	}

	const step = $derived(lesson.steps[at]);
	/** In a room of several hands and tools each of them is shown; steps that are the same for all have one view. */
	const views = $derived(step && kindOf(step).doneAt ? viewsFor(lesson.plan, data.style) : []);
	const seen = $derived(view ?? views[0]);
	/** The style with the hands that are looked at. */
	const style = $derived(seen ? { ...data.style, demonstrates: seen.hands } : data.style);
	const shown = $derived(step && (stepAt(step, seen?.at, style) ?? step));
	const byHand = $derived(
		shown?.kind === 'crossing' && isTriedByHand(craftOf(shown.craft), shown.crossing)
			? { shown: shownIn(style, shown.crossing, craftOf(shown.craft)), craft: craftIn(style, shown.craft) }
			: undefined,
	);
	// The other window goes along, move by move.
	$effect(() => {
		if (mounted && !notes && move >= 0) untrack(keep);
	});
	const gone = $derived(began === undefined ? 0 : Math.max(0, (now - began) / 60_000));
	const due = $derived(time.starts[at] ?? 0);
	/** Minutes ahead of the plan, or behind it. */
	const behind = $derived(Math.round(gone - due - (step ? minutesOf(step, lesson.plan, data.style.glossary) : 0)));
	const clock = (minutes: number): string =>
		`${Math.floor(minutes)}:${String(Math.floor((minutes % 1) * 60)).padStart(2, '0')}`;

	const KEYS: Readonly<Record<string, () => void>> = {
		PageDown: () => go(at + 1),
		PageUp: () => go(at - 1),
		n: () => go(at + 1),
		b: () => (black = !black),
		'.': () => (black = !black),
		f: () => void fillScreen(document.documentElement),
	};
	const ARROWS: Readonly<Record<string, () => void>> = { ArrowRight: () => go(at + 1), ArrowLeft: () => go(at - 1) };
	function onkeydown(event: KeyboardEvent): void {
		// Letters are moves of the hands then.
		if (live && !event.key.startsWith('Page')) return;
		const act = KEYS[event.key] ?? (isStill ? ARROWS[event.key] : undefined);
		if (!act || inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		// A stage hears F too, and fills the screen with the whole show.
		if (event.key === 'f' && (!canFillScreen() || (blocks.some((b) => b.kind === 'moves') && !live))) return;
		event.preventDefault();
		event.stopPropagation();
		act();
	}

	const all = $derived(step ? blocksOf(step, { style, at: seen?.at }) : []);
	/** What a room looks at: what is for paper, and what is for whoever teaches, is left out. */
	const blocks = $derived(notes ? [] : all.filter((b) => !b.paper && !(b.kind === 'note' && b.aside)));
	/** Where nothing is walked through, the arrows go from step to step. */
	const isStill = $derived(
		notes ||
			!blocks.some(
				(b) => b.kind === 'moves' || b.kind === 'comparison' || b.kind === 'chart' || b.kind === 'questions',
			),
	);
	/** What is said of the move that the room sees, and what else there is to say of it, for whoever teaches. */
	const said = $derived(
		all.flatMap((b) =>
			b.kind === 'moves' && move < b.frames
				? [b.says(move).caption]
				: b.kind === 'questions'
					? questionSaid(b.questions, move)
					: b.kind === 'text' && b.tone !== 'sentence'
						? [b.text]
						: b.kind === 'comparison'
							? b.sides.flatMap((s) =>
									s.moves && move < s.moves.frames ? [`${s.title}: ${s.moves.says(move).caption}`] : [],
								)
							: [],
		),
	);
</script>

<svelte:window {onkeydown} onstorage={follow} />
<svelte:head><title>{lesson.title} · shown</title></svelte:head>

<main
	class="show flex min-h-screen flex-col px-6 py-3 text-[1.25rem] max-sm:px-4 max-sm:py-1"
	id="main"
	data-testid="show"
	data-step={at + 1}
>
	{#if black}
		<button type="button" class="black" onclick={() => (black = false)} aria-label="Show again"></button>
	{/if}
	<header class="flex flex-wrap items-center gap-x-5 gap-y-1 max-sm:gap-x-3">
		{#if step}
			<p class="text-[1rem]"><strong>{at + 1}</strong> of {lesson.steps.length}</p>
			<label class="min-w-0 max-sm:order-last max-sm:w-full"
				><span class="sr-only">Jump to a step</span>
				<select
					class="field w-full max-w-[22rem] py-0 text-[1rem] max-lg:max-w-[15rem] max-sm:max-w-none"
					value={at}
					onchange={(e) => go(Number(e.currentTarget.value))}
				>
					{#each lesson.steps as s, i (s.id)}<option value={i}>{i + 1}. {stepTitle(s, data.style)}</option>{/each}
				</select></label
			>
		{/if}
		<p class="text-[1rem]" data-testid="clock">
			{clock(gone)} of {lesson.plan.minutes}
			{#if began !== undefined && behind > 0}<span class="text-warning font-semibold">{behind} min behind</span>{/if}
		</p>
		<span class="ml-auto flex items-center gap-x-5 text-[1rem] max-sm:gap-x-2">
			{#if byHand && !notes}<button type="button" class="wordlink" aria-pressed={live} onclick={() => (live = !live)}
					>{#if live}Show how it goes{:else}Work it live<span class="max-lg:sr-only"
							>, as the class calls the moves</span
						>{/if}</button
				>{/if}
			{#if !notes}<a class="wordlink max-sm:hidden" href="?notes" target="_blank" rel="noopener"
					>Notes in a second window</a
				>{/if}
			<a class="iconbutton" href="/lessons/{data.opened.id}" aria-label="Back to the lesson" title="Back to the lesson"
				><Icon svg={xIcon} /></a
			>
		</span>
	</header>
	<div class="flex min-h-0 grow flex-col justify-center py-3">
		{#if !step}
			<h1 class="text-center text-4xl wrap-anywhere">{lesson.title}</h1>
			<p class="mt-3 text-center">This lesson is empty. Add steps to it first.</p>
		{:else if notes}
			<h1 class="text-4xl">{stepTitle(step, data.style)}</h1>
			<div class="mt-6 text-3xl leading-snug" data-testid="notes">
				{#if isBlank(noteOn(step))}No notes on this step.{:else}<NoteText note={noteOn(step)} />{/if}
			</div>
			<div class="mt-6 text-2xl" data-testid="said-now">
				{#each said as line, i (i)}<p class="mt-2">{line}</p>{/each}
			</div>
			{#if step.why}<p class="quiet mt-6">{step.why}</p>{/if}
			{#if lesson.steps[at + 1]}<p class="quiet mt-8">Then: {stepTitle(lesson.steps[at + 1]!, data.style)}</p>{/if}
		{:else}
			{#if !blocks.some((b) => b.kind === 'moves') && kindOf(step).title !== stepTitle(step, style)}
				<p class="quiet text-center">{kindOf(step).title}</p>
			{/if}
			<h1 class="mb-2 text-center text-4xl wrap-anywhere max-sm:text-2xl">{stepTitle(shown ?? step, style)}</h1>
			{#if views.length > 1}
				<p class="mb-2 flex flex-wrap justify-center gap-3" role="group" aria-label="Whose hands, which tool">
					{#each views as one, nth (nth)}
						{@const isNow = one === seen}
						<button
							type="button"
							class={['pill', isNow ? 'pill-strong' : 'pill-soft']}
							aria-pressed={isNow}
							onclick={() => {
								view = one;
								live = false;
								move = 0;
								keep();
							}}>{viewSaid(one, views)}</button
						>
					{/each}
				</p>
			{/if}
			{#if live && byHand}
				<div class="mx-auto w-full max-w-6xl">
					<YourHands {...byHand} {style} light={light.now} bind:done={worked} />
				</div>
			{:else}{#key `${step.id} ${seen?.at} ${seen?.hands}`}
					<RoomBlocks {blocks} light={light.now} {style} bind:move bind:camera {rowsDone} {rowTo} {mounted} />
				{/key}{/if}
		{/if}
	</div>
	<footer class="bg-base-100 sticky bottom-0 flex items-center justify-between gap-4 py-1 text-[1rem]">
		<button type="button" class="pill pill-soft" disabled={at === 0} onclick={() => go(at - 1)}>Previous step</button>
		<span class="quiet hidden sm:inline"
			><kbd class="kbd-small">Page ↓</kbd> on, <kbd class="kbd-small">B</kbd> black, <kbd class="kbd-small">F</kbd> full
			screen, <kbd class="kbd-small">?</kbd> keys</span
		>
		<button type="button" class="pill pill-strong" disabled={at >= lesson.steps.length - 1} onclick={() => go(at + 1)}
			>Next step</button
		>
	</footer>
</main>

<style>
	/* The caption and the moves stay in view under the picture. */
	.show :global(.pictures svg) {
		margin-inline: auto;
		max-height: max(38vh, min(54vh, 100vh - 25.4rem));
	}
	.show :global(.stage:has(.player[open]) .pictures svg) {
		max-height: max(34vh, min(54vh, 100vh - 31.2rem));
	}
	.black {
		background: #000;
		inset: 0;
		position: fixed;
		z-index: 50;
	}
</style>
