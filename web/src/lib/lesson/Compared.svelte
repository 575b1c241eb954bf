<script lang="ts">
	import { hand, perform } from '@pond-loop/core/craft';
	import { drawChart, drawRibbon, drawStage, type Drawing as Picture, type Light } from '@pond-loop/core/drawing';
	import { asTwoGroups, mirror } from '@pond-loop/core/crossing';
	import { tally } from '@pond-loop/core/handling';
	import { readAll, readGlossary, readRows, SCHOOLS, stitches, wordsFor } from '@pond-loop/core/notation';
	import type { CompareStep, HouseStyle } from '@pond-loop/core/schema';
	import { practiceSwatch, workRows } from '@pond-loop/core/swatch';
	import { lookOf, shownIn, wayOf } from '$lib/style/look';
	import Drawing from '$lib/ui/Drawing.svelte';

	interface Props {
		step: CompareStep;
		light: Light;
		style: HouseStyle;
		/** As wide as each picture may be. */
		width?: number;
	}
	const { step, light, style, width = 150 }: Props = $props();

	interface Side {
		readonly title: string;
		readonly says: string;
		readonly drawing: Picture;
	}

	const ribbon = (crossing: CompareStep['crossing'], title: string, says: string): Side => {
		const shown = shownIn(style, crossing);
		return { title, says, drawing: drawRibbon(shown.made, { light, mirrored: shown.mirrored }) };
	};
	const chart = (every: number, title: string): Side => {
		const group = asTwoGroups(step.crossing)?.tip.length ?? 2;
		const made = practiceSwatch({
			cords: [{ kind: 'rope', group, every }],
			border: 0,
			ground: 1,
			repeats: 3,
			shape: 'flat',
			school: 'slash',
		});
		const worked = workRows(readRows(made.text, { school: 'slash', glossary: readGlossary('') }), {
			castOn: made.castOn,
			shape: 'flat',
			school: 'slash',
		});
		return { title, says: `crossed every ${every} rows`, drawing: drawChart(worked, { light }) };
	};
	const way = (id: string): Side => {
		const shown = shownIn(style, step.crossing);
		const done = perform(hand, shown.made, id);
		if (!done.ok) return ribbon(step.crossing, wayOf(id).title, 'does not make this crossing');
		const { trace } = done.value;
		const moment = trace.steps.findLastIndex((s) => s.passings.length > 0) + 1;
		const counts = tally(trace);
		return {
			title: wayOf(id).title,
			says: `${counts.moves} moves, ${counts.mostLoose} loose at once, ${counts.tools === 0 ? 'no holder' : counts.tools === 1 ? 'one holder' : 'two holders'}`,
			drawing: drawStage(shown.made, trace, moment, { ...lookOf(style), light, textScale: 1.9 }),
		};
	};

	const sides = $derived.by((): Side[] => {
		const { crossing } = step;
		switch (step.of) {
			case 'leans':
				return [crossing, mirror(crossing)].map((c) => ribbon(c, wordsFor(c).title, wordsFor(c).hands));
			case 'readings':
				return readAll(step.asked.text).readings.map((r) =>
					ribbon(r.crossing, SCHOOLS[r.school].title, `${stitches(r.crossing.n)}: ${wordsFor(r.crossing).title}`),
				);
			case 'ways':
				return [step.way, step.other ?? 'pinch'].map(way);
			case 'tightness':
				return [
					chart(2, 'Tight'),
					chart(Math.max(4, crossing.n), 'Usual'),
					chart(2 * Math.max(4, crossing.n), 'Loose'),
				];
		}
	});
	const wide = $derived(step.of === 'ways' ? width * 2 : width);
</script>

<ul class="flex flex-wrap items-end gap-x-8 gap-y-4" data-testid="compared">
	{#each sides as side, i (i)}
		<li class="min-w-0 text-center">
			<span class="flex justify-center"
				><Drawing drawing={side.drawing} width={Math.min(wide, side.drawing.width)} /></span
			>
			<span class="mt-1 block font-semibold">{side.title}</span>
			<span class="quiet block text-[0.94rem]">{side.says}</span>
		</li>
	{/each}
</ul>
{#if sides.length < 2}<p class="quiet mt-1 text-[0.94rem]">
		Schools agree on this name, so there is nothing to compare. Choose another comparison.
	</p>{/if}
