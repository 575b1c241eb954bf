<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { weekdayOf } from '$lib/ui/dates';
	import { logTable, type Class, type Evening, type Press } from '@pond-loop/core/class';
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
	import SessionNotes from './SessionNotes.svelte';
	import { SessionModel } from './session-model.svelte';
	import StepsBar from './StepsBar.svelte';
	import Stopwatch from './Stopwatch.svelte';
	import WentWrong from './WentWrong.svelte';
	import WhoCanWhat from './WhoCanWhat.svelte';

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

	const model = new SessionModel(() => opened, log, Date.now());
	const { evening, went, come, here, nameOf, next } = $derived(model);
	/** Whether who is here is still being said. */
	let counting = $state(false);
	onMount(() => {
		const tick = setInterval(() => (model.now = Date.now()), 1000);
		return () => clearInterval(tick);
	});
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

	{#if evening.steps.length > 0}<StepsBar {model} id={opened.id} />{/if}

	<section class="mt-4" aria-labelledby="{uid}-can">
		<div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
			<h2 id="{uid}-can" class="text-xl">{here.length} of {come.length} here</h2>
			<button type="button" class="wordlink" aria-expanded={counting} onclick={() => (counting = !counting)}
				>{counting ? 'Done' : 'Who is here?'}</button
			>
			{#if counting}<button type="button" class="wordlink" onclick={() => model.everyoneIsHere()}
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
						onclick={() => model.turnHere(person)}
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
			<WhoCanWhat {model} />
		{/if}
	</section>

	<div class="mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 md:grid-cols-[repeat(2,minmax(0,1fr))]">
		<Stopwatch people={here} laps={went.laps} press={(did) => log.press(did)} />
		<WentWrong {model} people={opened.class.people} />
		<Pieces evening={opened.id} people={here} {nameOf} pieces={went.pieces} press={(did, id) => log.press(did, id)} />
		<Measures people={here} measures={went.measures} {unit} press={(did) => log.press(did)} />
		<SessionNotes {model} />
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
