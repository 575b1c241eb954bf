<script lang="ts">
	import type { Hit } from '@pond-loop/core/collection';
	import { canonical } from '@pond-loop/core/crossing';
	import { ribbonOf } from '@pond-loop/core/made';
	import { SCHOOLS, wordsFor } from '@pond-loop/core/notation';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { shownIn } from '@pond-loop/core/look';
	import { addressOf } from '$lib/choices/address';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';
	import { rememberSchool } from '$lib/style/remember-school';

	interface Props {
		hits: readonly Hit[];
		/** What was typed, for a crossing that has no name. */
		text: string;
		/** Called when one was taken. */
		taken?: () => void;
	}
	const { hits, text, taken }: Props = $props();
	const light = useLight();
	const style = $derived(page.data.style);

	const addressFor = (h: Hit): string =>
		h.own !== undefined
			? addressOf({ text: h.own, own: canonical(h.crossing) })
			: h.name
				? addressOf({ text: h.name.text, school: h.name.school })
				: addressOf({ text, school: 'any' });

	async function take(event: MouseEvent, h: Hit): Promise<void> {
		if (event.ctrlKey || event.metaKey || event.shiftKey) return;
		event.preventDefault();
		taken?.();
		// Which school somebody reads a name in is worth remembering only where schools differ.
		if (h.school && hits.length > 1) await rememberSchool(h.school, page.data as App.PageData);
		await goto(addressFor(h));
	}
</script>

<ul class="flex flex-wrap gap-x-8 gap-y-5" data-testid="hits">
	{#each hits as h, i (i)}
		{@const { made, fabric, mirrored } = shownIn(style, h.crossing)}
		{@const drawing = ribbonOf(made, { light: light.now, mirrored })}
		<li>
			<a
				class="hover:bg-base-200 flex max-w-80 items-start gap-4 rounded-2xl p-3"
				href={addressFor(h)}
				onclick={(e) => take(e, h)}
			>
				<span class="shrink-0"><Drawing {drawing} width={Math.min(96, drawing.width * 0.7)} /></span>
				<span class="min-w-0">
					<span class="block font-semibold">{h.own ?? wordsFor(fabric).title}</span>
					<span class="quiet block text-[0.94rem]">{h.says}</span>
					{#if h.school && hits.length > 1}<span class="mt-1 block text-[0.94rem]">{SCHOOLS[h.school].title}</span>{/if}
				</span>
			</a>
		</li>
	{/each}
</ul>
