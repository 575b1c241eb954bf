<script lang="ts">
	import { type Lesson, minutesOf } from '@pond-loop/core/lesson';
	import { isLongStep, type Step } from '@pond-loop/core/step';
	import { Interactive } from '$lib/ui/interactive.svelte';

	interface Props {
		step: Step;
		/** From 1. */
		number: number;
		plan: Lesson['plan'];
		/** The teacher's own names, by which rows may be written. */
		glossary: string;
		/** Sets them; `undefined` leaves them to be estimated. */
		set: (minutes: number | undefined) => void;
	}
	const { step, number, plan, glossary, set }: Props = $props();
	const interactive = new Interactive();
	const estimated = (): string =>
		String(Math.round(minutesOf({ ...step, minutes: undefined } as Step, plan, glossary)));
</script>

<label class="flex items-center text-[0.88rem]" title="Minutes; leave empty for an estimate">
	<input
		class="field w-12 py-0 text-right"
		type="number"
		min="0"
		max="240"
		aria-label="Minutes of step {number}"
		placeholder={isLongStep(step) && !interactive.now ? '' : estimated()}
		value={step.minutes ?? ''}
		oninput={(e) => set(e.currentTarget.value === '' ? undefined : Math.trunc(e.currentTarget.valueAsNumber))}
	/>′</label
>
