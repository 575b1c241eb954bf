/** Curves on a canvas, by Chart.js, fetched when the first one is seen; a table beside it says the same. */

import type { Chart, ChartOptions, Plugin } from 'chart.js';

/** Undefined where it could not be fetched: then the table stands alone. */
export async function lineChart(
	canvas: HTMLCanvasElement,
	options: ChartOptions<'line'>,
	plugins: Plugin<'line'>[] = [],
): Promise<Chart<'line'> | undefined> {
	const lib = await import('chart.js').catch(() => undefined);
	if (!lib) return undefined;
	const { LineController, LineElement, PointElement, LinearScale, CategoryScale, Tooltip } = lib;
	lib.Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Tooltip);
	return new lib.Chart<'line'>(canvas, {
		type: 'line',
		data: { labels: [], datasets: [] },
		options: { animation: false, maintainAspectRatio: false, ...options },
		plugins,
	});
}
