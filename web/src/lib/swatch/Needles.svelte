<script lang="ts">
	import { craftId, craftOf } from '@pond-loop/core/craft';
	import { nameIn } from '@pond-loop/core/notation';
	import {
		betweenMarkers,
		curedIn,
		grouped,
		nextCrossing,
		placeInRepeat,
		rowParts,
		type SwatchShown,
		toolPlan,
	} from '@pond-loop/core/swatch';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { onMount } from 'svelte';
	import { addressOf } from '$lib/choices/address';
	import Chart from '$lib/swatch/Chart.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { inWriting } from '$lib/ui/in-writing';
	import { runSoon } from '$lib/ui/hydration';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		/** The swatch for the hands that follow it. */
		shown: SwatchShown;
		/** Rows finished. */
		place: number;
		light: PageLight;
		/** Rows of the chart around the one that is worked. */
		rowsShown?: number;
		/** Tells how the tools of the class stand, and which ways are liked. */
		style: HouseStyle;
		go: (to: number) => void;
	}
	const { shown, place, light, rowsShown = 9, style, go }: Props = $props();
	const tools = $derived({ number: style.bedNumber, taste: style });
	const { worked, cords, mirrored } = $derived(shown);
	const gaps = $derived(craftOf(worked.craft).hasSentence ? curedIn(worked, cords, style) : []);
	const last = $derived(worked.rows.length);

	/** The chart is as large as the room allows for its width, within what can be read. */
	let room = $state(0);
	const CELL = 24;
	const GUTTERS = 110;
	const zoom = $derived(Math.min(1.25, Math.max(0.62, (room - GUTTERS) / (worked.widest * CELL))));
	let mounted = $state(false);
	let chart = $state<Chart>();
	onMount(() => runSoon(() => (mounted = true)));

	const row = $derived(worked.rows[place]);
	const groups = $derived(
		row?.ok
			? grouped(rowParts(worked, place, { ...tools, gaps, mirrored, untwists: style.turnedPurl === 'untwist' }))
			: [],
	);
	const repeat = $derived(row && placeInRepeat(worked, place));
	/** What is done before the first row, where pegs or needles have to be set up. */
	const setup = $derived(place === 0 ? (toolPlan(worked, tools)?.setup ?? []) : []);
	const between = $derived(row ? betweenMarkers(worked, place) : []);
	const due = $derived(nextCrossing(worked, place));
	/** A repeat whose times the text leaves open, such as one up to a length. */
	const open = $derived.by(() => {
		const at = worked.repeats.findIndex((r) => r.times === undefined && r.last === last - 1);
		const shown = worked.repeats[at];
		const line = shown && worked.repeatLines.find((l) => l.last === worked.rows[shown.last]!.told);
		return shown && line && { ...shown, line };
	});
	/** What went wrong with the crossing worked last, or next where none was yet, as the pattern names it. */
	const wrong = $derived.by(() => {
		const { rows, craft } = shown.checked.worked;
		const crossed = rows.flatMap((r, i) => r.crossings.slice(0, 1).map((c) => ({ c, i })));
		const { c } = crossed.findLast(({ i }) => i <= place) ?? crossed[0] ?? {};
		if (!c) return undefined;
		const name = c.by === 'glossary' ? nameIn('slash', c.asWorked, false) : c.name;
		return (
			name &&
			addressOf(
				{
					text: name,
					school: c.by === 'glossary' ? 'slash' : c.by,
					craft: craftId(craftOf(craft)),
					hands: style.demonstrates,
				},
				'/wrong',
			)
		);
	});
	$effect(() => chart?.show(Math.min(place, last - 1)));

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
</script>

<svelte:window {onkeydown} />

<div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
	<p class="font-serif text-5xl font-semibold" data-testid="row-now" aria-live="polite">
		{#if row}Row {row.number}{:else}Finished{/if}
	</p>
	{#if row}
		<p class="text-xl">
			<strong>{row.side}{row.colour ? `, yarn ${row.colour}` : ''}</strong>
			<span class="quiet"
				>·
				{#if repeat}repeat {repeat.time}{repeat.times === undefined ? '' : ` of ${repeat.times}`}, row {repeat.row} of {repeat.rows}
					·{/if}
				{place} of {last} rows finished</span
			>
		</p>
		<p class="text-xl" data-testid="due">
			{#if due === 0}<strong>Cross in this row.</strong>
			{:else if due === 1}Cross in the next row.
			{:else if due !== undefined}Cross in {due} rows.
			{:else}No more crossings.{/if}
		</p>
	{/if}
</div>
{#if setup.length > 0}
	<ul class="mt-4 list-disc pl-6 text-xl" data-testid="setup">
		{#each setup as says, nth (nth)}<li>{says}</li>{/each}
	</ul>
{/if}
{#if row}
	<p class="name mt-4 text-2xl! leading-snug whitespace-normal!" data-testid="row-text">
		{shown.rowText(place)}
	</p>
	{#if row.ok}
		<ol class="mt-3 flex flex-wrap gap-x-2 gap-y-1 text-xl" data-testid="row-words">
			{#each groups as { body, times }, i (i)}
				<li class={body.some((part) => part.crossing) ? 'text-secondary font-semibold' : ''}>
					{#if times > 1}<span class="border-secondary border-b-2"
							>{body.map((part) => part.says).join(', ')}, <strong>{times} times</strong></span
						>{:else}{body[0]!.says}{/if}{i + 1 < groups.length ? ',' : '.'}
				</li>
			{/each}
		</ol>
		{#if between.length > 1}<p class="quiet mt-2 text-lg">
				Between the markers: {between.join(', ')} stitches.
			</p>{/if}
	{:else}
		<p class="text-error mt-3 text-xl font-semibold">This row doesn’t work out. Check the pattern.</p>
	{/if}
{:else}
	{#if open}
		<p class="mt-4 text-xl">
			Rows {worked.rows[open.first]!.number} to {worked.rows[open.last]!.number} repeat, as the pattern says:
			<span class="name whitespace-normal!">{shown.checked.swatch.text.slice(open.line.from, open.line.to)}</span>
		</p>
		<p class="mt-2">
			<button type="button" class="pill pill-soft" onclick={() => go(open.first)}
				>Again from row {worked.rows[open.first]!.number}</button
			>
		</p>
	{/if}
	<p class="mt-4 text-xl">All {last} rows are done. {say('Cast off')} evenly, not tighter than the rows.</p>
{/if}
{#if wrong}<p class="mt-2"><a class="wordlink" href={wrong}>What went wrong?</a></p>{/if}
<div class="mt-5" bind:clientWidth={room}>
	{#if mounted}
		<Chart
			bind:this={chart}
			{worked}
			{cords}
			{mirrored}
			{light}
			{rowsShown}
			finished={place}
			{zoom}
			label="Chart around the row"
		/>
	{/if}
</div>
