<script lang="ts">
	import { inEnglish, languageOf, looksLike } from '@pond-loop/core/language';
	import { namesIn } from '@pond-loop/core/notation';
	import type { Original } from '@pond-loop/core/schema';

	interface Props {
		text: string;
		/** The teacher's own lines. */
		glossary: string;
		/** Puts the English rows in place of these, which are kept beside them; undo brings them back. */
		replace: (english: string, original: Original) => void;
	}
	const { text, glossary, replace }: Props = $props();
	const looks = $derived(looksLike(text));
	const language = $derived(looks && looks !== 'en' ? languageOf(looks) : undefined);
	const made = $derived(language && inEnglish(language.id, text, { looks, names: namesIn(glossary) }));
</script>

{#if language && made}
	<div class="border-accent mt-3 border-l-4 py-1 pl-3" role="status" data-testid="foreign-rows">
		<p class="font-semibold">This looks like {language.title}.</p>
		{#if made.problems[0]}<p>{made.problems[0].what} {made.problems[0].todo}</p>
		{:else}<button type="button" class="wordlink" onclick={() => replace(made.english, { language: language.id, text })}
				>Write it in English</button
			>{/if}
	</div>
{/if}
