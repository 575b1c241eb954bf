<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { HTMLButtonAttributes } from 'svelte/elements';

	interface Props extends HTMLButtonAttributes {
		/** What it does, read aloud. */
		label: string;
		/** What the pointer is told, such as the key for it; the label when left out. */
		hint?: string;
		children: Snippet;
	}
	const { label, hint = label, children, ...rest }: Props = $props();
</script>

<button type="button" class="iconbutton" aria-label={label} title={hint} {...rest}>{@render children()}</button>
