<script lang="ts">
	import { oneButton } from './stops';
	import { type Onward, type Station, STATIONS } from './path-state.svelte';

	interface Props {
		here: Station;
		onward: Onward;
	}
	const { here, onward }: Props = $props();
	const at = $derived(STATIONS.findIndex((s) => s.id === here));
</script>

<!-- Stones across the water: where one is, and where the work goes on. -->
<nav aria-label="The path of the work" class="mb-2 sm:mb-3 print:hidden">
	<ol use:oneButton class="flex items-center text-[0.9rem] max-[359px]:text-[0.8rem] sm:w-fit">
		{#each STATIONS as { id, title, says, href }, i (id)}
			{@const to = onward[id] ?? href}
			{#if i > 0}<li aria-hidden="true" class={['line grow sm:w-10', i === at + 1 && 'next']}></li>{/if}
			<li>
				{#if i === at}
					<span aria-current="step" class="flex items-center gap-1.5 font-bold" title="{title}: {says}"
						><span class="stone here"></span>{title}</span
					>
				{:else}
					{#snippet stone()}<span class={['stone', i === at + 1 && 'next']}></span>{title}<span class="sr-only"
							>: {says}{i === at + 1 ? ', next' : ''}</span
						>{/snippet}
					{#if typeof to === 'function'}
						<button type="button" class="quiet hover:text-base-content stop" title="{title}: {says}" onclick={to}
							>{@render stone()}</button
						>
					{:else}
						<a class="quiet hover:text-base-content stop" title="{title}: {says}" href={to}>{@render stone()}</a>
					{/if}
				{/if}
			</li>
		{/each}
	</ol>
</nav>

<style>
	.stop {
		align-items: center;
		cursor: pointer;
		display: flex;
		gap: 0.4rem;
		min-height: 2rem;
	}
	.stone {
		border: 2px solid var(--color-secondary);
		border-radius: 50%;
		display: inline-block;
		height: 0.7rem;
		width: 0.7rem;
	}
	.stone.here {
		background: var(--color-secondary);
	}
	.stone.next {
		border-color: var(--color-accent);
	}
	.line {
		border-top: 2px solid var(--color-base-300);
		margin-inline: clamp(0.15rem, 1vw, 0.5rem);
	}
	.line.next {
		border-color: var(--color-accent);
		border-top-style: dotted;
	}
</style>
