<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { weekdayOf } from '$lib/ui/dates';
	import {
		learntTable,
		MISTAKE_TITLES,
		OUTCOME_WORDS,
		OUTCOMES,
		paceOf,
		type Lap,
		type LearntShown,
		type Measured,
		type Proposal,
	} from '@pond-loop/core/class';
	import type { HardIn } from '@pond-loop/core/practice';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import { goto, invalidateAll } from '$app/navigation';
	import { troubleOf } from '$lib/save/send';
	import type { PageLight } from '$lib/ui/light';
	import { makeNext } from './class-requests';
	import { saveClass } from './api';
	import type { OpenedClass } from './keep';
	import { csvFile } from '$lib/files/table';
	import { STATE_WORDS } from '@pond-loop/core/fabric';
	import { reckonedLength, type LengthUnit } from '@pond-loop/core/measure';
	import { download, fileName } from '$lib/files/download';
	import Curve from './Curve.svelte';
	import IntoDrawer from './IntoDrawer.svelte';
	import PieceShown from './PieceShown.svelte';

	interface Props {
		opened: OpenedClass;
		learnt: LearntShown;
		proposals: readonly Proposal[];
		/** What is hard in practice between evenings. */
		hard: HardIn;
		light: PageLight;
		unit: LengthUnit;
		/** Of the teacher's drawer. */
		yarns: readonly { readonly id: string; readonly name: string }[];
		/** What is stored of the log and cannot be read. */
		unread: readonly {
			readonly what: 'evening' | 'entry';
			readonly id: string;
			readonly why: string;
			readonly text: string;
		}[];
	}
	const { opened, learnt, proposals, hard, light, unit, yarns, unread }: Props = $props();
	const uid = $props.id();
	const of = $derived(opened.class);
	const people = $derived(of.people);
	const nameOf = $derived(new Map(people.map((p) => [p.id, p.name])));
	const basis = ({ from, spread }: Measured, unit: string): string =>
		from === 0
			? 'assumed'
			: `from ${from === 1 ? 'one measure' : `${from} measures`}${spread && from > 1 ? `, ${Math.round(spread[0])} to ${Math.round(spread[1])} ${unit}` : ''}`;

	let chosen = $state<Record<string, boolean>>({});
	const wanted = $derived(proposals.filter((p) => chosen[p.kind + p.skill] ?? true));
	let busy = $state(false);
	let trouble = $state<string>();
	async function make(): Promise<void> {
		busy = true;
		const answer = await makeNext(
			opened.id,
			wanted.map((p) => p.skill),
		);
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') await goto(`/lessons/${answer.value.id}`);
	}
	async function setAside(lap: Lap): Promise<void> {
		const aside = of.aside ?? [];
		const next = aside.includes(lap.press) ? aside.filter((a) => a !== lap.press) : [...aside, lap.press];
		const answer = await saveClass(opened.id, opened.version, { ...of, aside: next });
		trouble = answer.kind === 'stale' ? 'The class changed in another window. Try again.' : troubleOf(answer);
		await invalidateAll();
	}
	/** Pictures that are shown at first, and more of with each press. */
	const PIECES = 12;
	let piecesShown = $state(PIECES);
	/** A width that is asked about, to say what the ratios come to. */
	const WIDE_CM = 26;
	const asked = $derived(reckonedLength(WIDE_CM, unit));
	const spreadSaid = (spread: readonly [number, number] | undefined): string =>
		spread && spread[0] !== spread[1] ? `${spread[0].toFixed(2)} to ${spread[1].toFixed(2)}` : '';
	const saveTable = (): void => download(fileName(of.title, 'csv'), csvFile(learntTable(of, learnt)));
	const far = $derived(learnt.crossings.filter((l) => l.isFar).concat(learnt.stitches.filter((l) => l.isFar)));
	const curve = $derived(
		learnt.evenings.flatMap(({ day }, i) => {
			const laps = learnt.crossings.filter((l) => l.evening === i && !of.aside?.includes(l.press)).map((l) => l.value);
			return laps.length > 0
				? [{ day, value: laps.reduce((sum, v) => sum + v, 0) / laps.length, from: laps.length }]
				: [];
		}),
	);
</script>

<svelte:head><title>{of.title}: progress · Pond Loop</title></svelte:head>

<p><a class="wordlink" href="/classes/{opened.id}"><Icon svg={arrowLeftIcon} class="inline size-4" /> {of.title}</a></p>
<h1 class="mt-1 text-[1.8rem] leading-tight">Progress</h1>
{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}

