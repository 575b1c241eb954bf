<script lang="ts">
	import type * as Languages from '@pond-loop/core/language';
	import type { LanguageId } from '@pond-loop/core/language';
	import { rowsInLanguage, type Worked } from '@pond-loop/core/swatch';
	import { copied } from '$lib/ui/copy';

	interface Props {
		id: string;
		worked: Worked;
		/** Chosen at first: the language in which the pattern was written. */
		first: LanguageId | undefined;
	}
	const { id, worked, first }: Props = $props();

	/** Loaded when it is opened. */
	let languages = $state.raw<typeof Languages>();
	// svelte-ignore state_referenced_locally
	let chosen = $state<LanguageId>(first ?? 'de');
	async function show(event: Event): Promise<void> {
		if ((event.currentTarget as HTMLDetailsElement).open) languages ??= await import('@pond-loop/core/language');
	}
	let field = $state<HTMLTextAreaElement>();
	let said = $state('');
	const written = $derived(languages?.LANGUAGES.filter((l) => l.write) ?? []);
	const rows = $derived(languages && rowsInLanguage(worked, { language: languages.languageOf(chosen) }));
</script>

<details class="mt-3" ontoggle={show}>
	<summary class="wordlink w-fit list-none text-[0.94rem]">Rows in another language</summary>
	{#if languages && rows}
		<label class="mt-2 block text-[0.94rem]"
			>Language <select class="field py-0" bind:value={chosen}>
				{#each written as { id, title, own } (id)}<option value={id}>{title} · {own}</option>{/each}
			</select></label
		>
		{#if rows.ok}
			<textarea
				bind:this={field}
				class="field mt-2 min-h-40 w-full font-mono text-[0.9rem]"
				readonly
				lang={chosen}
				aria-label="Rows in the language"
				value={rows.value}></textarea>
			<button type="button" class="pill pill-soft" onclick={async () => (said = await copied(field))}>Copy rows</button>
			<a class="wordlink ml-3 text-[0.94rem]" href="/swatches/{id}/handout?beside={chosen}" download>PDF with both</a>
			<span role="status" class="ml-2 text-[0.94rem]">{said}</span>
		{:else}<p class="mt-2 text-[0.94rem]">{rows.problems[0]!.what} {rows.problems[0]!.todo}</p>{/if}
	{/if}
</details>
