<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import Printer from '@lucide/svelte/icons/printer';
	import StickyNote from '@lucide/svelte/icons/sticky-note';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { addStep, chooseWay, moveStep, removeStep, rename, writeNote } from '@pond-loop/core/lesson';
	import { LESSON_LIMITS, type HouseStyle, type Lesson, type Step } from '@pond-loop/core/schema';
	import { tick } from 'svelte';
	import { Awake } from '$lib/ui/awake.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import type { Light } from '$lib/ui/light';
	import TwoVersions, { type VersionWords } from '$lib/save/TwoVersions.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import { saveWithPage } from '$lib/save/page';
	import AddCrossing from './AddCrossing.svelte';
	import CrossingCard from './CrossingCard.svelte';
	import { keepLesson, type OpenedLesson } from './keep';
	import SwatchCard from './SwatchCard.svelte';

	interface Props {
		opened: OpenedLesson;
		light: Light;
		style: HouseStyle;
	}
	const { opened, light, style }: Props = $props();

	// svelte-ignore state_referenced_locally
	const save = keepLesson(opened);
	const awake = new Awake();
	const lesson = $derived(save.value);
	const full = $derived(lesson.steps.length >= LESSON_LIMITS.steps);

	/** What was just done, in words, with an undo beside it while it is the latest change. */
	let said = $state<{ words: string; undo: boolean }>();

	saveWithPage(save);

	const nameOf = (step: Step): string =>
		step.kind === 'note' ? 'the note' : step.kind === 'swatch' ? `“${step.swatch.title}”` : step.asked.text;

	const lineOf = (step: Step): string =>
		step.kind === 'note' ? `Note: ${step.text}` : `${nameOf(step)}${step.note ? `: ${step.note}` : ''}`;
	const inWords = ({ title, steps }: Lesson): VersionWords => ({ heading: title, lines: steps.map(lineOf) });

	function remove(step: Step): void {
		save.change(removeStep(lesson, step.id));
		said = { words: `Removed ${nameOf(step)}.`, undo: true };
	}

	async function move(step: Step, by: number, button: EventTarget | null): Promise<void> {
		save.change(moveStep(lesson, step.id, by));
		const place = save.value.steps.findIndex((s) => s.id === step.id) + 1;
		said = { words: `${nameOf(step)} is now step ${place} of ${lesson.steps.length}.`, undo: false };
		await tick();
		// Moving the row in the page takes the focus from it.
		const same = button instanceof HTMLElement ? button : undefined;
		if (same?.matches(':disabled')) same.parentElement?.querySelector<HTMLElement>('button:not(:disabled)')?.focus();
		else same?.focus();
	}

	function add(step: Step): void {
		save.change(addStep(lesson, step));
		said = { words: `Added ${nameOf(step)} as step ${save.value.steps.length}.`, undo: false };
	}

	async function addNote(): Promise<void> {
		const id = crypto.randomUUID();
		add({ id, kind: 'note', text: '' });
		await tick();
		document.getElementById(`note-${id}`)?.focus();
	}

	function undo(): void {
		save.undo();
		said = undefined;
	}

	function write(step: Step, text: string): void {
		said = undefined;
		save.change(writeNote(lesson, step.id, text), `note ${step.id}`);
	}
</script>

<svelte:head><title>{lesson.title || 'Lesson'} · Pond Loop</title></svelte:head>

<div class="max-w-4xl" inert={!awake.now}>
	<div class="flex flex-wrap items-start gap-x-4 gap-y-1">
		<div class="min-w-0 grow basis-80">
			<h1 class="sr-only">{lesson.title}</h1>
			<label class="sr-only" for="lesson-title">Title of the lesson</label>
			<textarea
				id="lesson-title"
				class="field grown w-full font-serif text-[2.1rem] leading-tight font-semibold"
				rows="1"
				placeholder="A title for the lesson"
				value={lesson.title}
				oninput={(e) => save.change(rename(lesson, e.currentTarget.value.replaceAll('\n', ' ')), 'title')}
				onkeydown={(e) => e.key === 'Enter' && e.preventDefault()}></textarea>
		</div>
		<div class="flex items-center">
			<UndoRedo {save} onundo={() => (said = undefined)} />
			<a class="pill pill-soft ml-2" href="/lessons/{opened.id}/print"><Printer class="size-5" /> Sheet for paper</a>
		</div>
	</div>
	<div class="mt-1 flex min-h-[1.6lh] flex-wrap items-center justify-between gap-x-6">
		<SaveNote state={save.state} />
		<p role="status" data-testid="said">
			{#if said}
				{said.words}
				{#if said.undo}<button type="button" class="wordlink ml-2 font-semibold" onclick={undo}>Undo</button>{/if}
			{/if}
		</p>
	</div>

	{#if save.state.kind === 'stale'}
		<TwoVersions
			what="This lesson"
			mine={inWords(lesson)}
			theirs={inWords(save.state.theirs.value)}
			keepMine={() => save.keepMine()}
			takeTheirs={() => save.takeTheirs()}
		/>
	{/if}

	{#if lesson.steps.length === 0}
		<p class="quiet border-base-300 mt-4 border-y py-8 text-center">
			This lesson is empty. Add a crossing by its name, or a note to yourself.
		</p>
	{/if}
	<ol class="mt-2">
		{#each lesson.steps as step, i (step.id)}
			<li
				class="border-base-300 grid grid-cols-[1.6rem_minmax(0,1fr)_auto] gap-x-3 border-b py-5"
				aria-label="Step {i + 1}"
			>
				<span class="text-neutral font-serif text-lg">{i + 1}</span>
				{#if step.kind === 'crossing'}
					<CrossingCard
						{step}
						{light}
						{style}
						chooseWay={(way) => {
							said = undefined;
							save.change(chooseWay(lesson, step.id, way));
						}}
						write={(text) => write(step, text)}
					/>
				{:else if step.kind === 'swatch'}
					<SwatchCard {step} {light} {style} write={(text) => write(step, text)} />
				{:else}
					<div>
						<label class="lead block" for="note-{step.id}">Note</label>
						<textarea
							id="note-{step.id}"
							class="field grown w-full"
							rows="1"
							placeholder="What to say, what to bring, when to rest"
							value={step.text}
							oninput={(e) => write(step, e.currentTarget.value)}></textarea>
					</div>
				{/if}
				<div class="quiet flex flex-col sm:flex-row sm:items-start">
					<IconButton
						label="Move step {i + 1} up"
						hint="Move up"
						disabled={i === 0}
						onclick={(e) => move(step, -1, e.currentTarget)}><ArrowUp class="size-5" /></IconButton
					>
					<IconButton
						label="Move step {i + 1} down"
						hint="Move down"
						disabled={i === lesson.steps.length - 1}
						onclick={(e) => move(step, 1, e.currentTarget)}><ArrowDown class="size-5" /></IconButton
					>
					<IconButton label="Remove step {i + 1}" hint="Remove" onclick={() => remove(step)}
						><Trash2 class="size-5" /></IconButton
					>
				</div>
			</li>
		{/each}
	</ol>

	{#if full}
		<p class="mt-6">
			This lesson has {LESSON_LIMITS.steps} steps, the most that one can hold. Start a second one for the rest.
		</p>
	{:else}
		<div class="mt-6">
			<AddCrossing {light} {style} {add} />
			<p class="mt-4">
				<button type="button" class="pill pill-soft" onclick={addNote}><StickyNote class="size-5" /> Add a note</button>
			</p>
		</div>
	{/if}
</div>
