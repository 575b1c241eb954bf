<script lang="ts">
	import type { HouseStyle } from '@pond-loop/core/schema';
	import ChoosePicture from '$lib/picture/ChoosePicture.svelte';
	import Photo from '$lib/picture/Photo.svelte';

	interface Props {
		logo: HouseStyle['logo'];
		change: (logo: HouseStyle['logo']) => void;
	}
	const { logo, change }: Props = $props();
</script>

<div class="flex flex-wrap items-center gap-4">
	{#if logo}<div class="max-w-40"><Photo {...logo} alt="Your logo" /></div>{/if}
	<ChoosePicture
		label={logo ? 'Change the logo' : 'Add a logo'}
		says="At the top of one-page handouts."
		chosen={change}
	>
		{#if logo}<button type="button" class="wordlink" onclick={() => change(undefined)}>Remove the logo</button>{/if}
	</ChoosePicture>
</div>
