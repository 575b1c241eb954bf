<script lang="ts">
	import { NICKNAME_MOST, summaryOf, type PracticeSummary } from '@pond-loop/core/practice';
	import type { SchoolId } from '@pond-loop/core/notation';
	import { onMount } from 'svelte';
	import { troubleOf } from '$lib/save/send';
	import { dayOf } from '$lib/ui/dates';
	import { useLocale } from '$lib/ui/locale';
	import { sendSummary, takeBack } from './practice-requests';
	import { answersAt, keepTold, toldAt, type SentSummary } from './shelf';
	import type SummaryTable from './SummaryTable.svelte';

	interface Props {
		token: string;
		/** Under which this browser keeps what belongs to the door. */
		place: string;
		/** Whose door it is. */
		by: string;
		/** By whose names crossings are told. */
		school: SchoolId;
	}
	const { token, place, by, school }: Props = $props();
	const locale = useLocale();
	let told = $state.raw<SentSummary>();
	let isOpen = $state(false);
	let name = $state('');
	let again = $state(false);
	let summary = $state.raw<PracticeSummary>();
	/** What shows it comes along when it is looked at. */
	let Table = $state.raw<typeof SummaryTable>();
	let said = $state('');
	let trouble = $state<string>();
	let busy = $state(false);

	async function summed(as: string): Promise<PracticeSummary> {
		const now = Date.now();
		return summaryOf(await answersAt(place, now), as, now);
	}
	async function look(): Promise<void> {
		said = '';
		summary = await summed(name);
		Table ??= (await import('./SummaryTable.svelte').catch(() => undefined))?.default;
		isOpen = summary.kinds.length > 0;
		if (!isOpen) said = 'Nothing to send yet. Answer a question first.';
	}
	async function put(next: SentSummary | undefined): Promise<void> {
		told = next;
		await keepTold(place, next);
	}
	async function sendIt(as: SentSummary, what: PracticeSummary): Promise<boolean> {
		busy = true;
		trouble = undefined;
		const answer = await sendSummary(token, as.learner, what);
		busy = false;
		if (answer.kind === 'ok') {
			const { waits: _, ...rest } = as;
			await put({ ...rest, sentAt: Date.now() });
			return true;
		}
		// It is sent when there is a network again.
		if (as.goesOn) await put({ ...as, waits: true });
		trouble = troubleOf(answer);
		return false;
	}
	async function show(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (!summary) return;
		const as = { learner: told?.learner ?? crypto.randomUUID(), name: name.trim(), goesOn: again };
		// Exactly what was looked at, whatever was answered meanwhile.
		if (await sendIt(as, { ...summary, name: as.name })) {
			said = 'Sent.';
			isOpen = false;
		}
	}
	async function erase(): Promise<void> {
		if (!told) return;
		trouble = undefined;
		const answer = await takeBack(token, told.learner);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		await put(undefined);
		said = `Erased: ${by} no longer has your results.`;
	}
	/** After a sitting, for those who said so. */
	export async function after(): Promise<void> {
		if (told?.goesOn) await sendIt(told, await summed(told.name));
	}
	async function late(): Promise<void> {
		if (told?.waits) await sendIt(told, await summed(told.name));
	}
	onMount(() => {
		void toldAt(place).then((kept) => {
			told = kept;
			name = kept?.name ?? '';
			again = kept?.goesOn ?? false;
			void late();
		});
	});
</script>

<svelte:window ononline={late} />

<section class="border-base-300 border-t pt-3" data-testid="show-teacher">
	{#if isOpen && summary}
		<form onsubmit={show}>
			<h2 class="text-xl">What {by} would see</h2>
			<label class="mt-1 block"
				>A first name or a nickname, if you like
				<input class="field w-full" maxlength={NICKNAME_MOST} autocomplete="off" dir="auto" bind:value={name} /></label
			>
			<div class="bg-base-200 mt-3 rounded-2xl px-4 py-3">
				{#if Table}<Table {summary} {school} />{/if}
			</div>
			<label class="mt-3 flex gap-3"
				><input type="checkbox" class="accent-secondary mt-1.5" bind:checked={again} /><span
					>Send it again after each practice, until I stop it</span
				></label
			>
			<div class="mt-3 flex flex-wrap gap-3">
				<button class="pill pill-strong min-h-12" disabled={busy}>{busy ? 'Sending …' : 'Send this'}</button>
				<button type="button" class="pill pill-soft min-h-12" onclick={() => (isOpen = false)}>Cancel</button>
			</div>
		</form>
	{:else if told?.sentAt !== undefined}
		<p>
			{by} sees your results up to {dayOf(new Date(told.sentAt), locale())}{told.goesOn
				? ', and gets them after each practice'
				: ''}.
		</p>
		<p class="mt-1 flex flex-wrap gap-x-5 gap-y-1">
			<button type="button" class="wordlink" onclick={look}>Send again</button>
			{#if told.goesOn}<button
					type="button"
					class="wordlink"
					onclick={() => {
						again = false;
						if (told) void put({ ...told, goesOn: false });
						said = 'Nothing more is sent.';
					}}>Stop sending</button
				>{/if}
			<button type="button" class="wordlink" onclick={erase}>Erase what I sent</button>
		</p>
	{:else}
		<button type="button" class="pill pill-soft min-h-12 w-full" onclick={look}>Show {by} how it goes</button>
	{/if}
	<p class="quiet" role="status">{said}</p>
	{#if trouble}<p class="text-error font-semibold" role="alert">
			{trouble}
			{told?.waits ? 'It is sent when that is over.' : ''}
		</p>{/if}
</section>
