<script lang="ts">
	import {
		type Gauge,
		MOST_ROWS_LEND,
		type Pulled,
		STRAIN_UP_TO,
		STRAIN_VERDICTS,
		strainOf,
	} from '@pond-loop/core/fabric';
	import { PALETTES } from '@pond-loop/core/drawing';
	import type { CordsTogether } from '@pond-loop/core/swatch';
	import type { Chart as ChartOf } from 'chart.js';
	import { onMount } from 'svelte';
	import { lineChart } from '$lib/ui/line-chart';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		together: readonly CordsTogether[];
		gauge: Gauge;
		pulled: Pick<Pulled, 'fibre' | 'tension'>;
		light: PageLight;
		/** The colour of each cord, by its place. */
		colours: readonly number[];
	}
	const { together, gauge, pulled, light, colours }: Props = $props();

	let canvas = $state<HTMLCanvasElement>();
	let chart = $state.raw<ChartOf<'line'>>();
	const ROWS = Array.from({ length: MOST_ROWS_LEND + 2 }, (_, i) => i + 1);
	const MOST = 3;

	const datasets = $derived(
		together.map((one) => {
			const cord = PALETTES[light].cords[colours[one.cords[0]!] as 0 | 1 | 2 | 3];
			return {
				label: one.letters,
				data: ROWS.map((rows) => strainOf({ travel: one.travel, rows, gauge, ...pulled })),
				borderColor: light === 'dusk' ? cord.body : cord.edge,
				backgroundColor: cord.body,
				borderWidth: 2.5,
				// As it is crossed in these rows.
				pointRadius: ROWS.map((rows) => (rows === Math.min(one.since, MOST_ROWS_LEND + 2) ? 8 : 0)),
				pointHitRadius: 12,
				tension: 0.25,
			};
		}),
	);
	/** Where each verdict lies, from easy at the bottom. */
	const bands = $derived(
		STRAIN_VERDICTS.map((says, i) => ({ says, from: STRAIN_UP_TO[i - 1] ?? 0, to: STRAIN_UP_TO[i] ?? MOST })),
	);

	onMount(() => {
		let gone = false;
		void lineChart(
			canvas!,
			{
				scales: {
					x: { title: { display: true, text: 'rows between crossings' } },
					y: { min: 0.8, max: MOST, title: { display: true, text: 'strain' } },
				},
				plugins: { tooltip: { callbacks: { label: (at) => `${at.dataset.label}: ${at.parsed.y?.toFixed(2)}` } } },
			},
			[
				{
					id: 'verdicts',
					beforeDatasetsDraw: ({ ctx, chartArea, scales }) => {
						const palette = PALETTES[light];
						for (const [i, { says, from, to }] of bands.entries()) {
							const top = Math.max(chartArea.top, scales['y']!.getPixelForValue(to));
							const bottom = Math.min(chartArea.bottom, scales['y']!.getPixelForValue(from));
							if (bottom <= top) continue;
							ctx.fillStyle = palette.ink;
							ctx.globalAlpha = 0.03 + 0.035 * i;
							ctx.fillRect(chartArea.left, top, chartArea.right - chartArea.left, bottom - top);
							ctx.globalAlpha = 0.8;
							ctx.font = "600 12px 'Atkinson Hyperlegible Next', sans-serif";
							ctx.textAlign = 'right';
							ctx.fillText(says, chartArea.right - 6, top + 14);
							ctx.globalAlpha = 1;
						}
					},
				},
			],
		).then((made) => (gone ? made?.destroy() : (chart = made)));
		return () => {
			gone = true;
			chart?.destroy();
		};
	});
	$effect(() => {
		if (!chart) return;
		const { ink, quiet } = PALETTES[light];
		for (const axis of ['x', 'y'] as const) {
			const scale = chart.options.scales![axis]!;
			scale.ticks = { ...scale.ticks, color: ink };
			scale.title = { ...scale.title, color: ink };
			scale.grid = { color: `${quiet}33` };
		}
		chart.data.labels = ROWS;
		chart.data.datasets = datasets;
		chart.update('none');
	});
</script>

<div class="relative h-64"><canvas bind:this={canvas} aria-hidden="true"></canvas></div>
