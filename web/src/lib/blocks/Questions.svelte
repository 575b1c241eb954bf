<script lang="ts">
	import { answersSaid, type Paint, type QuestionShown } from '@pond-loop/core/block';
	import Drawing from '$lib/picture/Drawing.svelte';

	interface Props {
		questions: readonly QuestionShown[];
		paint: Paint;
	}
	/** On paper the answers stand at the foot, upside down; on a screen behind a word. */
	const { questions, paint }: Props = $props();
	const answers = $derived(answersSaid(questions));
</script>

<ol class="mt-2 list-decimal space-y-4 pl-6" data-testid="questions">
	{#each questions as { asks, lines, seen, options }, i (i)}
		<li class="break-inside-avoid">
			<p class="font-semibold">{asks}</p>
			{#each lines as line, k (k)}<p class="text-[0.94rem]">{line}</p>{/each}
			{#if seen}
				{@const drawing = seen.draw(paint)}
				<div class="mt-1 max-w-72 overflow-hidden"><Drawing {drawing} width={drawing.width > 200 ? 288 : 110} /></div>
			{/if}
			<ul
				class={[
					'mt-1 grid gap-x-6 gap-y-1',
					options.some((o) => o.draw) ? 'grid-cols-2 sm:grid-cols-4 print:grid-cols-4' : 'grid-cols-1 sm:grid-cols-2',
				]}
			>
				{#each options as { letter, label, draw }, nth (nth)}
					<li class="flex items-baseline gap-x-2">
						<strong>{letter}</strong>
						{#if draw}<Drawing drawing={draw(paint)} width={80} />{:else}<span>{label}</span>{/if}
					</li>
				{/each}
			</ul>
		</li>
	{/each}
</ol>
<details class="mt-2 text-[0.94rem] print:hidden">
	<summary class="wordlink w-fit list-none">The answers, and why</summary>
	<ol class="mt-1 list-decimal pl-6">
		{#each questions as { answer, says }, i (i)}<li><strong>{answer}.</strong> {says}</li>{/each}
	</ol>
</details>
<p class="turned mt-4 hidden text-sm print:block" aria-hidden="true">{answers}</p>

<style>
	.turned {
		transform: rotate(180deg);
	}
</style>
