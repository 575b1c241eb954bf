<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import printerIcon from 'lucide-static/icons/printer.svg?raw';
	import ellipsisIcon from 'lucide-static/icons/ellipsis.svg?raw';
	import gripVerticalIcon from 'lucide-static/icons/grip-vertical.svg?raw';
	import playIcon from 'lucide-static/icons/play.svg?raw';
	import {
		addStep,
		changeStep,
		duplicateStep,
		filled,
		insertAt,
		isBeginning,
		placeOf,
		isLongLesson,
		type Lesson,
		LESSON_LIMITS,
		moveStep,
		placesOf,
		insertAfter,
		removeStep,
		rename,
		reorder,
		setMinutes,
		writeNote,
	} from '@pond-loop/core/lesson';
	import { crossingsOf, kindOf, type Step, stepTitle, writtenOn } from '@pond-loop/core/step';
	import type { HouseStyle, Note } from '@pond-loop/core/schema';
	import { tick } from 'svelte';
	import { dragHandle, dragHandleZone, type DndEvent } from 'svelte-dnd-action';
	import { Interactive } from '$lib/ui/interactive.svelte';
	import { Portions } from '$lib/ui/portions.svelte';
	import { keepFocus } from '$lib/ui/focus';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import type { PageLight } from '$lib/ui/light';
	import TwoVersions, { type VersionWords } from '$lib/save/TwoVersions.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import Versions from '$lib/save/Versions.svelte';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import { saveWithPage } from '$lib/save/page';
	import { troubleOf } from '$lib/save/send';
	import { addStep as addTo } from './lesson-requests';
	import { versionsOf } from './api';
	import Later from '$lib/ui/Later.svelte';
	import { oneEntry } from '$lib/ui/roving-tabindex';
	import TitleField from '$lib/ui/TitleField.svelte';
	import * as parts from './lazy-editor-parts';
	import { keepLesson, type OpenedLesson } from './keep';

	interface Props {
		opened: OpenedLesson;
		/** Lessons that steps may be copied to. */
		others: readonly { readonly id: string; readonly title: string }[];
		/** The token of the link to read it by, when it has one. */
		token: string | undefined;
		light: PageLight;
		style: HouseStyle;
	}
	const { opened, others, token, light, style }: Props = $props();

	// svelte-ignore state_referenced_locally
	const save = keepLesson(opened);
	const interactive = new Interactive();
	const lesson = $derived(save.value);
	const places = $derived(placesOf(lesson.plan));
	const full = $derived(lesson.steps.length >= LESSON_LIMITS.steps);

	/** What was just done, in words, with an undo beside it while it is the latest change. */
	let said = $state<{ words: string; undo: boolean }>();

	saveWithPage(save);

	const nameOf = (step: Step): string =>
		step.kind === 'crossing'
			? step.asked.text
			: kindOf(step).isUntitled
				? `the ${kindOf(step).title.toLowerCase()}`
				: `“${stepTitle(step)}”`;

	const lineOf = (step: Step): string => {
		const name = kindOf(step).isUntitled ? kindOf(step).title : nameOf(step);
		return `${name}${writtenOn(step) ? `: ${writtenOn(step)}` : ''}`;
	};
	const inWords = ({ title, steps }: Lesson): VersionWords => ({ heading: title, lines: steps.map(lineOf) });

	function remove(step: Step): void {
		save.change(removeStep(lesson, step.id));
		said = { words: `Removed ${nameOf(step)}.`, undo: true };
		void keepFocus('[data-undo]');
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

	/** The step after which the next one goes; at the end when there is none. */
	let after = $state<string>();
	const place = $derived(lesson.steps.findIndex((s) => s.id === after));
	let adding = $state<HTMLElement>();
	async function addAfter(step: Step): Promise<void> {
		after = step.id;
		await tick();
		adding?.scrollIntoView({ block: 'center' });
		adding?.querySelector('input')?.focus({ preventScroll: true });
	}
	function add(step: Step): void {
		const at = place < 0 ? lesson.steps.length : place + 1;
		save.change(place < 0 ? addStep(lesson, step) : insertAfter(lesson, after!, step));
		said = { words: `Added ${nameOf(step)} as step ${at + 1}.`, undo: false };
		// The next one follows this one.
		if (place >= 0) after = step.id;
	}

	async function addEmpty(kind: ReturnType<typeof kindOf>): Promise<void> {
		const step = kind.empty?.(crypto.randomUUID());
		if (!step) return;
		// A lesson begins with these, and what they tell is known already.
		if (isBeginning(step)) {
			const told = filled(step, lesson, style);
			const first = place < 0 && !lesson.steps.some((s) => s.kind === step.kind);
			if (first) {
				save.change(insertAt(lesson, placeOf(step, lesson), told));
				said = { words: `Added ${nameOf(step)} as step ${placeOf(step, lesson) + 1}.`, undo: true };
			} else add(told);
		} else add(kind.begun?.(step, { crossings: crossingsOf(lesson.steps), school: style.school }) ?? step);
		await tick();
		document.getElementById(`${step.kind}-${step.id}`)?.focus();
	}
	function duplicate(step: Step): void {
		save.change(duplicateStep(lesson, step.id, crypto.randomUUID()));
		said = { words: `${nameOf(step)} is there twice.`, undo: true };
	}

	async function copyTo(step: Step, select: HTMLSelectElement): Promise<void> {
		const into = others.find((o) => o.id === select.value);
		select.value = '';
		if (!into) return;
		const answer = await addTo(into.id, { ...step, id: crypto.randomUUID() });
		said = { words: troubleOf(answer) ?? `${nameOf(step)} is in “${into.title}” too.`, undo: false };
	}

	/** While a step is dragged, the order that it would make. */
	let dragged = $state.raw<Step[]>();
	const listed = $derived(dragged ?? lesson.steps);
	const portions = new Portions(() => lesson.steps.length);
	function finalize(event: CustomEvent<DndEvent<Step>>): void {
		dragged = undefined;
		save.change(
			reorder(
				lesson,
				event.detail.items.map((s) => s.id),
			),
		);
	}

	function undo(): void {
		save.undo();
		said = undefined;
		void keepFocus('#lesson-title');
	}

	function write(step: Step, note: Note): void {
		said = undefined;
		save.change(writeNote(lesson, step.id, note), `note ${step.id}`);
	}
</script>

<!-- Each picture stands in the page once, however many steps there are. -->
<svg class="hidden" aria-hidden="true">
	<symbol id="step-more" viewBox="0 0 24 24"><Icon svg={ellipsisIcon} /></symbol>
	<symbol id="step-grip" viewBox="0 0 24 24"><Icon svg={gripVerticalIcon} /></symbol>
</svg>

<svelte:head><title>{lesson.title || 'Lesson'} · Pond Loop</title></svelte:head>

<div inert={!interactive.now} class="grid grid-cols-1 gap-x-10 gap-y-6 xl:grid-cols-[minmax(0,1fr)_19rem]">
	<div class="min-w-0">
		<div class="flex flex-wrap items-start gap-x-4 gap-y-1">
			<div class="min-w-0 grow basis-80">
				<TitleField
					id="lesson-title"
					label="Title of the lesson"
					placeholder="A title for the lesson"
					value={lesson.title}
					change={(title) => save.change(rename(lesson, title), 'title')}
				/>
			</div>
			<div class="flex flex-wrap items-center gap-y-2">
				<UndoRedo {save} onundo={() => (said = undefined)} />
				<a class="pill pill-soft ml-2" href="/lessons/{opened.id}/print"
					><Icon svg={printerIcon} class="size-5" /> Handout</a
				>
				<a class="pill pill-strong ml-2" href="/lessons/{opened.id}/show"
					><Icon svg={playIcon} class="size-5" /> Present</a
				>
			</div>
		</div>
		<div class="mt-1 flex min-h-[1.6lh] flex-wrap items-center justify-between gap-x-6">
			<SaveNote {save} />
			<p role="status" data-testid="said">
				{#if said}
					{said.words}
					{#if said.undo}<button type="button" class="wordlink ml-2 font-semibold" data-undo onclick={undo}>Undo</button
						>{/if}
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

		<p id="step-keys" class="sr-only">Use the up and down arrows to move between steps, and Tab to go into one.</p>
		{#if lesson.steps.length === 0}
			<p class="quiet border-base-300 mt-4 border-y py-8 text-center">
				This lesson is empty. Add a crossing or a note.
			</p>
		{/if}
		<ol
			class="mt-2"
			use:oneEntry
			use:dragHandleZone={{
				items: [...listed],
				flipDurationMs: 0,
				dropTargetStyle: {},
				morphDisabled: true,
				zoneTabIndex: -1,
			}}
			onconsider={(e: CustomEvent<DndEvent<Step>>) => (dragged = e.detail.items)}
			onfinalize={finalize}
		>
			{#each listed as step, i (step.id)}
				<li
					class="unseen border-base-300 grid grid-cols-[1.6rem_minmax(0,1fr)] gap-x-3 border-b py-5 sm:grid-cols-[1.6rem_minmax(0,1fr)_auto]"
					aria-label="Step {i + 1}"
					aria-describedby={i === 0 ? 'step-keys' : undefined}
				>
					<span class="text-neutral font-serif text-lg">
						{i + 1}
						<span use:dragHandle class="quiet block cursor-grab" aria-label="Drag step {i + 1}" tabindex="-1"
							><svg class="size-5" aria-hidden="true"><use href="#step-grip" /></svg></span
						>
					</span>
					{#if !portions.has(i)}
						<h2 class="text-xl wrap-anywhere">{stepTitle(step, style)}</h2>
					{:else}
						<LazyPart
							part={parts.stepCard}
							when="idle"
							given={{
								step,
								light,
								style,
								places,
								change: (fields) => {
									said = undefined;
									save.change(changeStep(lesson, step.id, step.kind, fields));
								},
								write: (note) => write(step, note),
							}}
						/>
					{/if}
					{#if portions.has(i)}<div
							class="quiet col-start-2 mt-2 flex flex-wrap items-center self-start sm:col-start-auto sm:mt-0 sm:grid sm:grid-cols-[4.6rem_auto]"
						>
							<LazyPart
								part={parts.stepBar}
								when="idle"
								given={{
									step,
									number: i + 1,
									last: listed.length,
									plan: lesson.plan,
									glossary: style.glossary,
									others,
									full,
									set: (minutes) => save.change(setMinutes(lesson, step.id, minutes), `minutes ${step.id}`),
									duplicate: () => duplicate(step),
									remove: () => remove(step),
									copyTo: (select) => copyTo(step, select),
									move: (by, button) => move(step, by, button),
									addAfter: () => addAfter(step),
								}}
							/>
						</div>{/if}
				</li>
			{/each}
		</ol>

		{#if full}
			<p class="mt-6">
				This lesson has {LESSON_LIMITS.steps} steps, the maximum. Start a second lesson for the rest.
			</p>
		{:else}
			<div class="mt-6" bind:this={adding}>
				{#if place >= 0}
					<p class="mb-3" role="status" data-testid="after">
						Goes in after step {place + 1}.
						<button type="button" class="wordlink" onclick={() => (after = undefined)}>At the end instead</button>
					</p>
				{/if}
				<LazyPart part={parts.addStep} when="idle" given={{ lesson, light, style, add, addEmpty }} />
			</div>
		{/if}
	</div>
	<div class="min-w-0">
		<Later wait={isLongLesson(lesson)}
			><LazyPart
				part={parts.plan}
				when="idle"
				given={{
					lesson,
					style,
					change: (next, place, words) => {
						save.change(next, place);
						said = words ? { words, undo: true } : undefined;
					},
				}}
			/></Later
		>
		<div class="border-base-300 mt-6 border-t pt-4">
			<LazyPart
				part={parts.files}
				when="idle"
				given={{ lesson, style, token, id: opened.id, take: (read) => save.change(read) }}
			/>
			<div class="mt-3">
				<Versions of={versionsOf(opened.id)} take={(l) => save.change(l)} />
			</div>
		</div>
	</div>
</div>

<style>
	/* A menu reaches over the next step. */
	.unseen:has(:global(details[name='step-menu'][open])) {
		content-visibility: visible;
		position: relative;
		z-index: 10;
	}
</style>
