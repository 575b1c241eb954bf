<script lang="ts" generics="T extends { readonly crossing: Crossing }">
	import type { Crossing } from '@pond-loop/core/crossing';
	import { ribbonOf } from '@pond-loop/core/made';
	import { wordsFor } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { shownIn } from '@pond-loop/core/look';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		/** Crossings side by side, each with what sets it apart. */
		meanings: readonly T[];
		light: PageLight;
		style: HouseStyle;
		/** What decides for this one, or what it leaves to be said. */
		says: (meaning: T) => string;
		/** The name of the button that takes it; none when it cannot be taken. */
		action: (meaning: T) => string | undefined;
		choose: (meaning: T, index: number) => void;
		/** The one that is shown now. */
		chosen?: number;
	}
	const { meanings, light, style, says, action, choose, chosen }: Props = $props();
</script>

<ul class="flex flex-wrap gap-x-8 gap-y-5" data-testid="meanings">
	{#each meanings as meaning, i (i)}
		{@const { made, fabric, mirrored } = shownIn(style, meaning.crossing)}
		{@const drawing = ribbonOf(made, { light, mirrored })}
		<li class="flex max-w-80 items-start gap-4">
			<div class="shrink-0"><Drawing {drawing} width={Math.min(110, drawing.width * 0.8)} /></div>
			<div class="min-w-0">
				<p class="font-semibold">{wordsFor(fabric).title}</p>
				<p class="quiet text-[0.94rem]">{says(meaning)}</p>
				{#if action(meaning)}
					<button
						type="button"
						class={['wordlink mt-1 text-left', i === chosen && 'font-bold']}
						aria-pressed={chosen === undefined ? undefined : i === chosen}
						onclick={() => choose(meaning, i)}>{action(meaning)}</button
					>
				{/if}
			</div>
		</li>
	{/each}
</ul>
