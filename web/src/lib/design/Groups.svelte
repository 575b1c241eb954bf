<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import {
		changedGroup,
		type Draft,
		MOST_GROUPS,
		ordered,
		placed,
		withGroup,
		withoutGroup,
		type Work,
		WORKS,
	} from '@pond-loop/core/crossing';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import arrowRightIcon from 'lucide-static/icons/arrow-right.svg?raw';
	import minusIcon from 'lucide-static/icons/minus.svg?raw';
	import plusIcon from 'lucide-static/icons/plus.svg?raw';
	import xIcon from 'lucide-static/icons/x.svg?raw';
	import type { Snippet } from 'svelte';
	import { dndzone, type DndEvent } from 'svelte-dnd-action';
	import IconButton from '$lib/ui/IconButton.svelte';

	interface Props {
		draft: Draft;
		/** The letter of each group, from the tip. */
		letters: readonly string[];
		change: (draft: Draft) => void;
		/** What stands between the two rows of groups. */
		children: Snippet;
	}
	const { draft, letters, change, children }: Props = $props();

	interface Chip {
		readonly id: number;
	}
	// As seen on the right side: the tip of the left needle is at the right.
	const inOrder = $derived<Chip[]>([...draft.order].reverse().map((id) => ({ id })));
	/** While a group is dragged, the order that it would make. */
	let dragged = $state<Chip[]>();
	const chips = $derived(dragged ?? inOrder);

	const consider = (event: CustomEvent<DndEvent<Chip>>): void => void (dragged = event.detail.items);
	function finalize(event: CustomEvent<DndEvent<Chip>>): void {
		dragged = undefined;
		change(
			ordered(
				draft,
				[...event.detail.items].reverse().map((c) => c.id),
			),
		);
	}
	/** Left on the picture is later in the order of working. */
	const step = (group: number, by: 1 | -1): void => change(placed(draft, group, draft.order.indexOf(group) + by));
	const reversed = $derived(draft.groups.map((g, i) => ({ ...g, number: i + 1 })).reverse());
	const SAYS: Readonly<Record<Work, string>> = { k: 'knit', p: 'purl', ktbl: 'knit tbl', ptbl: 'purl tbl' };
</script>

<div>
	<h2 class="lead font-sans">After: drag a group, or use its arrows</h2>
	<ul
		class="mt-2 flex flex-wrap justify-center gap-3"
		data-testid="after"
		use:dndzone={{ items: chips, flipDurationMs: 0, dropTargetStyle: {}, morphDisabled: true, zoneTabIndex: -1 }}
		onconsider={consider}
		onfinalize={finalize}
	>
		{#each chips as chip (chip.id)}
			<li class="bg-base-200 flex cursor-grab items-center rounded-full px-1" aria-label="Group {letters[chip.id - 1]}">
				<IconButton
					label="Move {letters[chip.id - 1]} to the left"
					disabled={draft.order.at(-1) === chip.id}
					onclick={() => step(chip.id, 1)}><Icon svg={arrowLeftIcon} class="size-4" /></IconButton
				>
				<span class="px-1 text-lg font-bold">{letters[chip.id - 1]}</span>
				<IconButton
					label="Move {letters[chip.id - 1]} to the right"
					disabled={draft.order[0] === chip.id}
					onclick={() => step(chip.id, -1)}><Icon svg={arrowRightIcon} class="size-4" /></IconButton
				>
			</li>
		{/each}
	</ul>
	{@render children()}
	<h2 class="lead font-sans">Before: stitches in each group, and how you work them</h2>
	<ul class="mt-2 flex flex-wrap justify-center gap-3" data-testid="before">
		{#each reversed as { number, size, work }, nth (nth)}
			{@const letter = letters[number - 1]}
			<li class="bg-base-200 rounded-2xl px-2 py-1 text-center" aria-label="Group {letter}">
				<div class="flex items-center">
					<IconButton
						label="{letter}: one stitch fewer"
						disabled={size <= 1}
						onclick={() => change(changedGroup(draft, number, { size: size - 1 }))}
						><Icon svg={minusIcon} class="size-4" /></IconButton
					>
					<span class="min-w-12 text-lg"><strong>{letter}</strong> {size}</span>
					<IconButton
						label="{letter}: one stitch more"
						onclick={() => change(changedGroup(draft, number, { size: size + 1 }))}
						><Icon svg={plusIcon} class="size-4" /></IconButton
					>
				</div>
				<div class="flex items-center justify-center">
					<select
						class="field py-0 text-[0.94rem]"
						aria-label="{letter} is worked"
						value={work}
						onchange={(e) => change(changedGroup(draft, number, { work: e.currentTarget.value as Work }))}
					>
						{#each WORKS as w, nth (nth)}<option value={w}>{SAYS[w]}</option>{/each}
					</select>
					{#if draft.groups.length > 1}
						<IconButton label="Take {letter} away" onclick={() => change(withoutGroup(draft, number))}
							><Icon svg={xIcon} class="size-4" /></IconButton
						>
					{/if}
				</div>
			</li>
		{/each}
	</ul>
	{#if draft.groups.length < MOST_GROUPS}
		<p class="mt-2 text-center">
			<button type="button" class="wordlink" onclick={() => change(withGroup(draft))}>Add a group</button>
		</p>
	{/if}
</div>
