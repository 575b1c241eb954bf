<script lang="ts">
	import type { Snippet } from 'svelte';
	import { troubleOf } from '$lib/save/send';
	import FileField from '$lib/ui/FileField.svelte';
	import { type SentPicture, sendPicture } from './send';

	interface Props {
		/** What the button says. */
		label: string;
		/** What it is for, and what is done with it. */
		says: string;
		chosen: (picture: SentPicture) => void;
		/** More buttons, behind the first. */
		children?: Snippet;
	}
	const { label, says, chosen, children }: Props = $props();
	let trouble = $state<string>();
	let busy = $state(false);

	async function choose(file: File): Promise<void> {
		busy = true;
		const answer = await sendPicture(file);
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') chosen(answer.value);
	}
</script>

<FileField {label} accept="image/jpeg,image/png,image/webp" disabled={busy} {choose} />
{@render children?.()}
<span class="quiet text-[0.94rem]">JPEG, PNG or WebP, up to 8 MB. {says}</span>
<span class="block basis-full" role="status">
	{#if busy}Sending the picture …{:else if trouble}<span class="text-error font-semibold">{trouble}</span>{/if}
</span>
