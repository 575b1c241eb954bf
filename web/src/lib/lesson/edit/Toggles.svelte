<script lang="ts" generics="T extends string">
	interface Props {
		all: readonly T[];
		chosen: readonly T[];
		label: string;
		name: (one: T) => string;
		hint: (one: T) => string;
		choose: (chosen: T[]) => void;
	}
	const { all, chosen, label, name, hint, choose }: Props = $props();
</script>

<div class="mt-1 flex flex-wrap gap-x-4 text-[0.94rem]" role="group" aria-label={label}>
	{#each all as one, nth (nth)}
		<label class="flex items-center gap-1" title={hint(one)}
			><input
				type="checkbox"
				class="accent-secondary"
				checked={chosen.includes(one)}
				onchange={() =>
					// In their own order, however they are pressed.
					choose(all.filter((x) => (x === one ? !chosen.includes(one) : chosen.includes(x))))}
			/>
			{name(one)}</label
		>
	{/each}
</div>
