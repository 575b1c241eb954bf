<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import {
		FABRIC_STATES,
		type FabricState,
		FIBRES,
		gaugeFrom,
		GAUGE_OF,
		GAUGE_OF_WORDS,
		ratioOf,
		type Size,
		STATE_WORDS,
	} from '@pond-loop/core/fabric';
	import { fromCm, toCm } from '@pond-loop/core/measure';
	import type { Yarn, YarnPiece, YarnSquare } from '@pond-loop/core/schema';
	import { pullSaid } from '@pond-loop/core/swatch';
	import plusIcon from 'lucide-static/icons/plus.svg?raw';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import TwoVersions from '$lib/save/TwoVersions.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import { saveWithPage } from '$lib/save/page';
	import { keepStyle, type OpenedStyle } from '$lib/style/keep';
	import { today, weekdayOf } from '$lib/ui/dates';
	import { withoutEmpty } from '$lib/ui/without-empty';
	import { Interactive } from '$lib/ui/interactive.svelte';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		owner: string;
		opened: OpenedStyle;
	}
	const { owner, opened }: Props = $props();
	// svelte-ignore state_referenced_locally
	const save = keepStyle(owner, opened);
	saveWithPage(save);
	const interactive = new Interactive();
	const yarns = $derived(save.value.yarns);
	const unit = $derived(save.value.units);

	const put = (next: readonly Yarn[], place?: string): void => save.change({ ...save.value, yarns: [...next] }, place);
	function change(id: string, more: Partial<Yarn>, place?: string): void {
		put(
			yarns.map((y) => {
				if (y.id !== id) return y;
				return withoutEmpty<Yarn>({ ...y, ...more });
			}),
			place,
		);
	}
	const square = (yarn: Yarn, id: string, more: Partial<YarnSquare>, place?: string): void =>
		change(
			yarn.id,
			{
				squares: yarn.squares.map((s) => {
					if (s.id !== id) return s;
					const { aside, ...rest } = { ...s, ...more };
					return aside ? { ...rest, aside } : rest;
				}),
			},
			place,
		);
	function setAside(yarn: Yarn, { id }: YarnPiece): void {
		const pieces = (yarn.pieces ?? []).map((p): YarnPiece => {
			if (p.id !== id) return p;
			const { aside, ...rest } = p;
			return aside ? rest : { ...rest, aside: true };
		});
		change(yarn.id, { pieces });
	}
	function add(): void {
		put([...yarns, { id: crypto.randomUUID(), name: `Yarn ${yarns.length + 1}`, fibre: 'wool', squares: [] }]);
	}
	function addSquare(yarn: Yarn): void {
		const on = today();
		change(yarn.id, {
			squares: [...yarn.squares, { id: crypto.randomUUID(), on, of: 'plain', stitches: 20, rows: 28, sizes: {} }],
		});
	}
	const number = (event: Event): number | undefined => {
		const { valueAsNumber } = event.currentTarget as HTMLInputElement;
		return Number.isFinite(valueAsNumber) ? valueAsNumber : undefined;
	};
	/** Sides that were typed without their other side: it takes both before a measure counts. */
	let halves = $state.raw<Readonly<Record<string, Partial<Size>>>>({});
	const sideOf = (s: YarnSquare, state: FabricState, side: keyof Size): number | undefined =>
		s.sizes[state]?.[side] ?? halves[`${s.id} ${state}`]?.[side];
	function measure(yarn: Yarn, s: YarnSquare, state: FabricState, side: keyof Size, value: number | undefined): void {
		const key = `${s.id} ${state}`;
		const { [state]: before, ...others } = s.sizes;
		const { [side]: _, ...rest } = { ...halves[key], ...before };
		const told: Partial<Size> = value === undefined ? rest : { ...rest, [side]: toCm(value, unit) };
		const { widthCm, lengthCm } = told;
		const isWhole = widthCm !== undefined && lengthCm !== undefined;
		halves = { ...halves, [key]: isWhole ? {} : told };
		if (isWhole) square(yarn, s.id, { sizes: { ...others, [state]: { widthCm, lengthCm } } }, key);
		else if (before) square(yarn, s.id, { sizes: others }, key);
	}
	const shown = (cm: number | undefined): number | undefined =>
		cm === undefined ? undefined : Math.round(fromCm(cm, unit) * 10) / 10;
	const one = (n: number): string => n.toFixed(1).replace('.0', '');
	const range = ([a, b]: readonly [number, number]): string => (one(a) === one(b) ? one(a) : `${one(a)} to ${one(b)}`);
</script>

<svelte:head><title>My yarns · Pond Loop</title></svelte:head>

