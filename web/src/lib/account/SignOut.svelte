<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import logOutIcon from 'lucide-static/icons/log-out.svg?raw';
	import { enhance } from '$app/forms';
	import { keepPage } from './keep-page';

	interface Props {
		/** Says what went wrong. */
		say: (words: string | undefined) => void;
	}
	const { say }: Props = $props();
</script>

<form method="post" action="?/out" use:enhance={keepPage(say)}>
	<button class="pill pill-strong"><Icon svg={logOutIcon} class="size-5" /> Sign out</button>
</form>
