<script lang="ts">
	import { type NameRead, readAll, type SchoolId, schoolChoice } from '@pond-loop/core/notation';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { page } from '$app/state';
	import { rememberSchool } from '$lib/style/remember-school';
	import type { PageLight } from '$lib/ui/light';
	import Meanings from './Meanings.svelte';

	interface Props {
		reading: NameRead;
		/** The name as it was typed. */
		text: string;
		light: PageLight;
		style: HouseStyle;
		readIn: (school: SchoolId) => void;
	}
	const { reading, text, light, style, readIn }: Props = $props();
	/** Each meaning once, the one that is shown first; schools that agree stand together. */
	const meanings = $derived(
		[reading, ...readAll(text).readings.filter((r) => r.school !== reading.school)].filter(
			(r, i, all) => all.findIndex((other) => other.crossing.n === r.crossing.n && other.school === r.school) === i,
		),
	);
	const isAmbiguous = $derived(meanings.length > 1);

	async function choose(school: SchoolId): Promise<void> {
		readIn(school);
		await rememberSchool(school, page.data as App.PageData);
	}
</script>

{#if isAmbiguous}
	<section class="border-base-300 mt-4 mb-6 border-y py-4" aria-labelledby="ask-school" data-testid="ask-school">
		<h2 id="ask-school" class="text-xl">What do your patterns mean by <span class="name">{text.trim()}</span>?</h2>
		<p class="quiet mt-1 mb-4 text-[0.94rem]">Asked once. You can change it in Settings.</p>
		<Meanings
			{meanings}
			{light}
			{style}
			says={(m) => `in patterns that write ${schoolChoice(m.school)}`}
			action={() => 'My patterns mean this'}
			choose={(m) => void choose(m.school)}
		/>
	</section>
{/if}
