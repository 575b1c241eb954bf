<script lang="ts">
	import { MOST_ALT, type PictureStep } from '@pond-loop/core/step';
	import ChoosePicture from '$lib/picture/ChoosePicture.svelte';
	import Photo from '$lib/picture/Photo.svelte';
	import type { EditorProps } from '../editors';

	const { step, change }: EditorProps<PictureStep> = $props();
	const uid = $props.id();
</script>

{#if step.picture}<div class="mt-2">
		<Photo {...step.picture} alt={step.alt || 'The picture that was chosen'} />
	</div>{/if}
<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
	<ChoosePicture
		label={step.picture ? 'Another picture' : 'Choose a picture'}
		says="Pictures of the work, not of people. We remove where and when it was taken."
		chosen={(picture) => change({ picture })}
	/>
</div>
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
