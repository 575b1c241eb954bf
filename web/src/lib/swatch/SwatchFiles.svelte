<script lang="ts">
	import type { SwatchFile } from '@pond-loop/core/document';
	import { drawChart, drawChartPart, toSvg } from '@pond-loop/core/drawing';
	import { stitches } from '@pond-loop/core/notation';
	import type { LengthUnit } from '@pond-loop/core/measure';
	import type { Swatch } from '@pond-loop/core/schema';
	import { check, type Checked, type Cords, type Worked } from '@pond-loop/core/swatch';
	import { download, fileName } from '$lib/files/download';
	import RowsInLanguage from './RowsInLanguage.svelte';
	import { pngOf, svgFile } from '$lib/picture/save-as';
	import type { PageLight } from '$lib/ui/light';
	import { csvFile } from '$lib/files/table';
	import ChartPart from './ChartPart.svelte';
	import FileField from '$lib/ui/FileField.svelte';

	interface Props {
		id: string;
		swatch: Swatch;
		worked: Worked;
		cords: Cords;
		light: PageLight;
		side: 'RS' | 'WS';
		mirrored: boolean;
		/** The teacher's own lines, by which names of a file are read. */
		glossary: string;
		unit: LengthUnit;
		table: () => readonly (readonly string[])[];
		/** Puts what was read from a file in place of what is there. */
		take: (swatch: Swatch) => void;
	}
	const { id, swatch, worked, cords, light, side, mirrored, glossary, unit, table, take }: Props = $props();
	let trouble = $state<string>();
	/** Wider than this a browser makes no picture of it. */
	const MOST_PIXELS = 14_000;

	const file = (ending: string): string => fileName(swatch.title || 'swatch', ending);
	const drawing = (): ReturnType<typeof drawChart> =>
		drawChart(worked, { light, side, mirrored, cords, numbers: true });
	const text = (type: string, content: string): Blob => new Blob([content], { type: `${type};charset=utf-8` });

	/** In one line, where something was told of its size; files go without it where it cannot be had. */
	const sized = async (): Promise<string | undefined> =>
		import('./size-line').then((m) => m.sizeSaid(swatch, unit, glossary)).catch(() => undefined);

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
			async () => {
				const { swatchAsText } = await import('@pond-loop/core/document');
				download(file('txt'), text('text/plain', swatchAsText(swatch)));
			},
		],
		[
			'All of it, as JSON',
			() => download(file('json'), text('application/json', `${JSON.stringify(swatch, null, '\t')}\n`)),
		],
		[
			'The chart, as CSV',
			async () => {
				const size = await sized();
				download(file('csv'), csvFile([...table(), ...(size === undefined ? [] : [['size', size]])]));
			},
		],
		[
			'The chart, as SVG',
			async () => {
				const size = await sized();
				const drawn = drawing();
				const label = size === undefined ? drawn.label : `${drawn.label}. ${size}`;
				download(file('svg'), svgFile(toSvg({ ...drawn, label }, drawn.width)));
			},
		],
		['The chart, as PNG', png],
	];

	/** Bytes that are looked at; a swatch of the largest size has fewer. */
	const MOST_BYTES = 1_000_000;
	/** What a file would put here, until it is agreed to. */
	let found = $state.raw<SwatchFile & { readonly from: string; readonly checked: Checked }>();

	async function read(given: File): Promise<void> {
		trouble = found = undefined;
		const { readSwatchFile } = await import('@pond-loop/core/document');
		const file = given.size > MOST_BYTES ? undefined : readSwatchFile(await given.text(), swatch, glossary);
		if (!file) trouble = `“${given.name}” is larger than any swatch. Nothing was changed.`;
		else if (!file.ok) trouble = `“${given.name}”: ${file.problems[0]!.what} ${file.problems[0]!.todo}`;
		else found = { ...file.value, from: given.name, checked: check(file.value.swatch, glossary) };
	}
	const errors = $derived(found?.checked.problems.filter((p) => p.weight === 'error') ?? []);
	const holds = $derived.by(() => {
		if (!found) return '';
		const { kind, swatch: then, from, checked } = found;
		const many = checked.worked.rows.length;
		const what = kind === 'swatch' ? `the swatch “${then.title}”` : 'rows';
		const shape = then.shape === 'round' ? 'in the round' : 'flat';
		return `“${from}” holds ${what}: ${many} ${many === 1 ? 'row' : 'rows'} on ${stitches(then.castOn)}, ${shape}.`;
	});
	/** Rows of a preview. */
	const SHOWN = 5;
	const preview = $derived.by(() => {
		if (!found || found.checked.worked.rows.length === 0) return undefined;
		const { worked, cords } = found.checked;
		const part = { firstRow: 0, lastRow: Math.min(SHOWN, worked.rows.length) - 1 };
		return drawChartPart(worked, part, { light, cords, numbers: true, mirrored });
	});
	function takeFound(): void {
		const then = found?.swatch;
		found = undefined;
		if (then) take(then);
	}
</script>

<div>
	<details>
		<summary class="wordlink w-fit list-none text-[0.94rem]">Files</summary>
		<ul class="mt-2 text-[0.94rem]">
			<li>
				For paper, as PDF:
				<a class="wordlink my-0.5" href="/swatches/{id}/handout" download>ordinary print</a>,
				<a class="wordlink my-0.5" href="/swatches/{id}/handout?large=yes" download>large print</a>
			</li>
			{#each FILES as [label, make], nth (nth)}
				<li><button type="button" class="wordlink my-0.5" onclick={make}>{label}</button></li>
			{/each}
			<li class="mt-2">
				<FileField label="Open a file of rows, or a swatch" choose={read} />
			</li>
		</ul>
		{#if found}
			<section
				class="border-base-300 mt-3 max-w-xl rounded-2xl border p-4"
				aria-label="What the file holds"
				data-testid="file-preview"
			>
				<p>
					{holds}
					{#if errors.length > 0}<span class="font-semibold"
							>{errors.length === 1 ? 'One thing in it is' : `${errors.length} things in it are`} not understood or cannot
							be worked: {errors[0]!.what}</span
						>{/if}
				</p>
				{#if preview}<div class="mt-2"><ChartPart drawing={preview} width={Math.min(420, preview.width)} /></div>{/if}
				<p class="mt-3 flex flex-wrap gap-2">
					<button type="button" class="pill pill-strong" onclick={takeFound}>Replace this one</button>
					<button type="button" class="pill pill-soft" onclick={() => (found = undefined)}>Leave it</button>
				</p>
			</section>
		{/if}
		{#if trouble}<p class="text-error text-[0.94rem] font-semibold" role="alert">{trouble}</p>{/if}
	</details>
	<RowsInLanguage {id} {worked} first={swatch.original?.language} />
</div>
