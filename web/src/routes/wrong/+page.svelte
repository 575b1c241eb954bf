<script lang="ts">
	import { craftIn, isLeftHanded, shownIn, wayIn } from '@pond-loop/core/look';
	import { perform, wordsFor } from '@pond-loop/core/made';
	import { readGlossary, readTextWith, stitches } from '@pond-loop/core/notation';
	import { drawResult, glanceAt } from '@pond-loop/core/drawing';
	import type { AnyTrace } from '@pond-loop/core/handling';
	import { causesOf, looksIn, SEEN, type SeenId } from '@pond-loop/core/wrong';
	import { tick } from 'svelte';
	import { page } from '$app/state';
	import { addressOf } from '$lib/choices/address';
	import { choicesFrom } from '$lib/choices/choices';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const first = choicesFrom(page.url.searchParams, data.style.school);
	let text = $state(first.text);
	let school = $state(first.school);
	let changing = $state(false);
	let seen = $state<SeenId | undefined>(SEEN.find(([id]) => id === page.url.searchParams.get('seen'))?.[0]);
	let nth = $state(0);
	let rows = $state(2);

	const style = $derived({ ...data.style, demonstrates: first.hands ?? data.style.demonstrates });
	const craft = $derived(craftIn(style, first.craft));
	const reading = $derived(readTextWith(readGlossary(style.glossary), text, school, first.meaning));
	const shown = $derived(reading.ok ? shownIn(style, reading.crossing, craft) : undefined);
	const way = $derived(shown && wayIn(style, shown.made, first.way, craft));
	const right = $derived.by(() => {
		const done = shown && way ? perform(craft, shown.made, way) : undefined;
		return done?.ok ? done.value : undefined;
	});
	const piece = $derived(
		shown && way && right
			? {
					craft,
					made: shown.made,
					way,
					right,
					rows: 0,
					fabric: shown.fabric,
					...(reading.ok && !('past' in reading) ? { name: { text: text.trim(), school: reading.school } } : {}),
				}
			: undefined,
	);
	const looks = $derived(piece ? looksIn(craft, piece.right.taken, piece.right.trace) : []);
	/** The first cause of each, for its picture, which is the same after however many rows. */
	const pictures = $derived(
		piece
			? SEEN.filter(([id]) => looks.includes(id)).map(([id, says]) => ({
					id,
					says,
					...causesOf(id, piece)
						.slice(0, 1)
						.map(({ trace, rows }) => ({ trace, rows }))[0],
				}))
			: [],
	);
	const causes = $derived(piece && seen ? causesOf(seen, { ...piece, rows }) : []);
	const cause = $derived(causes[Math.min(nth, causes.length - 1)]);
	const mirrored = $derived(craft.isHanded && isLeftHanded(style));
	const drawn = (of: AnyTrace) =>
		drawResult(right!.taken.loops, of.outcome, { light: light.now, face: 'RS', mirrored });
	const hands = $derived(!craft.isHanded ? craft.title.toLowerCase() : mirrored ? 'left-handed' : 'right-handed');
	let answer = $state<HTMLElement>();
	/** On a phone the answer is below the pictures: it is brought into view. */
	async function look(at: SeenId): Promise<void> {
		seen = at;
		nth = 0;
		await tick();
		if (answer && answer.getBoundingClientRect().top > innerHeight - 160) answer.scrollIntoView({ block: 'start' });
	}
	const stage = $derived(addressOf({ text, school, meaning: first.meaning, craft: first.craft, hands: first.hands }));
</script>

<svelte:head><title>What went wrong? · Pond Loop</title></svelte:head>

