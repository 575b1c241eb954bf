<!-- @component What was measured: gauge, and the yarn and hands that it is of. -->
<script lang="ts">
	import { ASSUMED_GAUGE, FABRIC_STATES, FIBRES, STATE_WORDS, TENSIONS_OF_HAND } from '@pond-loop/core/fabric';
	import { materialOf } from '@pond-loop/core/swatch';
	import Fold from '$lib/ui/Fold.svelte';
	import { useEnglish } from '$lib/words/english';
	import { oneDecimalSaid } from './number-in';
	import NumberField from './NumberField.svelte';
	import type { SizeModel } from './size-model.svelte';

	interface Props {
		model: SizeModel;
	}
	const { model }: Props = $props();
	const say = useEnglish();
	const { told, yarns } = $derived(model);
	const { gauge: measured, fibre } = $derived(model.fabric.material);
</script>

<fieldset class="text-[0.94rem]">
	<legend class="lead">{say('My tension')}, in 10 cm</legend>
	<div class="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
		<NumberField
			step="0.5"
			min="3"
			max="80"
			placeholder={oneDecimalSaid(measured.stitches)}
			value={told.gauge?.stitches}
			tell={(n) => model.gaugeWith({ stitches: n ?? ASSUMED_GAUGE.stitches })}
			aria-label="Stitches in 10 cm"
			after="stitches"
		/>
		<NumberField
			step="0.5"
			min="3"
			max="80"
			placeholder={oneDecimalSaid(measured.rows)}
			value={told.gauge?.rows}
			tell={(n) => model.gaugeWith({ rows: n ?? ASSUMED_GAUGE.rows })}
			aria-label="Rows in 10 cm"
			after="rows"
		/>
		<label
			><span class="sr-only">Of which fabric</span>
			<select
				class="field py-0"
				value={measured.of}
				onchange={(e) => model.gaugeWith({ of: e.currentTarget.value === 'pattern' ? 'pattern' : 'plain' })}
			>
				<option value="plain">of plain knitting</option><option value="pattern">of this very pattern</option>
			</select></label
		>
		<label
			><span class="sr-only">Measured in which state</span>
			<select
				class="field py-0"
				value={measured.state}
				onchange={(e) => model.gaugeWith({ state: FABRIC_STATES.find((s) => s === e.currentTarget.value) ?? 'off' })}
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
						model.tell(
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
					onchange={(e) => model.tell({ fibre: FIBRES.find((f) => f === e.currentTarget.value) })}
				>
					{#each FIBRES as fibre, nth (nth)}<option value={fibre}>{fibre}</option>{/each}
				</select></label
			>
			<label
				>knitted <select
					class="field py-0"
					value={told.tension ?? 'usual'}
					onchange={(e) => model.tell({ tension: TENSIONS_OF_HAND.find((t) => t === e.currentTarget.value) })}
				>
					{#each TENSIONS_OF_HAND as tension, nth (nth)}<option value={tension}>{tension}</option>{/each}
				</select></label
			>
		</div>
		<p class="mt-1">
			<a class="wordlink" href="/yarns">{yarns.length === 0 ? 'Add my yarns' : 'My yarns'}</a>
			{#if told.gauge && materialOf({ yarn: told.yarn }, yarns).from === 'squares'}
				· <button type="button" class="wordlink" onclick={() => model.tell({ gauge: undefined })}
					>Use its squares</button
				>
			{/if}
		</p>
	</Fold>
</fieldset>
