<script lang="ts">
	import Beside from '$lib/size/Beside.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

{#key data.one.id}
	<Beside one={data.one} two={data.two} titles={data.titles} style={data.style} yarns={data.yarns} light={light.now} />
{/key}
