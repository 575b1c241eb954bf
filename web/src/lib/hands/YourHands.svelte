<script lang="ts">
	import type { Craft, Demonstrated } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { type AnyMove, type Offer, simulate } from '@pond-loop/core/handling';
	import { type BegunWith, begunIn, wordsIn } from '@pond-loop/core/look';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import redo2Icon from 'lucide-static/icons/redo-2.svg?raw';
	import undo2Icon from 'lucide-static/icons/undo-2.svg?raw';
	import { type Snippet, untrack } from 'svelte';
	import { drawFrom } from '$lib/stage/cameras';
	import { Walk } from '$lib/stage/walk.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { inWriting } from '$lib/ui/in-writing';
	import type { PageLight } from '$lib/ui/light';
	import { oneButton } from '$lib/ui/roving-tabindex';
	import ChooseLoops from './ChooseLoops.svelte';
	import { HandsModel } from './hands-model.svelte';
	import LoopTargets from './LoopTargets.svelte';
	import { tagsIn } from './tags-in';
	import WhatYouMade from './WhatYouMade.svelte';

	interface Props {
		/** What was asked, as these hands make it. */
		shown: Demonstrated;
		/** A craft that is tried by hand, and takes the crossing. */
		craft: Craft;
		style: HouseStyle;
		light: PageLight;
		/** Whether hands begin with loops on their tool, or with that bare. */
		begun?: BegunWith;
		/** Shown once all is worked: a way to keep what was done. */
		keep?: Snippet<[made: Crossing, moves: readonly AnyMove[]]>;
		/** Whether it is a question: then neither what comes out nor a hint is told. */
		isAsked?: boolean;
		/** Moves that were made already, and told whenever they change. */
		done: readonly AnyMove[];
	}
	let { shown, craft, style, light, begun = 'loops', keep, isAsked = false, done = $bindable() }: Props = $props();
	const uid = $props.id();
	const model = new HandsModel(() => ({
		shown,
		craft,
		style,
		begun,
		done,
		change: (moves) => (done = moves),
	}));
	const { byHand, hands, trace, chosen, taking, besides, others, not, undone, refused } = $derived(model);

	const walk = new Walk(
		0,
		() => done.length,
		() => undefined,
	);
	$effect(() => {
		const { length } = done;
		if (model.playFrom === undefined) walk.to(length);
		else untrack(() => walk.playFrom(model.playFrom!));
	});
	$effect(() => () => walk.stop());
	const options = $derived({ style, light, textScale: 1.1 });
	const drawing = $derived(drawFrom('front', shown.made, trace, Math.min(walk.at, done.length), options));
	/** Where single places for loops stand, such as pegs: each carried the loop of its number at first. */
	const places = $derived(
		byHand.placeTarget
			? tagsIn(drawFrom('front', shown.made, simulate([], begunIn(craft, shown.made)!), 0, options))
			: [],
	);
	const caption = $derived(wordsIn(style, trace, done.length, craft).caption);

	function onkeydown(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || inWriting(event.target)) return;
		if (model.key(event.key)) event.preventDefault();
	}
</script>

<svelte:window {onkeydown} />

{#snippet bar(label: string, all: readonly Offer<AnyMove>[])}
	<div class="mt-1.5 flex flex-wrap gap-2" role="toolbar" aria-label={label} use:oneButton>
		{#each all as offer (offer.id)}
			<button type="button" class="pill pill-soft" onclick={() => model.act(offer.moves)}>{model.says(offer)}</button>
		{/each}
	</div>
{/snippet}

<div class={['grid items-start gap-x-7 gap-y-5', !isAsked && 'lg:grid-cols-[minmax(0,1fr)_19rem]']}>
	<div class="min-w-0">
		<section
			aria-label={byHand.title}
			class="bg-base-200 overflow-hidden rounded-3xl"
			data-testid="your-hands"
			data-moves={done.length}
		>
			<LoopTargets {model} {drawing} {places} />
			<div class="px-4 pt-2 pb-3">
				<p
					class="min-h-[2lh] text-center font-serif text-[1.15rem] leading-snug font-semibold"
					aria-live="polite"
					data-testid="caption"
				>
					{done.length > 0 ? caption : begun === 'bare' ? `${caption} Cast on first.` : byHand.begins}
				</p>
				<p class="text-error min-h-[1lh] text-center font-semibold" role="status" data-testid="refused">
					{refused ?? ''}
				</p>
				<div class="mt-1 flex flex-wrap items-center justify-center gap-2">
					<IconButton
						label="Undo the last move"
						hint="Take back (⌫)"
						disabled={done.length === 0}
						onclick={() => model.takeBack(done.length - 1)}><Icon svg={undo2Icon} /></IconButton
					>
					<IconButton label="Redo" hint="Redo" disabled={undone.length === 0} onclick={() => model.again()}
						><Icon svg={redo2Icon} /></IconButton
					>
					<button
						type="button"
						class="wordlink mx-2 disabled:opacity-40"
						disabled={done.length === 0}
						onclick={() => model.takeBack(0)}>From the start</button
					>
					<button
						type="button"
						class="wordlink mx-2 disabled:opacity-40"
						disabled={done.length === 0 || walk.playing}
						onclick={() => walk.play()}>See it again</button
					>
				</div>
			</div>
		</section>
		<div class="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
			<section aria-labelledby="{uid}-with">
				<h2 id="{uid}-with" class="lead font-sans">
					{hands.loops.length === 0
						? 'With loops: none are cast on yet'
						: chosen.length === 0
							? 'With loops: choose some first'
							: `With ${chosen.length === 1 ? 'loop' : 'loops'} ${chosen.join(', ')}`}
				</h2>
				<!-- Above what changes with the choice, so that nothing moves away under a finger. -->
				{#if hands.loops.length > 2}<ChooseLoops {model} {drawing} />{/if}
				{@render bar('With the chosen loops', taking)}
			</section>
			<section aria-labelledby="{uid}-besides">
				<h2 id="{uid}-besides" class="lead font-sans">{byHand.besides}</h2>
				{@render bar('Besides', besides)}
			</section>
		</div>
		{#if others.length > 0}
			<details class="mt-4 text-[0.94rem]">
				<summary class="wordlink w-fit list-none">Other moves you can do now</summary>
				{@render bar('Other things', others)}
			</details>
		{/if}
		{#if not.length > 0}
			<details class="mt-4 text-[0.94rem]">
				<summary class="wordlink w-fit list-none">What you can’t do now, and why</summary>
				<ul class="mt-2 space-y-1">
					{#each not as offer (offer.id)}
						<li>
							<strong>{model.says(offer)}.</strong>
							<span class="quiet">{offer.refused?.what} {offer.refused?.todo}</span>
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</div>
	{#if !isAsked}
		<WhatYouMade {model} {style} {craft} {keep} />
	{/if}
</div>
