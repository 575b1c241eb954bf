<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { DEMONSTRATIONS, HANDS_SAID, type Demonstration } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { nameIn, type SchoolId } from '@pond-loop/core/notation';
	import {
		ask,
		chosenAmong,
		drawnCrossing,
		FIRST_DRILLS,
		isSameQuestion,
		shownSaid,
		type AskedQuestion,
		type Drill,
		type Verdict,
	} from '@pond-loop/core/practice';
	import volume2Icon from 'lucide-static/icons/volume-2.svg?raw';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { onMount, tick, type Snippet } from 'svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { inWriting } from '$lib/ui/in-writing';
	import { canSpeak, hush, speak } from './aloud';
	import { answered, nextOf, type Cards } from './schedule';
	import type ByHand from './ByHand.svelte';
	import type { drawnChart } from './chart';
	import { handsHere, keepHands } from './hands';
	import { cardsHere, forgetAll, keepAnswer } from './shelf';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		crossings: readonly Crossing[];
		/** Those of the lesson just had, on which new kinds begin; all of them when empty. */
		latest?: readonly Crossing[];
		/** Names are asked in one of these. */
		schools: readonly SchoolId[];
		/** Kinds of question by their ids; all of them when empty. */
		kinds?: readonly string[];
		/** The door that is practised behind; none when empty. */
		place?: string;
		light: PageLight;
		/** How what is done by hand is shown. */
		style: HouseStyle;
		/** Called when a sitting is over. */
		ended?: () => void;
		/** What stands below, such as showing it to a teacher. */
		foot?: Snippet;
	}
	const { crossings, latest = [], schools, kinds = [], place = '', light, style, ended, foot }: Props = $props();

	/** Minutes of one sitting. */
	const SITTING = 5;
	/** Milliseconds after which the other kinds are fetched: the first question has been seen by then. */
	const OTHERS_AFTER_MS = 1500;
	/** Seeds that are tried before a kind counts as having nothing here. */
	const TRIES = 8;
	let cards = $state.raw<Cards>({});
	/** Kinds that this page knows: the others come while the first question is answered. */
	let drills: readonly Drill[] = [];
	let asked = $state.raw<AskedQuestion>();
	let verdict = $state.raw<Verdict>();
	/** The option that was chosen, or those chosen so far where all are put in an order. */
	let chosen = $state.raw<readonly string[]>([]);
	let why = $state<HTMLElement>();
	let began = $state(0);
	let now = $state(0);
	let right = $state(0);
	let done = $state(0);
	let goesOn = $state(false);
	let speaks = $state(false);
	/** Whose hands do what is done by hand; kept in this browser. */
	let hands = $state<Demonstration>('right');
	/** What few questions need comes along with the first of them. */
	let Hands = $state.raw<typeof ByHand>();
	let chartOf = $state.raw<typeof drawnChart>();
	/** Answers are kept one after the other. */
	let keeping: Promise<void> = Promise.resolve();
	let fresh = 0;
	let last: string | undefined;
	/** Kinds for which these crossings have nothing. */
	// eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing shown hangs on it
	const unable = new Set<string>();
	const left = $derived(Math.max(0, SITTING * 60 - (now - began) / 1000));
	const isOver = $derived(left === 0 && !goesOn && verdict === undefined && done > 0);
	$effect(() => {
		if (isOver) ended?.();
	});

	async function fetchOthers(): Promise<void> {
		const { DRILLS } = await import('./all-drills');
		const chosen = chosenAmong(DRILLS, kinds);
		// Kinds that are gone are no reason to ask nothing.
		drills = chosen.length > 0 ? chosen : DRILLS;
	}
	/** Begins a sitting with what is kept now, such as after it came from another phone. */
	export async function again(): Promise<void> {
		cards = await cardsHere();
		if (drills.length === 0) drills = chosenAmong(FIRST_DRILLS, kinds);
		if (drills.length === 0) await fetchOthers().catch(() => undefined);
		began = now = Date.now();
		next();
	}
	onMount(() => {
		speaks = canSpeak();
		hands = handsHere();
		void again();
		const others = setTimeout(() => void fetchOthers().catch(() => undefined), OTHERS_AFTER_MS);
		const clock = setInterval(() => (now = Date.now()), 1000);
		return () => {
			clearInterval(clock);
			clearTimeout(others);
			hush();
		};
	});

	/** A question of a kind; not the one that was asked last, where there is another. */
	function make(drill: Drill, before: AskedQuestion | undefined): AskedQuestion | undefined {
		let same: AskedQuestion | undefined;
		const own = !cards[drill.id] && latest.length > 0 ? [latest, crossings] : [crossings];
		for (const from of own)
			for (let tries = 0; tries < TRIES; tries++) {
				const seed = Math.floor(Math.random() * 2 ** 31);
				const made = ask(drill, { school: schools[seed % schools.length]!, crossings: from, hands }, seed);
				if (made && before && isSameQuestion(made, before)) same = made;
				else if (made) return made;
			}
		return same;
	}
	function next(): void {
		hush();
		verdict = undefined;
		chosen = [];
		const before = asked;
		asked = undefined;
		for (;;) {
			const able = drills.filter((d) => !unable.has(d.id));
			if (able.length === 0) return;
			const id = nextOf(
				able.map((d) => d.id),
				cards,
				new Date(),
				last,
				fresh,
			);
			asked = make(
				able.find((d) => d.id === id)!,
				before,
			);
			if (!asked) {
				unable.add(id);
				continue;
			}
			if (!cards[id]) fresh += 1;
			last = id;
			void fetchFor(asked);
			return;
		}
	}
	/** Without a network, and where it was never fetched, such a question is left for later. */
	async function fetchFor({ question, drill }: AskedQuestion): Promise<void> {
		try {
			if (question.byHand) Hands ??= (await import('./ByHand.svelte')).default;
			if (question.shows?.kind === 'chart') chartOf ??= (await import('./chart')).drawnChart;
		} catch {
			unable.add(drill.id);
			next();
		}
	}
	function choose(id: string): void {
		if (!asked || verdict) return;
		const { question } = asked;
		if (question.inOrder) {
			chosen = chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id];
			if (chosen.length < question.options.length) return;
		} else chosen = [id];
		answer(chosen);
	}
	function answer(given: readonly string[]): void {
		if (!asked || verdict) return;
		const said = asked.judge(given);
		verdict = said;
		done += 1;
		if (said.right) right += 1;
		const kind = asked.drill.id;
		const at = Date.now();
		cards = answered(cards, kind, said.right, new Date(at));
		const crossing = said.asked && nameIn('slash', said.asked, false);
		const told = { at, kind, right: said.right, ...(crossing === undefined ? {} : { crossing }) };
		const card = cards[kind]!;
		keeping = keeping.then(() => keepAnswer(place, told, card));
		// Seen whole above what is pressed next.
		void tick().then(() => why?.scrollIntoView({ block: 'nearest' }));
	}
	const aloud = ({ question: { asks, shows, options, inOrder } }: AskedQuestion): string =>
		[
			asks,
			...shownSaid(shows),
			inOrder ? 'Put these in order.' : 'The answers.',
			...options.map((o, i) => `${i + 1}. ${o.label}`),
		].join('\n');

	function onkeydown(event: KeyboardEvent): void {
		if (inWriting(event.target) || event.ctrlKey || event.metaKey || event.altKey || !asked) return;
		const option = asked.question.options[Number(event.key) - 1];
		if (asked.question.byHand && !verdict) return;
		if (option && !verdict) choose(option.id);
		else if (event.key === 'Enter' && verdict && !(event.target instanceof HTMLButtonElement)) next();
		else return;
		event.preventDefault();
	}
	let forgotten = $state(false);
