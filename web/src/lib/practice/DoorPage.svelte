<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import type { Drawing as Picture } from '@pond-loop/core/drawing';
	import { schoolChoice, SCHOOL_IDS } from '@pond-loop/core/notation';
	import {
		chosenAmong,
		DOOR_LIMITS,
		DRILLS,
		keptKinds,
		type HardIn,
		type PracticeDoor,
		type PracticeSummary,
	} from '@pond-loop/core/practice';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { troubleOf, type SendAnswer } from '$lib/save/send';
	import { copied } from '$lib/ui/copy';
	import { dayOf } from '$lib/ui/dates';
	import { useLocale } from '$lib/ui/locale';
	import { crossingSaid } from './crossing-said';
	import { closeDoor, eraseAllSent, eraseSent, openDoor, renewDoor } from './practice-requests';
	import SummaryTable from './SummaryTable.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		of: 'lessons' | 'classes';
		id: string;
		title: string;
		isOpen: boolean;
		door: PracticeDoor;
		/** Where it leads; undefined before it was opened for the first time. */
		address: string | undefined;
		/** The address as a code to scan. */
		code: Picture | undefined;
		sent: readonly { readonly learner: string; readonly at: string; readonly summary: PracticeSummary }[];
		hard: HardIn;
	}
	const { of, id, title, isOpen, door, address, code, sent, hard }: Props = $props();
	const uid = $props.id();
	const locale = useLocale();
	const at = $derived(`${of}/${id}`);
	let told = $state.raw(untrack(() => door));
	let said = $state('');
	let trouble = $state<string>();
	let field = $state<HTMLInputElement>();
	const asked = $derived(new Set(chosenAmong(DRILLS, told.kinds).map((d) => d.id)));
	const isAsked = (kind: string): boolean => asked.has(kind);

	/** What is chosen is kept at once where the door is open, and with the opening where it is not. */
	async function put(next: PracticeDoor): Promise<void> {
		told = next;
		if (isOpen) await open('Kept.');
	}
	async function open(done: string): Promise<void> {
		const answer = await openDoor(at, told);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		said = done;
		await invalidateAll();
	}
	async function close(): Promise<void> {
		const answer = await closeDoor(at);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		said = 'Practice is off. The link and code stay the same when you turn it on again.';
		await invalidateAll();
	}
	const copy = async (): Promise<void> => void (said = await copied(field));
	/** What is asked about once more before it is done. */
	let sure = $state<'renew' | 'erase'>();
	async function settle(answer: SendAnswer<object>, done: string): Promise<void> {
		sure = undefined;
		trouble = troubleOf(answer);
		said = answer.kind === 'ok' ? done : '';
		await invalidateAll();
	}
	const erase = async (learner: string): Promise<void> => settle(await eraseSent(at, learner), 'Erased.');
	const renew = async (): Promise<void> =>
		settle(await renewDoor(at), 'New link and code made. The old ones no longer work.');
	const eraseAll = async (): Promise<void> => settle(await eraseAllSent(at), 'All of it is erased.');
	function ask(kind: string, wanted: boolean): void {
		const now = DRILLS.map((d) => d.id).filter((d) => (d === kind ? wanted : isAsked(d)));
		if (now.length > 0) void put({ ...told, kinds: keptKinds(DRILLS, now) });
		else trouble = 'Choose at least one kind of question.';
	}
</script>

<svelte:head><title>Practice: {title} · Pond Loop</title></svelte:head>

<p>
	<a class="wordlink" href="/{of}/{id}"
		><Icon svg={arrowLeftIcon} class="inline size-4" /> <span dir="auto">{title}</span></a
	>
</p>
<h1 class="mt-1 text-[1.8rem] leading-tight">Practice between sessions</h1>
<p class="quiet max-w-2xl">
	{of === 'classes'
		? 'Five minutes on a phone, with the crossings of this class’s last lessons; new ones come from the lesson just had.'
		: 'Five minutes on a phone, with the crossings of this lesson.'} No account, and nobody is ranked. Results stay on their
	phone. You see only what they send.
</p>

