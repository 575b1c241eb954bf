<script lang="ts">
	import { inEnglish, languageOf, looksLike } from '@pond-loop/core/language';

	interface Props {
		text: string;
		/** Puts the English rows in place of these; undo brings them back. */
		replace: (english: string) => void;
	}
	const { text, replace }: Props = $props();
	const looks = $derived(looksLike(text));
	const language = $derived(looks && looks !== 'en' ? languageOf(looks) : undefined);
	const made = $derived(language && inEnglish(language.id, text, looks));
</script>

{#if language && made}
	<div class="border-accent mt-3 border-l-4 py-1 pl-3" role="status" data-testid="foreign-rows">
		<p class="font-semibold">This looks like {language.title}.</p>
		{#if made.problems[0]}<p>{made.problems[0].what} {made.problems[0].todo}</p>
		{:else}<button type="button" class="wordlink" onclick={() => replace(made.english)}>Write it in English</button
			>{/if}
	</div>
{/if}
