<script lang="ts">
	import { weekdayOf } from '$lib/ui/dates';
	import { PALETTES } from '@pond-loop/core/drawing';
	import type { Chart as ChartOf } from 'chart.js';
	import { onMount } from 'svelte';
	import { lineChart } from '$lib/ui/line-chart';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		/** Of each evening that has any; the figures stand in a table besides. */
		points: readonly { readonly day: string; readonly value: number }[];
		light: PageLight;
	}
	const { points, light }: Props = $props();
	let canvas = $state<HTMLCanvasElement>();
	let chart = $state.raw<ChartOf<'line'>>();

	onMount(() => {
		let gone = false;
		void lineChart(canvas!, {
			scales: { y: { beginAtZero: true, title: { display: true, text: 'seconds a crossing' } } },
			plugins: { tooltip: { callbacks: { label: (at) => `${Math.round(at.parsed.y ?? 0)} s` } } },
		}).then((made) => (gone ? made?.destroy() : (chart = made)));
		return () => {
			gone = true;
			chart?.destroy();
		};
	});
	$effect(() => {
		if (!chart) return;
		const palette = PALETTES[light];
		chart.data = {
			labels: points.map((p) => weekdayOf(p.day).replace(/ \d{4}$/, '')),
			datasets: [
				{
					data: points.map((p) => p.value),
					borderColor: palette.ink,
					backgroundColor: palette.ink,
					borderWidth: 2.5,
					pointRadius: 4,
					tension: 0.25,
				},
			],
		};
		for (const scale of Object.values(chart.options.scales ?? {}))
			Object.assign(scale!, {
				ticks: { color: palette.quiet },
				grid: { color: palette.gridline },
				...('title' in scale! ? { title: { ...(scale.title as object), color: palette.quiet } } : {}),
			});
		chart.update();
	});
</script>

<div class="mt-2 h-44" aria-hidden="true"><canvas bind:this={canvas}></canvas></div>
