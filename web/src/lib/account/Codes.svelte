<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import copyIcon from 'lucide-static/icons/copy.svg?raw';
	import downloadIcon from 'lucide-static/icons/download.svg?raw';
	import printerIcon from 'lucide-static/icons/printer.svg?raw';

	interface Props {
		codes: readonly string[];
	}
	const { codes }: Props = $props();

	const text = $derived(`Pond Loop: recovery codes, each works once\n\n${codes.join('\n')}\n`);
	let said = $state('');

	async function copy(): Promise<void> {
		try {
			await navigator.clipboard.writeText(text);
			said = 'Copied.';
		} catch {
			said = 'Your browser doesn’t allow copying here. Select the codes and copy them, or save them as a file.';
		}
	}

	function download(): void {
		const address = URL.createObjectURL(new Blob([text], { type: 'text/plain' }));
		const link = document.createElement('a');
		link.href = address;
		link.download = 'pond-loop-recovery-codes.txt';
		link.click();
		URL.revokeObjectURL(address);
		said = 'Saved as pond-loop-recovery-codes.txt.';
	}
</script>

<div data-testid="codes">
	<ol class="border-base-300 grid max-w-xl list-none gap-x-8 border-y py-4 font-mono sm:grid-cols-2">
		{#each codes as code, nth (nth)}<li class="py-0.5">{code}</li>{/each}
	</ol>
	<div class="mt-4 flex flex-wrap gap-3 print:hidden">
		<button type="button" class="pill pill-soft" onclick={copy}><Icon svg={copyIcon} class="size-5" /> Copy</button>
		<button type="button" class="pill pill-soft" onclick={download}
			><Icon svg={downloadIcon} class="size-5" /> Save as a file</button
		>
		<button type="button" class="pill pill-soft" onclick={() => window.print()}
			><Icon svg={printerIcon} class="size-5" /> Print</button
		>
	</div>
	<p class="mt-2 min-h-[1lh]" role="status">{said}</p>
</div>