</script>

<svelte:window {onkeydown} />

<div class="mx-auto flex max-w-2xl flex-col gap-y-4" data-testid="practice">
	<div class="flex items-center gap-x-4">
		<div class="bg-base-300 h-2 grow overflow-hidden rounded-full" aria-hidden="true">
			<div class="bg-secondary h-full" style:width={began ? `${100 * (1 - left / (SITTING * 60))}%` : undefined}></div>
		</div>
		<p class="quiet text-[0.94rem]" data-testid="score">
			{done === 0 ? 'five minutes' : `${right} of ${done}`}
		</p>
	</div>
	{#if isOver}
		<section class="py-8 text-center" aria-live="polite">
			<h2 class="text-3xl">Enough for today</h2>
			<p class="mt-2">{right} of {done}. What you missed comes back soon, the rest in a few days.</p>
			<button
				type="button"
				class="pill pill-soft mt-6"
				onclick={() => {
					goesOn = true;
					next();
				}}>Go on a little</button
			>
		</section>
	{:else if asked}
		{@const { question, drill } = asked}
		<section aria-labelledby="asks">
			<p class="quiet text-[0.94rem]">{drill.title}</p>
			<div class="flex items-start gap-x-2">
				<h2 id="asks" class="grow text-2xl leading-snug">{question.asks}</h2>
				{#if speaks}<IconButton
						label="Read it aloud"
						onclick={() => {
							if (asked) speak(verdict ? verdict.says : aloud(asked));
						}}><Icon svg={volume2Icon} class="size-5" /></IconButton
					>{/if}
			</div>
			{#if question.shows?.kind === 'fabric'}
				<div class="border-base-300 mt-3 flex justify-center rounded-3xl border-2 p-4">
					<Drawing drawing={drawnCrossing(question.shows.crossing, question.shows.side, light)} width={170} />
				</div>
			{:else if question.shows?.kind === 'lines'}
				<div class="bg-base-200 mt-3 rounded-3xl px-5 py-4">
					{#each question.shows.lines as line, i (i)}<p class="py-0.5">{line}</p>{/each}
				</div>
			{:else if question.shows?.kind === 'chart'}
				<div class="border-base-300 mt-3 min-h-24 rounded-3xl border-2 p-4">
					{#if chartOf}<Drawing drawing={chartOf(question.shows, light)} />{/if}
				</div>
			{/if}
		</section>
		{#if question.byHand}
			{#if Hands}
				{#key asked}
					<Hands shown={question.byHand} {hands} {style} {light} isJudged={verdict !== undefined} {answer} />
				{/key}
			{:else}<p class="quiet">Fetching needles …</p>{/if}
		{/if}
		<div
			class={['grid gap-3', question.options.some((o) => o.picture) ? 'grid-cols-2' : 'grid-cols-1']}
			role="group"
			aria-label="Answers"
		>
			{#each question.options as option, i (option.id)}
				{@const at = chosen.indexOf(option.id)}
				<button
					type="button"
					class={[
						'answer',
						at >= 0 && 'chosen',
						verdict && at >= 0 && !question.inOrder && (verdict.right ? 'right' : 'wrong'),
					]}
					aria-pressed={at >= 0}
					disabled={verdict !== undefined}
					onclick={() => choose(option.id)}
				>
					{#if question.inOrder && at >= 0}<strong class="mr-2">{at + 1}.</strong>{/if}
					{#if option.picture}<Drawing drawing={drawnCrossing(option.picture, 'RS', light)} width={110} />
					{:else}<span>{option.label}</span>{/if}
					<span class="quiet ml-auto hidden text-sm md:inline" aria-hidden="true">{i + 1}</span>
				</button>
			{/each}
		</div>
		<div class="why" aria-live="polite" data-testid="verdict" bind:this={why}>
			{#if verdict}
				<p class={['text-xl font-bold', verdict.right ? 'text-secondary' : 'text-error']}>
					{verdict.right ? (verdict.elsewhere ? 'Right, elsewhere' : 'Right') : 'Not quite'}
				</p>
				<p>{verdict.says}</p>
				{#if !verdict.right && verdict.asked && verdict.given}
					<div class="mt-3 flex justify-center gap-8 text-center text-[0.94rem]">
						<figure>
							<Drawing drawing={drawnCrossing(verdict.asked, 'RS', light)} width={110} />
							<figcaption>asked</figcaption>
						</figure>
						<figure>
							<Drawing drawing={drawnCrossing(verdict.given, 'RS', light)} width={110} />
							<figcaption>what your answer makes</figcaption>
						</figure>
					</div>
				{/if}
			{/if}
		</div>
		{#if verdict}
			<div class="onward">
				<button type="button" class="pill pill-strong min-h-14 w-full text-lg" onclick={next}>Next</button>
			</div>
		{/if}
	{:else}
		<p class="quiet">{began ? say('There is nothing here to practise yet.') : 'Looking what is due …'}</p>
	{/if}
	{@render foot?.()}
	<details class="quiet text-[0.94rem]">
		<summary class="wordlink w-fit list-none">What we store</summary>
		<p class="mt-1">
			Your schedule and four weeks of answers, only in this browser. We send nothing unless you do, and nobody is
			ranked.
			<button
				type="button"
				class="wordlink"
				onclick={() => {
					cards = {};
					forgotten = true;
					keeping = keeping.then(forgetAll);
				}}>Forget it</button
			>
			{#if forgotten}<span role="status">Forgotten.</span>{/if}
		</p>
	</details>
	<label class="quiet text-[0.94rem]"
		>My hands <select
			class="field py-0"
			value={hands}
			onchange={(e) => {
				hands = DEMONSTRATIONS.find((d) => d === e.currentTarget.value) ?? 'right';
				keepHands(hands);
				if (!verdict) next();
			}}
		>
			{#each DEMONSTRATIONS as one, nth (nth)}<option value={one}>{HANDS_SAID[one]}</option>{/each}
		</select></label
	>
</div>

<style>
	.answer {
		display: flex;
		align-items: center;
		justify-content: center;
		gap: 0.5rem;
		min-height: 3.6rem;
		padding: 0.6rem 1.1rem;
		border: 2px solid var(--color-base-300);
		border-radius: 1.4rem;
		font-weight: 600;
		text-align: left;
	}
	.why {
		scroll-margin-bottom: calc(5.5rem + var(--thumb, 0px));
	}
	/* Under the thumb, however long the answer above it is. */
	.onward {
		position: sticky;
		bottom: 0;
		padding-block: 0.5rem;
		background: var(--color-base-100);
	}
	@media (width < 40rem) {
		.onward {
			bottom: var(--thumb, 0px);
		}
	}
	.answer:hover:enabled {
		border-color: var(--color-secondary);
	}
	.answer.chosen {
		border-color: var(--color-base-content);
	}
	.answer.right {
		background: var(--color-secondary);
		border-color: var(--color-secondary);
		color: var(--color-secondary-content);
	}
	.answer.wrong {
		border-color: var(--color-error);
		border-style: dashed;
	}
</style>
