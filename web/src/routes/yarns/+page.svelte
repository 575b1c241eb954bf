<script lang="ts">
	import Drawer from '$lib/yarn/Drawer.svelte';

	const { data } = $props();
</script>

{#key data.owner}<Drawer owner={data.owner} opened={data.opened} />{/key}
