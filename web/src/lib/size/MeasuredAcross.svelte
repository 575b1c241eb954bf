<script lang="ts">
	import { cellOf, FABRIC_STATES, type FabricState, type Gauge, STATE_WORDS } from '@pond-loop/core/fabric';
	import { fromCm, type LengthUnit, reckonedLength, toCm } from '@pond-loop/core/measure';
	import type { SwatchSizeTold } from '@pond-loop/core/schema';
	import { type Checked, loopsThatLie, type Material, pullSaid } from '@pond-loop/core/swatch';
	import { untrack } from 'svelte';
	import { troubleOf } from '$lib/save/send';
	import { putPiece } from '$lib/swatch/swatch-requests';
	import { today } from '$lib/ui/dates';
	import { learnPull } from '$lib/workers/lie';

	interface Props {
		across: SwatchSizeTold['across'];
		material: Material;
		/** The swatch whose piece it is. */
		piece: { readonly id: string; readonly title: string };
		rows: Pick<Checked, 'worked' | 'cords'>;
		/** In each state. */
		gauge: (state: FabricState) => Gauge;
		unit: LengthUnit;
		tell: (across: SwatchSizeTold['across']) => void;
	}
	/** How wide a piece of these rows came out teaches how much its cords pull. */
	const { across, material, piece, rows, gauge, unit, tell }: Props = $props();

	let wide = $state(untrack(() => across && Math.round(fromCm(across.widthCm, unit) * 10) / 10));
	let measuredIn = $state<FabricState>(untrack(() => across?.state ?? 'dry'));
	let trouble = $state<string>();
	let learning = $state(false);
	const said = (cm: number): string => reckonedLength(cm, unit);
	/** Where pieces of the same yarn teach as much. */
	const { yarn, learnt } = $derived(material);
	/** What its yarn was given of this very piece since the page was opened. */
	let given = $state<string>();
	const mine = $derived(across && JSON.stringify(across));
	const isGiven = $derived(
		mine !== undefined &&
			(given === mine ||
				yarn?.pieces?.some((p) => p.id === piece.id && p.pull === across?.pull && p.state === across.state) === true),
	);
	async function give(): Promise<void> {
		if (!across || !yarn) return;
		const answer = await putPiece(yarn.id, { id: piece.id, title: piece.title, on: today(), ...across });
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') given = mine;
	}

	async function learn(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (!wide) return;
		const widthCm = toCm(wide, unit);
		const { w } = cellOf(gauge(measuredIn));
		learning = true;
		trouble = undefined;
		try {
			const found = await learnPull({ fabric: loopsThatLie(rows.worked, rows.cords), span: widthCm / w });
			if (found.ok) tell({ widthCm, state: measuredIn, pull: found.pull });
			else
				trouble = `These rows come out between ${said(found.least * w)} and ${said(found.most * w)} ${STATE_WORDS[measuredIn]}, however their cables pull. Is the square of this yarn and hand, and was the whole width measured?`;
		} catch {
			trouble = 'Something went wrong. Reload the page.';
		} finally {
			learning = false;
		}
	}
</script>

<form class="text-[0.94rem]" onsubmit={learn} data-testid="measured-across">
	<h2 class="lead font-sans">A finished piece of this pattern, measured</h2>
	<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
		<label
			><input
				class="field w-20 py-0"
				type="number"
				min="1"
				step="0.1"
				required
				bind:value={wide}
				aria-label="Measured across, in {unit}"
			/>
			{unit} wide</label
		>
		<label
			><span class="sr-only">In which state</span>
			<select class="field py-0" bind:value={measuredIn}>
				{#each FABRIC_STATES as where, nth (nth)}<option value={where}>{STATE_WORDS[where]}</option>{/each}
			</select></label
		>
		<button class="pill pill-soft" disabled={learning}>Use this measurement</button>
	</div>
	<p class="mt-1" role="status">
		{#if trouble}<span class="text-warning font-semibold">{trouble}</span>
		{:else if across}
			It came out {said(across.widthCm)} wide {STATE_WORDS[across.state]}: its loops pull {pullSaid(across.pull)}, and
			so it is estimated here.
			<button type="button" class="wordlink" onclick={() => tell(undefined)}>Forget it</button>
			{#if yarn && isGiven}· All of {yarn.name} is estimated with it.
			{:else if yarn}· <button type="button" class="wordlink" onclick={give}>Reckon all of {yarn.name} with it</button
				>{/if}
		{:else if yarn && learnt}
			By {learnt.pieces === 1 ? 'a measured piece' : `${learnt.pieces} measured pieces`} of {yarn.name} its loops pull
			{pullSaid(learnt.pull)}{learnt.spread && learnt.pieces > 1
				? ` (${learnt.spread.map((p) => p.toFixed(1)).join(' to ')})`
				: ''}.
		{:else}<span class="quiet">The width is an estimate until you measure a finished piece.</span>{/if}
	</p>
</form>
