<script lang="ts">
	import { difficulty, FOUND_LIMITS } from '@pond-loop/core/craft';
	import { type Found, simulate, startState, tally } from '@pond-loop/core/handling';
	import {
		canonical,
		crossingOfDraft,
		type Draft,
		draftOf,
		FIRST_DRAFT,
		flipped,
		fromCanonical,
	} from '@pond-loop/core/crossing';
	import { drawRibbon } from '@pond-loop/core/drawing';
	import { namesFor, sentenceFor, stitches, wordsFor } from '@pond-loop/core/notation';
	import { DESIGN_LIMITS } from '@pond-loop/core/schema';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { z } from 'zod';
	import { Typed } from '$lib/save/typed.svelte';
	import { saveDesign } from '$lib/design/api';
	import Cords from '$lib/design/Cords.svelte';
	import Groups from '$lib/design/Groups.svelte';
	import { troubleOf } from '$lib/save/send';
	import { addressOf } from '$lib/choices/address';
	import { useLight } from '$lib/ui/light-state.svelte';
	import { Searcher } from '$lib/workers/search';

	const { data } = $props();
	const light = useLight();

	const given = fromCanonical(page.url.searchParams.get('from') ?? '');
	let draft = $state.raw<Draft>(given.ok ? draftOf(given.value) : FIRST_DRAFT);
	let before = $state.raw<readonly Draft[]>([]);
	let name = $state('');
	const DraftSchema = z.object({
		name: z.string(),
		line: z.string(),
		/** The address it was begun at: another beginning is another design. */
		from: z.string(),
	});
	const from = page.url.searchParams.get('from') ?? '';
	const typed = new Typed(
		'design',
		DraftSchema,
		() => {
			const now = crossingOfDraft(draft);
			return now.ok && (before.length > 0 || name.trim()) ? { name, line: canonical(now.value), from } : undefined;
		},
		(back) => {
			const crossing = fromCanonical(back.line);
			if (back.from !== from || !crossing.ok) return;
			name = back.name;
			change(draftOf(crossing.value));
		},
	);
	const made = $derived(crossingOfDraft(draft));
	const letters = $derived(draft.groups.map((_, i) => 'ABCDEFGHIJKL'[i]!));

	/** Undone one by one. */
	function change(next: Draft): void {
		before = [...before, draft];
		draft = next;
	}
	function undo(): void {
		draft = before.at(-1) ?? draft;
		before = before.slice(0, -1);
	}

	const drawing = $derived(made.ok ? drawRibbon(made.value, { light: light.now, numbers: true }) : undefined);
	/** Which group a stitch belongs to. */
	const groupOf = $derived.by(() => {
		const of: number[] = [];
		for (const [i, { size }] of draft.groups.entries()) for (let k = 0; k < size; k++) of.push(i + 1);
		return of;
	});
	// The search is for what hands can hold in mind; wider ones are we find one for you, with patience.
	const MOST_GROUPS_SEARCHED = 8;
	const searched = $derived(draft.groups.length <= MOST_GROUPS_SEARCHED);
	/** What the search said of the crossing as it is now; nothing while it looks. */
	let plan = $state.raw<Found>();
	let searcher: Searcher | undefined;
	$effect(() => {
		searcher = new Searcher((said) => {
			if ('found' in said) plan = said.found;
		});
		return () => searcher?.stop();
	});
	$effect(() => {
		plan = undefined;
		if (made.ok && searched) searcher?.ask({ crossing: made.value, limits: FOUND_LIMITS });
	});
	const hard = $derived(made.ok ? difficulty(made.value) : undefined);
	const names = $derived(made.ok ? namesFor(made.value).filter((n) => n.name !== undefined) : []);
	const sentence = $derived(made.ok && draft.groups.length <= 5 ? sentenceFor(made.value) : undefined);

	let trouble = $state<string>();
	let kept = $state<string>();
	async function keep(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (!made.ok) return;
		kept = undefined;
		const answer = await saveDesign({ id: crypto.randomUUID(), name: name.trim(), crossing: made.value });
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		kept = name.trim();
		name = '';
		before = [];
		typed.done();
		await invalidateAll();
	}
</script>

<svelte:head><title>Design a crossing · Pond Loop</title></svelte:head>

