<script lang="ts" generics="T extends string | number">
	import { useEnglish } from '$lib/words/english';
	import type { StyleOption } from './options';

	const say = useEnglish();

	interface Props {
		title: string;
		options: readonly StyleOption<T>[];
		value: T;
		choose: (value: T) => void;
	}
	const { title, options, value, choose }: Props = $props();
	const uid = $props.id();
	const hint = $derived(options.find((o) => o.value === value)?.hint);
</script>

<fieldset>
	<legend class="lead">{title}</legend>
	<div class="mt-1.5 flex flex-wrap gap-2">
		{#each options as option, nth (nth)}
			<label class="pick">
				<input
					type="radio"
					class="sr-only"
					name="{uid}-pick"
					checked={option.value === value}
					onchange={() => choose(option.value)}
				/>
				{say(option.label)}
			</label>
		{/each}
	</div>
	{#if hint}<p class="quiet mt-1 text-[0.94rem]">{hint}</p>{/if}
</fieldset>

<style>
	.pick {
		border: 2px solid var(--color-base-300);
		border-radius: 2rem;
		cursor: pointer;
		padding: 0.25rem 0.95rem;
	}
	.pick:hover {
		border-color: var(--color-secondary);
	}
	.pick:has(:checked) {
		background: var(--color-secondary);
		border-color: var(--color-secondary);
		color: var(--color-secondary-content);
		font-weight: 600;
	}
	.pick:has(:focus-visible) {
		outline: 3px solid var(--color-accent);
		outline-offset: 2px;
	}
</style>
