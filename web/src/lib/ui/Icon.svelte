<script lang="ts">
	interface Props {
		/** The file of an icon: `import plusIcon from 'lucide-static/icons/plus.svg?raw'`. */
		svg: string;
		class?: string;
		/** What it says, where no words beside it do. */
		label?: string;
	}
	const { svg, class: shown = '', label }: Props = $props();
	/** What stands between the tags of the file: its own have a size and a class. */
	const shapes = $derived(/<svg[^>]*>(.*)<\/svg>/s.exec(svg)?.[1] ?? '');
</script>

<!-- The shapes are of a file of the package; nothing of them comes from a user. -->
<!-- eslint-disable svelte/no-at-html-tags -->
<svg
	width="24"
	height="24"
	viewBox="0 0 24 24"
	fill="none"
	stroke="currentColor"
	stroke-width="2"
	stroke-linecap="round"
	stroke-linejoin="round"
	aria-hidden={label === undefined}
	role={label === undefined ? undefined : 'img'}
	aria-label={label}
	class={shown}>{@html shapes}</svg
>
