<script lang="ts">
	import Size from '$lib/size/Size.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

{#key data.opened.id}
	<Size opened={data.opened} first={data.first.value} light={light.now} style={data.style} yarns={data.yarns} />
{/key}
