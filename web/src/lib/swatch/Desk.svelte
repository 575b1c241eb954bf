<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import { CRAFT_IDS, craftOf, CRAFTS, PLAIN_CRAFT } from '@pond-loop/core/craft';
	import {
		applied,
		type Box,
		chartTable,
		check,
		type Checked,
		copyBox,
		gapsOf,
		hasToolPlan,
		insertColumn,
		insertRows,
		isTurned,
		reshaped,
		placeCrossing,
		removeColumn,
		removeRow,
		type Result,
		rowsChanged,
		SCOPES,
		setFaces,
		type SwatchEdit,
		type ToldAfter,
		TWISTS,
	} from '@pond-loop/core/swatch';
	import { readNameWith, schoolChoice, SCHOOL_IDS, SCHOOLS } from '@pond-loop/core/notation';
	import type { HouseStyle, Swatch } from '@pond-loop/core/schema';
	import minusIcon from 'lucide-static/icons/minus.svg?raw';
	import plusIcon from 'lucide-static/icons/plus.svg?raw';
	import { onMount, type Snippet } from 'svelte';
	import TwoVersions, { type VersionWords } from '$lib/save/TwoVersions.svelte';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import Versions from '$lib/save/Versions.svelte';
	import { saveWithPage } from '$lib/save/page';
	import { Interactive } from '$lib/ui/interactive.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import type { Timed } from '$lib/ui/in-pieces';
	import type { PageLight } from '$lib/ui/light';
	import TitleField from '$lib/ui/TitleField.svelte';
	import { runSoon } from '$lib/ui/hydration';
	import AskFirst, { type AskedChange } from './AskFirst.svelte';
	import Chart from './Chart.svelte';
	import { versionsOf } from './api';
	import ToolPlan from './ToolPlan.svelte';
	import { keepSwatch, type OpenedSwatch } from './keep';
	import Facts from './Facts.svelte';
	import SwatchFiles from './SwatchFiles.svelte';
	import WhatIf from './WhatIf.svelte';
	import Problems from './Problems.svelte';
	import RowsEditor from './RowsEditor.svelte';

	interface Props {
		opened: OpenedSwatch;
		/** How it is put into a lesson. */
		keep: Snippet<[Swatch]>;
		/** How it will lie, seen from this side. */
		lies: Snippet<[Swatch, Checked, 'RS' | 'WS']>;
		/** What was opened, checked; a draft that this browser kept is checked here. */
		first: Timed<Checked>;
		light: PageLight;
		style: HouseStyle;
	}
	const { opened, keep, lies, first, light, style }: Props = $props();

	// svelte-ignore state_referenced_locally
	const save = keepSwatch(opened);
	const interactive = new Interactive();
	saveWithPage(save);
	const swatch = $derived(save.value);

	const craft = $derived(craftOf(swatch.craft ?? PLAIN_CRAFT));

	function timed(now: Swatch): Timed<Checked> {
		const from = performance.now();
		return { value: check(now, style.glossary), ms: performance.now() - from };
	}
	/** Checking that takes longer than this waits until the typing rests. */
	const QUICK_MS = 25;
	const REST_MS = 40;
	// svelte-ignore state_referenced_locally
	let told = $state.raw(first.value.swatch === save.value ? first : timed(save.value));
	const checked = $derived(told.value);
	$effect(() => {
		const now = swatch;
		if (now === told.value.swatch) return;
		const work = (): void => {
			told = timed(now);
		};
		if (told.ms < QUICK_MS) {
			work();
			return;
		}
		const timer = setTimeout(work, REST_MS);
		return () => clearTimeout(timer);
	});
	const { worked, cords, problems } = $derived(checked);
	/** The chart can be changed only while it shows the text as it is. */
	const fresh = $derived(checked.swatch === swatch);

	let side = $state<'RS' | 'WS'>('RS');
	let mirrored = $state(false);
	/** All of its width, until it is zoomed. */
	let zoom = $state<number | 'fit'>('fit');
	/** What a phone shows of the three, and whether the rows stand beside the chart elsewhere. */
	let part = $state<(typeof PARTS)[number][0]>('chart');
	let hasRows = $state(true);
	/** Whether it is seen beside the chart how it will lie. */
	let hasLie = $state(false);
	let gaps = $state(false);
	let box = $state<Box>();
	let editor = $state<RowsEditor>();
	let chart = $state<Chart>();
	/** Drawn and made one after the other, so that a press is heard in between. */
	let hasChart = $state(false);
	let hasEditor = $state(false);
	onMount(() => {
		runSoon(() => (hasChart = true));
		runSoon(() => (hasEditor = true));
	});

	const marks = $derived(gaps ? gapsOf(worked, cords, style.firstPurl === 'short-both' ? 'both' : 'RS') : []);
	/** What is chosen, as long as its rows are there. */
	const here = $derived(box && box.lastRow < worked.rows.length ? box : undefined);
	const chosenLine = $derived(here && worked.rows[here.firstRow]?.line);

	/** Typing in one line is one step of undo, until it rests. */
	let burst = 0;
	let lastTyped = 0;
	function write(text: string): void {
		const now = performance.now();
		if (now - lastTyped > 1200) burst += 1;
		lastTyped = now;
		save.change({ ...swatch, text }, `text ${burst}`);
		trouble = undefined;
	}
	const change = (more: Partial<Swatch>, place?: string): void => save.change({ ...swatch, ...more }, place);

	let trouble = $state<string>();
	/** A change of the chart, as a change of the text. */
	function edit(result: Result<SwatchEdit>, other?: AskedChange['other']): void {
		if (!fresh) return;
		if (!result.ok) {
			trouble = `${result.problems[0]!.what} ${result.problems[0]!.todo}`;
			return;
		}
		const { value } = result;
		const castOn = value.castOn === undefined ? {} : { castOn: value.castOn };
		const next = { ...swatch, text: applied(swatch.text, value), ...castOn };
		propose(next, value.toldAfter, { wider: value.castOn !== undefined, other });
	}

	/** What would change besides waits until it is agreed to. */
	let asked = $state.raw<AskedChange>();
	function propose(
		next: Swatch,
		toldAfter: ToldAfter = (n) => n,
		{
			wider,
			title = 'This changes other rows too',
			...more
		}: { wider?: boolean; title?: string } & Pick<AskedChange, 'other' | 'noOther' | 'yes'> = {},
	): void {
		trouble = undefined;
		const then = timed(next);
		const changed = rowsChanged(worked, then.value.worked, toldAfter, { wider: wider ?? false });
		if (changed.length > 0) {
			asked = { title, changed, before: checked, after: then.value, next, ...more };
			return;
		}
		told = then;
		save.change(next);
	}
	/** A choice that may turn rows about; until it is agreed to, the field shows what holds. */
	function choose(field: HTMLSelectElement, more: Partial<Swatch>, holds: string): void {
		if (fresh) propose({ ...swatch, ...more }, undefined, { title: 'This changes rows', ...keptFabric(more) });
		else change(more);
		if (asked) field.value = holds;
	}
	/** Flat, in the round or on a machine: the rows can be turned about so that the fabric stays. */
	function keptFabric(more: Partial<Swatch>): Pick<AskedChange, 'other' | 'noOther' | 'yes'> {
		const to = { shape: more.shape ?? swatch.shape, craft: more.craft ?? craft.id };
		if (isTurned(to) === isTurned(worked)) return {};
		const made = reshaped(checked, to);
		if (!made.ok) return { yes: 'Keep the words', noOther: `${made.problems[0]!.what} ${made.problems[0]!.todo}` };
		const act = (): void => save.change({ ...swatch, ...more, text: made.value });
		return { yes: 'Keep the words', other: { title: 'Keep the fabric', act } };
	}
	/** A row of flat work taken out alone turns all above it inside out; two do not. */
	function takeOut(i: number): void {
		const pair = worked.rows[i + 1] ? i : i - 1;
		const [first, second] = [worked.rows[pair], worked.rows[pair + 1]];
		const both = first &&
			second && {
				title: `Take out rows ${first.number} and ${second.number}`,
				act: () => edit(removeRow(worked, swatch.text, pair, 2)),
			};
		edit(removeRow(worked, swatch.text, i), isTurned(worked) ? both : undefined);
	}

	const PARTS = [
		['chart', 'Chart'],
		['rows', 'Rows'],
		['lie', 'Fabric'],
		['facts', 'Strands'],
	] as const;
	const BRUSHES = [
		['choose', 'Choose'],
		['k', 'Knit'],
		['p', 'Purl'],
		['cross', 'Cross'],
	] as const;
	let brush = $state<(typeof BRUSHES)[number][0]>('choose');
	let crossingName = $state(SCHOOLS[save.value.school === 'any' ? 'slash' : save.value.school].examples[0] ?? '2/2 LC');
	const named = $derived(readNameWith(checked.rows.glossary, crossingName, swatch.school, 0, swatch.schools));

	function lay(row: number, column: number): void {
		if (!named.ok) {
			trouble = `“${crossingName}” isn’t a crossing here. ${named.problems[0]?.todo ?? ''}`;
			return;
		}
		edit(placeCrossing(worked, row, column, crossingName.trim(), named.crossing));
	}
	function drawn(now: Box): void {
		if (brush === 'k' || brush === 'p') edit(setFaces(worked, now, brush));
		else if (brush === 'cross') lay(now.firstRow, now.firstColumn);
	}

	/** A box that was copied, to be put elsewhere. */
	let taken = $state.raw<Box>();
	const put = (move: boolean): void => {
		if (taken && here && taken.lastRow < worked.rows.length) {
			edit(copyBox(worked, taken, here.firstRow, here.firstColumn, move));
		}
		if (move) taken = undefined;
	};
	/** The box once more, on its left. */
	function repeatBox(): void {
		if (!here) return;
		const wide = here.lastColumn - here.firstColumn + 1;
		if (here.lastColumn + wide < worked.rows[here.firstRow]!.stitches.length) {
			edit(copyBox(worked, here, here.firstRow, here.lastColumn + 1));
		} else trouble = 'There’s no room for it on the left. Select fewer stitches.';
	}

	const KEYS: Readonly<Record<string, () => void>> = {
		k: () => here && edit(setFaces(worked, here, 'k')),
		p: () => here && edit(setFaces(worked, here, 'p')),
		x: () => here && lay(here.firstRow, here.firstColumn),
		Delete: () => here && edit(setFaces(worked, here, 'k')),
		c: () => (taken = here),
		v: () => put(false),
		m: () => put(true),
		r: repeatBox,
	};
	function press(event: KeyboardEvent): void {
		const act = KEYS[event.key];
		if (!act || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		act();
	}

	/** The chart shows the row that the cursor is in. */
	function moved(pos: number): void {
		const row = worked.rows.findIndex((r) => r.line.from <= pos && pos <= r.line.to);
		if (row >= 0) chart?.show(row);
	}

	const inWords = (s: Swatch): VersionWords => ({
		heading: s.title,
		lines: [
			`${s.castOn} stitches, ${s.shape === 'flat' ? 'flat' : 'in the round'}`,
			...s.text.split('\n').slice(0, 12),
		],
	});
	const errors = $derived(problems.filter((p) => p.weight === 'error').length);
	const ACTIONS = $derived([
		{
			title: 'Row above',
			hint: isTurned(worked)
				? 'Adds two plain rows above'
				: `A plain ${worked.shape === 'round' ? 'round' : 'row'} above the chosen one`,
			act: (b: Box) => edit(insertRows(worked, swatch.text, b.lastRow, isTurned(worked) ? 2 : 1)),
		},
		{
			title: 'Delete row',
			hint: 'Deletes the selected row (two rows in flat work)',
			act: (b: Box) => takeOut(b.firstRow),
		},
		{
			title: 'Add stitch',
			hint: 'Adds a stitch to every row, right of the selected one',
			act: (b: Box) => edit(insertColumn(worked, b.firstColumn)),
		},
		{
			title: 'Delete stitch',
			hint: 'Deletes the selected column from every row',
			act: (b: Box) => edit(removeColumn(worked, b.firstColumn)),
		},
		{ title: 'Copy', hint: 'Copies the selection (C)', act: (b: Box) => (taken = b) },
	]);
</script>

{#if asked}
	<AskFirst
		{asked}
		{light}
		{mirrored}
		yes={() => {
			const next = asked?.next;
			asked = undefined;
			if (next) save.change(next);
		}}
		leave={() => (asked = undefined)}
	/>
{/if}
<svelte:head><title>{swatch.title || 'Swatch'} · Pond Loop</title></svelte:head>

<div inert={!interactive.now}>
	<div class="flex flex-wrap items-start gap-x-4 gap-y-1">
		<div class="min-w-0 grow basis-80">
			<TitleField
				id="swatch-title"
				label="Title of the swatch"
				placeholder="A title for the swatch"
				value={swatch.title}
				change={(title) => change({ title }, 'title')}
			/>
		</div>
		<div class="flex flex-wrap items-center gap-1">
			<UndoRedo {save} />
			<a class="pill pill-soft ml-2" href="/swatches/{opened.id}/size">Preview and size</a>
			<a class="pill pill-soft" href="/swatches/{opened.id}/turn">3D</a>
			<a class="pill pill-strong" href="/swatches/{opened.id}/needles">Knit it</a>
		</div>
	</div>
	<div class="mt-1 flex flex-wrap items-baseline gap-x-6 gap-y-1 text-[0.94rem]">
		<label
			>Cast on <input
				class="field w-16 py-0"
				type="number"
				min="1"
				max="400"
				value={swatch.castOn}
				aria-label="Stitches cast on"
				oninput={(e) => change({ castOn: Math.trunc(e.currentTarget.valueAsNumber) || 0 }, 'cast-on')}
			/></label
		>
		<label
			><span class="sr-only">Worked</span>
			<select
				class="field py-0"
				value={swatch.shape}
				onchange={(e) =>
					choose(e.currentTarget, { shape: e.currentTarget.value === 'round' ? 'round' : 'flat' }, swatch.shape)}
			>
				<option value="flat">flat</option><option value="round">in the round</option>
			</select></label
		>
		<label
			><span class="sr-only">Craft</span>
			<select
				class="field py-0"
				value={craft.id}
				onchange={(e) =>
					choose(
						e.currentTarget,
						{ craft: CRAFT_IDS.find((id) => id === e.currentTarget.value) ?? PLAIN_CRAFT },
						craft.id,
					)}
			>
				{#each CRAFTS as craft (craft.id)}<option value={craft.id}>{craft.title.toLowerCase()}</option>{/each}
			</select></label
		>
		{#if craft.inSwatch.settings.includes('twist')}
			<label
				><span class="sr-only">Twisted</span>
				<select
					class="field py-0"
					value={swatch.twist ?? 'every'}
					onchange={(e) => change({ twist: TWISTS.find((t) => t === e.currentTarget.value) ?? 'every' })}
				>
					<option value="every">on every row</option><option value="right-side">on {style.sides.right} rows only</option
					>
				</select></label
			>
		{/if}
		{#if craft.inSwatch.settings.includes('layers')}
			<label
				><span class="sr-only">Its crossings cross</span>
				<select
					class="field py-0"
					value={swatch.layers ?? 'pairs'}
					onchange={(e) => change({ layers: SCOPES.find((s) => s === e.currentTarget.value) ?? 'pairs' })}
				>
					{#each craft.ways.filter((w) => SCOPES.some((s) => s === w.id)) as way (way.id)}
						<option value={way.id}>{way.title.toLowerCase()}</option>
					{/each}
				</select></label
			>
		{/if}
		<label
			>Names as <select
				class="field py-0"
				value={swatch.school}
				aria-label="Abbreviations"
				onchange={(e) =>
					choose(
						e.currentTarget,
						{ school: SCHOOL_IDS.find((s) => s === e.currentTarget.value) ?? 'any' },
						swatch.school,
					)}
			>
				{#each SCHOOL_IDS as id (id)}<option value={id}>{schoolChoice(id)}</option>{/each}
				<option value="any">Any of these</option>
			</select></label
		>
		<SaveNote {save} />
	</div>

	{#if save.state.kind === 'stale'}
		<TwoVersions
			what="This swatch"
			mine={inWords(swatch)}
			theirs={inWords(save.state.theirs.value)}
			keepMine={() => save.keepMine()}
			takeTheirs={() => save.takeTheirs()}
		/>
	{/if}
	{#if errors > 0}
		{#await import('./ForeignRows.svelte') then { default: ForeignRows }}
			<ForeignRows
				text={swatch.text}
				glossary={style.glossary}
				replace={(text, original) => change({ text, original })}
			/>
		{/await}
	{/if}
	{#if swatch.original}
		{@const { original } = swatch}
		{#await import('./OriginalRows.svelte') then { default: OriginalRows }}
			<OriginalRows {swatch} {original} {worked} glossary={style.glossary} {change} />
		{/await}
	{/if}

	<div class="mt-3 flex gap-1 md:hidden" role="group" aria-label="What is shown">
		{#each PARTS as [id, title] (id)}
			<button
				type="button"
				class={['pill grow px-3', part === id ? 'pill-strong' : 'pill-soft']}
				aria-pressed={part === id}
				onclick={() => {
					part = id;
					hasLie ||= id === 'lie';
				}}>{title}</button
			>
		{/each}
	</div>
	<div class={['desk mt-3 grid gap-x-6 gap-y-4', hasRows && 'beside', hasLie && 'lying']}>
		<section aria-label="Rows" class={['rows min-w-0', part !== 'rows' && 'max-md:hidden', !hasRows && 'md:hidden']}>
			{#if hasEditor}
				<RowsEditor
					bind:this={editor}
					text={swatch.text}
					{checked}
					{light}
					chosen={chosenLine && { from: chosenLine.from, to: chosenLine.to }}
					{write}
					{moved}
					undo={() => save.undo()}
					redo={() => save.redo()}
				/>
			{:else}
				<pre class="h-full overflow-hidden font-mono text-[0.92rem] whitespace-pre-wrap">{swatch.text}</pre>
			{/if}
		</section>

		<section aria-label="Chart" class={['picture flex min-w-0 flex-col', part !== 'chart' && 'max-md:hidden']}>
			<div class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 text-[0.88rem]">
				<fieldset class="bg-base-200 flex rounded-full p-0.5">
					<legend class="sr-only">Pressing the chart</legend>
					{#each BRUSHES as [id, title] (id)}
						<label
							class={[
								'cursor-pointer rounded-full px-2.5 py-0.5 has-focus-visible:outline-2',
								brush === id && 'bg-primary text-primary-content font-semibold',
							]}
						>
							<input type="radio" class="sr-only" name="brush" value={id} bind:group={brush} />{title}
						</label>
					{/each}
				</fieldset>
				{#if brush === 'cross'}
					<label
						><span class="sr-only">Crossing to add</span><input
							class="field w-24 py-0 font-mono"
							bind:value={crossingName}
							aria-invalid={!named.ok}
						/></label
					>
				{/if}
				<label
					><span class="sr-only">Seen from</span>
					<select class="field py-0" bind:value={side}
						><option value="RS">{style.sides.right}</option><option value="WS">{style.sides.wrong}</option></select
					></label
				>
				<Fold id="chart" title="Options" class="chart-options">
					<div class="mt-1 flex gap-x-4">
						<label class="flex cursor-pointer items-center gap-1"
							><input type="checkbox" class="accent-secondary" bind:checked={mirrored} /> left-handed</label
						>
						<label class="flex cursor-pointer items-center gap-1"
							><input type="checkbox" class="accent-secondary" bind:checked={gaps} /> gaps</label
						>
					</div>
				</Fold>
				<span class="ml-auto flex items-center">
					<button
						type="button"
						class="wordlink mr-3 max-md:hidden"
						aria-pressed={hasRows}
						onclick={() => (hasRows = !hasRows)}>{hasRows ? 'Hide rows' : 'Show rows'}</button
					>
					<button
						type="button"
						class="wordlink mr-1 disabled:opacity-40"
						disabled={zoom === 'fit'}
						title="All of its width (0)"
						onclick={() => (zoom = 'fit')}>All of it</button
					>
					<IconButton label="Smaller" hint="Smaller (-)" onclick={() => chart?.closer(0.8)}
						><Icon svg={minusIcon} class="size-4" /></IconButton
					>
					<IconButton label="Larger" hint="Larger (+)" onclick={() => chart?.closer(1.25)}
						><Icon svg={plusIcon} class="size-4" /></IconButton
					>
				</span>
			</div>
			{#if worked.rows.length === 0}
				<p class="quiet border-base-300 border-y py-10 text-center">
					No rows yet. Type or paste them under “Rows” to see the chart.
				</p>
			{:else if hasChart}
				<div class="min-h-0 grow">
					<Chart
						bind:this={chart}
						{worked}
						{cords}
						{light}
						{side}
						{mirrored}
						{zoom}
						zoomTo={(to) => (zoom = to)}
						{marks}
						bind:box
						{drawn}
						{press}
						label="Chart of {swatch.title}: arrows move, Shift with arrows takes more, K knit, P purl, X crosses, plus and minus zoom, 0 shows all of it"
					/>
				</div>
			{/if}
			<div
				class="mt-1 flex min-h-8 flex-wrap items-center gap-x-4 gap-y-1 text-[0.88rem]"
				role="group"
				aria-label="Change the chart"
			>
				{#if here}
					{@const b = here}
					{#each ACTIONS as { title, hint, act }, nth (nth)}
						<button type="button" class="wordlink" title={hint} onclick={() => act(b)}>{title}</button>
					{/each}
					<button type="button" class="wordlink" title="The same again on its left (R)" onclick={repeatBox}
						>Repeat beside it</button
					>
					{#if taken}
						<button
							type="button"
							class="wordlink"
							title="Puts the copy with its lower right corner here (V)"
							onclick={() => put(false)}>Put a copy here</button
						>
						<button type="button" class="wordlink" title="Moves what was copied to here (M)" onclick={() => put(true)}
							>Move it here</button
						>
					{/if}
				{:else}<span class="quiet">Select stitches to edit.</span>{/if}
				<button
					type="button"
					class="wordlink ml-auto max-md:hidden"
					aria-expanded={hasLie}
					onclick={() => (hasLie = !hasLie)}>{hasLie ? 'Hide preview' : 'Preview'}</button
				>
			</div>
			<p class="text-error min-h-[1lh] text-[0.94rem] font-semibold" role="status">{trouble ?? ''}</p>
		</section>

		{#if hasLie}
			<section
				aria-label="Preview"
				class={['lie flex min-w-0 flex-col', part !== 'lie' && 'max-md:hidden']}
				data-testid="lies-beside"
			>
				{@render lies(swatch, checked, side)}
			</section>
		{/if}

		<div class={['facts min-w-0', part !== 'facts' && 'max-md:hidden']}>
			<Facts {worked} {cords} gaps={gaps ? marks : undefined} {style} />
		</div>
	</div>

	<div class="border-base-300 mt-4 grid gap-x-10 gap-y-6 border-t pt-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
		<Problems {problems} goTo={(p) => editor?.goTo(p.from)} {errors} />
		<WhatIf {worked} {cords} {light} box={here} />
	</div>
	{#if hasToolPlan(worked)}
		<div class="border-base-300 mt-6 border-t pt-4"><ToolPlan {worked} {style} /></div>
	{/if}
	<div class="border-base-300 mt-6 grid gap-x-10 gap-y-6 border-t pt-4 sm:grid-cols-3">
		<div id="keep" class="scroll-mt-4">{@render keep(swatch)}</div>
		<SwatchFiles
			id={opened.id}
			{swatch}
			{worked}
			{cords}
			{light}
			{side}
			{mirrored}
			glossary={style.glossary}
			unit={style.units}
			table={() => chartTable(worked, cords)}
			take={(taken) => change(taken)}
		/>
		<Versions of={versionsOf(opened.id)} take={(s) => change(s)} />
	</div>
</div>

<style>
	.desk {
		grid-template-columns: minmax(0, 1fr);
	}
	.rows {
		height: 24rem;
	}
	.picture,
	.lie {
		height: 30rem;
	}
	@media (min-width: 48rem) {
		.desk.beside {
			grid-template-columns: minmax(0, 5fr) minmax(0, 8fr);
		}
		.rows,
		.picture,
		.lie {
			height: min(35rem, calc(100vh - 12.5rem));
			min-height: 22rem;
		}
		.facts,
		.lie {
			grid-column: 1 / -1;
		}
	}
	@media (min-width: 75rem) {
		.desk.beside {
			grid-template-columns: minmax(0, 17rem) minmax(0, 1fr);
		}
		.desk.lying {
			grid-template-columns: minmax(0, 1fr) minmax(0, 20rem);
		}
		.desk.beside.lying {
			grid-template-columns: minmax(0, 17rem) minmax(0, 1fr) minmax(0, 20rem);
		}
		.lie {
			grid-column: auto;
		}
	}
</style>