<div inert={!interactive.now}>
	<div class="flex flex-wrap items-center gap-x-5">
		<h1 class="grow text-4xl">My yarns</h1>
		<SaveNote {save} />
		<UndoRedo {save} />
	</div>
	<p class="quiet mt-1 max-w-[44rem]">
		Yarns of your class, and the squares that you knitted and measured. A swatch that is made of one reckons with them;
		what was not measured stays assumed. Ask about fibre allergies before yarn is handed round.
	</p>
	{#if save.state.kind === 'stale'}
		<TwoVersions
			what="My yarns"
			mine={{ lines: yarns.map((y) => `${y.name}, ${y.squares.length} squares`) }}
			theirs={{ lines: save.state.theirs.value.yarns.map((y) => `${y.name}, ${y.squares.length} squares`) }}
			keepMine={() => save.keepMine()}
			takeTheirs={() => save.takeTheirs()}
		/>
	{/if}
	{#if yarns.length === 0}
		<p class="border-base-300 mt-5 border-y py-8">
			No yarns yet. Put a yarn in: its name, what it is of and how long 100 g are; then knit a square and measure it off
			the needles, washed and pinned, and dry.
		</p>
	{/if}
	{#each yarns as yarn (yarn.id)}
		{@const plain = gaugeFrom(yarn.squares, 'plain')}
		{@const dries = ratioOf(
			'off',
			'dry',
			yarn.squares.filter((s) => !s.aside).map((s) => s.sizes),
		)}
		<section class="border-base-300 mt-5 border-t pt-4" aria-label={yarn.name} data-testid="yarn">
			<div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
				<input
					class="field min-w-0 basis-56 font-serif text-xl font-semibold"
					value={yarn.name}
					maxlength="60"
					dir="auto"
					aria-label="Name of the yarn"
					oninput={(e) => change(yarn.id, { name: e.currentTarget.value }, `${yarn.id} name`)}
				/>
				<label
					><span class="sr-only">What it is of</span>
					<select
						class="field py-0"
						value={yarn.fibre}
						onchange={(e) => change(yarn.id, { fibre: FIBRES.find((f) => f === e.currentTarget.value) ?? 'wool' })}
					>
						{#each FIBRES as fibre, nth (nth)}<option value={fibre}>{fibre}</option>{/each}
					</select></label
				>
				<label
					><input
						class="field w-20 py-0"
						type="number"
						min="20"
						max="3000"
						value={yarn.metresIn100g}
						aria-label={say('Metres in 100 grams')}
						oninput={(e) => change(yarn.id, { metresIn100g: number(e) }, `${yarn.id} metres`)}
					/> m in 100 g</label
				>
				<label
					><input
						class="field w-14 py-0"
						type="number"
						min="5"
						max="1000"
						value={yarn.ballGrams}
						aria-label="Grams of a ball"
						oninput={(e) => change(yarn.id, { ballGrams: number(e) }, `${yarn.id} ball`)}
					/> g a ball</label
				>
				<button
					type="button"
					class="wordlink ml-auto"
					aria-label="Take it out: {yarn.name}"
					onclick={() => put(yarns.filter((y) => y.id !== yarn.id))}>Take it out</button
				>
			</div>
			<p class="mt-1 text-[0.94rem]" data-testid="says">
				{#if plain}
					<strong>{one(plain.gauge.stitches)} stitches, {one(plain.gauge.rows)} rows in 10 cm</strong>,
					{STATE_WORDS[plain.gauge.state]}, from {plain.squares === 1
						? 'one square'
						: `${plain.squares} squares`}{plain.squares > 1
						? `: ${range(plain.spread.stitches)} stitches, ${range(plain.spread.rows)} rows`
						: ''}.
					{#if dries.squares > 0}
						Off the needles to dry it becomes {Math.round(dries.across * 100)} % across, {Math.round(dries.along * 100)} %
						along.
					{/if}
					{#if plain.contradict}
						<span class="text-warning font-semibold">These squares differ a lot. Set one aside, or measure again.</span>
					{/if}
				{:else}<span class="quiet">{say('No tension square yet: its tension is assumed.')}</span>{/if}
			</p>
			{#if yarn.squares.length > 0}
				<div class="relative mt-2 overflow-x-auto" role="region" aria-label="Squares of {yarn.name}" tabindex="-1">
					<table class="text-[0.94rem]">
						<thead>
							<tr class="quiet text-left text-sm">
								<th class="pr-3 font-normal" scope="col">Measured on</th>
								<th class="pr-3 font-normal" scope="col">of</th>
								<th class="pr-3 font-normal" scope="col">stitches, rows in it</th>
								{#each FABRIC_STATES as where, nth (nth)}<th class="pr-3 font-normal" scope="col"
										>{STATE_WORDS[where]}, {unit}</th
									>{/each}
								<th scope="col"><span class="sr-only">What to do with it</span></th>
							</tr>
						</thead>
						<tbody>
							{#each yarn.squares as s (s.id)}
								<tr class="border-base-300 border-t">
									<td class="pr-3"
										><input
											class="field py-0"
											type="date"
											value={s.on}
											aria-label="Measured on"
											onchange={(e) => e.currentTarget.value && square(yarn, s.id, { on: e.currentTarget.value })}
										/></td
									>
									<td class="pr-3"
										><select
											class="field py-0"
											value={s.of}
											aria-label="Of which fabric"
											onchange={(e) =>
												square(yarn, s.id, { of: GAUGE_OF.find((g) => g === e.currentTarget.value) ?? 'plain' })}
										>
											{#each GAUGE_OF as of, nth (nth)}<option value={of}>{GAUGE_OF_WORDS[of]}</option>{/each}
										</select></td
									>
									<td class="pr-3 whitespace-nowrap">
										<input
											class="field w-14 py-0"
											type="number"
											min="1"
											max="400"
											value={s.stitches}
											aria-label="Stitches in the square"
											oninput={(e) => square(yarn, s.id, { stitches: number(e) ?? s.stitches }, `${s.id} st`)}
										/>
										×
										<input
											class="field w-14 py-0"
											type="number"
											min="1"
											max="400"
											value={s.rows}
											aria-label="Rows in the square"
											oninput={(e) => square(yarn, s.id, { rows: number(e) ?? s.rows }, `${s.id} rows`)}
										/>
									</td>
									{#each FABRIC_STATES as where, nth (nth)}
										<td class="pr-3 whitespace-nowrap">
											<input
												class="field w-14 py-0"
												type="number"
												min="0.5"
												step="0.1"
												value={shown(sideOf(s, where, 'widthCm'))}
												aria-label="Width {STATE_WORDS[where]}, in {unit}"
												onchange={(e) => measure(yarn, s, where, 'widthCm', number(e))}
											/>
											×
											<input
												class="field w-14 py-0"
												type="number"
												min="0.5"
												step="0.1"
												value={shown(sideOf(s, where, 'lengthCm'))}
												aria-label="Length {STATE_WORDS[where]}, in {unit}"
												onchange={(e) => measure(yarn, s, where, 'lengthCm', number(e))}
											/>
										</td>
									{/each}
									<td class="whitespace-nowrap">
										{#if s.aside}<span class="quiet mr-3">set aside</span>{/if}
										<button
											type="button"
											class="wordlink mr-3"
											aria-pressed={s.aside === true}
											onclick={() => square(yarn, s.id, { aside: s.aside ? undefined : true })}
											>{s.aside ? 'Use it' : 'Set aside'}</button
										>
										<button
											type="button"
											class="wordlink"
											onclick={() => change(yarn.id, { squares: yarn.squares.filter((o) => o.id !== s.id) })}
											>Take out</button
										>
									</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			{/if}
			{#if yarn.pieces && yarn.pieces.length > 0}
				<ul class="mt-2 text-[0.94rem]" aria-label="Measured pieces of {yarn.name}">
					{#each yarn.pieces as piece (piece.id)}
						<li class="border-base-300 flex flex-wrap items-baseline gap-x-4 border-t py-1">
							<span class="min-w-0 grow"
								><a class="wordlink" href="/swatches/{piece.id}/size" dir="auto">{piece.title}</a>, {shown(
									piece.widthCm,
								)}
								{unit} wide {STATE_WORDS[piece.state]}, {weekdayOf(piece.on)}: its loops pull {pullSaid(
									piece.pull,
								)}</span
							>
							{#if piece.aside}<span class="quiet">set aside</span>{/if}
							<button
								type="button"
								class="wordlink"
								aria-pressed={piece.aside === true}
								aria-label="{piece.aside ? 'Use it' : 'Set aside'}: {piece.title}"
								onclick={() => setAside(yarn, piece)}>{piece.aside ? 'Use it' : 'Set aside'}</button
							>
							<button
								type="button"
								class="wordlink"
								aria-label="Take out: {piece.title}"
								onclick={() => change(yarn.id, { pieces: yarn.pieces?.filter((o) => o.id !== piece.id) ?? [] })}
								>Take out</button
							>
						</li>
					{/each}
				</ul>
			{/if}
			<p class="mt-2">
				<button type="button" class="wordlink" onclick={() => addSquare(yarn)}>Add a square</button>
			</p>
		</section>
	{/each}
	<p class="mt-6">
		<button type="button" class="pill pill-strong" onclick={add}><Icon svg={plusIcon} class="size-5" /> Add yarn</button
		>
	</p>
</div>
