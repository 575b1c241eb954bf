<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { type Craft, type Taken, taughtByHand } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { PALETTES, WATER_STOPS } from '@pond-loop/core/drawing';
	import type { AnyTrace } from '@pond-loop/core/handling';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import chevronFirstIcon from 'lucide-static/icons/chevron-first.svg?raw';
	import chevronLastIcon from 'lucide-static/icons/chevron-last.svg?raw';
	import chevronLeftIcon from 'lucide-static/icons/chevron-left.svg?raw';
	import chevronRightIcon from 'lucide-static/icons/chevron-right.svg?raw';
	import maximizeIcon from 'lucide-static/icons/maximize.svg?raw';
	import pauseIcon from 'lucide-static/icons/pause.svg?raw';
	import playIcon from 'lucide-static/icons/play.svg?raw';
	import repeatIcon from 'lucide-static/icons/repeat-1.svg?raw';
	import shuffleIcon from 'lucide-static/icons/shuffle.svg?raw';
	import { onMount, untrack, type Snippet } from 'svelte';
	import { loopsIn, wordsIn } from '@pond-loop/core/look';
	import Drawing from '$lib/picture/Drawing.svelte';
	import type { PageLight } from '$lib/ui/light';
	import IconButton from '$lib/ui/IconButton.svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import { canFillScreen, fillScreen } from '$lib/ui/full-screen';
	import { inWriting } from '$lib/ui/in-writing';
	import { CAMERAS, type Camera } from '$lib/choices/camera';
	import { cameraTitle, drawFrom } from './cameras';
	import { SPEEDS, Walk } from './walk.svelte';

	interface ShownTrace {
		readonly title: string;
		readonly trace: AnyTrace;
	}
	interface Props {
		/** The craft, and what the crossing is to it; plain knitting when left out. */
		craft?: Craft;
		taken?: Taken;
		/** As the hands make it, which is what the trace is of. */
		made: Crossing;
		trace: AnyTrace;
		title: string;
		/** Another way, walked beside it in step. */
		beside?: ShownTrace | undefined;
		light: PageLight;
		style: HouseStyle;
		step: number;
		camera: Camera;
		/** Further controls, at the end of the row. */
		more?: Snippet;
		/** What fills the screen; the stage alone when left out. */
		fills?: () => HTMLElement;
	}
	/** The water goes on beside a picture that is narrower than its place; the page's own rules let no markup of a server say so. */
	let water = $state<string>();
	$effect(() => {
		const stops = PALETTES[light].water.map((colour, i) => `${colour} ${100 * WATER_STOPS[i]!}%`);
		water = `linear-gradient(${stops.join(', ')})`;
	});
	let {
		craft = taughtByHand,
		taken,
		made,
		trace,
		title,
		beside,
		light,
		style,
		step = $bindable(),
		camera = $bindable('front'),
		more,
		fills,
	}: Props = $props();

	const last = $derived(Math.max(trace.steps.length, beside?.trace.steps.length ?? 0));
	const shownStep = $derived(Math.min(step, last));
	const walk = new Walk(
		untrack(() => shownStep),
		() => last,
		(to) => (step = to),
	);
	$effect(() => walk.to(shownStep));
	$effect(() => () => walk.stop());

	const all = $derived<ShownTrace[]>([{ title, trace }, ...(beside ? [beside] : [])]);
	const within = (of: AnyTrace, at: number): number => Math.min(at, of.steps.length);
	// A picture that stands there already as the server drew it is not asked for.
	const pictures = $derived(
		all.map((one) => ({
			...one,
			draw: () =>
				drawFrom(camera, taken?.loops ?? made, one.trace, within(one.trace, walk.at), {
					style,
					light,
					textScale: narrow ? 1.9 : all.length > 1 ? 1.5 : 1,
					...(taken ? loopsIn(taken) : {}),
				}),
			caption: wordsIn(style, one.trace, within(one.trace, shownStep), craft).caption,
		})),
	);
	// The longer of two ways is walked to its end; the other one waits.
	const longest = $derived(all.reduce((a, b) => (b.trace.steps.length > a.trace.steps.length ? b : a)).trace);
	const stones = $derived(Array.from({ length: last + 1 }, (_, i) => ({ i, ...wordsIn(style, longest, i, craft) })));
	// Room for the longest caption of this way, so that nothing below jumps from move to move.
	const wordy = $derived(stones.some((s) => s.caption.length > 72));
	const crossings = $derived(trace.steps.flatMap((s, i) => (s.passings.length > 0 ? [i + 1] : [])));

	const go = (to: number): void => {
		walk.playing = false;
		step = Math.max(0, Math.min(last, to));
	};
	const toCrossing = (): void => go(crossings.find((at) => at > shownStep) ?? crossings[0] ?? 0);
	const toggle = (): void => (walk.playing ? walk.pause() : walk.play());

	/** On a phone words in the picture are drawn larger. */
	let narrow = $state(false);
	onMount(() => {
		const phone = matchMedia('(max-width: 40rem)');
		const look = (): void => void (narrow = phone.matches);
		look();
		phone.addEventListener('change', look);
		return () => phone.removeEventListener('change', look);
	});
	let section = $state<HTMLElement>();
	let canFill = $state(false);
	onMount(() => (canFill = canFillScreen()));
	const fullScreen = (): void => {
		const element = fills?.() ?? section;
		if (element && canFillScreen()) void fillScreen(element);
	};

	const KEYS: Readonly<Record<string, () => void>> = {
		ArrowRight: () => go(shownStep + 1),
		ArrowLeft: () => go(shownStep - 1),
		Home: () => go(0),
		End: () => go(last),
		p: toggle,
		l: () => (walk.looping = !walk.looping),
		x: toCrossing,
		v: () => (camera = CAMERAS[(CAMERAS.indexOf(camera) + 1) % CAMERAS.length]!),
		f: fullScreen,
	};
	function onkeydown(event: KeyboardEvent): void {
		const act = KEYS[event.key];
		if (!act || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey || inWriting(event.target)) return;
		event.preventDefault();
		act();
	}

	let strip = $state<HTMLOListElement>();
	// A long strip scrolls by itself, without moving the page.
	$effect(() => {
		const stone = strip?.children[shownStep];
		if (!strip || !(stone instanceof HTMLElement)) return;
		strip.scrollTo({ left: stone.offsetLeft - strip.clientWidth / 2 + stone.clientWidth / 2 });
	});
