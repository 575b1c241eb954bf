<script lang="ts">
	import type { Crossing } from '@pond-loop/core/crossing';
	import { differencesOf, MAX_SENTENCE_LENGTH, readSentence, SCHOOLS } from '@pond-loop/core/notation';
	import { shownIn } from '@pond-loop/core/look';
	import { isLong, sentenceFor } from '@pond-loop/core/made';
	import Later from '$lib/ui/Later.svelte';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import type { PageLight } from '$lib/ui/light';
	import Meanings from '$lib/name/Meanings.svelte';

	interface Props {
		/** What the name means, when it could be read. */
		crossing: Crossing | undefined;
		name: string;
		light: PageLight;
		style: HouseStyle;
		/** Called with the slash name of what the sentence makes. */
		take: (name: string) => void;
	}
	const { crossing, name, light, style, take }: Props = $props();
	const uid = $props.id();

	let text = $state('');
	const read = $derived(text.trim() ? readSentence(text) : undefined);
	/** As the hands of the style do it, in their words. */
	const shown = $derived(crossing && shownIn(style, crossing));
	const written = $derived(shown && sentenceFor(shown.made, shown.mirrored));
	const problem = $derived(read && !read.ok ? read.problems[0] : undefined);
	/** The sentence around the place of the problem, so that it can be marked. */
	const around = $derived(
		problem?.at && problem.at.to > problem.at.from
			? [text.slice(0, problem.at.from), text.slice(problem.at.from, problem.at.to), text.slice(problem.at.to)]
			: undefined,
	);
	const past = $derived(read?.ok ? (read.value[0]?.past ?? []).map(({ from, to }) => text.slice(from, to).trim()) : []);
	/** Readings that are what the name means, and what sets the first of the others apart. */
	const same = $derived(
		read?.ok && crossing ? read.value.some((r) => differencesOf(crossing, r.crossing).length === 0) : false,
	);
	const apart = $derived(read?.ok && crossing ? differencesOf(crossing, read.value[0]!.crossing) : []);
</script>

<section aria-labelledby="{uid}-title" data-testid="sentence">
	<h2 id="{uid}-title" class="lead font-sans">As a glossary sentence</h2>
	{#if crossing}<Later wait={isLong(crossing)} quiet>
			<p class="mt-1 text-[0.94rem]" data-testid="written">
				{#if written}<span class="font-mono text-[0.92em]">{written}</span>{:else}One or two cable needles can’t make
					this crossing in a sentence.{/if}
			</p></Later
		>
	{/if}
	<label class="lead mt-3 block" for="{uid}-text">What the pattern says</label>
	<textarea
		id="{uid}-text"
		class="field grown w-full font-mono text-[0.94rem]"
		rows="1"
		maxlength={MAX_SENTENCE_LENGTH * 2}
		placeholder="e.g. sl 2 sts to cn and hold in front, p1, k2 from cn"
		bind:value={text}></textarea>
	<div class="mt-2" aria-live="polite">
		{#if problem}
			{#if around}
				<p class="font-mono text-[0.94rem] wrap-anywhere">
					{around[0]}<mark class="bg-base-300 text-error font-bold">{around[1]}</mark>{around[2]}
				</p>
			{/if}
			<p class="text-error font-semibold">{problem.what}</p>
			<p>{problem.todo}</p>
		{:else if read?.ok}
			{#if past.length > 0}<p class="quiet mb-2 text-[0.94rem]" data-testid="past">
					Left out, as it isn’t an instruction: {past.map((p) => `“${p}”`).join(', ')}.
				</p>{/if}
			{#if read.value.length > 1}<p class="mb-3">The sentence can mean:</p>{/if}
			<Meanings
				meanings={read.value}
				{light}
				{style}
				says={(r) => r.differs || 'what your hands make'}
				action={(r) => SCHOOLS.slash.write(r.crossing)}
				choose={(r) => {
					const slash = SCHOOLS.slash.write(r.crossing);
					if (slash) take(slash);
				}}
			/>
			{#if crossing && same}
				<p class="text-success mt-3 font-semibold" data-testid="agrees">The name {name} and the sentence agree.</p>
			{:else if crossing}
				<p class="text-error mt-3 font-semibold" data-testid="agrees">
					The name {name} and the sentence disagree: {apart.join('; ')}. The sentence settles it.
				</p>
			{/if}
		{/if}
	</div>
</section>
