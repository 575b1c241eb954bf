<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';

	interface Props extends HTMLInputAttributes {
		name: string;
		label: string;
		value: string;
		hint?: string;
		errors?: string[] | undefined;
	}
	let { name, label, value = $bindable(), hint, errors, ...rest }: Props = $props();
	const uid = $props.id();
</script>

<div>
	<label class="lead block" for="{uid}-{name}">{label}</label>
	<input
		id="{uid}-{name}"
		{name}
		class="field w-full"
		dir="auto"
		bind:value
		aria-invalid={errors ? 'true' : undefined}
		aria-describedby={errors || hint ? `${uid}-${name}-more` : undefined}
		{...rest}
	/>
	{#if errors}
		<p id="{uid}-{name}-more" class="text-error mt-1 text-[0.94rem] font-semibold" role="alert">{errors[0]}</p>
	{:else if hint}
		<p id="{uid}-{name}-more" class="quiet mt-1 text-[0.94rem]">{hint}</p>
	{/if}
</div>
