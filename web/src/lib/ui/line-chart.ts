/** Curves on a canvas, by Chart.js, fetched when the first one is seen; a table beside it says the same. */

import { yieldToMain } from './hydration';
import type { Chart, ChartOptions, Plugin } from 'chart.js';

/** Steps of a tenth do not add up exactly. */
const withoutDust = (value: number | string): number => Number(Number(value).toPrecision(12));

/** Undefined where it could not be fetched: then the table stands alone. */
export async function lineChart(
	canvas: HTMLCanvasElement,
	options: ChartOptions<'line'>,
	plugins: Plugin<'line'>[] = [],
): Promise<Chart<'line'> | undefined> {
	const lib = await import('chart.js').catch(() => undefined);
	if (!lib) return undefined;
	await yieldToMain();
	const { LineController, LineElement, PointElement, LinearScale, CategoryScale, Tooltip } = lib;
	lib.Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Tooltip);
	// The platform's own way of writing figures takes longer to set up than the whole curve to draw.
	lib.defaults.set('scales.linear', { ticks: { callback: (value: number | string) => String(withoutDust(value)) } });
	return new lib.Chart<'line'>(canvas, {
		type: 'line',
		data: { labels: [], datasets: [] },
		options: { animation: false, maintainAspectRatio: false, ...options },
		plugins,
	});
}
