<script lang="ts">
	import { placeName } from '@pond-loop/core/craft';
	import type { Block } from '@pond-loop/core/block';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Played from '$lib/blocks/Played.svelte';
	import type { Camera } from '$lib/choices/camera';
	import NoteText from '$lib/note/NoteText.svelte';
	import Photo from '$lib/picture/Photo.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import Stage from '$lib/stage/Stage.svelte';
	import Chart from '$lib/swatch/Chart.svelte';
	import Needles from '$lib/swatch/Needles.svelte';
	import type { PageLight } from '$lib/ui/light';
	import RoomQuestions from './RoomQuestions.svelte';

	interface Props {
		blocks: readonly Block[];
		light: PageLight;
		style: HouseStyle;
		move: number;
		camera: Camera;
		/** Rows finished of a swatch that is shown row by row. */
		rowsDone: number | undefined;
		rowTo: (to: number | undefined) => void;
		mounted: boolean;
	}
	let { blocks, light, style, move = $bindable(), camera = $bindable(), rowsDone, rowTo, mounted }: Props = $props();
	const none = (_: never): string => '';
</script>

<!-- Blocks as a whole room looks at them: large, and to be walked through. -->
{#each blocks as block, i (i)}
	{#if block.kind === 'heading'}
		<h2 class="mt-3 text-center text-3xl">{block.text}</h2>
	{:else if block.kind === 'text'}
		<p
			class={['text-center', blocks.length === 1 ? 'said-large' : 'text-2xl']}
			data-testid={block.tone === 'strong' ? 'on-purpose' : undefined}
		>
			{block.text}
		</p>
	{:else if block.kind === 'note'}
		<div class="said-large"><NoteText note={block.note} /></div>
	{:else if block.kind === 'list'}
		<ul class="mx-auto max-w-4xl text-3xl leading-snug">
			{#each block.items as item, nth (nth)}<li class="py-2">{item}</li>{/each}
		</ul>
	{:else if block.kind === 'picture'}
		{@const drawing = block.draw({ light })}
		<div class="flex justify-center"><Drawing {drawing} width={Math.min(360, 2 * drawing.width)} /></div>
	{:else if block.kind === 'photo'}
		{@const { id, alt, width, height } = block}
		<div class="flex justify-center"><Photo {id} {alt} {width} {height} /></div>
	{:else if block.kind === 'moves'}
		<div class="mx-auto w-full max-w-5xl">
			<!-- The same crossing may come twice, in two ways. -->
			<p class="quiet mb-2 text-center" data-testid="way-shown">{block.title}</p>
			<Stage
				craft={block.craft}
				taken={block.taken}
				made={block.made}
				trace={block.trace}
				title={block.title}
				{light}
				{style}
				bind:step={move}
				bind:camera
				fills={() => document.documentElement}
			/>
		</div>
	{:else if block.kind === 'comparison'}
		<Played sides={block.sides} {light} bind:move />
	{:else if block.kind === 'chart'}
		{@const { worked, cords, mirrored } = block.shown}
		{@const rows = worked.rows.length}
		<div class="mx-auto w-full max-w-5xl">
			<p class="mb-2 text-center">
				Cast on {block.swatch.castOn} ·
				{#if rowsDone !== undefined}
					<button type="button" class="wordlink" onclick={() => rowTo(undefined)}>the whole chart</button>
				{:else}
					<button type="button" class="wordlink" onclick={() => rowTo(0)}>row by row, {placeName(worked.craft)}</button>
				{/if}
			</p>
			{#if rowsDone !== undefined}
				{@const done = Math.max(0, Math.min(rows, rowsDone))}
				<Needles
					shown={block.shown}
					place={done}
					{light}
					rowsShown={7}
					{style}
					go={(to) => rowTo(Math.max(0, Math.min(rows, to)))}
				/>
				<p class="mt-2 flex flex-wrap justify-center gap-3">
					<button type="button" class="pill pill-soft" disabled={done === 0} onclick={() => rowTo(done - 1)}
						>One row back</button
					>
					<button type="button" class="pill pill-strong" disabled={done === rows} onclick={() => rowTo(done + 1)}
						>Row finished</button
					>
				</p>
			{:else if mounted}<Chart
					{worked}
					{cords}
					{mirrored}
					{light}
					rowsShown={14}
					zoom={worked.widest > 36 ? 1 : 1.25}
					label="Chart of {block.title}"
				/>{/if}
		</div>
	{:else if block.kind === 'rows'}
		<ol class="mx-auto max-w-4xl text-2xl">
			{#each block.rows as row, k (k)}<li class="py-1">
					{#if row.label}<strong>{row.label}: </strong>{/if}{row.text}
				</li>{/each}
		</ol>
	{:else if block.kind === 'table'}
		<dl class="mx-auto grid max-w-4xl grid-cols-[auto_minmax(0,1fr)] gap-x-6 gap-y-1 text-2xl">
			{#each block.lines as [term, says], k (k)}<dt class="font-bold">{term}</dt>
				<dd>{says}</dd>{/each}
		</dl>
	{:else if block.kind === 'caution'}
		<p class="border-warning mx-auto mt-2 max-w-4xl border-l-4 pl-3">{block.text}</p>
	{:else if block.kind === 'questions'}
		<RoomQuestions questions={block.questions} {light} bind:move />
	{:else}{none(block)}{/if}
{/each}

<style>
	/* Words for the whole room: in the middle, lists with their signs at the left. */
	.said-large {
		font-size: 2.25rem;
		line-height: 1.35;
		margin-inline: auto;
		max-width: 56rem;
		text-align: center;
	}
	.said-large :global(:is(ul, ol)) {
		margin-inline: auto;
		text-align: start;
		width: fit-content;
	}
</style>
