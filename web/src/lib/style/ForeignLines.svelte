<script lang="ts">
	import { glossaryInEnglish, languageOf, looksLike } from '@pond-loop/core/language';
	import { readGlossary } from '@pond-loop/core/notation';

	interface Props {
		glossary: string;
		/** Puts the English below the lines, which stay as remarks; undo takes it out. */
		replace: (glossary: string) => void;
	}
	const { glossary, replace }: Props = $props();

	function isRead(line: string): boolean {
		const { entries, problems } = readGlossary(line);
		return problems.length === 0 && entries.every((e) => e.problems.length === 0);
	}
	const unread = $derived(
		glossary
			.split('\n')
			.filter((line) => line.trim() !== '' && !isRead(line))
			.join('\n'),
	);
	const looks = $derived(looksLike(unread));
	const language = $derived(looks && looks !== 'en' ? languageOf(looks) : undefined);
	const made = $derived(language && glossaryInEnglish(language.id, glossary, isRead));
</script>

{#if language && made}
	<div class="border-accent mt-2 border-l-4 py-1 pl-3" role="status" data-testid="foreign-lines">
		<p class="font-semibold">This looks like {language.title}.</p>
		{#each made.problems.slice(0, 3) as problem, nth (nth)}<p>{problem.what} {problem.todo}</p>{/each}
		{#if made.text !== glossary}<button type="button" class="wordlink" onclick={() => replace(made.text)}
				>Add the English</button
			>{/if}
	</div>
{/if}
