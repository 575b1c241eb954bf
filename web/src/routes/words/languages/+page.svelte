<script lang="ts">
	import { LANGUAGES, WORDS_IN_ENGLISH, type Language, type Term } from '@pond-loop/core/language';

	/** With the apostrophes that a pattern has: `devant l’ouvrage`. */
	const shown = (word: string): string => word.replaceAll(/(?<=^| )([ld]) (?=\p{L})/gu, '$1’');
	/** The usual wording, and others; labels of rows have their own. */
	function wordings({ words, labels }: Language, term: Term): { usual: string; others: string } | undefined {
		const [usual, ...others] = (words[term] ?? labels[term])?.split('|') ?? [];
		return usual === undefined ? undefined : { usual: shown(usual), others: others.slice(0, 6).map(shown).join(', ') };
	}
</script>

<svelte:head><title>Words in other languages · Pond Loop</title></svelte:head>

<h1 class="text-4xl">Words in other languages</h1>
<p class="quiet mt-1 max-w-3xl">
	What patterns write for each word, the usual one first. Paste a whole pattern under
	<a class="wordlink" href="/swatches/new?rows">Type a pattern</a> to see it in English.
</p>
<nav class="mt-4 flex flex-wrap gap-x-5 gap-y-1 print:hidden" aria-label="Languages">
	{#each LANGUAGES as { id, title } (id)}<a class="wordlink" href="#{id}">{title}</a>{/each}
</nav>
{#each LANGUAGES as language (language.id)}
	<section id={language.id} class="mt-8 max-w-3xl scroll-mt-6 break-before-page" aria-labelledby="{language.id}-title">
		<h2 id="{language.id}-title" class="text-2xl">
			{language.title} <span class="quiet" lang={language.id}>{language.own}</span>
		</h2>
		<p class="mt-1 font-mono text-[0.92rem]" lang={language.id}>{language.example.row}</p>
		<p class="mt-1 font-mono text-[0.92rem]" lang={language.id}>{language.example.sentence}</p>
		<table class="mt-3 w-full border-collapse text-[0.94rem]">
			<tbody>
				{#each WORDS_IN_ENGLISH as [term, english], nth (nth)}
					{@const said = wordings(language, term)}
					{#if said}
						<tr class="border-base-300 border-t align-top">
							<th class="w-2/5 py-1 pr-4 text-left font-normal" scope="row">{english}</th>
							<td class="py-1" lang={language.id}
								><strong>{said.usual}</strong>{#if said.others}<span class="quiet">, {said.others}</span>{/if}</td
							>
						</tr>
					{/if}
				{/each}
			</tbody>
		</table>
	</section>
{/each}