{#if unread.length > 0}
	<details class="border-warning mt-2 border-l-4 pl-3" data-testid="unread-log">
		<summary class="cursor-pointer"
			>{unread.length === 1 ? 'One thing' : `${unread.length} things`} in this class’s log cannot be read, and
			{unread.length === 1 ? 'is' : 'are'} in nothing on this page. Nothing of it is lost.</summary
		>
		<ul class="mt-2 grid gap-y-2">
			{#each unread as { what, id, why, text }, nth (nth)}
				<li>
					{what === 'evening' ? 'A session' : 'An entry of a session'}: {why}
					<a class="wordlink" href={what === 'evening' ? `/unread/evenings/${id}` : `/evenings/${id}`}
						>{what === 'evening' ? 'Look at it, then fix or delete it' : 'Open that session'}</a
					>
					<code class="block text-[0.85rem] wrap-anywhere">{text}</code>
				</li>
			{/each}
		</ul>
	</details>
{/if}
{#if learnt.evenings.length === 0}
	<p class="border-base-300 mt-6 border-y py-8">
		No session yet. <a class="wordlink" href="/classes/{opened.id}">Begin one</a>. You’ll see here who can do what, how
		long steps take and what goes wrong.
	</p>
{:else}
	<p class="quiet">
		{#if learnt.evenings.length === 1}From one session, {weekdayOf(learnt.evenings[0]!.day)}{:else}From {learnt.evenings
				.length} sessions, {weekdayOf(learnt.evenings[0]!.day)} to {weekdayOf(learnt.evenings.at(-1)!.day)}{/if}. Not
		seen doesn’t count.
	</p>
	<div class="mt-5 grid grid-cols-[minmax(0,1fr)] items-start gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1fr)_25rem]">
		<section aria-labelledby="{uid}-who" class="min-w-0">
			<h2 id="{uid}-who" class="text-2xl">Who can what</h2>
			<p class="quiet text-[0.94rem]">
				{#each OUTCOMES as o, nth (nth)}<span class="mr-4"><span class={['mark', o]}></span> {OUTCOME_WORDS[o]}</span
					>{/each}
				· the last time each was seen at it
				<button type="button" class="wordlink ml-3" onclick={saveTable}>As a table (CSV)</button>
			</p>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="relative mt-2 overflow-x-auto" role="region" aria-label="Table of who can what" tabindex="0">
				<table class="text-[0.94rem]">
					<thead>
						<tr>
							<th class="quiet pr-4 text-left font-normal" scope="col">what</th>
							{#each people as { id, name } (id)}<th class="who" scope="col" dir="auto"><span>{name}</span></th>{/each}
							<th class="quiet pl-3 text-left font-normal whitespace-nowrap" scope="col">on their own</th>
						</tr>
					</thead>
					<tbody>
						{#each learnt.goals as goal (goal.id)}
							<tr class="border-base-300 border-t">
								<th class="max-w-60 py-1 pr-3 text-left leading-tight font-semibold" scope="row">{goal.title}</th>
								{#each people as { id, name } (id)}
									{@const one = goal.people.get(id)}
									<td class="px-1 text-center"
										>{#if one}<span
												class={['mark', one.last]}
												title="{name}: {OUTCOME_WORDS[one.last]}, seen {one.times} {one.times === 1 ? 'time' : 'times'}"
												aria-hidden="true"
											></span><span class="sr-only">{OUTCOME_WORDS[one.last]}</span>{:else}<span class="sr-only"
												>not seen</span
											>{/if}</td
									>
								{/each}
								<td class="quiet pl-3 whitespace-nowrap">{goal.counts.alone} of {goal.people.size}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>

			{#if learnt.steps.length > 0}
				<h2 class="mt-8 text-2xl">Minutes</h2>
				<p class="quiet text-[0.94rem]">
					{#if learnt.longer}Steps take {learnt.longer.value.toFixed(2)} times as long as planned (from {learnt.longer
							.from}
						steps, few so far, so close to 1).{/if}
				</p>
				<table class="mt-1 w-full text-[0.94rem]">
					<thead
						><tr class="quiet text-right"
							><th class="text-left font-normal" scope="col">step</th><th class="font-normal" scope="col">planned</th
							><th class="font-normal" scope="col">real</th></tr
						></thead
					>
					<tbody>
						{#each learnt.steps.slice(-12).reverse() as step, i (i)}
							<tr class="border-base-300 border-t text-right"
								><th class="py-0.5 text-left font-normal" scope="row" dir="auto"
									>{step.title} <span class="quiet">{weekdayOf(learnt.evenings[step.evening]!.day)}</span></th
								><td>{step.planned}</td><td class={step.real > step.planned * 1.3 ? 'font-bold' : ''}
									>{Math.round(step.real)}</td
								></tr
							>
						{/each}
					</tbody>
				</table>
			{/if}

			{#if learnt.washing.length > 0}
				<h2 class="mt-8 text-2xl">Washing</h2>
				<table class="mt-1 w-full text-[0.94rem] [&_:is(td,th)+*]:pl-3" data-testid="washing">
					<thead
						><tr class="quiet text-right"
							><th class="text-left font-normal" scope="col">{STATE_WORDS.off}, then</th><th
								class="font-normal"
								scope="col">across</th
							><th class="font-normal" scope="col">along</th><th class="pl-4 font-normal" scope="col"
								>to be {asked} wide</th
							></tr
						></thead
					>
					<tbody>
						{#each learnt.washing as { to, ratio }, nth (nth)}
							<tr class="border-base-300 border-t text-right align-top"
								><th class="py-0.5 text-left font-normal" scope="row"
									>{STATE_WORDS[to]}
									<span class="quiet">from {ratio.squares} {ratio.squares === 1 ? 'square' : 'squares'}</span></th
								>
								<td
									>× {ratio.across.toFixed(2)}<span class="quiet block text-sm whitespace-nowrap"
										>{spreadSaid(ratio.spread?.across)}</span
									></td
								>
								<td
									>× {ratio.along.toFixed(2)}<span class="quiet block text-sm whitespace-nowrap"
										>{spreadSaid(ratio.spread?.along)}</span
									></td
								>
								<td class="pl-4">{reckonedLength(WIDE_CM / ratio.across, unit)} {STATE_WORDS.off}</td></tr
							>
						{/each}
					</tbody>
				</table>
			{/if}
			{#if learnt.squares.length > 0}
				{#if learnt.washing.length === 0}<h2 class="mt-8 text-2xl">Squares</h2>{/if}
				<IntoDrawer id={opened.id} squares={learnt.squares} {yarns} />
			{/if}
			{#if learnt.pieces.length > 0}
				<h2 class="mt-8 text-2xl">Pieces</h2>
				<ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(8rem,1fr))] gap-3" data-testid="pieces">
					{#each learnt.pieces.slice(0, piecesShown) as { press, picture, what, person, evening } (press)}
						<li>
							<PieceShown
								address="/api/pictures/{picture.id}"
								{what}
								whose={person && nameOf.get(person)}
								on={weekdayOf(learnt.evenings[evening]!.day)}
							/>
						</li>
					{/each}
				</ul>
				{#if learnt.pieces.length > piecesShown}<button
						type="button"
						class="wordlink mt-2"
						onclick={() => (piecesShown += PIECES)}>Earlier pieces: {learnt.pieces.length - piecesShown}</button
					>{/if}
			{/if}
		</section>

		<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-y-8">
			<section aria-labelledby="{uid}-next" data-testid="next">
				<h2 id="{uid}-next" class="text-2xl">What next?</h2>
				{#if proposals.length === 0}<p class="quiet mt-1">Nothing to suggest yet.</p>{/if}
				<ul class="mt-1">
					{#each proposals as one, nth (nth)}
						<li class="border-base-300 border-t py-2">
							<label class="flex gap-3"
								><input
									type="checkbox"
									class="accent-secondary mt-1.5"
									checked={chosen[one.kind + one.skill] ?? true}
									onchange={(e) => (chosen = { ...chosen, [one.kind + one.skill]: e.currentTarget.checked })}
								/><span class="min-w-0 wrap-anywhere"
									><strong>{one.title}</strong><span class="quiet"
										>&nbsp; {one.kind === 'again'
											? 'again'
											: one.kind === 'spaced'
												? 'once more'
												: one.kind === 'new'
													? 'new'
													: 'meanwhile'}</span
									><span class="block text-[0.94rem]">{one.because}</span></span
								></label
							>
						</li>
					{/each}
				</ul>
				{#if proposals.length > 0}
					<button
						type="button"
						class="pill pill-strong mt-2 w-full"
						disabled={busy || wanted.length === 0}
						onclick={make}>{busy ? 'Making …' : 'Make that lesson'}</button
					>
				{/if}
			</section>

			<section aria-labelledby="{uid}-pace" class="min-w-0">
				<h2 id="{uid}-pace" class="text-2xl">Pace</h2>
				<p>
					<strong>{Math.round(learnt.pace.crossing.value)} s</strong> a crossing
					<span class="quiet">{basis(learnt.pace.crossing, 's')}</span><br />
					<strong>{Math.round(learnt.pace.stitches.value)}</strong> stitches a minute
					<span class="quiet">{basis(learnt.pace.stitches, 'a minute')}</span>
				</p>
				{#if curve.length > 1}<Curve points={curve} {light} />{/if}
				<details class="mt-1 text-[0.94rem]">
					<summary class="wordlink w-fit list-none">By person, and by session in figures</summary>
					<table class="mt-1 w-full">
						<thead
							><tr class="quiet text-right"
								><th class="text-left font-normal" scope="col">who</th><th class="font-normal" scope="col"
									>s a crossing</th
								><th class="font-normal" scope="col">a minute</th></tr
							></thead
						>
						<tbody>
							{#each people.filter((p) => !p.left) as person (person.id)}
								{@const pace = paceOf(person, of.level, learnt)}
								<tr class="border-base-300 border-t text-right"
									><th class="text-left font-normal" scope="row" dir="auto">{person.name}</th><td
										>{Math.round(pace.crossing.value)}
										<span class="quiet text-sm"
											>{pace.crossing.from === 0 ? 'assumed' : `of ${pace.crossing.from}`}</span
										></td
									><td
										>{Math.round(pace.stitches.value)}
										<span class="quiet text-sm"
											>{pace.stitches.from === 0 ? 'assumed' : `of ${pace.stitches.from}`}</span
										></td
									></tr
								>
							{/each}
						</tbody>
					</table>
					<table class="mt-3 w-full">
						<tbody>
							{#each curve as { day, value, from }, nth (nth)}
								<tr class="border-base-300 border-t text-right"
									><th class="text-left font-normal" scope="row">{weekdayOf(day)}</th><td>{Math.round(value)} s</td><td
										class="quiet">of {from}</td
									></tr
								>
							{/each}
						</tbody>
					</table>
				</details>
				{#if far.length > 0}
					<ul class="mt-2 text-[0.94rem]">
						{#each far as lap (lap.press)}
							<li>
								{lap.person ? nameOf.get(lap.person) : 'Somebody'}: {Math.round(lap.value)} on {weekdayOf(
									learnt.evenings[lap.evening]!.day,
								)} stands far off.
								<button type="button" class="wordlink" onclick={() => setAside(lap)}
									>{of.aside?.includes(lap.press) ? 'Use it' : 'Set it aside'}</button
								>
							</li>
						{/each}
					</ul>
				{/if}
			</section>

			<section aria-labelledby="{uid}-practice" data-testid="from-practice">
				<h2 id="{uid}-practice" class="text-2xl">Between sessions</h2>
				<ul class="mt-1">
					{#each hard.kinds.filter((k) => k.isHard).slice(0, 5) as one, nth (nth)}
						<li class="border-base-300 flex justify-between gap-x-3 border-t py-1">
							<span>{one.title}</span><span class="quiet whitespace-nowrap"
								>hard for <strong class="text-base-content">{one.hardFor}</strong> of {one.people}</span
							>
						</li>
					{/each}
				</ul>
				<p class="mt-1 text-[0.94rem]">
					{hard.kinds.length === 0
						? 'Nobody has sent practice results.'
						: hard.kinds.some((k) => k.isHard)
							? ''
							: 'Nothing in practice is hard for more than a third of the class.'}
					<a class="wordlink" href="/doors/classes/{opened.id}">Practice between sessions</a>
				</p>
			</section>

			{#if learnt.mistakes.length > 0}
				<section aria-labelledby="{uid}-wrong" class="min-w-0">
					<h2 id="{uid}-wrong" class="text-2xl">What goes wrong</h2>
					<ul class="mt-1">
						{#each learnt.mistakes as { mistake, many, people: who }, nth (nth)}
							<li class="border-base-300 flex justify-between gap-x-3 border-t py-1">
								<span>{MISTAKE_TITLES.get(mistake)}</span><span class="quiet whitespace-nowrap"
									><strong class="text-base-content">{many}</strong>{who > 1 ? `, ${who} people` : ''}</span
								>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
		</div>
	</div>
{/if}

<style>
	/* Full, half and empty: told apart without colour. */
	.mark {
		display: inline-block;
		width: 1.05rem;
		height: 1.05rem;
		border-radius: 50%;
		border: 2.5px solid var(--color-secondary);
		vertical-align: -0.15rem;
	}
	.mark.alone {
		background: var(--color-secondary);
	}
	.mark.help {
		border-color: #b07d12;
		background: linear-gradient(90deg, #b07d12 50%, transparent 50%);
	}
	.mark.not {
		border-color: var(--color-error);
	}
	:global([data-theme='dusk']) .mark.help {
		border-color: #e9b44c;
		background: linear-gradient(90deg, #e9b44c 50%, transparent 50%);
	}
	.who span {
		display: inline-block;
		writing-mode: vertical-rl;
		transform: rotate(180deg);
		max-height: 9rem;
		padding-block: 0.3rem;
		font-weight: 600;
	}
	.who {
		vertical-align: bottom;
		padding-inline: 0.25rem;
		min-width: 1.9rem;
	}
</style>
