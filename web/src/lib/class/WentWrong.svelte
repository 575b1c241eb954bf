<!-- @component What went wrong in a session, to whom, and how it was mended. -->
<script lang="ts">
	import { MISTAKE_TITLES, mistakesAt, type Person } from '@pond-loop/core/class';
	import type { MistakeId } from '@pond-loop/core/handling';
	import type { SessionModel } from './session-model.svelte';

	interface Props {
		model: SessionModel;
		/** Of the class: their tools say which mistakes there are. */
		people: readonly Person[];
	}
	const { model, people }: Props = $props();
	const uid = $props.id();
	const { here, wrongs } = $derived(model);
	const mistakes = $derived([...mistakesAt(people)]);
	let wrong = $state<MistakeId>('wrong-side');
	let whose = $state('');
	let mended = $state('');
	function addWrong(event: SubmitEvent): void {
		event.preventDefault();
		model.addWrong({ mistake: wrong, person: whose, mended });
		mended = '';
	}
</script>

<section aria-labelledby="{uid}-wrong">
	<h2 id="{uid}-wrong" class="text-xl">What went wrong</h2>
	{#if wrongs.length > 0}
		<ul class="mt-1">
			{#each wrongs as { mistake, times, names, mended: how }, nth (nth)}
				<li>
					{MISTAKE_TITLES.get(mistake)} <strong>{times}</strong>
					<span class="quiet text-[0.94rem]">{names.join(', ')} {how.join('; ')}</span>
				</li>
			{/each}
		</ul>
	{/if}
	<form class="mt-2 flex flex-wrap gap-2" onsubmit={addWrong}>
		<select class="field min-w-0 grow basis-52" bind:value={wrong} aria-label="What happened">
			{#each mistakes as [id, title] (id)}<option value={id}>{title}</option>{/each}
		</select>
		<select class="field basis-32" bind:value={whose} aria-label="To whom">
			<option value="">somebody</option>
			{#each here as { id, name } (id)}<option value={id}>{name}</option>{/each}
		</select>
		<input
			class="field min-w-0 grow basis-40"
			bind:value={mended}
			maxlength="600"
			placeholder="How you fixed it"
			aria-label="How you fixed it"
		/>
		<button class="pill pill-soft">Add what happened</button>
	</form>
</section>