</script>

<svelte:window {onkeydown} />

<section
	bind:this={section}
	aria-label="How to work it"
	class="stage bg-base-200 overflow-hidden rounded-3xl"
	data-testid="stage"
	data-step={shownStep}
	data-camera={camera}
>
	<div class="relative">
		<fieldset
			class={[
				'cameras bg-base-100 flex w-fit rounded-full p-1 text-[0.88rem]',
				// Beside each other the pictures are too low to lay anything over them.
				// On a phone the needle runs where they would lie.
				pictures.length > 1 ? 'my-2 ml-3' : 'max-sm:my-2 max-sm:ml-3 sm:absolute sm:top-3 sm:left-3 sm:z-10',
			]}
		>
			<legend class="sr-only">Seen from</legend>
			{#each CAMERAS as c, nth (nth)}
				<label
					class={[
						'cursor-pointer rounded-full px-3 py-0.5 has-focus-visible:outline-2',
						camera === c && 'bg-primary text-primary-content font-semibold',
					]}
				>
					<input type="radio" class="sr-only" name="camera" value={c} bind:group={camera} />{cameraTitle(
						c,
						style,
						trace.tool,
					)}
				</label>
			{/each}
		</fieldset>
		<div class={['pictures', pictures.length > 1 && 'grid grid-cols-2 gap-x-1']} style:background={water}>
			{#each pictures as { title: way, draw, caption }, i (i)}
				<div data-testid="picture" data-way={way}>
					<Drawing drawing={draw()} />
					{#if pictures.length > 1}
						<p class="px-4 pt-2 text-center font-semibold">{way}</p>
						<p
							class="min-h-[3lh] px-4 text-center font-serif text-[1.05rem] leading-snug font-semibold"
							aria-live="polite"
							data-testid={i === 0 ? 'caption' : 'caption-beside'}
						>
							{caption}
						</p>
					{/if}
				</div>
			{/each}
		</div>
	</div>
	<div class="px-4 pt-3 pb-3">
		{#if pictures.length === 1}
			<p
				class={[
					'text-center font-serif text-[1.22rem] leading-snug font-semibold',
					wordy ? 'min-h-[2lh]' : 'min-h-[2lh] md:min-h-[1lh]',
				]}
				aria-live="polite"
				data-testid="caption"
			>
				{pictures[0]?.caption}
			</p>
		{/if}
		<div class="mt-3 flex items-center justify-center gap-x-1 sm:gap-x-8" role="group" aria-label="Moves">
			<button
				type="button"
				class="pill gap-1 max-sm:px-2"
				title="One move back (←)"
				disabled={shownStep === 0}
				onclick={() => go(shownStep - 1)}><Icon svg={chevronLeftIcon} class="size-5" />Back</button
			>
			<p class="min-w-[5.8rem] text-center sm:min-w-[6.5rem]" data-testid="move-of">
				{#if shownStep === 0}{last} {last === 1 ? 'move' : 'moves'}{:else}move <strong>{shownStep}</strong> of {last}{/if}
			</p>
			<button
				type="button"
				class="pill pill-strong gap-1 rounded-2xl px-5 sm:px-7"
				title="One move on (→)"
				disabled={shownStep === last}
				onclick={() => go(shownStep + 1)}>Next<Icon svg={chevronRightIcon} class="size-5" /></button
			>
			<button type="button" class="pill gap-1 px-2" title="{walk.playing ? 'Pause' : 'Play'} (P)" onclick={toggle}
				>{#if walk.playing}<Icon svg={pauseIcon} class="size-5 sm:size-4" />{:else}<Icon
						svg={playIcon}
						class="size-5 sm:size-4"
					/>{/if}<span class="max-sm:sr-only">{walk.playing ? 'Pause' : 'Play'}</span></button
			>
		</div>
		<Fold id="player" title="Moves and speed" class="player mt-1">
			<div class="mt-2 flex items-start gap-1">
				<div class="flex shrink-0">
					<IconButton label="To the start" hint="To the start (Home)" disabled={shownStep === 0} onclick={() => go(0)}
						><Icon svg={chevronFirstIcon} /></IconButton
					>
				</div>
				<ol bind:this={strip} class="relative flex min-w-0 grow overflow-x-auto py-1">
					{#each stones as stone, nth (nth)}
						<li class="stone min-w-[4.6rem] flex-1 basis-0" class:before={stone.i < shownStep}>
							<button
								type="button"
								class="flex w-full cursor-pointer flex-col items-center rounded-lg px-0.5"
								aria-current={stone.i === shownStep ? 'step' : undefined}
								onclick={() => go(stone.i)}
							>
								<span class={['dot', stone.i < shownStep && 'done', stone.i === shownStep && 'now']}>{stone.i}</span>
								<span class={['mt-1 text-[0.8rem] leading-tight', stone.i === shownStep ? 'font-bold' : 'quiet']}
									>{stone.label}</span
								>
							</button>
						</li>
					{/each}
				</ol>
				<div class="flex shrink-0">
					<IconButton label="To the end" hint="To the end (End)" disabled={shownStep === last} onclick={() => go(last)}
						><Icon svg={chevronLastIcon} /></IconButton
					>
				</div>
			</div>
			<div class="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1" role="group" aria-label="Playing">
				<input
					class="accent-secondary min-w-16 grow basis-16"
					type="range"
					min="0"
					max={last}
					step="0.01"
					value={walk.at}
					aria-label="Place in the moves"
					aria-valuetext="Move {shownStep} of {last}"
					oninput={(e) => walk.scrub(Number(e.currentTarget.value))}
					onchange={(e) => (step = Math.round(Number(e.currentTarget.value)))}
				/>
				<label class="flex items-center gap-1 text-[0.88rem]"
					><span class="sr-only">Speed</span>
					<select class="field py-0" bind:value={walk.speed}>
						{#each SPEEDS as speed, nth (nth)}<option value={speed}>{speed}×</option>{/each}
					</select></label
				>
				<IconButton
					label="Repeat this move"
					hint="Repeat this move (L)"
					aria-pressed={walk.looping}
					onclick={() => (walk.looping = !walk.looping)}><Icon svg={repeatIcon} /></IconButton
				>
				<IconButton
					label="To the next crossing"
					hint="To the next moment at which stitches cross (X)"
					disabled={crossings.length === 0}
					onclick={toCrossing}><Icon svg={shuffleIcon} /></IconButton
				>
				{#if canFill}<IconButton label="Full screen" hint="Full screen (F)" onclick={fullScreen}
						><Icon svg={maximizeIcon} /></IconButton
					>{/if}
				{@render more?.()}
			</div>
		</Fold>
	</div>
</section>

<style>
	/* All of the stage is seen at once, its controls too. */
	@media (min-width: 64rem) {
		.pictures :global(svg) {
			max-height: max(16rem, calc(100vh - 23rem));
		}
	}
	.stage :global(.player > summary) {
		background: none;
		font-weight: 400;
		margin-inline: auto;
		min-height: 2rem;
	}
	.stage:fullscreen {
		border-radius: 0;
		display: flex;
		flex-direction: column;
		font-size: 1.3rem;
		justify-content: center;
		overflow: auto;
	}
	.stage:fullscreen .pictures :global(svg) {
		margin-inline: auto;
		max-height: 72vh;
	}
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
