<script lang="ts">
	import { drawChart, toSvg } from '@pond-loop/core/drawing';
	import { firstIssue, type Swatch, SwatchSchema } from '@pond-loop/core/schema';
	import type { Cords, Worked } from '@pond-loop/core/swatch';
	import { download, fileName, pngOf, svgFile } from '$lib/picture/save-as';
	import type { Light } from '$lib/ui/light';
	import Papa from 'papaparse';

	interface Props {
		id: string;
		swatch: Swatch;
		worked: Worked;
		cords: Cords;
		light: Light;
		side: 'RS' | 'WS';
		mirrored: boolean;
		table: () => readonly (readonly string[])[];
		/** Puts what was read from a file in place of what is there. */
		take: (swatch: Swatch) => void;
	}
	const { id, swatch, worked, cords, light, side, mirrored, table, take }: Props = $props();
	let trouble = $state<string>();
	/** Wider than this a browser makes no picture of it. */
	const MOST_PIXELS = 14_000;

	const file = (ending: string): string => fileName(swatch.title || 'swatch', ending);
	const drawing = (): ReturnType<typeof drawChart> =>
		drawChart(worked, { light, side, mirrored, cords, numbers: true });
	const text = (type: string, content: string): Blob => new Blob([content], { type: `${type};charset=utf-8` });

	async function png(): Promise<void> {
		const { width, height, ...rest } = drawing();
		const scale = Math.min(2, MOST_PIXELS / Math.max(width, height));
		try {
			download(file('png'), await pngOf(toSvg({ width, height, ...rest }, width), width, height, scale));
		} catch {
			trouble = 'The picture could not be made. Save it as SVG instead.';
		}
	}
	const FILES: readonly (readonly [string, () => void | Promise<void>])[] = [
		[
			'Rows, as text',
			() =>
				download(
					file('txt'),
					text(
						'text/plain',
						`Cast on ${swatch.castOn} sts\n${swatch.shape === 'round' ? 'Join in the round\n' : ''}${swatch.text}\n`,
					),
				),
		],
		[
			'All of it, as JSON',
			() => download(file('json'), text('application/json', `${JSON.stringify(swatch, null, '\t')}\n`)),
		],
		['The chart, as CSV', () => download(file('csv'), text('text/csv', `${Papa.unparse(table() as string[][])}\r\n`))],
		['The chart, as SVG', () => download(file('svg'), svgFile(toSvg(drawing(), drawing().width)))],
		['The chart, as PNG', png],
	];

	async function read(event: Event): Promise<void> {
		const input = event.currentTarget as HTMLInputElement;
		const [given] = input.files ?? [];
		input.value = '';
		trouble = undefined;
		if (!given) return;
		const content = await given.text();
		if (given.name.endsWith('.json')) {
			let data: unknown;
			try {
				data = JSON.parse(content);
			} catch {
				trouble = `“${given.name}” is not JSON. Nothing was changed.`;
				return;
			}
			const checked = SwatchSchema.safeParse(data);
			if (checked.success) take(checked.data);
			else trouble = `“${given.name}” is no swatch: ${firstIssue(checked.error)} Nothing was changed.`;
			return;
		}
		const [, castOn] = /^Cast on (\d+) sts\r?\n/.exec(content) ?? [];
		const rest = castOn === undefined ? content : content.slice(content.indexOf('\n') + 1);
		const round = rest.startsWith('Join in the round\n');
		const next = {
			...swatch,
			...(castOn === undefined
				? {}
				: { castOn: Number(castOn), shape: round ? ('round' as const) : ('flat' as const) }),
			text: (round ? rest.slice(rest.indexOf('\n') + 1) : rest).replace(/\n$/, ''),
		};
		const checked = SwatchSchema.safeParse(next);
		if (checked.success) take(checked.data);
		else trouble = `${firstIssue(checked.error)} Nothing was changed.`;
	}
</script>

<details>
	<summary class="wordlink w-fit list-none text-[0.94rem]">Files</summary>
	<ul class="mt-2 text-[0.94rem]">
		<li>
			For paper, as PDF:
			<a class="wordlink my-0.5" href="/swatches/{id}/handout" download>ordinary print</a>,
			<a class="wordlink my-0.5" href="/swatches/{id}/handout?large=yes" download>large print</a>
		</li>
		{#each FILES as [label, make] (label)}
			<li><button type="button" class="wordlink my-0.5" onclick={make}>{label}</button></li>
		{/each}
		<li class="mt-2">
			<label class="block"
				>Read rows or JSON from a file
				<input
					class="mt-1 block max-w-full text-[0.88rem]"
					type="file"
					accept=".txt,.json,text/plain,application/json"
					onchange={read}
				/>
			</label>
		</li>
	</ul>
	{#if trouble}<p class="text-error text-[0.94rem] font-semibold" role="alert">{trouble}</p>{/if}
</details>
