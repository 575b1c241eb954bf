<script lang="ts">
	import { type Craft, diagnoseIn, hand, signsIn, type Taken } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import { type AnyTrace, type Likely, type MistakeId, type SignId, simulate, sitesOf } from '@pond-loop/core/handling';

	interface Props {
		craft: Craft;
		taken: Taken;
		asked: Crossing;
		/** As it should be done. */
		right: AnyTrace;
		/** Shows a single mistake on the stage. */
		show: (mistake: MistakeId, at: number) => void;
	}
	const { craft, taken, asked, right, show }: Props = $props();
	const uid = $props.id();

	/** What a learner points at. */
	const LOOKS: readonly (readonly [SignId, string])[] = [
		['leans-wrong', 'leans the other way'],
		['one-too-many', 'a loop too many'],
		['one-too-few', 'a loop too few'],
		['twisted', 'a stitch twisted at its foot'],
		['bar', 'a strand across it'],
		['bump', 'a purl bump in the cord'],
		['smooth', 'a knit stitch in the purl'],
		['ladder', 'a ladder'],
		['kink', 'a kink inside a group'],
		['split', 'half a strand of yarn'],
		['hangs-up', 'a loop that hangs up'],
		['unfinished', 'loops that were not knitted'],
		['locked', 'layers locked together'],
		['large', 'a loop large, its neighbour tight'],
	];
	/** Places of one mistake that are tried; further ones only name other loops. */
	const MOST_SITES = 4;
	/** Signs that some mistake of this craft, made somewhere in these moves, gives. */
	const possible = $derived.by(() => {
		// In plain knitting every one of the first ten can happen somewhere.
		if (craft.id === hand.id) return LOOKS.slice(0, 10);
		const ids = craft.mistakes.flatMap((mistake) =>
			sitesOf(mistake, right)
				.slice(0, MOST_SITES)
				.flatMap(({ moves }) => signsIn(craft, taken, simulate(moves, right.start), asked).map((s) => s.id)),
		);
		return LOOKS.filter(([id]) => ids.includes(id));
	});
	let seen = $state<SignId[]>([]);
	const MOST = 4;
	const likely = $derived(diagnoseIn(craft, taken, right, seen, asked).slice(0, MOST));
	const title = (id: MistakeId): string => craft.mistakes.find((m) => m.id === id)!.title;
	const looks = (ids: readonly SignId[]): string =>
		ids.map((id) => LOOKS.find(([s]) => s === id)?.[1] ?? id).join(', ');
	const places = ({ exposure }: Likely): string => (exposure === 1 ? 'in one place' : `in ${exposure} places`);
</script>

<section aria-labelledby="{uid}-title" data-testid="what-happened">
	<h2 id="{uid}-title" class="lead font-sans">What happened here?</h2>
	<p class="quiet text-[0.94rem]">Choose what is seen in the learner’s work; each answer was run on the simulator.</p>
	<div class="mt-2 flex flex-wrap gap-2" role="group" aria-labelledby="{uid}-title">
		{#each possible as [id, says] (id)}
			<label
				class={[
					'cursor-pointer rounded-full px-3 py-1 text-[0.94rem] has-focus-visible:outline-2',
					seen.includes(id) ? 'bg-primary text-primary-content' : 'bg-base-200',
				]}
			>
				<input type="checkbox" class="sr-only" value={id} bind:group={seen} />{says}
			</label>
		{/each}
	</div>
	<div class="mt-3" aria-live="polite">
		{#if seen.length > 0 && likely.length === 0}
			<p>No mistake of the hands inside this crossing, made this way, gives that. Look at the rows around it.</p>
		{/if}
		<ol class="grid grid-cols-1 gap-x-10 gap-y-3 md:grid-cols-2">
			{#each likely as one, nth (nth)}
				<li class="border-base-300 border-t pt-2 text-[0.94rem]">
					<p class="font-semibold">{one.mistakes.map(title).join(', and ')}</p>
					<p class="quiet">
						{one.misses.length === 0 ? 'Explains all of it' : `Does not explain: ${looks(one.misses)}`}{one.shows
							.length > 0
							? `; would also show ${looks(one.shows)}`
							: ''}. This way it can happen {places(one)}.
					</p>
					{#if one.mistakes.length === 1}
						<button type="button" class="wordlink" onclick={() => show(one.mistakes[0]!, one.at)}
							>Show it on the stage</button
						>
					{/if}
				</li>
			{/each}
		</ol>
	</div>
</section>
