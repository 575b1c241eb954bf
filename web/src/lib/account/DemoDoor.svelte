<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import doorOpenIcon from 'lucide-static/icons/door-open.svg?raw';
	import { enhance } from '$app/forms';

	interface Props {
		/** Where to go then. */
		to?: string;
	}
	const { to = '/' }: Props = $props();
</script>

<form method="post" action="/sign-in?/demo&to={encodeURIComponent(to)}" use:enhance>
	<button class="pill pill-strong"><Icon svg={doorOpenIcon} class="size-5" /> Enter the demo class</button>
</form>
