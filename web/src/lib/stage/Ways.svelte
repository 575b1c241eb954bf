<script lang="ts">
	import { hand, perform } from '@pond-loop/core/craft';
	import type { Crossing } from '@pond-loop/core/crossing';

	interface Props {
		crossing: Crossing;
		way: string;
		choose: (way: string) => void;
	}
	const { crossing, way, choose }: Props = $props();
	const uid = $props.id();

	const compared = $derived(
		hand.ways.flatMap((w) => {
			const done = perform(hand, crossing, w.id);
			return done.ok ? [{ way: w, tally: done.value.tally }] : [];
		}),
	);
</script>

<fieldset>
	<legend class="lead">Ways to do it</legend>
	<table class="mt-1 w-full text-[0.92rem]">
		<thead>
			<tr class="text-neutral text-sm">
				<th class="sr-only" scope="col">Way</th>
				<th class="px-1 text-right font-normal" scope="col">moves</th>
				<th class="px-1 text-right font-normal" scope="col" title="The most loops on no tool at once">loose</th>
				<th class="pl-1 text-right font-normal" scope="col" title="Holders needed">tools</th>
			</tr>
		</thead>
		<tbody>
			{#each compared as { way: w, tally } (w.id)}
				<tr class={['border-base-300 border-t', w.id === way && 'font-bold']}>
					<th scope="row" class={['text-left', w.id === way ? 'font-bold' : 'font-normal']}>
						<label class="flex cursor-pointer items-center gap-2 py-1">
							<input
								type="radio"
								class="accent-secondary size-4 shrink-0"
								name="{uid}-way"
								value={w.id}
								checked={w.id === way}
								onchange={() => choose(w.id)}
							/>
							{w.title}
						</label>
					</th>
					<td class="px-1 text-right">{tally.moves}</td>
					<td class="px-1 text-right">{tally.mostLoose}</td>
					<td class="pl-1 text-right">{tally.tools}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</fieldset>
