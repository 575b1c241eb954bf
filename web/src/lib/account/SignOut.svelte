<script lang="ts">
	import LogOut from '@lucide/svelte/icons/log-out';
	import { enhance } from '$app/forms';
	import { keepPage } from './keep-page';

	interface Props {
		/** Says what went wrong. */
		say: (words: string | undefined) => void;
	}
	const { say }: Props = $props();
</script>

<form method="post" action="?/out" use:enhance={keepPage(say)}>
	<button class="pill pill-strong"><LogOut class="size-5" /> Sign out</button>
</form>
