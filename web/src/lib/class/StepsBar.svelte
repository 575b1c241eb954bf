<!-- @component The steps of a session: which is under way, and the minutes of each. -->
<script lang="ts">
	import { clock } from './person-words';
	import type { SessionModel } from './session-model.svelte';

	interface Props {
		model: SessionModel;
		/** Of the session. */
		id: string;
	}
	const { model, id }: Props = $props();
	const { evening, running, gone, planned, behind } = $derived(model);
</script>

<section class="mt-3" aria-label="Steps and minutes">
	<div class="minutes" role="toolbar" aria-label="Steps">
		{#each evening.steps as step, i (step.id)}
			{@const gone = model.minutesOf(step.id)}
			<button
				type="button"
				class={['span', running?.id === step.id && 'now', gone > 0 && running?.id !== step.id && 'done']}
				aria-pressed={running?.id === step.id}
				aria-label="{i + 1}. {step.title}, {step.minutes} minutes planned{gone > 0
					? `, ${Math.round(gone)} so far`
					: ''}"
				title={step.title}
				onclick={() => model.toStep(step.id)}>{i + 1}</button
			>
		{/each}
	</div>
	<p class="flex flex-wrap justify-between gap-x-6 text-[0.97rem]">
		<span class="min-w-0">
			{#if running}<strong dir="auto">{running.title}</strong>
				<span class="quiet">{clock(60 * model.minutesOf(running.id))} min, planned {running.minutes}</span>
			{:else}<span class="quiet">Press a step when it starts. The next step ends it.</span>{/if}
		</span>
		<span class="quiet">
			{Math.round(gone)} of {Math.round(planned)} min{behind > 1
				? `, ${behind} behind`
				: behind < -1
					? `, ${-behind} ahead`
					: ''}
			{#if evening.lesson}
				· <a class="wordlink" href="/lessons/{evening.lesson}/show?evening={id}">Show</a>{/if}
		</span>
	</p>
</section>

<style>
	.minutes {
		display: flex;
		flex-wrap: wrap;
		gap: 3px;
	}
	.span {
		flex: 1 1 1.75rem;
		overflow-wrap: normal;
		min-height: 2.6rem;
		background: var(--color-base-300);
		font-weight: 600;
		font-variant-numeric: tabular-nums;
	}
	.span:first-child {
		border-radius: 0.8rem 0 0 0.8rem;
	}
	.span:last-child {
		border-radius: 0 0.8rem 0.8rem 0;
	}
	.span.done {
		background: var(--color-secondary);
		color: var(--color-secondary-content);
	}
	.span.now {
		background: var(--color-warm, #e9b44c);
		color: #17322f;
		box-shadow: inset 0 -4px 0 #17322f;
	}
</style>
