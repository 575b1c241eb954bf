<script lang="ts">
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Photo from '$lib/picture/Photo.svelte';
	import { sendPicture } from '$lib/picture/send';
	import { troubleOf } from '$lib/save/send';
	import FileField from '$lib/ui/FileField.svelte';

	interface Props {
		logo: HouseStyle['logo'];
		change: (logo: HouseStyle['logo']) => void;
	}
	const { logo, change }: Props = $props();
	let trouble = $state<string>();
	let busy = $state(false);

	async function choose(file: File): Promise<void> {
		busy = true;
		const answer = await sendPicture(file);
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') change(answer.value);
	}
</script>

<div class="flex flex-wrap items-center gap-4">
	{#if logo}<div class="max-w-40"><Photo {...logo} alt="Your logo" /></div>{/if}
	<FileField
		label={logo ? 'Change the logo' : 'Add a logo'}
		accept="image/jpeg,image/png,image/webp"
		disabled={busy}
		{choose}
	/>
	{#if logo}<button type="button" class="wordlink" onclick={() => change(undefined)}>Remove the logo</button>{/if}
	<span class="quiet text-[0.94rem]">At the top of one-page handouts. JPEG, PNG or WebP, up to 8 MB.</span>
</div>
<p role="status">
	{#if busy}Sending …{:else if trouble}<span class="text-error font-semibold">{trouble}</span>{/if}
</p>
