<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import type { Craft, Demonstrated, Zone } from '@pond-loop/core/craft';
	import { type AnyMove, type AnyState, type Offer, simulate, stateAt } from '@pond-loop/core/handling';
	import { type BegunWith, begunIn, isLeftHanded, toolsSaid, whatIsIt, wayOn, wordsIn } from '@pond-loop/core/look';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import redo2Icon from 'lucide-static/icons/redo-2.svg?raw';
	import undo2Icon from 'lucide-static/icons/undo-2.svg?raw';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { onMount, type Snippet } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { drawFrom } from '$lib/stage/cameras';
	import { Walk } from '$lib/stage/walk.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { inWriting } from '$lib/ui/in-writing';
	import type { PageLight } from '$lib/ui/light';
	import { oneButton } from '$lib/ui/roving-tabindex';
	import { runSoon } from '$lib/ui/hydration';

	interface Props {
		/** What was asked, as these hands make it. */
		shown: Demonstrated;
		/** A craft that is tried by hand, and takes the crossing. */
		craft: Craft;
		style: HouseStyle;
		light: PageLight;
		/** Whether hands begin with loops on their tool, or with that bare. */
		begun?: BegunWith;
		/** Shown once all is worked: a way to keep what was done. */
		keep?: Snippet<[made: Crossing, moves: readonly AnyMove[]]>;
		/** Whether it is a question: then neither what comes out nor a hint is told. */
		isAsked?: boolean;
		/** Moves that were made already, and told whenever they change. */
		done: readonly AnyMove[];
	}
	let { shown, craft, style, light, begun = 'loops', keep, isAsked = false, done = $bindable() }: Props = $props();
	const uid = $props.id();

	const byHand = $derived(craft.byHand!);
	const start = $derived(begunIn(craft, shown.made, begun)!);
	const workedOff = $derived(craft.isHanded && isLeftHanded(style) ? 'right' : 'left');
	const trace = $derived(simulate(done, start));
	const hands = $derived(stateAt<AnyState>(trace, done.length));
	const now = $derived(whatIsIt(shown, done, craft, begun));
	let undone = $state.raw<readonly AnyMove[]>([]);
	let chosen = $state.raw<readonly number[]>([]);
	/** What was said of the last thing tried, where it was not done. */
	let refused = $state<string>();
	let hint = $state(false);
	const on = $derived(hint ? wayOn(shown.made, done, craft, begun) : undefined);

	const walk = new Walk(
		0,
		() => done.length,
		() => undefined,
	);
	$effect(() => walk.to(done.length));
	$effect(() => () => walk.stop());
	const drawing = $derived(
		drawFrom('front', shown.made, trace, Math.min(walk.at, done.length), { style, light, textScale: 1.1 }),
	);
	/** Where each loop's number stands, in parts of the picture. */
	const tagsOf = ({ shapes, width, height }: typeof drawing) =>
		shapes.flatMap((s) =>
			s.kind === 'circle' && s.role === 'tag' && s.stitch !== undefined
				? [{ stitch: s.stitch, x: (100 * s.cx) / width, y: (100 * s.cy) / height }]
				: [],
		);
	const tags = $derived(tagsOf(drawing));
	/** Where single places for loops stand, such as pegs: each carried the loop of its number at first. */
	const places = $derived(
		byHand.placeTarget
			? tagsOf(
					drawFrom('front', shown.made, simulate([], begunIn(craft, shown.made)!), 0, { style, light, textScale: 1.1 }),
				)
			: [],
	);
	let mounted = $state(false);
	onMount(() => runSoon(() => (mounted = true)));

	const offers = $derived(byHand.offers(hands, chosen));
	const allowed = $derived(offers.filter((o) => !o.refused));
	/** What hands do every day comes first; what they can do as well, or do by mistake, on asking. */
	const taking = $derived(allowed.filter((o) => o.target !== undefined && !o.isRare));
	const besides = $derived(allowed.filter((o) => o.target === undefined && !o.isRare));
	const others = $derived(allowed.filter((o) => o.isRare));
	const not = $derived(offers.filter((o) => o.refused));
	const said = ({ moves }: Pick<Offer<AnyMove>, 'moves'>): string => byHand.says(moves, hands, workedOff);
	const zones = $derived(byHand.zones(workedOff));
	const caption = $derived(wordsIn(style, trace, done.length, craft).caption);

	function act(moves: readonly AnyMove[]): void {
		done = [...done, ...moves];
		undone = [];
		chosen = [];
		refused = undefined;
		hint = false;
	}
	function takeBack(to: number): void {
		undone = [...done.slice(to), ...undone];
		done = done.slice(0, to);
		chosen = [];
		refused = undefined;
		hint = false;
	}
	function again(): void {
		const [next, ...rest] = undone;
		if (!next) return;
		done = [...done, next];
		undone = rest;
		chosen = [];
	}

	/** The loops that go along; pressed again, none. */
	function choose(stitch: number): void {
		refused = undefined;
		const run = byHand.runWith(hands, stitch);
		if (run.length === 0) {
			chosen = [];
			refused = `Stitch ${stitch} is worked. Undo moves to change it.`;
			return;
		}
		const more = [...chosen, stitch];
		if (run.length === chosen.length && run.every((s) => chosen.includes(s))) chosen = [];
		// Where loops go one by one, a neighbour comes along as well.
		else chosen = run.length === 1 && !chosen.includes(stitch) && byHand.isRun(hands, more) ? more : run;
	}
	/** Only the loops from one to the other, where they are neighbours. */
	function chooseBetween(a: number, b: number): void {
		const at = [a, b].map((s) => hands.loops.findIndex((l) => l.stitch === s)).sort((x, y) => x - y);
		const run = hands.loops.slice(at[0], at[1]! + 1).map((l) => l.stitch);
		if (byHand.isRun(hands, run)) chosen = run;
	}
	/** The first of these that can be done, or why the first of them cannot. */
	function tryOne(these: readonly Offer<AnyMove>[], none: string): void {
		const can = these.find((o) => !o.refused);
		const why = these[0]?.refused;
		if (can) act(can.moves);
		else refused = why ? `${why.what} ${why.todo}` : none;
	}
	const go = (target: string): void =>
		tryOne(
			offers.filter((o) => o.target === target),
			chosen.length === 0
				? 'Choose stitches first: press the last one to move.'
				: 'These stitches can’t go there. Choose from the tip of the needle.',
		);

	/** A loop that is drawn along: where the finger is, in parts of the picture. */
	let drag = $state<{ readonly x: number; readonly y: number; readonly moved: boolean }>();
	let from: { readonly x: number; readonly y: number; readonly stitch: number } | undefined;
	let box = $state<HTMLElement>();
	const placeOf = (event: PointerEvent): { x: number; y: number } => {
		const edge = box!.getBoundingClientRect();
		return { x: (100 * (event.clientX - edge.left)) / edge.width, y: (100 * (event.clientY - edge.top)) / edge.height };
	};
	function down(event: PointerEvent, stitch: number): void {
		if (event.button !== 0) return;
		from = { ...placeOf(event), stitch };
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
	}
	const FAR = 4;
	function moved(event: PointerEvent): void {
		if (!from) return;
		const at = placeOf(event);
		if (!drag && Math.hypot(at.x - from.x, at.y - from.y) < FAR) return;
		if (!drag && !chosen.includes(from.stitch)) choose(from.stitch);
		drag = { ...at, moved: true };
	}
	/** Which part of the picture that is: below what carries the loops is nearer, above it further away. */
	function targetAt({ x, y }: { x: number; y: number }): string | undefined {
		const at = (...wheres: Zone['where'][]): string | undefined =>
			zones.find(({ where }) => wheres.includes(where))?.target;
		if (y > 62) return at('bottom', x < 50 ? 'bottom-left' : 'bottom-right');
		if (y < 14) return at('top');
		const [nearest] = [...places].sort((a, b) => Math.abs(a.x - x) - Math.abs(b.x - x));
		// The loop under the finger goes to the place under the finger, and its mates beside it.
		if (nearest) return byHand.placeTarget?.(nearest.stitch - inRun(from?.stitch));
		const aside = workedOff === 'left' ? x : 100 - x;
		return aside > 62 ? at('tip') : aside < 38 ? at('far') : y > 38 ? at('bottom') : at('top');
	}
	/** How many of the chosen loops stand before this one. */
	const inRun = (stitch: number | undefined): number =>
		stitch === undefined ? 0 : Math.max(0, [...chosen].sort((a, b) => a - b).indexOf(stitch));
	function up(event: PointerEvent): void {
		const began = from;
		if (!began) return;
		if (drag) {
			const target = targetAt(placeOf(event));
			drag = undefined;
			from = undefined;
			if (target) go(target);
			return;
		}
		from = undefined;
		if (event.shiftKey && chosen[0] !== undefined) chooseBetween(chosen[0], began.stitch);
		else choose(began.stitch);
	}
	const over = $derived(drag && targetAt(drag));
	/** Zones that something chosen may go to. */
	const open = $derived(zones.filter(({ target }) => taking.some((o) => o.target === target)));

	function onkeydown(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || inWriting(event.target)) return;
		const count = Number(event.key);
		if (Number.isInteger(count) && count > 0 && event.key !== ' ') {
			const meant = byHand.numbered(hands, count);
			if (meant !== undefined) choose(meant);
			event.preventDefault();
			return;
		}
		const zone = zones.find((z) => z.key === event.key);
		const keyed = offers.filter((o) => o.key === event.key);
		if (event.key === 'Escape') chosen = [];
		else if (event.key === 'Backspace') {
			if (done.length > 0) takeBack(done.length - 1);
		} else if (zone && (chosen.length > 0 || keyed.length === 0)) go(zone.target);
		else if (keyed.length > 0 || KEYS.includes(event.key)) tryOne(keyed, 'You can’t do that now.');
		else return;
		event.preventDefault();
	}
	/** Keys that have a meaning at one moment or another. */
	const KEYS: readonly string[] = ['k', 'p', 'y'];
