<script lang="ts">
	import { shownIn } from '@pond-loop/core/look';
	import { ribbonOf } from '@pond-loop/core/made';
	import {
		type CloseName,
		type NameNotRead,
		type Reading,
		readName,
		type SchoolId,
		SCHOOLS,
	} from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import Anatomy from './Anatomy.svelte';
	import Drawing from '$lib/picture/Drawing.svelte';
	import Meanings from './Meanings.svelte';
	import type { PageLight } from '$lib/ui/light';

	interface Props {
		reading: NameNotRead;
		light: PageLight;
		style: HouseStyle;
		/** Called with the name to read instead. */
		choose: (name: CloseName) => void;
		/** Called to read the same text in another school. */
		readIn: (school: SchoolId) => void;
	}
	const { reading, light, style, choose, readIn }: Props = $props();

	const close = $derived(
		reading.close.flatMap((name) => {
			const read = readName(name.name, name.school);
			if (!read.ok) return [];
			return [{ name, shown: shownIn(style, read.crossing) }];
		}),
	);
	/** A reading that no school settles by itself is taken by a name that does. */
	const settled = (r: Reading): boolean => r.differs !== '' && SCHOOLS.slash.write(r.crossing) !== undefined;
	const title = $derived.by(() => {
		if (empty) return 'What does the pattern say?';
		return reading.readings.length > 0 ? 'This can mean more than one thing' : 'This isn’t an abbreviation we know';
	});
	const empty = $derived(reading.problems.every((p) => p.code === 'empty'));
</script>

<section aria-labelledby="not-read" class="max-w-3xl">
	<div role="status">
		<h2 id="not-read" class="text-2xl">{title}</h2>
		{#each reading.problems as problem, nth (nth)}
			{#if !empty}<p class="mt-2">{problem.what}</p>{/if}
			<p>{problem.todo}</p>
		{/each}
	</div>
	{#if reading.readings.length > 0}
		<h3 class="lead mt-6 mb-3 font-sans">It may mean</h3>
		<Meanings
			meanings={reading.readings}
			{light}
			{style}
			says={(r) => r.differs || SCHOOLS[r.school].rule}
			action={(r) => (settled(r) ? SCHOOLS.slash.write(r.crossing)! : `Read as ${SCHOOLS[r.school].title}`)}
			choose={(r) => {
				const name = SCHOOLS.slash.write(r.crossing);
				if (settled(r) && name) choose({ name, school: 'slash' });
				else readIn(r.school);
			}}
		/>
	{/if}
	{#if reading.understood.length > 0 || reading.unknown.length > 0}
		<h3 class="lead mt-6 mb-2 font-sans">What we could read</h3>
		<Anatomy parts={reading.understood} unknown={reading.unknown} />
	{/if}
	{#if close.length > 0}
		<h3 class="lead mt-6 mb-2 font-sans">{empty ? 'For example' : 'Did you mean'}</h3>
		<ul class="flex flex-wrap gap-6">
			{#each close as { name, shown }, nth (nth)}
				{@const drawing = ribbonOf(shown.made, { light, mirrored: shown.mirrored })}
				<li>
					<button
						type="button"
						class="hover:bg-base-200 flex cursor-pointer flex-col items-center gap-2 rounded-xl p-3"
						aria-label={name.name}
						onclick={() => choose(name)}
					>
						<span class="block"><Drawing {drawing} width={Math.min(150, drawing.width)} /></span>
						<span class="name wordlink">{name.name}</span>
					</button>
				</li>
			{/each}
		</ul>
	{/if}
</section>
