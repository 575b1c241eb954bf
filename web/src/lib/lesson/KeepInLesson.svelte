<script lang="ts">
	import type { Step } from '@pond-loop/core/step';
	import { invalidateAll } from '$app/navigation';
	import { troubleOf } from '$lib/save/send';
	import { addStep, createLesson } from './lesson-requests';

	interface Props {
		lessons: readonly { readonly id: string; readonly title: string }[];
		/** What is kept, in words. */
		what: string;
		/** The step that it becomes. */
		step: () => Step;
	}
	const { lessons, what, step }: Props = $props();
	const uid = $props.id();
	const NEW = 'new';

	// svelte-ignore state_referenced_locally
	let into = $state(lessons[0]?.id ?? NEW);
	let title = $state('');
	let busy = $state(false);
	let kept = $state<{ id: string; title: string; what: string }>();
	let trouble = $state<string>();

	async function keep(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		busy = true;
		trouble = undefined;
		const chosen = into;
		const answer = chosen === NEW ? await createLesson(title, [step()]) : await addStep(chosen, step());
		busy = false;
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		const { id } = answer.value;
		kept = { id, title: answer.value.title, what };
		title = '';
		await invalidateAll();
		into = id;
	}
</script>

<form onsubmit={keep} aria-label="Add to a lesson">
	<label class="lead block" for="{uid}-into">Lesson</label>
	<select id="{uid}-into" class="field w-full" bind:value={into}>
		{#each lessons as lesson (lesson.id)}<option value={lesson.id}>{lesson.title}</option>{/each}
		<option value={NEW}>A new lesson …</option>
	</select>
	{#if into === NEW}
		<label class="lead mt-2 block" for="{uid}-title">Title of the new lesson</label>
		<input id="{uid}-title" class="field w-full" bind:value={title} required placeholder="e.g. Cables 1" />
	{/if}
	<button class="pill pill-strong mt-3 w-full" disabled={busy}>{busy ? 'Adding …' : 'Add'}</button>
	<p class="mt-2 min-h-[1lh] text-[0.94rem]" role="status">
		{#if trouble}
			<span class="text-error font-semibold">{trouble}</span>
		{:else if kept}
			<span class="name">{kept.what}</span> is in <a class="wordlink" href="/lessons/{kept.id}">{kept.title}</a>
		{/if}
	</p>
</form>
