<script lang="ts">
	import Fold from '$lib/ui/Fold.svelte';
	import { craftOf } from '@pond-loop/core/craft';
	import { toSvg } from '@pond-loop/core/drawing';
	import { gaugeIn, STATE_WORDS } from '@pond-loop/core/fabric';
	import { fromCm, reckonedLength, toCm } from '@pond-loop/core/measure';
	import type { HouseStyle, Yarn } from '@pond-loop/core/schema';
	import { assumedOf, type Checked, gaugeSaid, gaugeSource, isStraight, notCounted } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { download, fileName } from '$lib/files/download';
	import { pngOf, svgFile } from '$lib/picture/save-as';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import { saveWithPage } from '$lib/save/page';
	import { keepSwatch, type OpenedSwatch } from '$lib/swatch/keep';
	import Looks from '$lib/swatch/Looks.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { useEnglish } from '$lib/words/english';
	import GaugeForm from './GaugeForm.svelte';
	import LiePicture from './LiePicture.svelte';
	import MeasuredAcross from './MeasuredAcross.svelte';
	import NeedleFit from './NeedleFit.svelte';
	import { numberIn, oneDecimalSaid } from './number-in';
	import SeamHelp from './SeamHelp.svelte';
	import { SizeModel } from './size-model.svelte';
	import StateChoice from './StateChoice.svelte';
	import Strands from './Strands.svelte';
	import TargetSize from './TargetSize.svelte';
	import YarnNeeded from './YarnNeeded.svelte';
	const say = useEnglish();

	interface Props {
		opened: OpenedSwatch;
		/** What was opened, checked. */
		first: Checked;
		light: PageLight;
		style: HouseStyle;
		/** The teacher's drawer. */
		yarns: readonly Yarn[];
	}
	const { opened, first, light, style, yarns }: Props = $props();
	// svelte-ignore state_referenced_locally
	const save = keepSwatch(opened);
	saveWithPage(save);
	const uid = $props.id();
	const model = new SizeModel(() => ({ save, first, style, yarns }));
	const { fabric } = model;
	const { swatch, unit, checked, told, look, side, ratio } = $derived(model);
	const { material, how, layer, size } = $derived(fabric);
	const { gauge: measured, sizes: ratios } = $derived(material);
	const { worked } = $derived(checked);
	const said = (cm: number): string => reckonedLength(cm, unit);

	const missed = $derived(notCounted(worked));
	const assumed = $derived(assumedOf(worked));
	const wrong = $derived(checked.problems.filter((p) => p.weight === 'error').length);
	const hasLayers = $derived(craftOf(worked.craft).inSwatch.seen !== undefined);

	let marked = $state(true);
	const drawing = $derived(
		fabric.drawing({
			light,
			unit,
			marked,
			label: `Preview, seen from the ${side === 'RS' ? style.sides.right : style.sides.wrong}; its size is beside it.`,
		}),
	);
	let unsaved = $state(false);
	async function picture(ending: 'svg' | 'png'): Promise<void> {
		if (!drawing) return;
		unsaved = false;
		const name = fileName(`${swatch.title} ${STATE_WORDS[look]}`, ending);
		const svg = toSvg(drawing, drawing.width);
		if (ending === 'svg') {
			download(name, svgFile(svg));
			return;
		}
		await pngOf(svg, drawing.width, drawing.height)
			.then((blob) => download(name, blob))
			.catch(() => (unsaved = true));
	}
	let box = $state<HTMLElement>();
	let room = $state(0);
	onMount(() => {
		const seen = new ResizeObserver(() => (room = box?.clientWidth ?? 0));
		if (box) seen.observe(box);
		return () => seen.disconnect();
	});
	/** As wide as there is room, but no coarser than this. */
	const MOST_HIGH = 620;
	const shownWide = $derived(
		drawing ? Math.round(Math.min(room || 600, drawing.width * 1.4, (MOST_HIGH * drawing.width) / drawing.height)) : 0,
	);
</script>

<svelte:head><title>{swatch.title} · size · Pond Loop</title></svelte:head>

<div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
	<h1 class="min-w-0 text-[1.8rem] leading-tight" dir="auto">{swatch.title}</h1>
	<p class="quiet">
		{swatch.castOn} stitches, {swatch.shape === 'flat' ? 'flat' : 'in the round'}, {worked.rows.length} rows
	</p>
	<SaveNote {save} />
	<span class="ml-auto"><UndoRedo {save} /></span>
</div>
<Looks id={opened.id} now="size" />

