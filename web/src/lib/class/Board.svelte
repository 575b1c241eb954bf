<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import circleIcon from 'lucide-static/icons/circle.svg?raw';
	import { weekdayOf } from '$lib/ui/dates';
	import {
		nextFor,
		learntBy,
		logTable,
		MISTAKE_TITLES,
		mistakesAt,
		OUTCOMES,
		OUTCOME_WORDS,
		wentBy,
		type Class,
		type Evening,
		type Outcome,
		type Press,
	} from '@pond-loop/core/class';
	import type { MistakeId } from '@pond-loop/core/handling';
	import type { LengthUnit } from '@pond-loop/core/measure';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import undo2Icon from 'lucide-static/icons/undo-2.svg?raw';
	import { onMount } from 'svelte';
	import { waitsToLeave } from '$lib/save/leave';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { keepScreenAwake } from '$lib/ui/screen-awake';
	import { csvFile } from '$lib/files/table';
	import { goto } from '$app/navigation';
	import { download, fileName } from '$lib/files/download';
	import { troubleOf, type SendAnswer } from '$lib/save/send';
	import { forgetRunning, keepRunning } from './device';
	import { removeEvening } from './class-requests';
	import { EveningLog } from './log.svelte';
	import Measures from './Measures.svelte';
	import Pieces from './Pieces.svelte';
	import { forgetPiecesHere } from './pieces-here';
	import Stopwatch from './Stopwatch.svelte';
	import { apart, clock } from './person-words';

	interface Props {
		opened: { readonly id: string; readonly classId: string; readonly class: Class; readonly evening: Evening };
		unit: LengthUnit;
		news: { readonly seq: number; readonly presses: readonly Press[] };
		/** Of an evening that only this browser knows: how it is begun at the server, and how it is forgotten. */
		unbegun?: { readonly begin: () => Promise<SendAnswer<unknown>>; readonly forget: () => Promise<void> };
	}
	const { opened, news, unit, unbegun }: Props = $props();
	// svelte-ignore state_referenced_locally
	const log = new EveningLog(opened.id, news.presses, news.seq, unbegun?.begin);
	onMount(() => log.start());
	onMount(() => {
		if (!unbegun) keepRunning(opened.classId, { id: opened.id, title: evening.title, day: evening.day });
	});
	keepScreenAwake();
	/** Milliseconds that the next page waits for what was just pressed, as it may tell of it. */
	const LEAVE_AFTER_MS = 1500;
	waitsToLeave({
		isUnsent: () => log.waiting > 0 && !log.offline,
		send: () => log.settled(),
		atMost: LEAVE_AFTER_MS,
	});
	const uid = $props.id();
	const saveTable = (): void =>
		download(fileName(`${evening.title} ${evening.day}`, 'csv'), csvFile(logTable(opened.class, evening, log.presses)));
	let removing = $state(false);
	let notRemoved = $state<string>();
	async function remove(): Promise<void> {
		const forgetHere = (): Promise<unknown> =>
			Promise.all([log.forget(), forgetPiecesHere(opened.id)]).catch(() => undefined);
		if (log.isUnbegun && unbegun) {
			await unbegun.forget();
			await forgetHere();
			location.href = `/classes/${opened.classId}`;
			return;
		}
		const answer = await removeEvening(opened.id);
		notRemoved = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		await forgetHere();
		forgetRunning(opened.classId);
		await goto(`/classes/${opened.classId}`, { invalidateAll: true });
	}

	const evening = $derived(opened.evening);
	const people = $derived(opened.class.people);
	const went = $derived(
		wentBy(
			log.presses,
			people.map((p) => p.id),
		),
	);
	const come = $derived(people.filter((p) => !p.left || went.here.has(p.id)));
	const here = $derived(come.filter((p) => went.present.has(p.id)));
	/** Whether who is here is still being said. */
	let counting = $state(false);
	/** On a phone one goal is seen at a time. */
	let at = $state(0);
	let now = $state(Date.now());
	onMount(() => {
		const tick = setInterval(() => (now = Date.now()), 1000);
		return () => clearInterval(tick);
	});

	const running = $derived(evening.steps.find((s) => went.steps.get(s.id)?.since !== undefined));
	const minutesOf = (id: string): number => {
		const time = went.steps.get(id);
		if (!time) return 0;
		return time.minutes + (time.since === undefined ? 0 : Math.max(0, now - Date.parse(time.since)) / 60_000);
	};
	function toStep(id: string): void {
		if (running) log.press({ kind: 'step', step: running.id, does: 'stop' });
		if (running?.id !== id) log.press({ kind: 'step', step: id, does: 'start' });
	}
	const planned = $derived(evening.steps.reduce((sum, s) => sum + s.minutes, 0));
	const gone = $derived(evening.steps.reduce((sum, s) => sum + minutesOf(s.id), 0));
	/** Minutes of what is over or under way, as planned. */
	const due = $derived(
		evening.steps.reduce(
			(sum, s) =>
				went.steps.has(s.id) ? sum + (s.id === running?.id ? Math.min(s.minutes, minutesOf(s.id)) : s.minutes) : sum,
			0,
		),
	);
	const behind = $derived(Math.round(gone - due));

	const outcome = (goal: string, person: string): Outcome | undefined => went.outcomes.get(goal)?.get(person);
	/** One press after the other: alone, with help, not yet, not seen. */
	function turn(goal: string, person: string): void {
		const order = [...OUTCOMES, undefined];
		const next = order[(order.indexOf(outcome(goal, person)) + 1) % order.length];
		log.press({ kind: 'goal', goal, person, outcome: next ?? 'unseen' });
	}
	const seen = (goal: string): number => went.outcomes.get(goal)?.size ?? 0;

	const mistakes = $derived([...mistakesAt(people)]);
	let wrong = $state<MistakeId>('wrong-side');
	let whose = $state('');
	let mended = $state('');
	let note = $state('');
	function addWrong(event: SubmitEvent): void {
		event.preventDefault();
		log.press({
			kind: 'wrong',
			mistake: wrong,
			...(whose ? { person: whose } : {}),
			...(mended.trim() ? { mended: mended.trim() } : {}),
		});
		mended = '';
	}
	function addNote(event: SubmitEvent): void {
		event.preventDefault();
		if (note.trim() === '') return;
		log.press({ kind: 'note', text: note.trim() });
		note = '';
	}
	const nameOf = $derived(new Map(people.map((p) => [p.id, p.name])));
	const wrongs = $derived(
		[...new Set(went.wrongs.map((w) => w.mistake))].map((mistake) => ({
			mistake,
			all: went.wrongs.filter((w) => w.mistake === mistake),
		})),
	);
	/** What this evening alone seems to ask for. */
	const next = $derived(
		nextFor(opened.class, learntBy(opened.class, [{ id: opened.id, evening, presses: log.presses }])).filter(
			(p) => p.kind === 'again' || p.kind === 'ahead',
		),
	);
