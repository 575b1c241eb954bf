<script lang="ts">
	import type { Lesson } from '@pond-loop/core/lesson';
	import type { Step } from '@pond-loop/core/step';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { oneButton } from '$lib/ui/stops';
	import StepMinutes from './StepMinutes.svelte';

	interface Props {
		step: Step;
		/** From 1, to the last of them. */
		number: number;
		last: number;
		plan: Lesson['plan'];
		glossary: string;
		/** Lessons that it may be copied to. */
		others: readonly { readonly id: string; readonly title: string }[];
		/** Whether the lesson holds no more. */
		full: boolean;
		/** Sets its minutes; `undefined` leaves them to be reckoned. */
		set: (minutes: number | undefined) => void;
		duplicate: () => void;
		remove: () => void;
		copyTo: (select: HTMLSelectElement) => Promise<void>;
		move: (by: number, button: EventTarget | null) => Promise<void>;
		addAfter: () => void;
	}
	const { step, number, last, plan, glossary, others, full, set, ...act }: Props = $props();
</script>

<!-- Its pictures stand once in the page. -->
<StepMinutes {step} {number} {plan} {glossary} {set} />
<span class="contents" role="toolbar" aria-label="Step {number}" use:oneButton>
	<IconButton label="Duplicate step {number}" hint="Duplicate" disabled={full} onclick={() => act.duplicate()}
		><svg class="size-5" aria-hidden="true"><use href="#step-copy" /></svg></IconButton
	>
	<IconButton label="Remove step {number}" hint="Remove" onclick={() => act.remove()}
		><svg class="size-5" aria-hidden="true"><use href="#step-trash" /></svg></IconButton
	>
	{#if others.length > 0}
		<label class="flex items-center max-sm:order-last"
			><span class="sr-only">Copy step {number} to another lesson</span>
			<select class="field w-20 py-0 text-[0.88rem] sm:w-full" onchange={(e) => act.copyTo(e.currentTarget)}>
				<option value="">copy to</option>
				{#each others as other (other.id)}<option value={other.id}>{other.title}</option>{/each}
			</select></label
		>
	{:else}<span></span>{/if}
	<IconButton
		label="Move step {number} up"
		hint="Move up"
		disabled={number === 1}
		onclick={(e) => act.move(-1, e.currentTarget)}
		><svg class="size-5" aria-hidden="true"><use href="#step-up" /></svg></IconButton
	>
	<IconButton
		label="Move step {number} down"
		hint="Move down"
		disabled={number === last}
		onclick={(e) => act.move(1, e.currentTarget)}
		><svg class="size-5" aria-hidden="true"><use href="#step-down" /></svg></IconButton
	>
	<button
		type="button"
		class="wordlink col-span-3 w-fit text-[0.88rem] max-sm:order-last max-sm:ml-3"
		disabled={full}
		onclick={() => act.addAfter()}>Add after<span class="sr-only"> step {number}</span></button
	></span
>
