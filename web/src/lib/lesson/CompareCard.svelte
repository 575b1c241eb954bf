<script lang="ts">
	import { COMPARISON_TITLES } from '@pond-loop/core/lesson';
	import { isLong, waysFor, wordsFor } from '$lib/made';
	import { COMPARISONS, type CompareStep, type HouseStyle, type Note } from '@pond-loop/core/schema';
	import { craftIn, shownIn } from '$lib/style/look';
	import type { Light } from '$lib/ui/light';
	import NoteField from '$lib/note/NoteField.svelte';
	import { otherWay } from './compared';
	import Later from '$lib/ui/Later.svelte';
	import Compared from './Compared.svelte';

	interface Props {
		step: CompareStep;
		light: Light;
		style: HouseStyle;
		change: (change: Partial<CompareStep>) => void;
		write: (note: Note) => void;
	}
	const { step, light, style, change, write }: Props = $props();
	const uid = $props.id();
	const craft = $derived(craftIn(style, step.craft));
	const shown = $derived(shownIn(style, step.crossing, craft));
	const long = $derived(isLong(step.crossing, step.way));
	const ways = $derived(waysFor(craft, shown.made));
</script>

<div class="min-w-0">
	<h2 class="text-xl">
		{wordsFor(shown.fabric).title}{craft.id === 'hand' ? '' : `, ${craft.title.toLowerCase()}`}: {COMPARISON_TITLES[
			step.of
		]}
	</h2>
	<div class="mt-1 flex flex-wrap gap-x-5">
		<label class="sr-only" for="{uid}-of">What is compared</label>
		<select
			id="{uid}-of"
			class="field py-0"
			value={step.of}
			onchange={(e) => change({ of: e.currentTarget.value as CompareStep['of'] })}
		>
			{#each COMPARISONS as of (of)}<option value={of}>{COMPARISON_TITLES[of]}</option>{/each}
		</select>
		{#if step.of === 'ways'}<Later wait={long} quiet>
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
				</select></Later
			>
		{/if}
	</div>
	<div class="mt-2">
		<!-- Two stages beside each other are most of a page; the browser draws them. -->
		<Later wait={long || step.of === 'ways'}><Compared {step} {light} {style} /></Later>
	</div>
	<div class="mt-2">
		<NoteField note={step.note} label="Note to this comparison" placeholder="What to say, what to watch for" {write} />
	</div>
</div>
