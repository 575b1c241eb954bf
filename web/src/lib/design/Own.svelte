<script lang="ts">
	import { canonical } from '@pond-loop/core/crossing';
	import { ribbonOf } from '@pond-loop/core/made';
	import { wordsFor } from '@pond-loop/core/notation';
	import type { Design, HouseStyle } from '@pond-loop/core/schema';
	import { invalidateAll } from '$app/navigation';
	import { shownIn } from '@pond-loop/core/look';
	import { troubleOf } from '$lib/save/send';
	import { addressOf } from '$lib/choices/address';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { removeDesign, saveDesign } from './api';

	interface Props {
		designs: readonly Design[];
		light: PageLight;
		style: HouseStyle;
	}
	const { designs, light, style }: Props = $props();
	let gone = $state<Design>();
	let trouble = $state<string>();

	async function remove(design: Design): Promise<void> {
		const answer = await removeDesign(design.id);
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') gone = design;
		await invalidateAll();
	}
	async function bringBack(): Promise<void> {
		if (!gone) return;
		const answer = await saveDesign(gone);
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') gone = undefined;
		await invalidateAll();
	}
</script>

<p class="min-h-[1lh] text-[0.94rem]" role="status">
	{#if trouble}<span class="text-error font-semibold">{trouble}</span>
	{:else if gone}“{gone.name}” is removed.
		<button type="button" class="wordlink" onclick={bringBack}>Bring it back</button>{/if}
</p>
<ul class="flex flex-wrap gap-x-8 gap-y-4" data-testid="own">
	{#each designs as design (design.id)}
		{@const shown = shownIn(style, design.crossing)}
		{@const drawing = ribbonOf(shown.made, { light, mirrored: shown.mirrored })}
		<li class="flex max-w-80 items-start gap-4">
			<span class="shrink-0"><Drawing {drawing} width={Math.min(96, drawing.width * 0.7)} /></span>
			<span class="min-w-0">
				<span class="block font-semibold wrap-anywhere">{design.name}</span>
				<span class="quiet block text-[0.94rem]">{wordsFor(shown.fabric).title}</span>
				<span class="mt-1 flex flex-wrap gap-x-4 text-[0.94rem]">
					<a class="wordlink" href={addressOf({ text: design.name, own: canonical(design.crossing) })}>How to work it</a
					>
					<a class="wordlink" href="/crossings/design?from={encodeURIComponent(canonical(design.crossing))}"
						>Change a copy</a
					>
					<button type="button" class="wordlink" aria-label="Remove {design.name}" onclick={() => remove(design)}
						>Remove</button
					>
				</span>
			</span>
		</li>
	{/each}
</ul>
