<script lang="ts">
	import type { ComparedSide } from '@pond-loop/core/block';
	import { inWriting } from '$lib/ui/in-writing';
	import type { PageLight } from '$lib/ui/light';
	import Compared from './Compared.svelte';

	interface Props {
		sides: readonly ComparedSide[];
		light: PageLight;
		/** The move at which all sides stand. */
		move: number;
	}
	let { sides, light, move = $bindable() }: Props = $props();
	const last = $derived(Math.max(0, ...sides.map((s) => (s.moves?.frames ?? 1) - 1)));
	const go = (to: number): void => {
		move = Math.max(0, Math.min(last, to));
	};
	const KEYS: Readonly<Record<string, () => void>> = {
		ArrowRight: () => go(move + 1),
		ArrowLeft: () => go(move - 1),
		Home: () => go(0),
		End: () => go(last),
	};
	function onkeydown(event: KeyboardEvent): void {
		const act = KEYS[event.key];
		if (!act || last === 0 || inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		act();
	}
</script>

<svelte:window {onkeydown} />

<div class="flex justify-center" data-testid="played" data-step={move}>
	<Compared {sides} paint={{ light }} width={260} at={move} />
</div>
{#if last > 0}
	<div class="mt-2 flex flex-wrap items-center justify-center gap-3">
		<button type="button" class="pill pill-soft" disabled={move === 0} onclick={() => go(move - 1)}>Move back</button>
		<span aria-live="polite">{move === 0 ? 'Before and after' : `Move ${move} of ${last}`}</span>
		<button type="button" class="pill pill-strong" disabled={move === last} onclick={() => go(move + 1)}
			>Next move</button
		>
	</div>
{/if}
