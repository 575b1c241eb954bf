<script lang="ts">
	import type { Snippet } from 'svelte';

	// Named one by one: attributes that are handed on whole take ten times as long, and pages have twenty such buttons.
	interface Props {
		/** What it does, read aloud. */
		label: string;
		/** What the pointer is told, such as the key for it; the label when left out. */
		hint?: string | undefined;
		onclick: (event: MouseEvent) => void;
		disabled?: boolean | undefined;
		/** One that stands back behind what is beside it. */
		quiet?: boolean;
		'aria-pressed'?: boolean | undefined;
		children: Snippet;
	}
	const {
		label,
		hint = label,
		onclick,
		disabled = false,
		quiet = false,
		'aria-pressed': pressed,
		children,
	}: Props = $props();
</script>

<button
	type="button"
	class={quiet ? 'iconbutton quiet' : 'iconbutton'}
	aria-label={label}
	title={hint}
	{disabled}
	aria-pressed={pressed}
	{onclick}>{@render children()}</button
>
