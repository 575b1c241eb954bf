<script lang="ts">
	import { FABRIC_STATES, STATE_WORDS, type FabricState } from '@pond-loop/core/fabric';

	interface Props {
		look: FabricState;
	}
	/** In which state a fabric is looked at. */
	let { look = $bindable() }: Props = $props();
	const uid = $props.id();
</script>

<fieldset class="bg-base-200 flex flex-wrap rounded-full p-0.5">
	<legend class="sr-only">In which state</legend>
	{#each FABRIC_STATES as where, nth (nth)}
		<label
			class={[
				'cursor-pointer rounded-full px-3 py-0.5 has-focus-visible:outline-2',
				look === where && 'bg-primary text-primary-content font-semibold',
			]}
			><input type="radio" class="sr-only" name="state-{uid}" value={where} bind:group={look} />{STATE_WORDS[
				where
			]}</label
		>
	{/each}
</fieldset>
