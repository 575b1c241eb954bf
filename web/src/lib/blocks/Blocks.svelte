<script lang="ts">
	import { type Block, movesOf } from '@pond-loop/core/block';
	import type { Light } from '@pond-loop/core/drawing';
	import type { Snippet } from 'svelte';
	import NoteText from '$lib/note/NoteText.svelte';
	import Photo from '$lib/picture/Photo.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import ChartParts from '$lib/swatch/ChartParts.svelte';
	import Compared from './Compared.svelte';
	import Questions from './Questions.svelte';
	import Ticks from './Ticks.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		blocks: readonly Block[];
		light: Light;
		/** Colour around pictures, where it is not the page's own. */
		around?: string;
		/** The moves and the chart as they are walked through, where they are; on paper they stand still. */
		moves?: Snippet<[Block<'moves'>]>;
		chart?: Snippet<[Block<'chart'>]>;
		/** Whether the moves of a comparison are listed. */
		listed?: boolean;
	}
	const { blocks, light, around, moves, chart, listed = false }: Props = $props();
	const paint = $derived({ light, ...(around ? { around } : {}) });
	/** As wide as paper has room for. */
	const MOST_WIDE = 640;
	/** A kind of block that is not shown here does not compile. */
	const none = (_: never): string => '';
</script>

{#each blocks as block, i (i)}
	{#if block.kind === 'heading'}
		<h3 class="mt-3 text-xl">{block.text}</h3>
	{:else if block.kind === 'text'}
		<p
			class={[
				'mt-2 wrap-anywhere',
				block.tone === 'strong' && 'font-semibold',
				block.tone === 'quiet' && 'text-sm',
				block.tone === 'sentence' && 'font-mono text-[0.88rem]',
			]}
		>
			{say(block.text)}
		</p>
	{:else if block.kind === 'note'}
		<div class={block.aside ? 'mt-3 border-l-4 border-current pl-3' : 'mt-2'}><NoteText note={block.note} /></div>
	{:else if block.kind === 'list'}
		{#if block.ticks}<Ticks rows={block.items.map((text) => ({ text }))} />
		{:else}<ul class="mt-2 list-disc pl-5">
				{#each block.items as item, nth (nth)}<li>{item}</li>{/each}
			</ul>{/if}
	{:else if block.kind === 'picture'}
		{@const drawing = block.draw(paint)}
		<div class="mt-2 flex flex-wrap items-start gap-x-6 gap-y-2 break-inside-avoid">
			<Drawing {drawing} width={Math.min(block.large ? 340 : 200, drawing.width)} />
			{#if block.facts.length > 0}
				<dl class="grid min-w-0 grow basis-72 grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-0.5">
					{#each block.facts as [term, says], k (k)}
						<dt>{term}</dt>
						<dd class={k < block.names ? 'name font-bold whitespace-normal!' : ''}>
							{k < block.names ? says : say(says)}
						</dd>
					{/each}
				</dl>
			{/if}
		</div>
	{:else if block.kind === 'photo'}
		{@const { id, alt, width, height } = block}
		<div class="mt-2 break-inside-avoid"><Photo {id} {alt} {width} {height} /></div>
	{:else if block.kind === 'moves'}
		{#if moves}{@render moves(block)}
		{:else}
			<div class="mt-3 grid items-start gap-x-6 gap-y-3 sm:grid-cols-[1fr_1.2fr] print:grid-cols-[1fr_1.2fr]">
				<div>
					<h3 class="text-lg">{block.title}</h3>
					<ol class="mt-1 list-decimal pl-6" data-testid="moves">
						{#each movesOf(block) as move, at (at)}<li>{say(move)}</li>{/each}
					</ol>
				</div>
				<figure class="break-inside-avoid">
					<Drawing drawing={block.draw(block.key, paint)} />
					<figcaption class="text-sm">After move {block.key}: {block.says(block.key).label.toLowerCase()}</figcaption>
				</figure>
			</div>
		{/if}
	{:else if block.kind === 'comparison'}
		<div class="mt-3"><Compared sides={block.sides} {paint} {listed} /></div>
	{:else if block.kind === 'chart'}
		{#if chart}{@render chart(block)}
		{:else}
			{@const { worked, cords, mirrored } = block.shown}
			<div class="mt-2"><ChartParts {worked} {cords} {light} {mirrored} width={MOST_WIDE} /></div>
		{/if}
	{:else if block.kind === 'rows'}
		<Ticks rows={block.rows} patterns={!block.rows.some((r) => r.label !== undefined)} />
	{:else if block.kind === 'table'}
		<div>
			{#if block.title}<h2 class="text-2xl">{block.title}</h2>{/if}
			<dl class="mt-2">
				{#each block.lines as [term, says], k (k)}
					<div class="grid break-inside-avoid grid-cols-[9rem_minmax(0,1fr)] gap-x-4 py-1">
						<dt class={['font-bold wrap-anywhere', block.names && 'name whitespace-normal!']}>{term}</dt>
						<dd>{say(says)}</dd>
					</div>
				{/each}
			</dl>
		</div>
	{:else if block.kind === 'caution'}
		<p class="border-warning mt-2 border-l-4 pl-3 text-sm">{say(block.text)}</p>
	{:else if block.kind === 'questions'}
		<Questions questions={block.questions} {paint} />
	{:else}{none(block)}{/if}
{/each}
