<script lang="ts">
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { toolPlan, type Worked } from '@pond-loop/core/swatch';
	import type { ParkedIn } from '@pond-loop/core/craft';

	interface Props {
		worked: Worked;
		style: HouseStyle;
		/** On paper nothing is chosen. */
		still?: boolean;
	}
	const { worked, style, still = false }: Props = $props();
	const uid = $props.id();
	let order = $state<ParkedIn>('inside');
	const plan = $derived(toolPlan(worked, { order, number: style.bedNumber }));
</script>

{#if plan}
	<section aria-labelledby="{uid}-title" data-testid="tool-plan" class="text-[0.94rem]">
		<div class="flex flex-wrap items-baseline gap-x-6">
			<h2 id="{uid}-title" class="text-xl">{plan.title}</h2>
			{#if plan.orders.length > 0 && !still}
				<label
					>One group is parked
					<select class="field py-0" bind:value={order}>
						{#each plan.orders as one, nth (nth)}<option value={one}>{one}, all through</option>{/each}
					</select></label
				>
			{/if}
		</div>
		<ul class="mt-2 list-disc pl-5">
			{#each plan.setup as says, nth (nth)}<li>{says}</li>{/each}
		</ul>
		<dl class="mt-3 grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1" data-testid="plan-rows">
			{#each plan.rows as { rows, says }, nth (nth)}
				<dt class="font-semibold whitespace-nowrap">{rows}</dt>
				<dd>{says}</dd>
			{/each}
		</dl>
		<div class="border-warning mt-3 border-l-4 pl-3">
			{#each plan.cautions as says, nth (nth)}<p>{says}</p>{/each}
		</div>
	</section>
{/if}
