<script lang="ts">
	import { craftOf, PLAIN_CRAFT, type Demonstrated, type Demonstration } from '@pond-loop/core/craft';
	import type { AnyMove } from '@pond-loop/core/handling';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import YourHands from '$lib/hands/YourHands.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		shown: Demonstrated;
		hands: Demonstration;
		style: HouseStyle;
		light: PageLight;
		/** Whether it was judged: then what came out is told. */
		isJudged: boolean;
		/** The moves, each as JSON. */
		answer: (moves: readonly string[]) => void;
	}
	const { shown, hands, style, light, isJudged, answer }: Props = $props();
	let done = $state.raw<readonly AnyMove[]>([]);
</script>

<YourHands
	{shown}
	craft={craftOf(PLAIN_CRAFT)}
	style={{ ...style, demonstrates: hands }}
	{light}
	isAsked={!isJudged}
	bind:done
/>
{#if !isJudged}
	<button
		type="button"
		class="pill pill-strong mt-3 min-h-14 w-full text-lg"
		disabled={done.length === 0}
		onclick={() => answer(done.map((move) => JSON.stringify(move)))}>That is it</button
	>
{/if}
