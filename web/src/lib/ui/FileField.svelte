<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import folderOpenIcon from 'lucide-static/icons/folder-open.svg?raw';

	interface Props {
		/** A verb and what it opens. */
		label: string;
		accept?: string;
		disabled?: boolean;
		class?: string;
		/** Told of the file that was chosen; the same one can be chosen again. */
		choose: (file: File) => void;
	}
	const { label, accept, disabled = false, class: more = '', choose }: Props = $props();

	function chosen(event: Event): void {
		const input = event.currentTarget as HTMLInputElement;
		const [file] = input.files ?? [];
		input.value = '';
		if (file) choose(file);
	}
</script>

<label class={['pill pill-soft w-fit cursor-pointer focus-within:outline-2', more]}
	><Icon svg={folderOpenIcon} class="size-5" />
	{label}
	<input class="sr-only" type="file" {accept} {disabled} onchange={chosen} />
</label>
