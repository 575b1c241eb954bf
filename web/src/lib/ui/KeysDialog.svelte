<script lang="ts">
	import { KEY_HELP } from './keys';

	let dialog = $state<HTMLDialogElement>();

	export function show(): void {
		dialog?.showModal();
	}
</script>

<dialog bind:this={dialog} class="modal" aria-labelledby="keys-title">
	<div class="modal-box bg-base-100 max-w-md">
		<h2 id="keys-title" class="text-2xl">Keys</h2>
		<dl class="mt-4 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
			{#each KEY_HELP as { keys, does } (does)}
				<dt class="flex justify-end gap-1">
					{#each keys as key (key)}<kbd class="kbd-small">{key}</kbd>{/each}
				</dt>
				<dd>{does}</dd>
			{/each}
		</dl>
		<form method="dialog" class="mt-6 text-right"><button class="pill pill-soft">Close</button></form>
	</div>
	<form method="dialog" class="modal-backdrop"><button aria-label="Close">close</button></form>
</dialog>
