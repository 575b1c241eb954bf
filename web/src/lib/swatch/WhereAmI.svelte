<script lang="ts">
	import { cablesOf, type SwatchShown, whereAmI } from '@pond-loop/core/swatch';

	interface Props {
		shown: Pick<SwatchShown, 'worked' | 'cords' | 'mirrored'>;
		/** Told how many rows are finished. */
		go: (to: number) => void;
	}
	const { shown, go }: Props = $props();
	const { worked, mirrored } = $derived(shown);
	const uid = $props.id();
	const cables = $derived(cablesOf(worked, shown.cords));
	/** Cables that cross in the same rows need not be told apart. */
	const isOneRhythm = $derived(new Set(cables.map(({ rows }) => rows.join())).size < 2);
	let cable = $state('');
	let above = $state<number>();
	const maybe = $derived(
		above === undefined || above === null
			? undefined
			: whereAmI(worked, above, cable === '' ? undefined : cables[Number(cable)]!.rows),
	);
	const MOST = 6;
</script>

<div class="min-w-64">
	<label class="lead block" for="{uid}-above">Lost? Count the rows since the last cable</label>
	<input id="{uid}-above" class="field w-20" type="number" min="0" max={worked.rows.length} bind:value={above} />
	{#if !isOneRhythm}
		<select class="field max-w-full py-0" aria-label="Which cable" bind:value={cable}>
			<option value="">any cable</option>
			{#each cables as { name }, i (i)}
				<option value={String(i)}>cable {i + 1} from the {mirrored ? 'left' : 'right'}: {name}</option>
			{/each}
		</select>
	{/if}
	{#if maybe}
		<span class="text-[0.94rem]" role="status">
			{#if maybe.length === 0}No crossing has that many rows above it.{/if}
			{#each maybe.slice(0, MOST) as at (at)}
				<button type="button" class="wordlink mr-3" onclick={() => go(at + 1)}
					>row {worked.rows[at]!.number} is finished</button
				>
			{/each}
		</span>
	{/if}
</div>
