<script lang="ts">
	import Desk from '$lib/swatch/Desk.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

{#key data.opened.id}
	<Desk opened={data.opened} lessons={data.lessons} light={light.now} style={data.style} />
{/key}
