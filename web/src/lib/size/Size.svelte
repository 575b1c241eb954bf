<script lang="ts">
	import Fold from '$lib/ui/Fold.svelte';
	import { craftOf } from '@pond-loop/core/craft';
	import { toSvg } from '@pond-loop/core/drawing';
	import {
		aboutNeedle,
		ASSUMED_GAUGE,
		ballsFor,
		FABRIC_STATES,
		type FabricState,
		FIBRES,
		type Gauge,
		gaugeIn,
		isTight,
		ratioOf,
		relax,
		relaxedBy,
		rowsUntil,
		SPARE_CM,
		STATE_WORDS,
		strainOf,
		strainVerdict,
		TENSIONS_OF_HAND,
		YARN_FACTORS,
	} from '@pond-loop/core/fabric';
	import { fromCm, reckonedLength, toCm } from '@pond-loop/core/measure';
	import type { HouseStyle, SwatchSizeTold, Yarn } from '@pond-loop/core/schema';
	import {
		alike,
		assumedOf,
		notCounted,
		castOnFor,
		type Checked,
		crossedSaid,
		strainSaid,
		check,
		gaugeSaid,
		gaugeSource,
		isStraight,
		lengthToldIn,
		loopsThatLie,
		loopsWhenSeamed,
		materialOf,
		multipleOf,
		repeatsFor,
		seenFrom,
		strandsOf,
		swatchSize,
		yarnNeeded,
	} from '@pond-loop/core/swatch';
	import { onMount, untrack } from 'svelte';
	import { download, fileName } from '$lib/files/download';
	import { pngOf, svgFile } from '$lib/picture/save-as';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import { saveWithPage } from '$lib/save/page';
	import { keepSwatch, type OpenedSwatch } from '$lib/swatch/keep';
	import Looks from '$lib/swatch/Looks.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { withoutEmpty } from '$lib/ui/without-empty';
	import { FabricSeen } from './fabric-seen.svelte';
	import LiePicture from './LiePicture.svelte';
	import MeasuredAcross from './MeasuredAcross.svelte';
	import StateChoice from './StateChoice.svelte';
	import StrainCurve from './StrainCurve.svelte';
	import { useEnglish } from '$lib/words/english';
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
	const swatch = $derived(save.value);
	const unit = $derived(style.units);
	const oneDecimal = (n: number): string => n.toFixed(1).replace('.0', '');
	const said = (cm: number): string => reckonedLength(cm, unit);

	/** Only what rows are made of is worked again; a gauge changes nothing there. */
	const rowsKey = $derived(JSON.stringify({ ...swatch, size: undefined, title: undefined }));
	const checked = $derived.by(() => {
		void rowsKey;
		return untrack(() => (first.swatch === save.value ? first : check(save.value, style.glossary)));
	});
	const { worked } = $derived(checked);
	const missed = $derived(notCounted(worked));
	const assumed = $derived(assumedOf(worked));
	const wrong = $derived(checked.problems.filter((p) => p.weight === 'error').length);

	const told = $derived<SwatchSizeTold>(swatch.size ?? {});
	let look = $state<FabricState>('off');
	let side = $state<'RS' | 'WS'>('RS');
	const fabric = new FabricSeen(() => ({ rows: checked, told, yarns, look, side }));
	const { material, gauge, pulled, how, layer, size } = $derived(fabric);
	const { gauge: measured, fibre, metresIn100g, ballGrams, sizes: ratios } = $derived(material);
	const ratio = $derived(ratioOf(measured.state, look, ratios));
	function tell(more: Partial<SwatchSizeTold>, place?: string): void {
		// What is left empty is assumed again.
		save.change({ ...save.value, size: withoutEmpty({ ...told, ...more }) }, place);
	}
	const number = (event: Event): number | undefined => {
		const { valueAsNumber } = event.currentTarget as HTMLInputElement;
		return Number.isFinite(valueAsNumber) ? valueAsNumber : undefined;
	};
	const gaugeWith = (more: Partial<Gauge>): void => tell({ gauge: { ...measured, ...more } }, 'gauge');

	const hasLayers = $derived(craftOf(worked.craft).inSwatch.seen !== undefined);
	let marked = $state(true);
	/** Cords of which the same is to be said. */
	const groups = $derived(alike(size?.together ?? []));

	const drying = $derived(ratioOf(look, 'dry', ratios));

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

	let wide = $state<number>();
	// What the rows say themselves, until something else is asked.
	const toldLong = untrack(() => lengthToldIn(checked));
	let long = $state(toldLong === undefined ? undefined : untrack(() => Math.round(fromCm(toldLong, unit) * 10) / 10));
	const asksWidth = $derived(wide !== undefined && wide > 0 && how.pinned === undefined);
	const multiple = $derived(asksWidth ? multipleOf(checked, style.glossary) : undefined);
	/** The same rows on one multiple more, let lie as well: what it adds. */
	const wider = $derived.by(() => {
		if (multiple === undefined) return undefined;
		const more = check({ ...checked.swatch, castOn: checked.swatch.castOn + multiple }, style.glossary);
		const seen = seenFrom(more.worked, side, more.cords);
		return {
			...seen,
			lies: relax(loopsThatLie(seen.worked, seen.cords), relaxedBy(how.pull === undefined ? {} : { pull: how.pull })),
		};
	});
	const widths = $derived(
		asksWidth && wide !== undefined && size && wider && multiple !== undefined
			? castOnFor(size, swatchSize(wider.worked, wider.cords, wider.lies, gauge), {
					castOn: swatch.castOn,
					multiple,
					gauge,
					widthCm: toCm(wide, unit),
				})
			: undefined,
	);
	const lengths = $derived(long !== undefined && long > 0 ? repeatsFor(checked, gauge, toCm(long, unit)) : undefined);

	/** For one, with tails and a tenth to spare. */
	const needed = $derived.by(() => {
		if (!size) return undefined;
		return yarnNeeded(worked, material, {
			widthCm: size.widthCm,
			seamCm: seam === 'ends' ? size.widthCm : seam === 'sides' ? size.lengthCm : 0,
		});
	});
	let people = $state(8);
	/** How it is closed: its ends into a ring, its sides into a tube, or not. */
	let seam = $state<'none' | 'ends' | 'sides'>('none');
	const grams = $derived(needed?.grams);
	const balls = $derived(
		grams !== undefined && ballGrams ? ballsFor(grams, ballGrams, Math.max(1, people || 1)) : undefined,
	);
	const needle = $derived(size && told.needleCm ? aboutNeedle(size.widthCm, told.needleCm) : undefined);
	/** Whether cords meet where the ends are seamed: all rows once, the repeats that there are. */
	const meet = $derived.by(() => {
		if (seam !== 'ends' || worked.rows.length === 0) return undefined;
		const strands = strandsOf(worked, 0, worked.rows.length - 1);
		return strands && { home: strands.after.every((s, i) => s === i + 1), loops: loopsWhenSeamed(strands, 1) };
	});
	let curves = $state(false);
	const STEPS = [2, 4, 6, 8, 10, 12];
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
					<select class="field py-0" bind:value={side}>
						<option value="RS">{style.sides.right}</option><option value="WS">{style.sides.wrong}</option>
					</select></label
				>
				<StateChoice bind:look />
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
							placeholder={size ? oneDecimal(fromCm(size.widthCm, unit)) : ''}
							value={told.pinnedCm === undefined ? undefined : Math.round(fromCm(told.pinnedCm, unit) * 10) / 10}
							oninput={(e) => {
								const value = number(e);
								tell({ pinnedCm: value === undefined ? undefined : toCm(value, unit) }, 'pinned');
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
				<table class="mt-4 w-full text-[0.94rem]">
					<caption class="lead text-left">Strands: what they take up, and how tight they are</caption>
					<thead>
						<tr class="quiet text-right text-sm">
							<th class="text-left font-normal" scope="col">Strand</th>
							<th class="font-normal" scope="col">crossed</th>
							<th class="font-normal" scope="col">takes up</th>
							<th class="font-normal" scope="col">to knit</th>
						</tr>
					</thead>
					<tbody>
						{#each groups as one, nth (nth)}
							<tr class="border-base-300 border-t text-right">
								<th class="py-0.5 text-left" scope="row">{one.letters}</th>
								<td>{crossedSaid(one)}</td>
								<td>
									{one.takeUp === undefined
										? 'no background beside it'
										: measured.of === 'pattern'
											? say('in the tension')
											: `${Math.max(0, Math.round((1 - one.takeUp) * 100))} %`}
								</td>
								<td class={isTight(one.verdict) ? 'text-warning font-bold' : 'font-semibold'}>{strainSaid(one)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="mt-2 text-[0.94rem]">
					For a tight, an average and a loose knitter:
					{#each groups as one, i (i)}{i > 0 ? '; ' : ''}<strong>{one.letters}</strong>
						{#each TENSIONS_OF_HAND as tension, k (k)}{k > 0 ? ', ' : ''}{strainVerdict(
								strainOf({
									travel: one.travel,
									rows: one.since,
									gauge,
									...(fibre ? { fibre } : {}),
									tension,
								}),
							)}{/each}{/each}.
				</p>
				<p class="mt-2 text-[0.94rem]">
					<a class="wordlink" href="/swatches/{opened.id}/beside">Lay another swatch beside it</a>
				</p>
				<details class="mt-3 text-[0.94rem]" bind:open={curves}>
					<summary class="wordlink w-fit list-none">Details: tight or loose, by rows between crossings</summary>
					{#if curves}
						<StrainCurve
							together={size.together}
							{gauge}
							{pulled}
							{light}
							colours={layer.cords.cords.map((c) => c.colour)}
						/>
						<p class="quiet">
							Strain is how far the crossed stitches are pulled. A large point shows this pattern. As numbers:
						</p>
					{/if}
					<div
						class="relative mt-2 overflow-x-auto"
						role="region"
						aria-label="Strain by rows between crossings"
						tabindex="-1"
					>
						<table class="min-w-full text-right">
							<thead>
								<tr
									><th class="text-left font-normal" scope="col">Rows between</th>{#each STEPS as rows, nth (nth)}<th
											class="px-2 font-normal"
											scope="col">{rows}</th
										>{/each}<th class="pl-3 text-left font-normal" scope="col">snug from</th></tr
								>
							</thead>
							<tbody>
								{#each groups as one, nth (nth)}
									{@const snug = rowsUntil('snug', { travel: one.travel, gauge, ...pulled })}
									<tr class="border-base-300 border-t">
										<th class="text-left" scope="row">{one.letters}</th>
										{#each STEPS as rows, nth (nth)}
											{@const strain = strainOf({ travel: one.travel, rows, gauge, ...pulled })}
											<td class="px-2" title={strainVerdict(strain)}
												>{strain.toFixed(2)}<span class="quiet block text-xs">{strainVerdict(strain)}</span></td
											>
										{/each}
										<td class="pl-3 text-left">{snug === undefined ? 'never, in this yarn' : `${snug} rows`}</td>
									</tr>
								{/each}
							</tbody>
						</table>
					</div>
				</details>
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

			<fieldset class="text-[0.94rem]">
				<legend class="lead">{say('My tension')}, in 10 cm</legend>
				<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
					<label
						><input
							class="field w-16 py-0"
							type="number"
							step="0.5"
							min="3"
							max="80"
							placeholder={oneDecimal(measured.stitches)}
							value={told.gauge?.stitches}
							oninput={(e) => gaugeWith({ stitches: number(e) ?? ASSUMED_GAUGE.stitches })}
							aria-label="Stitches in 10 cm"
						/> stitches</label
					>
					<label
						><input
							class="field w-16 py-0"
							type="number"
							step="0.5"
							min="3"
							max="80"
							placeholder={oneDecimal(measured.rows)}
							value={told.gauge?.rows}
							oninput={(e) => gaugeWith({ rows: number(e) ?? ASSUMED_GAUGE.rows })}
							aria-label="Rows in 10 cm"
						/> rows</label
					>
					<label
						><span class="sr-only">Of which fabric</span>
						<select
							class="field py-0"
							value={measured.of}
							onchange={(e) => gaugeWith({ of: e.currentTarget.value === 'pattern' ? 'pattern' : 'plain' })}
						>
							<option value="plain">of plain knitting</option><option value="pattern">of this very pattern</option>
						</select></label
					>
					<label
						><span class="sr-only">Measured in which state</span>
						<select
							class="field py-0"
							value={measured.state}
							onchange={(e) => gaugeWith({ state: FABRIC_STATES.find((s) => s === e.currentTarget.value) ?? 'off' })}
						>
							{#each FABRIC_STATES as where, nth (nth)}<option value={where}>{STATE_WORDS[where]}</option>{/each}
						</select></label
					>
				</div>
				<Fold id="size-yarn" title="Yarn and hands" class="mt-2">
					<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
						<label
							>Yarn <select
								class="field py-0"
								value={told.yarn ?? ''}
								aria-label="From My yarns"
								onchange={(e) => {
									const id = e.currentTarget.value || undefined;
									// What the yarn says itself takes the place of what was typed before.
									tell(
										id
											? { yarn: id, gauge: undefined, fibre: undefined, metresIn100g: undefined, ballGrams: undefined }
											: { yarn: undefined },
									);
								}}
							>
								<option value="">any</option>
								{#each yarns as { id, name } (id)}<option value={id}>{name}</option>{/each}
							</select></label
						>
						<label
							>of <select
								class="field py-0"
								value={fibre ?? 'wool'}
								onchange={(e) => tell({ fibre: FIBRES.find((f) => f === e.currentTarget.value) })}
							>
								{#each FIBRES as fibre, nth (nth)}<option value={fibre}>{fibre}</option>{/each}
							</select></label
						>
						<label
							>knitted <select
								class="field py-0"
								value={told.tension ?? 'usual'}
								onchange={(e) => tell({ tension: TENSIONS_OF_HAND.find((t) => t === e.currentTarget.value) })}
							>
								{#each TENSIONS_OF_HAND as tension, nth (nth)}<option value={tension}>{tension}</option>{/each}
							</select></label
						>
					</div>
					<p class="mt-1">
						<a class="wordlink" href="/yarns">{yarns.length === 0 ? 'Add my yarns' : 'My yarns'}</a>
						{#if told.gauge && materialOf({ yarn: told.yarn }, yarns).from === 'squares'}
							· <button type="button" class="wordlink" onclick={() => tell({ gauge: undefined })}
								>Use its squares</button
							>
						{/if}
					</p>
				</Fold>
			</fieldset>

			{#if size && size.together.length > 0 && measured.of === 'plain'}
				<Fold id="size-measured" title="Measure a finished piece" class="text-[0.94rem]">
					<MeasuredAcross
						across={told.across}
						{material}
						piece={{ id: opened.id, title: swatch.title }}
						rows={layer}
						gauge={(state) => gaugeIn(measured, state, ratios)}
						{unit}
						tell={(across) => tell({ across })}
					/>
				</Fold>
			{/if}

			<section aria-labelledby="{uid}-wish">
				<h2 id="{uid}-wish" class="lead font-sans">Target size</h2>
				<div class="flex flex-wrap gap-x-6">
					<label
						><input
							class="field w-20 py-0"
							type="number"
							min="1"
							step="0.5"
							bind:value={wide}
							aria-label="Wide, in {unit}"
						/>
						{unit} wide</label
					>
					<label
						><input
							class="field w-20 py-0"
							type="number"
							min="1"
							step="0.5"
							bind:value={long}
							aria-label="Long, in {unit}"
						/>
						{unit} long</label
					>
				</div>
				<div class="mt-1 text-[0.94rem]" aria-live="polite" data-testid="wishes">
					{#if wide}
						{#if widths}
							<ul>
								{#each [...new Map([widths.below, widths.above].map((w) => [w.castOn, w])).values()] as one, nth (nth)}
									<li class="border-base-300 flex items-baseline gap-x-3 border-t py-1">
										<strong class="grow">Cast on {one.castOn}</strong>
										{said(one.widthCm)}
										{#if one.repeats === widths.nearer}<strong>nearer</strong>{/if}
										{#if one.castOn === swatch.castOn}<span class="quiet">as it is</span>
										{:else}<button
												type="button"
												class="wordlink"
												aria-label="Use it: cast on {one.castOn}"
												onclick={() => save.change({ ...swatch, castOn: one.castOn })}>use it</button
											>{/if}
									</li>
								{/each}
							</ul>
							<p class="quiet">
								The pattern repeats over {multiple}
								{multiple === 1 ? 'stitch' : 'stitches'}.
							</p>
						{:else if how.pinned !== undefined}
							<p>Pinned out, it is as wide as you pin it. Choose another state to get a cast-on.</p>
						{:else if size}
							<p>
								These rows fit {swatch.castOn} stitches only. Add “*…; rep from *” to work them on more.
							</p>
						{/if}
					{/if}
					{#if long}
						{#if lengths}
							{@const { neighbours } = lengths}
							<ul>
								{#each [...new Map([neighbours.below, neighbours.above].map( (l) => [l.repeats, l] )).values()] as one, nth (nth)}
									<li class="border-base-300 flex items-baseline gap-x-3 border-t py-1">
										<strong class="grow"
											>{one.repeats} {one.repeats === 1 ? 'repeat' : 'repeats'} of {lengths.repeatRows} rows</strong
										>
										{said(one.lengthCm)}
										{#if one.repeats === neighbours.nearer}<strong>nearer</strong>{/if}
										{#if one.repeats > 0}<button
												type="button"
												class="wordlink"
												aria-label="Use it: {one.repeats} repeats"
												onclick={() => save.change({ ...swatch, text: lengths.textWith(one.repeats) })}>use it</button
											>{/if}
									</li>
								{/each}
							</ul>
						{:else}
							<p>
								The pattern doesn’t say which rows repeat. Add a line such as “Rep rows 5-12 3 times” to get repeats for
								a length.
							</p>
						{/if}
					{/if}
					{#if (wide || long) && look !== 'dry' && measured.state !== 'pinned'}
						<p class="quiet mt-1">
							{#if wide}To be {said(toCm(wide, unit))} wide {STATE_WORDS[look]}, it dries to about {said(
									toCm(wide, unit) * drying.across,
								)}{drying.squares === 0 ? ' (assumed)' : ''}.{/if}
						</p>
					{/if}
				</div>
			</section>

			{#if swatch.shape === 'round'}
				<section aria-labelledby="{uid}-needle">
					<h2 id="{uid}-needle" class="lead font-sans">About the needle</h2>
					<label
						>Circular needle of <input
							class="field w-20 py-0"
							type="number"
							min="10"
							max="200"
							step="5"
							value={told.needleCm === undefined ? undefined : Math.round(fromCm(told.needleCm, unit) * 10) / 10}
							oninput={(e) => {
								const value = number(e);
								tell({ needleCm: value === undefined ? undefined : toCm(value, unit) }, 'needle');
							}}
							aria-label="Length of the circular needle, in {unit}"
						/>
						{unit}</label
					>
					{#if needle}
						<p role="status" class={needle.fits ? '' : 'text-warning font-semibold'}>
							{needle.fits
								? `It goes about it, with ${said(needle.spareCm)} to spare.`
								: `As pulled in it is ${needle.spareCm < 0 ? `${said(-needle.spareCm)} shorter than the needle` : `only ${said(needle.spareCm)} longer`}; ${said(SPARE_CM)} to spare are wanted. Take double-pointed needles, a shorter one, or a long loop.`}
						</p>
					{/if}
				</section>
			{/if}

			<section aria-labelledby="{uid}-yarn" data-testid="yarn">
				<h2 id="{uid}-yarn" class="lead font-sans">Yarn</h2>
				{#if needed}
					<p>
						<strong>{Math.ceil(needed.metres)} m</strong> for one, with tails and 10 % extra{#if grams !== undefined}:
							{Math.ceil(grams)} g{/if}.
						{#if balls}
							{balls.forEach === 1 ? 'One ball' : `${balls.forEach} balls`} each, {balls.ownForAll} for {people}; wound
							off for the class, {balls.woundForAll}.
						{/if}
					</p>
				{/if}
				<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[0.94rem]">
					<label
						><input
							class="field w-20 py-0"
							type="number"
							min="20"
							max="3000"
							value={metresIn100g}
							oninput={(e) => tell({ metresIn100g: number(e) }, 'metres')}
							aria-label={say('Metres in 100 grams')}
						/> m in 100 g</label
					>
					<label
						><input
							class="field w-16 py-0"
							type="number"
							min="5"
							max="1000"
							value={ballGrams}
							oninput={(e) => tell({ ballGrams: number(e) }, 'ball')}
							aria-label="Grams of a ball"
						/> g a ball</label
					>
					<label
						>for <input
							class="field w-16 py-0"
							type="number"
							min="1"
							max="200"
							bind:value={people}
							aria-label="People"
						/> people</label
					>
				</div>
				<p class="quiet mt-1 text-[0.94rem]">
					{say('Estimated from plain stocking stitch. Crossings take a little more.')}
				</p>
			</section>

			<section aria-labelledby="{uid}-seam">
				<h2 id="{uid}-seam" class="lead font-sans">Seam</h2>
				<select class="field py-0" bind:value={seam} aria-label="How it is closed">
					<option value="none">none</option>
					<option value="ends">end to end, into a ring</option>
					{#if swatch.shape === 'flat'}<option value="sides">side to side, into a tube</option>{/if}
				</select>
				{#if seam === 'ends' && size && meet}
					<p class="mt-1 text-[0.94rem]" role="status">
						{size.stitches} pairs, column to column: every stitch for the first and last 4, every other between. A tail of
						{said(YARN_FACTORS.seam * size.widthCm)}.
						{meet.home
							? 'All strands meet.'
							: 'Not every stitch comes back to its own column, so some strands do not meet. One repeat more or fewer may mend that.'}
					</p>
				{:else if seam === 'sides' && size}
					<p class="mt-1 text-[0.94rem]" role="status">
						{size.rows} pairs, row to row: every row for the first and last 4, every other between. Each row meets itself,
						so crossing rows meet where no row is skipped; count from the cast-on. A tail of
						{said(YARN_FACTORS.seam * size.lengthCm)}.
					</p>
				{/if}
			</section>
		</div>
	</div>
{/if}
