<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { ThresholdPicture } from '$lib/server/threshold';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		title: string;
		light: PageLight;
		picture: ThresholdPicture;
		children: Snippet;
	}
	const { title, light, picture, children }: Props = $props();
</script>

<!-- Before one is in: a form, and the one picture that says what all of this is about. -->
<div class="grid items-center gap-x-14 gap-y-8 lg:min-h-[80vh] lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
	<div>
		<h1 class="text-4xl">{title}</h1>
		{@render children()}
	</div>
	<figure class="max-w-[46rem]" aria-hidden="true">
		<div class="overflow-hidden rounded-3xl">
			<!-- Written by the core, which escapes every text and number. -->
			<!-- eslint-disable-next-line svelte/no-at-html-tags -->
			<div class="drawing">{@html picture.svg[light]}</div>
		</div>
		<figcaption class="mt-3 text-center font-serif text-[1.22rem] leading-snug font-semibold">
			{picture.caption}
		</figcaption>
	</figure>
</div>
