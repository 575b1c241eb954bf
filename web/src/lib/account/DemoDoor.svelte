<script lang="ts">
	import DoorOpen from '@lucide/svelte/icons/door-open';
	import { enhance } from '$app/forms';

	interface Props {
		/** Where to go then. */
		to?: string;
	}
	const { to = '/' }: Props = $props();
</script>

<form method="post" action="/sign-in?/demo&to={encodeURIComponent(to)}" use:enhance>
	<button class="pill pill-strong"><DoorOpen class="size-5" /> Enter the demo class</button>
</form>
