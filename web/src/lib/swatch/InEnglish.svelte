<script lang="ts">
	import type { Language, TextInEnglish } from '@pond-loop/core/language';

	interface Props {
		language: Pick<Language, 'id' | 'title' | 'own'>;
		made: TextInEnglish;
	}
	const { language, made }: Props = $props();
	const lines = $derived(
		made.lines
			.filter((l) => l.text.trim() !== '')
			.map((line) => ({
				...line,
				problems: made.problems.filter((p) => p.at.to > p.at.from && p.at.from >= line.from && p.at.to <= line.to),
			})),
	);
	/** What is wrong with the whole of it. */
	const whole = $derived(made.problems.filter((p) => p.at.to === p.at.from));
</script>

<section aria-labelledby="in-english" class="mt-5">
	<h2 id="in-english" class="text-2xl">What it means in English</h2>
	{#each whole as { what, todo }, nth (nth)}<p class="text-error mt-1 font-semibold">{what} {todo}</p>{/each}
	<table class="mt-2 w-full table-fixed border-collapse text-[0.92rem] wrap-anywhere" data-testid="in-english">
		<thead class="max-sm:hidden">
			<tr class="lead text-left"><th class="w-1/2 pr-4 font-semibold">{language.title}</th><th>English</th></tr>
		</thead>
		<tbody>
			{#each lines as { text, english, problems }, nth (nth)}
				<tr class="border-base-300 border-t align-top max-sm:grid">
					<td class="py-1 pr-4 font-mono max-sm:pb-0" lang={language.id}>{text}</td>
					<td class="py-1 font-mono">
						{#if problems.length > 0}
							{#each problems as { what, todo }, nth (nth)}<span class="text-error font-sans">{what} {todo}</span
								>{/each}
						{:else if english.startsWith('#')}<span class="quiet font-sans">a title or a note</span>
						{:else}{english}{/if}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