{#if worked.rows.length === 0}
	<p class="border-base-300 mt-6 border-y py-8">
		No rows yet. <a class="wordlink" href="/swatches/{opened.id}">Write or paste them</a>. You’ll see the size here.
	</p>
{:else}
	{#if wrong > 0}
		<p class="text-error mt-3 font-semibold">
			{missed ?? `${wrong === 1 ? 'One thing does' : `${wrong} things do`} not work out in these rows.`}
			<a class="wordlink" href="/swatches/{opened.id}">Show them in the pattern</a>
		</p>
	{/if}
	{#if checked.rows.past.length > 0}
		<p class="quiet mt-2 text-[0.94rem]" data-testid="read-past">
			Read as no rows, so in no figure here: {checked.rows.past
				.slice(0, 6)
				.map(({ said }) => `“${said}”`)
				.join(', ')}{checked.rows.past.length > 6 ? ' …' : ''}.
		</p>
	{/if}
	<div class="mt-4 grid items-start gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,1fr)_25rem]">
		<section aria-label="Preview" class="min-w-0">
			<div class="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-[0.94rem]">
				<label
					><span class="sr-only">Seen from</span>
					<select class="field py-0" bind:value={model.side}>
						<option value="RS">{style.sides.right}</option><option value="WS">{style.sides.wrong}</option>
					</select></label
				>
				<StateChoice bind:look={model.look} />
				<label class="flex cursor-pointer items-center gap-1"
					><input type="checkbox" class="accent-secondary" bind:checked={marked} /> tightness</label
				>
				{#if look === 'pinned' && measured.of === 'plain' && isStraight(worked)}
					<label
						>to <input
							class="field w-20 py-0"
							type="number"
							min="1"
							step="0.5"
							placeholder={size ? oneDecimalSaid(fromCm(size.widthCm, unit)) : ''}
							value={told.pinnedCm === undefined ? undefined : Math.round(fromCm(told.pinnedCm, unit) * 10) / 10}
							oninput={(e) => {
								const value = numberIn(e);
								model.tell({ pinnedCm: value === undefined ? undefined : toCm(value, unit) }, 'pinned');
							}}
							aria-label="Pinned out to, in {unit}"
						/>
						{unit} wide</label
					>
				{/if}
			</div>
			<div
				class="bg-base-200 flex min-h-60 justify-center overflow-x-auto rounded-3xl p-2"
				bind:this={box}
				data-testid="lie"
			>
				{#if drawing && room > 0}
					<LiePicture {drawing} isLarge={fabric.isLarge} width={shownWide} />
				{:else}<p class="quiet self-center">Drawing the preview …</p>{/if}
			</div>
			{#if drawing}
				<p class="mt-1 flex flex-wrap gap-x-4 text-[0.94rem]">
					<span class="quiet">This picture:</span>
					<button type="button" class="wordlink" onclick={() => picture('svg')}>as SVG</button>
					<button type="button" class="wordlink" onclick={() => picture('png')}>as PNG</button>
					{#if unsaved}<span class="text-error font-semibold" role="alert"
							>The picture could not be made. Save it as SVG instead.</span
						>{/if}
				</p>
			{/if}
			{#if drawing && fabric.end < fabric.rows}
				<p class="quiet mt-1 text-[0.94rem]">
					The picture shows the first {fabric.end - 1} of {fabric.rows - 1} rows. The figures are for all rows.
				</p>
			{/if}
			{#if size && size.together.length > 0}
				<Strands {model} id={opened.id} together={size.together} {light} />
			{/if}
		</section>

		<div class="grid gap-y-5">
			<section aria-labelledby="{uid}-size" aria-live="polite" data-testid="size">
				<h2 id="{uid}-size" class="text-2xl">
					{#if size}{said(size.widthCm)} × {said(size.lengthCm)}
						<span class="text-lg">{STATE_WORDS[look]}{size.isShaped ? ', at its widest' : ''}</span>
					{:else}Drawing the preview …{/if}
				</h2>
				{#if size}
					<p class="quiet text-[0.94rem]">
						{gaugeSource(material)}: {gaugeSaid(material)}.
						{#if look !== measured.state && ratio.squares === 0}What it becomes {STATE_WORDS[look]} is assumed.{/if}
						{#if hasLayers}Two layers, each with its own size. This is the one on the {side === 'RS'
								? style.sides.right
								: style.sides.wrong}.{/if}
						{#if measured.of === 'pattern'}{say('The cables are in that tension already.')}
						{:else if how.pinned !== undefined}Only the edges are pinned to that width.
						{:else if size.takenCm > 0.05}The cables take up {said(size.takenCm)} ({how.pull === undefined
								? 'estimated, not measured'
								: 'by what was measured'}).{/if}
					</p>
					{#each assumed as says, nth (nth)}<p class="quiet text-[0.94rem]" data-testid="assumed">{says}</p>{/each}
				{/if}
			</section>

			<GaugeForm {model} />

			{#if size && size.together.length > 0 && measured.of === 'plain'}
				<Fold id="size-measured" title="Measure a finished piece" class="text-[0.94rem]">
					<MeasuredAcross
						across={told.across}
						{material}
						piece={{ id: opened.id, title: swatch.title }}
						rows={layer}
						gauge={(state) => gaugeIn(measured, state, ratios)}
						{unit}
						tell={(across) => model.tell({ across })}
					/>
				</Fold>
			{/if}

			<TargetSize {model} />

			{#if swatch.shape === 'round'}<NeedleFit {model} />{/if}

			<YarnNeeded {model} />

			<SeamHelp {model} />
		</div>
	</div>
{/if}
