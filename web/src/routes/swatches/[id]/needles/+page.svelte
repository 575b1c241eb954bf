<script lang="ts">
	import ArrowLeft from '@lucide/svelte/icons/arrow-left';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import { betweenMarkers, nextCrossing, rowParts, whereAmI } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { troubleOf } from '$lib/save/send';
	import { savePlace } from '$lib/swatch/api';
	import Chart from '$lib/swatch/Chart.svelte';
	import { check } from '$lib/swatch/checked';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { inWriting } from '$lib/ui/keys';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const { worked, cords } = check(data.opened.swatch, data.style.glossary);
	const last = worked.rows.length;

	// svelte-ignore state_referenced_locally
	let place = $state(Math.min(data.place, last));
	let trouble = $state<string>();
	let mounted = $state(false);
	let chart = $state<Chart>();
	onMount(() => (mounted = true));

	const row = $derived(worked.rows[place]);
	const parts = $derived(row?.ok ? rowParts(worked, place) : []);
	const between = $derived(row ? betweenMarkers(worked, place) : []);
	const due = $derived(nextCrossing(worked, place));
	$effect(() => chart?.show(Math.min(place, last - 1)));

	/** The newest place goes out; those before it that have not gone yet need not. */
	let waiting: ReturnType<typeof setTimeout> | undefined;
	function go(to: number): void {
		place = Math.max(0, Math.min(last, to));
		clearTimeout(waiting);
		waiting = setTimeout(() => void keep(place), 250);
	}
	async function keep(now: number): Promise<void> {
		const answer = await savePlace(data.opened.id, now);
		trouble = answer.kind === 'ok' ? undefined : troubleOf(answer);
		if (answer.kind === 'unreached' && now === place) waiting = setTimeout(() => void keep(place), 4000);
	}

	const KEYS: Readonly<Record<string, () => void>> = {
		' ': () => go(place + 1),
		Enter: () => go(place + 1),
		ArrowUp: () => go(place + 1),
		ArrowDown: () => go(place - 1),
		Backspace: () => go(place - 1),
	};
	function onkeydown(event: KeyboardEvent): void {
		const act = KEYS[event.key];
		if (!act || inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		// A button that has the focus is pressed by these keys itself.
		if (event.target instanceof HTMLElement && event.target.closest('button, a, summary, [role="grid"]')) return;
		event.preventDefault();
		act();
	}

	let above = $state<number>();
	const maybe = $derived(above === undefined || above === null ? undefined : whereAmI(worked, above));
	const MOST = 6;
</script>

<svelte:window {onkeydown} />
<svelte:head><title>{data.opened.swatch.title} · at the needles</title></svelte:head>

<main class="mx-auto flex min-h-screen max-w-5xl flex-col px-5 py-4" id="main">
	<header class="flex items-center gap-4">
		<a class="pill pill-soft" href="/swatches/{data.opened.id}"><ArrowLeft class="size-5" /> Desk</a>
		<h1 class="min-w-0 grow truncate text-2xl">{data.opened.swatch.title}</h1>
		<IconButton label="One row back" hint="One row back (↓)" disabled={place === 0} onclick={() => go(place - 1)}
			><Undo2 class="size-6" /></IconButton
		>
	</header>
	{#if last === 0}
		<p class="mt-10">This swatch has no rows yet. Write them at the desk first.</p>
	{:else}
		<div class="mt-5 flex flex-wrap items-baseline gap-x-6 gap-y-1">
			<p class="font-serif text-5xl font-semibold" data-testid="row-now" aria-live="polite">
				{#if row}Row {row.number}{:else}Finished{/if}
			</p>
			{#if row}
				<p class="text-xl">
					<strong>{row.side}</strong>
					<span class="quiet">· {place} of {last} rows finished</span>
				</p>
				<p class="text-xl" data-testid="due">
					{#if due === 0}<strong>Cross in this row.</strong>
					{:else if due !== undefined}Crossing due in {due} {due === 1 ? 'row' : 'rows'}.
					{:else}No more crossings.{/if}
				</p>
			{/if}
		</div>
		{#if row}
			<p class="name mt-4 text-2xl! leading-snug whitespace-normal!" data-testid="row-text">
				{data.opened.swatch.text.slice(row.line.body.from, row.line.body.to)}
			</p>
			{#if row.ok}
				<ol class="mt-3 flex flex-wrap gap-x-2 gap-y-1 text-xl" data-testid="row-words">
					{#each parts as part, i (i)}
						<li class={part.crossing ? 'text-secondary font-semibold' : ''}>
							{part.says}{i + 1 < parts.length ? ',' : '.'}
						</li>
					{/each}
				</ol>
				{#if between.length > 1}<p class="quiet mt-2 text-lg">
						Between the markers: {between.join(', ')} stitches.
					</p>{/if}
			{:else}
				<p class="text-error mt-3 text-xl font-semibold">This row does not work out. Look at it at the desk.</p>
			{/if}
		{:else}
			<p class="mt-4 text-xl">All {last} rows are done. Bind off with the last stitch as even as the others.</p>
		{/if}
		<div class="mt-5">
			{#if mounted}
				<Chart
					bind:this={chart}
					{worked}
					{cords}
					light={light.now}
					rowsShown={9}
					finished={place}
					zoom={worked.widest > 32 ? 1 : 1.25}
					label="Chart around the row"
				/>
			{/if}
		</div>
		<div class="mt-5 flex flex-wrap items-center gap-x-8 gap-y-4">
			<button
				type="button"
				class="pill pill-strong min-h-16 grow text-2xl"
				disabled={place === last}
				onclick={() => go(place + 1)}>Row finished</button
			>
			<div class="min-w-64">
				<label class="lead block" for="above"
					>Where am I? Rows above the last crossing, the loops on the needle included</label
				>
				<input id="above" class="field w-20" type="number" min="0" max={last} bind:value={above} />
				{#if maybe}
					<span class="text-[0.94rem]" role="status">
						{#if maybe.length === 0}No crossing here has so many rows above it.{/if}
						{#each maybe.slice(0, MOST) as at (at)}
							<button type="button" class="wordlink mr-3" onclick={() => go(at + 1)}
								>row {worked.rows[at]!.number} is finished</button
							>
						{/each}
					</span>
				{/if}
			</div>
		</div>
		<p class="text-error mt-2 min-h-[1lh] font-semibold" role="status">{trouble ?? ''}</p>
		<p class="quiet mt-auto pt-3 text-[0.94rem]">
			Rest hands and neck every 20 to 30 minutes. Stop at pain or numbness, and see a clinician if it lasts.
		</p>
	{/if}
</main>
