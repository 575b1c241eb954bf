<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowRightIcon from 'lucide-static/icons/arrow-right.svg?raw';
	import { stitches, type RowsText, type StatedSchool } from '@pond-loop/core/notation';
	import { castOnNeeded } from '@pond-loop/core/swatch';
	import { goto } from '$app/navigation';
	import { keepTyped } from '$lib/save/typed.svelte';

	interface Props {
		text: string;
		rows: RowsText;
		school: StatedSchool;
		/** Whether somebody is signed in who can keep it. */
		teacher: boolean;
	}
	const { text, rows, school, teacher }: Props = $props();
	const MOST = 6;
	const castOn = $derived(castOnNeeded(rows, { shape: rows.shape?.shape ?? 'flat', school }));
	const lines = $derived(rows.glossary.entries.filter((entry) => entry.told).length);
	const told = $derived(rows.rows.reduce((sum, r) => sum + Math.max(1, r.numbers.length), 0));

	async function open(): Promise<void> {
		keepTyped('new-rows', { title: 'A pasted pattern', text, castOn: castOn ?? 20 });
		await goto('/swatches/new?rows');
	}
</script>

<section aria-labelledby="pattern-title" data-testid="pattern">
	<h2 id="pattern-title" class="text-2xl">{told === 1 ? 'A row of a pattern' : `A pattern of ${told} rows`}</h2>
	<p class="mt-1">
		{#if castOn !== undefined}Its rows need {stitches(castOn)}: cast on {castOn}.{:else}The rows don’t say how many
			stitches you need.{/if}
		{#if lines > 0}{lines}
			{lines === 1 ? 'line of its glossary comes' : 'lines of its glossary come'} with it.{/if}
	</p>
	{#if rows.problems.length > 0}
		<ul class="mt-3" data-testid="not-understood">
			{#each rows.problems.slice(0, MOST) as problem, i (i)}
				<li class="border-warning my-1 border-l-4 pl-3">
					<span class="font-semibold">{problem.what}</span>
					<span class="quiet">{problem.todo}</span>
				</li>
			{/each}
			{#if rows.problems.length > MOST}<li class="quiet">and {rows.problems.length - MOST} more</li>{/if}
		</ul>
	{/if}
	<p class="mt-4">
		{#if teacher}<button type="button" class="pill pill-strong" onclick={open}
				>Open it as a swatch <Icon svg={arrowRightIcon} class="size-5" /></button
			>
		{:else}<a
				class="wordlink"
				href="/sign-in?to=%2Fswatches%2Fnew%3Frows"
				onclick={() => keepTyped('new-rows', { title: 'A pasted pattern', text, castOn: castOn ?? 20 })}
				>Sign in to see its chart</a
			>{/if}
	</p>
	<pre class="quiet mt-4 max-h-80 overflow-auto font-mono text-[0.9rem] whitespace-pre-wrap">{text}</pre>
</section>
