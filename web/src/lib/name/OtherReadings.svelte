<script lang="ts">
	import { equal } from '@pond-loop/core/crossing';
	import { type NameRead, readAll, type SchoolId, SCHOOLS, wordsFor } from '@pond-loop/core/notation';

	interface Props {
		reading: NameRead;
		/** The name as it was typed. */
		text: string;
		/** Called to read the same text in another school. */
		readIn: (school: SchoolId) => void;
	}
	const { reading, text, readIn }: Props = $props();

	/** What other schools mean by the same name; a school that agrees has nothing to add. */
	const others = $derived(
		readAll(text).readings.filter(
			(r) => r.school !== reading.school && !reading.meanings.some((m) => equal(m.crossing, r.crossing)),
		),
	);
</script>

{#each others as other, nth (nth)}
	<p class="mt-2 text-[0.94rem]" data-testid="other-school">
		<strong>The same name is also read as {wordsFor(other.crossing).title}.</strong>
		<span class="quiet">{SCHOOLS[other.school].rule}</span>
		<button type="button" class="wordlink" onclick={() => readIn(other.school)}
			>Read as {SCHOOLS[other.school].title}</button
		>
	</p>
{/each}
{#if reading.elsewhere.length > 0}
	<p class="quiet mt-2 text-[0.94rem]">In some houses: {reading.elsewhere.map((m) => m.differs).join('; ')}.</p>
{/if}
