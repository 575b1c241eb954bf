<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import type { SwatchProblem } from '@pond-loop/core/swatch';
	import circleAlertIcon from 'lucide-static/icons/circle-alert.svg?raw';
	import infoIcon from 'lucide-static/icons/info.svg?raw';
	import triangleAlertIcon from 'lucide-static/icons/triangle-alert.svg?raw';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		problems: readonly SwatchProblem[];
		errors: number;
		goTo: (problem: SwatchProblem) => void;
	}
	const { problems, errors, goTo }: Props = $props();
	const MOST = 8;
	let all = $state(false);
	const ICON = { error: circleAlertIcon, warning: triangleAlertIcon, note: infoIcon } as const;
	const COLOUR = { error: 'text-error', warning: 'text-warning', note: 'text-neutral' } as const;
	const WEIGHT = { error: 'Wrong', warning: 'Check', note: 'Note' } as const;
	const ordered = $derived(['error', 'warning', 'note'].flatMap((w) => problems.filter((p) => p.weight === w)));
</script>

<section aria-labelledby="checks-title">
	<h2 id="checks-title" class="text-2xl">
		{errors > 0
			? errors === 1
				? 'One row doesn’t work out'
				: `${errors} things don’t work out`
			: problems.some((p) => p.reason === 'read-past')
				? 'What we read works out'
				: 'It works out'}
	</h2>
	{#if problems.length === 0}<p class="quiet mt-1">Every row uses all its stitches.</p>{/if}
	<ul class="mt-2 text-[0.94rem]" data-testid="problems" aria-live="polite">
		{#each all ? ordered : ordered.slice(0, MOST) as p, i (i)}
			<li class="flex gap-2 py-1" data-reason={p.reason}>
				<Icon svg={ICON[p.weight]} class="mt-0.5 size-5 shrink-0 {COLOUR[p.weight]}" label={WEIGHT[p.weight]} />
				<span>
					{#if p.to > 0}<button type="button" class="wordlink font-semibold" onclick={() => goTo(p)}
							>{p.row > 0 ? `Row ${p.row}` : 'There'}</button
						>{/if}{p.to > 0 ? ': ' : ''}{say(p.what)}
					<span class="quiet">{say(p.todo)}</span>
				</span>
			</li>
		{/each}
	</ul>
	{#if ordered.length > MOST}
		<button type="button" class="wordlink mt-1 text-[0.94rem]" onclick={() => (all = !all)}
			>{all ? 'Fewer' : `All ${ordered.length}`}</button
		>
	{/if}
</section>
