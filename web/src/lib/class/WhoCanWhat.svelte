<!-- @component Who can what: a table of people and goals, one press a mark. -->
<script lang="ts">
	import { OUTCOME_WORDS } from '@pond-loop/core/class';
	import circleIcon from 'lucide-static/icons/circle.svg?raw';
	import Icon from '$lib/ui/Icon.svelte';
	import { apart } from './person-words';
	import type { SessionModel } from './session-model.svelte';

	interface Props {
		model: SessionModel;
	}
	const { model }: Props = $props();
	const uid = $props.id();
	const { evening, here } = $derived(model);
	/** On a phone one goal is seen at a time. */
	let at = $state(0);
</script>

<div class="goals mt-3">
	<div class="pick-goal sm:hidden">
		<label class="sr-only" for="{uid}-goal">Goal</label>
		<select id="{uid}-goal" class="field w-full" bind:value={at}>
			{#each evening.goals as goal, i (goal.id)}<option value={i}
					>{goal.title} ({model.seen(goal.id)} of {here.length})</option
				>{/each}
		</select>
	</div>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="relative overflow-x-auto" role="region" aria-label="Table of who can what" tabindex="0">
		<table class="w-full text-[0.97rem]" data-testid="board">
			<thead>
				<tr>
					<th class="quiet pb-1 text-left text-sm font-normal" scope="col">who</th>
					{#each evening.goals as goal, i (goal.id)}
						<th class={['px-1 pb-1 align-bottom text-sm font-semibold', i !== at && 'max-sm:hidden']} scope="col">
							<span class="block leading-tight">{goal.title}</span>
							<button
								type="button"
								class="wordlink text-sm font-normal"
								aria-label="All can: {goal.title}"
								onclick={() => model.allCan(goal.id)}>All can</button
							>
						</th>
					{/each}
				</tr>
			</thead>
			<tbody>
				{#each here as person (person.id)}
					<tr class="border-base-300 border-t">
						<th class="py-1 pr-2 text-left font-semibold" scope="row" dir="auto"
							>{person.name} <span class="quiet text-sm font-normal">{apart(person)}</span></th
						>
						{#each evening.goals as goal, i (goal.id)}
							{@const is = model.outcome(goal.id, person.id)}
							<td class={['px-1 py-1 text-center', i !== at && 'max-sm:hidden']}>
								<button
									type="button"
									class={['can', is ?? 'unseen']}
									aria-label="{person.name}, {goal.title}: {is ? OUTCOME_WORDS[is] : 'not seen'}"
									onclick={() => model.turn(goal.id, person.id)}
									>{#if is}{OUTCOME_WORDS[is]}{:else}<Icon svg={circleIcon} class="mx-auto size-5" />{/if}</button
								>
							</td>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</div>
<p class="quiet mt-1 text-[0.94rem]">
	Press to change: on their own, with help, not yet, not seen. An empty circle means not seen.
</p>

<style>
	.can {
		min-height: 2.6rem;
		min-width: 5.6rem;
		width: 100%;
		max-width: 9rem;
		border-radius: 1.4rem;
		border: 2px solid transparent;
		font-weight: 600;
		line-height: 1.1;
	}
	.can.alone {
		background: var(--color-secondary);
		color: var(--color-secondary-content);
	}
	.can.help {
		background: #e9b44c;
		color: #17322f;
	}
	.can.not {
		border-color: var(--color-error);
		color: var(--color-error);
	}
	.can.unseen {
		border: 2px dashed var(--color-base-300);
		color: color-mix(in oklab, var(--color-base-content) 70%, transparent);
		font-weight: 400;
	}
</style>
