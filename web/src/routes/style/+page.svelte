<script lang="ts">
	import Editor from '$lib/style/Editor.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

<svelte:head><title>Settings · Pond Loop</title></svelte:head>

{#key data.owner}
	<Editor owner={data.owner} opened={data.opened} light={light.now} />
{/key}
