<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import downloadIcon from 'lucide-static/icons/download.svg?raw';
	import { z } from 'zod';
	import { goto, invalidateAll } from '$app/navigation';
	import { send, troubleOf } from '$lib/save/send';

	const { data } = $props();
	const raw = $derived(data.raw);
	// svelte-ignore state_referenced_locally
	let text = $state(data.raw.text);
	let trouble = $state<string>();
	let busy = $state(false);
	const path = $derived(`/api/unread/${data.kind}/${data.id}`);

	async function keep(): Promise<void> {
		busy = true;
		const answer = await send('PUT', path, { version: raw.version, text }, z.object({}));
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') await goto(raw.place, { invalidateAll: true });
	}
	async function remove(): Promise<void> {
		const answer = await send('DELETE', path, undefined, z.object({}));
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		await invalidateAll();
		await goto(raw.place.replace(/\/[0-9a-f-]{36}$/, ''));
	}
	function take(): void {
		const link = document.createElement('a');
		link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
		link.download = `${data.kind}-${data.id}.json`;
		link.click();
		URL.revokeObjectURL(link.href);
	}
</script>

<svelte:head><title>Cannot be read · Pond Loop</title></svelte:head>

<div class="max-w-4xl">
	<h1 class="text-3xl">This {raw.noun} cannot be read</h1>
	<p class="mt-3" data-testid="why">{raw.why}</p>
	<p class="quiet mt-2">
		It stands below as it is stored. Nothing of it is lost: mend the text and keep it, use it along as a file, or remove
		it.
	</p>
	<label class="lead mt-5 block" for="raw">As it is stored</label>
	<textarea
		id="raw"
		class="border-base-300 mt-1 h-96 w-full rounded-xl border p-3 font-mono text-[0.86rem]"
		spellcheck="false"
		bind:value={text}></textarea>
	{#if trouble}<p class="text-error mt-2 font-semibold" role="alert">{trouble}</p>{/if}
	<p class="mt-4 flex flex-wrap gap-3">
		<button type="button" class="pill pill-strong" disabled={busy} onclick={keep}>Save this text</button>
		<button type="button" class="pill pill-soft" onclick={take}
			><Icon svg={downloadIcon} class="size-5" /> Download it</button
		>
		<button type="button" class="pill pill-soft" onclick={remove}>Remove it</button>
	</p>
</div>
