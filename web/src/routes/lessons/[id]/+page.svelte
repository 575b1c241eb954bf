<script lang="ts">
	import Editor from '$lib/lesson/Editor.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

{#key data.opened.id}
	<Editor opened={data.opened} others={data.others} token={data.token} light={light.now} style={data.style} />
{/key}
