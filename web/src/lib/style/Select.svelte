<script lang="ts" generics="T extends string | number">
	import type { StyleOption } from './options';

	interface Props {
		title: string;
		options: readonly StyleOption<T>[];
		value: T;
		choose: (value: T) => void;
	}
	const { title, options, value, choose }: Props = $props();
	const uid = $props.id();
	const at = $derived(options.findIndex((o) => o.value === value));
</script>

<div>
	<label class="lead block" for="{uid}-select">{title}</label>
	<select
		id="{uid}-select"
		class="field"
		value={at}
		onchange={(e) => {
			const chosen = options[e.currentTarget.selectedIndex];
			if (chosen) choose(chosen.value);
		}}
	>
		{#each options as option, i (i)}<option value={i}>{option.label}</option>{/each}
	</select>
</div>
