<script lang="ts">
	import type { Taken } from '@pond-loop/core/craft';
	import { ribbonOf } from '@pond-loop/core/made';
	import type { PageLight } from '$lib/ui/light';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { useEnglish } from '$lib/words/english';

	const say = useEnglish();
	interface Props {
		taken: Taken;
		light: PageLight;
		mirrored: boolean;
		/** Of one picture, at most. */
		width: number;
	}
	const { taken, light, mirrored, width }: Props = $props();
	const faces = $derived(
		taken.faces.map(({ title, crossing, cords }) => ({
			title,
			drawing: ribbonOf(crossing, { light, mirrored, ...(cords ? { cords } : {}) }),
		})),
	);
</script>

<div class="flex flex-wrap gap-x-6 gap-y-2">
	{#each faces as { title, drawing }, nth (nth)}
		<figure>
			<Drawing {drawing} width={Math.min(width, drawing.width * 0.8)} />
			<figcaption class="quiet text-[0.88rem]">{title}</figcaption>
		</figure>
	{/each}
</div>
<ul class="mt-2 list-disc space-y-1 pl-5 text-[0.94rem]">
	{#each taken.changes as change, nth (nth)}<li>{say(change)}</li>{/each}
	{#each taken.lost as lost, nth (nth)}<li class="text-warning">{lost}</li>{/each}
</ul>
