<script lang="ts">
	import { hand, perform } from '@pond-loop/core/craft';
	import { namesFor, readName, SCHOOLS, wordsFor } from '@pond-loop/core/notation';
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import KeepIn from '$lib/lesson/KeepIn.svelte';
	import Facts from '$lib/stage/Facts.svelte';
	import Proof from '$lib/stage/Proof.svelte';
	import Stage from '$lib/stage/Stage.svelte';
	import Ways from '$lib/stage/Ways.svelte';
	import Anatomy from '$lib/ui/Anatomy.svelte';
	import { addressOf, choicesFrom } from '$lib/ui/choices';
	import { useLight } from '$lib/ui/light-state.svelte';
	import NameField from '$lib/ui/NameField.svelte';
	import NotRead from '$lib/ui/NotRead.svelte';

	const { data } = $props();
	const light = useLight();

	// svelte-ignore state_referenced_locally
	const first = choicesFrom(page.url.searchParams, data.school);
	let text = $state(first.text);
	let school = $state(first.school);
	let way = $state(first.way);
	let step = $state(first.step);
	let slip = $state(first.slip);

	const reading = $derived(readName(text, school));
	const words = $derived(reading.ok ? wordsFor(reading.crossing) : undefined);
	const performance = $derived(reading.ok ? perform(hand, reading.crossing, way, slip) : undefined);
	const names = $derived(reading.ok ? namesFor(reading.crossing) : []);
	const named = $derived(names.filter((n) => n.name !== undefined));
	const nameless = $derived(names.filter((n) => n.name === undefined));

	// The address says what is on the stage, so that a reload or a bookmark brings it back.
	// Browsers refuse very frequent changes, so it follows once the typing rests.
	$effect(() => {
		const address = addressOf({ text, school, way, step, slip });
		const timer = setTimeout(() => {
			if (address !== page.url.pathname + page.url.search) replaceState(address, {});
		}, 150);
		return () => clearTimeout(timer);
	});

	const chosenWay = $derived(hand.ways.find((w) => w.id === way) ?? hand.ways[0]!);

	function restart(): void {
		step = 0;
		slip = undefined;
	}
</script>

<svelte:head><title>{words ? `${words.title} · Pond Loop` : 'Crossings · Pond Loop'}</title></svelte:head>

<div class="grid items-end gap-x-10 gap-y-3 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_26.5rem]">
	<div class="min-w-0">
		<h1 class="text-[1.8rem] leading-tight">{words?.title ?? 'Crossings'}</h1>
		<p class="quiet min-h-[1lh]">
			{#if named.length > 0}
				also written
				{#each named as { school: by, name }, i (by.id)}{i > 0 ? ' · ' : ' '}<span class="name text-base-content"
						>{name}</span
					>{/each}
			{/if}
			{#each nameless as { school: by } (by.id)}<span> · no name in: {by.title}</span>{/each}
		</p>
	</div>
	<div><NameField bind:text bind:school label="Find by any name" onchange={restart} /></div>
</div>

{#if reading.ok && performance?.ok}
	{@const { trace, proof } = performance.value}
	<div class="mt-4 grid items-start gap-x-7 gap-y-6 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_18rem]">
		<div>
			<Stage crossing={reading.crossing} {trace} light={light.now} bind:step />
			<div class="mt-6 grid gap-x-10 gap-y-5 md:grid-cols-2">
				<section aria-labelledby="apart">
					<h2 id="apart" class="lead mb-2 font-sans">The name, taken apart</h2>
					<Anatomy parts={reading.parts} />
					<p class="quiet mt-2 text-[0.94rem]">{SCHOOLS[reading.school].title}: {SCHOOLS[reading.school].rule}</p>
				</section>
				<section aria-labelledby="this-way">
					<h2 id="this-way" class="lead mb-1 font-sans">{chosenWay.title}</h2>
					<p class="text-[0.94rem]">{chosenWay.when}</p>
					{#if chosenWay.caution}<p class="mt-1 text-[0.94rem]">{chosenWay.caution}</p>{/if}
				</section>
			</div>
		</div>
		<div class="grid gap-x-8 gap-y-4 sm:grid-cols-2 lg:grid-cols-1">
			<div><Facts crossing={reading.crossing} light={light.now} /></div>
			<Proof {proof} />
			<Ways
				crossing={reading.crossing}
				{way}
				choose={(chosen) => {
					way = chosen;
					step = 0;
				}}
			/>
			<div>
				<KeepIn
					lessons={data.lessons}
					asked={{ text: text.trim(), school: reading.school }}
					crossing={reading.crossing}
					{way}
				/>
				<section class="mt-5" aria-labelledby="what-if">
					<h2 id="what-if" class="lead font-sans">What if …</h2>
					<ul class="mt-1 flex flex-wrap gap-x-4 gap-y-1">
						{#each hand.slips as s (s.id)}
							<li>
								<button
									type="button"
									class={['wordlink', slip === s.id && 'font-bold']}
									aria-pressed={slip === s.id}
									onclick={() => (slip = slip === s.id ? undefined : s.id)}>{s.title}</button
								>
							</li>
						{/each}
					</ul>
				</section>
			</div>
		</div>
	</div>
{:else if !reading.ok}
	<div class="mt-8">
		<NotRead
			{reading}
			light={light.now}
			choose={(close) => {
				text = close.name;
				school = close.school;
				restart();
			}}
			readIn={(other) => {
				school = other;
				restart();
			}}
		/>
	</div>
{:else if performance && !performance.ok}
	<div class="mt-8" role="status">
		{#each performance.problems as problem (problem.code)}<p>{problem.what} {problem.todo}</p>{/each}
	</div>
{/if}
