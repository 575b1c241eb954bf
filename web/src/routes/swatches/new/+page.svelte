<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import xIcon from 'lucide-static/icons/x.svg?raw';
	import type * as Languages from '@pond-loop/core/language';
	import type { LanguageId } from '@pond-loop/core/language';
	import { namesIn, readGlossary, readRows } from '@pond-loop/core/notation';
	import {
		castOnNeeded,
		CORD_KINDS,
		type CordKind,
		type CordWanted,
		PRACTICE_LIMITS,
		practiceSwatch,
	} from '@pond-loop/core/swatch';
	import { z } from 'zod';
	import { Typed } from '$lib/save/typed.svelte';
	import { enhance } from '$app/forms';
	import { keepPage } from '$lib/account/keep-page';
	import InEnglish from '$lib/swatch/InEnglish.svelte';
	import { practiceMade } from '$lib/swatch/lazy-practice';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	const { data, form } = $props();
	const light = useLight();

	const KIND: Readonly<Record<CordKind, string>> = {
		rope: 'Rope',
		plait: 'Plait',
		zigzag: say('Travelling zigzag'),
		diamond: 'Diamond',
		honeycomb: 'Honeycomb',
		reversible: 'Reversible rib',
	};
	/** Whole swatches to begin from. */
	const STARTS: readonly (readonly [string, readonly CordWanted[]])[] = [
		['One rope', [{ kind: 'rope', group: 2, lean: 'left' }]],
		[
			'Left beside right',
			[
				{ kind: 'rope', group: 2, lean: 'left' },
				{ kind: 'rope', group: 2, lean: 'right' },
			],
		],
		[
			'Tight beside loose',
			[
				{ kind: 'rope', group: 2, every: 2 },
				{ kind: 'rope', group: 2, every: 4 },
				{ kind: 'rope', group: 2, every: 8 },
			],
		],
		['Plait', [{ kind: 'plait', group: 2 }]],
		['Zigzag', [{ kind: 'zigzag', group: 2, steps: 4 }]],
		['Diamond', [{ kind: 'diamond', group: 2, steps: 4 }]],
		[
			'Honeycomb',
			[
				{ kind: 'honeycomb', group: 2 },
				{ kind: 'honeycomb', group: 2 },
			],
		],
		['Reversible', [{ kind: 'reversible', group: 4, lean: 'left' }]],
	];

	let cords = $state<CordWanted[]>([{ kind: 'rope', group: 3, lean: 'left' }]);
	let border = $state(3);
	let ground = $state(3);
	let repeats = $state(3);
	let shape = $state<'flat' | 'round'>('flat');
	let title = $state('');

	const made = $derived(practiceSwatch({ cords, border, ground, repeats, shape, school: data.style.school }));
	const suggested = $derived(
		cords
			.map((c) => KIND[c.kind])
			.join(' beside ')
			.toLowerCase(),
	);

	const set = (i: number, more: Partial<CordWanted>): void => {
		cords = cords.map((c, k) => (k === i ? { ...c, ...more } : c));
	};
	const number = (event: Event): number => (event.currentTarget as HTMLInputElement).valueAsNumber || 0;

	let ownTitle = $state('');
	let ownText = $state('');
	/** As it was set by hand; told by the rows while it was not. */
	let ownCastOn = $state<number>();
	const Own = z.object({ title: z.string(), text: z.string(), castOn: z.number() });
	const typed = new Typed(
		'new-rows',
		Own,
		() =>
			data.own && (ownTitle.trim() || ownText.trim())
				? { title: ownTitle, text: ownText, castOn: ownStitches }
				: undefined,
		(back) => {
			if (data.own) ({ title: ownTitle, text: ownText, castOn: ownCastOn } = back);
		},
	);
	function anew(): void {
		[ownTitle, ownText, ownCastOn] = ['', '', undefined];
		typed.done();
	}
	let trouble = $state<string>();
	/** Loaded when something is typed: most patterns are English. */
	let languages = $state.raw<typeof Languages>();
	$effect(() => {
		if (ownText && !languages) void import('@pond-loop/core/language').then((loaded) => (languages = loaded));
	});
	let language = $state<LanguageId | 'en'>('en');
	const looks = $derived(languages && ownText.length > 12 ? languages.looksLike(ownText) : undefined);
	const foreign = $derived(languages && language !== 'en' ? languages.languageOf(language) : undefined);
	const ownNames = $derived(namesIn(data.style.glossary));
	const english = $derived(
		languages && language !== 'en' ? languages.inEnglish(language, ownText, { looks, names: ownNames }) : undefined,
	);
	/** Whether the pattern as it was written stays beside its English. */
	let keepsOriginal = $state(true);
	const said = $derived(
		readRows(english?.english ?? ownText, { school: data.style.school, glossary: readGlossary(data.style.glossary) }),
	);
	const ownShape = $derived(said.shape?.shape ?? 'flat');
	const needed = $derived(castOnNeeded(said, { shape: ownShape, school: data.style.school }));
	const ownStitches = $derived(said.castOn?.stitches ?? ownCastOn ?? needed ?? 20);
