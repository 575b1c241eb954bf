<script lang="ts">
	import type { Entry } from '@pond-loop/core/collection';
	import { ribbonOf } from '@pond-loop/core/made';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { shownIn } from '@pond-loop/core/look';
	import { addressOf } from '$lib/choices/address';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		entry: Entry;
		light: PageLight;
		style: HouseStyle;
	}
	const { entry, light, style }: Props = $props();
	const shown = $derived(shownIn(style, entry.crossing));
	const drawing = $derived(ribbonOf(shown.made, { light, mirrored: shown.mirrored }));
	/** As high as a tile has room for. */
	const HIGH = 112;
	const width = $derived(Math.min(drawing.width, (drawing.width * HIGH) / drawing.height));
</script>

<a
	class="hover:bg-base-200 flex h-full flex-col items-center rounded-2xl px-3 pt-4 pb-3 text-center"
	href={addressOf({ text: entry.id, school: 'slash' })}
>
	<span class="flex h-28 items-end"><Drawing {drawing} {width} /></span>
	<span class="mt-2 leading-tight font-semibold">{entry.title}</span>
	<span class="name quiet mt-1 text-[0.86rem]! whitespace-normal!">{entry.names.slice(0, 3).join(' · ')}</span>
	<span class="mt-auto pt-1 text-[0.86rem]">{entry.verdict}</span>
</a>
