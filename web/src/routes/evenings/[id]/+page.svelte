<script lang="ts">
	import Board from '$lib/class/Board.svelte';

	const { data } = $props();
</script>

{#key data.opened.id}<Board opened={data.opened} news={data.news} unit={data.style.units} />{/key}
