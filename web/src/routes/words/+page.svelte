<script lang="ts">
	import { EVERYDAY_WORDS } from '@pond-loop/core/notation';
	import { useEnglish } from '$lib/words/english';

	const say = useEnglish();
	/** Other words for it, without the one that stands before them. */
	const others = (word: string, also: readonly string[]): string => also.filter((one) => one !== say(word)).join(', ');
</script>

<svelte:head><title>Words used · Pond Loop</title></svelte:head>

<h1 class="text-4xl">Words used</h1>
<p class="quiet mt-1">
	Abbreviations of cables, such as C4F, are under <a class="wordlink" href="/crossings">Cables</a>. Patterns in German,
	French and others:
	<a class="wordlink" href="/words/languages">Words in other languages</a>.
</p>
<dl class="mt-5 grid max-w-3xl grid-cols-1 sm:grid-cols-[12rem_minmax(0,1fr)]">
	{#each EVERYDAY_WORDS as { word, also, means }, i (i)}
		<dt id={word} class="border-base-300 scroll-mt-6 pt-3 font-bold sm:border-t sm:pb-3">{say(word)}</dt>
		<dd class="border-base-300 pb-3 max-sm:border-b sm:border-t sm:pt-3">
			{say(means)}
			<span class="quiet block text-[0.94rem]">Also: {others(word, also)}</span>
		</dd>
	{/each}
</dl>
