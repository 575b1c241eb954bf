<script lang="ts">
	import {
		type CraftId,
		FOUND_LIMITS,
		foundId,
		limitsIn,
		limitsOf,
		PLAIN_CRAFT,
		taughtByHand,
	} from '@pond-loop/core/craft';
	import { canonical, turn, withFacesChanged } from '@pond-loop/core/crossing';
	import type { Frame } from '@pond-loop/core/drawing';
	import { type AnyTrace, sitesOf } from '@pond-loop/core/handling';
	import {
		askedFor,
		cameOut,
		loopsIn,
		nameInHands,
		namesShown,
		shownIn,
		wayIn,
		wayOf,
		withTools,
		wordsIn,
		untwisted,
	} from '@pond-loop/core/look';
	import { isLong, perform } from '@pond-loop/core/made';
	import { SCHOOLS, wordsMade } from '@pond-loop/core/notation';
	import type { CrossingStep } from '@pond-loop/core/step';
	import { onMount } from 'svelte';
	import { goto, replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import { addressOf } from '$lib/choices/address';
	import { byHandAddress, isTriedByHand } from '$lib/hands/by-hand';
	import NameField from '$lib/name/NameField.svelte';
	import { keepTyped } from '$lib/save/typed.svelte';
	import { isTurned, turnAddress } from '$lib/space/address';
	import { Asking } from '$lib/stage/asking.svelte';
	import { drawFrom } from '$lib/stage/cameras';
	import CraftChoice from '$lib/stage/CraftChoice.svelte';
	import type { WantedWay } from '$lib/stage/looked-for.svelte';
	import * as parts from './lazy-stage-parts';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';
	import Fold from '$lib/ui/Fold.svelte';

	const { data } = $props();
	const light = useLight();
	let isPainted = $state(false);
	// After the next picture of the page, so that what stands there is seen first.
	onMount(() => void requestAnimationFrame(() => setTimeout(() => (isPainted = true))));

	// svelte-ignore state_referenced_locally
	const first = data.choices;
	let text = $state(first.text);
	let own = $state(first.own);
	let school = $state(first.school);
	let craftId = $state(first.craft);
	// Left open, each crossing is shown in the way that the house style prefers.
	let chosen = $state(first.way);
	let meaning = $state(first.meaning);
	let step = $state(first.step);
	let mistake = $state(first.mistake);
	let site = $state(first.site);
	let camera = $state(first.camera);
	let beside = $state(first.beside);
	let hands = $state(first.hands);
	let yarn = $state(first.yarn);
	/** The house style, in the hands that are shown now. */
	const style = $derived({
		...data.style,
		demonstrates: hands ?? data.style.demonstrates,
		yarnHand: yarn ?? data.style.yarnHand,
	});

	// svelte-ignore state_referenced_locally
	const asking = new Asking(
		data.answer,
		() => data.style,
		() => ({ text, own, school, meaning }),
	);
	const answer = $derived(asking.answer);
	const reading = $derived(answer.reading);
	/** What a wrong-side row makes of it, by the name of its shape. */
	const seenName = $derived(reading.ok ? SCHOOLS.slash.write(withFacesChanged(turn(reading.crossing))) : undefined);
	const { settled, ownName, sentence } = $derived(answer);
	/** All crafts and the search: not fetched for what is taught in plain knitting. */
	// svelte-ignore state_referenced_locally
	let all = $state.raw(data.all);
	async function fetchAll(): Promise<void> {
		all ??= await import('$lib/stage/all-crafts');
	}
	const craft = $derived(all?.craftIn(style, craftId) ?? withTools(style, taughtByHand));
	const shown = $derived(reading.ok ? shownIn(style, reading.crossing, craft) : undefined);
	const plain = $derived(craftId === PLAIN_CRAFT);
	/** One that takes long is planned and drawn by the browser once the page stands. */
	const long = $derived(reading.ok && isLong(reading.crossing, chosen));
	$effect(() => {
		if (long) void fetchAll();
	});
	const looked = $derived(all && new all.LookedFor());
	/** A search that has to be waited for before a way of doing it can be shown. */
	const wantedFor = (id: string | undefined): WantedWay | undefined => {
		const limits = limitsOf(id ?? '');
		if (!looked || !shown || id === undefined || !limits) return undefined;
		const taken = craft.takes(shown.made, id);
		const wanted = taken.ok ? { crossing: taken.value.loops, limits: limitsIn(craft, limits) } : undefined;
		return wanted && looked.waitsFor(wanted) ? wanted : undefined;
	};
	// What nobody taught a way for is searched, whatever way was chosen.
	const wanted = $derived(wantedFor(chosen) ?? (long ? wantedFor(foundId(FOUND_LIMITS)) : undefined));
	const way = $derived(shown && !wanted ? wayIn(style, shown.made, chosen, craft) : undefined);
	const besideWanted = $derived(wanted ? undefined : wantedFor(beside));
	$effect(() => {
		const next = wanted ?? besideWanted;
		if (next) looked?.ask(next);
	});
	$effect(() => {
		const own = looked;
		return () => own?.stop();
	});
	const right = $derived(shown && way ? perform(craft, shown.made, way) : undefined);
	/** What the way sets out to make: the crossing, or what it declares instead. */
	const asked = $derived(right?.ok ? (right.value.deviation?.makes ?? right.value.taken.loops) : undefined);
	const performance = $derived(
		shown && way && mistake && right ? perform(craft, shown.made, way, { id: mistake, site }) : right,
	);
	/** With a mistake, what comes of it; undefined where that is no crossing. */
	const came = $derived(
		shown && mistake && performance?.ok ? cameOut(performance.value.trace, shown, craft) : undefined,
	);
	/** What is on show. */
	const words = $derived(shown && wordsMade(came ?? shown));
	const meant = $derived(shown && mistake ? wordsMade(shown).title : undefined);
	const slip = $derived(mistake ? craft.mistakes.find((m) => m.id === mistake)?.title : undefined);
	const names = $derived(shown ? namesShown(shown) : []);
	const named = $derived(names.filter((n) => n.name !== undefined));
	/** Of what is on show; with a mistake it has the names of what came of it. */
	const namesSeen = $derived(
		meant ? (came ? namesShown(untwisted(came)).filter((n) => n.name !== undefined) : []) : named,
	);

	const besideShown = $derived.by(() => {
		if (!shown || beside === undefined || beside === way || besideWanted) return undefined;
		const done = perform(craft, shown.made, beside);
		return done.ok ? { title: wayOf(beside, craft).title, trace: done.value.trace } : undefined;
	});
	/** Every step as it stands on the stage now, for a file. */
	const drawn = (of: AnyTrace, at: number): Frame['drawing'] =>
		drawFrom(camera, right?.ok ? right.value.taken.loops : shown!.made, of, at, {
			style,
			light: light.now,
			...(right?.ok ? loopsIn(right.value.taken) : {}),
		});
	const framesOf = (of: AnyTrace): Frame[] =>
		Array.from({ length: of.steps.length + 1 }, (_, i) => ({
			drawing: drawn(of, i),
			caption: wordsIn(style, of, i, craft).caption,
		}));

	const isFound = (picked: string): boolean => reading.ok && isLong(reading.crossing, picked);

	/** The name that the pattern has for it; none where it was asked for in a sentence or by its line. */
	const patternName = $derived(
		reading.ok ? (ownName ?? (answer.byLine || sentence ? named[0]?.name : text.trim())) : undefined,
	);
	const alsoWritten = $derived(namesSeen.filter((n) => n.name !== patternName));
	/** For the same fabric left hands do what another name says. */
	const inHands = $derived(
		reading.ok && shown && craft.isHanded && !answer.byLine && !sentence
			? nameInHands(style, reading.school, reading.crossing, shown)
			: undefined,
	);
	const wrongHref = $derived(
		addressOf({ text, own, school, meaning, craft: craftId, hands }).replace('/stage', '/wrong'),
	);

	/** What it looks like and what the hands do, each with its names; the chosen school's kind first. */
	const byLookAndHold = $derived.by(() => {
		const nameIn = (...ids: readonly string[]): string =>
			[...new Set(namesSeen.filter((n) => ids.includes(n.school.id)).map((n) => n.name))].join(', ');
		const look = `by look: leans ${words?.lean} (${nameIn('slash', 'total-right-left', 'twist') || 'no name'})`;
		const held = `by hold: ${words?.hold === 'front' ? 'in front' : 'at the back'} (${nameIn('total-front-back') || 'no name'})`;
		if (!craft.isHanded) return [look];
		return school === 'total-front-back' || school === 'held-front-back' ? [held, look] : [look, held];
	});
	function viewOf(): CrossingStep['view'] {
		const view = {
			...(camera === 'front' ? {} : { camera }),
			...(mistake ? { mistake, site } : {}),
			...(hands ? { hands } : {}),
			...(yarn ? { yarn } : {}),
		};
		return Object.keys(view).length > 0 ? view : undefined;
	}

	const choices = $derived({
		text,
		own,
		school,
		meaning,
		craft: craftId,
		way: chosen,
		step,
		mistake,
		site,
		camera,
		hands,
		yarn,
		beside,
	});
	const address = $derived(addressOf(choices));
	// The address says what is on the stage, so that a reload or a bookmark brings it back.
	// Browsers refuse very frequent changes, so it follows once the typing rests.
	$effect(() => {
		const now = address;
		const timer = setTimeout(() => {
			if (now !== page.url.pathname + page.url.search) replaceState(now, {});
		}, 150);
		return () => clearTimeout(timer);
	});

	/** The nearest crossing that this craft takes, by its name. */
	const nearest = $derived.by(() => {
		if (!reading.ok || right?.ok !== false) return undefined;
		const fits = craft.nearest?.(reading.crossing);
		return fits && SCHOOLS.slash.write(fits);
	});
	/** By what name a small swatch about what is on the stage is written. */
	const rowName = $derived(plain ? answer.rowName : undefined);
	async function toSwatch(): Promise<void> {
		if (!reading.ok || rowName === undefined) return;
		const { aroundCrossing } = await import('@pond-loop/core/swatch');
		const { castOn, text: rows } = aroundCrossing(rowName, reading.crossing);
		keepTyped('new-rows', { title: `About ${rowName}`, text: rows, castOn });
		await goto('/swatches/new?rows');
	}
	const sideBySide = $derived(`/crossings/crafts${addressOf({ text, own, school, meaning }).replace(/^[^?]*/, '')}`);

	async function takeCraft(picked: CraftId): Promise<void> {
		if (picked !== PLAIN_CRAFT) await fetchAll();
		craftId = picked;
		chosen = undefined;
		beside = undefined;
		step = 0;
		forgive();
	}

	async function compare(other: string | undefined): Promise<void> {
		if (other !== undefined && isFound(other)) await fetchAll();
		beside = other;
	}

	function forgive(): void {
		mistake = undefined;
		site = 0;
	}

	function readIn(other: typeof school): void {
		school = other;
		restart();
	}

	function restart(): void {
		own = undefined;
		meaning = 0;
		step = 0;
		forgive();
	}

	async function takeWay(picked: string): Promise<void> {
		if (isFound(picked)) await fetchAll();
		chosen = picked;
		step = 0;
		forgive();
	}
</script>

<svelte:head
	><title>{words ? `${patternName ? `${patternName}, ` : ''}${words.title} · Pond Loop` : 'Cables · Pond Loop'}</title
	></svelte:head
>

<div class="flex flex-wrap items-end justify-between gap-x-10 gap-y-3">
	<div class="min-w-0">
		<h1 class="flex flex-wrap items-baseline gap-x-3 text-[1.5rem] leading-tight">
			{#if meant && !came}No cable{:else}{#if patternName && !meant}<span class="name text-[1.5em] font-bold"
						>{patternName}</span
					>
				{/if}<span class={patternName && !meant ? 'font-sans text-[0.8em] font-normal' : ''}
					>{words?.title ?? 'Cables'}{#if !plain}, {craft.title.toLowerCase()}{/if}</span
				>{/if}
		</h1>
		{#if meant}<p data-testid="meant"><strong>With a mistake: {slip}.</strong> {meant} was meant.</p>
		{:else if inHands}<p data-testid="in-hands">
				<span class="name">{patternName}</span> in your pattern, <span class="name">{inHands}</span> in your hands
			</p>{/if}
	</div>
	<div class="grow basis-64 md:max-w-md">
		<NameField bind:text bind:school label="Cable abbreviation" onchange={restart} />
	</div>
</div>

{#if reading.ok && reading.meanings.length > 1}
	<LazyPart
		part={parts.meanings}
		given={{
			meanings: reading.meanings,
			light: light.now,
			style,
			chosen: meaning,
			choose: (i) => {
				meaning = i;
				step = 0;
			},
		}}
	/>
{/if}
{#if (long && !(isPainted && all)) || wanted}
	<p class="quiet mt-8" role="status">Searching …</p>
{:else if reading.ok && shown && way && performance?.ok && right?.ok}
	{@const { trace, proof, taken } = performance.value}
	<div class="mt-4 grid items-start gap-x-7 gap-y-6 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_18rem]">
		<div>
			{#snippet more()}
				{#if craft.isHanded}<LazyPart
						part={parts.hands}
						given={{
							style,
							choose: (chosen) => {
								hands = chosen.demonstrates === data.style.demonstrates ? undefined : chosen.demonstrates;
								yarn = chosen.yarnHand === data.style.yarnHand ? undefined : chosen.yarnHand;
							},
						}}
					/>{/if}
				<LazyPart
					part={parts.saveAs}
					given={{
						title: `${words?.title}, ${wayOf(way, craft).title.toLowerCase()}`,
						lines: [...named.map((n) => `${n.school.title}: ${n.name}`), `${words?.look}. ${words?.hands}.`],
						light: light.now,
						frames: () => framesOf(trace),
						step: () => Math.min(step, trace.steps.length),
						scenes: () => ({
							last: trace.steps.length,
							draw: (at) => drawn(trace, at),
							caption: (at) => wordsIn(style, trace, at, craft).caption,
						}),
					}}
				/>
			{/snippet}
			<LazyPart
				part={parts.stage}
				when="soon"
				given={{
					craft,
					taken,
					made: shown.made,
					trace,
					title: wayOf(way, craft).title,
					beside: besideShown,
					light: light.now,
					style,
					more,
					get step() {
						return step;
					},
					set step(to) {
						step = to;
					},
					get camera() {
						return camera;
					},
					set camera(to) {
						camera = to;
					},
				}}
			/>
			{#if mistake}
				<LazyPart
					part={parts.whatShows}
					given={{
						craft,
						taken,
						asked: asked!,
						right: right.value.trace,
						wrong: trace,
						mistake,
						site,
						style,
						light: light.now,
						move: (to) => (site = to),
						back: forgive,
					}}
				/>
			{/if}
			<div class="mt-4 flex flex-wrap items-start gap-3" id="keep">
				{#if data.teacher}
					<details class="grow-0">
						<summary class="pill pill-strong w-fit list-none">Add to lesson</summary>
						<div class="mt-3 w-72 max-w-full">
							<LazyPart
								part={parts.keepIn}
								given={{
									lessons: data.lessons,
									asked: {
										text: ownName ?? (answer.byLine ? (named[0]?.name ?? words?.title ?? '') : text.trim()),
										school: reading.school,
									},
									crossing: reading.crossing,
									craft: craftId,
									way,
									view: viewOf(),
									beside: besideShown && beside,
								}}
							/>
						</div>
					</details>
				{:else}
					<a class="pill pill-soft" href="/sign-in?to={encodeURIComponent(address)}">Sign in to add it to a lesson</a>
				{/if}
				{#if isTriedByHand(craft, reading.crossing)}
					<a class="pill pill-soft" href={byHandAddress(choices)}>Try it yourself</a>
				{/if}
			</div>
			<Fold id="cable-more" title="More about this cable" class="mt-4" open={!plain}>
				<div class="mt-4">
					<CraftChoice chosen={craftId} choose={(picked) => void takeCraft(picked)} all={sideBySide} />
				</div>
				{#if rowName !== undefined}
					<p class="mt-3"><button type="button" class="wordlink" onclick={toSwatch}>Make a swatch of it</button></p>
				{/if}
				{#if own === undefined && isTurned(craftId, reading.crossing)}
					<p class="mt-3"><a class="wordlink" href={turnAddress(choices)}>3D view</a></p>
				{/if}
				<div class="mt-6 grid grid-cols-1 gap-x-10 gap-y-5 md:grid-cols-2">
					<section aria-labelledby="apart">
						<h2 id="apart" class="lead mb-2 font-sans">What each part means</h2>
						{#if settled?.own}
							<p data-testid="settled">One of your own crossings.</p>
						{:else if settled}
							<p data-testid="settled">
								From your glossary: <span class="font-mono text-[0.92em]">{settled.sentence}</span>
							</p>
						{:else if answer.byLine}
							<p>
								Your own crossing:
								<span class="font-mono text-[0.92em]">{canonical(reading.crossing)}</span>
								<a class="wordlink" href="/crossings/design?from={encodeURIComponent(canonical(reading.crossing))}"
									>Change it</a
								>
							</p>
						{:else if sentence}
							<p>
								{sentence.onTools ? 'As worked on the loom or the machine' : 'As worked'}:
								<span class="font-mono text-[0.92em]">{sentence.text}</span>
								{#if sentence.past.length > 0}<span class="quiet"
										>(left out: {sentence.past.map((p) => `“${p}”`).join(', ')})</span
									>{/if}
							</p>
						{:else}
							<LazyPart part={parts.anatomy} given={{ parts: reading.parts }} />
							<p class="quiet mt-2 text-[0.94rem]">{SCHOOLS[reading.school].title}: {SCHOOLS[reading.school].rule}</p>
						{/if}
						{#if words?.lean && words.hold}
							<p class="quiet mt-2 text-[0.94rem]" data-testid="both-schools">
								{#each byLookAndHold as one, i (i)}{i > 0 ? ' · ' : ''}{one}{/each}
							</p>
						{/if}
						<!-- Work on pegs and on a bed is never turned. -->
						{#if craft.isHanded}<p class="quiet mt-2 text-[0.94rem]" data-testid="other-side">
								Worked on a {style.sides.wrong} row, it shows on the {style.sides.right} as
								{#if seenName}<span class="name text-base-content">{seenName}</span>, knit and purl swapped{:else}its
									other side{/if}.
							</p>{/if}
						{#if reading.elsewhere.length > 0}
							<p class="quiet mt-2 text-[0.94rem]">
								In some patterns: {reading.elsewhere.map((m) => m.differs).join('; ')}.
							</p>
						{/if}
						{#if !data.isSchoolChosen}
							<LazyPart part={parts.askSchool} given={{ reading, text, light: light.now, style, readIn }} />
						{/if}
					</section>
					<LazyPart
						part={parts.wayDetails}
						given={{
							craft,
							crossing: shown.made,
							taken,
							way,
							counts: right.value.tally,
							deviation: right.value.deviation,
						}}
					/>
					<LazyPart part={parts.proof} given={{ proof }} />
					{#if !plain}
						<LazyPart part={parts.inCraft} given={{ craft, taken, light: light.now, mirrored: shown.mirrored }} />
					{/if}
				</div>
				<div class="mt-6">
					<LazyPart
						part={parts.sentence}
						when={long ? 'soon' : 'near'}
						given={{
							crossing: reading.crossing,
							name: text.trim(),
							light: light.now,
							style,
							take: (name) => {
								text = name;
								school = 'slash';
								restart();
							},
						}}
					/>
				</div>
			</Fold>
			<Fold id="cable-wrong" title="What went wrong?" class="mt-4" open={mistake !== undefined}>
				<div class="mt-4">
					<LazyPart
						part={parts.whatHappened}
						given={{
							craft,
							taken,
							asked: asked!,
							right: right.value.trace,
							show: (made, at) => {
								mistake = made;
								const sites = sitesOf(
									craft.mistakes.find((m) => m.id === made)!,
									right.value.trace,
								);
								site = Math.max(
									0,
									sites.findIndex((s) => s.at === at),
								);
								step = 0;
							},
						}}
					/>
				</div>
				<div class="mt-5">
					<LazyPart
						part={parts.whatIf}
						given={{
							craft,
							right: right.value.trace,
							mistake,
							choose: (made) => {
								mistake = made;
								site = 0;
							},
						}}
					/>
				</div>
			</Fold>
		</div>
		<div class="grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-1">
			<LazyPart
				part={parts.ways}
				given={{
					craft,
					crossing: shown.made,
					fabric: data.teacher && plain ? shown.fabric : undefined,
					way,
					beside,
					compare: (other) => void compare(other),
					style,
					choose: (picked) => void takeWay(picked),
				}}
			/>
			<section aria-labelledby="know">
				<h2 id="know" class="mb-2 text-[1.15rem]">Good to know</h2>
				{#if !meant}
					<LazyPart part={parts.facts} given={{ crossing: reading.crossing, light: light.now, style, craft, taken }} />
				{:else if came}
					{@const seen = craft.takes(came.made, way)}
					<LazyPart
						part={parts.facts}
						given={{
							crossing: askedFor(came, style.demonstrates === 'left-same' && came.mirrored),
							light: light.now,
							style,
							craft,
							...(seen.ok ? { taken: seen.value } : {}),
						}}
					/>
				{/if}
				{#if alsoWritten.length > 0}
					<p class="quiet mt-2 text-[0.94rem]">
						Also written {#each alsoWritten as { school: by, name }, i (by.id)}{i > 0 ? ', ' : ''}<span
								class="name text-base-content">{name}</span
							>{/each}.
					</p>
				{/if}
				<p class="mt-3 text-[0.94rem]">
					{words?.lean ? 'Leans the other way?' : 'Looks different?'}
					<a class="wordlink" href={wrongHref}>See why, and how to fix it</a>
				</p>
			</section>
		</div>
	</div>
{:else if reading.ok && right && !right.ok}
	<section class="border-base-300 mt-6 border-y py-6" role="alert" data-testid="refused">
		<h2 class="text-xl">{craft.title} can’t do this crossing</h2>
		{#each right.problems as problem, nth (nth)}<p class="mt-2">{problem.what} {problem.todo}</p>{/each}
		{#if nearest}
			<p class="mt-3">
				<button
					type="button"
					class="pill pill-soft"
					onclick={() => {
						restart();
						own = undefined;
						text = nearest;
						school = 'slash';
					}}>Show {nearest}</button
				>
			</p>
		{/if}
	</section>
{:else if !reading.ok}
	<div class="mt-8">
		<LazyPart
			part={parts.notRead}
			given={{
				reading,
				light: light.now,
				style,
				choose: (close) => {
					text = close.name;
					school = close.school;
					restart();
				},
				readIn,
			}}
		/>
	</div>
{:else if performance && !performance.ok}
	<div class="mt-8 max-w-3xl" role="status">
		{#if reading.ok}
			<LazyPart part={parts.facts} given={{ crossing: reading.crossing, light: light.now, style }} />
		{/if}
		{#each performance.problems as problem, nth (nth)}<p class="mt-4">{problem.what} {problem.todo}</p>{/each}
	</div>
{/if}
{#if !(reading.ok && shown && way && performance?.ok && right?.ok)}
	<div class="mt-8 max-w-3xl">
		<LazyPart
			part={parts.sentence}
			when={long ? 'soon' : 'near'}
			given={{
				crossing: reading.ok ? reading.crossing : undefined,
				name: text.trim(),
				light: light.now,
				style,
				take: (name) => {
					text = name;
					school = 'slash';
					restart();
				},
			}}
		/>
	</div>
{/if}
