<script lang="ts">
	import { COMPARISONS, craftIn, otherCraft, otherWay, shownIn } from '@pond-loop/core/look';
	import { CRAFT_IDS, CRAFTS } from '@pond-loop/core/craft';
	import { isLong, waysFor } from '@pond-loop/core/made';
	import { type CompareStep, comparisonTitle } from '@pond-loop/core/step';
	import Later from '$lib/ui/Later.svelte';
	import type { EditorProps } from '../editors';

	const { step, style, change }: EditorProps<CompareStep> = $props();
	/** The third and the fourth way. */
	const more = $derived(step.more ?? []);
	const setMore = (k: number, way: string): void => {
		const next = k < more.length ? more.map((w, i) => (i === k ? way : w)) : [...more, way];
		change({ more: next.filter((w) => w !== '') });
	};
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
		{#each COMPARISONS as of, nth (nth)}<option value={of}>{comparisonTitle(of)}</option>{/each}
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
			{#each { length: Math.min(2, more.length + 1) } as _, k (k)}
				{#if ways.length > 2 + k}
					<label class="sr-only" for="{uid}-more-{k}">{k === 0 ? 'A third way' : 'A fourth way'}</label>
					<select
						id="{uid}-more-{k}"
						class="field py-0"
						value={more[k] ?? ''}
						onchange={(e) => setMore(k, e.currentTarget.value)}
					>
						<option value="">no {k === 0 ? 'third' : 'fourth'}</option>
						{#each ways as way (way.id)}<option value={way.id}>{way.title}</option>{/each}
					</select>
				{/if}
			{/each}
		</Later>
	{:else if step.of === 'crafts'}
		<label class="sr-only" for="{uid}-craft">The other craft</label>
		<select
			id="{uid}-craft"
			class="field py-0"
			value={otherCraft(step, style)}
			onchange={(e) => change({ inCraft: CRAFT_IDS.find((id) => id === e.currentTarget.value) })}
		>
			{#each CRAFTS.filter((c) => c.id !== step.craft) as other (other.id)}<option value={other.id}
					>{other.title}</option
				>{/each}
		</select>
	{/if}
</div>
