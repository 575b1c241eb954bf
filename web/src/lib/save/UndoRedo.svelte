<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import redo2Icon from 'lucide-static/icons/redo-2.svg?raw';
	import undo2Icon from 'lucide-static/icons/undo-2.svg?raw';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { hasOwnUndo } from '$lib/ui/in-writing';
	import type { Autosave } from './autosave.svelte';

	interface Props {
		save: Pick<Autosave<unknown>, 'canUndo' | 'canRedo' | 'undo' | 'redo'>;
		/** Called after an undo. */
		onundo?: () => void;
	}
	const { save, onundo }: Props = $props();

	function undo(): void {
		save.undo();
		onundo?.();
	}

	function onkeydown(event: KeyboardEvent): void {
		if (
			!(event.ctrlKey || event.metaKey) ||
			event.key.toLowerCase() !== 'z' ||
			event.defaultPrevented ||
			hasOwnUndo(event.target)
		)
			return;
		event.preventDefault();
		if (event.shiftKey) save.redo();
		else undo();
	}
</script>

<svelte:window {onkeydown} />

<IconButton label="Undo" hint="Undo (Ctrl Z)" disabled={!save.canUndo} onclick={undo}
	><Icon svg={undo2Icon} class="size-5" /></IconButton
>
<IconButton label="Redo" hint="Redo (Ctrl Shift Z)" disabled={!save.canRedo} onclick={() => save.redo()}
	><Icon svg={redo2Icon} class="size-5" /></IconButton
>