</script>

<svelte:head><title>A new swatch · Pond Loop</title></svelte:head>

{#if data.own}
	<div class="max-w-3xl">
		<h1 class="text-4xl">Type a pattern</h1>
		<p class="quiet mt-2">Paste a pattern. I chart what I can read and mark the rest.</p>
		<form
			method="post"
			action="?/keep"
			class="mt-5"
			use:enhance={keepPage(
				(words) => (trouble = words),
				() => typed.done(),
			)}
		>
			{#if typed.back}
				<p class="border-accent mb-4 border-l-4 py-1 pl-4" role="status">
					We restored what you typed earlier.
					<button type="button" class="wordlink ml-2" onclick={anew}>Start over</button>
				</p>
			{/if}
			<label class="lead block" for="own-title">Title</label>
			<input
				id="own-title"
				name="title"
				dir="auto"
				class="field w-full"
				bind:value={ownTitle}
				required
				placeholder="e.g. Wall pennant, middle panel"
			/>
			<div class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
				<div>
					<label class="lead block" for="own-cast-on">Stitches cast on</label>
					<input
						id="own-cast-on"
						class="field w-24"
						type="number"
						min="1"
						max="400"
						value={ownStitches}
						oninput={(e) => (ownCastOn = e.currentTarget.valueAsNumber || 0)}
						disabled={Boolean(said.castOn)}
					/>
				</div>
				{#if said.castOn}<p class="self-end">Cast on {said.castOn.stitches}.</p>
				{:else if needed !== undefined}<p class="self-end">
						Its rows need {needed}.{#if needed !== ownStitches}
							<button type="button" class="wordlink ml-2" onclick={() => (ownCastOn = undefined)}
								>Cast on {needed}</button
							>{/if}
					</p>{/if}
			</div>
			<div class="mt-4 flex flex-wrap items-baseline gap-x-6">
				<label class="lead" for="own-text">Rows</label>
				{#if languages}
					<label class="text-[0.94rem]"
						>Written in <select class="field py-0" bind:value={language}>
							<option value="en">English</option>
							{#each languages.LANGUAGES as { id, title, own } (id)}<option value={id}>{title} · {own}</option>{/each}
						</select></label
					>
				{/if}
				{#if languages && looks && looks !== language}
					<p role="status" class="text-[0.94rem]" data-testid="looks-like">
						This looks like {looks === 'en' ? 'English' : languages.languageOf(looks).title}.
						<button type="button" class="wordlink" onclick={() => (language = looks ?? 'en')}
							>Read as {looks === 'en' ? 'English' : languages.languageOf(looks).title}</button
						>
					</p>
				{/if}
			</div>
			<textarea
				id="own-text"
				class="field min-h-72 w-full font-mono text-[0.92rem]"
				spellcheck="false"
				placeholder="Row 1 (RS): p3, k8, p3&#10;Row 2: knit the knits and purl the purls&#10;Row 3: p3, C8F, p3&#10;rep rows 1-2 twice"
				bind:value={ownText}></textarea>
			{#if english && foreign && ownText.trim()}
				<InEnglish made={english} language={foreign} />
				<label class="mt-3 flex items-baseline gap-2"
					><input type="checkbox" class="accent-secondary self-center" bind:checked={keepsOriginal} /> Keep the {foreign.title}
					too</label
				>
				{#if keepsOriginal}
					<input type="hidden" name="language" value={foreign.id} />
					<input type="hidden" name="original" value={ownText} />
				{/if}
			{/if}
			<input type="hidden" name="text" value={english?.english ?? ownText} />
			<input type="hidden" name="castOn" value={ownStitches} />
			<input type="hidden" name="shape" value={ownShape} />
			<input type="hidden" name="school" value={data.style.school} />
			{#if form?.message || trouble}<p class="text-error mt-2 font-semibold" role="alert">
					{trouble ?? form?.message}
				</p>{/if}
			<p class="mt-4 flex items-center gap-5">
				<button class="pill pill-strong" disabled={english && english.problems.length > 0}>Check it</button>
				{#if english && english.problems.length > 0}<span class="text-error"
						>{english.problems.length === 1 ? 'One word is' : `${english.problems.length} words are`} not read.</span
					>{/if}
				<span class="quiet">{said.rows.length} {said.rows.length === 1 ? 'line' : 'lines'} of rows read</span>
			</p>
		</form>
	</div>
{:else}
	<h1 class="text-4xl">A practice swatch</h1>
	<div class="mt-3 flex flex-wrap gap-x-5 gap-y-1 text-[0.94rem]" role="group" aria-label="Start with">
		<span class="lead self-center">Start with</span>
		{#each STARTS as [name, start], nth (nth)}
			<button type="button" class="wordlink" onclick={() => (cords = start.map((c) => ({ ...c })))}>{name}</button>
		{/each}
	</div>
	<div class="mt-4 grid grid-cols-1 gap-x-10 gap-y-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
		<div>
			<h2 class="lead font-sans">Cables, from the right</h2>
			<ol class="mt-1" data-testid="wanted">
				{#each cords as cable, i (i)}
					<li
						class="border-base-300 flex flex-wrap items-center gap-x-3 gap-y-1 border-b py-2 text-[0.94rem]"
						aria-label="Cable {i + 1}"
					>
						<select
							class="field py-0 font-semibold"
							aria-label="Kind of cable {i + 1}"
							value={cable.kind}
							onchange={(e) => set(i, { kind: e.currentTarget.value as CordKind })}
						>
							{#each CORD_KINDS as kind, nth (nth)}<option value={kind}>{KIND[kind]}</option>{/each}
						</select>
						<label
							>of <input
								class="field w-10 py-0"
								type="number"
								min="1"
								max={PRACTICE_LIMITS.group}
								value={cable.group ?? 2}
								aria-label="Stitches that cross together in cable {i + 1}"
								oninput={(e) => set(i, { group: number(e) })}
							/></label
						>
						{#if cable.kind === 'rope' || cable.kind === 'reversible'}
							<select
								class="field py-0"
								aria-label="Lean of cable {i + 1}"
								value={cable.lean ?? 'left'}
								onchange={(e) => set(i, { lean: e.currentTarget.value as 'left' | 'right' })}
							>
								<option value="left">left</option><option value="right">right</option>
							</select>
						{/if}
						{#if cable.kind === 'zigzag' || cable.kind === 'diamond'}
							<label
								>in <input
									class="field w-10 py-0"
									type="number"
									min="1"
									max={PRACTICE_LIMITS.steps}
									value={cable.steps ?? 4}
									aria-label="Steps of cable {i + 1}"
									oninput={(e) => set(i, { steps: number(e) })}
								/> steps</label
							>
						{:else if cable.kind !== 'honeycomb'}
							<label
								>every <input
									class="field w-12 py-0"
									type="number"
									min="2"
									step="2"
									max={PRACTICE_LIMITS.every}
									value={cable.every ?? 2 * (cable.group ?? 2)}
									aria-label="Rows between crossings of cable {i + 1}"
									oninput={(e) => set(i, { every: number(e) })}
								/> rows</label
							>
						{/if}
						{#if cords.length > 1}
							<span class="ml-auto"
								><IconButton label="Take cable {i + 1} out" onclick={() => (cords = cords.filter((_, k) => k !== i))}
									><Icon svg={xIcon} class="size-4" /></IconButton
								></span
							>
						{/if}
					</li>
				{/each}
			</ol>
			{#if cords.length < PRACTICE_LIMITS.cords}
				<p class="mt-2">
					<button
						type="button"
						class="wordlink text-[0.94rem]"
						onclick={() => (cords = [...cords, { kind: 'rope', group: 2 }])}>Add a cable</button
					>
				</p>
			{/if}
			<div class="mt-4 grid grid-cols-2 gap-x-5 gap-y-3 text-[0.94rem]">
				<label class="lead"
					>Garter border<input
						class="field w-full"
						type="number"
						min="0"
						max={PRACTICE_LIMITS.border}
						bind:value={border}
					/></label
				>
				<label class="lead"
					>Purl background<input
						class="field w-full"
						type="number"
						min="0"
						max={PRACTICE_LIMITS.ground}
						bind:value={ground}
					/></label
				>
				<label class="lead"
					>Times in all<input
						class="field w-full"
						type="number"
						min="1"
						max={PRACTICE_LIMITS.repeats}
						bind:value={repeats}
					/></label
				>
				<label class="lead"
					>Worked<select class="field w-full" bind:value={shape}
						><option value="flat">flat</option><option value="round">in the round</option></select
					></label
				>
			</div>
			<form method="post" action="?/keep" class="mt-5" use:enhance={keepPage((words) => (trouble = words))}>
				<label class="lead block" for="new-title">Title</label>
				<input
					id="new-title"
					name="title"
					dir="auto"
					class="field w-full"
					required
					bind:value={title}
					placeholder="e.g. Lantern sleeve, {suggested}"
				/>
				<input type="hidden" name="castOn" value={made.castOn} />
				<input type="hidden" name="shape" value={shape} />
				<input type="hidden" name="school" value={data.style.school} />
				<input type="hidden" name="text" value={made.text} />
				{#if form?.message || trouble}<p class="text-error mt-2 font-semibold" role="alert">
						{trouble ?? form?.message}
					</p>{/if}
				<button class="pill pill-strong mt-3 w-full">Save this swatch</button>
			</form>
		</div>
		<div class="min-w-0">
			<LazyPart part={practiceMade} when="soon" given={{ made, shape, school: data.style.school, light: light.now }} />
		</div>
	</div>
{/if}
