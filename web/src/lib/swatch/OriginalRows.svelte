<script lang="ts">
	import { inEnglish, languageOf } from '@pond-loop/core/language';
	import { namesIn } from '@pond-loop/core/notation';
	import type { Original, Swatch } from '@pond-loop/core/schema';
	import { rowsInLanguage, type Worked } from '@pond-loop/core/swatch';
	import Fold from '$lib/ui/Fold.svelte';

	interface Props {
		swatch: Swatch;
		original: Original;
		/** The rows of the swatch, worked. */
		worked: Worked;
		glossary: string;
		change: (more: Partial<Swatch>, place?: string) => void;
	}
	/** The pattern in the language in which it was written: typed in, the English rows follow. */
	const { swatch, original, worked, glossary, change }: Props = $props();
	const language = $derived(languageOf(original.language));
	const names = $derived(namesIn(glossary));
	const read = (text: string) => inEnglish(original.language, text, { names });
	const made = $derived(read(original.text));
	const isSame = $derived(made.english === swatch.text);
	const written = $derived(rowsInLanguage(worked, { language }));

	function type(text: string): void {
		const then = read(text);
		change(
			{ original: { ...original, text }, ...(then.problems.length === 0 ? { text: then.english } : {}) },
			'original',
		);
	}
	const rewrite = (text: string): void => change({ original: { ...original, text }, text: read(text).english });
</script>

<Fold id="original" title="The pattern in {language.title}" class="mt-3">
	<textarea
		class="field mt-2 min-h-48 w-full font-mono text-[0.92rem]"
		spellcheck="false"
		lang={original.language}
		aria-label="Rows in {language.title}"
		value={original.text}
		oninput={(e) => type(e.currentTarget.value)}></textarea>
	<div role="status" class="text-[0.94rem]">
		{#each made.problems.slice(0, 3) as problem, nth (nth)}
			<p class="text-error">
				{#if problem.at.to > problem.at.from}“{original.text.slice(problem.at.from, problem.at.to)}”:
				{/if}{problem.what}
				{problem.todo}
			</p>
		{/each}
		{#if made.problems.length === 0 && !isSame}<p>The English rows are different now.</p>{/if}
	</div>
	<p class="mt-1 flex flex-wrap gap-x-5 text-[0.94rem]">
		{#if !isSame}
			{#if made.problems.length === 0}<button
					type="button"
					class="wordlink"
					onclick={() => change({ text: made.english })}>Replace the English</button
				>{/if}
			{#if written.ok}<button type="button" class="wordlink" onclick={() => rewrite(written.value)}
					>Replace the {language.title}</button
				>{/if}
		{/if}
		<button type="button" class="wordlink" onclick={() => change({ original: undefined })}
			>Remove the {language.title}</button
		>
	</p>
</Fold>
