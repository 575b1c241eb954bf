<script lang="ts">
	import type { Demonstration } from '@pond-loop/core/craft';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { CHOICES } from '$lib/style/options';

	interface Props {
		style: HouseStyle;
		choose: (hands: Pick<HouseStyle, 'demonstrates' | 'yarnHand'>) => void;
	}
	const { style, choose }: Props = $props();
</script>

<label class="flex min-w-0 items-center text-[0.88rem]">
	<span class="sr-only">Hands that show it</span>
	<select
		class="field max-w-32 py-0"
		value={style.demonstrates}
		onchange={(e) => choose({ demonstrates: e.currentTarget.value as Demonstration, yarnHand: style.yarnHand })}
	>
		{#each CHOICES.demonstrates.options(style) as { value, label }, nth (nth)}<option {value}>{label}</option>{/each}
	</select>
</label>
<label class="flex items-center text-[0.88rem]">
	<span class="sr-only">Hand that holds the yarn</span>
	<select
		class="field py-0"
		value={style.yarnHand}
		onchange={(e) =>
			choose({ demonstrates: style.demonstrates, yarnHand: e.currentTarget.value as HouseStyle['yarnHand'] })}
	>
		<option value="right">yarn right</option>
		<option value="left">yarn left</option>
	</select>
</label>
