<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		children: Snippet;
	}
	const { title, children }: Props = $props();
	const uid = $props.id();
</script>

<section
	class="border-base-300 grid gap-x-10 gap-y-3 border-t py-6 md:grid-cols-[11rem_minmax(0,1fr)]"
	aria-labelledby={uid}
>
	<h2 id={uid} class="text-xl">{title}</h2>
	<div class="max-w-xl min-w-0">{@render children()}</div>
</section>
