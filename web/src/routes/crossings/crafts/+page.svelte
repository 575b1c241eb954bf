<script lang="ts">
	import { type Craft, CRAFT_IDS, craftId, perform } from '@pond-loop/core/craft';
	import { fromCanonical } from '@pond-loop/core/crossing';
	import { drawStage } from '@pond-loop/core/drawing';
	import { readGlossary, readTextWith, SCHOOLS, wordsFor } from '@pond-loop/core/notation';
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import { craftIn, lookOf, loopsIn, shownIn, toolsSaid, wayIn, wayOf } from '@pond-loop/core/look';
	import Faces from '$lib/stage/Faces.svelte';
	import { addressOf } from '$lib/choices/address';
	import { choicesFrom } from '$lib/choices/choices';
	import Drawing from '$lib/picture/Drawing.svelte';
	import { useLight } from '$lib/ui/light-state.svelte';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const first = choicesFrom(page.url.searchParams, data.style.school);
	let text = $state(first.text);
	let school = $state(first.school);
	let own = $state(first.own);
	let meaning = $state(first.meaning);

	const glossary = $derived(readGlossary(data.style.glossary));
	const line = $derived(own === undefined ? undefined : fromCanonical(own));
	const textRead = $derived(readTextWith(glossary, text, school, meaning));
	const crossing = $derived(line?.ok ? line.value : textRead.ok ? textRead.crossing : undefined);
	const shown = $derived(crossing && shownIn(data.style, crossing));

	/** One craft's account of the crossing: made, or refused with what fits instead. */
	function accountOf(craft: Craft): ReturnType<typeof tell> {
		const { made } = shownIn(data.style, crossing!, craft);
		return tell(craft, made, wayIn(data.style, made, undefined, craft));
	}
	function tell(craft: Craft, made: NonNullable<typeof shown>['made'], way: string) {
		const stage = (to: { text?: string; school?: 'slash' } = {}): string =>
			addressOf({ text, own: to.text ? undefined : own, school, meaning, craft: craftId(craft), ...to });
		const done = perform(craft, made, way);
		if (!done.ok) {
			const fits = craft.nearest(crossing!);
			const name = fits && SCHOOLS.slash.write(fits);
			return {
				craft,
				refused: done.problems[0]!,
				nearest: name ? { name, href: stage({ text: name, school: 'slash' }) } : undefined,
			};
		}
		const { taken, trace, tally } = done.value;
		// The moment when the last strands have passed each other.
		const moment = trace.steps.findLastIndex((s) => s.passings.length > 0) + 1;
		return {
			craft,
			way: wayOf(way, craft).title,
			tally,
			taken,
			href: stage(),
			picture: drawStage(taken.loops, trace, moment, {
				...lookOf(data.style),
				...loopsIn(taken),
				light: light.now,
				textScale: 1.9,
			}),
		};
	}
	const accounts = $derived(shown ? CRAFT_IDS.map((id) => accountOf(craftIn(data.style, id))) : []);
	const title = $derived(shown ? wordsFor(shown.fabric).title : 'A crossing');

	$effect(() => {
		const now = `${page.url.pathname}${addressOf({ text, own, school, meaning }).replace(/^[^?]*/, '')}`;
		const timer = setTimeout(() => {
			if (now !== page.url.pathname + page.url.search) replaceState(now, {});
		}, 150);
		return () => clearTimeout(timer);
	});
</script>

<svelte:head><title>{title} in every craft · Pond Loop</title></svelte:head>

<div class="grid items-end gap-x-10 gap-y-3 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_26.5rem]">
	<div class="min-w-0">
		<h1 class="text-[1.8rem] leading-tight">{title}</h1>
		<p class="quiet">in every craft: what stays, what changes, what is lost</p>
	</div>
	<div>
		<NameField
			bind:text
			bind:school
			label="A crossing, by any name"
			onchange={() => {
				own = undefined;
				meaning = 0;
			}}
		/>
	</div>
</div>

{#if crossing}
	<ol class="mt-5" data-testid="crafts">
		{#each accounts as account (account.craft.id)}
			<li
				class="border-base-300 grid gap-x-7 gap-y-3 border-t py-5 lg:grid-cols-[15rem_minmax(0,1fr)]"
				data-craft={account.craft.id}
			>
				<div class="min-w-0">
					<h2 class="text-xl">{account.craft.title}</h2>
					<p class="quiet text-[0.94rem]">{account.craft.says}</p>
					{#if account.refused === undefined}
						<p class="mt-2 text-[0.94rem]">
							{account.way}: {account.tally.moves} moves, {toolsSaid(account.tally.tools, account.craft)}
						</p>
						<p class="mt-1"><a class="wordlink" href={account.href}>On the stage</a></p>
					{/if}
				</div>
				{#if account.refused !== undefined}
					<div data-testid="refused">
						<p class="font-semibold">Not this one.</p>
						<p class="mt-1">{account.refused.what} {account.refused.todo}</p>
						{#if account.nearest}<p class="mt-2">
								<a class="wordlink" href={account.nearest.href}>{account.nearest.name} on the stage</a>
							</p>{/if}
					</div>
				{:else}
					<div class="grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(0,17rem)_minmax(0,1fr)]">
						<div class="self-start overflow-hidden rounded-2xl"><Drawing drawing={account.picture} /></div>
						<div class="min-w-0">
							<Faces
								taken={account.taken}
								light={light.now}
								mirrored={account.craft.isHanded && (shown?.mirrored ?? false)}
								width={120}
							/>
						</div>
					</div>
				{/if}
			</li>
		{/each}
	</ol>
{:else if !textRead.ok}
	<div class="mt-8">
		<NotRead
			reading={textRead}
			light={light.now}
			style={data.style}
			choose={(close) => {
				text = close.name;
				school = close.school;
			}}
			readIn={(other) => (school = other)}
		/>
	</div>
{/if}
