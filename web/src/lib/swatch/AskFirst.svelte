<script lang="ts" module>
	import type { Swatch } from '@pond-loop/core/schema';
	import type { Checked, RowChanged } from '@pond-loop/core/swatch';

	/** A change that would make more rows come out otherwise than it was asked to. */
	export interface AskedChange {
		readonly changed: readonly RowChanged[];
		readonly before: Checked;
		readonly after: Checked;
		readonly next: Swatch;
		readonly title: string;
		/** Something else that may have been meant, or why it cannot be had. */
		readonly other?: { readonly title: string; readonly act: () => void } | undefined;
		readonly noOther?: string | undefined;
		/** What the change is called on its button. */
		readonly yes?: string | undefined;
	}
</script>

<script lang="ts">
	import { drawChartPart, type Light } from '@pond-loop/core/drawing';
	import { changedInWords } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import ChartPart from './ChartPart.svelte';

	interface Props {
		asked: AskedChange;
		light: Light;
		mirrored: boolean;
		yes: () => void;
		leave: () => void;
	}
	const { asked, light, mirrored, yes, leave }: Props = $props();
	let dialog = $state<HTMLDialogElement>();
	onMount(() => dialog?.showModal());
	function close(then: () => void): void {
		dialog?.close();
		then();
	}

	/** As wide as the box is on a phone. */
	const WIDE = 290;
	const pictures = $derived(
		(
			[
				['now', asked.before, asked.changed[0]?.at],
				['then', asked.after, asked.changed[0]?.then],
			] as const
		).flatMap(([title, { worked, cords }, row]) => {
			if (row === undefined || !worked.rows[row]) return [];
			const part = { firstRow: Math.max(0, row - 1), lastRow: row };
			const drawing = drawChartPart(worked, part, { light, cords, numbers: true, mirrored });
			return [{ title, drawing }];
		}),
	);
</script>

<dialog
	bind:this={dialog}
	class="modal"
	aria-labelledby="ask-title"
	data-testid="ask-first"
	oncancel={(e) => {
		e.preventDefault();
		close(leave);
	}}
>
	<div class="modal-box bg-base-100 max-w-lg">
		<h2 id="ask-title" class="text-2xl">{asked.title}</h2>
		<p class="mt-2">{changedInWords(asked.changed)}</p>
		{#each pictures as { title, drawing }, nth (nth)}
			<p class="lead mt-3 mb-1 text-[0.94rem]">{title === 'now' ? 'As it is' : 'As it would be'}</p>
			<ChartPart {drawing} width={Math.min(WIDE, drawing.width)} />
		{/each}
		{#if asked.noOther}<p class="quiet mt-3">{asked.noOther}</p>{/if}
		<p class="mt-6 flex flex-wrap justify-end gap-2">
			<button type="button" class="pill pill-soft" onclick={() => close(leave)}>Cancel</button>
			{#if asked.other}
				{@const { title, act } = asked.other}
				<button
					type="button"
					class="pill pill-soft"
					onclick={() =>
						close(() => {
							const then = act;
							leave();
							then();
						})}>{title}</button
				>
			{/if}
			<button type="button" class="pill pill-strong" onclick={() => close(yes)}
				>{asked.yes ?? 'Change it anyway'}</button
			>
		</p>
	</div>
</dialog>