</script>

<svelte:head><title>{evening.title} · {weekdayOf(evening.day)} · Pond Loop</title></svelte:head>

<main class="mx-auto flex min-h-screen max-w-6xl flex-col px-4 py-3 sm:px-6" id="main">
	<header class="flex flex-wrap items-center gap-x-4 gap-y-1">
		<a class="pill pill-soft max-w-44" href="/classes/{opened.classId}"
			><Icon svg={arrowLeftIcon} class="size-5 shrink-0" /><span class="min-w-0 truncate" dir="auto"
				>{opened.class.title}</span
			></a
		>
		<h1 class="min-w-0 grow truncate text-2xl" dir="auto">{evening.title}</h1>
		<span class="quiet text-[0.94rem] max-lg:hidden">{weekdayOf(evening.day)}</span>
		<p class="text-[0.94rem] font-semibold" role="status" data-testid="kept">
			{!log.isKept
				? 'Keeping …'
				: log.waiting === 0
					? log.offline
						? 'Offline: all is kept'
						: log.refused > 0
							? `${log.refused} not taken`
							: 'Saved'
					: `${log.offline ? 'Offline' : 'Sending'}: ${log.waiting} ${log.waiting === 1 ? 'press' : 'presses'} kept here`}
		</p>
		<IconButton
			label="Take the last press back"
			hint="Take back"
			disabled={log.presses.length === 0}
			onclick={() => log.undo()}><Icon svg={undo2Icon} /></IconButton
		>
	</header>
	{#if log.trouble}<p class="text-error font-semibold" role="alert">{log.trouble}</p>{/if}
	{#if log.refused > 0}
		<p class="text-error" role="alert">
			{log.refused === 1 ? 'One entry was' : `${log.refused} entries were`} not taken: {log.refusedWhy} It stays on this device.
			Open this page again to retry.
		</p>
	{/if}
	{#if log.unreadHere > 0}
		<p role="status">
			This device keeps {log.unreadHere === 1 ? 'an entry' : `${log.unreadHere} entries`} of this session that this version
			can’t read. Nothing is lost. Reload the page to get a newer version.
		</p>
	{/if}

	{#if evening.steps.length > 0}
		<section class="mt-3" aria-label="Steps and minutes">
			<div class="minutes" role="toolbar" aria-label="Steps">
				{#each evening.steps as step, i (step.id)}
					{@const gone = minutesOf(step.id)}
					<button
						type="button"
						class={['span', running?.id === step.id && 'now', gone > 0 && running?.id !== step.id && 'done']}
						aria-pressed={running?.id === step.id}
						aria-label="{i + 1}. {step.title}, {step.minutes} minutes planned{gone > 0
							? `, ${Math.round(gone)} so far`
							: ''}"
						title={step.title}
						onclick={() => toStep(step.id)}>{i + 1}</button
					>
				{/each}
			</div>
			<p class="flex flex-wrap justify-between gap-x-6 text-[0.97rem]">
				<span class="min-w-0">
					{#if running}<strong dir="auto">{running.title}</strong>
						<span class="quiet">{clock(60 * minutesOf(running.id))} min, planned {running.minutes}</span>
					{:else}<span class="quiet">Press a step when it starts. The next step ends it.</span>{/if}
				</span>
				<span class="quiet">
					{Math.round(gone)} of {Math.round(planned)} min{behind > 1
						? `, ${behind} behind`
						: behind < -1
							? `, ${-behind} ahead`
							: ''}
					{#if evening.lesson}
						· <a class="wordlink" href="/lessons/{evening.lesson}/show?evening={opened.id}">Show</a>{/if}
				</span>
			</p>
		</section>
	{/if}

	<section class="mt-4" aria-labelledby="{uid}-can">
		<div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
			<h2 id="{uid}-can" class="text-xl">{here.length} of {come.length} here</h2>
			<button type="button" class="wordlink" aria-expanded={counting} onclick={() => (counting = !counting)}
				>{counting ? 'Done' : 'Who is here?'}</button
			>
			{#if counting}<button type="button" class="wordlink" onclick={() => log.press({ kind: 'here', here: true })}
					>Everyone’s here</button
				>{/if}
		</div>
		{#if counting}
			<div class="mt-2 flex flex-wrap gap-2">
				{#each come as person (person.id)}
					<button
						type="button"
						class={['pill', went.present.has(person.id) ? 'pill-strong' : 'pill-soft']}
						aria-pressed={went.present.has(person.id)}
						onclick={() => log.press({ kind: 'here', person: person.id, here: !went.present.has(person.id) })}
						dir="auto">{person.name}</button
					>
				{/each}
			</div>
		{/if}
		{#if come.length === 0}
			<p class="border-base-300 mt-2 border-y py-6">
				Nobody is in this class yet. <a class="wordlink" href="/classes/{opened.classId}">Add people</a>, and who can
				what is pressed here.
			</p>
		{:else}
			<div class="goals mt-3">
				<div class="pick-goal sm:hidden">
					<label class="sr-only" for="{uid}-goal">Goal</label>
					<select id="{uid}-goal" class="field w-full" bind:value={at}>
						{#each evening.goals as goal, i (goal.id)}<option value={i}
								>{goal.title} ({seen(goal.id)} of {here.length})</option
							>{/each}
					</select>
				</div>
				<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
				<div class="relative overflow-x-auto" role="region" aria-label="Table of who can what" tabindex="0">
					<table class="w-full text-[0.97rem]" data-testid="board">
						<thead>
							<tr>
								<th class="quiet pb-1 text-left text-sm font-normal" scope="col">who</th>
								{#each evening.goals as goal, i (goal.id)}
									<th class={['px-1 pb-1 align-bottom text-sm font-semibold', i !== at && 'max-sm:hidden']} scope="col">
										<span class="block leading-tight">{goal.title}</span>
										<button
											type="button"
											class="wordlink text-sm font-normal"
											aria-label="All can: {goal.title}"
											onclick={() => log.press({ kind: 'goal', goal: goal.id, outcome: 'alone' })}>All can</button
										>
									</th>
								{/each}
							</tr>
						</thead>
						<tbody>
							{#each here as person (person.id)}
								<tr class="border-base-300 border-t">
									<th class="py-1 pr-2 text-left font-semibold" scope="row" dir="auto"
										>{person.name} <span class="quiet text-sm font-normal">{apart(person)}</span></th
									>
									{#each evening.goals as goal, i (goal.id)}
										{@const is = outcome(goal.id, person.id)}
										<td class={['px-1 py-1 text-center', i !== at && 'max-sm:hidden']}>
											<button
												type="button"
												class={['can', is ?? 'unseen']}
												aria-label="{person.name}, {goal.title}: {is ? OUTCOME_WORDS[is] : 'not seen'}"
												onclick={() => turn(goal.id, person.id)}
												>{#if is}{OUTCOME_WORDS[is]}{:else}<Icon svg={circleIcon} class="mx-auto size-5" />{/if}</button
											>
										</td>
									{/each}
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			</div>
			<p class="quiet mt-1 text-[0.94rem]">
				Press to change: on their own, with help, not yet, not seen. An empty circle means not seen.
			</p>
		{/if}
	</section>

	<div class="mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 md:grid-cols-[repeat(2,minmax(0,1fr))]">
		<Stopwatch people={here} laps={went.laps} press={(did) => log.press(did)} />
		<section aria-labelledby="{uid}-wrong">
			<h2 id="{uid}-wrong" class="text-xl">What went wrong</h2>
			{#if wrongs.length > 0}
				<ul class="mt-1">
					{#each wrongs as { mistake, all }, nth (nth)}
						<li>
							{MISTAKE_TITLES.get(mistake)} <strong>{all.length}</strong>
							<span class="quiet text-[0.94rem]"
								>{[...new Set(all.flatMap((w) => (w.person ? [nameOf.get(w.person)] : [])))].join(', ')}
								{all.flatMap((w) => w.mended ?? []).join('; ')}</span
							>
						</li>
					{/each}
				</ul>
			{/if}
			<form class="mt-2 flex flex-wrap gap-2" onsubmit={addWrong}>
				<select class="field min-w-0 grow basis-52" bind:value={wrong} aria-label="What happened">
					{#each mistakes as [id, title] (id)}<option value={id}>{title}</option>{/each}
				</select>
				<select class="field basis-32" bind:value={whose} aria-label="To whom">
					<option value="">somebody</option>
					{#each here as { id, name } (id)}<option value={id}>{name}</option>{/each}
				</select>
				<input
					class="field min-w-0 grow basis-40"
					bind:value={mended}
					maxlength="600"
					placeholder="How you fixed it"
					aria-label="How you fixed it"
				/>
				<button class="pill pill-soft">Add what happened</button>
			</form>
		</section>
		<Pieces evening={opened.id} people={here} {nameOf} pieces={went.pieces} press={(did, id) => log.press(did, id)} />
		<Measures people={here} measures={went.measures} {unit} press={(did) => log.press(did)} />
		<section aria-labelledby="{uid}-notes">
			<h2 id="{uid}-notes" class="text-xl">Notes</h2>
			<ul class="mt-1">
				{#each went.notes as one (one.press)}<li class="border-base-300 border-t py-1" dir="auto">{one.text}</li>{/each}
			</ul>
			<form class="mt-2 flex gap-2" onsubmit={addNote}>
				<input
					class="field min-w-0 grow"
					bind:value={note}
					maxlength="600"
					dir="auto"
					aria-label="A note"
					placeholder="e.g. more light at the corner table"
				/>
				<button class="pill pill-soft">Add</button>
			</form>
		</section>
		<section aria-labelledby="{uid}-next">
			<h2 id="{uid}-next" class="text-xl">Next time</h2>
			{#if next.length === 0}<p class="quiet mt-1">Nobody struggled.</p>{/if}
			<ul class="mt-1">
				{#each next as one, nth (nth)}<li class="py-0.5">
						<strong>{one.title}</strong>: {one.because}
					</li>{/each}
			</ul>
			<p class="mt-1">
				<a class="wordlink" href="/classes/{opened.classId}/learnt">Progress and next lesson</a>
			</p>
		</section>
	</div>
	<p class="quiet mt-auto pt-6 text-[0.94rem]">
		Rest hands every 20 to 30 minutes. Count needles back in before people go.
	</p>
	<p class="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[0.94rem]">
		<button type="button" class="wordlink" onclick={saveTable}>The log as a table (CSV)</button>
		{#if removing}
			<span>
				This deletes the session and its log. You can’t undo this.
				<button type="button" class="wordlink text-error" onclick={remove}>Delete</button> ·
				<button type="button" class="wordlink" onclick={() => (removing = false)}>Keep it</button>
			</span>
		{:else}<button type="button" class="wordlink" onclick={() => (removing = true)}>Delete this session</button>{/if}
	</p>
	{#if notRemoved}<p class="text-error font-semibold" role="alert">{notRemoved}</p>{/if}
</main>

<style>
	.minutes {
		display: flex;
		flex-wrap: wrap;
		gap: 3px;
	}
	.span {
		flex: 1 1 1.75rem;
		overflow-wrap: normal;
		min-height: 2.6rem;
		background: var(--color-base-300);
		font-weight: 600;
		font-variant-numeric: tabular-nums;
	}
	.span:first-child {
		border-radius: 0.8rem 0 0 0.8rem;
	}
	.span:last-child {
		border-radius: 0 0.8rem 0.8rem 0;
	}
	.span.done {
		background: var(--color-secondary);
		color: var(--color-secondary-content);
	}
	.span.now {
		background: var(--color-warm, #e9b44c);
		color: #17322f;
		box-shadow: inset 0 -4px 0 #17322f;
	}
	.can {
		min-height: 2.6rem;
		min-width: 5.6rem;
		width: 100%;
		max-width: 9rem;
		border-radius: 1.4rem;
		border: 2px solid transparent;
		font-weight: 600;
		line-height: 1.1;
	}
	.can.alone {
		background: var(--color-secondary);
		color: var(--color-secondary-content);
	}
	.can.help {
		background: #e9b44c;
		color: #17322f;
	}
	.can.not {
		border-color: var(--color-error);
		color: var(--color-error);
	}
	.can.unseen {
		border: 2px dashed var(--color-base-300);
		color: color-mix(in oklab, var(--color-base-content) 70%, transparent);
		font-weight: 400;
	}
</style>
