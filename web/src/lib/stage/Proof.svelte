<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import type { Proof } from '@pond-loop/core/handling';
	import checkIcon from 'lucide-static/icons/check.svg?raw';
	import xIcon from 'lucide-static/icons/x.svg?raw';

	interface Props {
		proof: Proof;
	}
	const { proof }: Props = $props();
</script>

<section aria-labelledby="proof" data-testid="proof" data-ok={proof.ok}>
	<h2 id="proof" class="lead font-sans">
		{proof.ok ? 'Checked' : 'Not what was asked for'}
	</h2>
	<ul class="mt-1">
		{#each proof.checks as check (check.id)}
			<li class="flex gap-2 text-[0.94rem]" data-check={check.id} data-ok={check.ok}>
				{#if check.ok}
					<Icon svg={checkIcon} class="text-success mt-0.5 size-4 shrink-0" label="holds" />
				{:else}
					<Icon svg={xIcon} class="text-error mt-0.5 size-4 shrink-0" label="fails" />
				{/if}
				<span class={check.ok ? '' : 'text-error font-semibold'}>{check.says}</span>
			</li>
		{/each}
	</ul>
</section>
