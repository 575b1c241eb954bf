<script lang="ts">
	import { craftIn, isTooWide, shownIn } from '@pond-loop/core/look';
	import { isLong, waysFor } from '@pond-loop/core/made';
	import { type CrossingStep, mistakesFor } from '@pond-loop/core/step';
	import { addressOf } from '$lib/choices/address';
	import Later from '$lib/ui/Later.svelte';
	import type { EditorProps } from '../editors';
	import { stageOf } from '../stage-of';

	const { step, style, change }: EditorProps<CrossingStep> = $props();
	const uid = $props.id();
	const craft = $derived(craftIn(style, step.craft));
	const made = $derived(shownIn(style, step.crossing, craft).made);
	function choose(id: string): void {
		const { mistake: _, site: __, ...view } = step.view ?? {};
		const mistake = craft.mistakes.find((m) => m.id === id)?.id;
		change({ view: mistake ? { ...view, mistake, site: 0 } : view });
	}
</script>

<div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
	<div>
		<label class="sr-only" for="{uid}-way">Way to do it</label>
		<Later wait={isLong(step.crossing, step.way)}>
			<select id="{uid}-way" class="field" value={step.way} onchange={(e) => change({ way: e.currentTarget.value })}>
				{#each waysFor(craft, made) as way (way.id)}<option value={way.id}>{way.title}</option>{/each}
			</select>
		</Later>
	</div>
	<div>
		<label class="sr-only" for="{uid}-made">Worked correctly, or with a mistake on purpose</label>
		<Later wait={isLong(step.crossing, step.way)} quiet>
			<select
				id="{uid}-made"
				class="field w-56 max-w-full"
				value={step.view?.mistake ?? ''}
				onchange={(e) => choose(e.currentTarget.value)}
			>
				<option value="">correctly worked</option>
				{#each mistakesFor(craft, made, step.way) as mistake (mistake.id)}<option value={mistake.id}
						>on purpose: {mistake.title.toLowerCase()}</option
					>{/each}
			</select>
		</Later>
	</div>
	<a class="wordlink" href={addressOf(stageOf(step))}>How to work it</a>
</div>
{#if isTooWide(style, step.crossing, step.way)}
	<p class="text-warning mt-1 text-sm">
		Wider than your limit without a cable needle ({style.withoutHolderUpTo} stitches).
	</p>
{/if}
