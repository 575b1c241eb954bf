<script lang="ts">
	import { today } from '$lib/ui/dates';
	import { goto } from '$app/navigation';
	import { troubleOf } from '$lib/save/send';
	import { onMount } from 'svelte';
	import { weekdayOf } from '$lib/ui/dates';
	import { beginHere, begunOf, keepMeant, type BegunHere } from './begun-here';
	import { runningOf, type Running } from './device';
	import { beginEvening } from './class-requests';
	import { meantFor } from './api';

	interface Props {
		classId: string;
		lessons: readonly { readonly id: string; readonly title: string }[];
		/** How many come. */
		people: number;
		flush: () => Promise<unknown>;
	}
	const { classId, lessons, people, flush }: Props = $props();
	let lesson = $state('');
	let day = $state(today());
	let busy = $state(false);
	let trouble = $state<string>();

	/** Whether all is kept that an evening needs where there is no network. */
	let isReady = $state(false);
	/** Those that were begun without a network, and are not at the server yet. */
	let begun = $state.raw<readonly BegunHere[]>([]);
	let running = $state.raw<Running>();
	onMount(() => {
		running = runningOf(classId, today());
		void begunOf(classId)
			.then((all) => (begun = all))
			.catch(() => undefined);
		void readyForNoNetwork();
	});
	/** What an evening begins with, and the page on which it goes on, are kept while there is a network. */
	async function readyForNoNetwork(): Promise<void> {
		// What is given to a page is gone once it is left, which may be while this waits.
		const of = classId;
		if (!navigator.serviceWorker?.controller) return;
		const [meant, page] = await Promise.all([meantFor(of), fetch('/evenings/begun').catch(() => undefined)]);
		if (meant.kind !== 'ok' || !page?.ok) return;
		await keepMeant({ classId: of, ...meant.value })
			.then(() => (isReady = true))
			.catch(() => undefined);
	}
	async function begin(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (people === 0) {
			trouble = 'This class is empty. Add people first.';
			return;
		}
		busy = true;
		const of = classId;
		await flush();
		const id = crypto.randomUUID();
		const told = { day, ...(lesson === '' ? {} : { lesson }) };
		const answer = await beginEvening(of, { id, ...told });
		busy = false;
		if (answer.kind === 'unreached') {
			const here = await beginHere(of, told).catch(() => undefined);
			if (here !== undefined) {
				location.href = `/evenings/begun#${here}`;
				return;
			}
		}
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') await goto(`/evenings/${id}`);
	}
</script>

<form class="mt-2 grid gap-y-2" onsubmit={begin}>
	<select class="field w-full" bind:value={lesson} aria-label="Lesson of this session">
		<option value="">Without a lesson</option>
		{#each lessons as one (one.id)}<option value={one.id}>{one.title}</option>{/each}
	</select>
	<div class="flex flex-wrap gap-x-4 gap-y-2">
		<input class="field" type="date" bind:value={day} required aria-label="Day" />
		<button class="pill pill-strong grow" disabled={busy}>{busy ? 'Beginning …' : 'Start session'}</button>
	</div>
	{#if isReady}<p class="quiet text-[0.88rem]">You can also start one offline on this device.</p>{/if}
	{#if running}
		<p><a class="wordlink" href="/evenings/{running.id}">Go on with <span dir="auto">{running.title}</span></a></p>
	{/if}
	{#if begun.length > 0}
		<ul data-testid="begun-here">
			{#each begun as { id, evening } (id)}
				<li>
					<a class="wordlink" href="/evenings/begun#{id}" data-sveltekit-reload
						><span dir="auto">{evening.title}</span>, {weekdayOf(evening.day)}</a
					>
					<span class="quiet">started offline here. Open it online to send it.</span>
				</li>
			{/each}
		</ul>
	{/if}
	{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
</form>
