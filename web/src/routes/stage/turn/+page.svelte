<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import arrowLeftIcon from 'lucide-static/icons/arrow-left.svg?raw';
	import { ASSUMED_GAUGE } from '@pond-loop/core/fabric';
	import { shownIn } from '@pond-loop/core/look';
	import { wordsFor } from '@pond-loop/core/made';
	import { nameIn, readGlossary, readTextWith } from '@pond-loop/core/notation';
	import { newSwatch } from '@pond-loop/core/schema';
	import { aroundCrossing, check } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import { addressOf } from '$lib/choices/address';
	import { choicesFrom } from '$lib/choices/choices';
	import NameField from '$lib/name/NameField.svelte';
	import NotRead from '$lib/name/NotRead.svelte';
	import { isTurned, MOST_TURNED_CROSSING } from '$lib/space/address';
	import Turn from '$lib/space/Turn.svelte';
	import { PLAIN_CRAFT } from '@pond-loop/core/craft';
	import { runSoon } from '$lib/ui/hydration';
	import { useLight } from '$lib/ui/light-state.svelte';

	const { data } = $props();
	const light = useLight();
	// svelte-ignore state_referenced_locally
	const first = choicesFrom(page.url.searchParams, data.style.school);
	let text = $state(first.text);
	let school = $state(first.school);
	let mounted = $state(false);
	onMount(() => runSoon(() => (mounted = true)));
	const style = $derived({ ...data.style, demonstrates: first.hands ?? data.style.demonstrates });
	const reading = $derived(readTextWith(readGlossary(style.glossary), text, school, first.meaning));
	const shown = $derived(reading.ok ? shownIn(style, reading.crossing) : undefined);
	/** Its name in the one school that has a name for nearly all. */
	const name = $derived(shown && nameIn('slash', shown.fabric, false));
	const checked = $derived.by(() => {
		if (!mounted || !shown || name === undefined || !isTurned(PLAIN_CRAFT, shown.fabric)) return undefined;
		const about = aroundCrossing(name, shown.fabric);
		const made = check(newSwatch({ title: name, shape: 'flat', school: 'slash', ...about }), '');
		return made.problems.some((p) => p.weight === 'error') ? undefined : made;
	});
	const title = $derived(shown ? wordsFor(shown.fabric).title : '3D');
	const stage = $derived(addressOf({ text, school, hands: first.hands, meaning: first.meaning }));
</script>

<svelte:head><title>{title}, 3D · Pond Loop</title></svelte:head>

<div class="mb-4 grid items-end gap-x-10 gap-y-3 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_26.5rem]">
	<div class="min-w-0">
		<h1 class="text-[1.8rem] leading-tight">{title}</h1>
		<p class="quiet">
			Its yarn in a small swatch, to be turned. <a class="wordlink" href={stage}
				><Icon svg={arrowLeftIcon} class="inline size-4" /> How to work it</a
			>
		</p>
	</div>
	<div><NameField bind:text bind:school label="What to turn" onchange={() => undefined} /></div>
</div>
{#if checked}
	<Turn {checked} gauge={ASSUMED_GAUGE} light={light.now} label="{title}, knitted in yarn." file={text} />
{:else if !reading.ok}
	<NotRead
		{reading}
		light={light.now}
		{style}
		choose={(close) => {
			text = close.name;
			school = close.school;
		}}
		readIn={(other) => (school = other)}
	/>
{:else if mounted}
	<p class="border-base-300 border-y py-8">
		{#if shown && shown.fabric.n > MOST_TURNED_CROSSING}This has {shown.fabric.n} stitches; up to {MOST_TURNED_CROSSING}
			are turned here. In a swatch wider ones are.
		{:else}This crossing has no abbreviation, so we can’t make a swatch of it. See how to work it instead.{/if}
	</p>
{:else}<p class="quiet">Drawing the yarn …</p>{/if}