<div class="mt-5 grid grid-cols-[minmax(0,1fr)] items-start gap-x-10 gap-y-8 lg:grid-cols-[20rem_minmax(0,1fr)]">
	<section aria-labelledby="{uid}-door" class="min-w-0" data-testid="door">
		<h2 id="{uid}-door" class="text-2xl">{isOpen ? 'Practice is on' : 'Practice is off'}</h2>
		{#if isOpen && address && code}
			<div class="mt-2 max-w-64 bg-white"><Drawing drawing={code} /></div>
			<label class="mt-2 block" for="{uid}-address">Scan it, or send the link</label>
			<input bind:this={field} id="{uid}-address" class="field w-full text-[0.88rem]" readonly value={address} />
			<p class="mt-1 flex flex-wrap gap-x-5">
				<button type="button" class="wordlink" onclick={copy}>Copy</button>
				<a class="wordlink" href={address} target="_blank" rel="noopener">Try it</a>
				<button type="button" class="wordlink" onclick={close}>Turn off</button>
				{#if sure === 'renew'}<span>The old link stops working.</span>
					<button type="button" class="wordlink text-error" onclick={renew}>Make a new link</button>
					<button type="button" class="wordlink" onclick={() => (sure = undefined)}>Keep this one</button>
				{:else}<button type="button" class="wordlink" onclick={() => (sure = 'renew')}>New link</button>{/if}
			</p>
			{#if of === 'lessons'}<p class="quiet mt-1 text-[0.94rem]">
					The code stands at the end of <a class="wordlink" href="/lessons/{id}/print">the sheet</a> too.
				</p>{/if}
		{:else}
			<p class="mt-1">{say('Nobody can practise until you turn it on.')}</p>
			<button
				type="button"
				class="pill pill-strong mt-3"
				onclick={() => open(say('Open: whoever has the code can practise.'))}
				>{address ? 'Turn on again' : 'Turn on'}</button
			>
		{/if}
		<p class="quiet min-h-[1lh]" role="status">{said}</p>
		{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}

		<fieldset class="mt-4">
			<legend class="lead">Abbreviations</legend>
			{#each SCHOOL_IDS as school, nth (nth)}
				<label class="block"
					><input
						type="checkbox"
						class="accent-secondary"
						checked={told.schools.includes(school)}
						disabled={told.schools.includes(school)
							? told.schools.length === 1
							: told.schools.length >= DOOR_LIMITS.schools}
						onchange={(e) =>
							put({
								...told,
								schools: SCHOOL_IDS.filter((s) => (s === school ? e.currentTarget.checked : told.schools.includes(s))),
							})}
					/>
					{schoolChoice(school)}</label
				>
			{/each}
		</fieldset>
		<details class="mt-4">
			<summary class="wordlink w-fit list-none"
				>{told.kinds.length === 0
					? `All ${DRILLS.length} kinds of question`
					: `${told.kinds.length} of ${DRILLS.length} kinds of question`}</summary
			>
			<fieldset class="mt-1">
				<legend class="sr-only">Kinds of question</legend>
				{#each DRILLS as { id: kind, title: name }, nth (nth)}
					<label class="block text-[0.94rem]"
						><input
							type="checkbox"
							class="accent-secondary"
							checked={isAsked(kind)}
							onchange={(e) => ask(kind, e.currentTarget.checked)}
						/>
						{name}</label
					>
				{/each}
			</fieldset>
		</details>
	</section>

	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-y-8">
		<section aria-labelledby="{uid}-hard" data-testid="hard">
			<h2 id="{uid}-hard" class="text-2xl">What they find hard</h2>
			{#if hard.kinds.length === 0}
				<p class="quiet mt-1">No results yet. You’ll see here what several people find hard.</p>
			{:else}
				<table class="mt-1 w-full text-[0.94rem]">
					<thead
						><tr class="quiet"
							><th class="text-left font-normal" scope="col">question</th><th class="text-right font-normal" scope="col"
								>right</th
							><th class="pl-4 text-right font-normal" scope="col">hard for</th></tr
						></thead
					>
					<tbody>
						{#each hard.kinds as one, nth (nth)}
							<tr class={['border-base-300 border-t', one.isHard && 'font-bold']}>
								<th class={['py-0.5 text-left', one.isHard ? 'font-bold' : 'font-normal']} scope="row">{one.title}</th>
								<td class="pl-3 text-right whitespace-nowrap">{one.right} of {one.asked}</td>
								<td class="pl-4 text-right whitespace-nowrap"
									>{one.people === 0 ? 'too few' : `${one.hardFor} of ${one.people}`}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="quiet mt-1 text-[0.94rem]">
					Hard means under two thirds right, with three answers or more.
					{#if of === 'classes'}
						What is hard for more than a third of the class is in
						<a class="wordlink" href="/classes/{id}/learnt">Progress and next lesson</a>.
					{/if}
				</p>
				{#if hard.crossings.length > 0}
					<p class="mt-2">
						Most often missed: {#each hard.crossings.slice(0, 6) as { title: name, asked, right }, i (i)}{i > 0
								? ', '
								: ''}<span class="font-mono text-[0.94em] wrap-anywhere">{crossingSaid(name, told.schools[0]!)}</span>
							({asked - right} of {asked}){/each}.
					</p>
				{/if}
			{/if}
		</section>
		{#if sent.length > 0}
			<section aria-labelledby="{uid}-sent" data-testid="sent">
				<h2 id="{uid}-sent" class="text-2xl">
					{sent.length === 1 ? 'One has shown theirs' : `${sent.length} have shown theirs`}
				</h2>
				<ul class="mt-1">
					{#each sent as { learner, at: when, summary }, nth (nth)}
						<li class="border-base-300 border-t py-1.5">
							<details>
								<summary class="flex cursor-pointer list-none flex-wrap gap-x-3">
									<strong class="min-w-0 wrap-anywhere" dir="auto">{summary.name || 'Somebody'}</strong>
									<span class="quiet grow">{dayOf(new Date(when), locale())}</span>
									<span class="wordlink"
										>look<span class="sr-only"> at what {summary.name || 'somebody'} showed</span></span
									>
								</summary>
								<div class="mt-2 max-w-xl pb-2">
									<SummaryTable {summary} school={told.schools[0]!} />
									<button type="button" class="wordlink mt-2 text-[0.94rem]" onclick={() => erase(learner)}
										>Erase this</button
									>
								</div>
							</details>
						</li>
					{/each}
				</ul>
				<p class="mt-2 text-[0.94rem]">
					{#if sure === 'erase'}All {sent.length} will be erased. You can’t undo this.
						<button type="button" class="wordlink text-error" onclick={eraseAll}>Erase all</button> ·
						<button type="button" class="wordlink" onclick={() => (sure = undefined)}>Keep them</button>
					{:else}<button type="button" class="wordlink" onclick={() => (sure = 'erase')}>Erase all results</button>{/if}
				</p>
			</section>
		{/if}
	</div>
</div>
