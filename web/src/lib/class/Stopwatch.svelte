<script lang="ts">
	import type { Did, Person, Went } from '@pond-loop/core/class';
	import { onMount } from 'svelte';
	import { clock } from './person-words';

	interface Props {
		people: readonly Person[];
		laps: Went['laps'];
		press: (did: Did) => unknown;
	}
	const { people, laps, press }: Props = $props();
	const uid = $props.id();
	let who = $state('');
	let of = $state<'crossing' | 'stitches'>('crossing');
	let many = $state(1);
	let began = $state<number>();
	let now = $state(0);
	onMount(() => {
		const tick = setInterval(() => (now = performance.now()), 100);
		return () => clearInterval(tick);
	});
	const gone = $derived(began === undefined ? 0 : Math.max(0, (now - began) / 1000));
	function lap(): void {
		if (began === undefined) return;
		const seconds = (performance.now() - began) / 1000;
		if (seconds < 0.3) return;
		press({ kind: 'lap', of, many: Math.max(1, Math.round(many || 1)), seconds, ...(who ? { person: who } : {}) });
		began = performance.now();
	}
	const start = (): void => {
		began = performance.now();
		now = began;
	};
	const named = $derived(new Map(people.map((p) => [p.id, p.name])));
	const last = $derived(laps.filter((l) => (who ? l.person === who : true) && l.of === of).slice(-3));
</script>

<section aria-labelledby="{uid}-watch" class="bg-base-200 rounded-3xl px-5 py-4">
	<h2 id="{uid}-watch" class="lead font-sans">Stopwatch</h2>
	<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
		<span class="font-serif text-4xl font-semibold tabular-nums" role="timer"
			>{clock(gone)}<span class="text-xl">.{Math.floor((gone % 1) * 10)}</span></span
		>
		{#if began === undefined}
			<button type="button" class="pill pill-strong min-h-14 min-w-24 text-lg" onclick={start}>Start</button>
		{:else}
			<button type="button" class="pill pill-strong min-h-14 min-w-24 text-lg" onclick={lap}>Lap</button>
			<button type="button" class="pill pill-soft min-h-14 min-w-24 text-lg" onclick={() => (began = undefined)}
				>Stop</button
			>
		{/if}
	</div>
	<div class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[0.94rem]">
		<label class="max-w-full"
			><span class="sr-only">Whose</span><select class="field max-w-full py-0" bind:value={who}>
				<option value="">anybody</option>
				{#each people as { id, name } (id)}<option value={id}>{name}</option>{/each}
			</select></label
		>
		<label
			><input
				class="field w-16 py-0"
				type="number"
				min="1"
				max="10000"
				bind:value={many}
				aria-label="How many a lap"
			/></label
		>
		<label
			><span class="sr-only">Of what</span><select class="field py-0" bind:value={of}>
				<option value="crossing">{many === 1 ? 'crossing' : 'crossings'} a lap</option><option value="stitches"
					>stitches a lap</option
				>
			</select></label
		>
	</div>
	{#if last.length > 0}
		<p class="quiet mt-1 text-[0.94rem]">
			Last: {last
				.map(
					(l) =>
						`${l.of === 'crossing' ? `${Math.round(l.seconds / l.many)} s` : `${Math.round((60 * l.many) / l.seconds)} a minute`}${l.person && !who ? ` (${named.get(l.person) ?? 'somebody'})` : ''}`,
				)
				.join(', ')}
		</p>
	{/if}
</section>
