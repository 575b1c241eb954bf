<script lang="ts">
	import { hitsOf } from '@pond-loop/core/collection';
	import { crossingsOfSymbol, type Lean, MOST_CELLS } from '@pond-loop/core/crossing';
	import Hits from './Hits.svelte';

	/** What somebody holds in the hand: a printed chart, of whatever kind. */
	let cells = $state(4);
	let unbroken = $state(2);
	let middle = $state(0);
	let runs = $state<Lean>('left');
	let purled = $state<readonly number[]>([]);
	const read = $derived(crossingsOfSymbol({ cells, unbroken, middle, runs, purled: purled.filter((c) => c <= cells) }));
	/** From the left, as a chart has them. */
	const columns = $derived(
		Number.isInteger(cells) && cells >= 2 && cells <= MOST_CELLS
			? Array.from({ length: cells }, (_, i) => cells - i)
			: [],
	);
	const COUNTS = [
		{ title: 'Cells in all', get: () => cells, set: (n: number) => (cells = n), least: 2 },
		{ title: 'Cells that run unbroken', get: () => unbroken, set: (n: number) => (unbroken = n), least: 1 },
		{ title: 'Cells straight in the middle', get: () => middle, set: (n: number) => (middle = n), least: 0 },
	];
	const LEANS = [
		['left', 'up to the left'],
		['right', 'up to the right'],
	] as const;
</script>

<div class="flex flex-wrap items-start gap-x-8 gap-y-4">
	{#each COUNTS as { title, get, set, least }, nth (nth)}
		<label class="block"
			><span class="lead block">{title}</span>
			<input
				class="field w-20"
				type="number"
				min={least}
				max={MOST_CELLS}
				value={get()}
				oninput={(e) => set(e.currentTarget.valueAsNumber)}
			/></label
		>
	{/each}
	<fieldset>
		<legend class="lead">The unbroken lines run</legend>
		<div class="flex gap-x-5">
			{#each LEANS as [lean, title], nth (nth)}
				<label class="flex min-h-11 items-center gap-2"
					><input class="accent-secondary size-4" type="radio" name="runs" value={lean} bind:group={runs} />
					{title}</label
				>
			{/each}
		</div>
	</fieldset>
</div>
<fieldset class="mt-4">
	<legend class="lead">Press the cells that are drawn purled</legend>
	<div class="flex flex-wrap">
		{#each columns as column, nth (nth)}
			<button
				type="button"
				class="border-base-300 -ml-px grid size-11 place-items-center border text-lg {purled.includes(column)
					? 'bg-base-300 font-semibold'
					: ''}"
				aria-pressed={purled.includes(column)}
				aria-label="Cell {column} from the right"
				onclick={() => (purled = purled.includes(column) ? purled.filter((c) => c !== column) : [...purled, column])}
				>{purled.includes(column) ? 'p' : ''}</button
			>
		{/each}
	</div>
</fieldset>
<div class="mt-5" aria-live="polite" data-testid="symbol-found">
	{#if read.ok}
		<Hits hits={hitsOf(read.value)} text="" />
	{:else}
		<p class="text-error font-semibold">{read.problems[0]!.what} {read.problems[0]!.todo}</p>
	{/if}
</div>
