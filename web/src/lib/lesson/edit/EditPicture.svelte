<script lang="ts">
	import { MOST_ALT, type PictureStep } from '@pond-loop/core/step';
	import Photo from '$lib/picture/Photo.svelte';
	import { sendPicture } from '$lib/picture/send';
	import { troubleOf } from '$lib/save/send';
	import type { EditorProps } from '../editors';
	import FileField from '$lib/ui/FileField.svelte';

	const { step, change }: EditorProps<PictureStep> = $props();
	const uid = $props.id();
	let trouble = $state<string>();
	let busy = $state(false);

	async function choose(given: File): Promise<void> {
		busy = true;
		const answer = await sendPicture(given);
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') change({ picture: answer.value });
	}
</script>

{#if step.picture}<div class="mt-2">
		<Photo {...step.picture} alt={step.alt || 'The picture that was chosen'} />
	</div>{/if}
<div class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
	<FileField
		label={step.picture ? 'Another picture' : 'Choose a picture'}
		accept="image/jpeg,image/png,image/webp"
		disabled={busy}
		{choose}
	/>
	<span class="quiet text-[0.88rem]"
		>JPEG, PNG or WebP, up to 8 MB. Pictures of the work, not of people. We remove where and when it was taken.</span
	>
</div>
<p role="status">
	{#if busy}Sending it …{:else if trouble}<span class="text-error font-semibold">{trouble}</span>{/if}
</p>
<label class="quiet mt-1 block text-sm" for="{uid}-alt">Description, for people who can’t see it</label>
<input
	id="{uid}-alt"
	class="field w-full"
	dir="auto"
	maxlength={MOST_ALT}
	value={step.alt}
	placeholder="e.g. a lantern sleeve with two ropes, pinned out to dry"
	oninput={(e) => change({ alt: e.currentTarget.value })}
/>