</script>

<svelte:window {onkeydown} />

{#snippet bar(label: string, all: readonly Offer<AnyMove>[])}
	<div class="mt-1.5 flex flex-wrap gap-2" role="toolbar" aria-label={label} use:oneButton>
		{#each all as offer (offer.id)}
			<button type="button" class="pill pill-soft" onclick={() => act(offer.moves)}>{said(offer)}</button>
		{/each}
	</div>
{/snippet}

<div class={['grid items-start gap-x-7 gap-y-5', !isAsked && 'lg:grid-cols-[minmax(0,1fr)_19rem]']}>
	<div class="min-w-0">
		<section
			aria-label={byHand.title}
			class="bg-base-200 overflow-hidden rounded-3xl"
			data-testid="your-hands"
			data-moves={done.length}
		>
			<div class="relative touch-none select-none" bind:this={box}>
				<Drawing {drawing} />
				{#if mounted}
					{#if chosen.length > 0}
						{#each open as { target, title, where }, nth (nth)}
							<span
								class={['zone', where, over === target && 'over', workedOff === 'right' && 'turned']}
								aria-hidden="true"><span>{title}</span></span
							>
						{/each}
					{/if}
					{#each tags as { stitch, x, y }, nth (nth)}
						{@const loop = hands.loops.find((l) => l.stitch === stitch)}
						<button
							type="button"
							class={['loop', chosen.includes(stitch) && 'chosen', drag && chosen.includes(stitch) && 'drawn']}
							style:left="{drag && chosen.includes(stitch)
								? drag.x + 5 * (chosen.indexOf(stitch) - (chosen.length - 1) / 2) * (workedOff === 'left' ? -1 : 1)
								: x}%"
							style:top="{drag && chosen.includes(stitch) ? drag.y : y}%"
							aria-pressed={chosen.includes(stitch)}
							aria-label="Loop {stitch}{loop?.done ? ', worked' : ''}"
							onpointerdown={(e) => down(e, stitch)}
							onpointermove={moved}
							onpointerup={up}
							onpointercancel={() => {
								from = undefined;
								drag = undefined;
							}}
							onclick={(e) => e.detail === 0 && choose(stitch)}
							>{#if drag && chosen.includes(stitch)}{stitch}{/if}</button
						>
					{/each}
				{/if}
			</div>
			<div class="px-4 pt-2 pb-3">
				<p
					class="min-h-[2lh] text-center font-serif text-[1.15rem] leading-snug font-semibold"
					aria-live="polite"
					data-testid="caption"
				>
					{done.length > 0 ? caption : begun === 'bare' ? `${caption} Cast on first.` : byHand.begins}
				</p>
				<p class="text-error min-h-[1lh] text-center font-semibold" role="status" data-testid="refused">
					{refused ?? ''}
				</p>
				<div class="mt-1 flex flex-wrap items-center justify-center gap-2">
					<IconButton
						label="Undo the last move"
						hint="Take back (⌫)"
						disabled={done.length === 0}
						onclick={() => takeBack(done.length - 1)}><Icon svg={undo2Icon} /></IconButton
					>
					<IconButton label="Redo" hint="Redo" disabled={undone.length === 0} onclick={again}
						><Icon svg={redo2Icon} /></IconButton
					>
					<button
						type="button"
						class="wordlink mx-2 disabled:opacity-40"
						disabled={done.length === 0}
						onclick={() => takeBack(0)}>From the start</button
					>
					<button
						type="button"
						class="wordlink mx-2 disabled:opacity-40"
						disabled={done.length === 0 || walk.playing}
						onclick={() => walk.play()}>See it again</button
					>
				</div>
			</div>
		</section>
		<div class="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
			<section aria-labelledby="{uid}-with">
				<h2 id="{uid}-with" class="lead font-sans">
					{hands.loops.length === 0
						? 'With loops: none are cast on yet'
						: chosen.length === 0
							? 'With loops: choose some first'
							: `With ${chosen.length === 1 ? 'loop' : 'loops'} ${chosen.join(', ')}`}
				</h2>
				{@render bar('With the chosen loops', taking)}
			</section>
			<section aria-labelledby="{uid}-besides">
				<h2 id="{uid}-besides" class="lead font-sans">{byHand.besides}</h2>
				{@render bar('Besides', besides)}
			</section>
		</div>
		{#if others.length > 0}
			<details class="mt-4 text-[0.94rem]">
				<summary class="wordlink w-fit list-none">Other moves you can do now</summary>
				{@render bar('Other things', others)}
			</details>
		{/if}
		{#if not.length > 0}
			<details class="mt-4 text-[0.94rem]">
				<summary class="wordlink w-fit list-none">What you can’t do now, and why</summary>
				<ul class="mt-2 space-y-1">
					{#each not as offer (offer.id)}
						<li>
							<strong>{said(offer)}.</strong> <span class="quiet">{offer.refused?.what} {offer.refused?.todo}</span>
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</div>
	{#if !isAsked}
		<div class="grid gap-y-5">
			<section aria-labelledby="{uid}-what" aria-live="polite" data-testid="what-is-it">
				<h2 id="{uid}-what" class="lead font-sans">
					{now.rest.length === 0 ? 'What it is' : 'What it will be, worked as it stands'}
				</h2>
				<p class="font-serif text-xl font-semibold">{now.title ?? 'No crossing yet'}</p>
				{#if now.isAsked}<p class="text-success font-semibold">Exactly what was asked.</p>
				{:else if done.length > 0}
					<ul class="mt-1 list-disc pl-5">
						{#each now.differs as differs, nth (nth)}<li>{differs}</li>{/each}
					</ul>
				{/if}
				{#if now.names.some((name) => name.name !== undefined)}
					<p class="quiet mt-1">
						{#each now.names.filter((name) => name.name !== undefined) as { school, name }, i (school.id)}{i > 0
								? ' · '
								: ''}<span class="name text-base-content" title={school.title}>{name}</span>{/each}
					</p>
				{:else if now.crosses}<p class="quiet mt-1">It has no usual abbreviation.</p>{/if}
				<p class="quiet mt-2 text-[0.94rem]" data-testid="counts">
					{done.length}
					{done.length === 1 ? 'move' : 'moves'} so far; {toolsSaid(now.counts.tools, craft)};
					{now.counts.mostLoose === 0 ? 'nothing hung loose' : `${now.counts.mostLoose} loose at most`}
				</p>
				{#if now.made && now.rest.length === 0 && now.crosses}{@render keep?.(now.made, done)}{/if}
				{#if now.rest.length > 0}
					<p class="mt-2">
						<button
							type="button"
							class="wordlink"
							onclick={() => ((done = [...done, ...now.rest]), (undone = []), (chosen = []))}
							>Work the rest in order</button
						>
					</p>
				{/if}
			</section>
			<section aria-labelledby="{uid}-hint" aria-live="polite" data-testid="hint">
				<h2 id="{uid}-hint" class="lead font-sans">Stuck?</h2>
				{#if !hint}<button type="button" class="wordlink" onclick={() => (hint = true)}>One hint</button>
				{:else if !on}<p>None of the taught ways makes this crossing.</p>
				{:else if on.from < done.length}
					<p>
						From here no way on was found. After move {on.from} there is one{on.title ? `: “${on.title}”` : ''}.
					</p>
					<button type="button" class="wordlink" onclick={() => takeBack(on.from)}
						>Take back {done.length - on.from === 1 ? 'a move' : `${done.length - on.from} moves`}</button
					>
				{:else if on.moves[0]}
					<p>
						{said({ moves: [on.moves[0]] })}.
						<span class="quiet"
							>({on.title ? `“${on.title}”, ` : ''}{on.moves.length} to go; others may be shorter)</span
						>
					</p>
					<p class="mt-1 flex flex-wrap gap-x-4">
						<button type="button" class="wordlink" onclick={() => act([on.moves[0]!])}>Do it</button>
						<button
							type="button"
							class="wordlink"
							onclick={() => ((done = [...done, ...on.moves]), (undone = []), (hint = false))}
							>Show all remaining moves</button
						>
					</p>
				{:else}<p>You’re done.</p>{/if}
			</section>
			<section aria-labelledby="{uid}-moves">
				<h2 id="{uid}-moves" class="lead font-sans">Your moves</h2>
				{#if done.length === 0}<p class="quiet">Nothing yet.</p>{/if}
				<ol class="list-decimal pl-6 text-[0.94rem]" data-testid="done">
					{#each done as _, i (i)}
						<li>
							{wordsIn(style, trace, i + 1, craft).caption}
							{#if i + 1 < done.length}<button
									type="button"
									class="wordlink ml-1"
									aria-label="back to here, move {i + 1}"
									onclick={() => takeBack(i + 1)}>back to here</button
								>{/if}
						</li>
					{/each}
				</ol>
			</section>
		</div>
	{/if}
</div>

<style>
	.loop {
		align-items: center;
		border-radius: 50%;
		cursor: grab;
		display: flex;
		font-weight: 700;
		height: max(44px, 7%);
		justify-content: center;
		position: absolute;
		touch-action: none;
		transform: translate(-50%, -50%);
		aspect-ratio: 1;
		z-index: 3;
	}
	.loop.chosen {
		outline: 4px solid #e9b44c;
		outline-offset: -7px;
	}
	.loop.drawn {
		background: var(--color-base-100);
		border: 3px solid #e9b44c;
		pointer-events: none;
		z-index: 5;
	}
	/* Where loops may go: nearer is below the needles, further away above them. */
	.zone {
		border: 2px dashed color-mix(in oklab, var(--color-accent) 55%, transparent);
		border-radius: 1rem;
		display: flex;
		font-size: 0.88rem;
		font-weight: 600;
		justify-content: center;
		pointer-events: none;
		position: absolute;
		z-index: 2;
	}
	.zone > span {
		background: color-mix(in oklab, var(--color-base-100) 85%, transparent);
		border-radius: 1rem;
		height: fit-content;
		padding: 0 0.6rem;
	}
	.zone.over {
		background: color-mix(in oklab, var(--color-accent) 22%, transparent);
		border-style: solid;
	}
	.zone.bottom {
		align-items: flex-end;
		inset: 63% 20% 2% 20%;
	}
	.zone.bottom-left {
		align-items: flex-end;
		inset: 63% 50% 2% 17%;
	}
	.zone.bottom-right {
		align-items: flex-end;
		inset: 63% 17% 2% 51%;
	}
	.zone.top {
		align-items: flex-start;
		inset: 2% 20% 87% 20%;
	}
	.zone.far,
	.zone.tip.turned {
		align-items: center;
		inset: 16% 64% 40% 1%;
	}
	.zone.tip,
	.zone.far.turned {
		align-items: center;
		inset: 16% 1% 40% 64%;
	}
</style>
