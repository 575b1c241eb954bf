<script lang="ts">
	import { exampleOf, type Person } from '@pond-loop/core/class';
	import { type Demonstrated, demonstrate, PLAIN_CRAFT } from '@pond-loop/core/craft';
	import { equal, type Crossing } from '@pond-loop/core/crossing';
	import { ribbonOf } from '@pond-loop/core/made';
	import { nameIn, wordsMade } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Drawing from '$lib/picture/Drawing.svelte';

	/** Something that somebody can, or is about to: in words, and the skill that it is where it is one. */
	interface SkillTitle {
		readonly id: string;
		readonly title: string;
	}
	interface Props {
		person: Person;
		style: HouseStyle;
		can: readonly SkillTitle[];
		next: readonly SkillTitle[];
	}
	/** What one learner can, and what comes next: drawn where it is seen on a crossing, said for their own hands. */
	const { person, style, can, next }: Props = $props();

	/** Pictures of a part; more would be no card. */
	const MOST_DRAWN = 3;
	/** Crossings that these are seen on, each once. */
	function seenOn(told: readonly SkillTitle[]): readonly Crossing[] {
		const all = told.flatMap(({ id }) => exampleOf(id) ?? []);
		return all.filter((c, i) => all.findIndex((other) => equal(other, c)) === i).slice(0, MOST_DRAWN);
	}
	/** A crossing in this person's hands; a tool has none. */
	const inHands = (c: Crossing): Demonstrated =>
		demonstrate(c, person.at === PLAIN_CRAFT && person.hands === 'left' ? 'left-same' : 'right');
</script>

{#snippet drawn(told: readonly SkillTitle[])}
	{@const all = seenOn(told)}
	{#if all.length > 0}
		<ul class="mt-1 flex flex-wrap gap-4">
			{#each all as crossing, nth (nth)}
				{@const { made, mirrored } = inHands(crossing)}
				{@const words = wordsMade({ made, mirrored })}
				<li class="w-28 text-[0.88rem] leading-tight">
					<Drawing drawing={ribbonOf(crossing, { light: 'day' })} width={Math.min(110, 18 * crossing.n)} />
					<strong>{nameIn(style.school, made, mirrored) ?? nameIn('slash', made, mirrored)}</strong>
					<span class="block">{person.at === PLAIN_CRAFT ? words.hands : words.title}</span>
				</li>
			{/each}
		</ul>
	{/if}
{/snippet}

<!-- Paper is light, whatever the room is. -->
<section
	data-theme="day"
	class="border-base-300 bg-base-100 text-base-content break-inside-avoid rounded-3xl border-2 p-5"
	aria-label={person.name}
>
	<h2 class="text-2xl wrap-anywhere" dir="auto">{person.name}</h2>
	<p class="lead mt-2">What I can do</p>
	<ul class="ml-5 list-disc">
		{#each can as { id, title } (id)}<li>{title}</li>{:else}<li class="quiet">Just started.</li>{/each}
	</ul>
	{@render drawn(can)}
	<p class="lead mt-3">What’s next</p>
	<ul class="ml-5 list-disc">
		{#each next as { id, title } (id)}<li>{title}</li>{:else}<li class="quiet">Anything I’d like to try.</li>{/each}
	</ul>
	{@render drawn(next)}
</section>