<div class="flex flex-wrap items-baseline justify-between gap-x-8">
	<h1 class="text-4xl">Your own crossing</h1>
	<p class="flex gap-x-6">
		<button type="button" class="wordlink disabled:opacity-40" disabled={before.length === 0} onclick={undo}
			>Undo</button
		>
		<button type="button" class="wordlink" onclick={() => change(FIRST_DRAFT)}>Start over</button>
		<a class="wordlink" href="/crossings">All crossings</a>
	</p>
</div>

<div class="mt-5 grid grid-cols-1 gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
	<Groups {draft} {letters} {change}>
		<div class="my-4 grid items-center gap-x-8 gap-y-3 sm:grid-cols-[minmax(0,1fr)_13rem]">
			<div class="flex min-h-56 items-center justify-center">
				{#if drawing && made.ok}
					<Cords {drawing} {groupOf} {letters} turn={(a, b) => change(flipped(draft, a, b))} />
				{:else if !made.ok}
					<p class="text-error max-w-sm font-semibold" role="alert">
						{made.problems[0]?.what}
						{made.problems[0]?.todo}
					</p>
				{/if}
			</div>
			<div>
				<h2 class="lead font-sans">On top</h2>
				{#if draft.over.length === 0}<p class="text-[0.94rem]">Nothing crosses yet.</p>{/if}
				<ul class="text-[0.94rem]" data-testid="over">
					{#each draft.over as [upper, lower], nth (nth)}
						<li>
							<button
								type="button"
								class="wordlink my-0.5"
								onclick={() => change(flipped(draft, upper, lower))}
								aria-label="{letters[upper - 1]} over {letters[lower - 1]}; turn it round"
								><strong>{letters[upper - 1]}</strong> over {letters[lower - 1]}</button
							>
						</li>
					{/each}
				</ul>
			</div>
		</div>
	</Groups>

	{#if made.ok && hard}
		{@const words = wordsFor(made.value)}
		<div>
			<h2 class="text-2xl" data-testid="title">{words.title}</h2>
			<p class="quiet mt-1">
				{#each names as { school, name: one }, i (school.id)}{i > 0 ? ' · ' : ''}<span class="name text-base-content"
						>{one}</span
					>{:else}It has no usual abbreviation.{/each}
			</p>
			<dl class="mt-3 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-1 text-[0.94rem]">
				<dt class="quiet">Stitches</dt>
				<dd>{stitches(made.value.n)}, {words.work}</dd>
				<dt class="quiet">On top</dt>
				<dd>{words.look}</dd>
				<dt class="quiet">Hard</dt>
				<dd data-testid="hard"><strong>{hard.verdict}</strong>: {hard.because.join('; ')}</dd>
				<dt class="quiet">By hand</dt>
				<dd data-testid="plan">
					{#if !searched}
						we find one for you
					{:else if !plan}
						<span class="quiet">looking …</span>
					{:else if plan.ok}
						{@const counts = tally(simulate(plan.moves, startState(draft.groups.reduce((sum, g) => sum + g.size, 0))))}
						{counts.moves} moves with {['no cable needle', 'one cable needle', 'two cable needles'][counts.tools]};
						{plan.claim === 'best' ? 'no way has fewer transfers' : 'the best that was found'}
					{:else}
						needs loose loops, or more cable needles
					{/if}
				</dd>
				{#if sentence}
					<dt class="quiet">Sentence</dt>
					<dd class="font-mono text-[0.9rem]" data-testid="sentence">{sentence}</dd>
				{/if}
			</dl>
			<p class="mt-4">
				<a
					class="pill pill-strong w-full"
					href={names[0]?.name
						? addressOf({ text: names[0].name, school: names[0].school.id })
						: addressOf({ own: canonical(made.value), way: 'found' })}>Show me how</a
				>
			</p>
			{#if data.teacher}
				<form class="mt-5" onsubmit={keep}>
					<label class="lead block" for="design-name">Save it with a name</label>
					<div class="flex items-center gap-3">
						<input
							id="design-name"
							class="field grow"
							bind:value={name}
							required
							maxlength={DESIGN_LIMITS.name * 2}
							placeholder="e.g. reed braid"
						/>
						<button class="pill pill-soft shrink-0">Keep</button>
					</div>
					<p class="mt-2 min-h-[1lh] text-[0.94rem]" role="status">
						{#if trouble}<span class="text-error font-semibold">{trouble}</span>{:else if kept}“{kept}” is among your
							own <a class="wordlink" href="/crossings">crossings</a>.{/if}
					</p>
				</form>
			{/if}
		</div>
	{/if}
</div>
