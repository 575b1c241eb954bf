<script lang="ts">
	import { collection, lookUp } from '@pond-loop/core/collection';
	import { MAX_SENTENCE_LENGTH, readGlossary } from '@pond-loop/core/notation';
	import type { Design } from '@pond-loop/core/schema';
	import { tick } from 'svelte';
	import { page } from '$app/state';
	import { listDesigns } from '$lib/design/api';
	import { pastedLines } from '$lib/name/pasted';
	import { useLight } from '$lib/ui/light-state.svelte';
	import Hits from './Hits.svelte';
	import Places from './Places.svelte';
	import { placesFor } from './places';
	import Tile from './Tile.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	let dialog = $state<HTMLDialogElement>();
	let field = $state<HTMLInputElement>();
	let open = $state(false);
	let text = $state('');
	/** Lines that were pasted, until something else is typed. */
	let pattern = $state<string>();
	const light = useLight();
	const style = $derived(page.data.style);
	const MOST = 8;
	/** Those of one's own; found as soon as they have come. */
	let designs = $state.raw<readonly Design[]>([]);
	const found = $derived(
		open && pattern === undefined ? lookUp(text, collection(), readGlossary(style.glossary), designs) : undefined,
	);

	/** What everyday words lead to; not for what is clearly the name of a cable. */
	const isWords = $derived(/[a-z]{2}/i.test(text) && (!/\d/.test(text) || /^3d$/i.test(text.trim())));
	const places = $derived(
		open && pattern === undefined && isWords && (!found || found.kind === 'part')
			? placesFor(text, found && found.entries.length > 0 ? 3 : 6)
			: [],
	);

	async function fetchOwn(): Promise<void> {
		const answer = page.data.teacher ? await listDesigns() : undefined;
		if (answer?.kind === 'ok') designs = answer.value;
	}

	export async function show(): Promise<void> {
		open = true;
		void fetchOwn();
		await tick();
		dialog?.showModal();
		field?.select();
	}
	const close = (): void => dialog?.close();
	/** Enter takes the first one. */
	function take(event: SubmitEvent): void {
		event.preventDefault();
		dialog?.querySelector<HTMLElement>('[data-found] :is(a, button)')?.click();
		close();
	}
</script>

<dialog bind:this={dialog} class="modal modal-top" aria-label="Find anything" onclose={() => (open = false)}>
	<div class="modal-box bg-base-100 mx-auto mt-10 w-full max-w-4xl rounded-3xl">
		{#if open}
			<form onsubmit={take}>
				<label class="lead block" for="find-anything">Find anything: a cable, a word, a page, what went wrong</label>
				<input
					id="find-anything"
					bind:this={field}
					bind:value={text}
					oninput={() => (pattern = undefined)}
					onpaste={(e) =>
						pastedLines(e, (lines) => {
							pattern = lines;
							text = '';
						})}
					class="field w-full font-mono text-2xl"
					autocomplete="off"
					autocapitalize="off"
					spellcheck="false"
					maxlength={MAX_SENTENCE_LENGTH}
					placeholder="e.g. C4F, 2/1 LPC, or sl 2 sts to cn …"
				/>
			</form>
			<div class="mt-4 min-h-24" aria-live="polite" data-found>
				{#if places.length > 0}<Places {places} taken={close} />{/if}
				{#if found && found.kind !== 'part'}
					<Hits hits={found.hits} {text} taken={close} />
				{:else if found && found.own.length + found.entries.length > 0}
					{#if found.own.length > 0}<Hits hits={found.own.slice(0, MOST)} {text} taken={close} />{/if}
					<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
					<ul class="grid grid-cols-2 gap-2 sm:grid-cols-4" onclick={close}>
						{#each found.entries.slice(0, MOST) as entry (entry.id)}
							<li><Tile {entry} light={light.now} {style} /></li>
						{/each}
					</ul>
				{:else if pattern !== undefined || text.trim()}
					{#snippet nothing()}
						{#if places.length === 0}<p>
								Nothing found. Try a cable such as C4F, or a word such as {say('tension')}.
							</p>{/if}
					{/snippet}
					{#await import('./PatternTyped.svelte') then { default: PatternTyped }}
						<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
						<div
							onclick={(e) => {
								if (e.target instanceof HTMLElement && e.target.closest('button, a')) close();
							}}
						>
							<PatternTyped text={pattern ?? text} otherwise={nothing} />
						</div>
					{/await}
				{:else}
					<p class="quiet">Enter takes the first one. Esc closes.</p>
				{/if}
			</div>
		{/if}
	</div>
	<form method="dialog" class="modal-backdrop"><button aria-label="Close">close</button></form>
</dialog>
