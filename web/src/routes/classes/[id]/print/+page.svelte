<script lang="ts">
	import { weekdayOf } from '$lib/ui/dates';
	import { learntBy, nextFor } from '@pond-loop/core/class';
	import Card from '$lib/class/Card.svelte';
	import { apart } from '$lib/class/person-words';

	const { data } = $props();
	const of = $derived(data.opened.class);
	const learnt = $derived(learntBy(of, data.held, new Set(of.aside)));
	const proposals = $derived(nextFor(of, learnt));
	const people = $derived(of.people.filter((p) => !p.left));
	const KINDS = [
		['list', 'Sign-in list'],
		['cards', 'A card for each'],
		['paper', 'Certificates'],
	] as const;
	let kind = $state<(typeof KINDS)[number][0]>('list');
	interface SkillLine {
		readonly id: string;
		readonly title: string;
	}
	const can = (id: string): readonly SkillLine[] => learnt.goals.filter((g) => g.people.get(id)?.last === 'alone');
	const next = (id: string): readonly SkillLine[] => [
		...learnt.goals.filter((g) => ['help', 'not'].includes(g.people.get(id)?.last ?? '')),
		...proposals
			.filter((p) => p.kind === 'ahead' && p.people?.includes(id))
			.map(({ skill, title }) => ({ id: skill, title })),
	];
	/** Evenings at which somebody was seen or said to be here. */
	const evenings = (id: string): number =>
		learnt.went.filter((w) => w.here.get(id) || [...w.outcomes.values()].some((seen) => seen.has(id))).length;
	const days = $derived(learnt.evenings.map((e) => e.evening.day));
</script>

<svelte:head><title>{of.title}, for paper</title></svelte:head>

<main id="main" class="mx-auto max-w-4xl px-6 py-6 print:max-w-none print:p-0">
	<div class="mb-6 flex flex-wrap items-center gap-x-6 gap-y-2 print:hidden">
		<a class="wordlink" href="/classes/{data.opened.id}">Back to the class</a>
		<fieldset class="bg-base-200 flex flex-wrap rounded-full p-0.5">
			<legend class="sr-only">What to print</legend>
			{#each KINDS as [id, title] (id)}
				<label
					class={[
						'cursor-pointer rounded-full px-3.5 py-1 has-focus-visible:outline-2',
						kind === id && 'bg-primary text-primary-content font-semibold',
					]}><input type="radio" class="sr-only" name="kind" value={id} bind:group={kind} />{title}</label
				>
			{/each}
		</fieldset>
		<button type="button" class="pill pill-strong" onclick={() => print()}>Print</button>
	</div>
	{#if kind === 'list'}
		<h1 class="text-3xl" dir="auto">{of.title}</h1>
		<p class="quiet">{[of.place, of.hour].filter(Boolean).join(', ')} · Day ______________________</p>
		<table class="mt-4 w-full">
			<thead
				><tr class="text-left"
					><th scope="col">Name</th><th class="px-3" scope="col">Here</th><th scope="col">Signature</th></tr
				></thead
			>
			<tbody>
				{#each people as person (person.id)}
					<tr class="border-base-300 border-t"
						><th class="py-3 text-left wrap-anywhere" scope="row" dir="auto"
							>{person.name} <span class="quiet text-sm font-normal">{apart({ ...person, avoids: [] })}</span></th
						><td class="px-3"><span class="inline-block size-5 border-2" aria-hidden="true"></span></td><td
							class="w-1/2"
						></td></tr
					>
				{/each}
			</tbody>
		</table>
		<p class="quiet mt-4">Scissors, pins and needles out: ____ &nbsp; back: ____</p>
	{:else if kind === 'cards'}
		<h1 class="sr-only">Cards</h1>
		<div class="grid gap-6 sm:grid-cols-2">
			{#each people as person (person.id)}
				<Card {person} style={data.style} can={can(person.id)} next={next(person.id).slice(0, 4)} />
			{/each}
		</div>
	{:else}
		<h1 class="sr-only">Certificates</h1>
		{#each people as person (person.id)}
			<section class="break-after-page py-10 text-center" aria-label={person.name}>
				<p class="quiet text-lg" dir="auto">{of.title}{of.place ? `, ${of.place}` : ''}</p>
				<h2 class="mt-6 text-5xl" dir="auto">{person.name}</h2>
				<p class="mt-4 text-xl">
					{#if evenings(person.id) > 0}was here on {evenings(person.id) === 1
							? 'one session'
							: `${evenings(person.id)} sessions`}
						between {weekdayOf(days[0]!)} and {weekdayOf(days.at(-1)!)}{:else}came to this class{/if}, and crossed
					stitches.
				</p>
				{#if can(person.id).length > 0}
					<ul class="mx-auto mt-6 w-fit list-disc text-left text-lg">
						{#each can(person.id) as { id, title } (id)}<li>{title}</li>{/each}
					</ul>
				{/if}
				<p class="mt-14">______________________________</p>
			</section>
		{/each}
	{/if}
</main>
