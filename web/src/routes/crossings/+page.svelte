<script lang="ts">
	import { GRADES, lookUp, MAKES, those, type CollectionFilter } from '@pond-loop/core/collection';
	import { STRAIN_VERDICTS } from '@pond-loop/core/fabric';
	import { MAX_SENTENCE_LENGTH, readGlossary } from '@pond-loop/core/notation';
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import Own from '$lib/design/Own.svelte';
	import FromSymbol from '$lib/find/FromSymbol.svelte';
	import Hits from '$lib/find/Hits.svelte';
	import PatternTyped from '$lib/find/PatternTyped.svelte';
	import { pastedLines } from '$lib/name/pasted';
	import { tiles } from '$lib/find/lazy-tiles';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();

	const PAGE = 40;
	interface FilterChoice {
		readonly key: keyof CollectionFilter;
		readonly title: string;
		readonly options: readonly (readonly [value: string | number, label: string])[];
	}
	const same = (values: readonly string[]): (readonly [string, string])[] => values.map((v) => [v, v]);
	const WIDTHS = [2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];
	const CHOICES: readonly FilterChoice[] = [
		{
			key: 'lean',
			title: 'Leans',
			options: [
				['left', 'left'],
				['right', 'right'],
			],
		},
		{
			key: 'groups',
			title: 'Groups',
			options: [
				[2, 'two'],
				[3, 'three'],
			],
		},
		{ key: 'width', title: 'Stitches', options: WIDTHS.map((n) => [n, String(n)]) },
		{
			key: 'make',
			title: 'Worked',
			options: MAKES.map((m) => [m, m === 'twisted-purled' ? 'twisted over purl' : m]),
		},
		{ key: 'grade', title: 'Grade', options: same(GRADES) },
		{ key: 'verdict', title: 'How tight', options: same(STRAIN_VERDICTS) },
	];

	// What is looked for stands in the address, so that a reload, Back and a bookmark bring it back.
	const asked = page.url.searchParams;
	let text = $state(asked.get('find') ?? '');
	let wanted = $state<CollectionFilter>(wantedFrom(asked));
	let many = $state(PAGE);
	/** Lines that were pasted, until something else is typed. */
	let pattern = $state<string>();
	let symbol = $state(asked.has('symbol'));

	function wantedFrom(params: URLSearchParams): CollectionFilter {
		if (!params.has('find') && !CHOICES.some((c) => params.has(c.key))) return { make: 'knit' };
		const chosen = CHOICES.flatMap(({ key, options }) => {
			const option = options.find(([v]) => String(v) === params.get(key));
			return option ? [[key, option[0]] as const] : [];
		});
		return Object.fromEntries(chosen) as CollectionFilter;
	}
	const address = $derived.by(() => {
		const usual = Object.keys(wanted).length === 1 && wanted.make === 'knit';
		const pairs: [string, string][] = text.trim() || !usual ? [['find', text]] : [];
		if (!usual) for (const [key, value] of Object.entries(wanted)) pairs.push([key, String(value)]);
		const query = new URLSearchParams(pairs).toString();
		return query ? `?${query}` : page.url.pathname;
	});
	// Browsers refuse very frequent changes, so it follows once the typing rests.
	$effect(() => {
		const now = address;
		const timer = setTimeout(() => {
			if (now !== page.url.search && !(now === page.url.pathname && page.url.search === '')) replaceState(now, {});
		}, 150);
		return () => clearTimeout(timer);
	});

	const found = $derived(
		text.trim() ? lookUp(text, data.all, readGlossary(data.style.glossary), data.designs) : undefined,
	);
	const entries = $derived(those(found?.kind === 'part' ? found.entries : data.all, wanted));

	function choose(key: keyof CollectionFilter, value: string): void {
		const { [key]: _, ...rest } = wanted;
		const chosen = CHOICES.find((c) => c.key === key)!.options.find(([v]) => String(v) === value);
		wanted = chosen ? { ...rest, [key]: chosen[0] } : rest;
		many = PAGE;
	}
	/** Those of one's own that a part of a name leaves. */
	const own = $derived(
		found?.kind === 'part' ? data.designs.filter((d) => found.own.some((h) => h.own === d.name)) : data.designs,
	);
	const narrowed = $derived(Object.keys(wanted).length > 0);
</script>

<svelte:head><title>Cables · Pond Loop</title></svelte:head>

