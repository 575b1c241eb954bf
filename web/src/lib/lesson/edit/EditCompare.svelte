<script lang="ts">
	import { COMPARISONS, craftIn, otherWay, shownIn } from '@pond-loop/core/look';
	import { isLong, waysFor } from '@pond-loop/core/made';
	import { type CompareStep, comparisonTitle } from '@pond-loop/core/step';
	import Later from '$lib/ui/Later.svelte';
	import type { EditorProps } from '../editors';

	const { step, style, change }: EditorProps<CompareStep> = $props();
	const uid = $props.id();
	const craft = $derived(craftIn(style, step.craft));
	const ways = $derived(waysFor(craft, shownIn(style, step.crossing, craft).made));
</script>

<div class="mt-1 flex flex-wrap gap-x-5">
	<label class="sr-only" for="{uid}-of">What is compared</label>
	<select
		id="{uid}-of"
		class="field py-0"
		value={step.of}
		onchange={(e) => change({ of: COMPARISONS.find((of) => of === e.currentTarget.value) ?? step.of })}
	>
		{#each COMPARISONS as of (of)}<option value={of}>{comparisonTitle(of)}</option>{/each}
	</select>
	{#if step.of === 'ways'}
		<Later wait={isLong(step.crossing, step.way)} quiet>
			<label class="sr-only" for="{uid}-one">One way</label>
			<select
				id="{uid}-one"
				class="field py-0"
				value={step.way}
				onchange={(e) => change({ way: e.currentTarget.value })}
			>
				{#each ways as way (way.id)}<option value={way.id}>{way.title}</option>{/each}
			</select>
			<label class="sr-only" for="{uid}-other">The other way</label>
			<select
				id="{uid}-other"
				class="field py-0"
				value={otherWay(step, style)}
				onchange={(e) => change({ other: e.currentTarget.value })}
			>
				{#each ways as way (way.id)}<option value={way.id}>{way.title}</option>{/each}
			</select>
		</Later>
	{/if}
</div>
