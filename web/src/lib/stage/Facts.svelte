<script lang="ts">
	import { shortNumbers, type Crossing } from '@pond-loop/core/crossing';
	import { drawRibbon } from '@pond-loop/core/drawing';
	import { stitches, wordsFor } from '@pond-loop/core/notation';
	import Drawing from '$lib/ui/Drawing.svelte';
	import type { Light } from '$lib/ui/light';

	interface Props {
		crossing: Crossing;
		light: Light;
	}
	const { crossing, light }: Props = $props();
	const words = $derived(wordsFor(crossing));
	const drawing = $derived(drawRibbon(crossing, { light, numbers: true }));
	const before = $derived(crossing.order.map((_, i) => i + 1));
</script>

<!-- Looks and hands always side by side: mixing them up is the commonest mistake with names. -->
<div class="flex flex-wrap gap-x-4 gap-y-3">
	{#if words}
		<p class="border-accent border-l-4 pl-2.5">
			<span class="lead block">Looks</span>
			<span class="font-serif text-[1.06rem] font-semibold" data-testid="lean">leans {words.lean}</span>
		</p>
		<p class="border-accent border-l-4 pl-2.5">
			<span class="lead block">Hands</span>
			<span class="font-serif text-[1.06rem] font-semibold" data-testid="hold">
				hold {words.heldCount}
				{words.hold === 'front' ? 'in front' : 'at the back'}
			</span>
		</p>
	{/if}
</div>
<div class="mt-3 flex items-center gap-4">
	<div class="shrink-0" style:width="{Math.min(170, drawing.width * 0.85)}px" data-testid="ribbon">
		<Drawing {drawing} />
	</div>
	<dl class="min-w-0 text-[0.94rem]">
		<div>
			<dt class="sr-only">Stitches</dt>
			<dd><strong>{stitches(crossing.n)}</strong>{words ? `, ${words.work}` : ''}</dd>
		</div>
		{#if words}
			<div>
				<dt class="sr-only">In front</dt>
				<dd data-testid="look">{words.look}</dd>
			</div>
		{/if}
	</dl>
</div>
<p class="mt-2 text-[0.94rem]" data-testid="order">
	<span class="quiet">from the right</span>
	<strong>{shortNumbers(before)}</strong>
	<span class="quiet">becomes</span>
	<strong>{shortNumbers(crossing.order)}</strong>
</p>
