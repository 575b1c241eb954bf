<script lang="ts">
	import DoorPage from '$lib/practice/DoorPage.svelte';

	const { data } = $props();
</script>

{#key data.id}
	<DoorPage
		of={data.of}
		id={data.id}
		title={data.title}
		isOpen={data.isOpen}
		door={data.door}
		address={data.address}
		code={data.code}
		sent={data.sent}
		hard={data.hard}
	/>
{/key}
