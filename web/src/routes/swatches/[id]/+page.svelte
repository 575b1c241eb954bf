<script lang="ts">
	import KeepSwatch from '$lib/lesson/KeepSwatch.svelte';
	import Desk from '$lib/swatch/Desk.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

{#key data.opened.id}
	<Desk opened={data.opened} first={data.first} light={light.now} style={data.style}>
		{#snippet keep(swatch)}<KeepSwatch
				lessons={data.lessons}
				{swatch}
				from={data.opened.id}
				yarns={data.yarns}
			/>{/snippet}
		{#snippet lies(swatch, checked, side)}
			{#await import('$lib/size/LieBeside.svelte')}<p class="quiet">Drawing the preview …</p>
			{:then { default: LieBeside }}<LieBeside
					id={data.opened.id}
					told={swatch.size}
					{checked}
					{side}
					light={light.now}
					style={data.style}
					yarns={data.yarns}
				/>{/await}
		{/snippet}
	</Desk>
{/key}
