<script lang="ts">
	import type { SchoolId } from '@pond-loop/core/notation';
	import { DRILLS, SUMMARY_DAYS, type PracticeSummary } from '@pond-loop/core/practice';
	import { crossingSaid } from './crossing-said';
	import { useEnglish } from '$lib/words/english';
	const say = useEnglish();

	interface Props {
		summary: PracticeSummary;
		/** By whose names crossings are told. */
		school: SchoolId;
	}
	/** What a summary says, the same for who sends it and who gets it. */
	const { summary, school }: Props = $props();
	const TITLES = new Map(DRILLS.map((d) => [d.id, d.title]));
</script>

<p>
	{say('Practised')} on {summary.days === 1 ? 'one day' : `${summary.days} days`} of the last {SUMMARY_DAYS}.
</p>
{#if summary.kinds.length > 0}
	<table class="mt-1 w-full text-[0.94rem]">
		<thead
			><tr class="quiet"
				><th class="text-left font-normal" scope="col">question</th><th class="text-right font-normal" scope="col"
					>right</th
				></tr
			></thead
		>
		<tbody>
			{#each summary.kinds as { kind, asked, right }, nth (nth)}
				<tr class="border-base-300 border-t">
					<th class="py-0.5 text-left font-normal" scope="row">{TITLES.get(kind) ?? kind}</th>
					<td class="pl-3 text-right whitespace-nowrap">{right} of {asked}</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
{#if summary.crossings.length > 0}
	<p class="mt-2 text-[0.94rem]">
		Most often missed: {#each summary.crossings as { name, asked, right }, i (i)}{i > 0 ? ', ' : ''}<span
				class="font-mono text-[0.94em]">{crossingSaid(name, school)}</span
			>
			({asked - right} of {asked}){/each}.
	</p>
{/if}
