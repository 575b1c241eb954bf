<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import { type Crossing, fromCanonical } from '@pond-loop/core/crossing';
	import { demonstrated, PLAIN_CRAFT } from '@pond-loop/core/craft';
	import type { AnyMove, Move } from '@pond-loop/core/handling';
	import { begunIn, craftIn, shownIn } from '@pond-loop/core/look';
	import { wordsFor } from '@pond-loop/core/made';
	import { readGlossary, readTextWith } from '@pond-loop/core/notation';
	import { page } from '$app/state';
	import { addressOf } from '$lib/choices/address';
	import { choicesFrom } from '$lib/choices/choices';
	import { BARE, MOST_BY_HAND } from '$lib/hands/by-hand';
	import KeepWay from '$lib/hands/KeepWay.svelte';
	import { yourHands } from '$lib/hands/lazy-hands';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const first = choicesFrom(page.url.searchParams, data.style.school);
	let text = $state(first.text);
	let own = $state(first.own);
	let school = $state(first.school);
	const style = $derived({
		...data.style,
		demonstrates: first.hands ?? data.style.demonstrates,
		yarnHand: first.yarn ?? data.style.yarnHand,
	});
	const line = $derived(own === undefined ? undefined : fromCanonical(own));
	const reading = $derived(readTextWith(readGlossary(style.glossary), text, school, first.meaning));
	const asked = $derived(line?.ok ? line.value : reading.ok ? reading.crossing : undefined);
	const craft = $derived(craftIn(style, first.craft));
	const taken = $derived(asked && craft.takes(asked, craft.ways[0]!.id));
	const shown = $derived(
		asked && asked.n <= MOST_BY_HAND && begunIn(craft, asked) ? shownIn(style, asked, craft) : undefined,
	);
	let done = $state.raw<readonly AnyMove[]>([]);
	let bare = $state(page.url.searchParams.has(BARE));
	const begun = $derived(bare && asked && begunIn(craft, asked, 'bare') ? 'bare' : 'loops');
	const stage = $derived(
		addressOf({ text, own, school, hands: first.hands, yarn: first.yarn, meaning: first.meaning, craft: first.craft }),
	);
</script>

<svelte:head
	><title>{shown ? wordsFor(shown.fabric).title : 'Your hands'}, with your hands · Pond Loop</title></svelte:head
>

<div class="mb-4 grid items-end gap-x-10 gap-y-3 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_26.5rem]">
	<div class="min-w-0">
		<h1 class="text-[1.8rem] leading-tight">{shown ? wordsFor(shown.fabric).title : 'Your hands'}</h1>
		<p class="quiet">
			Try it yourself, in any order. <a class="wordlink" href={stage}
				><Icon svg={arrowLeftIcon} class="inline size-4" /> Watch it instead</a
			>
		</p>
	</div>
	<div>
		<NameField
			bind:text
			bind:school
			label="What to make"
			onchange={() => {
				own = undefined;
				done = [];
			}}
		/>
	</div>
</div>
{#if shown}
	{#if asked && begunIn(craft, asked, 'bare')}
		<p class="mb-3">
			<button
				type="button"
				class={['pill', begun === 'bare' ? 'pill-strong' : 'pill-soft']}
				aria-pressed={begun === 'bare'}
				onclick={() => {
					bare = !bare;
					done = [];
				}}>Start with nothing cast on</button
			>
		</p>
	{/if}
	{#key `${begun} ${shown.made.order.join()} ${shown.made.over.join(';')} ${shown.made.work.join()}`}
		{#snippet keep(made: Crossing, moves: readonly AnyMove[])}
			<!-- A way of one's own is one of two needles. -->
			{#if data.teacher && craft.id === PLAIN_CRAFT}
				<KeepWay {made} fabric={demonstrated(made, shown.mirrored).fabric} moves={moves as readonly Move[]} />
			{/if}
		{/snippet}
		<LazyPart
			part={yourHands}
			when="soon"
			given={{
				shown,
				craft,
				style,
				light: light.now,
				begun,
				keep,
				get done() {
					return done;
				},
				set done(now) {
					done = now;
				},
			}}
		/>
	{/key}
{:else if asked}
	<p class="border-base-300 border-y py-6">
		{#if asked.n > MOST_BY_HAND}
			{asked.n} stitches are too many to try by hand. The maximum is {MOST_BY_HAND}. Choose a narrower crossing.
		{:else if taken && !taken.ok}
			{taken.problems[0]?.what} {taken.problems[0]?.todo}
		{:else}
			{craft.title} can be watched, but not tried by hand.
		{/if}
	</p>
{:else if !reading.ok}
	<NotRead
		{reading}
		light={light.now}
		{style}
		choose={(close) => {
			text = close.name;
			school = close.school;
			done = [];
		}}
		readIn={(other) => (school = other)}
	/>
{/if}
