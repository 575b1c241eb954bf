<script lang="ts">
	import { type Craft, type Taken, taughtByHand } from '@pond-loop/core/craft';
	import { type Crossing, groupsOf } from '@pond-loop/core/crossing';
	import { ribbonOf } from '@pond-loop/core/made';
	import { stitches, wordsMade } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { afterwards, memoryFor, shownIn } from '@pond-loop/core/look';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		/** As it was asked for. */
		crossing: Crossing;
		light: PageLight;
		style: HouseStyle;
		/** The craft, and what the crossing is to it; plain knitting when left out. */
		craft?: Craft;
		taken?: Taken;
	}
	const { crossing, light, style, craft = taughtByHand, taken }: Props = $props();
	const shown = $derived(shownIn(style, crossing, craft));
	const words = $derived(wordsMade(shown));
	const drawing = $derived(ribbonOf(shown.made, { light, numbers: true, mirrored: shown.mirrored }));
	const memory = $derived(memoryFor(style, shown, craft));
	const normal = $derived(afterwards(craft, style));
</script>

<!-- Looks and hands always side by side: mixing them up is the commonest mistake with names. -->
<div class="flex flex-wrap gap-x-4 gap-y-3">
	<p class="border-accent border-l-4 pl-2.5">
		<span class="lead block wrap-anywhere">Looks, on the {style.sides.right}</span>
		<span class="font-serif text-[1.06rem] font-semibold" data-testid="lean"
			>{words.lean ? `leans ${words.lean}` : `${groupsOf(crossing).length} groups`}</span
		>
	</p>
	{#if taken?.does || words.hold}
		<p class="border-accent border-l-4 pl-2.5">
			<span class="lead block">Hands</span>
			<span class="font-serif text-[1.06rem] font-semibold" data-testid="hold">
				{#if taken?.does}{taken.does}{:else}
					hold {words.heldCount}
					{words.hold === 'front' ? 'in front' : 'at the back'}{/if}
			</span>
		</p>
	{/if}
</div>
<div class="mt-3 flex items-center gap-4">
	<div class="shrink-0" data-testid="ribbon">
		<Drawing {drawing} width={Math.min(170, drawing.width * 0.85)} />
	</div>
	<dl class="min-w-0 text-[0.94rem]">
		<div>
			<dt class="sr-only">Stitches</dt>
			<dd><strong>{stitches(crossing.n)}</strong>, {words.work}</dd>
		</div>
		<div>
			<dt class="sr-only">In front</dt>
			<dd data-testid="look">{words.look}</dd>
		</div>
	</dl>
</div>
{#if memory}<p class="mt-2 text-[0.94rem]" data-testid="memory" dir="auto">{memory}</p>{/if}
{#if shown.mirrored}
	<p class="quiet mt-1 text-[0.94rem]" data-testid="left-handed">
		{style.demonstrates === 'left-mirrored'
			? 'Left-handed, as the name is written: the fabric is the mirror image, and so is its lean.'
			: 'Left-handed, for the same fabric: front and back are swapped, and so are the jobs of the two groups.'}
	</p>
{/if}
{#if normal}<p class="quiet mt-1 text-[0.94rem]">{normal}</p>{/if}
