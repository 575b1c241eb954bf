<script lang="ts">
	import ClassPage from '$lib/class/ClassPage.svelte';

	const { data } = $props();
</script>

{#key data.opened.id}
	<ClassPage opened={data.opened} evenings={data.evenings} lessons={data.lessons} style={data.style} />
{/key}
