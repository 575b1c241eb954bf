<script lang="ts">
	import type { QuestionShown } from '@pond-loop/core/block';
	import { placeIn } from './room-questions';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { inWriting } from '$lib/ui/in-writing';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		questions: readonly QuestionShown[];
		light: PageLight;
		/** Presses so far, two to a question: asked, told, the next one asked. The other window goes by it. */
		move: number;
	}
	/** One question at a time, for a room that answers aloud; its answer when it is pressed. */
	let { questions, light, move = $bindable() }: Props = $props();
	const { at, isTold } = $derived(placeIn(questions, move));
	const now = $derived(questions[at]);
	const isLast = $derived(isTold && at + 1 === questions.length);
	const ARROWS: Readonly<Record<string, () => void>> = {
		ArrowRight: () => (isLast ? undefined : (move = move + 1)),
		ArrowLeft: () => (move = Math.max(0, move - 1)),
	};
	function onkeydown(event: KeyboardEvent): void {
		const act = ARROWS[event.key];
		if (!act || inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		act();
	}
</script>

<svelte:window {onkeydown} />

{#if now}
	<div class="mx-auto w-full max-w-4xl" data-testid="room-questions">
		<p class="quiet text-center text-xl">{at + 1} of {questions.length}</p>
		<p class="text-center font-serif text-4xl leading-snug font-semibold text-balance">{now.asks}</p>
		{#if now.lines.length > 0}
			<div class="bg-base-200 mx-auto mt-4 w-fit rounded-3xl px-8 py-4 text-2xl">
				{#each now.lines as line, i (i)}<p>{line}</p>{/each}
			</div>
		{/if}
		{#if now.seen}
			{@const drawing = now.seen.draw({ light })}
			<div class="mt-4 flex justify-center">
				<Drawing {drawing} width={drawing.width > 200 ? Math.min(640, 2 * drawing.width) : 200} />
			</div>
		{/if}
		<ul class={['mt-6 grid gap-4', now.options.some((o) => o.draw) ? 'grid-cols-2 sm:grid-cols-4' : 'sm:grid-cols-2']}>
			{#each now.options as { letter, label, draw }, nth (nth)}
				<li
					class={[
						'flex items-center gap-x-4 rounded-3xl border-2 px-5 py-3 text-2xl',
						isTold && letter === now.answer
							? 'bg-secondary text-secondary-content border-secondary font-bold'
							: 'border-base-300',
						isTold && letter !== now.answer && 'opacity-60',
					]}
				>
					<strong>{letter}</strong>
					{#if draw}<Drawing drawing={draw({ light })} width={120} />{:else}<span class="min-w-0">{label}</span>{/if}
				</li>
			{/each}
		</ul>
		<div class="mt-4 min-h-[4lh] text-center text-2xl" aria-live="polite">
			{#if isTold}<strong>{now.answer}.</strong> {now.says}{/if}
		</div>
		<p class="flex flex-wrap justify-center gap-3">
			<button type="button" class="pill pill-soft" disabled={at === 0} onclick={() => (move = 2 * (at - 1))}
				>Question before</button
			>
			{#if isTold && at + 1 < questions.length}
				<button type="button" class="pill pill-strong" onclick={() => (move = 2 * (at + 1))}>Next question</button>
			{:else}
				<button type="button" class="pill pill-strong" disabled={isTold} onclick={() => (move = 2 * at + 1)}
					>Show the answer</button
				>
			{/if}
		</p>
	</div>
{/if}
