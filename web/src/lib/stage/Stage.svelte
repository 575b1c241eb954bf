<script lang="ts">
	import { hand } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { drawStage } from '@pond-loop/core/drawing';
	import type { Trace } from '@pond-loop/core/handling';
	import ChevronFirst from '@lucide/svelte/icons/chevron-first';
	import ChevronLast from '@lucide/svelte/icons/chevron-last';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Drawing from '$lib/ui/Drawing.svelte';
	import type { Light } from '$lib/ui/light';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { inWriting } from '$lib/ui/keys';

	interface Props {
		crossing: Crossing;
		trace: Trace;
		light: Light;
		step: number;
	}
	let { crossing, trace, light, step = $bindable() }: Props = $props();

	const last = $derived(trace.steps.length);
	const at = $derived(Math.min(step, last));
	const drawing = $derived(drawStage(crossing, trace, at, { light }));
	const stones = $derived(Array.from({ length: last + 1 }, (_, i) => ({ i, ...hand.words(trace, i) })));
	// Room for the longest caption of this way, so that nothing below jumps from move to move.
	const wordy = $derived(stones.some((s) => s.caption.length > 72));

	const go = (to: number): void => {
		step = Math.max(0, Math.min(last, to));
	};

	const KEYS: Readonly<Record<string, () => number>> = {
		ArrowRight: () => at + 1,
		ArrowLeft: () => at - 1,
		Home: () => 0,
		End: () => last,
	};
	function onkeydown(event: KeyboardEvent): void {
		const to = KEYS[event.key];
		if (!to || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey || inWriting(event.target)) return;
		event.preventDefault();
		go(to());
	}

	let strip = $state<HTMLOListElement>();
	// A long strip scrolls by itself, without moving the page.
	$effect(() => {
		const stone = strip?.children[at];
		if (!strip || !(stone instanceof HTMLElement)) return;
		strip.scrollTo({ left: stone.offsetLeft - strip.clientWidth / 2 + stone.clientWidth / 2 });
	});
</script>

<svelte:window {onkeydown} />

<section aria-label="Stage" class="bg-base-200 overflow-hidden rounded-3xl" data-testid="stage" data-step={at}>
	<Drawing {drawing} />
	<div class="px-4 pt-3 pb-4">
		<p
			class={[
				'text-center font-serif text-[1.22rem] leading-snug font-semibold',
				wordy ? 'min-h-[2lh]' : 'min-h-[2lh] md:min-h-[1lh]',
			]}
			aria-live="polite"
			data-testid="caption"
		>
			{stones[at]?.caption}
		</p>
		<div class="mt-2 flex items-start gap-1">
			<div class="flex shrink-0">
				<IconButton label="To the start" hint="To the start (Home)" disabled={at === 0} onclick={() => go(0)}
					><ChevronFirst /></IconButton
				>
				<IconButton label="One move back" hint="One move back (←)" disabled={at === 0} onclick={() => go(at - 1)}
					><ChevronLeft /></IconButton
				>
			</div>
			<ol bind:this={strip} class="relative flex min-w-0 grow overflow-x-auto py-1">
				{#each stones as stone (stone.i)}
					<li class="stone min-w-[4.6rem] flex-1 basis-0" class:before={stone.i < at}>
						<button
							type="button"
							class="flex w-full cursor-pointer flex-col items-center rounded-lg px-0.5"
							aria-current={stone.i === at ? 'step' : undefined}
							onclick={() => go(stone.i)}
						>
							<span class={['dot', stone.i < at && 'done', stone.i === at && 'now']}>{stone.i}</span>
							<span class={['mt-1 text-[0.8rem] leading-tight', stone.i === at ? 'font-bold' : 'quiet']}
								>{stone.label}</span
							>
						</button>
					</li>
				{/each}
			</ol>
			<div class="flex shrink-0">
				<IconButton label="One move on" hint="One move on (→)" disabled={at === last} onclick={() => go(at + 1)}
					><ChevronRight /></IconButton
				>
				<IconButton label="To the end" hint="To the end (End)" disabled={at === last} onclick={() => go(last)}
					><ChevronLast /></IconButton
				>
			</div>
		</div>
	</div>
</section>

<style>
	.dot {
		align-items: center;
		background: var(--color-base-100);
		border: 2px solid var(--color-secondary);
		border-radius: 50%;
		display: flex;
		font-weight: 700;
		height: 2.1rem;
		justify-content: center;
		position: relative;
		width: 2.1rem;
		z-index: 1;
	}
	.dot.done {
		background: var(--color-secondary);
		color: var(--color-secondary-content);
	}
	.dot.now {
		background: #e9b44c;
		border-color: #7a5208;
		color: #17322f;
		outline: 3px solid color-mix(in oklab, #e9b44c 35%, transparent);
	}
	.stone {
		position: relative;
	}
	/* The path between the stones. */
	.stone:not(:last-child)::before {
		background: var(--color-base-300);
		content: '';
		height: 3px;
		left: 50%;
		position: absolute;
		top: 1.05rem;
		width: 100%;
	}
	.stone.before::before {
		background: var(--color-secondary);
	}
</style>
