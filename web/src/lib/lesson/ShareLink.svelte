<script lang="ts">
	import { untrack } from 'svelte';
	import { troubleOf } from '$lib/save/send';
	import { copied } from '$lib/ui/copy';
	import { shareLesson, withdrawShare } from './lesson-requests';

	interface Props {
		/** The lesson. */
		id: string;
		/** The token of its link, when it has one. */
		token: string | undefined;
	}
	const { id, token: given }: Props = $props();
	let token = $state(untrack(() => given));
	let said = $state('');
	let trouble = $state<string>();
	let field = $state<HTMLInputElement>();
	const address = $derived(token && `${globalThis.location?.origin ?? ''}/shared/${token}`);

	async function make(): Promise<void> {
		const answer = await shareLesson(id);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		token = answer.value.token;
		said = 'Anyone with this link can read the lesson.';
	}
	async function withdraw(): Promise<void> {
		const answer = await withdrawShare(id);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		token = undefined;
		said = 'Sharing is off. The link no longer works.';
	}
	const copy = async (): Promise<void> => void (said = await copied(field));
</script>

<div class="mt-3" data-testid="share">
	{#if address}
		<label class="block" for="share-address">A link that opens it without signing in</label>
		<input bind:this={field} id="share-address" class="field w-full text-[0.88rem]" readonly value={address} />
		<p class="mt-1 flex flex-wrap gap-x-5">
			<button type="button" class="wordlink" onclick={copy}>Copy</button>
			<a class="wordlink" href="/shared/{token}" target="_blank" rel="noopener">Open it</a>
			<button type="button" class="wordlink" onclick={withdraw}>Stop sharing</button>
		</p>
	{:else}
		<button type="button" class="wordlink" onclick={make}>Share link</button>
	{/if}
	<p class="quiet min-h-[1lh]" role="status">{said}</p>
	{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
</div>
