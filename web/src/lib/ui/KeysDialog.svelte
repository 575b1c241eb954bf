<script lang="ts">
	import { KEY_HELP } from './keys';

	interface Props {
		/** The page that is open: its keys are shown. */
		path: string;
	}
	const { path }: Props = $props();
	let dialog = $state<HTMLDialogElement>();

	export function show(): void {
		dialog?.showModal();
	}
	const here = $derived(KEY_HELP.filter(({ on }) => on.test(path)));
</script>

<dialog bind:this={dialog} class="modal" aria-labelledby="keys-title">
	<div class="modal-box bg-base-100 max-w-md">
		<h2 id="keys-title" class="text-2xl">Keys on this page</h2>
		{#each here as { title, all }, nth (nth)}
			<h3 class="lead mt-4 font-sans">{title}</h3>
			<dl class="mt-1 grid grid-cols-[8rem_1fr] gap-x-5 gap-y-1.5">
				{#each all as { keys, does }, nth (nth)}
					<dt class="flex flex-wrap justify-end gap-1">
						{#each keys as key, nth (nth)}<kbd class="kbd-small">{key}</kbd>{/each}
					</dt>
					<dd>{does}</dd>
				{/each}
			</dl>
		{/each}
		<form method="dialog" class="mt-6 text-right"><button class="pill pill-soft">Close</button></form>
	</div>
	<form method="dialog" class="modal-backdrop"><button aria-label="Close">close</button></form>
</dialog>
