<script lang="ts">
	import type { Craft } from '@pond-loop/core/craft';
	import type { AnyTrace, MistakeId } from '@pond-loop/core/handling';
	import { mistakesIn } from '@pond-loop/core/made';

	interface Props {
		craft: Craft;
		/** As it should be done. */
		right: AnyTrace;
		mistake: MistakeId | undefined;
		choose: (mistake: MistakeId | undefined) => void;
	}
	const { craft, right, mistake, choose }: Props = $props();

	const possible = $derived(mistakesIn(craft, right));
</script>

<section aria-labelledby="what-if">
	<h2 id="what-if" class="lead font-sans">From what happened</h2>
	<ul class="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[0.94rem]">
		{#each possible as m (m.id)}
			<li>
				<button
					type="button"
					class={['wordlink', mistake === m.id && 'font-bold']}
					aria-pressed={mistake === m.id}
					onclick={() => choose(mistake === m.id ? undefined : m.id)}>{m.title}</button
				>
			</li>
		{/each}
	</ul>
</section>
