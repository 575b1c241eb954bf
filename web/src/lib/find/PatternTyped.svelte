<script lang="ts">
	import { readGlossary, whatIs } from '@pond-loop/core/notation';
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';
	import PatternFound from '$lib/swatch/PatternFound.svelte';
	import ForeignTyped from './ForeignTyped.svelte';

	interface Props {
		/** What no name and no sentence is. */
		text: string;
		/** Shown where it is no row of a pattern either. */
		otherwise: Snippet;
	}
	const { text, otherwise }: Props = $props();
	const style = $derived(page.data.style);
	const what = $derived(whatIs(readGlossary(style.glossary), text, style.school));
</script>

{#if what.kind === 'rows' && what.rows.problems.length === 0}
	<PatternFound {text} rows={what.rows} school={style.school} teacher={Boolean(page.data.teacher)} />
{:else}
	{#snippet inEnglish()}
		{#if what.kind === 'rows'}
			<PatternFound {text} rows={what.rows} school={style.school} teacher={Boolean(page.data.teacher)} />
		{:else}{@render otherwise()}{/if}
	{/snippet}
	<ForeignTyped {text} otherwise={inEnglish} />
{/if}