<div class="flex flex-wrap items-end justify-between gap-x-10 gap-y-3">
	<h1 class="text-4xl">Cables</h1>
	<div class="min-w-0 grow basis-72 lg:max-w-xl">
		<label class="lead block" for="find">An abbreviation, a sentence, or rows of a pattern</label>
		<div class="flex items-center gap-2">
			<input
				id="find"
				data-name-field
				class="field grow font-mono"
				autocomplete="off"
				autocapitalize="off"
				spellcheck="false"
				maxlength={MAX_SENTENCE_LENGTH}
				placeholder="e.g. C4F, 2/1 LPC, or sl 2 sts to cn …"
				bind:value={text}
				oninput={() => (pattern = undefined)}
				onpaste={(e) =>
					pastedLines(e, (lines) => {
						pattern = lines;
						text = '';
					})}
			/>
			<kbd class="kbd-small" title="Press / to come here">/</kbd>
		</div>
	</div>
</div>

<details class="mt-4" bind:open={symbol}>
	<summary class="wordlink w-fit list-none">Find it by its chart symbol</summary>
	{#if symbol}<div class="border-base-300 mt-3 rounded-2xl border p-5"><FromSymbol /></div>{/if}
</details>
{#if pattern !== undefined}
	<div class="mt-6">
		<PatternTyped text={pattern}>{#snippet otherwise()}<p>We found no rows in it.</p>{/snippet}</PatternTyped>
	</div>
{:else if found && found.kind !== 'part'}
	<section class="mt-6" aria-labelledby="meant">
		<h2 id="meant" class="lead mb-2 font-sans">
			{found.hits.length > 1 ? 'It can mean more than one thing. Your pattern decides.' : 'It is'}
		</h2>
		<Hits hits={found.hits} {text} />
	</section>
{:else}
	<section class="mt-4" aria-labelledby="own-title">
		<div class="flex items-baseline gap-x-5">
			<h2 id="own-title" class="lead font-sans">
				{own.length > 0
					? 'Your own'
					: data.designs.length > 0
						? 'None of your own is called so'
						: 'None of your own yet'}
			</h2>
			<a class="wordlink text-[0.94rem]" href="/crossings/design">Design one</a>
		</div>
		<Own designs={own} light={light.now} style={data.style} />
		{#each data.unread as one (one.id)}
			<p class="mt-2 text-[0.94rem]">
				“{one.name}” is stored but can’t be read.
				<a class="wordlink" href="/unread/designs/{one.id}">See it as it is</a>
			</p>
		{/each}
	</section>
	<div
		class="border-base-300 mt-5 flex flex-wrap items-end gap-x-5 gap-y-2 border-b pb-4"
		role="group"
		aria-label="Narrow down"
	>
		{#each CHOICES as { key, title, options }, nth (nth)}
			<div class="min-w-0">
				<label class="lead block" for="want-{key}">{title}</label>
				<select
					id="want-{key}"
					class="field py-0.5"
					value={String(wanted[key] ?? '')}
					onchange={(e) => choose(key, e.currentTarget.value)}
				>
					<option value="">any</option>
					{#each options as [value, label], nth (nth)}<option value={String(value)}>{label}</option>{/each}
				</select>
			</div>
		{/each}
		{#if narrowed}<button type="button" class="wordlink mb-1" onclick={() => (wanted = {})}>All of them</button>{/if}
		<p class="quiet mb-1 ml-auto" aria-live="polite" data-testid="count">
			{entries.length}
			{entries.length === 1 ? 'crossing' : 'crossings'}
		</p>
	</div>
	{#if entries.length === 0}
		{#snippet none()}
			<p class="mt-6">
				Nothing matches{found ? ', and no cable has that name' : ''}. Remove a filter, or type an abbreviation. We can
				show any crossing up to 60 stitches.
			</p>
		{/snippet}
		{#if text.trim()}<div class="mt-6"><PatternTyped {text} otherwise={none} /></div>{:else}{@render none()}{/if}
	{/if}
	<LazyPart
		part={tiles}
		when="still"
		given={{ entries: entries.slice(0, many), light: light.now, style: data.style }}
	/>
	{#if entries.length > many}
		<p class="mt-4 text-center">
			<button type="button" class="pill pill-soft" onclick={() => (many += PAGE)}
				>Show {Math.min(PAGE, entries.length - many)} more</button
			>
		</p>
	{/if}
{/if}
