<script lang="ts">
	import { twoGroups } from '@pond-loop/core/crossing';
	import { hand, perform } from '@pond-loop/core/craft';
	import { drawStage } from '@pond-loop/core/drawing';
	import { lengthName, needleName } from '@pond-loop/core/measure';
	import { readName, SCHOOLS, wordsMade } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { craftIn, lookOf, shownIn, TAIL_CM, wayIn, wordsIn } from '@pond-loop/core/look';

	interface Props {
		style: HouseStyle;
		light: PageLight;
	}
	const { style, light }: Props = $props();

	/** The same crossing in every school that has a name for it, and an example of its own elsewhere. */
	const SHOWN = twoGroups({ front: 2, behind: 1, lean: 'left', behindWork: 'p' });
	const name = $derived(SCHOOLS[style.school].write(SHOWN) ?? SCHOOLS[style.school].examples[0]!);
	const reading = $derived(readName(name, style.school));
	const shown = $derived(reading.ok ? shownIn(style, reading.crossing) : undefined);
	/** With the teacher's own ways among the others. */
	const craft = $derived(craftIn(style, hand.id));
	const words = $derived(shown && wordsMade(shown));
	const way = $derived(shown && wayIn(style, shown.made, undefined, craft));
	const done = $derived(shown && way ? perform(craft, shown.made, way) : undefined);
	const trace = $derived(done?.ok ? done.value.trace : undefined);
	// The moment at which the hands look most different from each other: something hangs, something passes.
	const moment = $derived(trace ? trace.steps.findIndex((s) => s.passings.length > 0) + 1 : 0);
</script>

{#if shown && trace}
	<figure aria-label="How it looks in this style" data-testid="sample">
		<div class="overflow-hidden rounded-3xl">
			<Drawing drawing={drawStage(shown.made, trace, moment, { ...lookOf(style), light, textScale: 1.35 })} />
		</div>
		<figcaption class="mt-3">
			<p class="font-serif text-[1.15rem] leading-snug font-semibold">{wordsIn(style, trace, moment).caption}</p>
			<p class="mt-2">
				<span class="name font-bold">{name}</span>
				<span class="quiet">({SCHOOLS[style.school].title})</span>
				{words?.hands}. On the {style.sides.right}: {words?.title}.
			</p>
			<p class="quiet mt-1">
				{craft.ways.find((w) => w.id === way)?.title}. Needles {needleName(style.needle, style.needleSystem)}; tails of {lengthName(
					TAIL_CM,
					style.units,
				)}.
			</p>
		</figcaption>
	</figure>
{/if}
