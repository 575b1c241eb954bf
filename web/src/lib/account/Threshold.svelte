<script lang="ts">
	import { hand, perform } from '@pond-loop/core/craft';
	import { twoGroups } from '@pond-loop/core/crossing';
	import { drawStage } from '@pond-loop/core/drawing';
	import type { Snippet } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { Light } from '$lib/ui/light';

	interface Props {
		title: string;
		light: Light;
		children: Snippet;
	}
	const { title, light, children }: Props = $props();

	const crossing = twoGroups({ front: 2, behind: 2, lean: 'left' });
	const done = perform(hand, crossing, 'off-holder');
	const MOMENT = 3;
</script>

<!-- Before one is in: a form, and the one picture that says what all of this is about. -->
<div class="grid items-center gap-x-14 gap-y-8 lg:min-h-[80vh] lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
	<div>
		<h1 class="text-4xl">{title}</h1>
		{@render children()}
	</div>
	{#if done.ok}
		<figure class="max-w-[46rem]" aria-hidden="true">
			<div class="overflow-hidden rounded-3xl">
				<Drawing drawing={drawStage(crossing, done.value.trace, MOMENT, { light })} />
			</div>
			<figcaption class="mt-3 text-center font-serif text-[1.22rem] leading-snug font-semibold">
				{hand.words(done.value.trace, MOMENT).caption}
			</figcaption>
		</figure>
	{/if}
</div>
