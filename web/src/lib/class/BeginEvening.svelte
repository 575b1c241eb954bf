<script lang="ts">
	import { today } from '$lib/ui/dates';
	import { goto } from '$app/navigation';
	import { troubleOf } from '$lib/save/send';
	import { beginEvening } from './doors';

	interface Props {
		classId: string;
		lessons: readonly { readonly id: string; readonly title: string }[];
		flush: () => Promise<unknown>;
	}
	const { classId, lessons, flush }: Props = $props();
	let lesson = $state('');
	let day = $state(today());
	let busy = $state(false);
	let trouble = $state<string>();

	async function begin(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		busy = true;
		await flush();
		const id = crypto.randomUUID();
		const answer = await beginEvening(classId, { id, day, ...(lesson === '' ? {} : { lesson }) });
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind === 'ok') await goto(`/evenings/${id}`);
	}
</script>

<form class="mt-2 grid gap-y-2" onsubmit={begin}>
	<select class="field w-full" bind:value={lesson} aria-label="The lesson of the evening">
		<option value="">Without a lesson</option>
		{#each lessons as one (one.id)}<option value={one.id}>{one.title}</option>{/each}
	</select>
	<div class="flex flex-wrap gap-x-4 gap-y-2">
		<input class="field" type="date" bind:value={day} required aria-label="Day" />
		<button class="pill pill-strong grow" disabled={busy}>{busy ? 'Beginning …' : 'Begin the evening'}</button>
	</div>
	{#if trouble}<p class="text-error font-semibold" role="alert">{trouble}</p>{/if}
</form>
