<script lang="ts">
	import { type Craft, diagnoseIn, type Taken } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';
	import type { AnyTrace, Likely, MistakeId, SignId } from '@pond-loop/core/handling';
	import { isAround, looksIn, SEEN } from '@pond-loop/core/wrong';

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
	const LOOKS = SEEN.flatMap(([id, says]) => (isAround(id) ? [] : [[id, says] as const]));
	const ids = $derived(looksIn(craft, taken, right));
	const possible = $derived(LOOKS.filter(([id]) => ids.includes(id)));
	let seen = $state<SignId[]>([]);
	const MOST = 4;
	const likely = $derived(diagnoseIn(craft, taken, right, seen, asked).slice(0, MOST));
	const title = (id: MistakeId): string => craft.mistakes.find((m) => m.id === id)!.title;
	const looks = (ids: readonly SignId[]): string =>
		ids.map((id) => LOOKS.find(([s]) => s === id)?.[1] ?? id).join(', ');
	const places = ({ exposure }: Likely): string => (exposure === 1 ? 'in one place' : `in ${exposure} places`);
</script>

<section aria-labelledby="{uid}-title" data-testid="what-happened">
	<h2 id="{uid}-title" class="lead font-sans">From what you see</h2>
	<p class="quiet text-[0.94rem]">Choose what you see in the piece.</p>
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
			<p>Nothing in this cable causes that. Check the rows around it.</p>
		{/if}
		<ol class="grid grid-cols-1 gap-x-10 gap-y-3 md:grid-cols-2">
			{#each likely as one, nth (nth)}
				<li class="border-base-300 border-t pt-2 text-[0.94rem]">
					<p class="font-semibold">{one.mistakes.map(title).join(', and ')}</p>
					<p class="quiet">
						{one.misses.length === 0 ? 'Most likely' : `Does not give: ${looks(one.misses)}`}{one.shows.length > 0
							? `; you would also see ${looks(one.shows)}`
							: ''}. It can happen {places(one)}.
					</p>
					{#if one.mistakes.length === 1}
						<button type="button" class="wordlink" onclick={() => show(one.mistakes[0]!, one.at)}>Show it</button>
					{/if}
				</li>
			{/each}
		</ol>
	</div>
</section>
