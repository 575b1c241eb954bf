<!-- @component What the moves make so far, a way on, and the moves. -->
<script lang="ts">
	import type { Craft } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { AnyMove } from '@pond-loop/core/handling';
	import { toolsSaid, wordsIn } from '@pond-loop/core/look';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import type { Snippet } from 'svelte';
	import type { HandsModel } from './hands-model.svelte';

	interface Props {
		model: HandsModel;
		craft: Craft;
		style: HouseStyle;
		/** Shown once all is worked: a way to keep what was done. */
		keep: Snippet<[made: Crossing, moves: readonly AnyMove[]]> | undefined;
	}
	const { model, craft, style, keep }: Props = $props();
	const uid = $props.id();
	const { done, trace, now, on, hint } = $derived(model);
</script>

<div class="grid gap-y-5">
	<section aria-labelledby="{uid}-what" aria-live="polite" data-testid="what-is-it">
		<h2 id="{uid}-what" class="lead font-sans">
			{now.rest.length === 0 ? 'What it is' : 'What it will be, worked as it stands'}
		</h2>
		<p class="font-serif text-xl font-semibold">{now.title ?? 'No crossing yet'}</p>
		{#if now.isAsked}<p class="text-success font-semibold">Exactly what was asked.</p>
		{:else if done.length > 0}
			<ul class="mt-1 list-disc pl-5">
				{#each now.differs as differs, nth (nth)}<li>{differs}</li>{/each}
			</ul>
		{/if}
		{#if now.names.some((name) => name.name !== undefined)}
			<p class="quiet mt-1">
				{#each now.names.filter((name) => name.name !== undefined) as { school, name }, i (school.id)}{i > 0
						? ' · '
						: ''}<span class="name text-base-content" title={school.title}>{name}</span>{/each}
			</p>
		{:else if now.crosses}<p class="quiet mt-1">It has no usual abbreviation.</p>{/if}
		<p class="quiet mt-2 text-[0.94rem]" data-testid="counts">
			{done.length}
			{done.length === 1 ? 'move' : 'moves'} so far; {toolsSaid(now.counts.tools, craft)};
			{now.counts.mostLoose === 0 ? 'nothing hung loose' : `${now.counts.mostLoose} loose at most`}
		</p>
		{#if now.made && now.rest.length === 0 && now.crosses}{@render keep?.(now.made, done)}{/if}
		{#if now.rest.length > 0}
			<p class="mt-2">
				<button type="button" class="wordlink" onclick={() => model.act(now.rest)}>Work the rest in order</button>
			</p>
		{/if}
	</section>
	<section aria-labelledby="{uid}-hint" aria-live="polite" data-testid="hint">
		<h2 id="{uid}-hint" class="lead font-sans">Stuck?</h2>
		{#if !hint}<p class="flex gap-x-4">
				<button type="button" class="wordlink" onclick={() => (model.hint = true)}>One hint</button>
				<button type="button" class="wordlink" onclick={() => model.showMe()}>Show me</button>
			</p>
		{:else if !on}<p>None of the taught ways makes this crossing.</p>
		{:else if on.from < done.length}
			<p>
				From here no way on was found. After move {on.from} there is one{on.title ? `: “${on.title}”` : ''}.
			</p>
			<button type="button" class="wordlink" onclick={() => model.takeBack(on.from)}
				>Take back {done.length - on.from === 1 ? 'a move' : `${done.length - on.from} moves`}</button
			>
		{:else if on.moves[0]}
			<p>
				{model.says({ moves: [on.moves[0]] })}.
				<span class="quiet">({on.title ? `“${on.title}”, ` : ''}{on.moves.length} to go; others may be shorter)</span>
			</p>
			<p class="mt-1 flex flex-wrap gap-x-4">
				<button type="button" class="wordlink" onclick={() => model.act([on.moves[0]!])}>Do it</button>
				<button type="button" class="wordlink" onclick={() => model.showMe()}>Show me</button>
			</p>
		{:else}<p>You’re done.</p>{/if}
	</section>
	<section aria-labelledby="{uid}-moves">
		<h2 id="{uid}-moves" class="lead font-sans">Your moves</h2>
		{#if done.length === 0}<p class="quiet">Nothing yet.</p>{/if}
		<ol class="list-decimal pl-6 text-[0.94rem]" data-testid="done">
			{#each done as _, i (i)}
				<li>
					{wordsIn(style, trace, i + 1, craft).caption}
					{#if i + 1 < done.length}<button
							type="button"
							class="wordlink ml-1"
							aria-label="back to here, move {i + 1}"
							onclick={() => model.takeBack(i + 1)}>back to here</button
						>{/if}
				</li>
			{/each}
		</ol>
	</section>
</div>