<h1 class="text-3xl sm:text-4xl">What went wrong?</h1>
<p class="quiet mt-1">
	Press what you see in the piece.
	{#if shown}<span class="text-base-content ml-2"
			><span class="name">{text.trim()}</span>, {wordsFor(shown.fabric).title}, {hands}</span
		>
		·
		<button type="button" class="wordlink" aria-expanded={changing} onclick={() => (changing = !changing)}
			>another cable</button
		>{/if}
</p>
{#if changing || !reading.ok}
	<div class="mt-3 max-w-xl">
		<NameField bind:text bind:school label="Cable abbreviation" onchange={() => (nth = 0)} />
	</div>
{/if}

{#if !reading.ok}
	<div class="mt-6">
		<NotRead
			{reading}
			light={light.now}
			{style}
			choose={(close) => {
				text = close.name;
				school = close.school;
			}}
			readIn={(other) => (school = other)}
		/>
	</div>
{:else if piece && right}
	<div
		class="mt-4 grid grid-cols-3 gap-2 sm:grid-cols-4 sm:gap-3 lg:grid-cols-6"
		role="group"
		aria-label="What you see"
	>
		{#each pictures.slice(0, 12) as { id, says, trace, rows: over } (id)}
			<button
				type="button"
				class={[
					'flex cursor-pointer flex-col items-center gap-1.5 rounded-2xl p-2.5 text-center leading-tight max-sm:text-[0.9rem]',
					seen === id ? 'bg-primary text-primary-content' : 'bg-base-200 hover:bg-base-300',
				]}
				aria-pressed={seen === id}
				onclick={() => void look(id)}
			>
				<span class="bg-base-100 block overflow-hidden rounded-lg">
					<Drawing drawing={over ? glanceAt(over.yours, light.now)! : drawn(trace ?? right.trace)} width={64} />
				</span>
				{says}
			</button>
		{/each}
	</div>
	{#if seen}
		<div
			class="mt-6 grid scroll-mt-4 grid-cols-1 gap-x-10 gap-y-6 md:grid-cols-2"
			aria-live="polite"
			bind:this={answer}
		>
			<section aria-labelledby="likely">
				<h2 id="likely" class="text-xl">Most likely</h2>
				{#if causes.length === 0}
					<p class="mt-2">Nothing in this cable causes that. Check the rows around it.</p>
				{/if}
				<ul class="mt-1">
					{#each causes.slice(0, 6) as one, i (i)}
						<li class="border-base-300 border-t first:border-t-0">
							<button
								type="button"
								class={[
									'flex w-full cursor-pointer items-baseline justify-between gap-4 rounded-lg px-3 py-2 text-left',
									one === cause ? 'bg-base-200 font-bold' : 'hover:bg-base-200/60',
								]}
								aria-pressed={one === cause}
								onclick={() => (nth = i)}
								><span>{one.title}</span>{#if i === 0}<span class="quiet shrink-0 font-normal">most often</span
									>{/if}</button
							>
						</li>
					{/each}
				</ul>
				{#if cause}
					<p class="mt-3 px-3">{cause.how}</p>
					{#if cause.alsoShows.length > 0}
						<p class="quiet mt-1 px-3 text-[0.94rem]">
							Then you also see: {cause.alsoShows.map((s) => s.says.RS ?? s.says.WS).join('; ')}.
						</p>
					{/if}
					{#if cause.rows}
						<div class="mt-4 flex gap-6 px-3 text-center">
							{#each [['meant', cause.rows.meant], ['yours', cause.rows.yours]] as const as [says, of], i (i)}
								<figure>
									<div class="overflow-hidden rounded-xl">
										<Drawing drawing={glanceAt(of, light.now)!} width={150} />
									</div>
									<figcaption class="quiet mt-1">{says}</figcaption>
								</figure>
							{/each}
						</div>
					{:else if cause.trace}
						<div class="mt-4 flex gap-6 px-3 text-center">
							{#each [{ says: 'meant', of: right.trace }, { says: 'yours', of: cause.trace }] as { says, of }, i (i)}
								<figure>
									<div class="overflow-hidden rounded-xl"><Drawing drawing={drawn(of)} width={104} /></div>
									<figcaption class="quiet mt-1">{says}</figcaption>
								</figure>
							{/each}
						</div>
					{/if}
				{/if}
			</section>
			{#if cause}
				<section aria-labelledby="fix" data-testid="fix">
					<h2 id="fix" class="text-xl">How to fix it</h2>
					<ol class="mt-2 list-decimal space-y-1 pl-6">
						{#each cause.fix as step, i (i)}<li>{step}</li>{/each}
					</ol>
					{#if cause.cost !== undefined}
						<p class="quiet mt-2">{stitches(cause.cost)} to work again.</p>
						{#if !cause.rows}<p class="mt-3 flex flex-wrap items-center gap-x-3 text-[0.94rem]">
								<label class="lead" for="rows">Noticed after</label>
								<input id="rows" class="accent-secondary w-40" type="range" min="0" max="12" bind:value={rows} />
								<span>{rows === 0 ? 'the same row' : rows === 1 ? '1 row' : `${rows} rows`}</span>
							</p>{/if}
					{/if}
					<p class="mt-4"><a class="pill pill-soft" href={stage}>Show how to work it</a></p>
				</section>
			{/if}
		</div>
	{/if}
{:else}
	<p class="mt-6">{craft.title} can’t do this crossing.</p>
{/if}
