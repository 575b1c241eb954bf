<script lang="ts">
	import { CRAFT_IDS, CRAFT_TITLES, type CraftId } from '@pond-loop/core/craft';

	interface Props {
		chosen: CraftId;
		choose: (craft: CraftId) => void;
		/** The page that shows all of them. */
		all: string;
	}
	const { chosen, choose, all }: Props = $props();
	const uid = $props.id();
</script>

<fieldset class="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[0.94rem]">
	<legend class="sr-only">Craft</legend>
	{#each CRAFT_IDS as id (id)}
		<label
			class={[
				'craft cursor-pointer border-b-2 py-0.5 has-focus-visible:outline-2',
				chosen === id ? 'border-accent font-semibold' : 'quiet border-transparent',
			]}
		>
			<input
				type="radio"
				class="sr-only"
				name="{uid}-craft"
				value={id}
				checked={chosen === id}
				onchange={() => choose(id)}
			/>{CRAFT_TITLES[id]}
		</label>
	{/each}
	<a class="wordlink" href={all}>side by side</a>
</fieldset>
