<script lang="ts">
	import LearntPage from '$lib/class/LearntPage.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
</script>

{#key data.opened.id}<LearntPage
		opened={data.opened}
		learnt={data.learnt}
		proposals={data.proposals}
		hard={data.hard}
		light={light.now}
		unit={data.style.units}
		yarns={data.yarns}
		unread={data.unread}
	/>{/key}
