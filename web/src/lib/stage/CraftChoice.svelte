<script lang="ts">
	import { craftId, type CraftId, CRAFTS } from '@pond-loop/core/craft';

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
	{#each CRAFTS as craft (craft.id)}
		<label
			class={[
				'craft cursor-pointer border-b-2 py-0.5 has-focus-visible:outline-2',
				chosen === craft.id ? 'border-accent font-semibold' : 'quiet border-transparent',
			]}
		>
			<input
				type="radio"
				class="sr-only"
				name="{uid}-craft"
				value={craft.id}
				checked={chosen === craft.id}
				onchange={() => choose(craftId(craft))}
			/>{craft.title}
		</label>
	{/each}
	<a class="wordlink" href={all}>side by side</a>
</fieldset>
