<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowRightIcon from 'lucide-static/icons/arrow-right.svg?raw';
	import type { LanguageId } from '@pond-loop/core/language';
	import { readGlossary, readTextWith } from '@pond-loop/core/notation';
	import type { Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { keepTyped } from '$lib/save/typed.svelte';

	interface Props {
		text: string;
		/** Shown where it looks like English, or like nothing that is read. */
		otherwise: Snippet;
	}
	const { text, otherwise }: Props = $props();
	/** Loaded when something is typed that is not read as English. */
	const languages = import('@pond-loop/core/language');
	const isPattern = $derived(text.includes('\n'));

	/** One crossing in English, where a name or a sentence of the language says it. */
	function crossingIn(loaded: Awaited<typeof languages>, id: LanguageId): string | undefined {
		const said = [loaded.nameFrom(id, text), loaded.sentenceFrom(id, text)].filter((w) => w.problems.length === 0);
		return said
			.map((w) => w.english)
			.find((english) => english && readTextWith(readGlossary(''), english, page.data.style.school).ok);
	}
	async function open(): Promise<void> {
		keepTyped('new-rows', { title: 'A pasted pattern', text, castOn: 20 });
		await goto('/swatches/new?rows');
	}
</script>

{#await languages}{@render otherwise()}{:then loaded}
	{@const looks = loaded.looksLike(text)}
	{#if looks === undefined || looks === 'en'}{@render otherwise()}
	{:else}
		{@const { title } = loaded.languageOf(looks)}
		{@const english = isPattern ? undefined : crossingIn(loaded, looks)}
		<section data-testid="foreign">
			<h2 class="text-2xl">This looks like {title}</h2>
			{#if english}
				<p class="mt-1">In English: <span class="font-mono">{english}</span></p>
				<p class="mt-3">
					<a class="pill pill-strong" href="/stage?name={encodeURIComponent(english)}"
						>How to work it <Icon svg={arrowRightIcon} class="size-5" /></a
					>
				</p>
			{:else if isPattern}
				<p class="mt-1">You can see it in English, line by line.</p>
				<p class="mt-3">
					{#if page.data.teacher}<button type="button" class="pill pill-strong" onclick={open}
							>Read it in English <Icon svg={arrowRightIcon} class="size-5" /></button
						>
					{:else}<a
							class="wordlink"
							href="/sign-in?to=%2Fswatches%2Fnew%3Frows"
							onclick={() => keepTyped('new-rows', { title: 'A pasted pattern', text, castOn: 20 })}
							>Sign in to read it in English</a
						>{/if}
				</p>
			{:else}<p class="mt-1">
					We could not read it as a crossing. <a class="wordlink" href="/words/languages#{looks}">{title} words</a>
				</p>{/if}
		</section>
	{/if}
{/await}
