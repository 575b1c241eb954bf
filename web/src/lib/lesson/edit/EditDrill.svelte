<script lang="ts">
	import { schoolChoice, SCHOOL_IDS, writtenIn } from '@pond-loop/core/notation';
	import { chosenAmong, FIRST_CROSSINGS, keptKinds, TOGETHER } from '@pond-loop/core/practice';
	import { DRILL_LIMITS, type DrillStep } from '@pond-loop/core/step';
	import type { EditorProps } from '../editors';
	import Toggles from './Toggles.svelte';

	const { step, change }: EditorProps<DrillStep> = $props();
	const IDS = TOGETHER.map((d) => d.id);
	const TITLES = new Map(TOGETHER.map((d) => [d.id, d.title]));
	const chosen = $derived(chosenAmong(TOGETHER, step.kinds).map((d) => d.id));
	const crossings = $derived(step.crossings.length > 0 ? step.crossings : FIRST_CROSSINGS);
	const MOST_SEED = 1_000_000;
</script>

<div class="mt-1 flex flex-wrap items-baseline gap-x-5 gap-y-2 text-[0.94rem]">
	<label
		>Questions <input
			class="field w-16 py-0"
			type="number"
			min="1"
			max={DRILL_LIMITS.many}
			value={step.many}
			oninput={(e) => {
				const { valueAsNumber } = e.currentTarget;
				if (Number.isInteger(valueAsNumber) && valueAsNumber >= 1 && valueAsNumber <= DRILL_LIMITS.many)
					change({ many: valueAsNumber });
			}}
		/></label
	>
	<label
		>by the names of <select
			class="field py-0"
			value={step.school}
			onchange={(e) => change({ school: SCHOOL_IDS.find((s) => s === e.currentTarget.value) ?? step.school })}
		>
			{#each SCHOOL_IDS as school, nth (nth)}<option value={school}>{schoolChoice(school)}</option>{/each}
		</select></label
	>
	<button type="button" class="wordlink" onclick={() => change({ seed: (step.seed + 1) % MOST_SEED })}
		>Other questions</button
	>
</div>
<p class="quiet mt-1 text-[0.94rem]">
	About {crossings
		.map((c) => writtenIn(step.school, c)?.text ?? '')
		.filter(Boolean)
		.join(', ')}{step.crossings.length === 0 ? ': those that are taught first' : ''}.
</p>
<details class="text-[0.94rem]">
	<summary class="wordlink w-fit list-none">{chosen.length} of {IDS.length} kinds of question</summary>
	<Toggles
		all={IDS}
		{chosen}
		label="Kinds of question"
		name={(id) => TITLES.get(id) ?? id}
		hint={(id) => TITLES.get(id) ?? id}
		choose={(kinds) => change({ kinds: keptKinds(TOGETHER, kinds) })}
	/>
</details>
