<script lang="ts">
	import type { Did, Person, Went } from '@pond-loop/core/class';
	import { FABRIC_STATES, STATE_WORDS } from '@pond-loop/core/fabric';
	import { fromCm, reckonedLength, toCm, type LengthUnit } from '@pond-loop/core/measure';

	interface Props {
		people: readonly Person[];
		measures: Went['measures'];
		unit: LengthUnit;
		press: (did: Did) => unknown;
	}
	const { people, measures, unit, press }: Props = $props();
	const uid = $props.id();
	let who = $state('');
	let look = $state<(typeof FABRIC_STATES)[number]>('off');
	let wide = $state<number>();
	let long = $state<number>();
	const named = $derived(new Map(people.map((p) => [p.id, p.name])));
	const most = $derived(Math.floor(fromCm(200, unit)));
	function add(event: SubmitEvent): void {
		event.preventDefault();
		if (!wide || !long) return;
		press({
			kind: 'measure',
			what: STATE_WORDS[look],
			widthCm: toCm(wide, unit),
			lengthCm: toCm(long, unit),
			...(who ? { person: who } : {}),
		});
		wide = long = undefined;
	}
</script>

<section aria-labelledby="{uid}-measures">
	<h2 id="{uid}-measures" class="text-xl">Squares measured</h2>
	<ul class="mt-1">
		{#each measures as m, i (i)}
			<li class="border-base-300 border-t py-1">
				{m.person ? (named.get(m.person) ?? 'somebody') : 'somebody'}:
				<strong>{reckonedLength(m.widthCm, unit)} × {reckonedLength(m.lengthCm, unit)}</strong>
				<span class="quiet">{m.what}</span>
			</li>
		{/each}
	</ul>
	<form class="mt-2 flex flex-wrap items-baseline gap-2" onsubmit={add}>
		<select class="field basis-28" bind:value={who} aria-label="A square of">
			<option value="">somebody</option>
			{#each people as { id, name } (id)}<option value={id}>{name}</option>{/each}
		</select>
		<input
			class="field w-20"
			type="number"
			min="1"
			max={most}
			step="0.1"
			required
			bind:value={wide}
			aria-label="Wide, in {unit}"
		/>
		×
		<input
			class="field w-20"
			type="number"
			min="1"
			max={most}
			step="0.1"
			required
			bind:value={long}
			aria-label="Long, in {unit}"
		/>
		{unit}
		<select class="field" bind:value={look} aria-label="In which state">
			{#each FABRIC_STATES as one, nth (nth)}<option value={one}>{STATE_WORDS[one]}</option>{/each}
		</select>
		<button class="pill pill-soft">Add</button>
	</form>
</section>
