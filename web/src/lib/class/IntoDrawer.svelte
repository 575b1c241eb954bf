<script lang="ts">
	import type { ClassSquare } from '@pond-loop/core/class';
	import { GAUGE_OF, GAUGE_OF_WORDS, type GaugeOf } from '@pond-loop/core/fabric';
	import { troubleOf } from '$lib/save/send';
	import { putSquares } from './class-requests';

	interface Props {
		/** The class that knitted them. */
		id: string;
		squares: readonly ClassSquare[];
		yarns: readonly { readonly id: string; readonly name: string }[];
	}
	const { id, squares, yarns }: Props = $props();

	// svelte-ignore state_referenced_locally
	let yarn = $state(yarns[0]?.id ?? '');
	const COUNTED = ['stitches', 'rows'] as const;
	let counted = $state<Record<(typeof COUNTED)[number], number | null>>({ stitches: 20, rows: 28 });
	let of = $state<GaugeOf>('plain');
	let busy = $state(false);
	let told = $state<string>();
	let trouble = $state<string>();

	async function onsubmit(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		busy = true;
		const answer = await putSquares(id, { yarn, of, ...counted });
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		const { taken, left } = answer.value;
		const rest = left > 0 ? ` ${left === 1 ? 'An earlier one' : `${left} earlier ones`} did not fit.` : '';
		told = `${taken === 1 ? 'One square is' : `${taken} squares are`} with ${yarns.find((y) => y.id === yarn)?.name}.${rest}`;
	}
</script>

{#if yarns.length > 0}
	<form class="mt-3 text-[0.94rem]" {onsubmit} aria-label="Put the squares into My yarns" data-testid="into-drawer">
		<p>
			{squares.length === 1 ? 'The square' : `All ${squares.length} squares`} of
			<select class="field max-w-full py-0" bind:value={yarn} aria-label="Yarn of the squares">
				{#each yarns as y (y.id)}<option value={y.id}>{y.name}</option>{/each}
			</select>, with
			{#each COUNTED as what, i (i)}{i > 0 ? ' and ' : ''}<input
					class="field w-16 py-0"
					type="number"
					min="1"
					max="400"
					required
					bind:value={counted[what]}
					aria-label="{what === 'stitches' ? 'Stitches' : 'Rows'} in a square"
				/>
				{what}{/each} of
			<select class="field py-0" bind:value={of} aria-label="What the squares are of">
				{#each GAUGE_OF as one, nth (nth)}<option value={one}>{GAUGE_OF_WORDS[one]}</option>{/each}
			</select>
		</p>
		<p class="mt-2 flex flex-wrap items-baseline gap-x-4">
			<button class="pill pill-soft" disabled={busy}>{busy ? 'Putting …' : 'Put them into My yarns'}</button>
			<span class="quiet">Swatches in that yarn use them.</span>
		</p>
		{#if told}<p class="mt-1" role="status">{told} <a class="wordlink" href="/yarns">My yarns</a></p>{/if}
		{#if trouble}<p class="text-error mt-1 font-semibold" role="alert">{trouble}</p>{/if}
	</form>
{:else}
	<p class="quiet mt-3 text-[0.94rem]">
		To use them in swatches, add them to a yarn: <a class="wordlink" href="/yarns">put that into My yarns</a>
	</p>
{/if}
