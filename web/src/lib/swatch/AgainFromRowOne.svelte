<script lang="ts">
	import type { Worked } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { keptHere } from '$lib/ui/kept-here';

	interface Props {
		worked: Worked;
		/** Under which this browser keeps how often the rows were worked. */
		of: string;
		again: () => void;
	}
	const { worked, of, again }: Props = $props();
	const key = $derived(`pond-times-${of}`);
	/** Times that all rows were finished before this one. */
	let before = $state(0);
	onMount(() => {
		before = Number(keptHere.get(key)) || 0;
	});
	const next = $derived(before + 2);
	const ENDINGS: Readonly<Record<string, string>> = { one: 'st', two: 'nd', few: 'rd', other: 'th' };
	const nth = $derived(`${next}${ENDINGS[new Intl.PluralRules('en', { type: 'ordinal' }).select(next)]}`);
	const word = $derived(worked.shape === 'round' ? 'round' : 'row');
</script>

<button
	type="button"
	class="pill pill-soft"
	onclick={() => {
		keptHere.set(key, String(before + 1));
		again();
	}}>Again from {word} 1 ({nth} time)</button
>
