<script lang="ts">
	import type { Lesson } from '@pond-loop/core/lesson';
	import type { Step } from '@pond-loop/core/step';
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

	let menu = $state<HTMLDetailsElement>();
	function done(run: () => void): void {
		if (menu) menu.open = false;
		run();
	}
</script>

<StepMinutes {step} {number} {plan} {glossary} {set} />
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<details
	class="relative max-sm:ml-auto"
	name="step-menu"
	bind:this={menu}
	onkeydown={(e) => {
		if (e.key !== 'Escape' || !menu?.open) return;
		menu.open = false;
		menu.querySelector('summary')?.focus();
	}}
	onfocusout={(e) => {
		// Moving the row takes the focus from it for a moment: then it goes nowhere else.
		if (menu && e.relatedTarget instanceof Node && !menu.contains(e.relatedTarget)) menu.open = false;
	}}
>
	<summary class="iconbutton list-none" aria-label="More for step {number}" title="More"
		><svg class="size-5" aria-hidden="true"><use href="#step-more" /></svg></summary
	>
	<div
		class="bg-base-100 border-base-300 absolute right-0 z-20 mt-1 flex w-56 flex-col items-start rounded-xl border p-2 shadow-md"
		role="group"
		aria-label="Step {number}"
	>
		{#snippet item(words: string, label: string, run: (button: EventTarget | null) => void, disabled = false)}
			<button
				type="button"
				class="hover:bg-base-200 text-base-content min-h-10 w-full cursor-pointer rounded-lg px-3 text-left disabled:opacity-40"
				aria-label={label}
				{disabled}
				onclick={(e) => run(e.currentTarget)}>{words}</button
			>
		{/snippet}
		{@render item('Add a step after it', `Add after step ${number}`, () => done(act.addAfter), full)}
		{@render item('Duplicate', `Duplicate step ${number}`, () => done(act.duplicate), full)}
		{@render item('Move up', `Move step ${number} up`, (button) => void act.move(-1, button), number === 1)}
		{@render item('Move down', `Move step ${number} down`, (button) => void act.move(1, button), number === last)}
		{#if others.length > 0}
			<label class="w-full px-3"
				><span class="sr-only">Copy step {number} to another lesson</span>
				<select class="field w-full" onchange={(e) => done(() => void act.copyTo(e.currentTarget))}>
					<option value="">Copy to …</option>
					{#each others as other (other.id)}<option value={other.id}>{other.title}</option>{/each}
				</select></label
			>
		{/if}
		{@render item('Delete', `Remove step ${number}`, () => done(act.remove))}
	</div>
</details>
