<script lang="ts">
	import type { CraftId } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { compareStep, type CrossingStep, crossingStep } from '@pond-loop/core/step';
	import KeepInLesson from './KeepInLesson.svelte';

	interface Props {
		lessons: readonly { readonly id: string; readonly title: string }[];
		asked: CrossingStep['asked'];
		crossing: Crossing;
		craft: CraftId;
		way: string;
		/** How the stage stands, where it is not simply the front with all done right. */
		view?: CrossingStep['view'];
		/** A second way that stands beside it: then both are kept, to be compared. */
		beside?: string | undefined;
	}
	const { lessons, asked, crossing, craft, way, view, beside }: Props = $props();
</script>

<KeepInLesson
	{lessons}
	what={asked.text}
	step={() =>
		beside === undefined
			? crossingStep(crypto.randomUUID(), { asked, crossing, craft, way, ...(view ? { view } : {}) })
			: compareStep(crypto.randomUUID(), { asked, crossing, craft, way, of: 'ways', other: beside })}
/>
